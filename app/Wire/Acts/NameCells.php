<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\NameSelection;

/** Names a selection, or takes such a name back. */
final readonly class NameCells implements WiredAct
{
    public const NAME = 'name';

    public const ARGUMENTS = '{ name: string; ranges?: string }';

    public function act(Arguments $given): Act
    {
        return new NameSelection(
            $given->sheet,
            $given->text('name'),
            $given->textOrNull('ranges') === null ? null : $given->targets()->ranges,
        );
    }
}
