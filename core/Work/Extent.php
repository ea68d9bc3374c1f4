<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Guard\SaidCells;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Aspect\LaidStripe;
use Rilvet\Work\Aspect\LaidStripes;

/** How far a sheet goes: what of it has to be written, painted and printed. */
final class Extent
{
    /** Cells up to which blank ones are written for the looks that they wear. */
    private const WRITTEN = 1_000_000;

    /**
     * The last row and column that hold a cell, a table, a merge, or a look that somebody gave them.
     *
     * @return array{int, int}
     */
    public static function of(Worksheet $sheet): array
    {
        [$row, $column] = [$sheet->cells->rows(), $sheet->cells->columns()];
        foreach ([...array_map(fn (TableReading $table) => $table->range, $sheet->reading->tables), ...$sheet->setup->merges] as $range) {
            [$row, $column] = [max($row, $range->bottom), max($column, $range->right)];
        }
        $laid = array_map(fn (LaidStripe $one) => [$one->range->bottom, $one->range->right], $sheet->aspect(LaidStripes::class)->all);
        foreach ([$sheet->hand->reach(), $sheet->named->reach(), ...$laid, ...self::toBeFilledIn($sheet)] as [$down, $across]) {
            // A look over millions of blank cells is not worth a cell for each of them.
            if (max($row, $down) * max($column, $across) <= max(self::WRITTEN, $row * $column)) {
                [$row, $column] = [max($row, $down), max($column, $across)];
            }
        }

        return [$row, $column];
    }

    /** Whether a whole column has a look, down to the last row of a worksheet: rows that come will have it. */
    public static function isWholeColumn(Worksheet $sheet, int $column): bool
    {
        return $sheet->hand->at(Address::ROWS, $column) !== 0 || $sheet->named->at(Address::ROWS, $column) !== 0
            || (! $sheet->clean && $sheet->file->at(Address::ROWS, $column) !== 0);
    }

    /** @return list<array{int, int}> last row and column of cells that are there to be filled in, where that shows or is guarded */
    private static function toBeFilledIn(Worksheet $sheet): array
    {
        $shows = fn (Part $part) => $sheet->isMarked($part) || $sheet->stylebook?->part($part)->isEmpty() === false
            || array_filter($sheet->rules, fn (PartRule $rule) => $rule->part === $part) !== [];
        $ranges = $shows(Part::EntryCell) ? $sheet->aspect(SaidCells::class)->entries : [];
        foreach ($shows(Part::ChoiceCell) ? $sheet->entries() : [] as $check) {
            $check->isChoice() && array_push($ranges, ...$check->where->ranges($sheet->reading));
        }

        return array_map(fn (Range $range) => [$range->bottom, $range->right], $ranges);
    }
}
