<?php

declare(strict_types=1);

namespace Rilvet\Change;

use Rilvet\Formula\FormulaRuns;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\FreshBlocks;
use Rilvet\Grid\Sheet;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What an act changed, as documents before and after: enough to save it, to undo it and to do it again. */
final readonly class Change
{
    /** Edits up to so many cells are written into their blocks; more make new ones. */
    private const FEW = 500;

    /**
     * @param  list<Patch>  $patches
     * @param  array<int, array<int, array{string, string}>>  $blocks  row blocks that the change brings along, each with the runs of
     *     its formulas, by the number of their sheet, then by their own
     * @param  array<int, Worksheet>  $added  sheets that the change brings along, by their new numbers
     * @param  bool  $isOfData  cells hold something else, or stand elsewhere, because somebody wanted it so
     */
    public function __construct(
        public string $words,
        public array $patches,
        public array $blocks = [],
        public array $added = [],
        public bool $isOfData = false,
    ) {
    }

    /**
     * @param  string  $words  for the history
     * @param  bool  $isOfData  the act is one that changes what cells hold or where they stand
     */
    public static function between(Workbook $before, Workbook $after, string $words, bool $isOfData = false): self
    {
        $patches = self::workbookPatches($before, $after);
        $blocks = [];
        $added = [];
        $isOther = false;
        foreach ($after->sheets as $number => $sheet) {
            $old = $before->sheets[$number] ?? null;
            if ($old === null) {
                $added[$number] = $sheet;
            }
            if ($old === null || $old === $sheet) {
                continue;
            }
            if ($old->cells !== $sheet->cells) {
                [$cells, $fresh] = self::cellPatches($number, $old->cells, $sheet->cells);
                $isOther = $isOther || $cells !== [];
                array_push($patches, ...$cells);
                $blocks[$number] = $fresh;
            }
            array_push($patches, ...self::aspectPatches($number, $old, $sheet));
        }

        return new self(
            $words,
            $patches,
            array_filter($blocks),
            $added,
            $isOfData && ($isOther || $added !== [] || count($after->sheets) < count($before->sheets)),
        );
    }

    /** @return list<Patch> */
    private static function workbookPatches(Workbook $before, Workbook $after): array
    {
        $patches = [];
        foreach (WorkbookPatch::WHAT as $what) {
            if ($before->$what !== $after->$what) {
                $patches[] = new WorkbookPatch($what, Json::of($before->document($what)), Json::of($after->document($what)));
            }
        }
        if (array_keys($before->sheets) !== array_keys($after->sheets)) {
            $patches[] = new SheetsPatch(array_keys($before->sheets), array_keys($after->sheets));
        }

        return $patches;
    }

    /** @return list<AspectPatch> */
    private static function aspectPatches(int $number, Worksheet $before, Worksheet $after): array
    {
        $patches = [];
        [$old, $new] = [new SheetDocuments($before), new SheetDocuments($after)];
        foreach ($old->differingFrom($after) as $name) {
            $from = Json::of($old->named($name));
            $to = Json::of($new->named($name));
            if ($from !== $to) {
                $patches[] = new AspectPatch($number, $name, $from, $to);
            }
        }

        return $patches;
    }

    public function inverse(): self
    {
        return new self($this->words, array_map(fn (Patch $patch) => $patch->inverse(), array_reverse($this->patches)));
    }

    /** @param  bool  $first  the patch comes before those that build on it */
    public function with(Patch $patch, bool $first = false): self
    {
        $patches = $first ? [$patch, ...$this->patches] : [...$this->patches, $patch];

        return new self($this->words, $patches, $this->blocks, $this->added, $this->isOfData);
    }

    public function isEmpty(): bool
    {
        return $this->patches === [];
    }

    /**
     * What was done to the cells: a few edits as themselves, all else as new row blocks and the index that says where they stand.
     *
     * @return array{list<CellsPatch|BlocksPatch>, array<int, array{string, string}>} with the new blocks and the runs of their
     *     formulas, by their numbers
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
        $say = fn (BlockSheet $sheet) => ['rows' => $sheet->rows(), 'columns' => $sheet->columns(), 'blocks' => $sheet->index()->toArray()];

        $new = $store instanceof FreshBlocks ? $store->fresh : [];
        $fresh = [];
        // Blocks that one step of an act made and its next one replaced stand nowhere.
        foreach ($new === [] ? [] : $made->index()->blocks(1, $made->rows()) as [$block]) {
            if (isset($new[$block])) {
                $fresh[$block] = [$new[$block], FormulaRuns::kept($store, $block)];
            }
        }

        return [[new BlocksPatch($number, $say($before), $say($made))], $fresh];
    }

    /**
     * Edited cells, as stored, before and after: the sheet's size, and a list of row, column, cell.
     *
     * @param  array<int, array<int, Cell>>  $edits
     */
    private static function edits(int $number, Sheet $beneath, Sheet $edited, array $edits): CellsPatch
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

        return new CellsPatch(
            $number,
            ['rows' => $beneath->rows(), 'columns' => $beneath->columns(), 'cells' => $before],
            ['rows' => $edited->rows(), 'columns' => $edited->columns(), 'cells' => $after],
        );
    }
}
