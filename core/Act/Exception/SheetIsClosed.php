<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class SheetIsClosed extends Refusal
{
    public static function last(): self
    {
        return new self('A workbook shows one sheet at least. Show another one first.');
    }

    public static function protected(string $name): self
    {
        return new self("The sheet \"$name\" is protected, so its looks stay as they are. Nothing was changed.");
    }
}
