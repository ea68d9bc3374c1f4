<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\NewData;
use Rilvet\Work\Worksheet;

/**
 * Totals that somebody typed: one that was the sum of its column goes on being it when the rows are others. One that was
 * something else stays as it is.
 */
final readonly class TypedSums
{
    /** Relative difference up to which a sum is the sum (IEEE 754 double precision, a hundred thousand terms). */
    private const NEAR = 1e-9;

    /** @param  list<int>  $columns  whose total is the sum of the rows, as they were */
    private function __construct(private array $columns)
    {
    }

    /** @param  list<int>  $columns  that new values come into; what is worked out is another matter */
    public static function of(Worksheet $sheet, TableReading $table, array $columns): self
    {
        $total = self::total($table);
        if ($total === null) {
            return new self([]);
        }
        $typed = [];
        foreach ($sheet->cells->read($total, $total) as $cells) {
            foreach ($columns as $column) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                if ($cell->formula === null && $cell->isNumber()) {
                    $typed[$column] = (float) $cell->number();
                }
            }
        }
        $sums = $typed === [] ? [] : self::sums($sheet, $table, array_keys($typed));
        $same = array_filter($typed, fn (float $value, int $column) => self::isNear($value, $sums[$column]), ARRAY_FILTER_USE_BOTH);

        return new self(array_keys($same));
    }

    /** @param  TableReading  $table  as it is now */
    public function on(Worksheet $sheet, TableReading $table, NewColumns $places): Worksheet
    {
        $total = self::total($table);
        $columns = array_map($places->at(...), $this->columns);
        if ($columns === [] || $total === null) {
            return $sheet;
        }
        $edits = [];
        foreach (self::sums($sheet, $table, $columns) as $column => $sum) {
            $edits[$total][$column] = Cell::of(floor($sum) === $sum && abs($sum) < 9e15 ? (int) $sum : round($sum, 9));
        }

        return $sheet->readAs($sheet->found, new EditedSheet($sheet->cells, $edits), $sheet->typing);
    }

    /** The one total of a table whose rows are in one piece. */
    private static function total(TableReading $table): ?int
    {
        $body = array_filter($table->runs, fn ($run) => $run->part === Part::Body);
        $totals = array_values(array_filter($table->runs, fn ($run) => $run->part === Part::Total));

        return count($body) === 1 && count($totals) === 1 && $totals[0]->rows() === 1 ? $totals[0]->first : null;
    }

    /**
     * @param  non-empty-list<int>  $columns
     * @return array<int, float>
     */
    private static function sums(Worksheet $sheet, TableReading $table, array $columns): array
    {
        $sums = array_fill_keys($columns, 0.0);
        foreach (NewData::rowsOf($sheet, $table) as $cells) {
            foreach ($columns as $column) {
                $value = Cell::fromStored($cells[$column - 1] ?? null)->number();
                $sums[$column] += $value ?? 0.0;
            }
        }

        return $sums;
    }

    private static function isNear(float $one, float $other): bool
    {
        return abs($one - $other) <= self::NEAR * max(1.0, abs($one), abs($other));
    }
}
