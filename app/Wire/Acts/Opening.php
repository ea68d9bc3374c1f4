<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\SetOpening;

/** How sheets open: what stays in sight, gridlines, zoom, the first cell. */
final readonly class Opening implements WiredAct
{
    public const NAME = 'opening';

    public const ARGUMENTS = 'OnSheets & { freezeRow?: number; freezeColumn?: number; gridlines?: boolean; zoom?: number; parts?: '
        .'boolean; firstRow?: number; firstColumn?: number }';

    public function act(Arguments $given): Act
    {
        return new SetOpening(
            $given->sheets(), $given->wholeOrNull('freezeRow'), $given->wholeOrNull('freezeColumn'),
            $given->flagOrNull('gridlines'), $given->wholeOrNull('zoom'), $given->flag('parts'),
            $given->wholeOrNull('firstRow'), $given->wholeOrNull('firstColumn'),
        );
    }
}
