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

    /** Whether a column has no blank cell in the rows that were counted, or was not counted at all. */
    public function isFull(int $column): bool
    {
        foreach ($this->columns as $of) {
            if (isset($of[$column]) && $of[$column]->filled < $of[$column]->rows) {
                return false;
            }
        }

        return true;
    }

    public function of(int $table, int $column): ColumnFacts
    {
        return $this->columns[$table][$column] ?? new ColumnFacts;
    }
}
