<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Work\Workbook;

/** Lays a named look on ranges; its wearers follow when the look is changed. An empty name takes it off. */
final readonly class LayNamed implements Act
{
    public function __construct(private Targets $targets, private string $name)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            // A sheet that wore none of them is not told each time that the looks of its workbook change.
            $sheet = $workbook->own === null || $sheet->own === $workbook->own ? $sheet : $sheet->knowing($workbook->own);
            $wears = $sheet->wears;
            $index = 0;
            if ($this->name !== '') {
                if ($sheet->lookNamed($this->name) === null) {
                    throw NoSuchLook::named($this->name, $sheet->name);
                }
                if (! in_array($this->name, $wears, true)) {
                    $wears[] = $this->name;
                }
                $index = (int) array_search($this->name, $wears, true) + 1;
            }
            $named = clone $sheet->named;
            foreach ($ranges as $range) {
                $named->set($range, $index);
            }
            $workbook = $workbook->withSheet($number, $sheet->laid($named, $wears));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return ($this->name === '' ? 'Named look taken off' : "Look \"$this->name\" laid").', '.$this->targets->words();
    }
}
