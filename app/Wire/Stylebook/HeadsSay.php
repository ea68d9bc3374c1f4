<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Lets headings say below their names what their columns are, as a display; null for nothing. */
final readonly class HeadsSay implements WiredRevision
{
    public const NAME = 'headsSay';

    public const ARGUMENTS = "{ part: 'entry_cell' | 'choice_cell' | 'formula_cell'; says: string | null }";

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $part = $given->part();
        $part->isOfCells() || throw ActIsWrong::argument('part', 'entry_cell, choice_cell or formula_cell');
        $says = trim($given->textOrNull('says') ?? '');
        $revised = Edit::put($stylebook, ['heads', $part->value], $says === '' ? null : $says);

        return new ReviseStylebook($revised, $says === '' ? 'Headings say nothing below their names' : "Headings say \"$says\"", true);
    }
}
