<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;

/** Gives a look to cells, or to a part of the sheets that they stand on. */
final readonly class GiveLook implements WiredAct
{
    public const NAME = 'format';

    public const ARGUMENTS = 'OnCells & { look: GivenLook; scope?: Scope; part?: string | null; kind?: string | null; over?: Over }';

    public function act(Arguments $given): Act
    {
        if ($given->textOrNull('scope') !== 'here') {
            return new Format($given->targets(), $given->lookGiven());
        }
        $over = $given->textOrNull('over') === null ? 'keep' : $given->oneOf('over', ['ask', 'keep', 'override']);

        return new FormatPart($given->sheets(), $given->part(), $given->kind(), $given->lookGiven(), over: $over);
    }
}
