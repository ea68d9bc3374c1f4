<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression\Functions;

use Closure;
use Rilvet\Formula\Expression\Area;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Criterion;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\NotKnown;
use Rilvet\Formula\Expression\Scalars;

/** Functions of many values: sums, counts, ranks (ISO/IEC 29500-1 18.17.7). */
final class Figures
{
    /** @return array<string, array{int, int, Closure}> */
    public static function all(): array
    {
        $of = self::ofNumbers(...);
        $spread = fn (int $less, bool $root) => self::ofNumbers(fn (array $numbers) => self::spread($numbers, $less, $root));
        $percentile = self::ofRanks(fn (array $sorted, int|float $k) => self::percentile($sorted, (float) $k));
        $rank = [2, 3, self::rank(...)];

        return [
            'SUM' => $of(array_sum(...)),
            'PRODUCT' => self::ofNumbers(fn (array $numbers) => $numbers === [] ? 0 : array_product($numbers)),
            'AVERAGE' => self::ofNumbers(fn (array $numbers) => $numbers === [] ? Fault::of('#DIV/0!')
                : array_sum($numbers) / count($numbers)),
            'MIN' => self::ofNumbers(fn (array $numbers) => $numbers === [] ? 0 : min($numbers)),
            'MAX' => self::ofNumbers(fn (array $numbers) => $numbers === [] ? 0 : max($numbers)),
            'MEDIAN' => $of(self::median(...)),
            'STDEV' => $spread(1, true), 'STDEV.S' => $spread(1, true), 'STDEVP' => $spread(0, true), 'STDEV.P' => $spread(0, true),
            'VAR' => $spread(1, false), 'VAR.S' => $spread(1, false), 'VARP' => $spread(0, false), 'VAR.P' => $spread(0, false),
            'COUNT' => [1, 255, function (At $at, Node ...$of) {
                $numbers = self::numbers($at, $of, true);

                return $numbers instanceof Fault ? 0 : count($numbers);
            }],
            'COUNTA' => [1, 255, fn (At $at, Node ...$of) => array_sum(array_map(fn (Node $node) => self::filled($node->grid($at)), $of))],
            'COUNTBLANK' => [1, 1, self::blanks(...)],
            'LARGE' => self::ofRanks(fn (array $sorted, int|float $k) => $sorted[count($sorted) - (int) ceil($k)] ?? Fault::number()),
            'SMALL' => self::ofRanks(fn (array $sorted, int|float $k) => $sorted[(int) ceil($k) - 1] ?? Fault::number()),
            'PERCENTILE' => $percentile, 'PERCENTILE.INC' => $percentile,
            'QUARTILE' => self::ofRanks(fn (array $sorted, int|float $k) => self::percentile($sorted, floor($k) / 4)),
            'RANK' => $rank, 'RANK.EQ' => $rank,
            'SUMPRODUCT' => [1, 255, self::sumProduct(...)],
            'COUNTIF' => [2, 2, fn (At $at, Node ...$of) => Criterion::count($at, ...$of)],
            'COUNTIFS' => [2, 254, fn (At $at, Node ...$of) => Criterion::count($at, ...$of)],
            'SUMIF' => [2, 3, function (At $at, Node $range, Node $says, ?Node $sum = null) {
                return array_sum(Criterion::picked($at, $sum ?? $range, $range, $says));
            }],
            'SUMIFS' => [3, 255, fn (At $at, Node $sum, Node ...$of) => array_sum(Criterion::picked($at, $sum, ...$of))],
            'AVERAGEIF' => [2, 3, function (At $at, Node $range, Node $says, ?Node $of = null) {
                $picked = Criterion::picked($at, $of ?? $range, $range, $says);

                return $picked === [] ? Fault::of('#DIV/0!') : array_sum($picked) / count($picked);
            }],
            'AVERAGEIFS' => [3, 255, function (At $at, Node $mean, Node ...$of) {
                $picked = Criterion::picked($at, $mean, ...$of);

                return $picked === [] ? Fault::of('#DIV/0!') : array_sum($picked) / count($picked);
            }],
        ];
    }

    /**
     * @param  callable(list<int|float>): (int|float|Fault)  $does
     * @return array{int, int, Closure}
     */
    private static function ofNumbers(callable $does): array
    {
        return [1, 255, function (At $at, Node ...$of) use ($does) {
            $numbers = self::numbers($at, $of);

            return $numbers instanceof Fault ? $numbers : $does($numbers);
        }];
    }

    /**
     * @param  callable(list<int|float>, int|float): (int|float|Fault)  $does  with the numbers in their order, the least first
     * @return array{int, int, Closure}
     */
    private static function ofRanks(callable $does): array
    {
        return [2, 2, function (At $at, Node $of, Node $which) use ($does) {
            $sorted = self::sorted($at, $of);
            $k = Scalars::number($which->value($at));
            if ($sorted instanceof Fault || $k instanceof Fault) {
                return $sorted instanceof Fault ? $sorted : $k;
            }

            return $does($sorted, $k);
        }];
    }

