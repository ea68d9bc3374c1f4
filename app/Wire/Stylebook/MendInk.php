<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Colour\Colour;
use Rilvet\Stylebook\InkPair;
use Rilvet\Stylebook\InkPairs;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Sets an ink that can hardly be read on its fill to the nearest one that can. */
final readonly class MendInk implements WiredRevision
{
    public const NAME = 'mendInk';

    public const ARGUMENTS = '{ ink: string; fill: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$ink, $fill] = [Colour::hex($given->text('ink'))->toHex(), Colour::hex($given->text('fill'))->toHex()];
        $found = array_filter(
            InkPairs::of($stylebook),
            fn (InkPair $pair) => $pair->ink->toHex() === $ink && $pair->fill->toHex() === $fill,
        );
        $pair = reset($found) ?: throw ActIsWrong::argument('ink', 'an ink and a fill that the stylebook brings together');

        return new ReviseStylebook(InkPairs::mended($stylebook, $pair), "Ink $ink mended on $fill", false);
    }
}
