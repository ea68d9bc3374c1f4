<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\BringAnew;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Renew\Choices;
use Rilvet\Renew\NewData;
use Rilvet\Renew\Plan;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Workbooks with one table, and newer data that is brought into it. */
abstract class RenewCase extends TestCase
{
    /**
     * @param  list<list<mixed>>  $new
     * @return array{Workbook, Plan}
     */
    protected static function bring(Workbook $book, array $new, Choices $choices = new Choices): array
    {
        $act = new BringAnew(1, 1, 1, self::data($new), $choices);

        return [$act->on($book), $act->plan($book)];
    }

    /** @param  list<list<mixed>>  $rows */
    protected static function data(array $rows): NewData
    {
        return NewData::of(self::book($rows), 1);
    }

    /**
     * @param  list<list<mixed>>  $rows  texts that begin with "=" are formulas, with what they give behind the last "="
     * @param  array<string, string>  $names
     * @param  list<list<mixed>>|null  $other  rows of a second sheet
     */
    protected static function book(array $rows, array $names = [], ?array $other = null, bool $dates = false,
        bool $from1904 = false): Workbook
    {
        $looks = new LookBook;
        $sheets = [];
        foreach (array_filter([1 => $rows, 2 => $other]) as $number => $lines) {
            $cells = new MemorySheet($number === 1 ? 'S' : 'Other', array_map(fn (array $row) => array_map(self::cell(...), $row), $lines));
            $sheet = new Worksheet($cells, $cells->name(), Finder::read(SheetFacts::of($cells)));
            if ($dates) {
                $file = clone $sheet->file;
                $file->set(Range::of(2, 1, count($lines), 1), $looks->number(Look::of(['number' => 'd/m/yyyy'])));
                $sheet = $sheet->withoutFileLooks($file);
                $hints = new \Rilvet\Work\FileHints($file, $looks, $sheet->came);
                $sheet = $sheet->readAs(Finder::read(SheetFacts::of($cells, $hints)), $cells, null);
            }
            $sheets[$number] = $sheet;
        }

        return new Workbook('Book', $sheets, $looks, $from1904, $names);
    }

    protected static function cell(mixed $value): Cell
    {
        if (! is_string($value) || ! str_starts_with($value, '=')) {
            return Cell::of(is_scalar($value) ? $value : null);
        }
        $parts = explode('=', substr($value, 1));

        return Cell::formula($parts[0], isset($parts[1]) ? (float) $parts[1] : null);
    }

    /** @return list<list<mixed>> values, and formulas with "=" */
    protected static function says(Worksheet $sheet): array
    {
        $rows = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $cells) {
            $rows[] = array_map(fn (Cell $cell) => $cell->formula === null ? $cell->value : "=$cell->formula", $cells);
        }
        while ($rows !== [] && array_filter($rows[count($rows) - 1], fn (mixed $value) => $value !== null) === []) {
            array_pop($rows);
        }
        $width = max(array_map(fn (array $row) => 1 + (int) max([-1, ...array_keys(array_filter($row,
            fn ($value) => $value !== null))]), $rows));

        return array_map(fn (array $row) => array_slice($row, 0, $width), $rows);
    }

    /** @return list<string> */
    protected static function parts(Worksheet $sheet): array
    {
        return array_map(fn ($run) => "$run->first-$run->last {$run->part?->value} row", $sheet->reading->tables[0]->runs);
    }
}
