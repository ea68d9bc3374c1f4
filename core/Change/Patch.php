<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** One thing that a change did, with what was there before and what is there after. */
interface Patch
{
    public function inverse(): self;

    public function applyTo(Applies $place): void;

    /** @return array{int, string, string, string} number of the sheet (0 for the workbook), what was changed, before and after as JSON */
    public function toArray(): array;
}
