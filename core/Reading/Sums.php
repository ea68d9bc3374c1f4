<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * Finds the rows of a body whose figures are the sums, means, least or greatest of the rows around them, whatever they
 * are called. Rounding is allowed for: half a unit of the last place for each addend.
 */
final class Sums
{
    /** Above this many rows only rows that look different are tried, against one running sum. */
    private const MOST_ROWS = 5_000;

    /** @var list<int> offsets of numeric columns */
    private array $columns = [];

    public function __construct(private readonly Region $region, private readonly int $from, private readonly int $to)
    {
        for ($column = $region->range->left; $column <= $region->range->right; $column++) {
            if ($region->majority($column, $from, $to) === 'n') {
                $this->columns[] = $column;
            }
        }
        $this->columns = array_slice($this->columns, 0, 40);
    }

    /**
     * @param  array<int, string>  $marks  rows that are no addends: "group" or "blank"
     * @param  array<int, bool>  $words  rows whose label has a total word
     * @return array<int, array{kind: string, from: int, to: int, all: bool, why: string}> by row: what it sums
     */
    public function find(array $marks, array $words): array
    {
        if ($this->columns === [] || $this->to - $this->from > self::MOST_ROWS) {
            return [];
        }
        $found = [];
        $sections = $this->empty();
        $all = $this->empty();
        $subtotals = $this->empty();
        $sectionFrom = $this->from;
        $sectionRows = 0;
        $allRows = 0;
        $subtotalRows = 0;
        $chain = new Chain;
        for ($row = $this->from; $row <= $this->to; $row++) {
            if (isset($marks[$row])) {
                if ($marks[$row] === 'group') {
                    $sections = $this->empty();
                    $sectionRows = 0;
                    $sectionFrom = $row + 1;
                    $chain->restart();
                }

                continue;
            }
            $values = $this->values($row);
            $word = $words[$row] ?? false;
            if ($sectionRows >= 2 && $this->matches($values, $sections, $sectionRows, $word, $row)) {
                $whole = $sectionRows === $allRows;
                $found[$row] = [
                    'kind' => 'sum',
                    'from' => $sectionFrom,
                    'to' => $row - 1,
                    'all' => $whole,
                    'why' => "the figures are the sums of rows $sectionFrom to ".($row - 1),
                ];
                Evidence::add($subtotals, $values);
                $subtotalRows++;
                $chain->resultAt($row, $values);
                $sections = $this->empty();
                $sectionRows = 0;
                $sectionFrom = $row + 1;

                continue;
            }
            if (
                $subtotalRows >= 2 &&
                ($this->matches($values, $subtotals, $subtotalRows, true, $row) || $this->matches($values, $all, $allRows, true, $row))
            ) {
                $found[$row] = [
                    'kind' => 'sum',
                    'from' => $this->from,
                    'to' => $row - 1,
                    'all' => true,
                    'why' => 'the figures are the sums of the subtotals above',
                ];
                $chain->resultAt($row, $values);
                $sections = $this->empty();
                $sectionRows = 0;
                $sectionFrom = $row + 1;

                continue;
            }
            if ($allRows >= 3 && $sectionRows !== $allRows && $this->matches($values, $all, $allRows, $word, $row)) {
                $found[$row] = [
                    'kind' => 'sum',
                    'from' => $this->from,
                    'to' => $row - 1,
                    'all' => true,
                    'why' => "the figures are the sums of rows {$this->from} to ".($row - 1),
                ];

                continue;
            }
            if ($word && $values === array_fill_keys($this->columns, null)) {
                continue;
            }
            $why = $chain->why($values);
            if ($why !== null) {
                $found[$row] = ['kind' => 'result', 'from' => $sectionFrom, 'to' => $row - 1, 'all' => false, 'why' => $why];
                $chain->resultAt($row, $values);
                $sections = $this->empty();
                $sectionRows = 0;
                $sectionFrom = $row + 1;

                continue;
            }
            $chain->add($row, $values);
            Evidence::add($sections, $values);
            Evidence::add($all, $values);
            $sectionRows++;
            $allRows++;
        }

        return $found + $this->above($marks, $words, $found) + $this->statistics($marks, $words, $found);
    }

    /**
     * A total that stands over its addends: the first row of the body, or the first of a section with a total word.
     *
     * @param  array<int, string>  $marks
     * @param  array<int, bool>  $words
     * @param  array<int, array{kind: string, from: int, to: int, all: bool, why: string}>  $found
     * @return array<int, array{kind: string, from: int, to: int, all: bool, why: string}>
     */
    private function above(array $marks, array $words, array $found): array
    {
        if ($found !== []) {
            return [];
        }
        $first = $this->from;
        while ($first <= $this->to && isset($marks[$first])) {
            $first++;
        }
        $sums = $this->empty();
        $rows = 0;
        for ($row = $first + 1; $row <= $this->to; $row++) {
            if (! isset($marks[$row])) {
                Evidence::add($sums, $this->values($row));
                $rows++;
            }
        }
        if ($rows < 3 || ! $this->matches($this->values($first), $sums, $rows, $words[$first] ?? false, $first)) {
            return [];
        }

        return [
            $first => [
                'kind' => 'sum',
                'from' => $first + 1,
                'to' => $this->to,
                'all' => true,
                'why' => 'the figures are the sums of the rows '.($first + 1)." to {$this->to} below",
            ],
        ];
    }

