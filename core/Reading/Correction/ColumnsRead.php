<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Shift;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Reading;

/**
 * What the columns of the table at a cell are, read anew after its rows were corrected: other rows hold the headings, others the
 * figures. It follows from the corrections before it, and nobody says it by hand.
 *
 * @phpstan-import-type ColumnData from Reading
 */
final readonly class ColumnsRead implements Correction
{
    /**
     * @param  array<int, ColumnReading>  $columns  by their number
     * @param  array<int, ColumnReading>  $lines  what the rows of a turned table hold, by their number
     */
    public function __construct(public int $row, public int $column, public array $columns, public array $lines = [])
    {
    }

    /**
     * @param  array<ColumnReading>  $columns
     * @param  array<ColumnReading>  $lines
     */
    public static function of(int $row, int $column, array $columns, array $lines = []): self
    {
        return new self($row, $column, array_column($columns, null, 'column'), array_column($lines, null, 'column'));
    }

    public function on(Reading $reading): Reading
    {
        $table = $reading->tableAt($this->row, $this->column);

        if ($table === null) {
            return $reading;
        }
        $columns = array_map(fn (ColumnReading $column) => $this->columns[$column->column] ?? $column, $table->columns);

        return $reading->replace($table, $table->withColumns($columns)->withLines($this->lines));
    }

    public function moved(Shift $shift): ?self
    {
        $row = $shift->rows ? $shift->place($this->row) : $this->row;
        $column = $shift->rows ? $this->column : $shift->place($this->column);
        if ($row === null || $column === null) {
            return null;
        }
        $moved = [];
        foreach ($shift->rows ? $this->lines : $this->columns as $from => $one) {
            $to = $shift->place($from);
            $to === null || $moved[] = $one->at($to);
        }

        return $shift->rows ? self::of($row, $column, $this->columns, $moved) : self::of($row, $column, $moved, $this->lines);
    }

    public function words(): string
    {
        return 'Columns read anew';
    }

    public function toArray(): array
    {
        return [
            'type' => 'columns',
            'row' => $this->row,
            'column' => $this->column,
            'columns' => array_map(fn (ColumnReading $column) => $column->toArray(), array_values($this->columns)),
            'lines' => array_map(fn (ColumnReading $line) => $line->toArray(), array_values($this->lines)),
        ];
    }

    /** @param  array{row: int, column: int, columns: list<ColumnData>, lines: list<ColumnData>}  $data */
    public static function stored(array $data): self
    {
        $columns = array_map(ColumnReading::fromArray(...), $data['columns']);
        $lines = array_map(ColumnReading::fromArray(...), $data['lines']);

        return self::of($data['row'], $data['column'], $columns, $lines);
    }
}
