<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;

/** Stretches of rows, first and last of each, in order and apart. */
final class Stretches
{
    /**
     * @param  array<int, mixed>  $rows  as keys
     * @return list<array{int, int}>
     */
    public static function of(array $rows): array
    {
        $rows = array_keys($rows);
        sort($rows);
        $stretches = [];
        $at = -1;
        foreach ($rows as $row) {
            if ($at >= 0 && $stretches[$at][1] === $row - 1) {
                $stretches[$at][1] = $row;
            } else {
                $stretches[++$at] = [$row, $row];
            }
        }

        return array_values($stretches);
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return array<int, true> rows as keys
     */
    public static function rows(array $stretches): array
    {
        $rows = [];
        foreach ($stretches as [$first, $last]) {
            for ($row = $first; $row <= $last; $row++) {
                $rows[$row] = true;
            }
        }

        return $rows;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @param  list<int>  $rows
     * @return list<array{int, int}>
     */
    public static function without(array $stretches, array $rows): array
    {
        sort($rows);
        $left = [];
        $at = 0;
        foreach ($stretches as [$first, $last]) {
            for (; isset($rows[$at]) && $rows[$at] <= $last; $at++) {
                if ($rows[$at] > $first) {
                    $left[] = [$first, $rows[$at] - 1];
                }
                $first = max($first, $rows[$at] + 1);
            }
            if ($first <= $last) {
                $left[] = [$first, $last];
            }
        }

        return $left;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int}>
     */
    public static function moved(array $stretches, Shift $shift): array
    {
        $moved = [];
        foreach ($stretches as [$first, $last]) {
            // Rows that are put in inside of a stretch do not belong to it.
            $isParted = $shift->in && $shift->at > $first && $shift->at <= $last;
            foreach ($isParted ? [[$first, $shift->at - 1], [$shift->at, $last]] : [[$first, $last]] as [$from, $to]) {
                $there = $shift->range(Range::of($from, 1, $to, 1));
                if ($there !== null) {
                    $moved[] = [$there->top, $there->bottom];
                }
            }
        }

        return $moved;
    }
}
