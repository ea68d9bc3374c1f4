<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Colour\Colour;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;

/**
 * By what a conditional look is told apart from the cells around it, for those who do not see its colour (WCAG 2.2, 1.4.1).
 */
final class Told
{
    /** Contrast from which on light and dark tell two apart without their hue; the limit of WCAG 2.2, 1.4.11. */
    private const LIGHT = 3.0;

    /** @return string|null in a word; null for by its hue alone */
    public static function by(Condition $condition, Look $plain): ?string
    {
        if ($condition->marks !== null) {
            return 'by the shape of its mark';
        }
        if ($condition->bar !== null) {
            return 'by the length of its bar';
        }
        if ($condition->scale !== null) {
            $colours = array_map(fn (array $one) => Colour::hex($one[1]), $condition->scale->points);

            return self::spread($colours) >= self::LIGHT ? 'by light and dark' : null;
        }
        $look = $condition->look;
        foreach ([
            [Attribute::Bold, 'by weight'], [Attribute::Italic, 'by slant'], [Attribute::Strike, 'by a line through it'],
            [Attribute::Underline, 'by a line under it'], [Attribute::Top, 'by its edges'], [Attribute::Bottom, 'by its edges'],
            [Attribute::Left, 'by its edges'], [Attribute::Right, 'by its edges'], [Attribute::Number, 'by how its number is written'],
            [Attribute::Size, 'by size'],
        ] as [$attribute, $words]) {
            $value = $look->get($attribute);
            $isPlain = $value === ($plain->get($attribute) ?? (is_bool($value) ? false : 'none'));
            if ($value !== null && ! $isPlain) {
                return $words;
            }
        }
        $worn = $plain->under($look);

        return $plain->paper()->contrast($worn->paper()) >= self::LIGHT || $plain->ink()->contrast($worn->ink()) >= self::LIGHT
            ? 'by light and dark' : null;
    }

    /** @param  list<Colour>  $colours */
    private static function spread(array $colours): float
    {
        $most = 1.0;
        foreach ($colours as $one) {
            foreach ($colours as $other) {
                $most = max($most, $one->contrast($other));
            }
        }

        return $most;
    }
}
