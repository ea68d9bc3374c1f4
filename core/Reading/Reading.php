<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;

/**
 * What Rilvet found on a sheet: tables with their parts and column kinds, as a person may have corrected them.
 *
 * @phpstan-type ColumnData array{c: int, h: string|null, k: string, p: float|int, r: string, w: string, d: int, u: string|null,
 *     g: bool, l: list<string>}
 * @phpstan-type RunData array{0: int, 1: int, 2: string|null, 3: float|int, 4: string, 5?: bool, 6?: string}
 * @phpstan-type TableData array{range: string, confidence: float|int, runs: list<RunData>,
 *     columns: list<ColumnData>, asides: list<string>, groups: list<string>, lines?: list<ColumnData>}
 * @phpstan-type ReadingData array{tables: list<TableData>}
 */
final readonly class Reading
{
    /** @param  list<TableReading>  $tables in reading order: from the top, then from the left */
    public function __construct(public array $tables)
    {
    }

    /** The title of the first table that has one; "" where none has. */
    public function title(Sheet $cells): string
    {
        foreach ($this->tables as $table) {
            foreach ($table->runs as $run) {
                foreach ($run->part === Part::Title ? $cells->read($run->first, $run->first) : [] as $row) {
                    foreach ($row as $cell) {
                        if (! $cell->isBlank()) {
                            return trim($cell->text());
                        }
                    }
                }
            }
        }

        return '';
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function tableAt(int $row, int $column): ?TableReading
    {
        foreach ($this->tables as $table) {
            if ($table->range->contains($row, $column)) {
                return $table;
            }
            foreach ($table->asides as $aside) {
                if ($aside->contains($row, $column)) {
                    return $table;
                }
            }
        }

        return null;
    }

    /** Whether a column belongs to a table. */
    public function columnsHold(int $column): bool
    {
        foreach ($this->tables as $table) {
            if ($table->column($column) !== null) {
                return true;
            }
        }

        return false;
    }

    public function replace(TableReading $old, TableReading ...$new): self
    {
        $tables = [];
        foreach ($this->tables as $table) {
            array_push($tables, ...($table === $old ? $new : [$table]));
        }
        usort($tables, fn (TableReading $a, TableReading $b) => [$a->range->top, $a->range->left] <=> [$b->range->top, $b->range->left]);

        return new self($tables);
    }

    public function moved(Shift $shift): self
    {
        return new self(array_values(array_filter(array_map(fn (TableReading $table) => $table->moved($shift), $this->tables))));
    }

    /** @return ReadingData */
    public function toArray(): array
    {
        return ['tables' => array_map(fn (TableReading $table) => [
            'range' => (string) $table->range,
            'confidence' => $table->confidence,
            'runs' => array_map(fn (RowRun $run) => $run->toArray(), $table->runs),
            'columns' => array_map(fn (ColumnReading $column) => $column->toArray(), $table->columns),
            'asides' => array_map(strval(...), $table->asides),
            'groups' => array_map(strval(...), $table->groups),
            ...$table->lines === [] ? [] : [
                'lines' => array_map(fn (ColumnReading $line) => $line->toArray(), array_values($table->lines)),
            ],
        ], $this->tables)];
    }

    /** @param  ReadingData  $data */
    public static function fromArray(array $data): self
    {
        return new self(array_map(fn (array $table) => new TableReading(
            Range::parse($table['range']),
            (float) $table['confidence'],
            array_map(RowRun::fromArray(...), $table['runs']),
            array_map(ColumnReading::fromArray(...), $table['columns']),
            array_map(Range::parse(...), $table['asides']),
            array_map(Range::parse(...), $table['groups']),
            array_column(array_map(ColumnReading::fromArray(...), $table['lines'] ?? []), null, 'column'),
        ), $data['tables']));
    }
}
