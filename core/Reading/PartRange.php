<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;

/** A part at its place, with how sure the reading is (0 to 1) and why. */
final readonly class PartRange
{
    public function __construct(
        public Part $part,
        public Range $range,
        public float $confidence,
        public string $why,
    ) {
    }
}
