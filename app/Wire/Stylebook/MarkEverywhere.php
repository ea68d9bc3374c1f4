<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Lets the look of entry, choice or formula cells be seen wherever the stylebook is worn, or not. */
final readonly class MarkEverywhere implements WiredRevision
{
    public const NAME = 'mark';

    public const ARGUMENTS = "{ part: 'entry_cell' | 'choice_cell' | 'formula_cell'; on: boolean }";

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $part = $given->part();
        $part->isOfCells() || throw ActIsWrong::argument('part', 'entry_cell, choice_cell or formula_cell');
        $is = $given->flag('on');

        return new ReviseStylebook($stylebook->marking($part, $is), $part->words().($is ? ' marked' : ' no longer marked'), true);
    }
}
