<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

/** What a person said of single cells. */
final readonly class HandTouches extends LookLayer
{
    public static function name(): string
    {
        return 'hand';
    }
}
