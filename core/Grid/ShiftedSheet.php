<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** A sheet as it is after rows or columns were put in or taken out; what lies beneath stays until the change is stored. */
final readonly class ShiftedSheet implements Sheet
{
    public function __construct(public Sheet $beneath, public Shift $shift)
    {
    }

    public function name(): string
    {
        return $this->beneath->name();
    }

    public function rows(): int
    {
        return $this->shift->rows ? $this->size($this->beneath->rows()) : $this->beneath->rows();
    }

    public function columns(): int
    {
        return $this->shift->rows ? $this->beneath->columns() : $this->size($this->beneath->columns());
    }

    public function read(int $first, int $last, int $left = 1, int $right = Address::COLUMNS): iterable
    {
        $blank = array_fill(0, $this->columns(), Cell::blank());
        for ($row = max(1, $first); $row <= min($last, $this->rows()); $row++) {
            $from = $this->shift->rows ? $this->shift->inverse()->place($row) : $row;
            $cells = $blank;
            if ($from !== null) {
                foreach ($this->beneath->read($from, $from) as $found) {
                    $cells = $found;
                }
            }
            yield $row => $this->shift->rows ? $cells : $this->columnsOf($cells);
        }
    }

    public function formulas(): iterable
    {
        foreach ($this->beneath->formulas() as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $to = $this->shift->place($this->shift->rows ? $row : $column);
                if ($to !== null) {
                    [$down, $across] = $this->shift->rows ? [$to, $column] : [$row, $to];
                    yield $down => [$across => $cell];
                }
            }
        }
    }

    /**
     * @param  list<Cell>  $cells
     * @return list<Cell>
     */
    private function columnsOf(array $cells): array
    {
        $this->shift->in
            ? array_splice($cells, $this->shift->at - 1, 0, array_fill(0, $this->shift->count, Cell::blank()))
            : array_splice($cells, $this->shift->at - 1, $this->shift->count);

        return array_slice(array_pad($cells, $this->columns(), Cell::blank()), 0, $this->columns());
    }

    private function size(int $size): int
    {
        if ($this->shift->at > $size) {
            return $size;
        }

        return $this->shift->in ? $size + $this->shift->count : max(0, $size - min($this->shift->count, $size - $this->shift->at + 1));
    }
}
