<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Intake\TotalWords;

/** Columns whose figures are the sums or means of the columns at their left, row by row. */
final class AcrossJudge
{
    private const KINDS = [ColumnKind::Integer, ColumnKind::Decimal, ColumnKind::Amount, ColumnKind::Duration];

    /** Body rows that are added up across. */
    private const ROWS = 120;

    /** Totals that a grand total may be the sum of. */
    private const MOST = 60;

    /**
     * @param  list<ColumnReading>  $columns
     * @param  list<int>  $rows  body rows to look at
     * @return array<int, string> by column: the reason
     */
    public static function judge(Region $region, array $columns, array $rows): array
    {
        $totals = [];
        $numeric = $running = [];
        $subtotals = [];
        foreach ($columns as $column) {
            $isFigures =
                in_array($column->kind, self::KINDS, true) &&
                $column->role === ColumnRole::Data;
            if (! $isFigures) {
                $formula = self::sumsAcross($region, $column->column, $rows);
                if ($formula) {
                    $totals[$column->column] = 'its formulas sum the columns before it';
                }

                continue;
            }
            $word = $column->heading !== null && TotalWords::in($column->heading);
            $why = self::sumsAcross($region, $column->column, $rows) ? 'its formulas sum the columns before it' : null;
            foreach (
                $why !== null
                    ? []
                    : [
                        $numeric,
                        array_slice($numeric, -4),
                        array_slice($numeric, -3),
                        array_slice($numeric, -12),
                        array_slice($subtotals, -self::MOST),
                    ] as $addends
            ) {
                if (count($addends) < 2 || ($numeric !== $addends && $subtotals !== $addends && ! $word)) {
                    continue;
                }
                $why = self::holds(
                    $region,
                    $column->column,
                    count($addends),
                    $addends === $numeric ? $running : self::summed($region, $addends, $rows),
                    $word,
                );
                if ($why !== null) {
                    break;
                }
            }
            if ($why !== null) {
                $totals[$column->column] = $why;
                $subtotals[] = $column->column;
                if (! str_contains($why, 'mean')) {
                    // What follows a total is a new stretch of addends, but a mean right after it is of the same.
                    if (! self::nextIsStatistic($columns, $column->column)) {
                        $numeric = $running = [];
                    }
                }

                continue;
            }
            $numeric[] = $column->column;
            $running = self::summed($region, [$column->column], $rows, $running);
        }

        return $totals + self::before($region, $columns, $rows, $totals);
    }

    /**
     * Totals that stand before their details: from the right, each column is tried against the units that follow it.
     *
     * @param  list<ColumnReading>  $columns
     * @param  list<int>  $rows
     * @param  array<int, string>  $totals  that are known
     * @return array<int, string> by column: the reason
     */
    private static function before(Region $region, array $columns, array $rows, array $totals): array
    {
        $found = [];
        $units = [];
        $rows = array_slice($rows, 0, self::ROWS);
        foreach (array_reverse($columns) as $column) {
            $isFigures = in_array($column->kind, self::KINDS, true) && $column->role === ColumnRole::Data;
            if (! $isFigures || isset($totals[$column->column])) {
                $units = [];

                continue;
            }
            $count = self::countBefore($region, $column, $rows, $units);
            if ($count > 0) {
                $found[$column->column] = "each figure is the sum of the $count after it";
                $units = array_slice($units, $count);
            }
            array_unshift($units, $column->column);
            $units = array_slice($units, 0, self::MOST);
        }

        return $found;
    }

    /**
     * @param  list<int>  $rows
     * @param  list<int>  $units  columns that follow, without the details of sums among them
     * @return int of how many of them it is the sum; 0 for none
     */
    private static function countBefore(Region $region, ColumnReading $column, array $rows, array $units): int
    {
        $isNamed = $column->heading !== null && TotalWords::in($column->heading);
        $own = $probe = [];
        foreach ($rows as $row) {
            $value = $region->cell($row, $column->column)->number();
            if ($value !== null) {
                $own[$row] = $value;
                $probe = $value !== 0.0 && ($probe === [] || abs($value) > abs(reset($probe))) ? [$row => $value] : $probe;
            }
        }
        if ($probe === [] || count($own) < ($isNamed ? 2 : 3)) {
            return 0;
        }
        $one = [];
        foreach ($units as $at => $unit) {
            // The row in which a sum says most is added up first; the others only where that one comes out.
            $one = self::summed($region, [$unit], array_keys($probe), $one);
            if ($at === 0 || self::comesOut($probe, $one) === null) {
                continue;
            }
            $all = self::comesOut($own, self::summed($region, array_slice($units, 0, $at + 1), array_keys($own)));
            if ($all !== null && $all[0] >= ($isNamed ? 2 : 3) && $all[1] >= Evidence::ENOUGH) {
                return $at + 1;
            }
        }

        return 0;
    }

