<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** A colour mixed with white. */
final class Tint
{
    /**
     * @param  string  $hex  "#RRGGBB"
     * @param  float  $white  0 for the colour itself, 1 for white
     */
    public static function of(string $hex, float $white): string
    {
        $mixed = fn (string $part) => sprintf('%02X', round(hexdec($part) + (255 - hexdec($part)) * $white));

        return '#'.implode('', array_map($mixed, str_split(ltrim($hex, '#'), 2)));
    }
}
