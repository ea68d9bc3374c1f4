<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Dressed\RowTables;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Merges;
use Rilvet\Work\Worksheet;

/** What a cell is to somebody who has a page read aloud: of which row of which table, a heading of what, or a paragraph. */
final class Reader
{
    private readonly Merges $merges;

    private readonly RowTables $near;

    /** @var array<string, array<int, array{bool, 'Column'|'Row'|'', int, int}>> */
    private array $alike = [];

    public function __construct(private readonly Worksheet $sheet)
    {
        $this->merges = new Merges($sheet->setup->merges);
        $this->near = new RowTables($sheet->reading->tables);
    }

    /**
     * The rows that begin here, of each table that is crossed between two columns.
     *
     * @return array<string, TableRow> by the range of the table
     */
    public function rows(int $row, int $left, int $right, string $page): array
    {
        $rows = [];
        foreach ($this->near->at($row) as [$table, $part]) {
            $at = (string) $table->range;
            if ($part === null || in_array($part, [Part::Title, Part::Units, Part::Note], true)) {
                continue;
            }
            // Rows of one part have the same cells, unless some are merged or grouped.
            $isAlike = $this->sheet->setup->merges === [] && $part !== Part::ColumnGroup;
            $key = "$at.{$part->value}.$left.$right";
            $cells = $isAlike ? $this->alike[$key] ??= $this->cells($table, $part, $row, $left, $right)
                : $this->cells($table, $part, $row, $left, $right);
            $cells === [] || $rows[$at] = new TableRow("$page.$at", $cells);
        }

        return $rows;
    }

    /** @return array<int, array{bool, 'Column'|'Row'|'', int, int}> */
    private function cells(TableReading $table, Part $part, int $row, int $left, int $right): array
    {
        $cells = [];
        for ($column = max($left, $table->range->left); $column <= min($right, $table->range->right);) {
            $cell = $this->merges->hides($row, $column) ? null : $this->cell($table, $part, $row, $column, $right);
            $cell === null || $cells[$column] = $cell;
            $column += $cell[2] ?? 1;
        }

        return $cells;
    }

    /** @return array{bool, 'Column'|'Row'|'', int, int} */
    private function cell(TableReading $table, Part $part, int $row, int $column, int $right): array
    {
        $merge = $this->merges->at($row, $column);
        $columns = $merge === null ? 1 : min($merge->right, $right) - $column + 1;
        $rows = $merge === null ? 1 : $merge->rows();
        foreach ($part === Part::ColumnGroup && $merge === null ? $table->groups : [] as $group) {
            $group->contains($row, $column) && $columns = min($group->right, $right) - $column + 1;
        }
        if ($part === Part::Heading || $part === Part::ColumnGroup) {
            return [true, 'Column', $columns, $rows];
        }
        $isLabel = $part === Part::RowGroup ? $column === $table->range->left
            : in_array($table->column($column)?->role, [ColumnRole::Label, ColumnRole::Heading], true);

        return [$isLabel, $isLabel ? 'Row' : '', $columns, $rows];
    }

    /** What a cell is that is of no row of a table: "H1" for a title, "P" for all else. */
    public function role(int $row, int $column): string
    {
        return $this->sheet->reading->tableAt($row, $column)?->partAt($row, $column) === Part::Title ? 'H1' : 'P';
    }
}
