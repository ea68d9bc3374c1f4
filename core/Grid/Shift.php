<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** Rows or columns that are put in, or taken out, at a place; and where everything else goes. */
final readonly class Shift
{
    /**
     * @param  bool  $rows  of rows; else of columns
     * @param  int  $at  the first row or column that is put in or taken out
     * @param  bool  $in  put in; else taken out
     * @param  Growth|null  $growth  rows of a table that they belong to, though they are put in at its edge
     */
    public function __construct(public bool $rows, public int $at, public int $count, public bool $in, public ?Growth $growth = null)
    {
    }

    /** Where a row or column goes; null where it is taken out. */
    public function place(int $index): ?int
    {
        if ($index < $this->at) {
            return $index;
        }
        if ($this->in) {
            return $index + $this->count;
        }

        return $index < $this->at + $this->count ? null : $index - $this->count;
    }

    /**
     * Where a stretch goes: one that the place lies inside grows or shrinks; null where all of it is taken out.
     *
     * @param  int|null  $left  first and last of the columns that it reaches over, where that is known: over a table that grows at
     *     its edge, what reaches over all of its rows grows along
     * @return array{int, int}|null
     */
    public function stretch(int $first, int $last, ?int $left = null, ?int $right = null): ?array
    {
        if ($this->in) {
            if ($left !== null && $this->growth?->holds($first, $last, $left, $right ?? $left) === true) {
                return [$first, $last + $this->count];
            }

            return [$first >= $this->at ? $first + $this->count : $first,
                $last >= $this->at ? $last + $this->count : $last];
        }
        $end = $this->at + $this->count - 1;
        if ($first >= $this->at && $last <= $end) {
            return null;
        }
        $newFirst = $first < $this->at ? $first
            : ($first > $end ? $first - $this->count : $this->at);
        $newLast = $last < $this->at ? $last
            : ($last > $end ? $last - $this->count : $this->at - 1);

        return [$newFirst, $newLast];
    }

    public function range(Range $range): ?Range
    {
        $moved = $this->rows ? $this->stretch($range->top, $range->bottom, $range->left, $range->right)
            : $this->stretch($range->left, $range->right);
        if ($moved === null) {
            return null;
        }
        $limit = $this->rows ? Address::ROWS : Address::COLUMNS;
        [$first, $last] = [$moved[0], min($limit, $moved[1])];
        if ($first > $last) {
            return null;
        }

        return $this->rows ? Range::of($first, $range->left, $last, $range->right) : Range::of($range->top, $first, $range->bottom, $last);
    }

    /** @return array{0: bool, 1: int, 2: int, 3: bool, 4?: array{int, int, int, int}} ready for JSON */
    public function toArray(): array
    {
        return [$this->rows, $this->at, $this->count, $this->in, ...($this->growth === null ? [] : [$this->growth->toArray()])];
    }

    /** @param  array{0: bool, 1: int, 2: int, 3: bool, 4?: array{int, int, int, int}}  $data */
    public static function fromArray(array $data): self
    {
        return new self($data[0], $data[1], $data[2], $data[3], isset($data[4]) ? new Growth(...$data[4]) : null);
    }

    public function inverse(): self
    {
        return new self($this->rows, $this->at, $this->count, ! $this->in);
    }
}
