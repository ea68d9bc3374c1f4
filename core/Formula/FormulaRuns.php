<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\FreshBlocks;
use Rilvet\Grid\Sheet;

/**
 * All formulas of a sheet, as runs down its columns: a hundred thousand rows with three columns of formulas are three runs.
 * They are kept a block, beside it, so that they are had without opening the blocks.
 *
 * Of a block: column, first and last row of the block from 0, formula in the first.
 *
 * @phpstan-type BlockRuns list<array{int, int, int, string}>
 */
final class FormulaRuns
{
    /** @var array<int, list<array{int, int, string}>> by column: first, last, formula */
    private array $columns = [];

    /** @var array<string, bool> */
    private array $pure = [];

    /** @return list<FormulaRun> from the left, from the top down */
    public static function of(Sheet $sheet): array
    {
        $runs = new self;
        $edits = [];
        for (; $sheet instanceof EditedSheet; $sheet = $sheet->beneath) {
            foreach ($sheet->edits as $row => $cells) {
                $edits[$row] = ($edits[$row] ?? []) + $cells;
            }
        }
        $sheet instanceof BlockSheet ? $runs->blocks($sheet) : $runs->cells($sheet->formulas());

        return $runs->without($edits);
    }

    /**
     * The runs of one block.
     *
     * @return string as JSON
     */
    public static function ofBlock(string $data): string
    {
        if (! Block::mayHoldFormulas($data)) {
            return '[]';
        }
        $runs = new self;
        $runs->cells((function () use ($data) {
            foreach (Block::decode($data) as $index => $row) {
                foreach ($row as $at => $stored) {
                    if (is_array($stored) && isset($stored['f'])) {
                        yield $index + 1 => [$at + 1 => Cell::fromStored($stored)];
                    }
                }
            }
        })());
        $list = [];
        foreach ($runs->columns as $column => $found) {
            foreach ($found as [$first, $last, $formula]) {
                $list[] = [$column, $first - 1, $last - 1, $formula];
            }
        }

        return json_encode($list, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    private function blocks(BlockSheet $sheet): void
    {
        $store = $sheet->store();
        $fresh = $store instanceof FreshBlocks ? $store->fresh : [];
        $beneath = $store instanceof FreshBlocks ? $store->beneath : $store;
        $kept = $beneath instanceof KeepsFormulas ? $beneath->formulaRuns() : null;
        foreach ($sheet->index()->blocks(1, $sheet->rows()) as [$number, $start]) {
            if ($kept !== null && ! isset($fresh[$number])) {
                $json = $kept[$number] ?? '[]';
            } else {
                $data = $store->block($number);
                $json = $data === null ? '[]' : self::ofBlock($data);
            }
            if ($json === '[]') {
                continue;
            }
            /** @var BlockRuns $runs */
            $runs = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
            foreach ($runs as [$column, $first, $last, $formula]) {
                $this->add($column, $start + $first, $start + $last, $formula);
            }
        }
    }

    /** @param  iterable<int, array<int, Cell>>  $formulas  by row, then by column */
    private function cells(iterable $formulas): void
    {
        foreach ($formulas as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $this->add($column, $row, $row, (string) $cell->formula);
            }
        }
    }

    private function add(int $column, int $first, int $last, string $formula): void
    {
        $end = isset($this->columns[$column]) ? count($this->columns[$column]) - 1 : -1;
        if ($end >= 0 && $this->columns[$column][$end][1] === $first - 1 && $this->same($this->columns[$column][$end][2], $this->columns[$column][$end][0], $formula, $first)) {
            $this->columns[$column][$end][1] = $last;
        } else {
            $this->columns[$column][] = [$first, $last, $formula];
        }
    }

    /** Whether two formulas of a column say the same of their own places. */
    private function same(string $one, int $row, string $other, int $below): bool
    {
        // Nearly all look at their own row and at fixed cells only; then the texts tell, which is far quicker.
        $plain = (string) preg_replace("/(?<=[A-Z])$row(?!\\d)/", '#', $one);
        if ($this->pure[$plain] ??= preg_match('/[A-Z]\d|\d:|["\'\[]/', $plain) !== 1) {
            return $plain === preg_replace("/(?<=[A-Z])$below(?!\\d)/", '#', $other);
        }

        return References::translated($one, $below - $row, 0) === $other;
    }

    /**
     * @param  array<int, array<int, Cell>>  $edits  cells that are other than the runs say
     * @return list<FormulaRun>
     */
    private function without(array $edits): array
    {
        $byColumn = [];
        foreach ($edits as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $byColumn[$column][$row] = $cell;
            }
        }
        $list = [];
        foreach ($this->columns as $column => $runs) {
            $rows = array_keys($byColumn[$column] ?? []);
            sort($rows);
            foreach ($runs as [$first, $last, $formula]) {
                $run = new FormulaRun($column, $first, $last, $formula);
                foreach ($rows as $row) {
                    if ($row < $first || $row > $last) {
                        continue;
                    }
                    if ($row > $first) {
                        $list[] = new FormulaRun($column, $first, $row - 1, $run->at($first));
                    }
                    $first = $row + 1;
                }
                if ($first <= $last) {
                    $list[] = new FormulaRun($column, $first, $last, $run->at($first));
                }
            }
        }
        foreach ($byColumn as $column => $cells) {
            foreach ($cells as $row => $cell) {
                if ($cell->formula !== null) {
                    $list[] = new FormulaRun($column, $row, $row, $cell->formula);
                }
            }
        }

        return $list;
    }
}
