<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Act\ConvertCells;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\DateText;
use Rilvet\Look\Attribute;
use Rilvet\Number\NumberFormat;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Cascade;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Work\Worn;

/** Looks through the data of a sheet's tables for what its formats hide, and for texts that are meant as numbers or dates. */
final class TruthNotes
{
    /** Rows of a table that are looked at; what is wrong in more of them is wrong in these too. */
    private const ROWS = 20_000;

    private const NUMERIC = [ColumnKind::Integer, ColumnKind::Decimal, ColumnKind::Amount, ColumnKind::Percent];

    private readonly Worksheet $sheet;

    private readonly Cascade $cascade;

    /** @var array<string, list<int>> rows by kind of note */
    private array $found = [];

    /** @var list<TruthNote> */
    private array $notes = [];

    private function __construct(private readonly Workbook $workbook, int $number)
    {
        $this->sheet = $workbook->sheet($number);
        $this->cascade = new Cascade($this->sheet, $workbook->looks);
    }

    /** @return list<TruthNote> */
    public static function of(Workbook $workbook, int $number): array
    {
        $notes = new self($workbook, $number);
        foreach ($notes->sheet->reading->tables as $table) {
            foreach ($table->columns as $column) {
                if (in_array($column->kind, [...self::NUMERIC, ColumnKind::Date, ColumnKind::DateTime], true)) {
                    $notes->column($table, $column);
                }
            }
        }

        return $notes->notes;
    }

    private function column(TableReading $table, ColumnReading $column): void
    {
        $this->found = [];
        $at = $column->column;
        $isNumeric = in_array($column->kind, self::NUMERIC, true);
        $all = $shownAll = $block = $shownBlock = 0.0;
        $numbers = $shares = 0;
        $last = min($table->range->bottom, $table->range->top + self::ROWS);
        foreach ($this->sheet->cells->read($table->range->top, $last, $at, $at) as $row => $cells) {
            $cell = $cells[$at - 1] ?? Cell::blank();
            $part = $table->partAt($row, $at);
            $number = $cell->number();
            if ($cell->isBlank() || ! in_array($part, [Part::Body, Part::Subtotal, Part::Total], true)) {
                continue;
            }
            if ($number === null) {
                $cell->isText() && $part === Part::Body && $this->text($row, $cell, $isNumeric);

                continue;
            }
            if (! $isNumeric) {
                continue;
            }
            $worn = $this->cascade->at($row, $at);
            $shown = self::shownValue($worn, $number);
            if ($part === Part::Body) {
                $numbers++;
                $shares += abs($number) > 1.0 ? 1 : 0;
                $number !== 0.0 && $shown === 0.0 && $this->found['hidden'][] = $row;
                $all += $number;
                $shownAll += $shown;
                $block += $number;
                $shownBlock += $shown;

                continue;
            }
            // A subtotal stands for what came since the one before it; a total for that, or for all of the body.
            foreach ($part === Part::Subtotal ? [[$block, $shownBlock]] : [[$all, $shownAll], [$block, $shownBlock]] as [$sum, $shownSum]) {
                if (self::same($sum, $number)) {
                    self::same($shownSum, $shown) || $this->total($row, $at, $shown, $shownSum, $worn);

                    break;
                }
            }
            [$block, $shownBlock] = [0.0, 0.0];
        }
        if ($column->kind === ColumnKind::Percent && $numbers > 0 && $shares * 2 > $numbers) {
            $this->note('percent', $table, $at, self::bodyRows($table, $last), 'shares over 100 % that look like whole percents: 10 % is stored as 0.1, and 10 reads as 1000 %.', 'hundredths');
        }
        $this->note('hidden', $table, $at, $this->found['hidden'] ?? [], 'values that are not zero but are rounded to it by their format.', null);
        $this->note('text_number', $table, $at, $this->found['text_number'] ?? [], 'numbers stored as text: they take no part in sums, and no number format changes them.', 'numbers');
        $this->note('text_date', $table, $at, $this->found['text_date'] ?? [], 'dates stored as text: they sort by their letters, and no date format changes them.', 'dates_dmy');
        $this->note('text_date', $table, $at, $this->found['text_date_mdy'] ?? [], 'dates stored as text, with the month first.', 'dates_mdy');
        $this->note('ambiguous_date', $table, $at, $this->found['ambiguous_date'] ?? [], 'dates stored as text that can be read in two ways: 03/04 may be April or March.', 'dates_dmy');
    }

