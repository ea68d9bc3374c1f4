<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Grid\Range;

/** Ranges brought together into as few rectangles as hold the very same cells. */
final class Union
{
    /** Columns of all ranges together up to which they are brought together across columns as well. */
    private const COLUMNS = 400_000;

    /**
     * @param  list<Range>  $ranges
     * @return list<Range> from the left, then from the top
     */
    public static function of(array $ranges): array
    {
        if (count($ranges) < 2) {
            return $ranges;
        }
        $rows = [];
        if (array_sum(array_map(fn (Range $range) => $range->columns(), $ranges)) > self::COLUMNS) {
            foreach ($ranges as $range) {
                $rows["$range->left.$range->right"][] = [$range->top, $range->bottom];
            }
            $joined = [];
            foreach ($rows as $columns => $stretches) {
                [$left, $right] = array_map(intval(...), explode('.', $columns));
                foreach (self::joined($stretches) as [$top, $bottom]) {
                    $joined[] = Range::of($top, $left, $bottom, $right);
                }
            }

            return $joined;
        }
        foreach ($ranges as $range) {
            for ($column = $range->left; $column <= $range->right; $column++) {
                $rows[$column][] = [$range->top, $range->bottom];
            }
        }
        ksort($rows);
        $all = [];
        $open = null;
        foreach ($rows as $column => $stretches) {
            $joined = self::joined($stretches);
            if ($open !== null && $open[1] === $column - 1 && $open[2] === $joined) {
                $open[1] = $column;

                continue;
            }
            $open === null || $all[] = $open;
            $open = [$column, $column, $joined];
        }
        $open === null || $all[] = $open;
        $found = [];
        foreach ($all as [$left, $right, $stretches]) {
            foreach ($stretches as [$top, $bottom]) {
                $found[] = Range::of($top, $left, $bottom, $right);
            }
        }

        return $found;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int}>
     */
    private static function joined(array $stretches): array
    {
        sort($stretches);
        $joined = [];
        foreach ($stretches as [$first, $last]) {
            $end = array_key_last($joined);
            if ($end !== null && $first <= $joined[$end][1] + 1) {
                $joined[$end][1] = max($joined[$end][1], $last);
            } else {
                $joined[] = [$first, $last];
            }
        }

        return $joined;
    }
}
