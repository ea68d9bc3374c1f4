<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\Settle;
use Rilvet\Look\LookWords;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Says of a part, or of a column kind where one is given, what its cells wear. */
final readonly class Say implements WiredRevision
{
    public const NAME = 'say';

    public const ARGUMENTS = '{ part: string; kind: string | null; look: GivenLook }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$part, $kind, $look] = [$given->part(), $given->kind(), $given->lookGiven()];
        foreach ($look->toArray() as $attribute => $value) {
            $stylebook = Edit::put(
                $stylebook, $kind === null ? ['parts', $part->value, $attribute] : ['kinds', $kind->value, $attribute],
                Edit::named($stylebook->palette, $attribute, $value),
            );
        }
        $of = mb_strtolower($kind === null ? $part->words() : $kind->ofMany());

        return new ReviseStylebook($stylebook, LookWords::of($look).", $of", Settle::depends($look));
    }
}
