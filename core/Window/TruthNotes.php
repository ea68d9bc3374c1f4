<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\Conversion;
use Rilvet\Intake\DateText;
use Rilvet\Look\Attribute;
use Rilvet\Number\NumberFormat;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Looks through the data of a sheet's tables for what its formats hide, and for texts that are meant as numbers or dates. */
final class TruthNotes
{
    /** Rows of a table that are looked at; what is wrong in more of them is wrong in these too. */
    private const ROWS = 5_000;

    /** Stretches of cells that a note names. */
    private const NAMED = 500;

    private const NUMERIC = [ColumnKind::Integer, ColumnKind::Decimal, ColumnKind::Amount, ColumnKind::Percent];

    private readonly Worksheet $sheet;

    private readonly DressedSheet $dressed;

    /** @var array<int, array<string, list<int>>> rows by column and kind of note */
    private array $found = [];

    /** @var array<int, ColumnSums> by column */
    private array $sums = [];

    /** @var list<TruthNote> */
    private array $notes = [];

    private function __construct(Workbook $workbook, int $number, private readonly int $most)
    {
        $this->sheet = $workbook->sheet($number);
        $this->dressed = new DressedSheet($this->sheet, $workbook->looks);
    }

    /**
     * @param  int  $rows  of a table that are looked at
     * @return list<TruthNote>
     */
    public static function of(Workbook $workbook, int $number, int $rows = self::ROWS): array
    {
        $notes = new self($workbook, $number, $rows);
        foreach ($notes->sheet->reading->tables as $table) {
            $notes->table($table);
        }
        $notes->unsettled();

        return $notes->notes;
    }

    /** Formulas that keep what they gave before something that they look at was changed. */
    private function unsettled(): void
    {
        $unsettled = $this->sheet->unsettled;
        if ($unsettled->circles !== []) {
            $many = array_sum(array_map(fn (Range $range) => $range->cells(), $unsettled->circles)) > 1;
            $this->unsettledNote('circle', $unsettled->circles, $many
                ? 'These formulas look at each other in a circle, so that none of them has a result. Change one of them.'
                : 'This formula looks at its own cell, so that it has no result. Change what it looks at.');
        }
        $kept = RangeSet::of(...$unsettled->kept);
        foreach (array_slice($unsettled->circles, 0, self::NAMED) as $circle) {
            $kept = $kept->without($circle);
        }
        $left = $kept->all();
        if ($left !== []) {
            $count = $kept->cells();
            $what = $count === 1
                ? 'A formula cannot be calculated here and keeps its last value.'
                : number_format($count).' formulas cannot be calculated here and keep their last values.';
            $this->unsettledNote('not_calculated', $left, "$what A file handed over asks to be calculated when it is opened.");
        }
    }

    /** @param  non-empty-list<Range>  $ranges */
    private function unsettledNote(string $kind, array $ranges, string $reason): void
    {
        $cells = array_sum(array_map(fn (Range $range) => $range->cells(), $ranges));
        $said = implode(',', array_slice(array_map(strval(...), $ranges), 0, self::NAMED));
        $this->notes[] = new TruthNote($kind, $ranges[0]->top, $ranges[0]->left, $said, $cells, $reason, null, []);
    }

    private function table(TableReading $table): void
    {
        $this->found = $this->sums = [];
        $columns = array_filter(
            $table->columns,
            fn (ColumnReading $column) => in_array($column->kind, [...self::NUMERIC, ColumnKind::Date, ColumnKind::DateTime], true),
        );
        $last = min($table->range->bottom, $table->range->top + $this->most);
        $range = $table->range;
        $lines = $columns === [] ? [] : $this->sheet->cells->read($range->top, $last, $range->left, $range->right);
        foreach ($lines as $row => $cells) {
            if (! in_array($table->runAt($row)?->part, [Part::Body, Part::Subtotal, Part::Total], true)) {
                continue;
            }
            $worn = $this->dressed->stretch($row, $range->left, $range->right)[1];
            foreach ($columns as $column) {
                $cell = $cells[$column->column - 1] ?? Cell::blank();
                $number = $cell->number();
                $isNumeric = in_array($column->kind, self::NUMERIC, true);
                if ($number === null) {
                    $cell->isText() &&
                        $table->partAt($row, $column->column) === Part::Body &&
                        $this->text($row, $column->column, $cell, $isNumeric);
                } elseif ($isNumeric) {
                    $this->number($row, $column->column, $number, $table->partAt($row, $column->column), $worn[$column->column]);
                }
            }
        }
        foreach ($columns as $column) {
            $this->told($table, $column);
        }
    }

