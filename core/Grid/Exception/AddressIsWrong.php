<?php

declare(strict_types=1);

namespace Rilvet\Grid\Exception;

use Rilvet\Refusal;

final class AddressIsWrong extends Refusal
{
    public static function pieces(int $most): self
    {
        return new self(
            'The selection comes apart into more than '.
                number_format($most).
                ' ranges. Choose whole rows or whole columns, or fewer of them.',
        );
    }

    public static function text(string $text): self
    {
        return new self('"'.mb_strimwidth($text, 0, 40, '…').'" is no cell or range. Write B4, B4:F20, C:D or 2:7.');
    }

    public static function outside(int $row, int $column): self
    {
        return new self("Row $row, column $column lies outside a worksheet, which ends at row 1,048,576 and column 16,384.");
    }
}
