<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * Something that a sheet knows beside its cells: a small value that is stored under its name, and that goes along when rows
 * or columns come, go or change places. A capability that brings one along names it in {@see \Rilvet\Feature\Features}.
 */
interface Aspect
{
    public static function name(): string;

    /** @param  mixed  $data  what {@see toJson()} gave once; null for the default */
    public static function fromJson(mixed $data): static;

    /** @return mixed what can be said as JSON; null for the default, for which nothing is stored */
    public function toJson(): mixed;

    public function moved(Shift|RowOrder $move): static;
}
