<?php

declare(strict_types=1);

namespace Rilvet\Condition\Exception;

use Rilvet\Refusal;

/** Of conditional looks and of checks on entry alike. */
final class WhereIsWrong extends Refusal
{
    public static function because(string $where, string $why): self
    {
        return new self("It is wrong where it is to hold, at \"$where\": $why");
    }
}
