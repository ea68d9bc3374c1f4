<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\Allowance;
use Rilvet\Window\CutTexts;
use Rilvet\Work\Workbook;

/** Fits the columns, and then the rows, in which texts are not seen whole: one act, one undo. */
final readonly class FitCut implements Act
{
    public function __construct(private int $sheet)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        Targets::open($workbook->sheet($this->sheet), Allowance::SizeColumns, Allowance::SizeRows);
        /** @var list<array{int, int}> $columns */
        $columns = CutTexts::of($workbook, $this->sheet)->columns;
        $workbook = $columns === [] ? $workbook : (new Resize([$this->sheet], true, $columns, null))->on($workbook);
        /** @var list<array{int, int}> $rows */
        $rows = CutTexts::of($workbook, $this->sheet)->rows;

        return $rows === [] ? $workbook : (new Resize([$this->sheet], false, $rows, null))->on($workbook);
    }

    public function reach(): Reach
    {
        return Reach::whole($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        return "Fitted what was cut, {$workbook->sheet($this->sheet)->name}";
    }
}
