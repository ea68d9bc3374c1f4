<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class MergeIsWrong extends Refusal
{
    /** @var list<string> the texts that would be hidden, where a choice is wanted */
    public array $hidden = [];

    public static function single(): self
    {
        return new self('A single cell cannot be merged. Choose two or more.');
    }

    public static function overlap(string $range, string $other): self
    {
        return new self("$range overlaps the merged cells $other. Split those first.");
    }

    public static function frozen(string $range): self
    {
        return new self(
            "$range lies across the edge of the frozen rows or columns, and would be cut there. Span it, or move the frozen edge.",
        );
    }

    public static function table(string $range, string $table): self
    {
        return new self("$range reaches over the border of the table $table. Merge inside it or outside it.");
    }

    public static function large(): self
    {
        return new self('At most 10,000 cells can be merged to one.');
    }

    /** @param  non-empty-list<string>  $texts */
    public static function hides(array $texts): self
    {
        $count = count($texts);
        $refusal = new self($count === 1 ? 'Merging would hide 1 value.' : "Merging would hide $count values.");
        $refusal->hidden = array_map(fn (string $text) => mb_strimwidth($text, 0, 60, '…'), array_slice($texts, 0, 8));

        return $refusal;
    }
}