    private function text(int $row, Cell $cell, bool $isNumeric): void
    {
        if ($isNumeric) {
            ConvertCells::number($cell->text()) !== null && $this->found['text_number'][] = $row;

            return;
        }
        [$dmy, $mdy] = [DateText::parse($cell->text(), 'dmy'), DateText::parse($cell->text(), 'mdy')];
        if ($dmy !== null && $mdy !== null && $dmy !== $mdy) {
            $this->found['ambiguous_date'][] = $row;
        } elseif ($dmy !== null) {
            $this->found['text_date'][] = $row;
        } elseif ($mdy !== null) {
            $this->found['text_date_mdy'][] = $row;
        }
    }

    private function total(int $row, int $column, float $shown, float $shownSum, Worn $worn): void
    {
        $format = NumberFormat::of($worn->look->text(Attribute::Number));
        $say = fn (float $value) => trim($format->number($value)->text);
        $this->notes[] = new TruthNote('total', $row, $column, Address::columnName($column).$row, 1, "The total shows {$say($shown)}, and the figures shown above it add up to {$say($shownSum)}: each of them is rounded by itself. Show more decimals, or say that figures are rounded.", null, []);
    }

    /** @param  list<int>  $rows */
    private function note(string $kind, TableReading $table, int $column, array $rows, string $reason, ?string $act): void
    {
        if ($rows === []) {
            return;
        }
        $count = count($rows);
        $name = $table->column($column)->heading ?? 'Column '.Address::columnName($column);
        $samples = [];
        foreach (array_slice($rows, 0, 3) as $row) {
            foreach ($act === null ? [] : $this->sheet->cells->read($row, $row, $column, $column) as $cells) {
                $cell = $cells[$column - 1];
                $samples[] = $cell->text().' → '.ConvertCells::shown($cell, (string) $act);
            }
        }
        $this->notes[] = new TruthNote($kind, $rows[0], $column, self::ranges($rows, $column), $count, trim("$name: ".($count === 1 ? '1 cell holds' : number_format($count).' cells hold')." $reason"), $act, $samples);
    }

    /** @return list<int> */
    private static function bodyRows(TableReading $table, int $last): array
    {
        $rows = [];
        foreach ($table->runs as $run) {
            if ($run->part === Part::Body && $run->first <= $last) {
                array_push($rows, ...range($run->first, min($run->last, $last)));
            }
        }

        return $rows;
    }

    /** @param  list<int>  $rows in their order */
    private static function ranges(array $rows, int $column): string
    {
        $ranges = [];
        $from = $rows[0];
        foreach ($rows as $index => $row) {
            if (($rows[$index + 1] ?? null) !== $row + 1) {
                $ranges[] = Range::of($from, $column, $row, $column);
                $from = $rows[$index + 1] ?? 0;
            }
        }

        return implode(',', array_map(strval(...), iterator_to_array(RangeSet::of(...array_slice($ranges, 0, 500)))));
    }

    /** The number that a reader sees. */
    private static function shownValue(Worn $worn, float $number): float
    {
        return NumberFormat::of($worn->look->text(Attribute::Number))->rounded($number);
    }

    /** Equal but for what adding floats leaves behind. */
    private static function same(float $one, float $other): bool
    {
        return abs($one - $other) <= 1e-9 * max(1.0, abs($one), abs($other));
    }
}
