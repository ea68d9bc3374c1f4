<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Look\Attribute;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Draws a line around whole tables; null for none. */
final readonly class Frame implements WiredRevision
{
    public const NAME = 'frame';

    public const ARGUMENTS = '{ edge: string | null }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $edge = $given->textOrNull('edge');
        $named = $edge === null ? null : Edit::named($stylebook->palette, Attribute::Top->value, $edge);

        return new ReviseStylebook(
            Edit::put($stylebook, ['frame'], $named), $edge === null ? 'No line around tables' : 'A line around tables', false,
        );
    }
}
