<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

/** How columns and rows are fitted; all in px at 96 dpi. */
final readonly class FitRules
{
    public function __construct(
        public int $least = 40,
        public int $greatest = 320,
        public int $air = 8,
        public int $rowAir = 4,
        public int $headingAir = 12,
        public int $titleAir = 8,
    ) {
    }
}
