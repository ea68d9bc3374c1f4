<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\MarkCells;

/** Lets the look of entry, choice or formula cells be seen on sheets, or not. */
final readonly class Mark implements WiredAct
{
    public const NAME = 'mark';

    public const ARGUMENTS = "{ part: 'entry_cell' | 'choice_cell' | 'formula_cell'; on: boolean; sheets?: number[] | 'all' }";

    public function act(Arguments $given): Act
    {
        $part = $given->part();
        $part->isOfCells() || throw ActIsWrong::argument('part', 'entry_cell, choice_cell or formula_cell');

        return new MarkCells($given->sheets(), $part, $given->flag('on'));
    }
}
