<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * Results of a statement, each of some lines above it with their signs: sales less costs are a margin, the margin less
 * wages and rent a profit. In time linear in the rows.
 */
final class Chain
{
    /** @var array<int, float|null> of the last result, by column; null before the first */
    private ?array $result = null;

    private int $resultRow = 0;

    /** @var list<int> rows since then */
    private array $since = [];

    /** @var array<int, array{float, int, float}> their sums, count and coarsest unit, by column */
    private array $sums = [];

    /** @var array<int, float|null> the first of them, where there is no result yet */
    private array $first = [];

    /**
     * Takes in a row that is no result.
     *
     * @param  array<int, float|null>  $values  by column
     */
    public function add(int $row, array $values): void
    {
        if ($this->result === null && $this->since === []) {
            $this->first = $values;
        } else {
            Evidence::add($this->sums, $values);
        }
        $this->since[] = $row;
    }

    /**
     * Begins anew after a result, whoever found it.
     *
     * @param  array<int, float|null>  $values  by column
     */
    public function resultAt(int $row, array $values): void
    {
        [$this->result, $this->resultRow, $this->since, $this->sums] = [$values, $row, [], []];
    }

    /** Begins anew where a group does. */
    public function restart(): void
    {
        [$this->result, $this->since, $this->sums, $this->first] = [null, [], [], []];
    }

    /**
     * Whether a row is the next result.
     *
     * @param  array<int, float|null>  $values  by column
     * @return string|null why; null where it is none
     */
    public function why(array $values): ?string
    {
        $rest = count($this->since) - ($this->result === null ? 1 : 0);
        if ($rest < 1) {
            return null;
        }
        $base = $this->result ?? $this->first;
        foreach ([-1 => 'less', 1 => 'and'] as $sign => $word) {
            if ($this->holds($values, $base, $sign)) {
                $from = $this->result === null ? $this->since[0] : $this->resultRow;
                $others = array_slice($this->since, $this->result === null ? 1 : 0);

                return "the figures are those of row $from $word those of row ".implode(', ', array_slice($others, 0, 4));
            }
        }

        return null;
    }

    /**
     * @param  array<int, float|null>  $values
     * @param  array<int, float|null>  $base
     */
    private function holds(array $values, array $base, int $sign): bool
    {
        $digits = 0.0;
        foreach ($values as $column => $value) {
            [$sum, $count, $unit] = $this->sums[$column] ?? [0.0, 0, 0.0];
            $from = $base[$column] ?? null;
            if ($value === null || $from === null || $count === 0) {
                continue;
            }
            $expected = $from + $sign * $sum;
            $tolerance = 0.5 * max($unit, Evidence::unit($value)) * ($count + 1) + 1e-9 * max(1.0, abs($expected));
            if (abs($expected - $value) > $tolerance) {
                return false;
            }
            $digits += $sum === 0.0 ? 0.0 : Evidence::of($value, $tolerance);
        }

        return $digits >= Evidence::ENOUGH;
    }
}
