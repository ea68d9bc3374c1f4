<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Grid\Range;

/** Cells of one column that have the same fault: all are counted, the first are named. */
final class Places
{
    /** Stretches that are named. */
    public const NAMED = 50;

    public int $count = 0;

    /** @var list<array{int, int}> first and last row of each stretch */
    private array $stretches = [];

    public function __construct(private readonly int $column)
    {
    }

    /**
     * @param  list<array{int, int}>  $stretches  first and last row, in their order
     * @param  int  $count  of all rows
     */
    public static function at(int $column, array $stretches, int $count): self
    {
        $places = new self($column);
        foreach ($stretches as [$from, $to]) {
            $places->reach($from, $to);
        }
        $places->count = $count;

        return $places;
    }

    /** @return list<array{int, int}> first and last row of those that are named */
    public function stretches(): array
    {
        return $this->stretches;
    }

    /** Whether all of them are named. */
    public function isWhole(): bool
    {
        return $this->count === array_sum(array_map(fn (array $one) => $one[1] - $one[0] + 1, $this->stretches));
    }

    /** @param  int  $row  in the order of the rows */
    public function add(int $row): void
    {
        $this->count++;
        $this->reach($row, $row);
    }

    /** Those of several, which have no cell in common and are all of one column. */
    public static function together(self $first, self ...$others): self
    {
        $all = new self($first->column);
        $stretches = [];
        foreach ([$first, ...$others] as $one) {
            $all->count += $one->count;
            array_push($stretches, ...$one->stretches);
        }
        sort($stretches);
        foreach ($stretches as [$from, $to]) {
            $all->reach($from, $to);
        }

        return $all;
    }

    public function text(): string
    {
        return implode(', ', array_map(fn (array $one) => (string) Range::of($one[0], $this->column, $one[1], $this->column),
            $this->stretches));
    }

    private function reach(int $from, int $to): void
    {
        $last = count($this->stretches) - 1;
        if ($last >= 0 && $this->stretches[$last][1] === $from - 1) {
            $this->stretches[$last][1] = $to;
        } elseif ($last + 1 < self::NAMED) {
            $this->stretches[] = [$from, $to];
        }
    }
}
