<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** Where a sheet came with a package: the fingerprint of the looks and sizes that it came with. */
final readonly class Origin implements Aspect
{
    public function __construct(public ?string $fingerprint = null)
    {
    }

    public static function name(): string
    {
        return 'origin';
    }

    public static function fromJson(mixed $data): static
    {
        return new self(is_string($data) ? $data : null);
    }

    public function toJson(): ?string
    {
        return $this->fingerprint;
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }
}
