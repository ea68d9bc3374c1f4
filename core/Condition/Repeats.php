<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Closure;
use Rilvet\Formula\Expression\Scalars;
use Rilvet\Grid\Range;

/** How often values stand in ranges, by fingerprints that are counted once and kept with the cells. */
final class Repeats
{
    /** Bytes of a value's fingerprint in a list of them, and of how often it stands. */
    private const HASH = 8;

    private const ENTRY = 12;

    /** Values that are looked for in a list of fingerprints before it is taken apart, and the longest list that is. */
    private const MANY = 300;

    private const LIST = 250_000;

    /** @var array<string, string> fingerprints in their order */
    private array $sets = [];

    /** @var array<string, int> how many values were looked for in each of them */
    private array $asked = [];

    /** @var array<string, array<string, int>> those that are often looked in, by fingerprint */
    private array $apart = [];

    /**
     * @param  KeepsFacts|null  $store  where what was counted is kept
     * @param  Closure(list<Range>): iterable<array<int, bool|int|float|string>>  $read  values of ranges, a column at a time
     * @param  Closure(list<Range>): list<int>  $columns  of ranges
     * @param  Closure(list<int>): string  $state  what of columns is otherwise than in the store
     */
    public function __construct(
        private readonly ?KeepsFacts $store,
        private readonly Closure $read,
        private readonly Closure $columns,
        private readonly Closure $state,
    ) {
    }

    /**
     * How often a value stands; each cell of ranges that meet counts once a range.
     *
     * @param  list<Range>  $ranges
     */
    public function times(array $ranges, bool|int|float|string $value): int
    {
        $counts = $this->counts($ranges);
        $print = self::print($value);
        $key = self::key($ranges);
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
     * Fingerprints of the values in their order, each with how often it stands, one behind the other.
     *
     * @param  list<Range>  $ranges
     */
    private function counts(array $ranges): string
    {
        $key = 'counts|'.self::key($ranges);
        if (! isset($this->sets[$key])) {
            $columns = ($this->columns)($ranges);
            $kept = $this->store?->fact(($this->state)($columns)."|$key", $columns);
            if ($kept === null) {
                $counts = [];
                foreach (($this->read)($ranges) as $values) {
                    foreach ($values as $value) {
                        $print = self::print($value);
                        $counts[$print] = ($counts[$print] ?? 0) + 1;
                    }
                }
                ksort($counts, SORT_STRING);
                $kept = '';
                foreach ($counts as $print => $count) {
                    $kept .= $print.pack('V', $count);
                }
                $this->store?->keepFact(($this->state)($columns)."|$key", $columns, $kept);
            }
            $this->sets[$key] = $kept;
        }

        return $this->sets[$key];
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

    /**
     * What some ranges are known by.
     *
     * @param  list<Range>  $ranges
     */
    public static function key(array $ranges): string
    {
        $text = implode(' ', $ranges);

        return strlen($text) < 64 ? $text : hash('xxh128', $text);
    }
}
