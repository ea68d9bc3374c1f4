<?php

declare(strict_types=1);

namespace Rilvet\Measure;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;

/**
 * The box of a text that is turned: its lines follow each other across their own direction. Upright lines may break where their
 * row ends; slanted and stacked ones keep to the line breaks that were typed.
 */
final class Turned
{
    /** Room that a turned text keeps from both ends of its row together, px. */
    public const PADDING = 6;

    /** Whether a text is broken into lines where its room ends. */
    public static function wraps(Look $look): bool
    {
        return $look->is(Attribute::Wrap) && in_array((int) $look->number(Attribute::Rotation), [0, 90, -90], true);
    }

    /**
     * The share of its length and that of its height that a slanted or upright line takes.
     *
     * @param  float  $length  of the longest line, px
     * @param  float  $height  of all lines, px
     * @return array{float, float} px across and down
     */
    public static function box(float $length, float $height, int $degrees): array
    {
        [$cos, $sin] = [cos(deg2rad(abs($degrees))), sin(deg2rad(abs($degrees)))];

        return [$cos * $length + $sin * $height, $sin * $length + $cos * $height];
    }

    /**
     * @param  int  $line  height of a line, px
     * @param  int  $letter  height of a letter, px
     * @return array{int, int} px across and down of a text whose letters stand below each other, its lines beside each other
     */
    public static function stacked(string $text, int $line, int $letter): array
    {
        $lines = explode("\n", $text);

        return [count($lines) * $line, max(array_map(mb_strlen(...), $lines)) * $letter];
    }
}
