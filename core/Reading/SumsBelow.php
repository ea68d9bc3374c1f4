<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Closure;

/**
 * Rows whose figures are the sums of the rows under them: a grand total that comes first, groups under their sums. From the
 * bottom up, each row is tried against the units that follow it; a sum and its details are one unit for what stands above.
 */
final class SumsBelow
{
    /** Rows above which they are not looked for. */
    public const MOST_ROWS = 3_000;

    /** Units that a sum may be of. */
    private const UNITS = 80;

    /**
     * @param  Closure(int): array<int, float|null>  $values  figures of a row, by column
     * @param  array<int, mixed>  $marks  rows that are no addends, as keys
     * @param  Closure(int): bool|null  $leads  whether a row says that it is a sum
     * @return array<int, int> the last row of what each sums, by its row
     */
    public static function find(int $from, int $to, Closure $values, array $marks, ?Closure $leads = null): array
    {
        if ($to - $from > self::MOST_ROWS) {
            return [];
        }
        $found = [];
        $rows = [];
        /** @var array<int, int> $next  the row after the unit that begins at a row */
        $next = [];
        for ($row = $to; $row >= $from; $row--) {
            $next[$row] = $row + 1;
            if (isset($marks[$row])) {
                continue;
            }
            $rows[$row] = $own = $values($row);
            $enough = $leads !== null && $leads($row) ? Evidence::SAID : Evidence::ENOUGH;
            $last = self::sumOf($row, $to, $own, $rows, $next, $enough);
            if ($last !== null) {
                $found[$row] = $last;
                $next[$row] = $last + 1;
            }
        }

        return $found;
    }

    /**
     * The units are added up in one column first, in which a sum says most; the others are only looked at where that one comes
     * out.
     *
     * @param  array<int, float|null>  $own
     * @param  array<int, array<int, float|null>>  $rows
     * @param  array<int, int>  $next
     */
    private static function sumOf(int $row, int $to, array $own, array $rows, array $next, float $enough): ?int
    {
        $probe = self::greatest($own);
        if ($probe === null) {
            return null;
        }
        $one = [$probe => [0.0, 0, 0.0]];
        $units = [];
        for ($at = $row + 1; $at <= $to && count($units) < self::UNITS; $at = $next[$at]) {
            if (! isset($rows[$at])) {
                continue;
            }
            $units[] = $at;
            Evidence::add($one, [$probe => $rows[$at][$probe]]);
            if (count($units) >= 2 && self::digits([$probe => $own[$probe]], $one) !== null) {
                $sums = array_fill_keys(array_keys($own), [0.0, 0, 0.0]);
                foreach ($units as $unit) {
                    Evidence::add($sums, $rows[$unit]);
                }
                if (self::digits($own, $sums) >= $enough) {
                    return $next[$at] - 1;
                }
            }
        }

        return null;
    }

    /**
     * The column of the greatest figure; null where all are nothing, which is the sum of everything.
     *
     * @param  array<int, float|null>  $own
     */
    private static function greatest(array $own): ?int
    {
        $greatest = null;
        $most = 0.0;
        foreach ($own as $column => $value) {
            if ($value !== null && abs($value) > $most) {
                [$greatest, $most] = [$column, abs($value)];
            }
        }

        return $greatest;
    }

    /**
     * @param  array<int, float|null>  $own
     * @param  array<int, array{float, int, float}>  $sums
     * @return float|null what the figures that come out say, in digits; null where one does not
     */
    private static function digits(array $own, array $sums): ?float
    {
        $digits = 0.0;
        foreach ($own as $column => $value) {
            [$sum, $count, $unit] = $sums[$column];
            if ($value === null || $count === 0) {
                continue;
            }
            $tolerance = 0.5 * max($unit, Evidence::unit($value)) * $count + 1e-9 * max(1.0, abs($sum));
            if (abs($sum - $value) > $tolerance) {
                return null;
            }
            $digits += $count < 2 ? 0.0 : Evidence::of($value, $tolerance);
        }

        return $digits;
    }
}
