<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

/** Named looks that were laid over cells, by their place in {@see WornNames}, from 1. */
final readonly class NamedLooks extends LookLayer
{
    public static function name(): string
    {
        return 'named';
    }
}
