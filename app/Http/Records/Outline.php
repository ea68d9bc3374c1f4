<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Dressed\CellParts;
use Rilvet\Dressed\OwnDesign;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Correction\AsLearned;
use Rilvet\Reading\Part;
use Rilvet\Reading\Question;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Summary\Summary;
use Rilvet\Window\FirstScreen;
use Rilvet\Work\Worksheet;

/** Makes the records of one sheet for the browser. */
final class Outline
{
    /** Brackets beyond this many are not sent; a list of thousands of groups is walked in the grid. */
    private const MOST_RUNS = 3_000;

    /** Columns beyond the last filled one whose widths are sent along; the grid shows some of them. */
    private const BEYOND = 40;

    /** Rows of a sheet up to which its single cells are told with its parts; of a larger one they are asked for by themselves. */
    private const SMALL = 500;

    /** Stretches of formulas that look at themselves, as many as are named. */
    private const CIRCLES = 4;

    public static function sheet(int $number, Worksheet $sheet, LookBook $looks): SheetDetail
    {
        $setup = $sheet->setup;
        $cells = $sheet->cells->rows() > self::SMALL ? null : new CellParts($sheet, $looks);
        $widths = [];
        for ($column = 1; $column <= min(Address::COLUMNS, $sheet->cells->columns() + self::BEYOND); $column++) {
            $widths[] = $setup->sizes->widthOf($column);
        }

        return new SheetDetail(
            $number, $sheet->name, $sheet->cells->rows(), $sheet->cells->columns(),
            $sheet->stylebook?->name, $sheet->clean,
            array_map(fn (TableReading $table) => self::table($table, self::learned($sheet, $table), $cells), $sheet->reading->tables),
            $widths, $setup->sizes->width, self::heights($sheet), $setup->sizes->height,
            $setup->opening->freezeRow, $setup->opening->freezeColumn, $setup->opening->gridlines, $setup->opening->zoom,
            self::typings($sheet),
            $setup->sizes->heldColumns,
            $setup->sizes->heldRows,
            $setup->sizes->autoColumns,
            $setup->opening->firstRow,
            $setup->opening->firstColumn,
            FirstScreen::all($sheet),
            $sheet->stylebook === null ? null : FitRulesRecord::of($sheet->stylebook),
            $sheet->unsettled->countWaiting(), $sheet->unsettled->countKept(),
            self::circles($sheet->unsettled->circles),
            $setup->opening->rightToLeft,
            OwnDesign::of($sheet, $looks),
            self::checked($sheet, true),
            self::checked($sheet, false),
            $sheet->aspect(Summary::class)->isNone() ? null : $sheet->aspect(Summary::class)->words(),
        );
    }

    /** @return list<string> ranges under a check on entry, as many as are sent */
    private static function checked(Worksheet $sheet, bool $choices): array
    {
        [$texts, $others] = $sheet->aspect(EntryChecks::class)->places($choices, self::MOST_RUNS);
        foreach ([...$others, ...$sheet->stylebook->entries ?? []] as $check) {
            $isMeant = ! $choices || $check->isChoice();
            array_push($texts, ...array_map(strval(...), $isMeant ? $check->where->ranges($sheet->reading) : []));
        }

        return array_slice($texts, 0, self::MOST_RUNS);
    }

    /** @param  list<Range>  $circles */
    private static function circles(array $circles): string
    {
        $named = array_map(strval(...), array_slice($circles, 0, self::CIRCLES));

        return implode(', ', $named).(count($circles) > self::CIRCLES ? ' …' : '');
    }

    /** The workbook whose corrections a table is read by. */
    private static function learned(Worksheet $sheet, TableReading $table): ?string
    {
        foreach ($sheet->corrections as $one) {
            if ($one instanceof AsLearned && $table->range->contains($one->row, $one->column)) {
                return $one->from;
            }
        }

        return null;
    }

    private static function table(TableReading $table, ?string $learned, ?CellParts $cells): TableRecord
    {
        return new TableRecord(
            (string) $table->range,
            $table->range->top,
            $table->range->left,
            $table->range->bottom,
            $table->range->right,
            $table->confidence,
            [...self::parts($table), ...($cells === null ? [] : self::cells($table, $cells))],
            array_map(fn (ColumnReading $column) => self::column($column, Address::columnName($column->column)), $table->columns),
            array_map(
                fn (RowRun $run) => new RunRecord(
                    $run->first,
                    $run->last,
                    $run->part?->value,
                    $run->part?->letter() ?? '',
                    $run->part?->words() ?? 'Blank',
                    round($run->confidence, 2),
                    $run->why,
                    $run->second?->value,
                ),
                array_slice($table->runs, 0, self::MOST_RUNS),
            ),
            QuestionRecord::of(Question::of($table)),
            $table->isTurned()
                ? array_map(fn (ColumnReading $line) => self::column($line, (string) $line->column), array_values($table->lines))
                : [],
            $learned,
        );
    }

