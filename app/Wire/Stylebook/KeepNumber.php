<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Keeps a number format under a name. */
final readonly class KeepNumber implements WiredRevision
{
    public const NAME = 'keepNumber';

    public const ARGUMENTS = '{ name: string; code: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $name = $given->text('name');

        return new ReviseStylebook($stylebook->numbering($name, $given->text('code')), "Number format \"$name\" kept", false);
    }
}
