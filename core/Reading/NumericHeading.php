<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** Headings that are figures: years, month numbers, sizes, dates. */
final class NumericHeading
{
    /**
     * Years, month numbers, sizes and dates over columns of figures: an ordered row whose neighbours below are not.
     *
     * @param  bool  $isFirst  no heading stands above it; under one, a row that happens to rise is one of data
     */
    public static function at(Region $region, int $row, bool $isFirst = true): bool
    {
        $letters = $region->letters($row);
        $values = [];
        foreach (str_split($letters) as $at => $letter) {
            if (str_contains('SNDHbBeE', $letter)) {
                return false;
            }
            if ($letter === 'n' || $letter === 'd') {
                $number = $region->cell($row, $region->range->left + $at)->number();
                if ($number === null || ($letter === 'n' && floor($number) !== $number)) {
                    return false;
                }
                $values[] = $number;
            }
        }
        $below = $row + 1;
        while ($below <= $region->range->bottom && $region->isBlank($below)) {
            $below++;
        }
        if (count($values) < 2 || $below > $region->range->bottom || $region->filled($row) - count($values) > count($values)) {
            return false;
        }
        $years = min($values) >= 1900 && max($values) <= 2100;
        $dates = str_contains($letters, 'd') && ! str_contains($letters, 'n');
        if (! self::rising($values) || (count($values) < 3 && ! $years && ! $dates)) {
            return false;
        }
        // What stands below must not be of the same make, else these are data.
        $same = 0;
        $rows = 0;
        foreach ($region->sample($below, min($region->range->bottom, $below + 30), 40) as $next) {
            $others = [];
            foreach (str_split($letters) as $at => $letter) {
                if ($letter === 'n' || $letter === 'd') {
                    $number = $region->cell($next, $region->range->left + $at)->number();
                    if ($number !== null && ($letter !== 'd' || strtolower($region->letters($next)[$at]) === 'd')) {
                        $others[] = $number;
                    }
                }
            }
            if (count($others) >= 2) {
                $rows++;
                $alike = self::rising($others) && (! $years || (min($others) >= 1900 && max($others) <= 2100));
                $same += $alike ? 1 : 0;
            }
        }
        if ($dates) {
            return $rows === 0 || $same / $rows < 0.5;
        }
        $steps = array_unique(array_map(fn (int $i) => $values[$i + 1] - $values[$i], range(0, count($values) - 2)));
        // Any two figures are as far apart as they are: only those that follow each other say more.
        $isSteady = count($steps) === 1 && (count($values) > 2 || (float) $steps[0] === 1.0);
        if (! $isFirst && ! $isSteady) {
            return false;
        }
        // Whole numbers over decimals are of another make, however both may rise.
        if (count($values) >= 3 && self::decimalsBelow($region, $letters, $below) && preg_match('/[tw]/', $letters) === 1) {
            return true;
        }

        return $rows > 0 && $same / $rows < ($years || $isSteady ? 0.5 : 0.3);
    }

    private static function decimalsBelow(Region $region, string $letters, int $from): bool
    {
        $decimals = 0;
        $all = 0;
        foreach ($region->sample($from, min($region->range->bottom, $from + 30), 40) as $row) {
            foreach (str_split($letters) as $at => $letter) {
                $number = $letter === 'n' ? $region->cell($row, $region->range->left + $at)->number() : null;
                $all += $number === null ? 0 : 1;
                $decimals += $number !== null && floor($number) !== $number ? 1 : 0;
            }
        }

        return $all > 0 && $decimals > 0.6 * $all;
    }

    /** @param  list<float>  $values */
    private static function rising(array $values): bool
    {
        for ($i = 1; $i < count($values); $i++) {
            if ($values[$i] <= $values[$i - 1]) {
                return false;
            }
        }

        return true;
    }
}