    /**
     * Means, least and greatest of the body, in the last rows.
     *
     * @param  array<int, string>  $marks
     * @param  array<int, bool>  $words
     * @param  array<int, array{kind: string, from: int, to: int, all: bool, why: string}>  $found
     * @return array<int, array{kind: string, from: int, to: int, all: bool, why: string}>
     */
    private function statistics(array $marks, array $words, array $found): array
    {
        $statistics = [];
        for ($row = $this->to, $tries = 0; $row > $this->from + 2 && $tries < 5; $row--, $tries++) {
            if (isset($marks[$row]) || isset($found[$row])) {
                continue;
            }
            $values = $this->values($row);
            $body = [];
            for ($at = $this->from; $at < $row; $at++) {
                if (! isset($marks[$at]) && ! isset($found[$at]) && ! ($words[$at] ?? false)) {
                    foreach ($this->values($at) as $column => $value) {
                        if ($value !== null) {
                            $body[$column][] = $value;
                        }
                    }
                }
            }
            // Rows that are all alike are their own mean, least and greatest, and say nothing.
            foreach (['mean', 'least', 'greatest'] as $kind) {
                $hits = 0;
                $filled = 0;
                $varied = 0;
                foreach ($values as $column => $value) {
                    if ($value === null || count($body[$column] ?? []) < 3) {
                        continue;
                    }
                    $filled++;
                    $varied += min($body[$column]) === max($body[$column]) ? 0 : 1;
                    $expected = match ($kind) {
                        'mean' => array_sum($body[$column]) / count($body[$column]),
                        'least' => min($body[$column]),
                        'greatest' => max($body[$column]),
                    };
                    $hits += abs($expected - $value) <= ($kind === 'mean' ? max(Evidence::unit($value), 1e-9 * abs($value)) : 0.0) ? 1 : 0;
                }
                $word = $words[$row] ?? false;
                if ($filled > 0 && $hits === $filled && ($word || $varied >= 3)) {
                    $statistics[$row] = [
                        'kind' => $kind,
                        'from' => $this->from,
                        'to' => $row - 1,
                        'all' => true,
                        'why' => "the figures are the $kind of the rows above",
                    ];

                    break;
                }
            }
        }

        return $statistics;
    }

    /**
     * @param  array<int, float|null>  $values
     * @param  array<int, array{float, int, float}>  $sums  sum, count, unit of the last place
     */
    private function matches(array $values, array $sums, int $rows, bool $word, int $row): bool
    {
        $hits = 0;
        $misses = 0;
        $strong = 0;
        $digits = 0.0;
        foreach ($values as $column => $value) {
            [$sum, $count, $unit] = $sums[$column];
            if ($value === null || $count === 0) {
                continue;
            }
            $off = abs($sum - $value);
            if (
                $off <=
                    0.5 * max($unit, Evidence::unit($value)) * min($count, 20) * ($off < 1e-9 * max(1.0, abs($sum)) ? 10 : 1) +
                        1e-9 * max(1.0, abs($sum)) &&
                ! ($sum === 0.0 && $value === 0.0)
            ) {
                $hits++;
                $strong += $count >= 2 ? 1 : 0;
                $digits += $count >= 2 ? Evidence::of($value, 0.5 * max($unit, Evidence::unit($value)) * min($count, 20)) : 0.0;
            } elseif (! ($sum === 0.0 && $value === 0.0)) {
                $misses++;
            }
        }
        if ($strong === 0) {
            return false;
        }
        if ($word) {
            return $hits >= 0.5 * ($hits + $misses);
        }
        // Without a word chance must be ruled out: several columns, or many addends, or a row that looks apart.
        $apart = $this->looksApart($row);
        if ($misses === 0) {
            return $digits >= Evidence::ENOUGH || ($hits >= 2 && $rows >= 2 && ($rows >= 3 || $hits >= 3 || $apart)) ||
                ($rows >= 4 && ($apart || $row === $this->to)) ||
                ($apart && $rows >= 3);
        }

        return $hits >= 2 && $hits >= 2 * $misses && ($rows >= 3 || $apart);
    }

    /** Bold among plain rows, a blank label, or another pattern of filled cells. */
    private function looksApart(int $row): bool
    {
        $hints = $this->region->facts->hints;
        $left = $this->region->range->left;
        $letters = $this->region->letters($row);

        return $letters[0] === '.' || str_contains($letters, 'S')
            || ($hints->isStrong($row, $left) && ! $hints->isStrong($this->from, $left))
            || (substr_count($letters, '.') > substr_count($this->region->letters($this->from), '.'));
    }

    /** @return array<int, float|null> by column */
    public function values(int $row): array
    {
        $values = [];
        foreach ($this->columns as $column) {
            $values[$column] = $this->region->cell($row, $column)->number();
        }

        return $values;
    }

    /** @return array<int, array{float, int, float}> */
    private function empty(): array
    {
        return array_fill_keys($this->columns, [0.0, 0, 0.0]);
    }
}
