<?php

declare(strict_types=1);

namespace Rilvet\Formula;

/** Rows as sorted, disjoint stretches. */
final class Spans
{
    /** @var list<array{int, int}> */
    public array $list = [];

    /**
     * Adds rows.
     *
     * @return list<array{int, int}> those that were not there before
     */
    public function add(int $first, int $last): array
    {
        $new = [];
        $at = $first;
        $before = $after = [];
        [$from, $to] = [$first, $last];
        foreach ($this->list as [$top, $bottom]) {
            if ($bottom < $first - 1) {
                $before[] = [$top, $bottom];
            } elseif ($top > $last + 1) {
                $after[] = [$top, $bottom];
            } else {
                if ($top > $at) {
                    $new[] = [$at, min($top - 1, $last)];
                }
                $at = max($at, $bottom + 1);
                $from = min($from, $top);
                $to = max($to, $bottom);
            }
        }
        if ($at <= $last) {
            $new[] = [$at, $last];
        }
        $this->list = [...$before, [$from, $to], ...$after];

        return $new;
    }

    /** @return iterable<int> the rows of a stretch that are in it */
    public function within(int $first, int $last): iterable
    {
        foreach ($this->list as [$top, $bottom]) {
            for ($row = max($top, $first); $row <= min($bottom, $last); $row++) {
                yield $row;
            }
        }
    }

    public function has(int $row): bool
    {
        foreach ($this->list as [$top, $bottom]) {
            if ($row >= $top && $row <= $bottom) {
                return true;
            }
        }

        return false;
    }

    public function count(): int
    {
        return array_sum(array_map(fn (array $span) => $span[1] - $span[0] + 1, $this->list));
    }
}
