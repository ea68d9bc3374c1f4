<?php

declare(strict_types=1);

namespace Rilvet\Look\Exception;

use Rilvet\Refusal;

final class LookIsWrong extends Refusal
{
    public static function attribute(int|string $name): self
    {
        return new self('"'.mb_strimwidth((string) $name, 0, 30, '…').'" is nothing that a look can say.');
    }

    public static function value(string $name, string $expected): self
    {
        return new self("The look's $name must be $expected.");
    }

    public static function line(string $name): self
    {
        return new self('"'.mb_strimwidth((string) $name, 0, 30, '…').'" is no kind of line.');
    }
}
