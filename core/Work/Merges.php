<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Range;

/** The merged cells of a sheet, found by place: a row looks through its own alone, however many the sheet has. */
final class Merges
{
    /** Rows of a merge up to which each of them knows it. */
    private const SHORT = 64;

    /** @var array<int, list<Range>>|null those of few rows, by row; null until one is asked for */
    private ?array $rows = null;

    /** @var list<Range> */
    private array $tall = [];

    /** @param  list<Range>  $ranges disjoint */
    public function __construct(private readonly array $ranges)
    {
    }

    public function at(int $row, int $column): ?Range
    {
        if ($this->ranges === []) {
            return null;
        }
        $rows = $this->rows ?? $this->byRow();
        foreach ($rows[$row] ?? [] as $range) {
            if ($range->contains($row, $column)) {
                return $range;
            }
        }
        foreach ($this->tall as $range) {
            if ($range->contains($row, $column)) {
                return $range;
            }
        }

        return null;
    }

    /** @return array<int, list<Range>> */
    private function byRow(): array
    {
        $rows = [];
        foreach ($this->ranges as $range) {
            if ($range->rows() > self::SHORT) {
                $this->tall[] = $range;

                continue;
            }
            for ($row = $range->top; $row <= $range->bottom; $row++) {
                $rows[$row][] = $range;
            }
        }

        return $this->rows = $rows;
    }

    /** Whether a cell lies under a merge, and is not the one that shows. */
    public function hides(int $row, int $column): bool
    {
        $range = $this->at($row, $column);

        return $range !== null && ($range->top !== $row || $range->left !== $column);
    }
}
