<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\EditCells;

/** Types texts into cells. */
final readonly class Edit implements WiredAct
{
    public const NAME = 'edit';

    public const ARGUMENTS = '{ cells: [row: number, column: number, text: string][]; keep?: boolean; asReader?: boolean }';

    public function act(Arguments $given): Act
    {
        return new EditCells($given->sheet, $given->cells(), $given->flag('keep'), $given->flag('asReader'));
    }
}
