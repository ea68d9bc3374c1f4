<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Says how rows or columns of the body take turns in their fills; null for none. */
final readonly class StripeRule implements WiredRevision
{
    public const NAME = 'stripes';

    public const ARGUMENTS = '{ stripes: Record<string, unknown> | null }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $stripes = $given->mapOrNull('stripes');
        $palette = $stylebook->palette;
        $said = $stripes === null
            ? null
            : Stripes::of(array_filter($stripes, fn (mixed $value) => $value !== null), $palette)->said($palette);

        return new ReviseStylebook(Edit::put($stylebook, ['stripes'], $said), $said === null ? 'No stripes' : 'Stripes', false);
    }
}
