<?php

declare(strict_types=1);

namespace Rilvet\Colour;

/** CIELAB under D65 (CIE 15): lightness 0 to 100, a and b about -128 to 128. */
final readonly class Lab
{
    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    public static function of(Colour $colour): self
    {
        [$r, $g, $b] = $colour->linear();
        $x = self::f((0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b) / 0.95047);
        $y = self::f(0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b);
        $z = self::f((0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b) / 1.08883);

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    private static function f(float $t): float
    {
        return $t > 216 / 24389 ? $t ** (1 / 3) : (24389 / 27 * $t + 16) / 116;
    }
}
