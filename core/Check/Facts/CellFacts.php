<?php

declare(strict_types=1);

namespace Rilvet\Check\Facts;

/** What the columns of a sheet's tables hold. */
final readonly class CellFacts
{
    /** @param  array<int, array<int, ColumnFacts>>  $columns  by the place of the table, then by column */
    public function __construct(private array $columns)
    {
    }

    public function of(int $table, int $column): ColumnFacts
    {
        return $this->columns[$table][$column] ?? new ColumnFacts;
    }
}
