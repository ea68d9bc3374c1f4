<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\BreakPages;

/** Ends a page after a row or column, moves the break, or takes it out. */
final readonly class BreakPage implements WiredAct
{
    public const NAME = 'breakPage';

    public const ARGUMENTS = '{ axis: Axis; from: number | null; to: number | null }';

    public function act(Arguments $given): Act
    {
        return new BreakPages($given->sheet, ! $given->columns(), $given->wholeOrNull('from'), $given->wholeOrNull('to'));
    }
}
