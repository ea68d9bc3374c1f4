<?php

declare(strict_types=1);

namespace App\Files\Ods;

use Rilvet\Grid\Range;

/**
 * How far checks on entry and conditional looks reach beside and below the cells that are filled: what is typed there finds
 * them. In an ods a cell has to be written for that.
 */
final class Reached
{
    /** Ranges that are followed below the last row that is filled. */
    private const BELOW = 1_000;

    /** Columns that are followed beside the last one that is filled, and cells of them. */
    private const BESIDE = 256;

    private const CELLS = 500_000;

    /** @var array<int, int> the last column of filled rows that a range reaches beyond, by row */
    private array $right = [];

    /** The last column of all of them. */
    public int $columns;

    /** Whether all of them are followed to their ends. */
    public bool $isWhole = true;

    /** @var list<array{int, int}> stretches of rows below that are alike: their first one, and how many */
    public array $below = [];

    /**
     * @param  list<Range>  $ranges
     * @param  int  $rows  that are filled
     * @param  int  $filled  columns that are
     */
    public function __construct(array $ranges, private readonly int $rows, int $filled)
    {
        $this->columns = $filled;
        $this->beside($ranges, $filled);
        $below = array_values(array_filter($ranges, fn (Range $range) => $range->bottom > $rows));
        $this->isWhole = $this->isWhole && count($below) <= self::BELOW;
        $this->under(array_slice($below, 0, self::BELOW));
    }

    /** The last column of a row that one reaches. */
    public function columnsOf(int $row): int
    {
        return $row > $this->rows ? $this->columns : $this->right[$row] ?? 0;
    }

    /** @param  list<Range>  $ranges */
    private function beside(array $ranges, int $filled): void
    {
        $room = self::CELLS;
        foreach ($ranges as $range) {
            $right = min($range->right, $filled + self::BESIDE);
            $bottom = min($range->bottom, $this->rows);
            $cells = max(0, $right - $filled) * max(0, $bottom - $range->top + 1);
            $this->isWhole = $this->isWhole && $cells <= $room && ($right === $range->right || $range->top > $this->rows);
            if ($cells === 0 || $cells > $room) {
                continue;
            }
            $room -= $cells;
            for ($row = $range->top; $row <= $bottom; $row++) {
                $this->right[$row] = max($this->right[$row] ?? 0, $right);
                $this->columns = max($this->columns, $right);
            }
        }
    }

    /** @param  list<Range>  $ranges */
    private function under(array $ranges): void
    {
        $ends = [];
        foreach ($ranges as $range) {
            $ends[max($range->top, $this->rows + 1)] = $ends[$range->bottom + 1] = true;
            $this->columns = max($this->columns, $range->right);
        }
        ksort($ends);
        $ends = array_keys($ends);
        // Between two ends all rows are alike.
        foreach (array_slice($ends, 0, -1) as $index => $row) {
            $this->below[] = [$row, $ends[$index + 1] - $row];
        }
    }
}
