<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** One width for the columns of a heading, or the width that they want. */
final readonly class WidthOfHeading implements WiredRevision
{
    public const NAME = 'widthUnder';

    public const ARGUMENTS = "{ axis: 'columns'; heading: string; size?: string | null }";

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$heading, $size] = [$given->text('heading'), $given->size()];
        $words = $size === null ? "Columns headed \"$heading\" follow what they hold" : "Width $size px, columns headed \"$heading\"";

        return new ReviseStylebook($stylebook->widening($heading, $size), $words, true);
    }
}
