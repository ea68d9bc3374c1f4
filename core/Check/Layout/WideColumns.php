<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\Resize;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Fit\ColumnFit;
use Rilvet\Grid\Address;
use Rilvet\Text\Fonts;

/** Columns much wider than what they hold. */
final readonly class WideColumns implements ColumnCheck
{
    public function about(): About
    {
        return new About('wide-columns', 'Columns far wider than their contents',
            'What belongs together stands far apart, and less of the sheet is in sight.', Severity::Note, Subject::Place);
    }

    /** Columns that are looked at. */
    private const MOST = 200;

    public function find(Checked $sheet): iterable
    {
        $columns = [];
        foreach ($sheet->columns(true) as [, $column, , $facts]) {
            $facts->filled > 2 && count($columns) < self::MOST && $columns[] = $column->column;
        }
        $sizes = $sheet->sheet->setup->sizes;
        $columns = array_values(array_filter(array_unique($columns), fn (int $column) => $sizes->widthOf($column) > 160
            && ! $sizes->hidesColumn($column)));
        $wanted = $columns === [] ? [] : (new ColumnFit($sheet->sheet->sized(true, [], $columns, false), $sheet->workbook,
            Fonts::shipped()))->needs->of($columns);
        $wide = array_values(array_filter($columns, fn (int $column) => ($wanted[$column] ?? PHP_INT_MAX) * 3 < $sizes->widthOf($column)));
        if ($wide !== []) {
            $names = array_map(Address::columnName(...), $wide);
            yield $sheet->finding($this, implode(', ', array_map(fn (string $name) => "$name:$name", array_slice($names, 0,
                Places::NAMED))), count($wide),
                (count($wide) === 1 ? 'Column ' : 'Columns ').implode(', ', array_slice($names, 0, 6)).
                (count($wide) === 1 ? ' is' : ' are').' three times as wide as what they hold, or more.', [],
                Mend::looks(new Resize([$sheet->number], true, array_map(fn (int $column) => [$column, $column], $wide), null)));
        }
    }
}
