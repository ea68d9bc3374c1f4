<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Reader;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Takes a check on entry of a stylebook out. */
final readonly class DropEntry implements WiredRevision
{
    public const NAME = 'dropEntry';

    public const ARGUMENTS = '{ id: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $id = $given->text('id');
        isset(Reader::map($stylebook->toArray(), 'entries')[$id]) || throw EntryIsWrong::noSuch(mb_strimwidth($id, 0, 40, '…'));

        return new ReviseStylebook(Edit::put($stylebook, ['entries', $id], null), 'Check on entry taken out', false);
    }
}
