<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * Finds the rows of a body whose figures are the sums, means, least or greatest of the rows around them, whatever they
 * are called. Rounding is allowed for: half a unit of the last place for each addend.
 *
 * @phpstan-type Find array{kind: string, from: int, to: int, all: bool, why: string}
 */
final class Sums
{
    /** Above this many rows only rows that look different are tried, against one running sum. */
    private const MOST_ROWS = 5_000;

    /** Rows at the end that may hold means, least and greatest. */
    private const LAST = 5;

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
     * @return array<int, Find> by row: what it sums
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
                $why = "the figures are the sums of rows $sectionFrom to ".($row - 1);
                $found[$row] = self::of('sum', $sectionFrom, $row - 1, $sectionRows === $allRows, $why);
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
                $found[$row] = self::of('sum', $this->from, $row - 1, true, 'the figures are the sums of the subtotals above');
                $chain->resultAt($row, $values);
                $sections = $this->empty();
                $sectionRows = 0;
                $sectionFrom = $row + 1;

                continue;
            }
            if ($allRows >= 3 && $sectionRows !== $allRows && $this->matches($values, $all, $allRows, $word, $row)) {
                $why = "the figures are the sums of rows {$this->from} to ".($row - 1);
                $found[$row] = self::of('sum', $this->from, $row - 1, true, $why);

                continue;
            }
            if ($word && $values === array_fill_keys($this->columns, null)) {
                continue;
            }
            $why = $chain->why($values);
            if ($why !== null) {
                $found[$row] = self::of('result', $sectionFrom, $row - 1, false, $why);
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
     * @param  array<int, Find>  $found
     * @return array<int, Find>
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

        $why = 'the figures are the sums of the rows '.($first + 1)." to {$this->to} below";

        return [$first => self::of('sum', $first + 1, $this->to, true, $why)];
    }

    /**
     * Means, least and greatest of the body, in the last rows.
     *
     * @param  array<int, string>  $marks
     * @param  array<int, bool>  $words
     * @param  array<int, Find>  $found
     * @return array<int, Find>
     */
    private function statistics(array $marks, array $words, array $found): array
    {
        $tried = [];
        for ($row = $this->to; $row > $this->from + 2 && $row > $this->to - self::LAST; $row--) {
            isset($marks[$row]) || isset($found[$row]) || ($tried[$row] = true);
        }
        if ($tried === []) {
            return [];
        }
        $statistics = [];
        /** @var array<int, array{int, float, float, float}> $above  count, sum, least and greatest of the rows above, by column */
        $above = [];
        for ($row = $this->from; $row <= array_key_first($tried); $row++) {
            if (isset($marks[$row]) || isset($found[$row])) {
                continue;
            }
            $values = $this->values($row);
            $word = $words[$row] ?? false;
            $kind = isset($tried[$row]) ? self::statistic($values, $above, $word) : null;
            if ($kind !== null) {
                $statistics[$row] = self::of($kind, $this->from, $row - 1, true, "the figures are the $kind of the rows above");
            }
            foreach ($word ? [] : $values as $column => $value) {
                if ($value !== null) {
                    [$count, $sum, $least, $greatest] = $above[$column] ?? [0, 0.0, $value, $value];
                    $above[$column] = [$count + 1, $sum + $value, min($least, $value), max($greatest, $value)];
                }
            }
        }

        return $statistics;
    }

    /**
     * Rows that are all alike are their own mean, least and greatest, and say nothing.
     *
     * @param  array<int, float|null>  $values
     * @param  array<int, array{int, float, float, float}>  $above
     */
    private static function statistic(array $values, array $above, bool $word): ?string
    {
        $filled = $varied = 0;
        $hits = ['mean' => 0, 'least' => 0, 'greatest' => 0];
        foreach ($values as $column => $value) {
            [$count, $sum, $least, $greatest] = $above[$column] ?? [0, 0.0, 0.0, 0.0];
            if ($value === null || $count < 3) {
                continue;
            }
            $filled++;
            $varied += $least === $greatest ? 0 : 1;
            $hits['mean'] += abs($sum / $count - $value) <= max(Evidence::unit($value), 1e-9 * abs($value)) ? 1 : 0;
            $hits['least'] += $least === $value ? 1 : 0;
            $hits['greatest'] += $greatest === $value ? 1 : 0;
        }
        $kind = array_search($filled, $hits, true);

        return $filled > 0 && $kind !== false && ($word || $varied >= 3) ? $kind : null;
    }

    /** @return Find */
    private static function of(string $kind, int $from, int $to, bool $all, string $why): array
    {
        return ['kind' => $kind, 'from' => $from, 'to' => $to, 'all' => $all, 'why' => $why];
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
        $enough = $word ? count($values) / 2 : count($values) / 3;
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
                // Not even if all others came out.
                if ($misses > $enough) {
                    return false;
                }
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
        $cells = $this->region->facts->row($row);
        $values = [];
        foreach ($this->columns as $column) {
            $values[$column] = ($cells[$column - 1] ?? null)?->number();
        }

        return $values;
    }

    /** @return array<int, array{float, int, float}> */
    private function empty(): array
    {
        return array_fill_keys($this->columns, [0.0, 0, 0.0]);
    }
}
