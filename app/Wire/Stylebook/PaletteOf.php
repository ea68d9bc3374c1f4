<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Colour\Colour;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\PaletteFrom;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Makes the whole palette from one colour. */
final readonly class PaletteOf implements WiredRevision
{
    public const NAME = 'palette';

    public const ARGUMENTS = '{ hex: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $hex = $given->text('hex');
        $palette = PaletteFrom::of($stylebook->palette, Colour::hex($hex));

        return new ReviseStylebook(Edit::put($stylebook, ['palette'], $palette), "Palette of $hex", false);
    }
}