    /**
     * Numbers: of ranges only what are numbers, of single values also what can become one.
     *
     * @param  array<Node>  $of
     * @return list<int|float>|Fault
     */
    private static function numbers(At $at, array $of, bool $passing = false): array|Fault
    {
        $numbers = [];
        foreach ($of as $node) {
            foreach ($node->grid($at) as $line) {
                foreach ($line as $value) {
                    if (is_int($value) || is_float($value)) {
                        $numbers[] = $value;
                    } elseif ($value instanceof Fault) {
                        if (! $passing) {
                            return $value;
                        }
                    } elseif ($value !== null && ! $node instanceof Area) {
                        $number = Scalars::number($value);
                        if ($number instanceof Fault) {
                            if (! $passing) {
                                return $number;
                            }
                        } else {
                            $numbers[] = $number;
                        }
                    }
                }
            }
        }

        return $numbers;
    }

    /** @param  list<list<mixed>>  $grid */
    private static function filled(array $grid): int
    {
        return array_sum(array_map(fn (array $line) => count($line) - count(array_keys($line, null, true)), $grid));
    }

    private static function blanks(At $at, Node $of): int
    {
        $of instanceof Area || throw NotKnown::because('COUNTBLANK takes a range.');
        $texts = 0;
        foreach ($of->grid($at) as $line) {
            $texts += count(array_keys($line, '', true));
        }

        return $of->at($at)->cells() - self::filled($of->grid($at)) + $texts;
    }

    /** @return list<int|float>|Fault the least first */
    private static function sorted(At $at, Node $of): array|Fault
    {
        $make = function () use ($at, $of) {
            $numbers = self::numbers($at, [$of]);
            is_array($numbers) && sort($numbers);

            return $numbers;
        };

        return $of->isFixed() ? $at->once($of, 'sorted', $make) : $make();
    }

    /**
     * How far numbers are from their mean, all in all (18.17.7.306 to 309).
     *
     * @param  list<int|float>  $numbers
     * @param  int  $less  1 for a sample, 0 for all there are
     */
    public static function spread(array $numbers, int $less, bool $root): float|Fault
    {
        $count = count($numbers);
        if ($count <= $less) {
            return Fault::of('#DIV/0!');
        }
        $mean = array_sum($numbers) / $count;
        $squares = 0.0;
        foreach ($numbers as $number) {
            $squares += ($number - $mean) ** 2;
        }

        return $root ? sqrt($squares / ($count - $less)) : $squares / ($count - $less);
    }

    /** @param  list<int|float>  $numbers */
    private static function median(array $numbers): float|Fault
    {
        sort($numbers);

        return self::percentile($numbers, 0.5);
    }

    /**
     * Between two ranks it is as far as between their places (18.17.7.247).
     *
     * @param  list<int|float>  $sorted
     */
    public static function percentile(array $sorted, float $k): float|Fault
    {
        if ($sorted === [] || $k < 0 || $k > 1) {
            return Fault::number();
        }
        $place = $k * (count($sorted) - 1);
        $below = (int) floor($place);

        return $sorted[$below] + ($place - $below) * (($sorted[$below + 1] ?? $sorted[$below]) - $sorted[$below]);
    }

    private static function rank(At $at, Node $value, Node $of, ?Node $order = null): int|Fault
    {
        $number = Scalars::number($value->value($at));
        $sorted = self::sorted($at, $of);
        $up = $order === null ? false : Scalars::truth($order->value($at));
        if ($number instanceof Fault || $sorted instanceof Fault || $up instanceof Fault) {
            return $number instanceof Fault ? $number : Fault::value();
        }
        [$first, $last] = [self::before($sorted, $number, false), self::before($sorted, $number, true)];

        return $first === $last ? Fault::notFound()
            : ($up ? $first + 1 : count($sorted) - $last + 1);
    }

    /**
     * How many are less than a number, or not more.
     *
     * @param  list<int|float>  $sorted
     */
    public static function before(array $sorted, int|float $number, bool $orSame): int
    {
        [$low, $high] = [0, count($sorted)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($sorted[$middle] < $number || ($orSame && $sorted[$middle] == $number)) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    private static function sumProduct(At $at, Node ...$of): int|float|Fault
    {
        $grids = array_map(fn (Node $node) => $node->grid($at), array_values($of));
        $sum = 0;
        foreach ($grids[0] as $row => $line) {
            foreach ($line as $column => $_) {
                $product = 1;
                foreach ($grids as $grid) {
                    $value = $grid[$row][$column] ?? null;
                    if ($value instanceof Fault) {
                        return $value;
                    }
                    $product *= is_int($value) || is_float($value) ? $value : 0;
                }
                $sum += $product;
            }
        }

        return $sum;
    }
}
