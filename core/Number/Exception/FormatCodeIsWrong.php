<?php

declare(strict_types=1);

namespace Rilvet\Number\Exception;

use Rilvet\Refusal;

final class FormatCodeIsWrong extends Refusal
{
    public static function at(string $code, int $position, string $why): self
    {
        return new self(sprintf('The number format "%s" is wrong at character %d: %s.', mb_strimwidth($code, 0, 60, '…'), $position, $why));
    }

    public static function choice(string $name): self
    {
        return new self("\"$name\" says nothing that a number format can be made of.");
    }

    public static function tooLong(int $length): self
    {
        return new self("A number format takes 255 characters; this one has $length.");
    }
}
