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

/** Takes a colour out of the palette; another one takes its place wherever it is said. */
final readonly class ReplaceColour implements WiredRevision
{
    public const NAME = 'replaceColour';

    public const ARGUMENTS = '{ name: string; by: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$name, $by] = [$given->text('name'), $given->text('by')];

        return new ReviseStylebook(Edit::replaceColour($stylebook, $name, $by), "\"$by\" in the place of \"$name\"", false);
    }
}
