<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Reading\Reading;
use Rilvet\Reading\TableReading;

/** The table at a cell ends above a row, and another begins there. */
final readonly class SplitAt implements Correction
{
    public function __construct(public int $row, public int $column)
    {
    }

    public function on(Reading $reading): Reading
    {
        $table = $reading->tableAt($this->row, $this->column);
        if ($table === null || $this->row <= $table->range->top || $this->row > $table->range->bottom) {
            return $reading;
        }
        $range = $table->range;

        return $reading->replace(
            $table,
            self::part($table, Range::of($range->top, $range->left, $this->row - 1, $range->right)),
            self::part($table, Range::of($this->row, $range->left, $range->bottom, $range->right)),
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
        return "Table split at row $this->row";
    }

    public function toArray(): array
    {
        return ['type' => 'split', 'row' => $this->row, 'column' => $this->column];
    }

    private static function part(TableReading $table, Range $range): TableReading
    {
        $runs = [];
        foreach ($table->runs as $run) {
            if ($range->meetsRows($run->first, $run->last)) {
                $runs[] = $run->over(max($run->first, $range->top), min($run->last, $range->bottom));
            }
        }

        return new TableReading(
            $range, $table->confidence, $runs, $table->columns,
            array_values(array_filter($table->asides, fn (Range $aside) => $range->hasRow($aside->top))),
            array_values(array_filter($table->groups, fn (Range $group) => $range->hasRow($group->top))),
            $table->lines,
        );
    }
}
