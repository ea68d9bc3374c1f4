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

/** How figures of one kind of column are shown. */
final readonly class NumberRule implements WiredRevision
{
    public const NAME = 'rule';

    public const ARGUMENTS = '{ kind: string; rule: Record<string, unknown> }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $kind = $given->kind() ?? throw ActIsWrong::argument('kind', 'a column kind');

        return new ReviseStylebook($stylebook->ruling($kind, $given->map('rule')), "Number rule of {$kind->value} columns", true);
    }
}
