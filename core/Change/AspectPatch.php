<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** One of the values that a sheet knows beside its cells, as JSON. */
final readonly class AspectPatch implements Patch
{
    public function __construct(public int $sheet, public string $aspect, public string $before, public string $after)
    {
    }

    public function inverse(): self
    {
        return new self($this->sheet, $this->aspect, $this->after, $this->before);
    }

    public function applyTo(Applies $place): void
    {
        $place->aspect($this);
    }

    public function toArray(): array
    {
        return [$this->sheet, $this->aspect, $this->before, $this->after];
    }
}
