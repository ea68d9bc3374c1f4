<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\SayCells;

/** Says that chosen cells are entries, or are none, or are what they are found to be. */
final readonly class SayEntries implements WiredAct
{
    public const NAME = 'sayEntries';

    public const ARGUMENTS = "OnCells & { as: 'entry' | 'none' | 'found' }";

    public function act(Arguments $given): Act
    {
        return new SayCells($given->targets(), match ($given->oneOf('as', ['entry', 'none', 'found'])) {
            'entry' => true,
            'none' => false,
            default => null,
        });
    }
}
