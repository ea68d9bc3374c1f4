<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Grid\Range;
use Rilvet\Window\Window;
use Rilvet\Window\WindowLine;

/** A window of cells at its place on a page. */
final class Block
{
    /** @var list<float> where rows begin, px from the top of the box */
    public readonly array $rows;

    /** @var list<float> where columns begin, px from the side where column A stands */
    public readonly array $columns;

    /** @var array<string, Range> by row and column of the first cell */
    private array $merges = [];

    /** @param  float  $beyond  px behind its last column that are blank, and to be had */
    public function __construct(
        public readonly Window $window,
        public readonly Range $range,
        public readonly Box $box,
        public readonly float $scale,
        private readonly bool $isMirrored,
        private readonly float $beyond = 0.0,
    ) {
        $this->rows = self::starts($window->heights, $scale);
        $this->columns = self::starts($window->widths, $scale);
        foreach ($window->merges as [$top, $left, $bottom, $right]) {
            $this->merges["$top.$left"] = Range::of($top, $left, $bottom, $right);
        }
    }

    /**
     * @param  list<int>  $sizes
     * @return list<float>
     */
    private static function starts(array $sizes, float $scale): array
    {
        $starts = [];
        $sum = 0;
        foreach ($sizes as $size) {
            $starts[] = $sum * $scale;
            $sum += $size;
        }

        return $starts;
    }

    public function merge(int $row, int $column): ?Range
    {
        return $this->merges === [] ? null : $this->merges["$row.$column"] ?? null;
    }

    /** px up to the end of the last row, or column. */
    public function end(bool $ofRows): float
    {
        return array_sum($ofRows ? $this->window->heights : $this->window->widths) * $this->scale;
    }

    public function place(int $row, int $column, ?Range $merge = null): Box
    {
        return $this->across($row, $column, $merge->right ?? $column, $merge);
    }

    /** Where a text may stand that begins in one column and ends in another. */
    public function across(int $row, int $from, int $to, ?Range $merge): Box
    {
        [$start, $end] = [$this->columnAt($from), $this->columnAt(($merge->right ?? $to) + 1)];
        // A text may reach over blank columns that are not printed, as far as the page goes.
        $end += $merge === null && $to > $this->range->right ? $this->beyond : 0.0;
        [$top, $bottom] = [$this->rowAt($row), $this->rowAt(($merge->bottom ?? $row) + 1)];

        return new Box($this->x($start, $end), $this->box->y + $top, $end - $start, $bottom - $top);
    }

    /** @return array{float, float, float, float} both ends of a line */
    public function stretch(WindowLine $line): array
    {
        if ($line->side === 'top') {
            $y = $this->box->y + $this->rowAt($line->at);
            [$from, $to] = [$this->columnAt($line->from), $this->columnAt($line->to + 1)];
            $x = $this->x($from, $to);

            return [$x, $y, $x + $to - $from, $y];
        }
        $at = $this->columnAt($line->at);
        $x = $this->x($at, $at);

        return [$x, $this->box->y + $this->rowAt($line->from), $x, $this->box->y + $this->rowAt($line->to + 1)];
    }

    private function x(float $start, float $end): float
    {
        return $this->isMirrored ? $this->box->x + $this->box->width - $end : $this->box->x + $start;
    }

    private function rowAt(int $row): float
    {
        return $this->rows[$row - $this->range->top] ?? ($row < $this->range->top ? 0.0 : $this->end(true));
    }

    private function columnAt(int $column): float
    {
        return $this->columns[$column - $this->range->left] ?? ($column < $this->range->left ? 0.0 : $this->end(false));
    }
}
