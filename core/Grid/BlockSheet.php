<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * A sheet whose rows stand in blocks; text is typed as it is read, so that a column's typing can be taken back at no cost.
 *
 * @phpstan-import-type Stored from Cell
 */
final class BlockSheet implements Sheet
{
    public function __construct(
        private readonly string $name,
        private readonly int $rows,
        private readonly int $columns,
        private readonly BlockStore $blocks,
        private readonly ?Typing $typing = null,
    ) {
    }

    public function name(): string
    {
        return $this->name;
    }

    public function rows(): int
    {
        return $this->rows;
    }

    public function columns(): int
    {
        return $this->columns;
    }

    public function typing(): ?Typing
    {
        return $this->typing;
    }

    public function withTyping(?Typing $typing): self
    {
        return new self($this->name, $this->rows, $this->columns, $this->blocks, $typing);
    }

    public function read(int $first, int $last, int $left = 1, int $right = Address::COLUMNS): iterable
    {
        $first = max(1, $first);
        $last = min($last, $this->rows);
        $empty = array_fill(0, $this->columns, Cell::blank());
        for ($block = Block::of($first); $first <= $last && $block <= Block::of($last); $block++) {
            $data = $this->blocks->block($block);
            $rows = $data === null ? [] : Block::decode($data);
            $start = Block::firstRow($block);
            for ($row = max($first, $start); $row <= min($last, $start + Block::ROWS - 1); $row++) {
                $cells = $empty;
                foreach ($rows[$row - $start] ?? [] as $index => $stored) {
                    if ($stored === null || $stored === '' || $index < $left - 1 || $index >= $right) {
                        continue;
                    }
                    $cells[$index] = $this->typing !== null && is_string($stored)
                        ? $this->typing->cell($index + 1, $stored)
                        : Cell::fromStored($stored);
                }
                /** @var list<Cell> $cells */
                yield $row => $cells;
            }
        }
    }

    /**
     * Rows as they are stored, without a cell made of each value; blank ones at the end of a row are left out.
     *
     * @return iterable<int, list<Stored>>
     */
    public function stored(): iterable
    {
        for ($block = 0; $this->rows > 0 && $block <= Block::of($this->rows); $block++) {
            $data = $this->blocks->block($block);
            foreach ($data === null ? [] : Block::decode($data) as $index => $row) {
                yield Block::firstRow($block) + $index => $row;
            }
        }
    }

    public function formulas(): iterable
    {
        for ($block = 0; $this->rows > 0 && $block <= Block::of($this->rows); $block++) {
            $data = $this->blocks->block($block);
            // Most blocks hold none, and telling that is far quicker than reading them.
            foreach ($data !== null && Block::mayHoldFormulas($data) ? Block::decode($data) : [] as $index => $row) {
                $cells = [];
                foreach ($row as $at => $stored) {
                    if (is_array($stored) && isset($stored['f'])) {
                        $cells[$at + 1] = Cell::fromStored($stored);
                    }
                }
                if ($cells !== []) {
                    yield Block::firstRow($block) + $index => $cells;
                }
            }
        }
    }
}
