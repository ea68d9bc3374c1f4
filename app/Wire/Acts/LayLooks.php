<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Lay;

/** Lays lifted looks over cells. */
final readonly class LayLooks implements WiredAct
{
    public const NAME = 'lay';

    public const ARGUMENTS = 'OnCells & { block: GivenLook[][]; widths?: number[] }';

    public function act(Arguments $given): Act
    {
        return new Lay($given->targets(), $given->looks('block'), $given->widths());
    }
}
