<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\MoveSheet;

/** Gives the sheet another place among the others. */
final readonly class OrderSheets implements WiredAct
{
    public const NAME = 'order';

    public const ARGUMENTS = '{ to: number }';

    public function act(Arguments $given): Act
    {
        return new MoveSheet($given->sheet, $given->wholeOrNull('to') ?? 0);
    }
}
