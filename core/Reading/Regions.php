<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;

/**
 * Cuts a sheet into the rectangles that hold one table each: first into bands at blank columns that separate tables,
 * then at rows where one table ends and the next begins. Blank spacer rows and columns inside a table do not cut it.
 */
final class Regions
{
    /** Blank columns beyond which what stands at the right is no part of the table at the left, whatever it is. */
    private const FAR = 20;

    public function __construct(private readonly SheetFacts $facts)
    {
    }

    /** @return list<Range> */
    public function find(): array
    {
        $used = $this->shrink(
            $this->facts->rows() === 0 || $this->facts->columns() === 0
                ? null
                : Range::of(1, 1, $this->facts->rows(), $this->facts->columns()),
        );

        return $used === null ? [] : array_merge(...array_map($this->named(...), $this->cut($used, 0)));
    }

    /**
     * Tables that the file names are tables of their own, however close they stand: below one another, or side by side. What stands
     * between two of them belongs to the one that follows.
     *
     * @return list<Range>
     */
    private function named(Range $range): array
    {
        $tables = array_filter(
            array_map(fn (SaidTable $table) => $table->range, $this->facts->tables($range->top, $range->bottom)),
            fn (Range $table) => $table->left >= $range->left && $table->right <= $range->right,
        );
        foreach (['row', 'column'] as $axis) {
            $isRows = $axis === 'row';
            $ends = array_map(fn (Range $one) => $isRows ? [$one->top, $one->bottom] : [$one->left, $one->right], $tables);
            sort($ends);
            $apart = array_filter(array_keys($ends), fn (int $at) => $at > 0 && $ends[$at][0] <= $ends[$at - 1][1]) === [];
            if ($apart && count($ends) > 1) {
                return $this->cutAfter($range, array_column(array_slice($ends, 0, -1), 1), $isRows);
            }
        }

        return [$range];
    }

    /**
     * @param  list<int>  $lasts  rows or columns after which it is cut, in order
     * @return list<Range>
     */
    private function cutAfter(Range $range, array $lasts, bool $isRows): array
    {
        $pieces = [];
        $first = $isRows ? $range->top : $range->left;
        foreach ([...$lasts, $isRows ? $range->bottom : $range->right] as $last) {
            $pieces[] = $this->shrink($isRows
                ? Range::of($first, $range->left, min($last, $range->bottom), $range->right)
                : Range::of($range->top, $first, $range->bottom, min($last, $range->right)));
            $first = $last + 1;
        }

        return array_values(array_filter($pieces));
    }

    /** @return list<Range> */
    private function cut(Range $range, int $depth): array
    {
        if ($depth < 6) {
            $strips = $this->columnCut($range);
            if ($strips !== null) {
                return [...$this->cut($strips[0], $depth + 1), ...$this->cut($strips[1], $depth + 1)];
            }
        }
        $tables = [];
        foreach ((new RowBands($this->facts))->split($range) as $band) {
            $band = $this->shrink($band);
            if ($band === null) {
                continue;
            }
            $strips = $depth < 6 && ! $band->equals($range) ? $this->columnCut($band) : null;
            array_push(
                $tables,
                ...$strips === null ? [$band] : [...$this->cut($strips[0], $depth + 1), ...$this->cut($strips[1], $depth + 1)],
            );
        }

        return $tables;
    }

    /** @return array{Range, Range}|null the two sides of the first blank column that separates two tables */
    private function columnCut(Range $range): ?array
    {
        $region = new Region($this->facts, $range);
        $occupied = array_fill(0, $range->columns(), false);
        $seen = [];
        for ($row = $range->top; $row <= $range->bottom; $row++) {
            $letters = $region->letters($row);
            if (isset($seen[$letters])) {
                continue;
            }
            $seen[$letters] = true;
            foreach ($occupied as $at => $used) {
                $occupied[$at] = $used || $letters[$at] !== '.';
            }
        }
        foreach ($occupied as $at => $used) {
            if ($used || $at === 0 || ! ($occupied[$at + 1] ?? false)) {
                continue;
            }
            $gap = $range->left + $at;
            $left = $this->shrink(Range::of($range->top, $range->left, $range->bottom, $gap - 1));
            $right = $this->shrink(Range::of($range->top, $gap + 1, $range->bottom, $range->right));
            $far = $right !== null && $left !== null && $right->left - $left->right > self::FAR;
            if ($left !== null && $right !== null && ($far || $this->separate($left, $right))) {
                return [
                    Range::of($range->top, $range->left, $range->bottom, $gap - 1),
                    Range::of($range->top, $gap + 1, $range->bottom, $range->right),
                ];
            }
        }

        return null;
    }

    /** Two tables side by side: each begins with names of its own under a heading of its own. */
    private function separate(Range $left, Range $right): bool
    {
        if ($right->columns() < 2 || $right->rows() < 2 || $left->rows() < 2) {
            return false;
        }
        foreach ($this->facts->hints->merges() as $merge) {
            if ($merge->meets($left) && $merge->meets($right)) {
                return false;
            }
        }
        $sides = [new Region($this->facts, $left), new Region($this->facts, $right)];
        foreach ($sides as $side) {
            if (! self::beginsWithHeading($side)) {
                return false;
            }
        }
        [, $region] = $sides;
        $first = $region->majority($right->left, min($right->top + 1, $right->bottom), $right->bottom);
        $named =
            $first === 't' ||
            ($first === 'd' && in_array($sides[0]->majority($left->left, $left->top + 1, $left->bottom), ['d', 't'], true));
        if (! $named) {
            return false;
        }
        $numeric = false;
        for ($column = $right->left + 1; $column <= $right->right; $column++) {
            $numeric = $numeric || in_array($region->majority($column, $right->top + 1, $right->bottom), ['n', 'd', 'h'], true);
        }
        $sameRows = $left->bottom === $right->bottom && abs($left->top - $right->top) <= 1;

        return $numeric || ! $sameRows;
    }

    private static function beginsWithHeading(Region $region): bool
    {
        for ($row = $region->range->top; $row <= min($region->range->bottom, $region->range->top + 6); $row++) {
            if ($region->isBlank($row) || $region->loneText($row) !== null) {
                continue;
            }

            return strpbrk($region->letters($row), 'nNSdDhH') === false;
        }

        return false;
    }

    /** Without the blank rows and columns at its edges; null where nothing is left. */
    private function shrink(?Range $range): ?Range
    {
        if ($range === null) {
            return null;
        }
        $region = new Region($this->facts, $range);
        $top = $range->top;
        $bottom = $range->bottom;
        while ($top <= $bottom && $region->isBlank($top)) {
            $top++;
        }
        while ($bottom > $top && $region->isBlank($bottom)) {
            $bottom--;
        }
        if ($top > $bottom) {
            return null;
        }
        $left = $range->columns();
        $right = 0;
        $seen = [];
        for ($row = $top; $row <= $bottom; $row++) {
            $letters = $region->letters($row);
            if (! isset($seen[$letters])) {
                $seen[$letters] = true;
                $left = min($left, strspn($letters, '.'));
                $right = max($right, strlen(rtrim($letters, '.')));
            }
        }

        return Range::of($top, $range->left + $left, $bottom, $range->left + $right - 1);
    }
}
