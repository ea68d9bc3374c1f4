<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Hide;

/** Hides columns or rows, or shows them again. */
final readonly class HideLines implements WiredAct
{
    public const NAME = 'hide';

    public const ARGUMENTS = 'OnSheets & { axis: Axis; spans: [Span]; show?: boolean }';

    public function act(Arguments $given): Act
    {
        [$first, $last] = $given->spans()[0];

        return new Hide($given->sheets(), $given->columns(), $first, $last, ! $given->flag('show'));
    }
}
