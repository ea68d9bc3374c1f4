<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

/** An error value (ISO/IEC 29500-1 18.17.3). */
final readonly class Fault
{
    public const CODES = ['#NULL!', '#DIV/0!', '#VALUE!', '#REF!', '#NAME?', '#NUM!', '#N/A', '#GETTING_DATA'];

    private function __construct(public string $code)
    {
    }

    public static function of(string $code): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$code] ??= new self($code);
    }

    public static function value(): self
    {
        return self::of('#VALUE!');
    }

    public static function number(): self
    {
        return self::of('#NUM!');
    }

    public static function notFound(): self
    {
        return self::of('#N/A');
    }
}
