<?php

declare(strict_types=1);

namespace Rilvet\Condition;

/** A bar in one cell; places as shares of the cell's width, 0 at its left edge. */
final readonly class DrawnBar
{
    public function __construct(
        public float $start,
        public float $end,
        public string $colour,
        public ?float $axis = null,
        public ?string $axisColour = null,
        public ?string $border = null,
        public bool $isGradient = false,
        public bool $hidesText = false,
    ) {
    }
}
