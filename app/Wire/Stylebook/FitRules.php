<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Rules of fitting, and how dressed sheets open. */
final readonly class FitRules implements WiredRevision
{
    public const NAME = 'fit';

    public const ARGUMENTS = '{ fit: Record<string, unknown>; opens: Record<string, unknown> }';

    private const FIT = ['least', 'greatest', 'air', 'rowAir', 'headingAir', 'titleAir', 'rowLeast'];

    private const OPENS = ['gridlines', 'freeze', 'zoom'];

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $fit = array_intersect_key($given->map('fit'), array_flip(self::FIT));
        $opens = array_intersect_key($given->map('opens'), array_flip(self::OPENS));

        return new ReviseStylebook($stylebook->fitting($fit, $opens), 'Rules of fitting and opening', true);
    }
}
