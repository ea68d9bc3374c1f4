<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Dichromacy;
use Rilvet\Colour\Difference;

/** Colours of a palette that pass for one another: for everybody, or for readers who see no red, no green or no blue. */
final class PaletteCheck
{
    /** Two fills nearer than this (CIEDE2000) pass for one. */
    public const SAME = 3.0;

    /** Colours that are this far apart are told apart at a glance. */
    private const APART = 12.0;

    /** What is nearer than this in the eyes of one reader is hard to tell apart. */
    private const ALIKE = 5.0;

    /** @return list<array{string, string, float}> pairs of names that are nearly the same, the nearest first */
    public static function near(Palette $palette): array
    {
        $near = [];
        foreach (self::pairs($palette) as [$one, $other, $first, $second]) {
            $difference = Difference::ciede2000($first, $second);
            if ($difference < self::SAME) {
                $near[] = [$one, $other, round($difference, 1)];
            }
        }
        usort($near, fn (array $a, array $b) => $a[2] <=> $b[2]);

        return $near;
    }

    /** @return list<array{string, string}> pairs of names that a reader of the kind can hardly tell apart, and others can */
    public static function alike(Palette $palette, Dichromacy $reader): array
    {
        $alike = [];
        foreach (self::pairs($palette) as [$one, $other, $first, $second]) {
            $isAlike = Difference::ciede2000($reader->seen($first), $reader->seen($second)) < self::ALIKE;
            if ($isAlike && Difference::ciede2000($first, $second) >= self::APART) {
                $alike[] = [$one, $other];
            }
        }

        return $alike;
    }

    /** @return iterable<array{string, string, Colour, Colour}> */
    private static function pairs(Palette $palette): iterable
    {
        $names = array_map(strval(...), array_keys($palette->colours));
        foreach ($names as $at => $one) {
            foreach (array_slice($names, $at + 1) as $other) {
                yield [$one, $other, Colour::hex($palette->colours[$one]), Colour::hex($palette->colours[$other])];
            }
        }
    }
}
