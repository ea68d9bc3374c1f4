<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
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
     * @return iterable<int, array{Worksheet, list<Range>}>
     *
     * @throws SheetIsClosed
     */
    public function on(Workbook $workbook): iterable
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            self::open($sheet);
            $ranges = [];
            foreach ($this->ranges as $range) {
                $right = $range->columns() > 200 ? min($range->right, max($range->left, self::lastColumn($sheet))) : $range->right;
                $ranges[] = Range::of($range->top, $range->left, $range->bottom, $right);
            }
            yield $number => [$sheet, $ranges];
        }
    }

    public static function open(Worksheet $sheet): void
    {
        if ($sheet->setup->tab->protected) {
            throw SheetIsClosed::protected($sheet->name);
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
