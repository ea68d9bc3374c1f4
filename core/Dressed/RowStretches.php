<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Reading\Part;
use Rilvet\Work\Worksheet;

/** What rows have in common that look the same: one part, one place in the stripes, one stretch of looks of their cells. */
final class RowStretches
{
    /** Rows of a stretch that is not worth being kept in mind. */
    private const SHORT = 4;

    /** @var list<int> rows from which on cells have other looks of their own than above */
    private readonly array $starts;

    private readonly int $lastAside;

    public function __construct(private readonly Worksheet $sheet, private readonly RowTables $tables, private readonly ?Bands $bands,
        private readonly ?LaidBands $laid, private readonly ?Frames $frames, ?CellParts $cells = null,
        private readonly bool $headsDiffer = false)
    {
        // What stands beside a table makes its rows differ.
        $this->lastAside = $tables->lastAside();
        $starts = [];
        // What came with the file is not seen where a sheet is dressed clean, but for its number formats.
        foreach ([...($sheet->clean && $sheet->stylebook === null ? [] : [$sheet->file]), $sheet->named, $sheet->hand] as $map) {
            foreach ($map->runs() as $runs) {
                foreach ($runs as [$first, $last]) {
                    $starts[$first] = true;
                    $starts[$last + 1] = true;
                }
            }
        }
        $rows = array_keys($starts + array_fill_keys($cells?->starts() ?? [], true));
        sort($rows);
        $this->starts = $rows;
    }

    /** @return string|null null where a row may look like no other */
    public function key(int $row): ?string
    {
        if ($row <= $this->lastAside) {
            return null;
        }
        $place = $this->place($row);
        if (($this->starts[$place] ?? PHP_INT_MAX) - ($this->starts[$place - 1] ?? 1) < self::SHORT) {
            return null;
        }
        $key = $place.($this->laid?->key($row) ?? '');
        foreach ($this->tables->at($row) as [$table, $part, $position]) {
            // Headings that are shown otherwise than they are written are shown each in its own words.
            if (isset($table->lines[$row]) || ($this->headsDiffer && in_array($part, [Part::Heading, Part::ColumnGroup], true))) {
                return null;
            }
            // Groups differ from one row of them to the next.
            $key .= $part === Part::ColumnGroup ? "|$row" : '|'.$table->range->top.'.'.$table->range->left.($part->value ?? '')
                .($part === Part::Body && $this->bands?->isOfRows() ? 's'.$this->bands->ofRow($table, $row, $position) : '')
                .($this->frames?->at($table, $row, 0) ?? '')
                .($row === $table->firstBodyRow() ? 'f' : '')
                .($row === $table->lastHeadRow() ? 'l' : '')
                .($part === Part::Total || $part === Part::Subtotal ? (int) ($table->runAt($row)->coded ?? false) : '');
        }

        return $key;
    }

    /** The last row, from one on, of those that certainly have the same in common with it. */
    public function last(int $row): int
    {
        if ($this->laid !== null || $this->bands?->isOfRows() === true || $this->frames !== null || $this->key($row) === null) {
            return $row;
        }
        // Rows between tables are the same as others there are, but no further than where the next part begins.
        $last = min($this->starts[$this->place($row)] ?? PHP_INT_MAX, $this->tables->nextBeginning($row) ?? PHP_INT_MAX) - 1;
        foreach ($this->tables->at($row) as [$table]) {
            $isFirst = $row === $table->firstBodyRow() || $row === $table->lastHeadRow();
            $last = min($last, $isFirst ? $row : ($table->runAt($row)->last ?? $row));
        }

        return max($row, $last);
    }

    /** How many of the starts stand at or before a row. */
    private function place(int $row): int
    {
        $low = 0;
        $high = count($this->starts);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->starts[$middle] <= $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low;
    }
}
