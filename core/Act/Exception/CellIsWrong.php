<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class CellIsWrong extends Refusal
{
    public static function tooLong(string $address, int $length): self
    {
        return new self(sprintf('A cell takes at most 32,767 characters; for %s there are %s.', $address, number_format($length)));
    }
}
