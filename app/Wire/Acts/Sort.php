<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\SortTable;

/** Puts the rows of a table in order. */
final readonly class Sort implements WiredAct
{
    public const NAME = 'sort';

    public const ARGUMENTS = '{ row: number; column: number; keys: [column: number, down: boolean][] }';

    public function act(Arguments $given): Act
    {
        $place = $given->place();

        return new SortTable($given->sheet, $place->row, $place->column, $given->sortKeys());
    }
}
