<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Compare\Comparison;
use Rilvet\Compare\Difference;

/** Two sheets beside each other. */
final readonly class SideRecord
{
    /**
     * @param  list<list<int>>  $rows  first at the left, first at the right, how many: those that are the same ones
     * @param  list<list<int>>  $columns
     * @param  list<Difference>  $differences  the most frequent first
     * @param  int  $leftRows  that are only at the left
     * @param  bool  $isPart  the sheets are so large that not all cells were compared
     */
    public function __construct(
        public array $rows,
        public array $columns,
        public array $differences,
        public int $leftRows,
        public int $rightRows,
        public int $leftColumns,
        public int $rightColumns,
        public bool $isPart,
    ) {
    }

    /** @param  array{int, int, int, int}  $sizes  rows and columns of the left, then of the right */
    public static function of(Comparison $of, array $sizes): self
    {
        return new self(
            $of->rows, $of->columns, $of->differences,
            Comparison::unmatched($of->rows, $sizes[0]), Comparison::unmatched($of->rows, $sizes[2]),
            Comparison::unmatched($of->columns, $sizes[1]), Comparison::unmatched($of->columns, $sizes[3]), $of->isPart,
        );
    }
}
