<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** The shelf's own copy of a stylebook, so that what is dressed from now on looks the same. */
final readonly class StylebookPatch implements Patch
{
    /** @param  string|null  $before  the stylebook as its file says it; null where the shelf has none of its own */
    public function __construct(public string $name, public ?string $before, public ?string $after)
    {
    }

    public function inverse(): self
    {
        return new self($this->name, $this->after, $this->before);
    }

    public function applyTo(Applies $place): void
    {
        $place->stylebook($this);
    }

    public function toArray(): array
    {
        return [0, "stylebook:$this->name", Json::of($this->before), Json::of($this->after)];
    }
}
