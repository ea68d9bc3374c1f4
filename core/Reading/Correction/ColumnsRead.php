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
    /** @param  array<int, ColumnReading>  $columns  by their number */
    public function __construct(public int $row, public int $column, public array $columns)
    {
    }

    /** @param  list<ColumnReading>  $columns */
    public static function of(int $row, int $column, array $columns): self
    {
        return new self($row, $column, array_combine(array_map(fn (ColumnReading $one) => $one->column, $columns), $columns));
    }

    public function on(Reading $reading): Reading
    {
        $table = $reading->tableAt($this->row, $this->column);

        return $table === null ? $reading : $reading->replace($table, $table->withColumns(
            array_map(fn (ColumnReading $column) => $this->columns[$column->column] ?? $column, $table->columns),
        ));
    }

    public function moved(Shift $shift): ?self
    {
        $row = $shift->rows ? $shift->place($this->row) : $this->row;
        $column = $shift->rows ? $this->column : $shift->place($this->column);
        if ($row === null || $column === null || $shift->rows) {
            return $row === null || $column === null ? null : new self($row, $column, $this->columns);
        }
        $columns = [];
        foreach ($this->columns as $from => $one) {
            $to = $shift->place($from);
            $to === null || $columns[] = $one->at($to);
        }

        return self::of($row, $column, $columns);
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
        ];
    }

    /** @param  array{row: int, column: int, columns: list<ColumnData>}  $data */
    public static function stored(array $data): self
    {
        return self::of($data['row'], $data['column'], array_map(ColumnReading::fromArray(...), $data['columns']));
    }
}
