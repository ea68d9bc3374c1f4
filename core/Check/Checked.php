<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Dressed\CellParts;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Reading\ColumnReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A sheet that is looked at, and what several checks need to know of it. */
final class Checked
{
    public readonly Worksheet $sheet;

    private ?CellParts $parts = null;

    private ?DressedSheet $dressed = null;

    public function __construct(public readonly Workbook $workbook, public readonly int $number)
    {
        $this->sheet = $workbook->sheet($number);
    }

    public function parts(): CellParts
    {
        return $this->parts ??= new CellParts($this->sheet, $this->workbook->looks);
    }

    public function dressed(): DressedSheet
    {
        return $this->dressed ??= new DressedSheet($this->sheet, $this->workbook->looks);
    }

    /** How a column is called in a sentence: by its heading, without one by its letter. */
    public static function called(ColumnReading $column): string
    {
        $heading = trim((string) preg_replace('/\s+/u', ' ', (string) $column->heading));

        return $heading === '' ? 'Column '.Address::columnName($column->column) : '"'.mb_substr($heading, 0, 60).'"';
    }

    /** @param  array<string, string|int|float>  $evidence */
    public function finding(Check $check, Range|string $range, int $count, string $words, array $evidence = []): Finding
    {
        $about = $check->about();

        return new Finding($about->name, $about->severity, $this->sheet->name, (string) $range, $count, $words, $evidence);
    }
}
