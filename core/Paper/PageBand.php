<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** Rows, or columns, that stand on one page. */
final readonly class PageBand
{
    /**
     * @param  int  $first  row or column
     * @param  float  $size  px that they take on the sheet, without what is repeated
     * @param  float  $room  px that there would have been
     * @param  BandEnd  $end  why it ends there
     * @param  int  $full  the last that would have fitted
     * @param  array{int, int}|null  $repeated  first and last of the rows, or columns, that are repeated before it
     * @param  float  $skip  px of its first row, or column, that stand on the pages before
     */
    public function __construct(
        public int $first,
        public int $last,
        public float $size,
        public float $room,
        public BandEnd $end,
        public int $full,
        public ?array $repeated = null,
        public float $skip = 0.0,
    ) {
    }
}
