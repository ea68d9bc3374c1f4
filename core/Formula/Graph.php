<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Range;

/**
 * Which formulas depend on which cells, over all sheets of a workbook. Worked out on runs, so that a hundred thousand
 * formulas that were filled down count as one.
 */
final class Graph
{
    /** Steps along the graph that one change may take; what is beyond counts as depending on it. */
    private const STEPS = 400_000;

    /** Columns of a reference up to which it is found by its column. */
    private const NARROW = 40;

    /** @var list<array{int, FormulaRun, Meaning}> sheet, run, what it means in its first row */
    public array $runs = [];

    /** @var array<int, array<int, list<array{int, Reference}>>> run and reference, by sheet, then by column (0 for wide ones) */
    private array $looking = [];

    /** @var list<int> runs that may look anywhere */
    private array $vague = [];

    /** @param  array<int, list<FormulaRun>>  $sheets  by their numbers */
    public function __construct(array $sheets, Scope $scope)
    {
        foreach ($sheets as $sheet => $runs) {
            foreach ($runs as $run) {
                $meaning = Meaning::of($run->formula, $scope, $sheet, $run->first, $run->column);
                $number = count($this->runs);
                $this->runs[] = [$sheet, $run, $meaning];
                if ($meaning->isVague) {
                    $this->vague[] = $number;
                }
                foreach ($meaning->references as $reference) {
                    if ($reference->range->columns() > self::NARROW) {
                        $this->looking[$reference->sheet][0][] = [$number, $reference];

                        continue;
                    }
                    for ($column = $reference->range->left; $column <= $reference->range->right; $column++) {
                        $this->looking[$reference->sheet][$column][] = [$number, $reference];
                    }
                }
            }
        }
    }

    public function isEmpty(): bool
    {
        return $this->runs === [];
    }

    /**
     * The formulas that have to be calculated after some cells have changed.
     *
     * @param  array<int, list<Range>>  $changed  by sheet
     * @param  array<int, Spans>  $own  formulas that are to be calculated themselves, by run
     * @param  array<int, Range>  $sorted  of the changed cells, those whose rows have changed places as a whole, by sheet: what looks
     *     at its own row there came along with it
     * @return array<int, Spans> rows by run
     */
    public function dependants(array $changed, array $own = [], array $sorted = []): array
    {
        /** @var array<int, Spans> $affected */
        $affected = [];
        $queue = [];
        $seeds = array_sum(array_map(count(...), $changed));
        foreach ($changed as $sheet => $ranges) {
            foreach ($ranges as $range) {
                $queue[] = [$sheet, $range];
            }
        }
        foreach ($own as $number => $spans) {
            foreach ($spans->list as [$first, $last]) {
                $this->affect($affected, $queue, $number, $first, $last);
            }
        }
        foreach ($queue === [] ? [] : $this->vague as $number) {
            $this->affect($affected, $queue, $number, $this->runs[$number][1]->first, $this->runs[$number][1]->last);
        }
        for ($at = 0, $steps = 0; $at < count($queue); $at++) {
            [$sheet, $range] = $queue[$at];
            $columns = $range->columns() > 200 ? array_keys($this->looking[$sheet] ?? []) : [0, ...range($range->left, $range->right)];
            foreach ($columns as $column) {
                foreach ($this->looking[$sheet][$column] ?? [] as [$number, $reference]) {
                    if (++$steps > self::STEPS) {
                        return $this->all();
                    }
                    if (! $reference->range->meetsColumns($range->left, $range->right)) {
                        continue;
                    }
                    $downs = $reference->downs($range->top, $range->bottom);
                    $run = $this->runs[$number][1];
                    if (
                        $downs === null ||
                        ($at < $seeds &&
                            isset($sorted[$sheet]) &&
                            $range->equals($sorted[$sheet]) &&
                            $this->cameAlong($number, $reference, $range))
                    ) {
                        continue;
                    }
                    $first = $downs[0] === PHP_INT_MIN ? $run->first : max($run->first, $run->first + $downs[0]);
                    $last = $downs[1] === PHP_INT_MAX ? $run->last : min($run->last, $run->first + $downs[1]);
                    if ($first <= $last) {
                        $this->affect($affected, $queue, $number, $first, $last);
                    }
                }
            }
        }

        return $affected;
    }

    /** Whether a reference is to the formula's own row among cells that have changed places with it. */
    private function cameAlong(int $number, Reference $reference, Range $range): bool
    {
        [$sheet, $run] = $this->runs[$number];
        $ownRow =
            ! $reference->topFixed &&
            ! $reference->bottomFixed &&
            $reference->range->top === $run->first &&
            $reference->range->bottom === $run->first;

        return $ownRow && $sheet === $reference->sheet
            && $range->hasColumn($run->column) && $range->hasColumn($reference->range->left) && $range->hasColumn($reference->range->right);
    }

    /**
     * @param  array<int, Spans>  $affected
     * @param  list<array{int, Range}>  $queue
     */
    private function affect(array &$affected, array &$queue, int $number, int $first, int $last): void
    {
        [$sheet, $run, $meaning] = $this->runs[$number];
        foreach ($meaning->references as $reference) {
            // A running total looks at the cell above it: all that follow depend on the first, without going there one by one.
            $isFixed = $reference->topFixed && $reference->bottomFixed;
            if (
                $reference->sheet === $sheet &&
                ! $isFixed &&
                $reference->range->hasColumn($run->column)
            ) {
                [$top, $bottom] = $reference->rows(0);
                $last = $top < $run->first || $reference->topFixed ? $run->last : $last;
                $first = $bottom > $run->first || $reference->bottomFixed ? $run->first : $first;
            }
        }
        foreach (($affected[$number] ??= new Spans)->add($first, $last) as [$top, $bottom]) {
            $queue[] = [$sheet, Range::of($top, $run->column, $bottom, $run->column)];
        }
    }

    /** @return array<int, Spans> */
    private function all(): array
    {
        return array_map(function (array $run) {
            $spans = new Spans;
            $spans->add($run[1]->first, $run[1]->last);

            return $spans;
        }, $this->runs);
    }
}
