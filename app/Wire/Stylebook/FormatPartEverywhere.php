<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\Settle;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookWords;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\PartRule;
use Rilvet\Work\Worksheet;

/** Gives a look to a part or kind wherever the stylebook is worn. */
final readonly class FormatPartEverywhere implements WiredRevision
{
    public const NAME = 'format';

    public const ARGUMENTS = 'OnCells & { look: GivenLook; part: string; kind: string | null; over?: Over }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $target = self::target($given);
        $words = LookWords::of($target->look).', '.mb_strtolower($target->part->words());

        return new ReviseStylebook($stylebook->saying($target->part, $target->kind, $target->look), $words, Settle::depends($target->look));
    }

    /** The part that the look is given to. */
    public static function target(Arguments $given): PartRule
    {
        $look = $given->lookGiven();
        $part = $given->part();
        // In body cells of one kind, numbers and placement belong to the kind; all else is the part's.
        $isKinds = $part === Part::Body && $look->without(Attribute::Number, Attribute::Horizontal)->isEmpty();

        return new PartRule($part, $isKinds ? $given->kind() : null, $look);
    }
}
