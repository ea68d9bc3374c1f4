<?php

declare(strict_types=1);

namespace Rilvet\Number;

/** One piece of a format code's section. */
final readonly class Token
{
    /** @param  string  $kind literal, digit, point, comma, percent, exponent, slash, text, pad, fill, date, general */
    public function __construct(public string $kind, public string $text)
    {
    }
}
