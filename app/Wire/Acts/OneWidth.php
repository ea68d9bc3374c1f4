<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\EqualWidths;

/** Gives columns the width of the widest. */
final readonly class OneWidth implements WiredAct
{
    public const NAME = 'equal';

    public const ARGUMENTS = "OnSheets & { axis: 'columns'; spans: Span[] }";

    public function act(Arguments $given): Act
    {
        return new EqualWidths($given->sheets(), $given->spans());
    }
}
