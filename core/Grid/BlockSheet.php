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
    /**
     * Blocks of all sheets together that are kept taken apart: one act reads the ends of a table, what is in sight and what is
     * chosen. Blocks of wide sheets hold millions of cells, and are not kept.
     */
    private const KEPT = 4;

    private const WIDE = 400;

    private readonly BlockIndex $index;

    /** @var array<string, list<list<Stored>>> what was read last, by the data that it was read from */
    private static array $decoded = [];

    public function __construct(
        private readonly string $name,
        private readonly int $rows,
        private readonly int $columns,
        private readonly BlockStore $blocks,
        private readonly ?Typing $typing = null,
        ?BlockIndex $index = null,
    ) {
        $this->index = $index ?? BlockIndex::even();
    }

    public function index(): BlockIndex
    {
        return $this->index;
    }

    public function store(): BlockStore
    {
        return $this->blocks;
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
        return new self($this->name, $this->rows, $this->columns, $this->blocks, $typing, $this->index);
    }

    /** The same sheet with other blocks. */
    public function over(BlockStore $blocks, BlockIndex $index, int $rows, int $columns): self
    {
        return new self($this->name, $rows, $columns, $blocks, $this->typing, $index);
    }

    public function read(int $first, int $last, int $left = 1, int $right = Address::COLUMNS): iterable
    {
        $first = max(1, $first);
        $last = min($last, $this->rows);
        $empty = array_fill(0, $this->columns, Cell::blank());
        foreach ($this->index->blocks($first, $last) as [$block, $start, $count]) {
            $rows = $this->decoded($block);
            for ($row = max($first, $start); $row <= min($last, $start + $count - 1); $row++) {
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
    public function stored(int $first = 1, int $last = Address::ROWS): iterable
    {
        $last = min($last, $this->rows);
        foreach ($this->index->blocks($first, $last) as [$block, $start, $count]) {
            foreach ($this->decoded($block) as $index => $row) {
                $at = $start + $index;
                if ($at >= $first && $at <= $last && $index < $count) {
                    yield $at => $row;
                }
            }
        }
    }

    public function formulas(): iterable
    {
        foreach ($this->index->blocks(1, $this->rows) as [$block, $start, $count]) {
            $data = $this->blocks->block($block);
            // Most blocks hold none, and telling that is far quicker than reading them.
            foreach ($data !== null && Block::mayHoldFormulas($data) ? Block::decode($data) : [] as $index => $row) {
                $cells = [];
                foreach ($row as $at => $stored) {
                    if (is_array($stored) && isset($stored['f'])) {
                        $cells[$at + 1] = Cell::fromStored($stored);
                    }
                }
                if ($cells !== [] && $index < $count) {
                    yield $start + $index => $cells;
                }
            }
        }
    }

    /** @return list<list<Stored>> */
    private function decoded(int $block): array
    {
        $data = $this->blocks->block($block);
        if ($data === null) {
            return [];
        }
        if ($this->columns > self::WIDE) {
            return Block::decode($data);
        }
        if (! isset(self::$decoded[$data]) && count(self::$decoded) >= self::KEPT) {
            unset(self::$decoded[array_key_first(self::$decoded)]);
        }

        return self::$decoded[$data] ??= Block::decode($data);
    }
}
