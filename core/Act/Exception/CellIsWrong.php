<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class CellIsWrong extends Refusal
{
    public static function tooMany(int $count, int $most): self
    {
        return new self(
            sprintf(
                '%s filled cells are too many for one act on data; at most %s can be changed at once. Nothing was changed.',
                number_format($count),
                number_format($most),
            ),
        );
    }

    public static function outside(int $rows, int $columns): self
    {
        return new self(
            sprintf(
                '%s rows by %s columns do not fit there: the sheet ends before. Nothing was pasted.',
                number_format($rows),
                number_format($columns),
            ),
        );
    }

    public static function formula(string $address, string $formula, int $place): self
    {
        $length = mb_strlen($formula);

        return new self(
            $place >= $length
                ? "The formula for $address ends too early: something is missing after \"=".
                    mb_strimwidth($formula, max(0, $length - 12), 12).
                    '".'
                : "The formula for $address cannot be read at \"".
                    mb_strimwidth(mb_substr($formula, $place), 0, 12, '…').
                    '", character '.
                    ($place + 2).
                    '. Nothing was changed.',
        );
    }

    public static function tooLong(string $address, int $length): self
    {
        return new self(sprintf('A cell takes at most 32,767 characters; for %s there are %s.', $address, number_format($length)));
    }
}
