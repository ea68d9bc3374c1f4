<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression\Functions;

use Closure;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** Functions of numbers (ISO/IEC 29500-1 18.17.7). */
final class Maths
{
    /** @return array<string, array{int, int, Closure}> */
    public static function all(): array
    {
        return [
            'ABS' => self::of(1, abs(...)),
            'INT' => self::of(1, fn (int|float $x) => (int) floor($x)),
            'SIGN' => self::of(1, fn (int|float $x) => $x <=> 0),
            // What is no number, or beyond all numbers, is a fault (see below): of numbers below nought, and the logarithm of it.
            'SQRT' => self::of(1, sqrt(...)),
            'EXP' => self::of(1, exp(...)),
            'LN' => self::of(1, log(...)),
            'LOG10' => self::of(1, log10(...)),
            'PI' => [0, 0, fn () => M_PI],
            'POWER' => self::of(2, fn (int|float $x, int|float $y) => $x ** $y),
            'MOD' => self::of(2, fn (int|float $x, int|float $y) => $y == 0 ? Fault::of('#DIV/0!') : $x - $y * floor($x / $y)),
            'QUOTIENT' => self::of(2, fn (int|float $x, int|float $y) => $y == 0 ? Fault::of('#DIV/0!') : (int) ($x / $y)),
            'ROUND' => self::of(2, fn (int|float $x, int|float $n) => self::rounded($x, (int) $n, 'near')),
            'ROUNDUP' => self::of(2, fn (int|float $x, int|float $n) => self::rounded($x, (int) $n, 'away')),
            'ROUNDDOWN' => self::of(2, fn (int|float $x, int|float $n) => self::rounded($x, (int) $n, 'in')),
            'TRUNC' => self::of(2, fn (int|float $x, int|float $n) => self::rounded($x, (int) $n, 'in'), 1),
            'CEILING' => self::of(2, fn (int|float $x, int|float $step) => self::stepped($x, $step, true)),
            'FLOOR' => self::of(2, fn (int|float $x, int|float $step) => self::stepped($x, $step, false)),
            'EVEN' => self::of(1, fn (int|float $x) => (int) (ceil(abs($x) / 2) * 2) * ($x < 0 ? -1 : 1)),
        ];
    }

    /**
     * @param  int  $count  of the numbers that it takes; what may be left out is 0
     * @return array{int, int, Closure}
     */
    private static function of(int $count, callable $does, ?int $least = null): array
    {
        return [$least ?? $count, $count, function (At $at, Node ...$of) use ($does, $count) {
            $numbers = [];
            foreach ($of as $node) {
                $number = Scalars::number($node->value($at));
                if ($number instanceof Fault) {
                    return $number;
                }
                $numbers[] = $number;
            }
            $result = $does(...array_pad($numbers, $count, 0));

            return is_float($result) && ! is_finite($result) ? Fault::number() : $result;
        }];
    }

    private static function rounded(int|float $number, int $places, string $way): int|float
    {
        if (abs($places) > 300) {
            return $places > 0 ? $number : 0;
        }
        $unit = 10 ** $places;
        // What is a half in decimal figures is one, whatever it is in binary ones.
        $scaled = (float) sprintf('%.14e', abs($number) * $unit);
        $whole = match ($way) {
            'near' => round($scaled),
            'away' => ceil($scaled),
            default => floor($scaled),
        };

        return ($number < 0 ? -1 : 1) * $whole / $unit;
    }

    private static function stepped(int|float $number, int|float $step, bool $up): int|float|Fault
    {
        if ($step == 0) {
            return $up ? 0 : Fault::of('#DIV/0!');
        }
        if ($number > 0 && $step < 0) {
            return Fault::number();
        }
        $times = (float) sprintf('%.14e', $number / $step);

        return ($up ? ceil($times) : floor($times)) * $step;
    }
}
