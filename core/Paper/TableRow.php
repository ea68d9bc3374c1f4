<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** A row of a table as it is read aloud: which of its cells are headings, of what, and how many columns and rows each takes. */
final readonly class TableRow
{
    /**
     * @param  string  $table  by which its other rows know it
     * @param  array<int, array{bool, 'Column'|'Row'|'', int, int}>  $cells  by column: whether it is a heading, of what, columns, rows
     */
    public function __construct(public string $table, public array $cells)
    {
    }
}
