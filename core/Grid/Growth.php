<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * Rows of a table that get more at their upper or lower edge: what reaches over all of them grows along, so that a sum still
 * sums all and a chart still shows all. What reaches over some of them, or beside the table, does not.
 */
final readonly class Growth
{
    /**
     * @param  int  $first  of the rows as they were
     * @param  int  $last  of them
     */
    public function __construct(public int $left, public int $right, public int $first, public int $last)
    {
    }

    /**
     * Whether a stretch of rows over some columns grows along.
     *
     * @param  bool  $isRange  one row of it is meant as a range too
     */
    public function holds(int $first, int $last, int $left, int $right, bool $isRange = false): bool
    {
        return $first <= $this->first && $last >= $this->last && ($first < $last || $isRange) && $left <= $this->right
            && $right >= $this->left
            && ($first === $this->first || $last === $this->last);
    }

    /** Whether a cell stands in the rows. */
    public function contains(int $row, int $column): bool
    {
        return $row >= $this->first && $row <= $this->last && $this->hasColumn($column);
    }

    public function hasColumn(int $column): bool
    {
        return $column >= $this->left && $column <= $this->right;
    }

    /** @return array{int, int, int, int} ready for JSON */
    public function toArray(): array
    {
        return [$this->left, $this->right, $this->first, $this->last];
    }
}
