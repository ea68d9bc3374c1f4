<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;

/**
 * Calculates formulas that depend on a change, each after those that it looks at itself. What is calculated is true or it
 * is not done: where the calculation behind it does not give what the file says of the state before, or of a cell that
 * depends on such a one, the last value stays and is marked.
 */
final class Evaluation
{
    /** Formulas of one run that are tried on the state before, until the rest is believed. */
    private const TRIED = 4;

    private const VALUED = 1;

    private const KEPT = 2;

    private const WAITING = 3;

    private const VISITED = 4;

    /** On the way from itself back to itself. */
    private const CIRCLE = 5;

    /** @var array<int, array<int, int>> what has become of a formula, by run, then by row */
    private array $state = [];

    /** @var array<int, int> formulas of a run that gave before what they gave */
    private array $proven = [];

    /** @var array<int, true> runs that gave before something else than the file says */
    private array $untrue = [];

    /** @var array<int, array<int, list<int>>> affected runs by sheet and column */
    private array $places = [];

    /** @var array<int, array<int, Spans>> formulas that look at themselves, rows by sheet and column */
    public array $circles = [];

    /**
     * @param  array<int, Spans>  $affected  rows by run
     * @param  array<int, Unsettled>  $unsettled  by sheet, as it was before
     * @param  callable(int, int, int): (Cell|false|null)  $before  the cell of the same formula before the change, by sheet, row,
     *     column; null where there was none or nothing is claimed, false where it was found untrue
     * @param  callable(Cell, int, int, int): (Cell|null)  $again  what that cell's formula gives here, from the state before
     */
    public function __construct(
        private readonly Graph $graph,
        private readonly array $affected,
        private readonly Calculator $calculator,
        private readonly Values $values,
        private readonly array $unsettled,
        private $before,
        private $again,
    ) {
        foreach ($affected as $number => $spans) {
            [$sheet, $run] = $graph->runs[$number];
            $this->places[$sheet][$run->column][] = $number;
        }
    }

    /** Calculates until all is done, or the time is over. */
    public function run(): void
    {
        try {
            foreach ($this->affected as $number => $spans) {
                foreach ($spans->list as [$first, $last]) {
                    for ($row = $first; $row <= $last; $row++) {
                        isset($this->state[$number][$row]) || $this->settle($number, $row);
                    }
                }
            }
        } catch (OutOfTime) {
            // What is left waits.
        }
    }

    /** @return array<int, array<int, Spans>> formulas that cannot be calculated here, rows by sheet and column */
    public function kept(): array
    {
        return $this->with(fn (?int $state) => $state === self::KEPT);
    }

    /** @return array<int, array<int, Spans>> formulas that are left to be calculated */
    public function waiting(): array
    {
        return $this->with(fn (?int $state) => $state !== self::KEPT && $state !== self::VALUED);
    }

    /**
     * @param  callable(int|null): bool  $is
     * @return array<int, array<int, Spans>>
     */
    private function with(callable $is): array
    {
        $found = [];
        foreach ($this->affected as $number => $spans) {
            [$sheet, $run] = $this->graph->runs[$number];
            foreach ($spans->list as [$first, $last]) {
                $from = null;
                for ($row = $first; $row <= $last + 1; $row++) {
                    $holds = $row <= $last && $is($this->state[$number][$row] ?? null);
                    if ($holds) {
                        $from ??= $row;
                    } elseif ($from !== null) {
                        ($found[$sheet][$run->column] ??= new Spans)->add($from, $row - 1);
                        $from = null;
                    }
                }
            }
        }

        return $found;
    }

    /** One formula, after all that it looks at. */
    private function settle(int $number, int $row): void
    {
        $stack = [[$number, $row]];
        while ($stack !== []) {
            [$number, $row] = $stack[count($stack) - 1];
            $state = $this->state[$number][$row] ?? null;
            if ($state !== null && $state !== self::VISITED && $state !== self::CIRCLE) {
                array_pop($stack);

                continue;
            }
            $this->values->hurry();
            [$sheet, $run, $meaning] = $this->graph->runs[$number];
            if ($state === null) {
                $this->state[$number][$row] = self::VISITED;
                $before = count($stack);
                foreach ($meaning->references as $reference) {
                    foreach ($this->open($reference, $row - $run->first) as $cell) {
                        if (($this->state[$cell[0]][$cell[1]] ?? null) === null) {
                            $stack[] = $cell;
                        } else {
                            $this->circle($stack, $cell);
                        }
                    }
                }
                if (count($stack) > $before) {
                    continue;
                }
            }
            array_pop($stack);
            $this->state[$number][$row] = $this->calculated($number, $sheet, $run, $meaning, $row);
        }
    }

    /**
     * All formulas on the way from a formula back to itself.
     *
     * @param  list<array{int, int}>  $stack  run and row; those on the way are visited, the others wait for their turn
     * @param  array{int, int}  $closing
     */
    private function circle(array $stack, array $closing): void
    {
        $last = $stack[count($stack) - 1];
        if (($this->state[$last[0]][$last[1]] ?? null) === self::CIRCLE && $this->state[$closing[0]][$closing[1]] === self::CIRCLE) {
            return;
        }
        for ($at = count($stack) - 1; $at >= 0; $at--) {
            [$number, $row] = $stack[$at];
            if (in_array($this->state[$number][$row] ?? null, [self::VISITED, self::CIRCLE], true)) {
                [$sheet, $run] = $this->graph->runs[$number];
                ($this->circles[$sheet][$run->column] ??= new Spans)->add($row, $row);
                $this->state[$number][$row] = self::CIRCLE;
            }
            if ($stack[$at] === $closing) {
                return;
            }
        }
    }

