<?php

declare(strict_types=1);

namespace Rilvet\Look;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;

/**
 * Which look each cell of a sheet carries, as runs down each column: formatting a whole column stores one run.
 * Cells hold small integers; what they mean is in the workbook's {@see LookBook}. 0 is no look.
 *
 * Runs by column: first row, last row, look.
 *
 * @phpstan-type Runs array<int, list<array{int, int, int}>>
 */
final class LookMap
{
    /** @param  Runs  $columns sorted, disjoint, neighbours of one look joined */
    public function __construct(private array $columns = [])
    {
    }

    public function at(int $row, int $column): int
    {
        $runs = $this->columns[$column] ?? [];
        $low = 0;
        $high = count($runs) - 1;
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            [$first, $last, $look] = $runs[$middle];
            if ($row < $first) {
                $high = $middle - 1;
            } elseif ($row > $last) {
                $low = $middle + 1;
            } else {
                return $look;
            }
        }

        return 0;
    }

    /**
     * The runs of a column between two rows, cut to them.
     *
     * @return iterable<array{int, int, int}> first row, last row, look
     */
    public function within(int $column, int $top, int $bottom): iterable
    {
        $runs = $this->columns[$column] ?? [];
        [$low, $high] = [0, count($runs)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $runs[$middle][1] < $top ? $low = $middle + 1 : $high = $middle;
        }
        for (; $low < count($runs) && $runs[$low][0] <= $bottom; $low++) {
            [$first, $last, $look] = $runs[$low];
            yield [max($first, $top), min($last, $bottom), $look];
        }
    }

    /**
     * Rows in which another map says other looks.
     *
     * @param  int  $last  rows below are left out
     * @return array<int, true>|null null where they are more than wanted
     */
    public function differs(self $other, int $last, int $most): ?array
    {
        $rows = [];
        foreach (array_keys($this->columns + $other->columns) as $column) {
            [$one, $two] = [$this->columns[$column] ?? [], $other->columns[$column] ?? []];
            foreach (
                $one === $two
                    ? []
                    : [
                        ...array_udiff($one, $two, fn (array $a, array $b) => $a <=> $b),
                        ...array_udiff($two, $one, fn (array $a, array $b) => $a <=> $b),
                    ] as [$first, $end]
            ) {
                if (min($end, $last) - $first >= $most) {
                    return null;
                }
                for ($row = $first; $row <= min($end, $last); $row++) {
                    $rows[$row] = true;
                }
                if (count($rows) > $most) {
                    return null;
                }
            }
        }

        return $rows;
    }

    /** @return list<int> columns in which another map says other looks */
    public function columnsOther(self $other): array
    {
        return array_values(
            array_filter(
                array_keys($this->columns + $other->columns),
                fn (int $column) => ($this->columns[$column] ?? []) !== ($other->columns[$column] ?? []),
            ),
        );
    }

    public function set(Range $range, int $look): void
    {
        $this->map($range, fn () => $look);
    }

    /**
     * Replaces each look in a range by what a function makes of it; the function is asked once a run.
     *
     * @param  callable(int): int  $change
     */
    public function map(Range $range, callable $change): void
    {
        for ($column = $range->left; $column <= $range->right; $column++) {
            $this->mapStretches($column, [[$range->top, $range->bottom]], $change);
        }
    }

    /**
     * The same in stretches of rows of one column, however many, in one pass.
     *
     * @param  list<array{int, int}>  $stretches  first and last row, from the top down, none over another
     * @param  callable(int): int  $change
     */
    public function mapStretches(int $column, array $stretches, callable $change): void
    {
        $runs = self::mapped($this->columns[$column] ?? [], $stretches, $change);
        if ($runs === []) {
            unset($this->columns[$column]);
        } else {
            $this->columns[$column] = $runs;
        }
    }

    /**
     * Replaces the look of each cell in a range by what a function makes of it; the function is asked once a cell.
     *
     * @param  callable(int, int, int): int  $change  row, column, look
     */
    public function mapEach(Range $range, callable $change): void
    {
        for ($column = $range->left; $column <= $range->right; $column++) {
            $new = [];
            $below = [];
            foreach ($this->columns[$column] ?? [] as [$first, $last, $look]) {
                self::push($new, $first, min($last, $range->top - 1), $look);
                self::push($below, max($first, $range->bottom + 1), $last, $look);
            }
            for ($row = $range->top; $row <= $range->bottom; $row++) {
                self::push($new, $row, $row, $change($row, $column, $this->at($row, $column)));
            }
            foreach ($below as [$first, $last, $look]) {
                self::push($new, $first, $last, $look);
            }
            if ($new === []) {
                unset($this->columns[$column]);
            } else {
                $this->columns[$column] = $new;
            }
        }
    }

    /**
     * The map after rows changed places.
     *
     * @param  array<int, int>  $rows  where each row of the range comes from, by the row it goes to
     * @param  (callable(int, int): int)|null  $join  makes the look of what comes and what was there; null takes what comes
     */
    public function ordered(Range $range, array $rows, ?callable $join = null): self
    {
        $columns = $this->columns;
        $memo = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            $runs = $columns[$column] ?? [];
            $inside = array_values(array_filter($runs, fn (array $run) => $run[0] <= $range->bottom && $run[1] >= $range->top));
            // What all rows wear alike, they wear in any order.
            if ($inside === [] || count($inside) === 1 && $inside[0][0] <= $range->top && $inside[0][1] >= $range->bottom) {
                continue;
            }
            $was = array_fill($range->top, $range->rows(), 0);
            foreach ($inside as [$first, $last, $look]) {
                for ($row = max($first, $range->top), $end = min($last, $range->bottom); $row <= $end; $row++) {
                    $was[$row] = $look;
                }
            }
            $new = [];
            foreach ($runs as [$first, $last, $look]) {
                self::push($new, $first, min($last, $range->top - 1), $look);
            }
            foreach ($was as $row => $there) {
                $comes = $was[$rows[$row] ?? $row] ?? 0;
                self::push(
                    $new,
                    $row,
                    $row,
                    $join === null || $comes === $there ? $comes : ($memo["$comes.$there"] ??= $join($comes, $there)),
                );
            }
            foreach ($runs as [$first, $last, $look]) {
                self::push($new, max($first, $range->bottom + 1), $last, $look);
            }
            if ($new === []) {
                unset($columns[$column]);
            } else {
                $columns[$column] = $new;
            }
        }

        return new self($columns);
    }

    /** Adds one cell below all that its column holds already; for readers, which go down the rows. */
    public function append(int $row, int $column, int $look): void
    {
        $this->appendRun($row, $row, $column, $look);
    }

    /** Adds cells below all that their column holds already. */
    public function appendRun(int $row, int $end, int $column, int $look): void
    {
        if ($look === 0) {
            return;
        }
        $last = isset($this->columns[$column]) ? count($this->columns[$column]) - 1 : -1;
        if ($last >= 0 && $this->columns[$column][$last][1] === $row - 1 && $this->columns[$column][$last][2] === $look) {
            $this->columns[$column][$last][1] = $end;
        } else {
            $this->columns[$column][] = [$row, $end, $look];
        }
    }

    /** The map after rows or columns were put in or taken out; a run that new rows fall into covers them. */
    public function moved(Shift $shift): self
    {
        $columns = [];
        foreach ($this->columns as $column => $runs) {
            $to = $shift->rows ? $column : $shift->place($column);
            if ($to === null) {
                continue;
            }
            $moved = [];
            foreach ($runs as [$first, $last, $look]) {
                $stretch = $shift->rows ? $shift->stretch($first, $last, $column, $column) : [$first, $last];
                if ($stretch !== null && $stretch[0] <= Address::ROWS) {
                    self::push($moved, $stretch[0], min(Address::ROWS, $stretch[1]), $look);
                }
            }
            if ($moved !== []) {
                $columns[$to] = $moved;
            }
        }

        return new self($columns);
    }

    /**
     * Where a look is, as ranges from left to right; columns beside each other that carry it in the same rows are one range.
     *
     * @return list<Range>
     */
    public function ranges(int $look): array
    {
        $ranges = [];
        $open = [];
        foreach ($this->runs() as $column => $runs) {
            $now = [];
            foreach ($runs as [$first, $last, $carried]) {
                if ($carried !== $look) {
                    continue;
                }
                $before = $open["$first.$last"] ?? null;
                $joined = $before !== null && $ranges[$before]->right === $column - 1;
                $now["$first.$last"] = $joined ? $before : count($ranges);
                $ranges[$now["$first.$last"]] = Range::of($first, $joined ? $ranges[$before]->left : $column, $last, $column);
            }
            $open = $now;
        }

        return array_values($ranges);
    }

    /**
     * How far looks reach that end above the last row of a worksheet; what goes down to it belongs to its columns.
     *
     * @return array{int, int} last row and column, 0 where there is none
     */
    public function reach(): array
    {
        $reach = [0, 0];
        foreach ($this->columns as $column => $runs) {
            foreach ($runs as [, $last]) {
                if ($last < Address::ROWS) {
                    $reach = [max($reach[0], $last), max($reach[1], $column)];
                }
            }
        }

        return $reach;
    }

    public function isEmpty(): bool
    {
        return $this->columns === [];
    }

    /** How many runs are stored. */
    public function count(): int
    {
        return array_sum(array_map(count(...), $this->columns));
    }

    /** @return Runs */
    public function runs(): array
    {
        ksort($this->columns);

        return $this->columns;
    }

    /**
     * Runs of a column in which stretches of rows have other looks.
     *
     * @param  list<array{int, int, int}>  $runs
     * @param  list<array{int, int}>  $stretches  first and last row, from the top down, none over another
     * @param  callable(int): int  $change  asked once a run
     * @return list<array{int, int, int}>
     */
    private static function mapped(array $runs, array $stretches, callable $change): array
    {
        $new = [];
        $at = 0;
        foreach ($stretches as [$top, $bottom]) {
            for (; isset($runs[$at]) && $runs[$at][1] < $top; $at++) {
                self::push($new, ...$runs[$at]);
            }
            if (isset($runs[$at])) {
                self::push($new, $runs[$at][0], min($runs[$at][1], $top - 1), $runs[$at][2]);
            }
            for ($row = $top; $row <= $bottom; $row = $to + 1) {
                [$first, $last, $look] = $runs[$at] ?? [PHP_INT_MAX, PHP_INT_MAX, 0];
                [$to, $was] = $first > $row ? [min($bottom, $first - 1), 0] : [min($bottom, $last), $look];
                self::push($new, $row, $to, $change($was));
                $at += $to === $last ? 1 : 0;
            }
            if (isset($runs[$at])) {
                $runs[$at][0] = max($runs[$at][0], $bottom + 1);
            }
        }
        foreach (array_slice($runs, $at) as $run) {
            self::push($new, ...$run);
        }

        return $new;
    }

    /** @param  list<array{int, int, int}>  $runs */
    private static function push(array &$runs, int $first, int $last, int $look): void
    {
        if ($look === 0 || $first > $last) {
            return;
        }
        $end = count($runs) - 1;
        if ($end >= 0 && $runs[$end][1] === $first - 1 && $runs[$end][2] === $look) {
            $runs[$end][1] = $last;
        } else {
            $runs[] = [$first, $last, $look];
        }
    }
}
