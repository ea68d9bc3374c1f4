<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Range;

/** Cells that a formula looks at. An edge that is not fixed goes along where the formula is filled down. */
final readonly class Reference
{
    /**
     * @param  int  $sheet  number of the sheet
     * @param  Range  $range  as seen from the row that the formula was read in
     */
    public function __construct(public int $sheet, public Range $range, public bool $topFixed, public bool $bottomFixed)
    {
    }

    /**
     * What it looks at from so many rows further down.
     *
     * @return array{int, int} first and last row; may lie beyond the sheet
     */
    public function rows(int $down): array
    {
        $top = $this->range->top + ($this->topFixed ? 0 : $down);
        $bottom = $this->range->bottom + ($this->bottomFixed ? 0 : $down);

        return [min($top, $bottom), max($top, $bottom)];
    }

    /**
     * How far down one has to go to look at one of some rows.
     *
     * @return array{int, int}|null first and last; null for never
     */
    public function downs(int $first, int $last): ?array
    {
        $from = $this->bottomFixed
            ? ($this->range->bottom >= $first ? PHP_INT_MIN : PHP_INT_MAX)
            : $first - $this->range->bottom;
        $to = $this->topFixed
            ? ($this->range->top <= $last ? PHP_INT_MAX : PHP_INT_MIN)
            : $last - $this->range->top;
        if ($this->topFixed !== $this->bottomFixed) {
            // Where one edge stands still the other may pass it; then both ways round count.
            return [PHP_INT_MIN, PHP_INT_MAX];
        }

        return $from > $to ? null : [$from, $to];
    }
}
