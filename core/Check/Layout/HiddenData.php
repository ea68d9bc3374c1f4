<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Grid\Address;

/** Rows, columns or sheets that hold data and are not seen. */
final readonly class HiddenData implements ColumnCheck
{
    public function about(): About
    {
        return new About('hidden-data', 'Data that is hidden',
            'Who gets the workbook gets it too, and may not know.', Severity::Note, Subject::Place);
    }

    public function find(Checked $sheet): iterable
    {
        $sizes = $sheet->sheet->setup->sizes;
        $held = $sheet->sheet->cells;
        if ($sheet->sheet->setup->tab->state !== 'visible' && $held->rows() > 0) {
            yield $sheet->finding($this, '', 1, 'The sheet is hidden and holds '.number_format($held->rows()).
                ($held->rows() === 1 ? ' row.' : ' rows.'));

            return;
        }
        $named = [];
        foreach ($sheet->columns(true) as [, $column, , $facts]) {
            if ($facts->filled > 0 && $sizes->hidesColumn($column->column)) {
                $named[] = Address::columnName($column->column).':'.Address::columnName($column->column);
            }
        }
        if ($named !== []) {
            $count = count($named);
            yield $sheet->finding($this, implode(', ', array_slice($named, 0, Places::NAMED)), $count, number_format($count).
                ($count === 1 ? ' column of data is' : ' columns of data are').' hidden.');
        }
    }
}
