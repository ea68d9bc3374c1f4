<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** The sheets of a workbook in their order, by their numbers: one that is new or gone is only in one of the two lists. */
final readonly class SheetsPatch implements Patch
{
    /**
     * @param  list<int>  $before
     * @param  list<int>  $after
     */
    public function __construct(public array $before, public array $after)
    {
    }

    public function inverse(): self
    {
        return new self($this->after, $this->before);
    }

    public function applyTo(Applies $place): void
    {
        $place->sheets($this);
    }

    public function toArray(): array
    {
        return [0, 'order', Json::of($this->before), Json::of($this->after)];
    }
}
