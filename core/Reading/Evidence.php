<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * How much a figure that comes out says: a sum of large figures that is right to the last place is no chance, one of small
 * figures may be. Counted in decimal digits: six of them are wrong once in a million tries.
 */
final class Evidence
{
    /** Digits from which on a find counts without a word: some hundred tries a table keep false finds under one table in a thousand. */
    public const ENOUGH = 6.0;

    /** The same where a number or a word says that it is a sum. */
    public const SAID = 4.0;

    /**
     * @param  float  $tolerance  how far off it may be
     * @return float digits
     */
    public static function of(float $value, float $tolerance): float
    {
        return log10(1 + abs($value) / max(1.0, 2 * $tolerance));
    }

    /** The unit of the last decimal place that a number carries; 0 for whole numbers, which are exact. */
    public static function unit(float $value): float
    {
        if ($value === floor($value)) {
            return 0.0;
        }
        for ($places = 0, $unit = 1.0; $places < 6; $places++, $unit /= 10) {
            if (abs($value / $unit - round($value / $unit)) < 1e-6) {
                return $places === 0 ? 0.0 : $unit;
            }
        }

        return 1e-6;
    }

    /**
     * Adds the figures of a row to sums of rows.
     *
     * @param  array<int, array{float, int, float}>  $sums  sum, how many figures, the coarsest unit among them; by column
     * @param  array<int, float|null>  $values  by column
     */
    public static function add(array &$sums, array $values): void
    {
        foreach ($values as $column => $value) {
            if ($value !== null) {
                [$sum, $count, $unit] = $sums[$column] ?? [0.0, 0, 0.0];
                $sums[$column] = [$sum + $value, $count + 1, max($unit, self::unit($value))];
            }
        }
    }
}
