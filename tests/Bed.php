<?php

declare(strict_types=1);

namespace Tests;

use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;

/** A workbook that a fault is planted into, and where its columns stand. */
final class Bed
{
    /** Row of the total, counted like the others; -2 for none. */
    public int $total = -2;

    /** @param  non-empty-array<string, string>  $columns  letters by what they hold */
    public function __construct(
        public readonly Spreadsheet $book,
        public readonly Worksheet $sheet,
        public readonly int $rows,
        public readonly array $columns,
    ) {
    }

    /** Row of the sheet of a row of the body, counted from 0; -1 is that of the headings. */
    public function row(int $row): int
    {
        return $row + 2;
    }

    public function at(string $what, int $row): string
    {
        return $this->columns[$what].$this->row($row);
    }

    public function last(): string
    {
        return (string) array_key_last($this->columns);
    }

    public function line(int $row): string
    {
        return 'A'.$this->row($row).':'.$this->at($this->last(), $row);
    }

    public function body(string $what): string
    {
        return $this->at($what, 0).':'.$this->at($what, $this->rows - 1);
    }

    public function whole(): string
    {
        return 'A1:'.$this->at($this->last(), $this->rows - 1);
    }

    /** Of the figures of a column. */
    public function sum(string $what): float
    {
        $sum = 0.0;
        for ($row = 0; $row < $this->rows; $row++) {
            $value = $this->sheet->getCell($this->at($what, $row))->getValue();
            $sum += is_numeric($value) ? (float) $value : 0.0;
        }

        return $sum;
    }
}
