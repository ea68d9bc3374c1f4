<?php

declare(strict_types=1);

namespace Rilvet\Stylebook\Exception;

use Rilvet\Refusal;

final class StylebookIsWrong extends Refusal
{
    public static function because(string $where, string $why): self
    {
        return new self("The stylebook is wrong at \"$where\": $why");
    }

    public static function unknown(string $name): self
    {
        return new self('There is no stylebook "'.mb_strimwidth($name, 0, 60, '…').'".');
    }

    public static function taken(string $name): self
    {
        return self::because('name', "a stylebook \"$name\" stands on the shelf already. Give it another name.");
    }
}
