<?php

declare(strict_types=1);

namespace Rilvet\Compare;

/** What differs between two sheets in one way, in one part of their tables. */
final readonly class Difference
{
    /**
     * @param  string  $facet  type, number, place, fill, borders, guard, values, sizes or opening
     * @param  string  $part  "Column headings"; blank outside of tables
     * @param  int  $count  of cells, columns or rows
     * @param  string  $words  what is counted: "48 cells"
     * @param  list<string>  $left  places at the left, the first of them
     * @param  list<string>  $right  the same at the right
     */
    public function __construct(
        public string $facet,
        public string $part,
        public int $count,
        public string $words,
        public array $left,
        public array $right,
    ) {
    }
}
