<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\Workbook;

/** Puts a sheet at another place among the sheets. Numbers stay: a sheet is the same wherever it stands. */
final readonly class MoveSheet implements Act
{
    /** @param  int  $to  its new place, from 1 */
    public function __construct(private int $sheet, private int $to)
    {
    }

    /** @param  Workbook  $workbook  with all of its sheets */
    public function on(Workbook $workbook): Workbook
    {
        $workbook->guard?->isOn !== true || throw SheetIsClosed::order();
        $workbook->sheet($this->sheet);
        if ($this->to < 1 || $this->to > count($workbook->sheets)) {
            throw NoSuchSheet::place($this->to, count($workbook->sheets));
        }
        $order = array_values(array_diff(array_keys($workbook->sheets), [$this->sheet]));
        array_splice($order, $this->to - 1, 0, [$this->sheet]);

        return $workbook->ordered($order);
    }

    public function reach(): Reach
    {
        return Reach::whole($this->sheet)->withFormulas();
    }

    public function words(Workbook $workbook): string
    {
        return "{$workbook->sheet($this->sheet)->name} moved to place {$this->to}";
    }
}
