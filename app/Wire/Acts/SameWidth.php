<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\WidthUnder;

/** Gives the columns of one heading one width. */
final readonly class SameWidth implements WiredAct
{
    public const NAME = 'sameWidth';

    public const ARGUMENTS = "OnSheets & { axis: 'columns'; heading: string; size: string }";

    public function act(Arguments $given): Act
    {
        return new WidthUnder($given->sheets(), $given->text('heading'), $given->size() ?? throw ActIsWrong::argument('size', 'a width'));
    }
}
