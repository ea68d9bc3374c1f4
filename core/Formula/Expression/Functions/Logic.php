<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression\Functions;

use Closure;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** What is true, and what a cell holds (ISO/IEC 29500-1 18.17.7). */
final class Logic
{
    /** @return array<string, array{int, int, Closure}> */
    public static function all(): array
    {
        $is = fn (callable $test) => [1, 1, fn (At $at, Node $of) => $test($of->value($at))];

        return [
            'TRUE' => [0, 0, fn () => true],
            'FALSE' => [0, 0, fn () => false],
            'NA' => [0, 0, fn () => Fault::notFound()],
            'AND' => [1, 255, fn (At $at, Node ...$of) => self::all3($at, $of, fn (array $each) => ! in_array(false, $each, true))],
            'OR' => [1, 255, fn (At $at, Node ...$of) => self::all3($at, $of, fn (array $each) => in_array(true, $each, true))],
            'XOR' => [1, 255, fn (At $at, Node ...$of) => self::all3($at, $of, fn (array $each) => count(array_filter($each)) % 2 === 1)],
            'NOT' => [1, 1, function (At $at, Node $of) {
                $truth = Scalars::truth($of->value($at));

                return $truth instanceof Fault ? $truth : ! $truth;
            }],
            'IF' => [2, 3, function (At $at, Node $test, Node $then, ?Node $else = null) {
                $truth = Scalars::truth($test->value($at));

                return $truth instanceof Fault ? $truth
                    : ($truth ? $then->value($at) ?? 0
                    : ($else === null ? false
                    : $else->value($at) ?? 0));
            }],
            'IFERROR' => [2, 2, function (At $at, Node $of, Node $else) {
                $value = $of->value($at);

                return $value instanceof Fault ? $else->value($at) : $value;
            }],
            'IFNA' => [2, 2, function (At $at, Node $of, Node $else) {
                $value = $of->value($at);

                return $value === Fault::notFound() ? $else->value($at) : $value;
            }],
            'ISBLANK' => $is(fn (mixed $value) => $value === null),
            'ISNUMBER' => $is(fn (mixed $value) => is_int($value) || is_float($value)),
            'ISTEXT' => $is(is_string(...)),
            'ISNONTEXT' => $is(fn (mixed $value) => ! is_string($value)),
            'ISLOGICAL' => $is(is_bool(...)),
            'ISERROR' => $is(fn (mixed $value) => $value instanceof Fault),
            'ISERR' => $is(fn (mixed $value) => $value instanceof Fault && $value !== Fault::notFound()),
            'ISNA' => $is(fn (mixed $value) => $value === Fault::notFound()),
            'ISEVEN' => [1, 1, fn (At $at, Node $of) => self::parity($of->value($at), 0)],
            'ISODD' => [1, 1, fn (At $at, Node $of) => self::parity($of->value($at), 1)],
            'N' => [1, 1, function (At $at, Node $of) {
                $value = $of->value($at);

                return $value instanceof Fault || is_int($value) || is_float($value) ? $value
                    : (is_bool($value) ? (int) $value : 0);
            }],
            'T' => [1, 1, function (At $at, Node $of) {
                $value = $of->value($at);

                return is_string($value) || $value instanceof Fault ? $value : '';
            }],
        ];
    }

    /**
     * Texts and blanks inside of ranges have no say; one that is written out has (18.17.7.9).
     *
     * @param  array<Node>  $of
     * @param  Closure(list<bool>): bool  $judge
     */
    private static function all3(At $at, array $of, Closure $judge): bool|Fault
    {
        $each = [];
        foreach ($of as $node) {
            $grid = $node->isOne() ? [[$node->value($at)]] : $node->grid($at);
            $isOne = count($grid) === 1 && count($grid[0]) === 1;
            foreach ($grid as $line) {
                foreach ($line as $value) {
                    if ($value instanceof Fault) {
                        return $value;
                    }
                    if (is_string($value)) {
                        $truth = Scalars::truth($value);
                        if ($truth instanceof Fault && $isOne) {
                            return $truth;
                        }
                        $truth instanceof Fault ?: $each[] = $truth;
                    } elseif ($value !== null) {
                        $each[] = (bool) $value;
                    } elseif ($isOne) {
                        $each[] = false;
                    }
                }
            }
        }

        return $each === [] ? Fault::value() : $judge($each);
    }

    private static function parity(null|bool|int|float|string|Fault $value, int $wanted): bool|Fault
    {
        $number = Scalars::number($value);

        return $number instanceof Fault ? $number : ((int) abs(floor(abs($number)))) % 2 === $wanted;
    }
}
