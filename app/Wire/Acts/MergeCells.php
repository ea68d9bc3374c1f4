<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Merge;

/** Makes one cell of several. */
final readonly class MergeCells implements WiredAct
{
    public const NAME = 'merge';

    public const ARGUMENTS = 'OnCells & { mode?: string }';

    public function act(Arguments $given): Act
    {
        return new Merge($given->targets(), $given->textOrNull('mode') === null ? 'ask' : $given->oneOf('mode', Merge::MODES));
    }
}
