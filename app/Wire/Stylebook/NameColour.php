<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Gives a colour a name. */
final readonly class NameColour implements WiredRevision
{
    public const NAME = 'colour';

    public const ARGUMENTS = '{ name: string; hex: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return $sheet->stylebook === null;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $name = $given->text('name');

        return new ReviseStylebook($stylebook->colouring($name, $given->text('hex')), "Colour \"$name\" named", false, changesCells: false);
    }
}
