<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Number\FormatClass;

/** A number format code as the rule of a column kind that gives it. */
final class NumberRule
{
    /** The figures of a code without the sign of a currency, and without what it says of negative figures. */
    public static function figures(string $code): string
    {
        if (FormatClass::of($code)->isTemporal()) {
            return $code;
        }
        $first = explode(';', $code)[0];

        return trim((string) preg_replace(['/"[^"]*"/', '/\[\$[^\]]*\]/', '/\p{Sc}/u', '/\* /', '/_\)/', '/\\\\./'], '', $first));
    }

    /** Negative figures in brackets, for which others leave room (18.8.31); an ods leaves it as a space. */
    public static function isAccounting(string $code): bool
    {
        $sections = explode(';', $code);

        $leavesRoom = str_contains($sections[0], '_)') || str_ends_with($sections[0], ' ');

        return count($sections) > 1 && $leavesRoom && preg_match('/\(.*\)/', $sections[1]) === 1;
    }

    /** With "{places}" where decimal places stand. */
    public static function pattern(string $figures): string
    {
        return self::isPlain($figures) ? (string) preg_replace('/0(?:\.0+)?(%?)$/', '0{places}$1', $figures) : $figures;
    }

    /** Decimal places of figures. */
    public static function places(string $figures): int
    {
        return preg_match('/\.(0+)%?$/', $figures, $found) === 1 ? strlen($found[1]) : 0;
    }

    /** Figures that a rule can fill: grouped or not, with places, as they are or in percent. */
    public static function isPlain(string $figures): bool
    {
        return preg_match('/^(?:#,##)?0(?:\.0+)?%?$/', $figures) === 1;
    }
}