    /** @param  string  $letters  of the column, or the number of the row */
    private static function column(ColumnReading $column, string $letters): ColumnRecord
    {
        return new ColumnRecord(
            $column->column, $letters, $column->heading, $column->kind->value, $column->role->value, $column->confidence, $column->why,
        );
    }

    /** @return list<PartRecord> */
    private static function parts(TableReading $table): array
    {
        $ranges = [];
        $rows = [];
        foreach ($table->parts() as $part) {
            $ranges[$part->part->value][] = (string) $part->range;
            $rows[$part->part->value] = ($rows[$part->part->value] ?? 0) + $part->range->rows();
        }
        $records = [];
        foreach (Part::cases() as $part) {
            if (! isset($ranges[$part->value])) {
                continue;
            }
            $records[] = new PartRecord(
                $part->value,
                $part->words(),
                $part->letter(),
                self::count($table, $part, $rows[$part->value] ?? 0),
                array_slice($ranges[$part->value], 0, self::MOST_RUNS),
            );
        }

        return $records;
    }

    /** @return list<PartRecord> entry, choice and formula cells of a table */
    private static function cells(TableReading $table, CellParts $cells): array
    {
        $records = [];
        foreach (Part::OF_CELLS as $part) {
            $ranges = $cells->ranges($part, $table);
            if ($ranges !== []) {
                $count = array_sum(array_map(fn (Range $range) => $range->cells(), $ranges));
                $records[] = new PartRecord($part->value, $part->words(), $part->letter(), number_format($count),
                    array_map(strval(...), array_slice($ranges, 0, self::MOST_RUNS)));
            }
        }

        return $records;
    }

    private static function count(TableReading $table, Part $part, int $rows): string
    {
        if ($part === Part::RowLabel) {
            $labels = array_values(array_filter($table->columns, fn (ColumnReading $column) => $column->role === ColumnRole::Label));
            $first = Address::columnName($labels[0]->column);
            $last = Address::columnName($labels[count($labels) - 1]->column);

            return $first === $last ? $first : "{$first}–{$last}";
        }
        if ($part === Part::Heading) {
            $lines = $table->isTurned() ? $table->lines : [];

            return (string) count(array_filter([...$table->columns, ...$lines], fn (ColumnReading $one) => $one->heading !== null));
        }
        if ($part === Part::Body) {
            $body = array_sum(array_map(fn (RowRun $run) => $run->part === Part::Body ? $run->rows() : 0, $table->runs));

            return number_format($body).($body === 1 ? ' row' : ' rows');
        }
        if ($part === Part::ColumnGroup && $table->groups !== []) {
            return (string) count($table->groups);
        }
        if ($part === Part::Total) {
            $columns = count(array_filter($table->columns, fn (ColumnReading $column) => $column->role === ColumnRole::Total));
            $lines = array_sum(array_map(fn (RowRun $run) => $run->part === Part::Total ? $run->rows() : 0, $table->runs));

            return (string) ($columns + $lines);
        }

        return number_format($rows);
    }

    /** @return list<list<int>> first row, last row, px */
    private static function heights(Worksheet $sheet): array
    {
        $runs = [];
        $heights = $sheet->setup->sizes->heights + $sheet->setup->sizes->grown;
        foreach ($sheet->setup->sizes->hiddenRows as $row) {
            $heights[$row] = 0;
        }
        ksort($heights);
        foreach ($heights as $row => $height) {
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last][1] === $row - 1 && $runs[$last][2] === $height) {
                $runs[$last][1] = $row;
            } else {
                $runs[] = [$row, $row, $height];
            }
        }

        return $runs;
    }

    /** @return list<TypingRecord> */
    private static function typings(Worksheet $sheet): array
    {
        $records = [];
        foreach ($sheet->typing->columns ?? [] as $column => $typing) {
            $records[] = self::typing($column, $typing);
        }

        return $records;
    }

    private static function typing(int $column, ColumnTyping $typing): TypingRecord
    {
        return new TypingRecord($column, $typing->kind->value, $typing->decimal, $typing->order, $typing->unsure, $typing->why);
    }
}
