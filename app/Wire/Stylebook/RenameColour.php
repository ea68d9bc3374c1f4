<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Gives a colour of the palette another name, wherever it is said. */
final readonly class RenameColour implements WiredRevision
{
    public const NAME = 'renameColour';

    public const ARGUMENTS = '{ name: string; to: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$name, $to] = [$given->text('name'), trim($given->text('to'))];

        return new ReviseStylebook(Edit::renameColour($stylebook, $name, $to), "Colour \"$name\" renamed to \"$to\"", false,
            changesCells: false);
    }
}
