<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\GivenCondition;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\SetCondition;

/** Sets a look that cells wear while something is true. */
final readonly class SetLook implements WiredAct
{
    public const NAME = 'setCondition';

    public const ARGUMENTS = 'GivenCondition';

    public function act(Arguments $given): Act
    {
        return new SetCondition($given->sheet, GivenCondition::of($given));
    }
}
