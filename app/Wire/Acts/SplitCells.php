<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Split;

/** Takes merged cells apart. */
final readonly class SplitCells implements WiredAct
{
    public const NAME = 'split';

    public const ARGUMENTS = 'OnCells';

    public function act(Arguments $given): Act
    {
        return new Split($given->targets());
    }
}
