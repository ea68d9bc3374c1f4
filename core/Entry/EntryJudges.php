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
        foreach ($this->checks as $number => [$check]) {
            if ($check->id === $id) {
                return $this->numbered($number);
            }
        }

        return null;
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
        foreach (array_keys($this->checks) as $number) {
            $judge = $this->numbered($number);
            if ($judge->check->kind === EntryKind::Any || $judge->check->ofColumn) {
                continue;
            }
            foreach ($judge->ranges as $range) {
                $right = min($range->right, $this->cells->columns());
                $bottom = min($range->bottom, $this->cells->rows());
                foreach ($range->left > $right || $range->top > $bottom ? []
                    : $this->cells->read($range->top, $bottom, $range->left, $right) as $row => $cells) {
                    for ($column = $range->left; $column <= $right; $column++) {
                        $cell = $cells[$column - 1];
                        if ($cell->isBlank() || $judge->allows($row, $column, $cell) || $this->index->first($row, $column) !== $number) {
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
        }

        return [$count, $first, true];
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
