<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** Another version of a stylebook is the newest now, for all that follow it. */
final readonly class StylebookPatch implements Patch
{
    public function __construct(public int $stylebook, public int $before, public int $after)
    {
    }

    public function inverse(): self
    {
        return new self($this->stylebook, $this->after, $this->before);
    }

    public function applyTo(Applies $place): void
    {
        $place->stylebook($this);
    }

    public function toArray(): array
    {
        return [0, "version:$this->stylebook", (string) $this->before, (string) $this->after];
    }
}
