<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Resize;

/** Sizes columns or rows, or fits them to what they hold. */
final readonly class ResizeLines implements WiredAct
{
    public const NAME = 'resize';

    public const ARGUMENTS = 'OnSheets & { axis: Axis; spans: Span[]; size?: string | null; all?: boolean }';

    public function act(Arguments $given): Act
    {
        return new Resize($given->sheets(), $given->columns(), $given->spans(), $given->size(), $given->flag('all'));
    }
}
