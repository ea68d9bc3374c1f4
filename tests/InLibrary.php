<?php

declare(strict_types=1);

namespace Tests;

use PhpOffice\PhpSpreadsheet\Calculation\Calculation;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Rilvet\Formula\References;

/** A table in the general-purpose spreadsheet library, which works out formulas over it. */
final class InLibrary
{
    private readonly Spreadsheet $book;

    private readonly Worksheet $sheet;

    /** @param  list<list<bool|float|int|string|null>>  $rows  of a sheet "Data", from A1 on */
    public function __construct(array $rows)
    {
        $this->book = new Spreadsheet;
        $this->sheet = $this->book->getActiveSheet()->setTitle('Data');
        foreach ($rows as $row => $line) {
            foreach ($line as $column => $value) {
                $kind = is_string($value) ? DataType::TYPE_STRING
                    : (is_bool($value) ? DataType::TYPE_BOOL : DataType::TYPE_NUMERIC);
                $value === null || $this->sheet->getCell([$column + 1, $row + 1])->setValueExplicit($value, $kind);
            }
        }
    }

    /** What a formula gives that is written for H1, in column H of a row. */
    public function value(string $formula, int $row): mixed
    {
        Calculation::getInstance($this->book)->clearCalculationCache();
        $cell = $this->sheet->getCell([8, $row])->setValue('='.References::translated($formula, $row - 1, 0));
        $value = $cell->getCalculatedValue(false);
        $cell->setValue(null);
        while (is_array($value)) {
            $value = reset($value);
        }

        return $value;
    }
}
