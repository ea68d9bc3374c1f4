<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Act\EditCells;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;

/** Puts the formula of a column where something else stands. */
final class FormulaPut
{
    /** Cells that are written in one mend. */
    private const MOST = 5_000;

    /** @param  list<string|int>  $template  as {@see References::template()} gives it */
    public static function mend(Checked $sheet, int $column, array $template, Places $places): ?Mend
    {
        if (! $places->isWhole() || $places->count > self::MOST) {
            return null;
        }
        $cells = [];
        foreach ($places->stretches() as [$from, $to]) {
            for ($row = $from; $row <= $to; $row++) {
                $cells[$row][$column] = Cell::formula(References::filled($template, $row), null);
            }
        }

        return Mend::formulas(new EditCells($sheet->number, $cells), $places->count);
    }

    /** The sum of a stretch of a column, put into one cell. */
    public static function sum(Checked $sheet, int $row, int $column, int $first, int $last): Mend
    {
        $name = Address::columnName($column);

        return Mend::formulas(new EditCells($sheet->number, [$row => [$column => Cell::formula("SUM($name$first:$name$last)", null)]]), 1);
    }
}
