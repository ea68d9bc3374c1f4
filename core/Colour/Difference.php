<?php

declare(strict_types=1);

namespace Rilvet\Colour;

/**
 * CIEDE2000, by Sharma, Wu and Dalal, "The CIEDE2000 color-difference formula: implementation notes, supplementary test
 * data, and mathematical observations" (2005). Below 1 nobody sees a difference; below 3 two fills pass for one.
 */
final class Difference
{
    public static function ciede2000(Colour $first, Colour $second): float
    {
        return self::ofLab(Lab::of($first), Lab::of($second));
    }

    public static function ofLab(Lab $p, Lab $q): float
    {
        $mean = (hypot($p->a, $p->b) + hypot($q->a, $q->b)) / 2;
        $g = 0.5 * (1 - sqrt($mean ** 7 / ($mean ** 7 + 25 ** 7)));
        $a1 = (1 + $g) * $p->a;
        $a2 = (1 + $g) * $q->a;
        $c1 = hypot($a1, $p->b);
        $c2 = hypot($a2, $q->b);
        $h1 = self::hue($p->b, $a1);
        $h2 = self::hue($q->b, $a2);

        $dl = $q->l - $p->l;
        $dc = $c2 - $c1;
        $dh = 0.0;
        if ($c1 * $c2 != 0.0) {
            $dh = $h2 - $h1;
            $dh += $dh > 180 ? -360
                : ($dh < -180 ? 360 : 0);
        }
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2));

        $l = ($p->l + $q->l) / 2;
        $c = ($c1 + $c2) / 2;
        $h = $h1 + $h2;
        if ($c1 * $c2 != 0.0) {
            $h = abs($h1 - $h2) <= 180 ? $h / 2
                : ($h < 360 ? ($h + 360) / 2 : ($h - 360) / 2);
        }
        $t =
            1 -
            0.17 * cos(deg2rad($h - 30)) +
            0.24 * cos(deg2rad(2 * $h)) +
            0.32 * cos(deg2rad(3 * $h + 6)) -
            0.2 * cos(deg2rad(4 * $h - 63));
        $turn = 30 * exp(-((($h - 275) / 25) ** 2));
        $rc = 2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7));
        $sl = 1 + 0.015 * ($l - 50) ** 2 / sqrt(20 + ($l - 50) ** 2);
        $sc = 1 + 0.045 * $c;
        $sh = 1 + 0.015 * $c * $t;
        $rt = -sin(deg2rad(2 * $turn)) * $rc;

        return sqrt(($dl / $sl) ** 2 + ($dc / $sc) ** 2 + ($dH / $sh) ** 2 + $rt * ($dc / $sc) * ($dH / $sh));
    }

    private static function hue(float $b, float $a): float
    {
        if ($a == 0.0 && $b == 0.0) {
            return 0.0;
        }
        $degrees = rad2deg(atan2($b, $a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }
}
