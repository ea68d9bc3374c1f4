<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Protection;
use Rilvet\Look\Attribute;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The cells that an act goes to: ranges on one or several sheets. */
final readonly class Targets
{
    /** @param  non-empty-list<int>  $sheets the same addresses on each */
    public function __construct(public array $sheets, public RangeSet $ranges)
    {
    }

    /**
     * The sheets with their ranges. Whole rows end at the last column in use, so that a row is not sixteen thousand runs.
     *
     * @param  Allowance|null  $needs  what has to be allowed on a protected sheet; null where the act looks at that itself
     * @return iterable<int, array{Worksheet, list<Range>}>
     *
     * @throws SheetIsClosed
     */
    public function on(Workbook $workbook, ?Allowance $needs = Allowance::DressCells): iterable
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            $needs === null || self::open($sheet, $needs);
            $ranges = [];
            foreach ($this->ranges as $range) {
                $right = $range->columns() > 200 ? min($range->right, max($range->left, self::lastColumn($sheet))) : $range->right;
                $ranges[] = Range::of($range->top, $range->left, $range->bottom, $right);
            }
            yield $number => [$sheet, $ranges];
        }
    }

    /**
     * What has to be allowed, all of it, where the sheet is protected.
     *
     * @throws SheetIsClosed
     */
    public static function open(Worksheet $sheet, Allowance ...$needs): void
    {
        if (! $sheet->setup->tab->protected) {
            return;
        }
        foreach ($needs === [] ? [Allowance::DressCells] : $needs as $need) {
            $sheet->aspect(Protection::class)->allows($need) || throw SheetIsClosed::protected($sheet->name, $need->words());
        }
    }

    /**
     * Cells that are typed over have to be open where the sheet is protected.
     *
     * @param  array<int, array<int, mixed>>  $cells  by row, then by column
     *
     * @throws SheetIsClosed
     */
    public static function enter(Worksheet $sheet, DressedSheet $dressed, array $cells): void
    {
        $sheet->setup->tab->protected && self::unlocked($sheet, $dressed, $cells);
    }

    /**
     * @param  array<int, array<int, mixed>>  $cells  by row, then by column
     *
     * @throws SheetIsClosed
     */
    public static function unlocked(Worksheet $sheet, DressedSheet $dressed, array $cells): void
    {
        foreach ($cells as $row => $columns) {
            foreach (array_keys($columns) as $column) {
                $dressed->at($row, $column)->look->get(Attribute::Locked) === false
                    || throw SheetIsClosed::locked($sheet->name, Address::columnName($column).$row);
            }
        }
    }

    /** "B2:D4", "18 ranges", with the number of sheets where there are several. */
    public function words(): string
    {
        $where = count($this->ranges) <= 2 ? (string) $this->ranges : count($this->ranges).' ranges';

        return count($this->sheets) === 1 ? $where : "$where, ".count($this->sheets).' sheets';
    }

    private static function lastColumn(Worksheet $sheet): int
    {
        return array_reduce($sheet->reading->tables, fn (int $last, $table) => max($last, $table->range->right), $sheet->cells->columns());
    }
}
