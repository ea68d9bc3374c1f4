<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

use Rilvet\Grid\Range;

/** What was worked out of whole ranges of a sheet, kept for as long as its cells are the same. */
interface Memory
{
    /**
     * A number that is the same from every cell.
     *
     * @param  string  $what  the formula that gives it
     * @param  callable(): (null|bool|int|float|string|Fault)  $make
     */
    public function value(string $what, callable $make): null|bool|int|float|string|Fault;

    /** How often a value stands in a range, as functions that count see it. */
    public function count(Range $range, bool|int|float|string $value): int;
}
