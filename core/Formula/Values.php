<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Block;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;

/** The values of cells for a calculation, with those that were just calculated over them. */
final class Values
{
    /** Stretches of rows that are kept in mind. */
    private const KEPT = 24;

    /** Cells of a range that is kept in mind. */
    private const LARGE = 400_000;

    /** @var array<string, array<int, list<Cell>>> rows by sheet and stretch */
    private array $stretches = [];

    /** @var array<string, list<list<null|bool|int|float|string>>> */
    private array $ranges = [];

    /** @var array<int, array<int, list<Cell>>> rows that are at hand, by sheet */
    private array $held = [];

    /** @var array<int, array<int, array<int, Cell>>> calculated: by sheet, row, column */
    public array $results = [];

    /**
     * @param  array<int, Sheet>  $sheets  by number
     * @param  list<int>  $hiding  sheets on which rows are hidden
     * @param  float  $deadline  in seconds as microtime gives them
     */
    public function __construct(private readonly array $sheets, private readonly float $deadline, public readonly array $hiding = [])
    {
    }

    /**
     * Rows that are at hand anyway are not read again.
     *
     * @param  array<int, list<Cell>>  $rows  whole ones, by their number
     */
    public function hold(int $sheet, array $rows): void
    {
        $this->held = [$sheet => $rows];
    }

    public function at(int $sheet, int $row, int $column): Cell
    {
        if (isset($this->held[$sheet][$row])) {
            return $this->results[$sheet][$row][$column] ?? $this->held[$sheet][$row][$column - 1] ?? Cell::blank();
        }
        $result = $this->results[$sheet][$row][$column] ?? null;
        if ($result !== null) {
            return $result;
        }
        $cells = $this->sheets[$sheet] ?? null;
        if ($cells === null || $row > $cells->rows() || $column > $cells->columns()) {
            return Cell::blank();
        }
        $stretch = Block::of($row);
        $key = "$sheet.$stretch";
        if (! isset($this->stretches[$key])) {
            $this->hurry();
            if (count($this->stretches) >= self::KEPT) {
                unset($this->stretches[array_key_first($this->stretches)]);
            }
            $first = Block::firstRow($stretch);
            $this->stretches[$key] = iterator_to_array($cells->read($first, $first + Block::ROWS - 1));
        }

        return $this->stretches[$key][$row][$column - 1] ?? Cell::blank();
    }

    /**
     * The values of a range, clipped to what the sheet holds; errors as their texts.
     *
     * @return list<list<null|bool|int|float|string>> rows of cells
     *
     * @throws OutOfTime
     */
    public function range(int $sheet, Range $range): array
    {
        $key = "$sheet!$range";
        if (isset($this->ranges[$key])) {
            return $this->ranges[$key];
        }
        $cells = $this->sheets[$sheet] ?? null;
        $bottom = $cells === null ? 0 : min($range->bottom, $cells->rows());
        $right = $cells === null ? 0 : min($range->right, $cells->columns());
        $rows = [];
        if ($bottom - $range->top < 64) {
            for ($row = $range->top; $row <= $bottom; $row++) {
                $line = [];
                for ($column = $range->left; $column <= $right; $column++) {
                    $line[] = $this->plain($this->at($sheet, $row, $column));
                }
                $rows[] = $line;
            }
        } else {
            foreach ($cells?->read($range->top, $bottom, $range->left, $right) ?? [] as $row => $read) {
                $row % 256 === 0 && $this->hurry();
                $line = [];
                for ($column = $range->left; $column <= $right; $column++) {
                    $line[] = $this->plain($this->results[$sheet][$row][$column] ?? $read[$column - 1]);
                }
                $rows[] = $line;
            }
        }
        if (count($rows) * max(1, $right - $range->left + 1) <= self::LARGE) {
            count($this->ranges) > 40 && $this->ranges = [];
            $this->ranges[$key] = $rows;
        }

        return $rows;
    }

    /** @throws OutOfTime */
    public function hurry(): void
    {
        if (microtime(true) > $this->deadline) {
            throw new OutOfTime;
        }
    }

    /** A formula was read that sums sums up: one over it has to leave it out (18.17.7.313). */
    private bool $hasSubtotals = false;

    public function forgetSubtotals(): void
    {
        $this->hasSubtotals = false;
    }

    public function sawSubtotals(): bool
    {
        return $this->hasSubtotals;
    }

    private function plain(Cell $cell): null|bool|int|float|string
    {
        if ($cell->formula !== null && preg_match('/\b(?:SUBTOTAL|AGGREGATE)\s*\(/i', $cell->formula) === 1) {
            $this->hasSubtotals = true;
        }

        return $cell->error ?? $cell->value;
    }
}
