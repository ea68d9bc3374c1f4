<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class NameIsWrong extends Refusal
{
    public static function selection(string $name): self
    {
        return new self(
            '"'.
                mb_strimwidth($name, 0, 40, '…').
                '" is no cell, no range and no name that can be given. A name begins with a letter and goes on with letters, figures, _ '
                .'or points.',
        );
    }

    public static function address(string $name): self
    {
        return new self("\"$name\" reads like a cell, so it cannot be a name.");
    }

    public static function taken(string $name): self
    {
        return new self("The name \"$name\" is taken in this workbook.");
    }

    public static function sheet(int $longest): self
    {
        return new self("The name of a sheet has 1 to $longest characters, none of [ ] : * ? / \\\\ and no apostrophe at its ends.");
    }

    public static function sheetTaken(string $name): self
    {
        return new self("A sheet \"$name\" is in this workbook already.");
    }

    public static function workbook(): self
    {
        return new self('A workbook\'s name has 1 to 120 characters and no control characters.');
    }
}
