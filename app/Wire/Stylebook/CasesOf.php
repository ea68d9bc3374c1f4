<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\LetterCase;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Lets headings or column groups be shown in capitals or sentence case, as a display; null as they are written. */
final readonly class CasesOf implements WiredRevision
{
    public const NAME = 'casesOf';

    public const ARGUMENTS = "{ part: 'heading' | 'column_group'; to: 'capitals' | 'sentence' | null }";

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $part = $given->part();
        in_array($part, [Part::Heading, Part::ColumnGroup], true) || throw ActIsWrong::argument('part', 'heading or column_group');
        $to = $given->textOrNull('to');
        $case = $to === null ? null : LetterCase::tryFrom($to) ?? throw ActIsWrong::argument('to', 'capitals, sentence or nothing');
        $revised = Edit::put($stylebook, ['cases', $part->value], $case?->value);

        return new ReviseStylebook($revised, $part->words().' shown '.($case?->words() ?? 'as they are written'), true);
    }
}
