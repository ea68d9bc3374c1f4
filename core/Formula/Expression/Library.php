<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

use Closure;

/** The functions that conditions are evaluated with (ISO/IEC 29500-1 18.17.7), by their names. */
final class Library
{
    /** Functions of one value, which go over a grid cell by cell. */
    public const EACH = [
        'N', 'T', 'ABS', 'INT', 'SIGN', 'LEN', 'UPPER', 'LOWER', 'TRIM', 'ISBLANK', 'ISNUMBER', 'ISTEXT', 'ISNONTEXT', 'ISLOGICAL',
        'ISERROR',
        'ISERR', 'ISNA', 'NOT', 'YEAR', 'MONTH', 'DAY', 'WEEKDAY', 'VALUE',
    ];

    /** Those that are asked for most often stand first. */
    private const FAMILIES = [Functions\Logic::class, Functions\Figures::class, Functions\Maths::class, Functions\Places::class,
        Functions\Dates::class, Functions\Texts::class];

    /** Functions that depend on the cell they stand in, or on the day. */
    private const MOVING = ['ROW', 'COLUMN'];

    /**
     * @param  list<Node>  $arguments
     * @param  string  $text  as it is written
     */
    public static function call(string $name, array $arguments, string $text = ''): Node
    {
        $name = (string) preg_replace('/^(?:_XLFN\.|_XLWS\.)+/', '', $name);
        [$least, $most, $does] = self::named($name) ?? throw NotKnown::name($name);
        if (count($arguments) < $least || count($arguments) > $most) {
            throw NotKnown::because("$name takes other arguments.");
        }

        return new Call($name, $does, $arguments, ! (in_array($name, self::MOVING, true) && $arguments === []), $text);
    }

    /** @return array<string, array{int, int, Closure}> fewest and most arguments, and what it does */
    public static function all(): array
    {
        return array_merge(...array_map(self::of(...), self::FAMILIES));
    }

    /** @return array{int, int, Closure}|null */
    private static function named(string $name): ?array
    {
        foreach (self::FAMILIES as $family) {
            $found = self::of($family)[$name] ?? null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /**
     * @param  value-of<self::FAMILIES>  $family
     * @return array<string, array{int, int, Closure}>
     */
    private static function of(string $family): array
    {
        /** @var array<string, array<string, array{int, int, Closure}>> $made  most formulas need one or two of them */
        static $made = [];

        return $made[$family] ??= $family::all();
    }
}
