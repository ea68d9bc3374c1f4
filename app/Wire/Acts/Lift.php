<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\LiftProtection;

/** Lifts the protection of the sheet in view. */
final readonly class Lift implements WiredAct
{
    public const NAME = 'unprotect';

    public const ARGUMENTS = '{ password?: string | null }';

    public function act(Arguments $given): Act
    {
        return new LiftProtection($given->sheet, $given->textOrNull('password') ?? '');
    }
}
