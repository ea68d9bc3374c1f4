<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\CorrectReading;
use Rilvet\Reading\Correction\Corrections;

/** Reads rows, columns or tables otherwise than they were read. */
final readonly class Correct implements WiredAct
{
    public const NAME = 'correct';

    public const ARGUMENTS = '{ correction: { type: string } & Record<string, unknown> }';

    public function act(Arguments $given): Act
    {
        return new CorrectReading($given->sheet, Corrections::of($given->map('correction')));
    }
}
