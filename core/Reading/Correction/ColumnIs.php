<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Address;
use Rilvet\Grid\Shift;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Reading;

/** A column of the table at a cell is of this kind, or has this role, or both. */
final readonly class ColumnIs implements Correction
{
    public function __construct(public int $row, public int $column, public ?ColumnKind $kind, public ?ColumnRole $role)
    {
    }

    public function on(Reading $reading): Reading
    {
        $table = $reading->tableAt($this->row, $this->column);
        if ($table === null) {
            return $reading;
        }

        return $reading->replace($table, $table->withColumns(array_map(function (ColumnReading $column) {
            if ($column->column !== $this->column) {
                return $column;
            }
            $column = $this->kind === null ? $column : $column->withKind($this->kind);

            return $this->role === null ? $column : $column->withRole($this->role, 'corrected by hand');
        }, $table->columns)));
    }

    public function moved(Shift $shift): ?self
    {
        $row = $shift->rows ? $shift->place($this->row) : $this->row;
        $column = $shift->rows ? $this->column : $shift->place($this->column);

        return $row === null || $column === null ? null : new self($row, $column, $this->kind, $this->role);
    }

    public function words(): string
    {
        $name = 'Column '.Address::columnName($this->column);

        return match (true) {
            $this->kind !== null => "$name read as {$this->kind->value}",
            $this->role === ColumnRole::Label => "$name read as row labels",
            $this->role === ColumnRole::Total => "$name read as a total",
            $this->role === ColumnRole::Heading => "$name read as headings of the rows",
            default => "$name read as data",
        };
    }

    public function toArray(): array
    {
        return [
            'type' => 'column',
            'row' => $this->row,
            'column' => $this->column,
            'kind' => $this->kind?->value,
            'role' => $this->role?->value,
        ];
    }
}
