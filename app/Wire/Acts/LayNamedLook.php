<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\LayNamed;

/** Lays a named look over cells, or takes it off. */
final readonly class LayNamedLook implements WiredAct
{
    public const NAME = 'layNamed';

    public const ARGUMENTS = 'OnCells & { name: string }';

    public function act(Arguments $given): Act
    {
        return new LayNamed($given->targets(), $given->textOrNull('name') ?? '');
    }
}
