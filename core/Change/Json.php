<?php

declare(strict_types=1);

namespace Rilvet\Change;

/** What is stored, as JSON in which a number that was written with decimals keeps them. */
final class Json
{
    private const DEPTH = 64;

    public static function of(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    public static function read(string $json): mixed
    {
        return json_decode($json, true, self::DEPTH, JSON_THROW_ON_ERROR);
    }
}
