<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** Lists of words and ticks, in which a row of a label alone may be a line without a tick. */
final class Ticks
{
    /** Rows without a tick that are to be expected, from which on one is no group. */
    private const BY_CHANCE = 0.2;

    /**
     * Whether rows of only a label are what chance leaves without a tick in a list of words, and no groups: by how many of the
     * other cells are blank, as many of them are to be expected as there are, within a few.
     */
    public static function areGappy(Region $region, int $from, int $to): bool
    {
        if ($region->range->columns() === 2) {
            return self::isOne($region, $from, $to);
        }
        [$expected, $lone] = self::lone($region, $from, $to);

        return $expected >= self::BY_CHANCE && $lone <= 1 + 4 * $expected;
    }

    /**
     * How many rows of only a label chance leaves, by how many of the other cells are blank; and how many there are.
     *
     * @return array{float, int}
     */
    public static function lone(Region $region, int $from, int $to): array
    {
        $width = $region->range->columns() - 1;
        $rows = $lone = $blank = 0;
        foreach ($region->sample($from, $to) as $row) {
            $letters = substr($region->letters($row), 1);
            $gaps = substr_count($letters, '.');
            if ($region->filled($row) > 0) {
                $rows++;
                $lone += $gaps === $width ? 1 : 0;
                $blank += $gaps === $width ? 0 : $gaps;
            }
        }

        return [$width === 0 || $rows === $lone ? 0.0 : $rows * ($blank / (($rows - $lone) * $width)) ** $width, $lone];
    }

    /** Whether the second of two columns says but one thing, or nothing. */
    private static function isOne(Region $region, int $from, int $to): bool
    {
        $said = [];
        foreach ($region->sample($from, $to) as $row) {
            $said[mb_strtolower($region->text($row, $region->range->right))] = true;
        }
        unset($said['']);

        return count($said) === 1;
    }
}
