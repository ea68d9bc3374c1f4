<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Keeps the look of the selection under a name. */
final readonly class KeepLook implements WiredRevision
{
    public const NAME = 'keepLook';

    public const ARGUMENTS = 'OnCells & { name: string; replace?: boolean }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return $sheet->stylebook === null || ($given->flag('replace') && $sheet->isOwn($given->text('name')));
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $name = $given->text('name');
        if (! $given->flag('replace') && $stylebook->named($name) !== null) {
            throw NoSuchLook::taken($name);
        }

        return new ReviseStylebook($stylebook->naming($name, $selected()), "Look \"$name\" kept", false);
    }
}
