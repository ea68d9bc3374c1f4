<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Reading\Correction\AsLearned;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Work\Workbook;

/** Reads a sheet without what was learned from other tables; a sheet that is dressed is fitted again. */
final readonly class ForgetLearned implements Act
{
    public function __construct(private int $sheet)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        $kept = array_filter($sheet->corrections, fn (Correction $one) => ! $one instanceof AsLearned);
        if (count($kept) === count($sheet->corrections)) {
            throw NothingToChange::becauseReadSo();
        }
        $sheet = ReadAnew::columns($sheet->withCorrections(array_values($kept)), $workbook, $this->sheet);
        $workbook = $workbook->withSheet($this->sheet, $sheet);

        return Dress::again($workbook, $this->sheet);
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        return "Read without what was learned, {$workbook->sheet($this->sheet)->name}";
    }
}
