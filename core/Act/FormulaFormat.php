<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Address;
use Rilvet\Number\FormatClass;

/**
 * The number format that the result of a typed formula wants, by what it looks at: a later date less an earlier one is a
 * count of days, 17:00 less 8:00 is nine hours, money times a count is money. Only plain cases are told; all else is left.
 */
final class FormulaFormat
{
    private const REFERENCE = '(?<![A-Za-z0-9_.!\'$])\$?(?<column>[A-Z]{1,3})\$?(?<row>[1-9]\d{0,6})(?![\w(.!])';

    /**
     * @param  string  $formula  without the "="
     * @param  callable(int, int): string  $code  the format code in force at a row and column
     * @return string|null null where the result is best left as it is
     */
    public static function of(string $formula, callable $code): ?string
    {
        if (
            preg_match('/^(TODAY|DATE|EDATE|EOMONTH|DATEVALUE|NOW|TIME|TIMEVALUE)\(/i', $formula, $found) === 1 &&
            self::isOneCall($formula)
        ) {
            return match (strtoupper($found[1])) {
                'NOW' => 'yyyy-mm-dd hh:mm',
                'TIME', 'TIMEVALUE' => 'hh:mm',
                default => 'yyyy-mm-dd',
            };
        }
        $bare = (string) preg_replace('/"[^"]*"/', '', $formula);
        if (preg_match_all('/'.self::REFERENCE.'/', $bare, $references, PREG_SET_ORDER) < 1) {
            return null;
        }
        $codes = array_map(
            fn (array $reference) => $code((int) $reference['row'], Address::parse($reference['column'].'1')->column),
            $references,
        );
        $classes = array_map(FormatClass::of(...), $codes);
        if (preg_match('/^(SUM|AVERAGE|MIN|MAX|MEDIAN|SUBTOTAL|ROUND|ABS)\(/i', $bare, $found) === 1 && self::isOneCall($bare)) {
            return self::ofCall(strtoupper($found[1]), $codes, $classes);
        }
        if (preg_match('/^[^(]*$/', $bare) !== 1 || str_contains($bare, '&') || preg_match('/[<>=]/', $bare) === 1) {
            return null;
        }

        return self::ofSum($bare, $codes, $classes);
    }

    /**
     * @param  list<string>  $codes
     * @param  list<FormatClass>  $classes
     */
    private static function ofCall(string $function, array $codes, array $classes): ?string
    {
        $first = $classes[0] ?? FormatClass::General;
        if (count(array_unique(array_column($classes, 'value'))) > 1) {
            return null;
        }

        return match (true) {
            $first === FormatClass::Currency, $first === FormatClass::Percent, $first === FormatClass::Duration => $codes[0],
            $first === FormatClass::Time => $function === 'SUM' ? '[h]:mm' : $codes[0],
            $first->isTemporal() => in_array($function, ['MIN', 'MAX', 'MEDIAN', 'AVERAGE'], true) ? $codes[0] : null,
            default => null,
        };
    }

    /**
     * Cells joined by + - * and /.
     *
     * @param  list<string>  $codes
     * @param  list<FormatClass>  $classes
     */
    private static function ofSum(string $bare, array $codes, array $classes): ?string
    {
        $is = fn (FormatClass ...$all) => array_filter($classes, fn (FormatClass $class) => in_array($class, $all, true));
        $isSum = preg_match('#[*/^]#', $bare) !== 1;
        $days = $is(FormatClass::Date, FormatClass::DateTime);
        $times = $is(FormatClass::Time, FormatClass::Duration);
        $money = $is(FormatClass::Currency);
        if ($isSum && count($days) === 2 && count($classes) === 2 && str_contains($bare, '-')) {
            return $is(FormatClass::DateTime) === [] ? '0' : '[h]:mm';
        }
        if ($isSum && count($days) === 1) {
            return $codes[array_key_first($days)];
        }
        if ($isSum && $times !== [] && count($times) === count($classes)) {
            return '[h]:mm';
        }
        if ($money === [] || count(array_unique(array_map(FormatClass::currency(...), array_intersect_key($codes, $money)))) > 1) {
            return null;
        }

        // Money added to money, or taken times or by a plain number; one price by another is none.
        return $isSum
            ? (count($money) === count($classes)
                ? $codes[array_key_first($money)]
                : null)
            : (count($money) === 1
                ? $codes[array_key_first($money)]
                : null);
    }

    /** Whether the bracket that the function opens is closed at the very end. */
    private static function isOneCall(string $formula): bool
    {
        $depth = 0;
        foreach (str_split($formula) as $at => $char) {
            $depth += $char === '(' ? 1
                : ($char === ')' ? -1 : 0);
            if ($char === ')' && $depth === 0) {
                return $at === strlen($formula) - 1;
            }
        }

        return false;
    }
}
