<?php

declare(strict_types=1);

namespace Rilvet\Entry;

use Rilvet\Condition\Around;
use Rilvet\Condition\Facts;
use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeIndex;
use Rilvet\Grid\Sheet;
use Rilvet\Reading\Reading;

/** All checks on entry of a sheet: which of them a cell is under, and which cells stand against theirs. */
final class EntryJudges
{
    /** @var array<int, array{EntryCheck, non-empty-list<Range>}> by number */
    private array $checks = [];

    /** @var array<string, int> by the name of the check */
    private array $numbers = [];

    /** @var array<int, EntryJudge> */
    private array $judges = [];

    private readonly RangeIndex $index;

    private readonly Facts $facts;

    private readonly Values $values;

    /** @param  list<EntryCheck>  $checks  the first goes before all others */
    public function __construct(array $checks, Reading $reading, private readonly Sheet $cells, private readonly Around $around)
    {
        $this->index = new RangeIndex;
        $this->facts = new Facts($cells);
        $this->values = new Values([$around->number => $cells] + $around->sheets, INF);
        foreach ($checks as $number => $check) {
            $ranges = $check->where->ranges($reading);
            if ($ranges !== []) {
                $this->checks[$number] = [$check, $ranges];
                $this->numbers[$check->id] ??= $number;
                foreach ($ranges as $range) {
                    $this->index->add($number, $range);
                }
            }
        }
    }

    public function at(int $row, int $column): ?EntryJudge
    {
        $number = $this->index->first($row, $column);

        return $number === null ? null : $this->numbered($number);
    }

    public function of(string $id): ?EntryJudge
    {
        $number = $this->numbers[$id] ?? null;

        return $number === null ? null : $this->numbered($number);
    }

    /**
     * The filled cells that stand against their check.
     *
     * @param  float  $seconds  that may be spent on it
     * @return array{int, list<string>, bool} how many, the addresses of the first, whether all were looked at
     */
    public function against(float $seconds, int $most): array
    {
        $end = microtime(true) + $seconds;
        [$count, $first, $asked] = [0, [], 0];
        foreach ($this->stretches() as $range) {
            foreach ($this->cells->read($range->top, $range->bottom, $range->left, $range->right) as $row => $cells) {
                for ($column = $range->left; $column <= $range->right; $column++) {
                    $cell = $cells[$column - 1];
                    $judge = $cell->isBlank() ? null : $this->at($row, $column);
                    if ($judge === null || $judge->check->ofColumn || $judge->allows($row, $column, $cell)) {
                        continue;
                    }
                    if (++$count <= $most) {
                        $first[] = (string) Range::of($row, $column, $row, $column);
                    }
                }
                if (++$asked % 64 === 0 && microtime(true) > $end) {
                    return [$count, $first, false];
                }
            }
        }

        return [$count, $first, true];
    }

    /**
     * Filled cells under checks, each once: by columns, in stretches of rows that hang together.
     *
     * @return list<Range>
     */
    private function stretches(): array
    {
        $columns = [];
        [$rows, $last] = [$this->cells->rows(), $this->cells->columns()];
        foreach ($this->checks as [, $ranges]) {
            foreach ($ranges as $range) {
                for ($column = $range->left; $column <= min($range->right, $last); $column++) {
                    $range->top > $rows || $columns[$column][] = [$range->top, min($rows, $range->bottom)];
                }
            }
        }
        $stretches = [];
        foreach ($columns as $column => $runs) {
            sort($runs);
            $open = array_shift($runs);
            foreach ($runs as $run) {
                if ($run[0] <= $open[1] + 1) {
                    $open[1] = max($open[1], $run[1]);
                } else {
                    $stretches["$open[0].$open[1]"][] = $column;
                    $open = $run;
                }
            }
            $stretches["$open[0].$open[1]"][] = $column;
        }
        $all = [];
        foreach ($stretches as $key => $alike) {
            [$top, $bottom] = array_map(intval(...), explode('.', $key));
            // Columns beside each other over the same rows are read at once.
            sort($alike);
            $left = $right = array_shift($alike);
            foreach ($alike as $column) {
                if ($column !== $right + 1) {
                    $all[] = Range::of($top, $left, $bottom, $right);
                    $left = $column;
                }
                $right = $column;
            }
            $all[] = Range::of($top, $left, $bottom, $right);
        }
        usort($all, fn (Range $one, Range $other) => [$one->top, $one->left] <=> [$other->top, $other->left]);

        return $all;
    }

    /** Whether a cell may hold something else than it does. */
    public function allows(int $row, int $column, Cell $cell): bool
    {
        return $this->at($row, $column)?->allows($row, $column, $cell) ?? true;
    }

    private function numbered(int $number): EntryJudge
    {
        if (! isset($this->judges[$number])) {
            count($this->judges) < 500 || $this->judges = [];
            [$check, $ranges] = $this->checks[$number];
            $this->judges[$number] = new EntryJudge($check, $ranges, $this->cells, $this->around, $this->facts, $this->values);
        }

        return $this->judges[$number];
    }
}
