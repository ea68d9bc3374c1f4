<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Sheet;
use Rilvet\Number\NumberFormat;

/** Count, sum, mean, least and greatest of a selection. */
final readonly class Figures
{
    public function __construct(
        public int $cells,
        public int $filled,
        public int $numbers,
        public ?string $sum,
        public ?string $mean,
        public ?string $least,
        public ?string $greatest,
    ) {
    }

    public static function of(Sheet $sheet, RangeSet $set): self
    {
        if ($sheet->rows() === 0 || $sheet->columns() === 0) {
            return new self($set->cells(), 0, 0, null, null, null, null);
        }
        $filled = $count = 0;
        $sum = 0.0;
        $least = INF;
        $greatest = -INF;
        foreach ($set->clip(Range::of(1, 1, $sheet->rows(), $sheet->columns())) as $range) {
            foreach ($sheet->read($range->top, $range->bottom, $range->left, $range->right) as $cells) {
                for ($index = $range->left - 1; $index < $range->right; $index++) {
                    $cell = $cells[$index];
                    $filled += $cell->isBlank() ? 0 : 1;
                    $number = $cell->number();
                    if ($number !== null) {
                        $count++;
                        $sum += $number;
                        $least = min($least, $number);
                        $greatest = max($greatest, $number);
                    }
                }
            }
        }
        $show = fn (float $number) => NumberFormat::of(floor($number) === $number ? '#,##0' : '#,##0.00')->number($number)->text;

        return $count === 0
            ? new self($set->cells(), $filled, 0, null, null, null, null)
            : new self($set->cells(), $filled, $count, $show($sum), $show($sum / $count), $show($least), $show($greatest));
    }
}
