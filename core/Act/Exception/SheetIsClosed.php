<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class SheetIsClosed extends Refusal
{
    private const WAY = 'Protection is lifted in the menu of the sheet.';

    public static function last(): self
    {
        return new self('A workbook shows one sheet at least. Show another one first.');
    }

    /** @param  string  $what  that is not allowed: "dress cells" */
    public static function protected(string $name, string $what): self
    {
        return new self("The sheet \"$name\" is protected, and does not allow to $what. Nothing was changed. ".self::WAY);
    }

    public static function byPassword(string $name): self
    {
        return new self("The sheet \"$name\" is protected by a password, and stays so. ".self::WAY);
    }

    public static function locked(string $name, string $cell): self
    {
        return new self("$cell is locked, and the sheet \"$name\" is protected. Nothing was changed. ".self::WAY);
    }

    public static function order(): self
    {
        return new self('The order of the sheets is protected: they are not moved, renamed, hidden, added or taken out. '.self::WAY);
    }
}
