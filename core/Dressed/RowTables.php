<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Grid\Range;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/** Which tables a row crosses, however many a sheet has. */
final class RowTables
{
    /** Tables up to which all are asked for each row; beyond, those near it. */
    private const FEW = 16;

    /** Rows of a stretch that tables are found by. */
    private const NEAR = 64;

    /** Rows that are kept in mind. */
    private const KEPT = 2_000;

    /** @var array<int, list<TableReading>>|null tables by stretches of rows; null until one is asked for */
    private ?array $near = null;

    /** @var array<int, list<array{TableReading, Part|null, int}>> by row */
    private array $rows = [];

    /** @var list<int>|null rows with which a part of a table begins, the least first; null until one is asked for */
    private ?array $beginnings = null;

    /** @param  list<TableReading>  $tables */
    public function __construct(private readonly array $tables)
    {
    }

    /** @return list<array{TableReading, Part|null, int}> the tables that a row crosses, its part there, its position in its run */
    public function at(int $row): array
    {
        if (isset($this->rows[$row])) {
            return $this->rows[$row];
        }
        if (count($this->rows) > self::KEPT) {
            $this->rows = [];
        }
        $found = [];
        foreach (count($this->tables) <= self::FEW ? $this->tables : $this->near($row) as $table) {
            $run = $table->runAt($row);
            if ($run !== null || $table->asides !== []) {
                $found[] = [$table, $run?->part, $run === null ? 0 : $row - $run->first];
            }
        }

        return $this->rows[$row] = $found;
    }

    /** The next row below one with which a part of any table begins; null where none does. */
    public function nextBeginning(int $row): ?int
    {
        if ($this->beginnings === null) {
            $all = [];
            foreach ($this->tables as $table) {
                foreach ($table->runs as $run) {
                    $all[$run->first] = $run->first;
                }
            }
            sort($all);
            $this->beginnings = $all;
        }
        [$low, $high] = [0, count($this->beginnings)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->beginnings[$middle] <= $row ? $low = $middle + 1 : $high = $middle;
        }

        return $this->beginnings[$low] ?? null;
    }

    /** The last row beside which notes stand, so that rows up to it differ one by one. */
    public function lastAside(): int
    {
        $last = 0;
        foreach ($this->tables as $table) {
            $last = max([$last, ...array_map(fn (Range $aside) => max($aside->bottom, $table->range->bottom), $table->asides)]);
        }

        return $last;
    }

    /** @return list<TableReading> all that a row may cross, in their order */
    private function near(int $row): array
    {
        if ($this->near === null) {
            $this->near = [];
            foreach ($this->tables as $table) {
                // What stands beside a table may reach beyond its rows.
                $tops = array_map(fn (Range $aside) => $aside->top, $table->asides);
                $bottoms = array_map(fn (Range $aside) => $aside->bottom, $table->asides);
                $top = min([$table->range->top, ...$tops, ...array_map(fn (RowRun $run) => $run->first, $table->runs)]);
                $bottom = max([$table->range->bottom, ...$bottoms, ...array_map(fn (RowRun $run) => $run->last, $table->runs)]);
                for ($stretch = intdiv($top, self::NEAR); $stretch <= intdiv($bottom, self::NEAR); $stretch++) {
                    $this->near[$stretch][] = $table;
                }
            }
        }

        return $this->near[intdiv($row, self::NEAR)] ?? [];
    }
}
