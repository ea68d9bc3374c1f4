<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\Scalars;

/**
 * How often values stand in ranges, by fingerprints that are counted once. Written are: how many fingerprints there are (8
 * bytes), each with its count in one byte, in their order, and after them those that stand more often, with all of it.
 */
final class Repeats
{
    /** Bytes of a value's fingerprint, and of it with a count in one byte. */
    private const HASH = 7;

    private const ENTRY = 8;

    /** The greatest fingerprint, as a number. */
    private const ALL = (1 << 8 * self::HASH) - 1;

    /** In the place of a count that one byte does not hold. */
    private const OFTEN = 255;

    /** Looks at where a fingerprint should stand; after so many the rest is halved: nobody can make it slow by what he writes. */
    private const GUESSES = 8;

    /** @param  string  $counts  one of those that {@see counted()} gave */
    public static function times(string $counts, bool|int|float|string $value): int
    {
        $print = self::print($value);
        $all = self::whole($counts, 0);
        $at = self::find($counts, $print, 8, $all, self::ENTRY);
        $count = $at === null ? 0 : ord($counts[8 + $at * self::ENTRY + self::HASH]);
        if ($count !== self::OFTEN) {
            return $count;
        }
        $start = 8 + $all * self::ENTRY;
        $at = self::find($counts, $print, $start, intdiv(strlen($counts) - $start, self::HASH + 8), self::HASH + 8);

        return $at === null ? 0 : self::whole($counts, $start + $at * (self::HASH + 8) + self::HASH);
    }

    /**
     * Where a fingerprint stands among others. They are as good as chance, so that their bytes say nearly where.
     *
     * @param  int  $start  of the first one
     * @param  int  $all  how many there are
     * @param  int  $size  of one with what follows it; at least 8 bytes
     */
    private static function find(string $counts, string $print, int $start, int $all, int $size): ?int
    {
        [$low, $high] = [0, $all - 1];
        [$least, $greatest] = [0, self::ALL];
        $wanted = self::number("$print\0", 0);
        for ($looks = 0; $low <= $high; $looks++) {
            $guess = $looks < self::GUESSES && $greatest > $least
                ? $low + (int) (($wanted - $least) / ($greatest - $least) * ($high - $low)) : intdiv($low + $high, 2);
            $found = self::number($counts, $start + $guess * $size);
            if ($found === $wanted) {
                return $guess;
            }
            if ($found < $wanted) {
                [$low, $least] = [$guess + 1, $found];
            } else {
                [$high, $greatest] = [$guess - 1, $found];
            }
        }

        return null;
    }

    /** A fingerprint as a number, by which they are in the same order. */
    private static function number(string $bytes, int $at): int
    {
        /** @var array{1: int} $read  its seven bytes and the one after them */
        $read = unpack('J', $bytes, $at);

        return $read[1] >> 8 & self::ALL;
    }

    private static function whole(string $bytes, int $at): int
    {
        /** @var array{int} $numbers */
        $numbers = array_values((array) unpack('P', $bytes, $at));

        return $numbers[0];
    }

    /**
     * Those that stand more than once, and those that stand once: few ask for both.
     *
     * @param  iterable<array<int, bool|int|float|string>>  $columns
     * @return array{string, string}
     */
    public static function counted(iterable $columns): array
    {
        $counts = [];
        foreach ($columns as $values) {
            foreach ($values as $value) {
                $print = self::print($value);
                $counts[$print] = ($counts[$print] ?? 0) + 1;
            }
        }
        ksort($counts, SORT_STRING);

        return [
            self::written(array_filter($counts, fn (int $count) => $count > 1)),
            self::written(array_filter($counts, fn (int $count) => $count === 1)),
        ];
    }

    /** @param  array<array-key, int>  $counts  by fingerprint, in their order */
    private static function written(array $counts): string
    {
        [$counted, $often] = ['', ''];
        foreach ($counts as $print => $count) {
            $counted .= $print.chr(min($count, self::OFTEN));
            $often .= $count < self::OFTEN ? '' : $print.pack('P', $count);
        }

        return pack('P', count($counts)).$counted.$often;
    }

    /** Capitals make no difference, nor does it whether figures are a number or a text (as functions that count see it). */
    private static function print(bool|int|float|string $value): string
    {
        $plain = match (true) {
            is_bool($value) => $value ? 'b1' : 'b0',
            is_string($value) && ! is_numeric($value) => 't'.Scalars::plain($value),
            default => 'n'.sprintf('%.14e', (float) $value),
        };

        return substr(hash('xxh3', $plain, true), 0, self::HASH);
    }
}
