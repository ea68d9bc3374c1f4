<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\TypeColumn;

/** Says what the texts of a column are read as. */
final readonly class TypeTexts implements WiredAct
{
    public const NAME = 'type';

    public const ARGUMENTS = '{ column: number; kind: string; decimal?: string; order?: string }';

    public function act(Arguments $given): Act
    {
        return new TypeColumn($given->sheet, $given->column(), $given->typing());
    }
}
