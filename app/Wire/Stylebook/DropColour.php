<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Takes a named colour out. */
final readonly class DropColour implements WiredRevision
{
    public const NAME = 'dropColour';

    public const ARGUMENTS = '{ name: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return ! isset($sheet->stylebook->palette->colours[$given->text('name')]);
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $name = $given->text('name');

        return new ReviseStylebook($stylebook->uncolouring($name), "Colour \"$name\" taken out", false, changesCells: false);
    }
}
