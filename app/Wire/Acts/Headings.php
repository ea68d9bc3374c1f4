<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\FitHeadings;

/** Wraps or turns the headings of sheets, or puts them on one line. */
final readonly class Headings implements WiredAct
{
    public const NAME = 'headings';

    public const ARGUMENTS = 'OnSheets & { how: string }';

    public function act(Arguments $given): Act
    {
        return new FitHeadings($given->sheets(), $given->oneOf('how', FitHeadings::WAYS));
    }
}
