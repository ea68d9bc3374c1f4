<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\SaidCells;
use Rilvet\Work\Workbook;

/** Says that chosen cells are entries, or are none, or lets them be what they are found to be. */
final readonly class SayCells implements Act
{
    /** @param  bool|null  $are  null for what is found */
    public function __construct(private Targets $targets, private ?bool $are)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $workbook = $workbook->withSheet($number, $sheet->withAspects($sheet->aspect(SaidCells::class)->saying($ranges, $this->are)));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return $this->targets->words().match ($this->are) {
            true => ' are entry cells',
            false => ' are no entry cells',
            null => ' are what they are found to be',
        };
    }
}
