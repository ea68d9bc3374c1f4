<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** A sheet with some of its cells replaced; what lies beneath stays untouched until the edits are stored. */
final class EditedSheet implements Sheet
{
    private readonly int $rows;

    private readonly int $columns;

    /** @param  array<int, array<int, Cell>>  $edits by row, then by column */
    public function __construct(public readonly Sheet $beneath, public readonly array $edits)
    {
        $filled = array_map(fn (array $row) => array_filter($row, fn (Cell $cell) => ! $cell->isBlank()), $edits);
        $filled = array_filter($filled);
        $this->rows = max([$beneath->rows(), ...array_keys($filled)]);
        $this->columns = max([$beneath->columns(), ...array_merge(...array_map(array_keys(...), array_values($filled)))]);
    }

    public function name(): string
    {
        return $this->beneath->name();
    }

    public function rows(): int
    {
        return $this->rows;
    }

    public function columns(): int
    {
        return $this->columns;
    }

    public function read(int $first, int $last, int $left = 1, int $right = Address::COLUMNS): iterable
    {
        $next = max(1, $first);
        foreach ($this->beneath->read($first, $last, $left, $right) as $row => $cells) {
            $next = $row + 1;
            yield $row => $this->edited($row, $cells);
        }
        for ($row = $next; $row <= min($last, $this->rows); $row++) {
            yield $row => $this->edited($row, []);
        }
    }

    public function formulas(): iterable
    {
        foreach ($this->beneath->formulas() as $row => $cells) {
            $left = array_diff_key($cells, $this->edits[$row] ?? []);
            if ($left !== []) {
                yield $row => $left;
            }
        }
        foreach ($this->edits as $row => $cells) {
            $typed = array_filter($cells, fn (Cell $cell) => $cell->formula !== null);
            if ($typed !== []) {
                yield $row => $typed;
            }
        }
    }

    /**
     * @param  list<Cell>  $cells
     * @return list<Cell>
     */
    private function edited(int $row, array $cells): array
    {
        $cells = array_pad($cells, $this->columns, Cell::blank());
        foreach ($this->edits[$row] ?? [] as $column => $cell) {
            if ($column <= $this->columns) {
                $cells[$column - 1] = $cell;
            }
        }

        return array_values($cells);
    }
}
