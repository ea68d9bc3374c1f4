<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Deletes a named number format. */
final readonly class DropNumber implements WiredRevision
{
    public const NAME = 'dropNumber';

    public const ARGUMENTS = '{ name: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $name = $given->text('name');

        return new ReviseStylebook($stylebook->numbering($name, null), "Number format \"$name\" deleted", false);
    }
}
