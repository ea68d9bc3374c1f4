<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** A mark beside a value. */
final readonly class WindowMark
{
    /** @param  string  $shape  the name of its shape, one of those that come with the types */
    public function __construct(public string $shape, public string $colour)
    {
    }
}
