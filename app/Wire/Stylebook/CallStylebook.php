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

/** Gives the stylebook another name, or says otherwise what it is for. */
final readonly class CallStylebook implements WiredRevision
{
    public const NAME = 'call';

    public const ARGUMENTS = '{ name: string; about: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $name = trim($given->text('name'));
        $named = Edit::put(Edit::put($stylebook, ['about'], $given->text('about')), ['name'], $name);

        return new ReviseStylebook($named, "Called \"$name\"", false, changesCells: false, was: $stylebook->name);
    }
}
