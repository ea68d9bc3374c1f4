<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class CellIsWrong extends Refusal
{
    public static function tooMany(int $count, int $most): self
    {
        return new self(sprintf('%s filled cells are too many for one act on data; at most %s can be changed at once. Nothing was changed.', number_format($count), number_format($most)));
    }

    public static function outside(int $rows, int $columns): self
    {
        return new self(sprintf('%s rows by %s columns do not fit there: the sheet ends before. Nothing was pasted.', number_format($rows), number_format($columns)));
    }

    public static function tooLong(string $address, int $length): self
    {
        return new self(sprintf('A cell takes at most 32,767 characters; for %s there are %s.', $address, number_format($length)));
    }
}
