<?php

declare(strict_types=1);

namespace Rilvet\Colour;

/** OKLCH (CSS Color Module Level 4, section 9): lightness 0 to 1, chroma from 0, hue in degrees. */
final readonly class Oklch
{
    public function __construct(public float $l, public float $c, public float $h)
    {
    }

    public static function of(Colour $colour): self
    {
        [$r, $g, $b] = $colour->linear();
        $l = (0.4122214708 * $r + 0.5363325363 * $g + 0.0514459929 * $b) ** (1 / 3);
        $m = (0.2119034982 * $r + 0.6806995451 * $g + 0.1073969566 * $b) ** (1 / 3);
        $s = (0.0883024619 * $r + 0.2817188376 * $g + 0.6299787005 * $b) ** (1 / 3);
        $a = 1.9779984951 * $l - 2.4285922050 * $m + 0.4505937099 * $s;
        $bb = 0.0259040371 * $l + 0.7827717662 * $m - 0.8086757660 * $s;
        $hue = rad2deg(atan2($bb, $a));

        return new self(0.2104542553 * $l + 0.7936177850 * $m - 0.0040720468 * $s, hypot($a, $bb), $hue < 0 ? $hue + 360 : $hue);
    }

    /** The nearest colour of sRGB: chroma is taken back until it fits. */
    public function colour(): Colour
    {
        $low = 0.0;
        $high = $this->c;
        if ($this->fits($high)) {
            return Colour::fromLinear($this->linear($high));
        }
        for ($step = 0; $step < 20; $step++) {
            $middle = ($low + $high) / 2;
            $this->fits($middle) ? $low = $middle : $high = $middle;
        }

        return Colour::fromLinear($this->linear($low));
    }

    /**
     * A run of a colour from light to dark in even steps of lightness, with the chroma eased off at the ends.
     *
     * @return list<Colour>
     */
    public static function run(Colour $colour, int $steps = 7): array
    {
        $base = self::of($colour);
        $run = [];
        for ($step = 0; $step < $steps; $step++) {
            $light = 0.95 - $step * (0.95 - 0.25) / ($steps - 1);
            $run[] = (new self($light, $base->c * min(1.0, 2.2 * min(1 - $light, $light) + 0.1), $base->h))->colour();
        }

        return $run;
    }

    private function fits(float $chroma): bool
    {
        foreach ($this->linear($chroma) as $channel) {
            if ($channel < -1e-4 || $channel > 1.0001) {
                return false;
            }
        }

        return true;
    }

    /** @return array{float, float, float} */
    private function linear(float $chroma): array
    {
        $a = $chroma * cos(deg2rad($this->h));
        $b = $chroma * sin(deg2rad($this->h));
        $l = ($this->l + 0.3963377774 * $a + 0.2158037573 * $b) ** 3;
        $m = ($this->l - 0.1055613458 * $a - 0.0638541728 * $b) ** 3;
        $s = ($this->l - 0.0894841775 * $a - 1.2914855480 * $b) ** 3;

        return [
            4.0767416621 * $l - 3.3077115913 * $m + 0.2309699292 * $s,
            -1.2684380046 * $l + 2.6097574011 * $m - 0.3413193965 * $s,
            -0.0041960863 * $l - 0.7034186147 * $m + 1.7076147010 * $s,
        ];
    }
}
