<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Colour\Colour;
use Rilvet\Stylebook\ColourFamily;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Gives headings, data and totals the colours of one family, wherever the stylebook is worn. */
final readonly class FamilyEverywhere implements WiredRevision
{
    public const NAME = 'family';

    public const ARGUMENTS = '{ hex: string }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $hex = $given->text('hex');

        return new ReviseStylebook(ColourFamily::of(Colour::hex($hex))->on($stylebook), "Colour family of $hex", false);
    }
}
