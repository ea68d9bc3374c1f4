<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class NoSuchLook extends Refusal
{
    public static function named(string $name, string $sheet): self
    {
        return new self("The stylebook of \"$sheet\" has no look named \"".mb_strimwidth($name, 0, 60, '…').'". Dress the sheet in a stylebook that has it.');
    }

    public static function taken(string $name): self
    {
        return new self('A look named "'.mb_strimwidth($name, 0, 60, '…').'" is in this stylebook already. Choose another name.');
    }

    public static function noStylebook(): self
    {
        return new self('Named looks travel in a stylebook, and this sheet wears none. Dress it first.');
    }
}
