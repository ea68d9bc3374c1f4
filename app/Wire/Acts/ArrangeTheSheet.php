<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ArrangeSheet;

/** Name, visibility and colour of the sheet. */
final readonly class ArrangeTheSheet implements WiredAct
{
    public const NAME = 'sheet';

    public const ARGUMENTS = '{ name?: string; hidden?: boolean; colour?: string }';

    public function act(Arguments $given): Act
    {
        return new ArrangeSheet($given->sheet, $given->textOrNull('name'), $given->flagOrNull('hidden'), $given->textOrNull('colour'));
    }
}
