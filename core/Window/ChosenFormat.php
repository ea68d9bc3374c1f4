<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Number\NumberChoice;

/** A number format as a person chose it. */
final readonly class ChosenFormat
{
    public function __construct(
        public string $purpose,
        public int $decimals,
        public string $negative,
        public string $zero,
        public string $symbol,
        public string $place,
        public int $length,
        public string $pattern,
        public bool $hasDecimals,
        public bool $hasSigns,
    ) {
    }

    public static function of(NumberChoice $choice): self
    {
        return new self(...$choice->toArray(), hasDecimals: $choice->purpose->hasDecimals(), hasSigns: $choice->purpose->hasSigns());
    }
}
