<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Text\Fonts;
use Rilvet\Window\CutTexts;
use Rilvet\Window\Figures;
use Rilvet\Window\FirstScreen;
use Rilvet\Window\Inspector;
use Rilvet\Window\Lifted;
use Rilvet\Window\NumberView;
use Rilvet\Window\Painter;
use Rilvet\Window\TruthNotes;
use Rilvet\Window\WindowLine;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use WeakMap;

/** Workbooks in lines of words: what is read of them, how they look, what is said of them. */
final class Picture
{
    private const ROWS = 26;

    private const COLUMNS = 11;

    /** Characters of what is said that are kept; a sum stands for the rest. */
    private const SAID = 150;

    /** @var WeakMap<Worksheet, array{array{LookBook, int, bool}, list<string>}>|null how each was looked at, and what was seen */
    private static ?WeakMap $windows = null;

    /** @return list<string> */
    public static function reading(Workbook $workbook): array
    {
        $lines = [];
        foreach ($workbook->sheets as $number => $sheet) {
            $lines[] = "$number {$sheet->name}: {$sheet->cells->rows()} x {$sheet->cells->columns()}";
            array_push($lines, ...self::tables($sheet->reading));
        }

        return $lines;
    }

    /** @return list<string> */
    public static function tables(Reading $reading): array
    {
        $lines = [];
        foreach ($reading->tables as $table) {
            $lines[] =
                "  table {$table->range} $table->confidence, asides ".
                implode(',', $table->asides).
                ', groups '.
                implode(',', $table->groups);
            array_push(
                $lines,
                ...array_map(
                    fn (RowRun $run) => "    $run->first-$run->last ".($run->part->value ?? '-')." $run->confidence $run->why",
                    $table->runs,
                ),
            );
            array_push(
                $lines,
                ...array_map(
                    fn (ColumnReading $column) => '    '.
                        Address::columnName($column->column).
                        ' '.
                        json_encode($column->toArray(), JSON_UNESCAPED_UNICODE),
                    $table->columns,
                ),
            );
        }

        return $lines;
    }

    /** @return list<string> the first screen of each sheet, cell by cell, and its set-up */
    public static function windows(Workbook $workbook): array
    {
        self::$windows ??= new WeakMap;
        $lines = [];
        foreach ($workbook->sheets as $number => $sheet) {
            // A sheet that an act left as it was, at its place, is the same one, and is looked at once.
            $how = [$workbook->looks, $number, $workbook->from1904];
            [$before, $seen] = self::$windows[$sheet] ?? [null, []];
            if ($before !== $how) {
                self::$windows[$sheet] = [$how, $seen = self::window($workbook, $number)];
            }
            array_push($lines, ...$seen);
        }

        return $lines;
    }

    /** @return list<string> */
    private static function window(Workbook $workbook, int $number): array
    {
        $sheet = $workbook->sheet($number);
        $painter = new Painter($sheet, $workbook->looks, Fonts::shipped(), $workbook->from1904);
        $window = $painter->paint($number, Range::of(1, 1, self::ROWS, self::COLUMNS));
        $lines = [
            "$number {$sheet->name}: ".self::json($sheet->setup->toArray()),
            '  '.implode(',', $window->widths).' by '.implode(',', $window->heights),
        ];
        foreach ($window->cells as $cell) {
            $lines[] =
                '  '.
                Address::columnName($cell->column).
                "$cell->row [$cell->text] $cell->look $cell->align $cell->edge $cell->from-$cell->to";
        }
        foreach ($window->looks as $index => $look) {
            $lines[] = "  look $index ".self::json($look);
        }

        return [
            ...$lines,
            ...array_map(fn (WindowLine $line) => '  line '.self::json($line), $window->lines),
            '  merges '.self::json($window->merges),
        ];
    }

    /** @return list<string> what the tray, the foot line and the notes say */
    public static function said(Workbook $workbook): array
    {
        $lines = [];
        foreach ($workbook->sheets as $number => $sheet) {
            $lines[] = "$number {$sheet->name}";
            $inspector = new Inspector($sheet, $workbook->looks);
            foreach (['A1', 'A5:C5', 'B6:D12', 'D7', 'A1:L34', 'C:C', '7:7', 'B4,D9:E11'] as $ranges) {
                $set = RangeSet::parse($ranges);
                $first = $set->all()[0];
                $lines[] = "  $ranges: ".self::json($inspector->inspect($set, $first->top, $first->left));
                $lines[] =
                    "  $ranges: own ".
                    self::json($inspector->own($set)->toArray()).
                    ', figures '.
                    self::json(Figures::of($sheet->cells, $set));
            }
            foreach ([[1, 1], [5, 2], [7, 3], [8, 4], [9, 5], [10, 6]] as [$row, $column]) {
                $lines[] = '  number '.Address::columnName($column)."$row ".self::json(NumberView::of($workbook, $number, $row, $column));
            }
            $lines[] = '  lifted '.self::json(Lifted::of($workbook, $number, Range::of(5, 1, 8, 4), []));
            $lines[] = '  cut '.self::json(CutTexts::of($workbook, $number));
            $lines[] = '  truths '.self::json(TruthNotes::of($workbook, $number));
            $lines[] = '  screens '.self::json(FirstScreen::all($sheet));
        }

        return array_map(
            fn (string $line) => mb_strlen($line) > self::SAID ? mb_substr($line, 0, self::SAID).' … '.self::sum([$line]) : $line,
            $lines,
        );
    }

    /** @param  list<string>  $lines */
    public static function sum(array $lines): string
    {
        return hash('xxh64', implode("\n", $lines));
    }

    private static function json(mixed $value): string
    {
        return (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
