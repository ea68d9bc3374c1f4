<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** A sheet that is held in memory: pasted tables, specimens, tests. */
final readonly class MemorySheet implements Sheet
{
    private int $columns;

    /** @param  list<list<Cell>>  $cells */
    public function __construct(private string $name, private array $cells)
    {
        $this->columns = array_reduce($cells, fn (int $most, array $row) => max($most, count($row)), 0);
    }

    /** @param  list<list<null|bool|int|float|string>>  $values */
    public static function of(string $name, array $values): self
    {
        return new self($name, array_map(fn (array $row) => array_map(Cell::of(...), $row), $values));
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rows(): int
    {
        return count($this->cells);
    }

    public function columns(): int
    {
        return $this->columns;
    }

    public function read(int $first, int $last, int $left = 1, int $right = Address::COLUMNS): iterable
    {
        for ($row = max(1, $first); $row <= min($last, count($this->cells)); $row++) {
            yield $row => array_pad($this->cells[$row - 1], $this->columns, Cell::blank());
        }
    }

    public function formulas(): iterable
    {
        foreach ($this->cells as $index => $cells) {
            foreach ($cells as $at => $cell) {
                if ($cell->formula !== null) {
                    yield $index + 1 => [$at + 1 => $cell];
                }
            }
        }
    }
}
