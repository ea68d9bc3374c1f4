<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
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
        foreach ($after->sheets as $number => $sheet) {
            $old = $before->sheets[$number];
            if ($old === $sheet) {
                continue;
            }
            if ($sheet->cells instanceof EditedSheet) {
                $patches[] = self::cells($number, $old, $sheet->cells);
            }
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

    /** Edited cells, as stored, before and after: a list of row, column, cell. */
    private static function cells(int $number, Worksheet $old, EditedSheet $edited): Patch
    {
        $before = [];
        $after = [];
        foreach ($edited->edits as $row => $cells) {
            $there = [];
            foreach ($old->cells->read($row, $row) as $found) {
                $there = $found;
            }
            foreach ($cells as $column => $cell) {
                $before[] = [$row, $column, ($there[$column - 1] ?? Cell::blank())->stored()];
                $after[] = [$row, $column, $cell->stored()];
            }
        }

        return new Patch($number, 'cells', self::json($before), self::json($after));
    }

    private static function json(mixed $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
