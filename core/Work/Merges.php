<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Block;
use Rilvet\Grid\Range;

/** The merged cells of a sheet, found by place: a stretch of rows looks through all of them once, its cells only through its own. */
final class Merges
{
    /** @var array<int, list<Range>> by stretch of rows */
    private array $near = [];

    /** @param  list<Range>  $ranges disjoint */
    public function __construct(private readonly array $ranges)
    {
    }

    public function at(int $row, int $column): ?Range
    {
        if ($this->ranges === []) {
            return null;
        }
        $stretch = Block::of($row);
        $this->near[$stretch] ??= array_values(array_filter($this->ranges, fn (Range $range) => Block::of($range->top) <= $stretch && Block::of($range->bottom) >= $stretch));
        foreach ($this->near[$stretch] as $range) {
            if ($range->contains($row, $column)) {
                return $range;
            }
        }

        return null;
    }

    /** Whether a cell lies under a merge, and is not the one that shows. */
    public function hides(int $row, int $column): bool
    {
        $range = $this->at($row, $column);

        return $range !== null && ($range->top !== $row || $range->left !== $column);
    }
}
