<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ClearCells;

/** Empties cells. */
final readonly class Clear implements WiredAct
{
    public const NAME = 'clear';

    public const ARGUMENTS = 'OnCells';

    public function act(Arguments $given): Act
    {
        return new ClearCells($given->targets());
    }
}
