<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\GatherConditions;

/** Gathers pieces of conditional looks that say the same. */
final readonly class GatherLooks implements WiredAct
{
    public const NAME = 'gatherConditions';

    public const ARGUMENTS = 'OnSheets & { idle?: boolean }';

    public function act(Arguments $given): Act
    {
        return new GatherConditions($given->sheets(), $given->flagOrNull('idle') ?? false);
    }
}
