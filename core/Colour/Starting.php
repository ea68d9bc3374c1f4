<?php

declare(strict_types=1);

namespace Rilvet\Colour;

/** The colours to begin with where no stylebook brings its own: hues in even steps around OKLCH, of one lightness and chroma. */
final class Starting
{
    private const LIGHTNESS = 0.52;

    private const CHROMA = 0.115;

    private const FIRST = 12.0;

    private const HUES = ['Rosehip', 'Brick', 'Amber', 'Lichen', 'Moss', 'Fern', 'Lagoon', 'Weir', 'Dusk', 'Iris', 'Heather', 'Plum'];

    /** @return array<string, Colour> by name, greys first */
    public static function colours(): array
    {
        $colours = ['Slate' => (new Oklch(0.45, 0.012, 280))->colour()];
        foreach (self::HUES as $step => $name) {
            $colours[$name] = (new Oklch(
                self::LIGHTNESS,
                self::CHROMA,
                fmod(self::FIRST + ($step * 360) / count(self::HUES), 360),
            ))->colour();
        }

        return $colours;
    }
}
