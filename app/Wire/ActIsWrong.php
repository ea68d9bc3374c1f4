<?php

declare(strict_types=1);

namespace App\Wire;

use Rilvet\Refusal;

final class ActIsWrong extends Refusal
{
    public static function named(string $name): self
    {
        return new self('There is no act "'.mb_strimwidth($name, 0, 40, '…').'".');
    }

    public static function argument(string $name, string $expected): self
    {
        return new self("\"$name\" must be $expected.");
    }

    public static function onSpecimen(): self
    {
        return new self('A specimen is there to show its stylebook: rules are set here, and no cells of their own.');
    }
}
