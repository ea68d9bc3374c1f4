<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Reading\ColumnReading;

/** How columns and rows are fitted; all in px at 96 dpi. */
final readonly class FitRules
{
    /** @param  array<string, int>  $widths  of the columns under a heading, by the heading in small letters */
    public function __construct(
        public int $least = 40,
        public int $greatest = 320,
        public int $air = 8,
        public int $rowAir = 4,
        public int $headingAir = 12,
        public int $titleAir = 8,
        public int $rowLeast = 0,
        public array $widths = [],
    ) {
    }

    public function widthUnder(string $heading): ?int
    {
        return $this->widths[ColumnReading::plain($heading)] ?? null;
    }
}
