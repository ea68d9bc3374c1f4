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

/** Says what all cells of a sheet wear, in tables and beside them. */
final readonly class Ground implements WiredRevision
{
    public const NAME = 'ground';

    public const ARGUMENTS = '{ look: GivenLook }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $look = $given->lookGiven();
        foreach ($look->toArray() as $attribute => $value) {
            $stylebook = Edit::put($stylebook, ['ground', $attribute], Edit::named($stylebook->palette, $attribute, $value));
        }

        return new ReviseStylebook($stylebook, LookWords::of($look).', ground', Settle::depends($look));
    }
}
