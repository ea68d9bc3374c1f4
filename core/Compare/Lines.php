<?php

declare(strict_types=1);

namespace Rilvet\Compare;

/**
 * Which rows (or columns) of one sheet are which of another: those that hold the same stand for each other, and between them
 * those that begin with the same. What is left over was put in or taken out.
 */
final class Lines
{
    /**
     * @param  list<string>  $left  what each line holds
     * @param  list<string>  $right
     * @param  list<string>|null  $leftNames  what it is known by where it does not hold the same
     * @param  list<string>|null  $rightNames
     * @return list<array{int, int, int}> first line at the left, first at the right, and how many, both counted from 1, in order
     */
    public static function match(array $left, array $right, ?array $leftNames = null, ?array $rightNames = null): array
    {
        $pairs = self::between($left, $right, 0, count($left), 0, count($right));
        if ($leftNames !== null && $rightNames !== null) {
            $pairs = self::filled($pairs, count($left), count($right),
                fn (int $a, int $b, int $c, int $d) => self::between($leftNames, $rightNames, $a, $b, $c, $d));
        }
        // As many lines on both sides of a gap are the same ones, changed.
        $pairs = self::filled($pairs, count($left), count($right), fn (int $a, int $b, int $c, int $d) => $b - $a === $d - $c && $b > $a
            ? array_map(fn (int $at) => [$a + $at, $c + $at], range(0, $b - $a - 1)) : []);

        return self::runs($pairs);
    }

    /**
     * @param  list<string>  $left
     * @param  list<string>  $right
     * @return list<array{int, int}>
     */
    private static function between(array $left, array $right, int $a, int $b, int $c, int $d): array
    {
        $head = $tail = [];
        while ($a < $b && $c < $d && $left[$a] === $right[$c]) {
            $head[] = [$a++, $c++];
        }
        while ($a < $b && $c < $d && $left[$b - 1] === $right[$d - 1]) {
            $tail[] = [--$b, --$d];
        }
        $anchors = self::anchors($left, $right, $a, $b, $c, $d);
        $pairs = [];
        foreach ([...$anchors, [$b, $d]] as [$x, $y]) {
            // Lines that are not the only ones of their kind follow those that are.
            while ($a < $x && $c < $y && $left[$a] === $right[$c]) {
                $pairs[] = [$a++, $c++];
            }
            $back = [];
            [$i, $j] = [$x, $y];
            while ($i > $a && $j > $c && $left[$i - 1] === $right[$j - 1]) {
                $back[] = [--$i, --$j];
            }
            array_push($pairs, ...array_reverse($back));
            if ($x < $b && $y < $d) {
                $pairs[] = [$x, $y];
            }
            [$a, $c] = [$x + 1, $y + 1];
        }

        return [...$head, ...$pairs, ...array_reverse($tail)];
    }

    /**
     * Lines that are the only ones of their kind on both sides, as many as stand in the same order on both (the longest
     * increasing subsequence of their places, by patience sorting).
     *
     * @param  list<string>  $left
     * @param  list<string>  $right
     * @return list<array{int, int}>
     */
    private static function anchors(array $left, array $right, int $a, int $b, int $c, int $d): array
    {
        $at = $often = [];
        for ($j = $c; $j < $d; $j++) {
            $at[$right[$j]] = $j;
            $often[$right[$j]] = ($often[$right[$j]] ?? 0) + 1;
        }
        $mine = [];
        for ($i = $a; $i < $b; $i++) {
            $mine[$left[$i]] = ($mine[$left[$i]] ?? 0) + 1;
        }
        $piles = $before = [];
        for ($i = $a; $i < $b; $i++) {
            if ($mine[$left[$i]] !== 1 || ($often[$left[$i]] ?? 0) !== 1) {
                continue;
            }
            $j = $at[$left[$i]];
            [$low, $high] = [0, count($piles)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                $piles[$middle][1] < $j ? $low = $middle + 1 : $high = $middle;
            }
            $before[$i] = $low === 0 ? null : $piles[$low - 1];
            $piles[$low] = [$i, $j];
        }
        $found = [];
        for ($one = end($piles) ?: null; $one !== null; $one = $before[$one[0]]) {
            $found[] = $one;
        }

        return array_reverse($found);
    }

    /**
     * @param  list<array{int, int}>  $pairs
     * @param  callable(int, int, int, int): list<array{int, int}>  $fill
     * @return list<array{int, int}>
     */
    private static function filled(array $pairs, int $left, int $right, callable $fill): array
    {
        $all = [];
        [$a, $c] = [0, 0];
        foreach ([...$pairs, [$left, $right]] as [$x, $y]) {
            $a < $x && $c < $y && array_push($all, ...$fill($a, $x, $c, $y));
            $x < $left && $y < $right && $all[] = [$x, $y];
            [$a, $c] = [$x + 1, $y + 1];
        }

        return $all;
    }

    /**
     * @param  list<array{int, int}>  $pairs
     * @return list<array{int, int, int}>
     */
    private static function runs(array $pairs): array
    {
        $runs = [];
        $open = null;
        foreach ($pairs as [$a, $c]) {
            if ($open !== null && $a + 1 === $open[0] + $open[2] && $c + 1 === $open[1] + $open[2]) {
                $open[2]++;

                continue;
            }
            $open === null || $runs[] = $open;
            $open = [$a + 1, $c + 1, 1];
        }

        return $open === null ? $runs : [...$runs, $open];
    }
}
