<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookMap;

/**
 * Looks of a layer, by cells.
 *
 * @phpstan-import-type Runs from LookMap
 *
 * @phpstan-consistent-constructor
 */
abstract readonly class LookLayer implements Aspect
{
    public function __construct(public LookMap $looks = new LookMap)
    {
    }

    public static function fromJson(mixed $data): static
    {
        /** @var Runs|null $data */
        return new static(new LookMap($data ?? []));
    }

    /** @return Runs|null */
    public function toJson(): ?array
    {
        return $this->looks->isEmpty() ? null : $this->looks->runs();
    }

    public function moved(Shift|RowOrder $move): static
    {
        return new static($move instanceof Shift ? $this->looks->moved($move) : $this->looks->ordered($move->range(), $move->from));
    }
}
