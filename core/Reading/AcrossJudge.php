<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Intake\TotalWords;

/** Columns whose figures are the sums or means of the columns at their left, row by row. */
final class AcrossJudge
{
    /**
     * @param  list<ColumnReading>  $columns
     * @param  list<int>  $rows  body rows to look at
     * @return array<int, string> by column: the reason
     */
    public static function judge(Region $region, array $columns, array $rows): array
    {
        $totals = [];
        $numeric = [];
        $subtotals = [];
        foreach ($columns as $column) {
            $isFigures = in_array($column->kind, [ColumnKind::Integer, ColumnKind::Decimal, ColumnKind::Amount, ColumnKind::Duration], true) && $column->role === ColumnRole::Data;
            if (! $isFigures) {
                $formula = self::sumsAcross($region, $column->column, $rows);
                if ($formula) {
                    $totals[$column->column] = 'its formulas sum the columns before it';
                }

                continue;
            }
            $word = $column->heading !== null && TotalWords::in($column->heading);
            $why = self::sumsAcross($region, $column->column, $rows) ? 'its formulas sum the columns before it' : null;
            foreach ($why !== null ? [] : [$numeric, array_slice($numeric, -4), array_slice($numeric, -3), array_slice($numeric, -12), $subtotals] as $addends) {
                if (count($addends) < 2 || ($numeric !== $addends && $subtotals !== $addends && ! $word)) {
                    continue;
                }
                $why = self::holds($region, $column->column, $addends, $rows, $word);
                if ($why !== null) {
                    break;
                }
            }
            if ($why !== null) {
                $totals[$column->column] = $why;
                $subtotals[] = $column->column;
                if (! str_contains($why, 'mean')) {
                    // What follows a total is a new stretch of addends, but a mean right after it is of the same.
                    $numeric = self::nextIsStatistic($columns, $column->column) ? $numeric : [];
                }

                continue;
            }
            $numeric[] = $column->column;
        }

        return $totals;
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
                $hits += preg_match('/^\s*(?:ROUND\()?(?:SUM|AVERAGE|MIN|MAX)\(\$?[A-Z]{1,3}\$?(\d+):\$?[A-Z]{1,3}\$?\1\)/i', $formula) === 1 ? 1 : 0;
            }
        }

        return $hits >= 2 && $hits > 0.8 * $formulas;
    }

    /**
     * @param  list<int>  $addends
     * @param  list<int>  $rows
     */
    private static function holds(Region $region, int $column, array $addends, array $rows, bool $word): ?string
    {
        $sum = 0;
        $mean = 0;
        $exact = 0;
        $tested = 0;
        foreach (array_slice($rows, 0, 120) as $row) {
            $value = $region->cell($row, $column)->number();
            $values = array_filter(array_map(fn (int $at) => $region->cell($row, $at)->number(), $addends), fn (?float $number) => $number !== null);
            if ($value === null || count($values) < 2 || ($value === 0.0 && array_sum($values) === 0.0)) {
                continue;
            }
            $tested++;
            $tolerance = self::tolerance([...$values, $value]);
            $sum += abs(array_sum($values) - $value) <= $tolerance * count($values) ? 1 : 0;
            $exact += abs(array_sum($values) - $value) < 1e-6 ? 1 : 0;
            $mean += abs(array_sum($values) / count($values) - $value) <= max($tolerance, 0.006 * ($word ? 1 : 0)) ? 1 : 0;
        }
        if ($tested < ($word ? 2 : 3)) {
            return null;
        }
        $count = count($addends);

        return match (true) {
            // Without a word in the heading, sums must come out exactly more often than not.
            $sum >= 0.9 * $tested && ($word || $exact > 0.6 * $tested) => "each figure is the sum of the $count before it",
            $mean >= 0.9 * $tested && ($word || $count >= 3) => "each figure is the mean of the $count before it",
            default => null,
        };
    }

    /** @param  array<float>  $values */
    private static function tolerance(array $values): float
    {
        $unit = 0.0;
        foreach ($values as $value) {
            foreach ([1.0, 0.1, 0.01, 0.001, 0.0001] as $step) {
                if (abs($value / $step - round($value / $step)) < 1e-6) {
                    $unit = max($unit, $step === 1.0 ? 0.0 : $step);

                    break;
                }
            }
        }

        return 0.51 * $unit + 1e-6;
    }
}
