<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** Rows that have changed places among themselves, as far as some columns go: what a sort does. */
final readonly class RowOrder
{
    /** @var array<int, int> where each row goes, by the row it comes from */
    private array $to;

    /**
     * @param  non-empty-array<int, int>  $from  where each row comes from, by the row it goes to; a permutation; rows that stay may be
     *     left out
     */
    public function __construct(public int $left, public int $right, public array $from)
    {
        $this->to = array_flip($from);
    }

    public function first(): int
    {
        return min(array_keys($this->from));
    }

    public function last(): int
    {
        return max(array_keys($this->from));
    }

    /** The rows that change places, as far as they do. */
    public function range(): Range
    {
        return Range::of($this->first(), $this->left, $this->last(), $this->right);
    }

    public function hasColumn(int $column): bool
    {
        return $column >= $this->left && $column <= $this->right;
    }

    /** Where a cell goes. */
    public function row(int $row, int $column): int
    {
        return $this->hasColumn($column) ? $this->to[$row] ?? $row : $row;
    }

    /**
     * Where the cells of a range go; one that holds all of the rows, or none, stays.
     *
     * @return list<Range> from the top down
     */
    public function ranges(Range $range): array
    {
        [$first, $last] = [max($range->top, $this->first()), min($range->bottom, $this->last())];
        if (
            $first > $last ||
            ! $range->meetsColumns($this->left, $this->right) ||
            ($first === $this->first() && $last === $this->last())
        ) {
            return [$range];
        }
        $rows = [];
        for ($row = $first; $row <= $last; $row++) {
            $rows[] = $this->to[$row] ?? $row;
        }
        sort($rows);
        $inside = $this->hasColumn($range->left) && $this->hasColumn($range->right);
        $moved = [];
        foreach ($rows as $row) {
            $end = array_key_last($moved);
            if ($end !== null && $moved[$end][1] === $row - 1) {
                $moved[$end][1] = $row;
            } else {
                $moved[] = [$row, $row];
            }
        }
        $left = max($range->left, $this->left);
        $right = min($range->right, $this->right);
        $ranges = array_map(fn (array $run) => Range::of($run[0], $left, $run[1], $right), $moved);
        foreach (RangeSet::of($range)->without(Range::of($first, $left, $last, $right)) as $rest) {
            $ranges[] = $rest;
        }
        $inside || usort($ranges, fn (Range $one, Range $other) => [$one->top, $one->left] <=> [$other->top, $other->left]);

        return $ranges;
    }

    /** @return array{string, int, int, string} ready for JSON; the rows as packed whole numbers of 32 bits */
    public function toArray(): array
    {
        return [
            'order',
            $this->left,
            $this->right,
            base64_encode((string) gzdeflate(pack('V*', ...array_keys($this->from)).pack('V*', ...array_values($this->from)), 1)),
        ];
    }

    /** @param  array{string, int, int, string}  $data */
    public static function fromArray(array $data): self
    {
        /** @var list<int> $rows */
        $rows = array_values((array) unpack('V*', (string) gzinflate((string) base64_decode($data[3], true))));
        $count = intdiv(count($rows), 2);
        $from = array_combine(array_slice($rows, 0, $count), array_slice($rows, $count));
        assert($from !== []);

        return new self($data[1], $data[2], $from);
    }
}
