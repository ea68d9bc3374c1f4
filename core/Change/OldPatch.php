<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** Something that an earlier version did in its own way: it can be kept, and no longer be gone back over. */
final readonly class OldPatch implements Patch
{
    /** @param  array{int, string, string, string}  $stored */
    public function __construct(private array $stored)
    {
    }

    public function inverse(): self
    {
        return $this;
    }

    /** @throws HistoryIsOld */
    public function applyTo(Applies $place): never
    {
        throw HistoryIsOld::patch($this->stored[1]);
    }

    public function toArray(): array
    {
        return $this->stored;
    }
}
