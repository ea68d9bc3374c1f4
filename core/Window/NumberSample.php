<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** One way that a number could read. */
final readonly class NumberSample
{
    /** @param  string  $name  of a purpose, a pattern or a kept format */
    public function __construct(public string $name, public string $words, public string $code, public string $shown)
    {
    }
}
