<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class NameIsWrong extends Refusal
{
    public static function workbook(): self
    {
        return new self('A workbook\'s name has 1 to 120 characters and no control characters.');
    }
}
