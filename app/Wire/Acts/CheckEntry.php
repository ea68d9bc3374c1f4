<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\GivenEntry;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\SetEntry;

/** Sets what may be entered into cells. */
final readonly class CheckEntry implements WiredAct
{
    public const NAME = 'setEntry';

    public const ARGUMENTS = 'GivenEntry';

    public function act(Arguments $given): Act
    {
        return new SetEntry($given->sheet, GivenEntry::of($given));
    }
}
