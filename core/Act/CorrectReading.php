<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Work\Workbook;

/** Lays a correction over the reading of a sheet; a sheet that is dressed is fitted again, in the same act. */
final readonly class CorrectReading implements Act
{
    public function __construct(private int $sheet, private Correction $correction)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $before = $workbook->sheet($this->sheet);
        $sheet = $before->corrected($this->correction);
        if ($sheet->reading->toArray() === $before->reading->toArray()) {
            throw NothingToChange::becauseReadSo();
        }
        $workbook = $workbook->withSheet($this->sheet, $sheet);

        return $sheet->stylebook === null ? $workbook : (new Dress([$this->sheet], $sheet->stylebook, $sheet->clean))->on($workbook);
    }

    public function words(Workbook $workbook): string
    {
        return $this->correction->words().', '.$workbook->sheet($this->sheet)->name;
    }
}
