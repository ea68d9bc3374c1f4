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

/** Puts the colours of the palette in another order. */
final readonly class OrderColours implements WiredRevision
{
    public const NAME = 'orderColours';

    public const ARGUMENTS = '{ names: string[] }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        return new ReviseStylebook(
            Edit::orderColours($stylebook, $given->texts('names')), 'Colours in another order', false, changesCells: false,
        );
    }
}
