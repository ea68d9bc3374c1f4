<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\ShiftedSheet;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What an act changed, as documents before and after: enough to save it, to undo it and to do it again. */
final readonly class Change
{
    /** @param  list<Patch>  $patches */
    public function __construct(public string $words, public array $patches)
    {
    }

    public static function of(Act $act, Workbook $before, Workbook $after): self
    {
        $patches = [];
        if ($before->name !== $after->name) {
            $patches[] = new Patch(0, 'name', self::json($before->name), self::json($after->name));
        }
        if ($before->names !== $after->names) {
            $patches[] = new Patch(0, 'names', self::json((object) $before->names), self::json((object) $after->names));
        }
        if (array_keys($before->sheets) !== array_keys($after->sheets)) {
            $patches[] = new Patch(0, 'order', self::json(array_keys($before->sheets)), self::json(array_keys($after->sheets)));
        }
        foreach ($after->sheets as $number => $sheet) {
            $old = $before->sheets[$number];
            if ($old === $sheet) {
                continue;
            }
            array_push($patches, ...self::cellPatches($number, $sheet->cells));
            foreach (Worksheet::DOCUMENTS as $document) {
                $from = self::json($old->document($document));
                $to = self::json($sheet->document($document));
                if ($from !== $to) {
                    $patches[] = new Patch($number, $document, $from, $to);
                }
            }
        }

        return new self($act->words($before), $patches);
    }

    public function inverse(): self
    {
        return new self($this->words, array_map(fn (Patch $patch) => $patch->inverse(), array_reverse($this->patches)));
    }

    public function isEmpty(): bool
    {
        return $this->patches === [];
    }

    /** @return list<Patch> what was done to the cells, the first thing first */
    private static function cellPatches(int $number, Sheet $cells): array
    {
        if ($cells instanceof EditedSheet) {
            return [...self::cellPatches($number, $cells->beneath), self::edits($number, $cells)];
        }
        if ($cells instanceof ShiftedSheet) {
            return [...self::cellPatches($number, $cells->beneath), self::shift($number, $cells)];
        }

        return [];
    }

    /** Edited cells, as stored, before and after: the sheet's size, and a list of row, column, cell. */
    private static function edits(int $number, EditedSheet $edited): Patch
    {
        $before = [];
        $after = [];
        foreach ($edited->edits as $row => $cells) {
            $there = [];
            foreach ($edited->beneath->read($row, $row) as $found) {
                $there = $found;
            }
            foreach ($cells as $column => $cell) {
                $before[] = [$row, $column, ($there[$column - 1] ?? Cell::blank())->stored()];
                $after[] = [$row, $column, $cell->stored()];
            }
        }

        $say = fn (Sheet $sheet, array $cells) => self::json(['rows' => $sheet->rows(), 'columns' => $sheet->columns(), 'cells' => $cells]);

        return new Patch($number, 'cells', $say($edited->beneath, $before), $say($edited, $after));
    }

    /** Rows or columns put in or taken out; what was taken out goes along, so that it can be put back. */
    private static function shift(int $number, ShiftedSheet $shifted): Patch
    {
        $shift = $shifted->shift;
        $removed = [];
        if (! $shift->in) {
            $beneath = $shifted->beneath;
            foreach ($shift->rows ? $beneath->read($shift->at, $shift->at + $shift->count - 1) : $beneath->read(1, $beneath->rows()) as $row => $cells) {
                $removed[] = array_map(fn (Cell $cell) => $cell->stored(), $shift->rows ? $cells : array_slice($cells, $shift->at - 1, $shift->count));
            }
        }
        $size = fn (Sheet $sheet) => $shift->rows ? $sheet->rows() : $sheet->columns();
        $say = fn (bool $in) => self::json(['rows' => $shift->rows, 'at' => $shift->at, 'count' => $shift->count, 'in' => $in, 'size' => $size($in === $shift->in ? $shifted : $shifted->beneath), 'cells' => $in ? $removed : []]);

        return new Patch($number, 'shift', $say(! $shift->in), $say($shift->in));
    }

    private static function json(mixed $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
