<?php

declare(strict_types=1);

namespace Rilvet\Condition\Exception;

use Rilvet\Refusal;

final class ConditionIsWrong extends Refusal
{
    public static function because(string $where, string $why): self
    {
        return new self($where === '' ? ucfirst($why) : "A conditional look is wrong at \"$where\": $why");
    }

    public static function formula(string $why): self
    {
        return new self("The formula of this condition cannot be used. $why");
    }

    public static function noSuch(string $id): self
    {
        return new self("There is no conditional look \"$id\" on this sheet any more.");
    }

    public static function tooMany(int $most): self
    {
        return new self('A sheet can have at most '.number_format($most).' conditional looks.');
    }

    public static function lost(): self
    {
        return self::formula('It names a cell that is not there.');
    }
}
