<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ForgetLearned;

/** Reads the sheet without what was learned from other tables. */
final readonly class Forget implements WiredAct
{
    public const NAME = 'forget';

    public const ARGUMENTS = 'Record<string, never>';

    public function act(Arguments $given): Act
    {
        return new ForgetLearned($given->sheet);
    }
}
