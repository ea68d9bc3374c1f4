<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\MoveCells;

/** Puts rows or columns in, or takes them out. */
final readonly class Move implements WiredAct
{
    public const NAME = 'move';

    public const ARGUMENTS = '{ axis: Axis; at: number; count?: number; in: boolean }';

    public function act(Arguments $given): Act
    {
        return new MoveCells($given->sheet, $given->shift());
    }
}