    /**
     * Formulas that a reference looks at and that are still to be calculated, or are on the way.
     *
     * @return iterable<array{int, int}> run and row
     */
    private function open(Reference $reference, int $down): iterable
    {
        foreach ($this->met($reference, $down) as [$number, $first, $last]) {
            foreach ($this->affected[$number]->within($first, $last) as $row) {
                $state = $this->state[$number][$row] ?? null;
                if ($state === null || $state === self::VISITED || $state === self::CIRCLE) {
                    yield [$number, $row];
                }
            }
        }
    }

    /**
     * Affected runs that a reference reaches into.
     *
     * @return iterable<array{int, int, int}> run, first and last row of the reference
     */
    private function met(Reference $reference, int $down): iterable
    {
        [$first, $last] = $reference->rows($down);
        foreach ($this->places[$reference->sheet] ?? [] as $column => $numbers) {
            if (! $reference->range->hasColumn($column)) {
                continue;
            }
            foreach ($numbers as $number) {
                $run = $this->graph->runs[$number][1];
                if ($run->first <= $last && $run->last >= $first) {
                    yield [$number, $first, $last];
                }
            }
        }
    }

    private function calculated(int $number, int $sheet, FormulaRun $run, Meaning $meaning, int $row): int
    {
        if (
            isset($this->untrue[$number]) ||
            $this->state[$number][$row] === self::CIRCLE ||
            $meaning->isForeign ||
            ! $this->calculator->knows($meaning)
        ) {
            return self::KEPT;
        }
        foreach ($meaning->references as $reference) {
            $worst = $this->looksAt($reference, $row - $run->first);
            if ($worst !== self::VALUED) {
                return $worst;
            }
        }
        if (! $this->isTrue($number, $sheet, $run, $row)) {
            $this->untrue[$number] = true;

            return self::KEPT;
        }
        $result = $this->calculator->calculate(
            $row === $run->first ? $meaning->text : References::translated($meaning->text, $row - $run->first, 0),
            $meaning,
            $sheet,
            $row,
            $run->column,
            $this->values,
        );
        if ($result === null) {
            return self::KEPT;
        }
        $this->values->results[$sheet][$row][$run->column] = $result;

        return self::VALUED;
    }

    /** What becomes of a formula that looks at others which could not be calculated. */
    private function looksAt(Reference $reference, int $down): int
    {
        $worst = self::VALUED;
        foreach ($this->met($reference, $down) as [$number, $first, $last]) {
            foreach ($this->affected[$number]->within($first, $last) as $row) {
                $state = $this->state[$number][$row] ?? self::WAITING;
                if ($state === self::KEPT) {
                    return self::KEPT;
                }
                $worst = $state === self::VALUED ? $worst : self::WAITING;
            }
        }
        [$first, $last] = $reference->rows($down);
        $left = $this->unsettled[$reference->sheet] ?? new Unsettled;
        foreach ([[$left->kept, self::KEPT], [$left->waiting, self::WAITING]] as [$ranges, $state]) {
            foreach ($ranges as $range) {
                if (
                    $range->meetsRows($first, $last) &&
                    $range->meetsColumns($reference->range->left, $reference->range->right) &&
                    ! $this->isCovered($reference->sheet, $range, $first, $last)
                ) {
                    return $state;
                }
            }
        }

        return $worst;
    }

    /** Whether formulas that were unsettled before are calculated now, as far as some rows go. */
    private function isCovered(int $sheet, Range $range, int $first, int $last): bool
    {
        for ($column = $range->left; $column <= $range->right; $column++) {
            $rows = 0;
            foreach ($this->places[$sheet][$column] ?? [] as $number) {
                foreach ($this->affected[$number]->within(max($first, $range->top), min($last, $range->bottom)) as $row) {
                    $rows += ($this->state[$number][$row] ?? null) === self::VALUED ? 1 : 0;
                }
            }
            if ($rows < min($last, $range->bottom) - max($first, $range->top) + 1) {
                return false;
            }
        }

        return true;
    }

    /** Whether the calculation behind this one gives, from the state before, what the cell held then. */
    private function isTrue(int $number, int $sheet, FormulaRun $run, int $row): bool
    {
        if (($this->proven[$number] ?? 0) >= self::TRIED) {
            return true;
        }
        $before = ($this->before)($sheet, $row, $run->column);
        if ($before === null || $before === false) {
            return $before === null;
        }
        $again = ($this->again)($before, $sheet, $row, $run->column);
        if ($again === null || ! self::agree($before, $again)) {
            return false;
        }
        $this->proven[$number] = ($this->proven[$number] ?? 0) + 1;

        return true;
    }

    private static function agree(Cell $one, Cell $other): bool
    {
        [$a, $b] = [$one->number(), $other->number()];
        if ($a !== null && $b !== null && $one->error === null && $other->error === null) {
            // Programs add in other orders: the last two of the fifteen figures that are shown may differ.
            return abs($a - $b) <= 1e-9 * max(abs($a), abs($b), 1e-6);
        }

        return $one->error === $other->error && ($one->value ?? '') === ($other->value ?? '');
    }
}
