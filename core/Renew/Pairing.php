<?php

declare(strict_types=1);

namespace Rilvet\Renew;

use Rilvet\Formula\FormulaRuns;
use Rilvet\Grid\Cell;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/**
 * Which column of the new data goes into which of the table: by the heading, else by what they hold. Two columns with one
 * heading go together in their order, and so do those without any.
 *
 * @phpstan-import-type Stored from Cell
 */
final class Pairing
{
    /** Rows that are looked at to tell whether two columns hold the same. */
    private const ROWS = 2_000;

    /** From which share of common values on a column is taken to have been renamed. */
    private const RENAMED = 0.5;

    /**
     * @return list<Pair> in the order of the new data, then what the table has beside it
     *
     * @throws RenewIsWrong
     */
    public static function of(Worksheet $sheet, TableReading $table, NewData $data, Choices $choices): array
    {
        $there = NewData::columnsOf($table);
        $formulas = self::formulas($sheet, $table);
        $to = self::byHeading($data->columns(), $there);
        $to += self::byPlace($data->columns(), $there, $to);
        $shares = [];
        foreach (self::byContent($sheet, $table, $data, $to, $there, $formulas) as $from => [$column, $share]) {
            $to[$from] = $column;
            $shares[$from] = $share;
        }
        foreach ($choices->pairs as $from => $column) {
            $data->table->column($from) ?? throw RenewIsWrong::column($from);
            $column <= 0 || $table->column($column) !== null || throw RenewIsWrong::column($column);
            if ($column > 0) {
                // What a person says goes before what was found.
                $isOther = fn (int $taken, int $each) => $taken !== $column || isset($choices->pairs[$each]);
                $to = array_filter($to, $isOther, ARRAY_FILTER_USE_BOTH);
            }
            $to[$from] = $column;
            unset($shares[$from]);
        }
        self::once($to, $table);
        array_filter($to, fn (int $column) => $column > 0) !== [] || throw RenewIsWrong::alike();

        return self::pairs($data, $there, $to, $shares, $formulas, $choices);
    }

    /**
     * @param  list<ColumnReading>  $there
     * @param  array<int, int>  $to
     * @param  array<int, float>  $shares
     * @param  array<int, true>  $formulas
     * @return list<Pair>
     */
    private static function pairs(NewData $data, array $there, array $to, array $shares, array $formulas, Choices $choices): array
    {
        $headings = [];
        foreach ($there as $column) {
            $headings[$column->column] = (string) $column->heading;
        }
        $pairs = [];
        foreach ($data->columns() as $column) {
            $into = $to[$column->column] ?? Choices::PUT_IN;
            if ($into <= 0) {
                $pairs[] = new Pair($column->column, null, (string) $column->heading, isLeft: $into === Choices::LEAVE);

                continue;
            }
            $isSaid = ColumnReading::plain((string) $column->heading) === '' || $column->isHeaded($headings[$into]);
            $pairs[] = new Pair($column->column, $into, $headings[$into], $isSaid ? null : (string) $column->heading,
                $shares[$column->column] ?? null, isset($formulas[$into]));
        }
        foreach (array_diff(array_keys($headings), $to) as $column) {
            $pairs[] = new Pair(null, $column, $headings[$column], isFormula: isset($formulas[$column]),
                isGone: in_array($column, $choices->without, true));
        }

        return $pairs;
    }

    /**
     * @param  list<ColumnReading>  $columns
     * @param  list<ColumnReading>  $there
     * @return array<int, int> column of the table by column of the new data
     */
    private static function byHeading(array $columns, array $there): array
    {
        $places = [];
        foreach ($there as $column) {
            $heading = ColumnReading::plain((string) $column->heading);
            $heading === '' || $places[$heading][] = $column->column;
        }
        $to = [];
        foreach ($columns as $column) {
            $heading = ColumnReading::plain((string) $column->heading);
            if (isset($places[$heading]) && $places[$heading] !== []) {
                $to[$column->column] = array_shift($places[$heading]);
            }
        }

        return $to;
    }

    /**
     * Columns without a heading, in their order: those of both sides where they are as many, and all where the new data has no
     * headings and is as wide as the table.
     *
     * @param  list<ColumnReading>  $columns
     * @param  list<ColumnReading>  $there
     * @param  array<int, int>  $to
     * @return array<int, int> column of the table by column of the new data
     */
    private static function byPlace(array $columns, array $there, array $to): array
    {
        $isBlank = fn (ColumnReading $one) => ColumnReading::plain((string) $one->heading) === '';
        $from = array_values(array_filter($columns, $isBlank));
        $into = count($from) === count($columns) && count($columns) === count($there) ? $there
            : array_values(array_filter($there, fn (ColumnReading $one) => $isBlank($one) && ! in_array($one->column, $to, true)));

        return count($from) !== count($into) ? [] : array_combine(array_map(fn (ColumnReading $one) => $one->column, $from),
            array_map(fn (ColumnReading $one) => $one->column, $into));
    }

