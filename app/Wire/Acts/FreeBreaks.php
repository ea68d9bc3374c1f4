<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\DropBreaks;

/** Pages end where they may again. */
final readonly class FreeBreaks implements WiredAct
{
    public const NAME = 'freeBreaks';

    public const ARGUMENTS = 'OnSheets';

    public function act(Arguments $given): Act
    {
        return new DropBreaks($given->sheets());
    }
}
