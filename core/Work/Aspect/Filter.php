<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** The cells that the file filters (ISO/IEC 29500-1 18.3.1.2): their first row is one of headings. */
final readonly class Filter implements Aspect
{
    public function __construct(public ?Range $range = null)
    {
    }

    public static function name(): string
    {
        return 'filter';
    }

    public static function fromJson(mixed $data): static
    {
        return new self(is_string($data) ? Range::parse($data) : null);
    }

    public function toJson(): ?string
    {
        return $this->range === null ? null : (string) $this->range;
    }

    /** A sort leaves the headings where they are. */
    public function moved(Shift|RowOrder $move): static
    {
        return $move instanceof Shift && $this->range !== null ? new self($move->range($this->range)) : $this;
    }
}
