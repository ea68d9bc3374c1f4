<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Wipe;
use Rilvet\Look\Look;

/** Takes hand touches off, or drops what came with the file. */
final readonly class WipeTouches implements WiredAct
{
    public const NAME = 'wipe';

    public const ARGUMENTS = 'OnCells & { facet?: string | null; file?: boolean; scope?: Scope; part?: string | null; kind?: string '
        .'| null }';

    public function act(Arguments $given): Act
    {
        return $given->textOrNull('scope') === 'here'
            ? new FormatPart($given->sheets(), $given->part(), $given->kind(), Look::none())
            : new Wipe($given->targets(), $given->facet(), $given->flag('file'));
    }
}
