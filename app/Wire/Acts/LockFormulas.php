<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\GuardFormulas;

/** Locks what is formula and opens what is entry, on sheets. */
final readonly class LockFormulas implements WiredAct
{
    public const NAME = 'guardFormulas';

    public const ARGUMENTS = "{ sheets?: number[] | 'all' }";

    public function act(Arguments $given): Act
    {
        return new GuardFormulas($given->sheets());
    }
}
