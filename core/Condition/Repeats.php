<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\Scalars;

/** How often values stand in ranges, by fingerprints that are counted once. */
final class Repeats
{
    /** Bytes of a value's fingerprint in a list of them, and of how often it stands. */
    private const HASH = 8;

    private const ENTRY = 12;

    /** Values that are looked for in a list of fingerprints before it is taken apart, and the longest list that is. */
    private const MANY = 300;

    private const LIST = 250_000;

    /** @var array<string, int> how many values were looked for in each of them */
    private array $asked = [];

    /** @var array<string, array<string, int>> those that are often looked in, by fingerprint */
    private array $apart = [];

    /**
     * @param  string  $key  of the ranges that were counted
     * @param  string  $counts  what {@see counted()} gave of them
     */
    public function times(string $key, string $counts, bool|int|float|string $value): int
    {
        $print = self::print($value);
        $this->asked[$key] = ($this->asked[$key] ?? 0) + 1;
        if ($this->asked[$key] > self::MANY && strlen($counts) <= self::LIST * self::ENTRY) {
            $this->apart[$key] ??= self::apart($counts);

            return $this->apart[$key][$print] ?? 0;
        }
        [$low, $high] = [0, intdiv(strlen($counts), self::ENTRY) - 1];
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            $order = strcmp(substr($counts, $middle * self::ENTRY, self::HASH), $print);
            if ($order === 0) {
                /** @var array{int} $count */
                $count = array_values((array) unpack('V', $counts, $middle * self::ENTRY + self::HASH));

                return $count[0];
            }
            $order < 0 ? $low = $middle + 1 : $high = $middle - 1;
        }

        return 0;
    }

    /** @return array<string, int> how often each fingerprint stands */
    private static function apart(string $counts): array
    {
        $apart = [];
        foreach ($counts === '' ? [] : str_split($counts, self::ENTRY) as $entry) {
            $apart[substr($entry, 0, self::HASH)] = ord($entry[8]) | ord($entry[9]) << 8 | ord($entry[10]) << 16 | ord($entry[11]) << 24;
        }

        return $apart;
    }

    /**
     * Fingerprints of values in their order, each with how often it stands, one behind the other.
     *
     * @param  iterable<array<int, bool|int|float|string>>  $columns
     */
    public static function counted(iterable $columns): string
    {
        $counts = [];
        foreach ($columns as $values) {
            foreach ($values as $value) {
                $print = self::print($value);
                $counts[$print] = ($counts[$print] ?? 0) + 1;
            }
        }
        ksort($counts, SORT_STRING);
        $counted = '';
        foreach ($counts as $print => $count) {
            $counted .= $print.pack('V', $count);
        }

        return $counted;
    }

    /** Capitals make no difference, nor does it whether figures are a number or a text (as functions that count see it). */
    private static function print(bool|int|float|string $value): string
    {
        $plain = match (true) {
            is_bool($value) => $value ? 'b1' : 'b0',
            is_string($value) && ! is_numeric($value) => 't'.Scalars::plain($value),
            default => 'n'.sprintf('%.14e', (float) $value),
        };

        return hash('xxh3', $plain, true);
    }
}
