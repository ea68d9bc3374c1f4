<?php

declare(strict_types=1);

namespace Rilvet\Summary;

use Rilvet\Refusal;

/** A summary that cannot be made. */
final class SummaryIsWrong extends Refusal
{
    public static function says(string $what): self
    {
        return new self("This summary cannot be made: $what.");
    }

    public static function noTable(): self
    {
        return new self('No table with rows was read there that a summary could be made of. Correct the reading first.');
    }

    public static function noColumn(string $heading): self
    {
        return new self("There is no column \"$heading\" in the table that is summed up.");
    }

    public static function tooMany(int $groups, int $limit, string $heading, bool $across): self
    {
        return new self("\"$heading\" has ".number_format($groups).' different values'.($across ? ' to stand side by side' : '').', and '
            .number_format($limit).' is the most. Group it by month, quarter, year or bands, or choose another column.');
    }

    public static function noSummary(string $sheet): self
    {
        return new self("\"$sheet\" is no summary.");
    }

    public static function sourceGone(): self
    {
        return new self('The sheet that is summed up is not there any more, or has no table with these columns. The '
            .'summary keeps its figures.');
    }
}
