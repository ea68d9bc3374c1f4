<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\DropEntries;

/** Takes checks on entry out. */
final readonly class TakeEntriesOut implements WiredAct
{
    public const NAME = 'dropEntries';

    public const ARGUMENTS = '{ ids: string[] }';

    public function act(Arguments $given): Act
    {
        $ids = $given->texts('ids');

        return new DropEntries($given->sheet, $ids === [] ? throw ActIsWrong::argument('ids', 'names of checks') : $ids);
    }
}
