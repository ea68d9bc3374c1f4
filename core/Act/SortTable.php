<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Collator;
use Rilvet\Act\Exception\SortIsWrong;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Sorts the body of a table by one or several columns: numbers and dates by value, text by the collation of a locale (the
 * Unicode Collation Algorithm, through intl), blanks last. Headings, groups and totals stay in place, and rows stay among
 * the rows of their group; equal rows keep their order.
 */
final readonly class SortTable implements Act
{
    private const MOST = 400_000;

    /**
     * @param  int  $row  of a cell of the table
     * @param  non-empty-list<array{int, bool}>  $keys  column, and whether the greatest comes first
     */
    public function __construct(private int $sheet, private int $row, private int $column, private array $keys, private string $locale = 'en')
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet);
        $table = $sheet->reading->tableAt($this->row, $this->column) ?? throw SortIsWrong::noTable();
        foreach ($this->keys as [$column]) {
            $table->column($column) ?? throw SortIsWrong::column(Address::columnName($column));
        }
        $blocks = self::blocks($sheet, $table);
        $edits = [];
        $rows = [];
        foreach ($blocks as [$first, $last]) {
            [$cells, $from] = $this->sorted($sheet, $table, $first, $last);
            $edits += $cells;
            $rows += $from;
        }
        if ($rows === []) {
            return $workbook;
        }
        $range = Range::of(min(array_keys($rows)), $table->range->left, max(array_keys($rows)), $table->range->right);

        return $workbook->withSheet($this->sheet, $sheet->ordered($range, $rows, new EditedSheet($sheet->cells, $edits), $workbook->looks));
    }

    public function words(Workbook $workbook): string
    {
        $keys = array_map(fn (array $key) => Address::columnName($key[0]).($key[1] ? ', greatest first' : ''), $this->keys);

        return 'Data: sorted by '.implode(', then ', $keys).', '.$workbook->sheet($this->sheet)->name;
    }

    /** @return list<array{int, int}> runs of body rows, first and last */
    private static function blocks(Worksheet $sheet, TableReading $table): array
    {
        $blocks = [];
        $count = 0;
        foreach ($table->runs as $run) {
            if ($run->part === Part::Body) {
                $blocks[] = [$run->first, $run->last];
                $count += $run->rows() * $table->range->columns();
            }
        }
        if ($count > self::MOST) {
            throw SortIsWrong::tooMany($count, self::MOST);
        }
        foreach ($blocks as [$first, $last]) {
            foreach ($sheet->setup->merges as $merge) {
                if ($merge->meets(Range::of($first, $table->range->left, $last, $table->range->right)) && ($merge->rows() > 1 || $merge->columns() > 1)) {
                    throw SortIsWrong::merged((string) $merge);
                }
            }
        }

        return $blocks === [] ? throw SortIsWrong::noTable() : $blocks;
    }

    /** @return array{array<int, array<int, Cell>>, array<int, int>} the cells that change, and where each row comes from */
    private function sorted(Worksheet $sheet, TableReading $table, int $first, int $last): array
    {
        $cells = iterator_to_array($sheet->cells->read($first, $last));
        $collator = new Collator($this->locale);
        $keys = [];
        foreach ($cells as $row => $values) {
            $keys[$row] = array_map(fn (array $key) => self::key($values[$key[0] - 1] ?? Cell::blank(), $collator), $this->keys);
        }
        $order = range($first, $last);
        usort($order, function (int $one, int $other) use ($keys) {
            foreach ($this->keys as $index => [, $down]) {
                [$a, $b] = [$keys[$one][$index] ?? [9, 0], $keys[$other][$index] ?? [9, 0]];
                // Blanks come last in either direction.
                $compared = $a[0] === 9 || $b[0] === 9 ? $a[0] <=> $b[0] : ($down ? $b <=> $a : $a <=> $b);
                if ($compared !== 0) {
                    return $compared;
                }
            }

            return $one <=> $other;
        });
        $edits = $rows = [];
        foreach ($order as $index => $from) {
            $to = $first + $index;
            if ($from === $to) {
                continue;
            }
            $rows[$to] = $from;
            for ($column = $table->range->left; $column <= $table->range->right; $column++) {
                $edits[$to][$column] = self::moved($cells[$from][$column - 1] ?? Cell::blank(), $sheet->name, $from, $to, $column, $first, $last);
            }
        }

        return [$edits, $rows];
    }

    private static function moved(Cell $cell, string $sheet, int $from, int $to, int $column, int $first, int $last): Cell
    {
        if ($cell->formula === null) {
            return $cell;
        }
        $formula = References::inRow($cell->formula, $sheet, $from, $to, $first, $last) ?? throw SortIsWrong::formula(Address::columnName($column).$from);

        return Cell::formula($formula, $cell->value, $cell->error);
    }

    /** @return array{int, float|string} kinds in their order, and the value within the kind */
    private static function key(Cell $cell, Collator $collator): array
    {
        return match (true) {
            $cell->error !== null => [3, $cell->error],
            $cell->isBlank() => [9, 0.0],
            $cell->number() !== null => [0, $cell->number()],
            is_bool($cell->value) => [2, $cell->value ? 1.0 : 0.0],
            default => [1, (string) $collator->getSortKey($cell->text())],
        };
    }
}
