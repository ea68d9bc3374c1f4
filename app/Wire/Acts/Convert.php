<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ConvertCells;

/** Turns texts into what they say. */
final readonly class Convert implements WiredAct
{
    public const NAME = 'convert';

    public const ARGUMENTS = 'OnCells & { to: string }';

    public function act(Arguments $given): Act
    {
        return new ConvertCells($given->targets(), $given->oneOf('to', ConvertCells::ACTS));
    }
}