    /**
     * Columns under other headings that hold the same, the surest first.
     *
     * @param  array<int, int>  $to
     * @param  list<ColumnReading>  $there
     * @param  array<int, true>  $formulas
     * @return array<int, array{int, float}>
     */
    private static function byContent(Worksheet $sheet, TableReading $table, NewData $data, array $to, array $there, array $formulas): array
    {
        $new = array_filter($data->columns(), fn (ColumnReading $one) => ! isset($to[$one->column]));
        $old = array_filter($there, fn (ColumnReading $one) => ! in_array($one->column, $to, true) && ! isset($formulas[$one->column]));
        if ($new === [] || $old === []) {
            return [];
        }
        $holds = self::holds(NewData::rowsOf($sheet, $table), $old);
        $brings = self::holds($data->rows(), $new);
        $found = [];
        foreach ($new as $from) {
            foreach ($old as $column) {
                $share = self::share($brings[$from->column], $holds[$column->column], $from->kind, $column->kind);
                $share >= self::RENAMED && $found[] = [$share, $from->column, $column->column];
            }
        }
        usort($found, fn (array $one, array $other) => [-$one[0], $one[1], $one[2]] <=> [-$other[0], $other[1], $other[2]]);
        $paired = [];
        foreach ($found as [$share, $from, $column]) {
            if (! isset($paired[$from]) && ! in_array($column, array_column($paired, 0), true)) {
                $paired[$from] = [$column, $share];
            }
        }

        return $paired;
    }

    /**
     * @param  iterable<int, list<Stored>>  $rows
     * @param  array<ColumnReading>  $columns
     * @return array<int, array<string, true>> different values as keys, by column
     */
    private static function holds(iterable $rows, array $columns): array
    {
        $holds = [];
        foreach ($columns as $column) {
            $holds[$column->column] = [];
        }
        $count = 0;
        foreach ($rows as $cells) {
            if (++$count > self::ROWS) {
                break;
            }
            foreach ($columns as $column) {
                $value = Plain::key($cells[$column->column - 1] ?? null);
                $value === '' || $holds[$column->column]["=$value"] = true;
            }
        }

        return $holds;
    }

    /**
     * @param  array<string, true>  $brings
     * @param  array<string, true>  $holds
     */
    private static function share(array $brings, array $holds, ColumnKind $from, ColumnKind $to): float
    {
        $isAlike = $from === $to || ($from->isWordy() && $to->isWordy()) || ($from->isNumeric() && $to->isNumeric());

        // Two values that are the same prove nothing.
        return ! $isAlike || count($brings) < 3 || count($holds) < 3
            ? 0.0 : count(array_intersect_key($brings, $holds)) / min(count($brings), count($holds));
    }

    /** @return array<int, true> columns that are worked out in more than half of the rows, as keys */
    private static function formulas(Worksheet $sheet, TableReading $table): array
    {
        $rows = 0;
        $count = [];
        $body = [];
        foreach ($table->runs as $run) {
            if ($run->part === Part::Body) {
                $body[] = [$run->first, $run->last];
                $rows += $run->rows();
            }
        }
        foreach (FormulaRuns::places($sheet->cells) as $column => $stretches) {
            if (! $table->range->hasColumn($column)) {
                continue;
            }
            $at = 0;
            foreach ($stretches as [$first, $last]) {
                for (; isset($body[$at]) && $body[$at][1] < $first; $at++);
                for ($next = $at; isset($body[$next]) && $body[$next][0] <= $last; $next++) {
                    $count[$column] = ($count[$column] ?? 0) + min($last, $body[$next][1]) - max($first, $body[$next][0]) + 1;
                }
            }
        }

        return array_map(fn () => true, array_filter($count, fn (int $cells) => $cells * 2 > $rows));
    }

    /** @param  array<int, int>  $to */
    private static function once(array $to, TableReading $table): void
    {
        foreach (array_count_values(array_filter($to, fn (int $column) => $column > 0)) as $column => $count) {
            $count === 1 || throw RenewIsWrong::twice((string) $table->column($column)?->heading);
        }
    }
}
