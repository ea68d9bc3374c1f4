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
     */
    public function __construct(public bool $rows, public int $at, public int $count, public bool $in)
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
     * @return array{int, int}|null
     */
    public function stretch(int $first, int $last): ?array
    {
        if ($this->in) {
            return [$first >= $this->at ? $first + $this->count : $first, $last >= $this->at ? $last + $this->count : $last];
        }
        $end = $this->at + $this->count - 1;
        if ($first >= $this->at && $last <= $end) {
            return null;
        }
        $newFirst = $first < $this->at ? $first : ($first > $end ? $first - $this->count : $this->at);
        $newLast = $last < $this->at ? $last : ($last > $end ? $last - $this->count : $this->at - 1);

        return [$newFirst, $newLast];
    }

    public function range(Range $range): ?Range
    {
        $moved = $this->rows ? $this->stretch($range->top, $range->bottom) : $this->stretch($range->left, $range->right);
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

    /** @return array{bool, int, int, bool} ready for JSON */
    public function toArray(): array
    {
        return [$this->rows, $this->at, $this->count, $this->in];
    }

    public function inverse(): self
    {
        return new self($this->rows, $this->at, $this->count, ! $this->in);
    }
}