    /**
     * @param  array<int, float>  $own  figures by row
     * @param  array<int, array{float, int, float}>  $sums  by row
     * @return array{int, float}|null rows that come out, and what they say in digits; null where one does not
     */
    private static function comesOut(array $own, array $sums): ?array
    {
        $digits = 0.0;
        $tested = 0;
        foreach ($own as $row => $value) {
            [$all, $figures, $step] = $sums[$row];
            if ($figures < 2) {
                continue;
            }
            $tolerance = 0.5 * max($step, Evidence::unit($value)) * $figures + 1e-6;
            if (abs($all - $value) > $tolerance) {
                return null;
            }
            $tested++;
            $digits += Evidence::of($value, $tolerance);
        }

        return [$tested, $digits];
    }

    /** @param  list<ColumnReading>  $columns */
    private static function nextIsStatistic(array $columns, int $column): bool
    {
        $next = $columns[$column - $columns[0]->column + 1] ?? null;

        return $next !== null && TotalWords::statistic($next->heading ?? '');
    }

    /** @param  list<int>  $rows */
    private static function sumsAcross(Region $region, int $column, array $rows): bool
    {
        $hits = 0;
        $formulas = 0;
        foreach (array_slice($rows, 0, 50) as $row) {
            $formula = $region->cell($row, $column)->formula;
            if ($formula !== null) {
                $formulas++;
                $hits +=
                    preg_match('/^\s*(?:ROUND\()?(?:SUM|AVERAGE|MIN|MAX)\(\$?[A-Z]{1,3}\$?(\d+):\$?[A-Z]{1,3}\$?\1\)/i', $formula) === 1
                        ? 1
                        : 0;
            }
        }

        return $hits >= 2 && $hits > 0.8 * $formulas;
    }

    /**
     * Sums of some columns by row, added to those of others: with each column that comes the sum of all grows, so that a
     * thousand columns are not added up a thousand times.
     *
     * @param  list<int>  $addends
     * @param  list<int>  $rows
     * @param  array<int, array{float, int, float}>  $sums
     * @return array<int, array{float, int, float}> sum, how many figures, the coarsest unit among them; by row
     */
    private static function summed(Region $region, array $addends, array $rows, array $sums = []): array
    {
        foreach (array_slice($rows, 0, self::ROWS) as $row) {
            [$sum, $count, $unit] = $sums[$row] ?? [0.0, 0, 0.0];
            foreach ($addends as $at) {
                $number = $region->cell($row, $at)->number();
                if ($number !== null) {
                    $sum += $number;
                    $count++;
                    $unit = max($unit, Evidence::unit($number));
                }
            }
            $sums[$row] = [$sum, $count, $unit];
        }

        return $sums;
    }

    /** @param  array<int, array{float, int, float}>  $sums  of the columns that could be its addends, by row */
    private static function holds(Region $region, int $column, int $count, array $sums, bool $word): ?string
    {
        $sum = 0;
        $mean = 0;
        $exact = 0;
        $tested = 0;
        foreach ($sums as $row => [$all, $figures, $unit]) {
            $value = $region->cell($row, $column)->number();
            if ($value === null || $figures < 2 || ($value === 0.0 && $all === 0.0)) {
                continue;
            }
            $tested++;
            // Half a unit of the last shown place.
            $tolerance = 0.51 * max($unit, Evidence::unit($value)) + 1e-6;
            $sum += abs($all - $value) <= $tolerance * $figures ? 1 : 0;
            $exact += abs($all - $value) < 1e-6 ? 1 : 0;
            $mean += abs($all / $figures - $value) <= max($tolerance, 0.006 * ($word ? 1 : 0))
                ? 1
                : 0;
        }
        if ($tested < ($word ? 2 : 3)) {
            return null;
        }

        return match (true) {
            // Without a word in the heading, sums must come out exactly more often than not.
            $sum >= 0.9 * $tested && ($word || $exact > 0.6 * $tested) => "each figure is the sum of the $count before it",
            $mean >= 0.9 * $tested && ($word || $count >= 3) => "each figure is the mean of the $count before it",
            default => null,
        };
    }
}
