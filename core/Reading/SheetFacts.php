<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Block;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Sheet;

/** All that a reading starts from: signatures, cells on demand (whole blocks are remembered), formats, longest texts. */
final class SheetFacts
{
    /** Cells of the blocks that are remembered. */
    private const KEPT = 200_000;

    /** @var array<int, array<int, list<Cell>>> */
    private array $blocks = [];

    /** @var array<int, string> signatures that were asked for, by row */
    private array $made = [];

    /** @var array<string, string> */
    private array $memo = [];

    /** @var array<int, list<SaidTable>>|null by their first row */
    private ?array $tables = null;

    /**
     * @param  list<string>|null  $signatures  null makes each of them when it is asked for
     * @param  array<int, list<string>>  $longest  by column
     */
    public function __construct(
        public readonly Sheet $sheet,
        private readonly ?array $signatures,
        public readonly FormatHints $hints,
        public readonly array $longest = [],
    ) {
    }

    /** @return list<SaidTable> that the file names, with their first row in some rows */
    public function tables(int $from, int $to): array
    {
        if ($this->tables === null) {
            $this->tables = [];
            foreach ($this->hints->tables() as $table) {
                $this->tables[$table->range->top][] = $table;
            }
        }
        $found = [];
        for ($row = $from; $this->tables !== [] && $row <= $to; $row++) {
            array_push($found, ...$this->tables[$row] ?? []);
        }

        return $found;
    }

    public static function of(Sheet $sheet, ?FormatHints $hints = null): self
    {
        $hints ??= new NoHints;

        return new self($sheet, Signature::all($sheet, $hints), $hints);
    }

    /** Facts of a sheet of which only some rows will be looked at. */
    public static function onDemand(Sheet $sheet, FormatHints $hints): self
    {
        return new self($sheet, null, $hints);
    }

    public function signature(int $row): string
    {
        return $this->signatures === null
            ? $this->made[$row] ??= Signature::of($this->row($row), $row, $this->hints, $this->memo)
            : $this->signatures[$row - 1] ?? '';
    }

    public function rows(): int
    {
        return $this->signatures === null ? $this->sheet->rows() : count($this->signatures);
    }

    public function columns(): int
    {
        return $this->sheet->columns();
    }

    public function cell(int $row, int $column): Cell
    {
        return $this->row($row)[$column - 1] ?? Cell::blank();
    }

    /** @return list<Cell> */
    public function row(int $row): array
    {
        $block = Block::of($row);
        if (! isset($this->blocks[$block])) {
            // Whole blocks are gone through again and again: as many are kept as hold a bearable number of cells.
            while (count($this->blocks) > 1 && (count($this->blocks) + 1) * Block::ROWS * max(1, $this->columns()) > self::KEPT) {
                unset($this->blocks[array_key_first($this->blocks)]);
            }
            $this->blocks[$block] = [];
            $first = Block::firstRow($block);
            foreach ($this->sheet->read($first, $first + Block::ROWS - 1) as $number => $cells) {
                $this->blocks[$block][$number] = $cells;
            }
        }

        return $this->blocks[$block][$row] ?? [];
    }
}
