<?php

declare(strict_types=1);

namespace Tests;

/** Seconds of the processor that something takes: what else runs on the machine does not count. */
final class Spent
{
    /** @param  callable(): mixed  $does */
    public static function on(callable $does): float
    {
        $start = self::now();
        $does();

        return self::now() - $start;
    }

    /** Seconds of the processor that this process has had. */
    public static function now(): float
    {
        /** @var array<string, int> $used */
        $used = getrusage();

        return $used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec'] + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
    }
}