    private function number(int $row, int $column, float $number, ?Part $part, ResolvedLook $worn): void
    {
        $sums = $this->sums[$column] ??= new ColumnSums;
        $shown = self::shownValue($worn, $number);
        if ($part === Part::Body) {
            if ($number !== 0.0 && $shown === 0.0) {
                $this->found[$column]['hidden'][] = $row;
            }
            $sums->add($number, $shown);

            return;
        }
        // A subtotal stands for what came since the one before it; a total for that, or for all of the body.
        $block = [$sums->block, $sums->blockShown];
        foreach ($part === Part::Subtotal ? [$block] : [[$sums->all, $sums->allShown], $block] as [$sum, $shownSum]) {
            if (self::same($sum, $number)) {
                self::same($shownSum, $shown) || $this->total($row, $column, $shown, $shownSum, $worn);

                break;
            }
        }
        $sums->beginBlock();
    }

    private function told(TableReading $table, ColumnReading $column): void
    {
        $at = $column->column;
        $found = $this->found[$at] ?? [];
        $sums = $this->sums[$at] ?? new ColumnSums;
        if ($column->kind === ColumnKind::Percent && $sums->large * 2 > $sums->numbers) {
            $this->note(
                'percent',
                $table,
                $at,
                self::bodyRows($table),
                'shares over 100 % that look like whole percents: 10 % is stored as 0.1, and 10 reads as 1000 %.',
                'hundredths',
            );
        }
        $this->note('hidden', $table, $at, $found['hidden'] ?? [], 'values that are not zero but are rounded to it by their format.', null);
        $this->note(
            'text_number',
            $table,
            $at,
            $found['text_number'] ?? [],
            'numbers stored as text: they take no part in sums, and no number format changes them.',
            'numbers',
        );
        $this->note(
            'text_date',
            $table,
            $at,
            $found['text_date'] ?? [],
            'dates stored as text: they sort by their letters, and no date format changes them.',
            'dates_dmy',
        );
        $this->note('text_date', $table, $at, $found['text_date_mdy'] ?? [], 'dates stored as text, with the month first.', 'dates_mdy');
        $this->note(
            'ambiguous_date',
            $table,
            $at,
            $found['ambiguous_date'] ?? [],
            'dates stored as text that can be read in two ways: 03/04 may be April or March.',
            'dates_dmy',
        );
    }

    private function text(int $row, int $column, Cell $cell, bool $isNumeric): void
    {
        if ($isNumeric) {
            $kind = Conversion::number($cell->text()) === null ? null : 'text_number';
        } else {
            [$dmy, $mdy] = [DateText::parse($cell->text(), 'dmy'), DateText::parse($cell->text(), 'mdy')];
            $kind = match (true) {
                $dmy === null && $mdy === null => null,
                $dmy === null => 'text_date_mdy',
                $mdy === null || $dmy === $mdy => 'text_date',
                default => 'ambiguous_date',
            };
        }
        if ($kind !== null) {
            $this->found[$column][$kind][] = $row;
        }
    }

    private function total(int $row, int $column, float $shown, float $shownSum, ResolvedLook $worn): void
    {
        $format = NumberFormat::of($worn->look->text(Attribute::Number));
        $say = fn (float $value) => trim($format->number($value)->text);
        $this->notes[] = new TruthNote(
            'total',
            $row,
            $column,
            Address::columnName($column).$row,
            1,
            "The total shows {$say($shown)}, and the figures shown above it add up to {$say(
                $shownSum,
            )}: each of them is rounded by itself. Show more decimals, or say that figures are rounded.",
            null,
            [],
        );
    }

    /** @param  list<int>  $rows */
    private function note(string $kind, TableReading $table, int $column, array $rows, string $reason, ?string $act): void
    {
        if ($rows === []) {
            return;
        }
        $count = count($rows);
        // Only the first rows were looked at; what is put right is put right in all of them.
        $ranges = self::ranges($act !== null && $table->range->rows() > $this->most ? self::bodyRows($table) : $rows, $column);
        $name = $table->column($column)->heading ?? 'Column '.Address::columnName($column);
        $samples = [];
        foreach (array_slice($rows, 0, 3) as $row) {
            foreach ($act === null ? [] : $this->sheet->cells->read($row, $row, $column, $column) as $cells) {
                $cell = $cells[$column - 1];
                $samples[] = $cell->text().' → '.Conversion::shown($cell, (string) $act);
            }
        }
        $this->notes[] = new TruthNote(
            $kind,
            $rows[0],
            $column,
            $ranges,
            $count,
            trim("$name: ".($count === 1 ? '1 cell holds' : number_format($count).' cells hold')." $reason"),
            $act,
            $samples,
        );
    }

    /** @return list<int> */
    private static function bodyRows(TableReading $table): array
    {
        $rows = [];
        foreach ($table->runs as $run) {
            if ($run->part === Part::Body) {
                array_push($rows, ...range($run->first, $run->last));
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
    private static function shownValue(ResolvedLook $worn, float $number): float
    {
        return NumberFormat::of($worn->look->text(Attribute::Number))->rounded($number);
    }

    /** Equal but for what adding floats leaves behind. */
    private static function same(float $one, float $other): bool
    {
        return abs($one - $other) <= 1e-9 * max(1.0, abs($one), abs($other));
    }
}
