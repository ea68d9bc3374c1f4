<?php

declare(strict_types=1);

namespace Rilvet\Measure\Exception;

use Rilvet\Refusal;

final class SizeIsWrong extends Refusal
{
    public static function text(string $text): self
    {
        return new self(
            '"'.mb_strimwidth($text, 0, 40, '…').'" is no size. Write a number with px, pt, mm, cm, in or, for widths, characters.',
        );
    }

    public static function width(string $text, int $most): self
    {
        return new self(
            'A column is 1 to '.
                number_format($most).
                ' px wide, 255 characters at most; "'.
                mb_strimwidth($text, 0, 40, '…').
                '" is not. Hide it to see nothing of it.',
        );
    }

    public static function height(string $text, int $most): self
    {
        return new self(
            'A row is 1 to '.
                number_format($most).
                ' px high, 409.5 pt at most; "'.
                mb_strimwidth($text, 0, 40, '…').
                '" is not. Hide it to see nothing of it.',
        );
    }

    public static function tooMany(bool $columns, int $most): self
    {
        return new self('At most '.number_format($most).($columns ? ' columns' : ' rows').' can be sized at once.');
    }

    public static function allHidden(bool $columns): self
    {
        return new self('One of the filled '.($columns ? 'columns' : 'rows').' has to stay in sight.');
    }

    public static function share(int $total, int $least): self
    {
        return new self(
            'The longest words of the columns need '.
                number_format($least).
                ' px, and '.
                number_format($total).
                ' px are to be shared. Give more, or hide a column.',
        );
    }

    public static function frozen(): self
    {
        return new self('The frozen rows and columns have to leave room on the screen: at most 200 rows and 50 columns, inside the sheet.');
    }

    public static function firstCell(): self
    {
        return new self('The first cell that is shown has to be one of the sheet: row 1 to 1,048,576, column A to XFD.');
    }

    public static function noHeading(string $heading): self
    {
        return new self('No column headed "'.mb_strimwidth($heading, 0, 60, '…').'" is on these sheets.');
    }

    public static function zoom(): self
    {
        return new self('The zoom is 10 to 400 percent.');
    }
}
