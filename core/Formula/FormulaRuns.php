<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\BlockStore;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\FreshBlocks;
use Rilvet\Grid\Sheet;

/**
 * All formulas of a sheet, as runs down its columns: a hundred thousand rows with three columns of formulas are three runs.
 * They are kept a block, beside it, so that they are had without opening the blocks.
 *
 * Of a block: column, first and last row of the block from 0, formula in the first, the range that an array formula fills.
 *
 * @phpstan-type BlockRuns list<array{0: int, 1: int, 2: int, 3: string, 4?: string}>
 */
final class FormulaRuns
{
    /** @var array<int, list<array{int, int, string, string|null}>> by column: first, last, formula, array */
    private array $columns = [];

    /** @var array<int, list<string|int>> of the last formula of each column */
    private array $templates = [];

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
        foreach (Block::decode($data) as $index => $row) {
            foreach ($row as $at => $stored) {
                if (is_array($stored) && isset($stored['f'])) {
                    $runs->add($at + 1, $index + 1, $index + 1, $stored['f'], $stored['a'] ?? null);
                }
            }
        }
        $list = [];
        foreach ($runs->columns as $column => $found) {
            foreach ($found as [$first, $last, $formula, $array]) {
                $list[] = [$column, $first - 1, $last - 1, $formula, ...($array === null ? [] : [$array])];
            }
        }

        return json_encode($list, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** The runs of one block, worked out once where it is a new one. */
    public static function kept(BlockStore $store, int $number): string
    {
        if ($store instanceof FreshBlocks && isset($store->fresh[$number])) {
            return $store->formulas[$number] ??= self::ofBlock($store->fresh[$number]);
        }
        $data = $store->block($number);

        return $data === null ? '[]' : self::ofBlock($data);
    }

    /**
     * Where formulas stand, whatever they say: quicker than their runs.
     *
     * @return array<int, list<array{int, int}>> first and last row of each stretch, from the top, by column
     */
    public static function places(Sheet $sheet): array
    {
        $edits = [];
        for (; $sheet instanceof EditedSheet; $sheet = $sheet->beneath) {
            foreach ($sheet->edits as $row => $cells) {
                $edits[$row] = ($edits[$row] ?? []) + $cells;
            }
        }
        if (! $sheet instanceof BlockSheet || $edits !== []) {
            $columns = [];
            $edited = $edits === [] ? $sheet : new EditedSheet($sheet, $edits);
            foreach (self::of($edited) as $run) {
                $columns[$run->column][] = [$run->first, $run->last];
            }

            return array_map(self::merged(...), $columns);
        }
        $columns = [];
        foreach (self::ofBlocks($sheet) as [$start, $json]) {
            /** @var BlockRuns $runs */
            $runs = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
            foreach ($runs as [$column, $first, $last]) {
                $columns[$column][] = [$start + $first, $start + $last];
            }
        }

        return array_map(self::merged(...), $columns);
    }

    /**
     * @param  non-empty-list<array{int, int}>  $runs
     * @return list<array{int, int}>
     */
    private static function merged(array $runs): array
    {
        sort($runs);
        $merged = [array_shift($runs)];
        foreach ($runs as $run) {
            $end = count($merged) - 1;
            if ($run[0] <= $merged[$end][1] + 1) {
                $merged[$end][1] = max($merged[$end][1], $run[1]);
            } else {
                $merged[] = $run;
            }
        }

        return $merged;
    }

    /** @return iterable<array{int, string}> first row of each block with formulas, and its runs */
    private static function ofBlocks(BlockSheet $sheet): iterable
    {
        $store = $sheet->store();
        $fresh = $store instanceof FreshBlocks ? $store->fresh : [];
        $beneath = $store instanceof FreshBlocks ? $store->beneath : $store;
        $kept = $beneath instanceof KeepsFormulas ? $beneath->formulaRuns() : null;
        foreach ($sheet->index()->blocks(1, $sheet->rows()) as [$number, $start]) {
            $json = $kept !== null && ! isset($fresh[$number]) ? $kept[$number] ?? '[]' : self::kept($store, $number);
            if ($json !== '[]') {
                yield [$start, $json];
            }
        }
    }

    private function blocks(BlockSheet $sheet): void
    {
        foreach (self::ofBlocks($sheet) as [$start, $json]) {
            /** @var BlockRuns $runs */
            $runs = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
            foreach ($runs as $run) {
                $this->add($run[0], $start + $run[1], $start + $run[2], $run[3], $run[4] ?? null);
            }
        }
    }

    /** @param  iterable<int, array<int, Cell>>  $formulas  by row, then by column */
    private function cells(iterable $formulas): void
    {
        foreach ($formulas as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $this->add($column, $row, $row, (string) $cell->formula, $cell->array);
            }
        }
    }

    private function add(int $column, int $first, int $last, string $formula, ?string $array): void
    {
        $end = isset($this->columns[$column]) ? count($this->columns[$column]) - 1 : -1;
        if ($end >= 0 && $array === null && $this->columns[$column][$end][3] === null && $this->columns[$column][$end][1] === $first - 1) {
            // What it says at another row is put together from its pieces, which is far quicker than taking each formula apart.
            $template = $this->templates[$column] ??= References::template(
                $this->columns[$column][$end][2],
                $this->columns[$column][$end][0],
            );
            if (References::filled($template, $first) === $formula) {
                $this->columns[$column][$end][1] = $last;

                return;
            }
        }
        $this->columns[$column][] = [$first, $last, $formula, $array];
        unset($this->templates[$column]);
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
            $at = 0;
            // Where edits lie under what has moved, formulas are not met in the order of their rows.
            usort($runs, fn (array $one, array $other) => $one[0] <=> $other[0]);
            foreach ($runs as [$first, $last, $formula, $array]) {
                $run = new FormulaRun($column, $first, $last, $formula, $array);
                for (; isset($rows[$at]) && $rows[$at] <= $last; $at++) {
                    $row = $rows[$at];
                    if ($row < $first) {
                        continue;
                    }
                    if ($row > $first) {
                        $list[] = new FormulaRun($column, $first, $row - 1, $run->at($first));
                    }
                    $first = $row + 1;
                }
                if ($first <= $last) {
                    $list[] = new FormulaRun($column, $first, $last, $run->at($first), $array);
                }
            }
        }
        foreach ($byColumn as $column => $cells) {
            foreach ($cells as $row => $cell) {
                if ($cell->formula !== null) {
                    $list[] = new FormulaRun($column, $row, $row, $cell->formula, $cell->array);
                }
            }
        }

        return $list;
    }
}
