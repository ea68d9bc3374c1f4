<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\TableRange;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\FreshBlocks;
use Rilvet\Grid\Sheet;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What an act changed, as documents before and after: enough to save it, to undo it and to do it again. */
final readonly class Change
{
    /** Edits up to so many cells are written into their blocks; more make new ones. */
    private const FEW = 500;

    /**
     * @param  list<Patch>  $patches
     * @param  array<int, array<int, array{string, string}>>  $blocks  row blocks that the change brings along, each with the runs of its formulas, by the number of their sheet, then by their own
     */
    public function __construct(public string $words, public array $patches, public array $blocks = [])
    {
    }

    public static function of(Act $act, Workbook $before, Workbook $after): self
    {
        $patches = [];
        $blocks = [];
        if ($before->name !== $after->name) {
            $patches[] = new Patch(0, 'name', self::json($before->name), self::json($after->name));
        }
        if ($before->names !== $after->names) {
            $patches[] = new Patch(0, 'names', self::json((object) $before->names), self::json((object) $after->names));
        }
        if ($before->own !== $after->own) {
            $patches[] = new Patch(0, 'own', self::json($before->own?->toArray()), self::json($after->own?->toArray()));
        }
        if ($before->tables !== $after->tables) {
            $tables = fn (Workbook $workbook) => self::json((object) array_map(fn (TableRange $table) => $table->toArray(), $workbook->tables));
            $patches[] = new Patch(0, 'tables', $tables($before), $tables($after));
        }
        if (array_keys($before->sheets) !== array_keys($after->sheets)) {
            $patches[] = new Patch(0, 'order', self::json(array_keys($before->sheets)), self::json(array_keys($after->sheets)));
        }
        foreach ($after->sheets as $number => $sheet) {
            $old = $before->sheets[$number];
            if ($old === $sheet) {
                continue;
            }
            if ($old->cells !== $sheet->cells) {
                [$cells, $fresh] = self::cellPatches($number, $old->cells, $sheet->cells);
                array_push($patches, ...$cells);
                $blocks[$number] = $fresh;
            }
            foreach (Worksheet::DOCUMENTS as $document) {
                if ($old->keeps($document, $sheet)) {
                    continue;
                }
                $from = self::json($old->document($document));
                $to = self::json($sheet->document($document));
                if ($from !== $to) {
                    $patches[] = new Patch($number, $document, $from, $to);
                }
            }
        }

        return new self($act->words($before), $patches, array_filter($blocks));
    }

    public function inverse(): self
    {
        return new self($this->words, array_map(fn (Patch $patch) => $patch->inverse(), array_reverse($this->patches)));
    }

    public function isEmpty(): bool
    {
        return $this->patches === [];
    }

    /**
     * What was done to the cells: a few edits as themselves, all else as new row blocks and the index that says where they stand.
     *
     * @return array{list<Patch>, array<int, array{string, string}>} with the new blocks and the runs of their formulas, by their numbers
     */
    private static function cellPatches(int $number, Sheet $before, Sheet $after): array
    {
        $edits = [];
        $beneath = $after;
        for (; $beneath instanceof EditedSheet; $beneath = $beneath->beneath) {
            foreach ($beneath->edits as $row => $cells) {
                $edits[$row] = ($edits[$row] ?? []) + $cells;
            }
        }
        if (! $before instanceof BlockSheet || ! $beneath instanceof BlockSheet) {
            return [$edits === [] ? [] : [self::edits($number, $before, $after, $edits)], []];
        }
        $isSame = $beneath->index() === $before->index() && ! $beneath->store() instanceof FreshBlocks;
        if ($isSame && count($edits, COUNT_RECURSIVE) - count($edits) <= self::FEW) {
            return [$edits === [] ? [] : [self::edits($number, $before, $after, $edits)], []];
        }
        $made = $edits === [] ? $beneath : BlockChange::edited($beneath, $edits, $after->rows(), $after->columns());
        $store = $made->store();
        $say = fn (BlockSheet $sheet) => self::json(['rows' => $sheet->rows(), 'columns' => $sheet->columns(), 'blocks' => $sheet->index()->toArray()]);

        $new = $store instanceof FreshBlocks ? $store->fresh : [];
        $fresh = [];
        // Blocks that one step of an act made and its next one replaced stand nowhere.
        foreach ($new === [] ? [] : $made->index()->blocks(1, $made->rows()) as [$block]) {
            if (isset($new[$block])) {
                $fresh[$block] = [$new[$block], FormulaRuns::kept($store, $block)];
            }
        }

        return [[new Patch($number, 'blocks', $say($before), $say($made))], $fresh];
    }

    /**
     * Edited cells, as stored, before and after: the sheet's size, and a list of row, column, cell.
     *
     * @param  array<int, array<int, Cell>>  $edits
     */
    private static function edits(int $number, Sheet $beneath, Sheet $edited, array $edits): Patch
    {
        $before = [];
        $after = [];
        ksort($edits);
        foreach ($edits as $row => $cells) {
            $there = [];
            foreach ($beneath->read($row, $row) as $found) {
                $there = $found;
            }
            foreach ($cells as $column => $cell) {
                $before[] = [$row, $column, ($there[$column - 1] ?? Cell::blank())->stored()];
                $after[] = [$row, $column, $cell->stored()];
            }
        }
        $say = fn (Sheet $sheet, array $cells) => self::json(['rows' => $sheet->rows(), 'columns' => $sheet->columns(), 'cells' => $cells]);

        return new Patch($number, 'cells', $say($beneath, $before), $say($edited, $after));
    }

    private static function json(mixed $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
