<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\RenameWorkbook;

/** Gives the workbook another name. */
final readonly class Rename implements WiredAct
{
    public const NAME = 'rename';

    public const ARGUMENTS = '{ name: string }';

    public function act(Arguments $given): Act
    {
        return new RenameWorkbook($given->textOrNull('name') ?? '');
    }
}
