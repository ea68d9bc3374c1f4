<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/** The table at a cell and the next one below it are one table. The columns of the upper one decide. */
final readonly class JoinBelow implements Correction
{
    public function __construct(public int $row, public int $column)
    {
    }

    public function on(Reading $reading): Reading
    {
        $upper = $reading->tableAt($this->row, $this->column);
        if ($upper === null) {
            return $reading;
        }
        $lower = null;
        foreach ($reading->tables as $table) {
            if (
                $table->range->top > $upper->range->bottom &&
                $table->range->meetsColumns($upper->range->left, $upper->range->right)
            ) {
                $lower = $table;

                break;
            }
        }
        if ($lower === null) {
            return $reading;
        }
        $left = min($upper->range->left, $lower->range->left);
        $right = max($upper->range->right, $lower->range->right);
        $columns = [];
        for ($column = $left; $column <= $right; $column++) {
            $columns[] = $upper->column($column) ?? $lower->column($column);
        }
        $gap =
            $lower->range->top - $upper->range->bottom > 1
                ? [new RowRun($upper->range->bottom + 1, $lower->range->top - 1, null, 1.0, 'blank')]
                : [];
        // Headings of the lower table keep their part; its title becomes the label of a group of rows.
        $below = array_map(
            fn (RowRun $run) => $run->part === Part::Title
                ? new RowRun($run->first, $run->last, Part::RowGroup, 1.0, 'title of the joined table')
                : $run,
            $lower->runs,
        );
        $joined = new TableReading(
            Range::of($upper->range->top, $left, $lower->range->bottom, $right),
            $upper->confidence,
            [...$upper->runs, ...$gap, ...$below],
            array_values(array_filter($columns)),
            [...$upper->asides, ...$lower->asides],
            [...$upper->groups, ...$lower->groups],
            $upper->lines + $lower->lines,
        );

        return (new Reading(array_values(array_filter($reading->tables, fn (TableReading $table) => $table !== $lower))))->replace(
            $upper,
            $joined,
        );
    }

    public function moved(Shift $shift): ?self
    {
        $row = $shift->rows ? $shift->place($this->row) : $this->row;
        $column = $shift->rows ? $this->column : $shift->place($this->column);

        return $row === null || $column === null ? null : new self($row, $column);
    }

    public function words(): string
    {
        return 'Tables joined';
    }

    public function toArray(): array
    {
        return ['type' => 'join', 'row' => $this->row, 'column' => $this->column];
    }
}
