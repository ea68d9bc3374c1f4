<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Measure\Exception\SizeIsWrong;

/**
 * Shares a width among columns so that their texts take the fewest lines. Each column may be as narrow as its longest word
 * and as wide as its longest text; in steps of 8 px that is a small knapsack, which is solved exactly: columns times steps
 * of the whole times steps of a column, some 200,000 additions for 20 columns on a page.
 */
final class WidthShare
{
    private const STEP = 8;

    /**
     * @param  array<int, array{least: int, texts: list<int>}>  $columns  by column: the narrowest it may be, and the widths of its
     *     texts with their padding, in px
     * @param  int  $padding  what of a column's width no text can use
     * @return array<int, int> px by column
     *
     * @throws SizeIsWrong where not even the longest words fit
     */
    public static function of(array $columns, int $total, int $padding): array
    {
        $least = array_sum(array_column($columns, 'least'));
        if ($least > $total) {
            throw SizeIsWrong::share($total, $least);
        }
        $steps = intdiv($total - $least, self::STEP);
        // Fewest lines of the columns so far, by steps spent, and how many of them went to the column at hand.
        $best = array_fill(0, $steps + 1, 0);
        $spent = [];
        foreach ($columns as $column => ['least' => $narrowest, 'texts' => $texts]) {
            $lines = self::lines($texts, $narrowest, $steps, $padding);
            $next = $chosen = [];
            for ($budget = 0; $budget <= $steps; $budget++) {
                $fewest = PHP_INT_MAX;
                $at = 0;
                foreach ($lines as $own => $count) {
                    if ($own > $budget) {
                        break;
                    }
                    if ($fewest > $best[$budget - $own] + $count) {
                        $fewest = $best[$budget - $own] + $count;
                        $at = $own;
                    }
                }
                $next[$budget] = $fewest;
                $chosen[$budget] = $at;
            }
            $best = $next;
            $spent[$column] = $chosen;
        }
        $widths = [];
        $budget = $steps;
        foreach (array_reverse($spent, true) as $column => $chosen) {
            $widths[$column] = $columns[$column]['least'] + self::STEP * $chosen[$budget];
            $budget -= $chosen[$budget];
        }
        ksort($widths);

        return $widths;
    }

    /**
     * Lines of a column's texts by steps beyond its narrowest; it ends where nothing wraps.
     *
     * @param  list<int>  $texts
     * @return list<int>
     */
    private static function lines(array $texts, int $narrowest, int $steps, int $padding): array
    {
        $lines = [];
        for ($step = 0; $step <= $steps; $step++) {
            $room = max(1, $narrowest + self::STEP * $step - $padding);
            $count = 0;
            foreach ($texts as $text) {
                $count += max(1, (int) ceil(($text - $padding) / $room));
            }
            $lines[] = $count;
            if ($count <= count($texts)) {
                break;
            }
        }

        return $lines;
    }
}
