<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * The cells of one worksheet: a name, a size and a way to read rows. Where they are kept (memory, a file, a database)
 * is the implementation's business.
 */
interface Sheet
{
    public function name(): string;

    /** The last row that holds anything; 0 for an empty sheet. */
    public function rows(): int;

    /** The last column that holds anything; 0 for an empty sheet. */
    public function columns(): int;

    /**
     * Rows first..last in order, clipped to the sheet. Each row is a list of exactly columns() cells, index 0 is column A.
     *
     * @param  int  $left  columns outside left..right may be given as blank, which is quicker
     * @return iterable<int, list<Cell>> keyed by row number
     */
    public function read(int $first, int $last, int $left = 1, int $right = Address::COLUMNS): iterable;

    /**
     * The cells with a formula, found without reading the others where the sheet is kept so that this can be told.
     *
     * @return iterable<int, array<int, Cell>> by row, then by column number; rows without any may be missing
     */
    public function formulas(): iterable;
}
