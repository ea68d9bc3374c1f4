<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Correction\AsLearned;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\ColumnsRead;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TableReading;
use Rilvet\Reading\Turned;
use Rilvet\Work\FileHints;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Where a person has said which rows are what, the columns are read anew by it: their headings, their kinds, which of them name rows. */
final class ReadAnew
{
    public static function columns(Worksheet $sheet, Workbook $workbook, int $number): Worksheet
    {
        if ($sheet->corrections === []) {
            return $sheet;
        }
        $said = array_filter($sheet->corrections, fn (Correction $correction) => ! $correction instanceof ColumnsRead);
        $rows = array_filter($said, fn (Correction $one) => ! ($one instanceof AsLearned ? $one->isOfColumns() : $one instanceof ColumnIs));
        $bare = $sheet->withCorrections(array_values($rows));
        $facts = SheetFacts::onDemand($sheet->cells, FileHints::of($sheet, $workbook, $number));
        $read = [];
        foreach ($bare->reading->tables as $table) {
            $anew = self::isAsFound($table, $bare) ? $table : Finder::again($facts, $table);
            if (self::data($anew) !== self::data($table)) {
                $read[] = ColumnsRead::of($table->range->top, $table->range->left, $anew->columns, $anew->lines);
            }
        }
        // What was said of a column stands over what is read of it.
        $sheet = $sheet->withCorrections([...array_values($rows), ...$read, ...array_values(array_diff_key($said, $rows))]);

        return self::turned($sheet, $facts);
    }

    /** Where somebody has said that the headings stand at the left, the rows are read as columns are. */
    private static function turned(Worksheet $sheet, SheetFacts $facts): Worksheet
    {
        $read = [];
        foreach ($sheet->reading->tables as $table) {
            $lines = $table->isTurned() && $table->lines === [] ? Turned::said($facts, $table) : [];
            $lines === [] || $read[] = ColumnsRead::of($table->range->top, $table->range->left, [], $lines);
        }

        return $read === [] ? $sheet : $sheet->withCorrections([...$sheet->corrections, ...$read]);
    }

    /** A part of a table that was split, without headings of its own, stands under those of the whole. */
    private static function isAsFound(TableReading $table, Worksheet $sheet): bool
    {
        $isWhole = false;
        foreach ($sheet->found->tables as $found) {
            if ($found->runs === $table->runs) {
                return true;
            }
            $isWhole = $isWhole || $found->range->top === $table->range->top;
        }

        return ! $isWhole && $table->heads() === [];
    }

    /** @return list<array<string, mixed>> */
    private static function data(TableReading $table): array
    {
        return array_map(fn (ColumnReading $one) => $one->toArray(), [...$table->columns, ...array_values($table->lines)]);
    }
}
