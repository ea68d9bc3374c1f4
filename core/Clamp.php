<?php

declare(strict_types=1);

namespace Rilvet;

/** A number that is held between two others. */
final class Clamp
{
    /**
     * @template T of int|float
     *
     * @param  T  $value
     * @param  T  $least
     * @param  T  $most  not below the least
     * @return T
     */
    public static function of(int|float $value, int|float $least, int|float $most): int|float
    {
        return max($least, min($most, $value));
    }
}
