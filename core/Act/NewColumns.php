<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Reading\TableReading;
use Rilvet\Renew\Plan;

/** Where the columns of a table stand once new data has come into it. */
final readonly class NewColumns
{
    /** @var array<int, int> where a column of the new data goes */
    public array $to;

    /**
     * @param  array<int, list<int>>  $put  columns of the new data by the column of the table that they stand behind
     * @param  list<int>  $gone  columns of the table
     */
    private function __construct(Plan $plan, private array $put, private array $gone)
    {
        $to = [];
        foreach ($plan->pairs as $pair) {
            if ($pair->from !== null && $pair->to !== null) {
                $to[$pair->from] = $this->at($pair->to);
            }
        }
        foreach ($put as $behind => $columns) {
            $base = $this->at($behind) - (in_array($behind, $gone, true) ? 1 : 0);
            foreach ($columns as $index => $from) {
                $to[$from] = $base + 1 + $index;
            }
        }
        $this->to = $to;
    }

    public static function of(TableReading $table, Plan $plan): self
    {
        $put = [];
        $behind = $table->range->right;
        foreach ($plan->pairs as $pair) {
            if ($pair->isNew() && $pair->from !== null) {
                $put[$behind][] = $pair->from;
            } elseif ($pair->from !== null && $pair->to !== null) {
                $behind = $pair->to;
            }
        }

        return new self($plan, $put, $plan->goneColumns());
    }

    /** Where a column of the table stands afterwards. */
    public function at(int $column): int
    {
        $at = $column;
        foreach ($this->put as $behind => $columns) {
            $at += $behind < $column ? count($columns) : 0;
        }
        foreach ($this->gone as $gone) {
            $at -= $gone < $column ? 1 : 0;
        }

        return $at;
    }

    /** @return list<array{int, int}> a place and how many columns come there, or go where the number is negative; from the right */
    public function steps(): array
    {
        $steps = array_map(fn (int $column) => [$column, -1], $this->gone);
        foreach ($this->put as $behind => $columns) {
            $steps[] = [$behind + 1, count($columns)];
        }
        usort($steps, fn (array $one, array $other) => [$other[0], $one[1]] <=> [$one[0], $other[1]]);

        return $steps;
    }
}
