<?php

declare(strict_types=1);

namespace Rilvet\Grid;

use Countable;
use IteratorAggregate;
use Rilvet\Grid\Exception\AddressIsWrong;
use Traversable;

/**
 * Scattered ranges, kept disjoint: a cell that is added twice is in it once.
 *
 * @implements IteratorAggregate<int, Range>
 */
final readonly class RangeSet implements Countable, IteratorAggregate
{
    /** Ranges that a selection may come apart into. */
    private const PIECES = 2_000;

    /** @param  list<Range>  $ranges disjoint */
    private function __construct(private array $ranges)
    {
    }

    public static function of(Range ...$ranges): self
    {
        return new self(self::together($ranges, PHP_INT_MAX));
    }

    /**
     * @param  iterable<Range>  $ranges
     * @return list<Range> disjoint: where two share cells, the later one has them
     *
     * @throws AddressIsWrong
     */
    private static function together(iterable $ranges, int $most): array
    {
        $all = [];
        [$bottom, $right] = [0, 0];
        foreach ($ranges as $range) {
            // Those that come in order lie beyond all before them: what they share with each need not be looked for.
            if ($range->top <= $bottom && $range->left <= $right) {
                $all = self::cut($all, $range);
            }
            $all[] = $range;
            [$bottom, $right] = [max($bottom, $range->bottom), max($right, $range->right)];
            // Rows and columns that cross come apart into the square of what was named.
            if (count($all) > $most) {
                throw AddressIsWrong::pieces($most);
            }
        }

        return $all;
    }

    /**
     * Cells as ranges: one a run of a row while they are few, else the rectangle around them all.
     *
     * @param  array<int, array<int, mixed>>  $cells  by row, then by column
     */
    public static function around(array $cells): self
    {
        $ranges = [];
        foreach ($cells as $row => $columns) {
            $columns = array_keys($columns);
            sort($columns);
            foreach ($columns as $column) {
                $last = array_key_last($ranges);
                if ($last !== null && $ranges[$last]->top === $row && $ranges[$last]->right === $column - 1) {
                    $ranges[$last] = Range::of($row, $ranges[$last]->left, $row, $column);
                } else {
                    $ranges[] = Range::of($row, $column, $row, $column);
                }
            }
            if (count($ranges) > 200) {
                $all = [$ranges[0]->left, ...array_merge(...array_map(array_keys(...), array_values($cells)))];

                return new self([Range::of(min(array_keys($cells)), min($all), max(array_keys($cells)), max($all))]);
            }
        }

        return new self($ranges);
    }

    /** @throws AddressIsWrong reads "B2:D4,F2" */
    public static function parse(string $text): self
    {
        if (substr_count($text, ',') >= self::PIECES) {
            throw AddressIsWrong::pieces(self::PIECES);
        }

        return new self(self::together(array_map(Range::parse(...), explode(',', $text)), self::PIECES));
    }

    public function with(Range $range): self
    {
        return new self([...$this->without($range)->ranges, $range]);
    }

    public function without(Range $hole): self
    {
        return new self(self::cut($this->ranges, $hole));
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<Range> without the cells of a hole
     */
    private static function cut(array $ranges, Range $hole): array
    {
        $left = [];
        foreach ($ranges as $range) {
            $cut = $range->clip($hole);
            $cut === null ? $left[] = $range : array_push($left, ...self::minus($range, $cut));
        }

        return $left;
    }

    public function contains(int $row, int $column): bool
    {
        foreach ($this->ranges as $range) {
            if ($range->contains($row, $column)) {
                return true;
            }
        }

        return false;
    }

    public function clip(Range $to): self
    {
        return new self(array_values(array_filter(array_map(fn (Range $range) => $range->clip($to), $this->ranges))));
    }

    /** How many ranges. */
    public function count(): int
    {
        return count($this->ranges);
    }

    public function cells(): int
    {
        return array_sum(array_map(fn (Range $range) => $range->cells(), $this->ranges));
    }

    /** @return list<Range> */
    public function all(): array
    {
        return $this->ranges;
    }

    public function getIterator(): Traversable
    {
        yield from $this->ranges;
    }

    public function __toString(): string
    {
        return implode(',', $this->ranges);
    }

    /** @return list<Range> up to four: above, below, at the left and at the right of what is cut out of it */
    private static function minus(Range $range, Range $cut): array
    {
        $left = [];
        if ($cut->top > $range->top) {
            $left[] = Range::of($range->top, $range->left, $cut->top - 1, $range->right);
        }
        if ($cut->bottom < $range->bottom) {
            $left[] = Range::of($cut->bottom + 1, $range->left, $range->bottom, $range->right);
        }
        if ($cut->left > $range->left) {
            $left[] = Range::of($cut->top, $range->left, $cut->bottom, $cut->left - 1);
        }
        if ($cut->right < $range->right) {
            $left[] = Range::of($cut->top, $cut->right + 1, $cut->bottom, $range->right);
        }

        return $left;
    }
}
