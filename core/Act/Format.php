<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Look\Look;
use Rilvet\Look\LookWords;
use Rilvet\Work\Workbook;

/** Gives chosen cells a look directly: a hand touch, which lies over the stylebook. Stored as runs, whatever the size. */
final readonly class Format implements Act
{
    public function __construct(private Targets $targets, private Look $look)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $hand = clone $sheet->hand;
            foreach ($ranges as $range) {
                $hand->map($range, fn (int $old) => $workbook->looks->number($workbook->looks->look($old)->under($this->look)));
            }
            $workbook = $workbook->withSheet($number, $sheet->touched($hand));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->sizing(Settle::depends($this->look));
    }

    public function words(Workbook $workbook): string
    {
        return LookWords::of($this->look).', '.$this->targets->words();
    }
}
