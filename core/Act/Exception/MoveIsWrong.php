<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class MoveIsWrong extends Refusal
{
    public static function count(int $most): self
    {
        return new self('Between 1 and '.number_format($most).' rows or columns can be put in or taken out at once, inside the sheet.');
    }

    public static function full(int $limit, bool $rows): self
    {
        return new self('The sheet would grow beyond '.number_format($limit).($rows ? ' rows.' : ' columns.'));
    }
}
