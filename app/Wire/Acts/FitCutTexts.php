<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\FitCut;

/** Fits whatever is not seen whole. */
final readonly class FitCutTexts implements WiredAct
{
    public const NAME = 'fitCut';

    public const ARGUMENTS = 'Record<string, never>';

    public function act(Arguments $given): Act
    {
        return new FitCut($given->sheet);
    }
}
