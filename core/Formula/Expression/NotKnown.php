<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

use RuntimeException;

/** A formula of a condition that is kept as it is, but not evaluated here; the message says why. */
final class NotKnown extends RuntimeException
{
    public static function name(string $name): self
    {
        return new self("It calls $name, which is not evaluated here.");
    }

    public static function because(string $why): self
    {
        return new self($why);
    }

    public static function unreadable(string $formula, int $at): self
    {
        $near = mb_strimwidth(substr($formula, $at), 0, 24, '…');

        return new self($near === '' ? 'The formula ends too early.' : "The formula cannot be read at \"$near\".");
    }
}
