<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Reading\ColumnReading;

/** How columns and rows are fitted; all in px at 96 dpi. */
final readonly class FitRules
{
    /** What each rule takes, in px: least and most. */
    public const LIMITS = [
        'least' => [5, 1000], 'greatest' => [20, 1790], 'air' => [0, 100], 'rowAir' => [0, 100], 'headingAir' => [0, 100],
        'titleAir' => [0, 100], 'rowLeast' => [0, 500],
    ];

    /** What the width under a heading takes. */
    public const WIDTHS = [4, 1790];

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
