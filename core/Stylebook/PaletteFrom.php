<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;

/**
 * A whole palette from one colour. Lightness is kept, so that what could be read still can; hues turn together, so that what
 * stood out still does.
 */
final class PaletteFrom
{
    /** What a palette begins with: lightness, and how much of the colour's chroma. */
    private const BEGINNING = [
        'ink' => [0.26, 0.25], 'deep' => [0.33, 0.8], 'band' => [0.4, 1.0], 'mist' => [0.965, 0.12], 'shore' => [0.93, 0.25],
        'stone' => [0.5, 0.2],
    ];

    /** A colour of less chroma than this is a grey, and has no hue to turn. */
    private const GREY = 0.012;

    private const MOST_CHROMA = 0.2;

    /** @return array<string, string> name to "#RRGGBB" */
    public static function of(Palette $palette, Colour $colour): array
    {
        $base = Oklch::of($colour);
        if ($palette->colours === []) {
            return array_map(
                fn (array $step) => (new Oklch($step[0], $base->c * $step[1], $base->h))->colour()->toHex(),
                self::BEGINNING,
            );
        }
        $all = array_map(fn (string $hex) => Oklch::of(Colour::hex($hex)), $palette->colours);
        $lead = self::lead($all);
        if ($lead === null) {
            return $palette->colours;
        }
        $turn = $base->h - $lead->h;
        $strength = $lead->c > 0 ? $base->c / $lead->c : 1.0;

        return array_map(function (Oklch $one) use ($turn, $strength) {
            $chroma = $one->c < self::GREY ? $one->c : min(self::MOST_CHROMA, $one->c * $strength);

            return (new Oklch($one->l, $chroma, fmod($one->h + $turn + 720, 360)))->colour()->toHex();
        }, $all);
    }

    /**
     * The colour that gives a palette its hue: the strongest of the dark ones.
     *
     * @param  array<string, Oklch>  $colours
     */
    private static function lead(array $colours): ?Oklch
    {
        $lead = null;
        foreach ($colours as $one) {
            $isStronger = $lead === null || $one->c * (1 - $one->l) > $lead->c * (1 - $lead->l);
            $lead = $one->c >= self::GREY && $isStronger ? $one : $lead;
        }

        return $lead;
    }
}
