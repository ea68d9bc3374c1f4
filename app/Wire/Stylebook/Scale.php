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

/** Sets the size of the ground; sizes of parts and looks go along in proportion. */
final readonly class Scale implements WiredRevision
{
    public const NAME = 'scale';

    public const ARGUMENTS = '{ size: number }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $size = $given->number('size', 4, 96);

        return new ReviseStylebook(Edit::scale($stylebook, $size), "Type sizes from $size pt", true);
    }
}
