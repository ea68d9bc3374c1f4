<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Cell;
use Rilvet\Intake\DateText;
use Rilvet\Intake\NumberText;
use Rilvet\Number\FormatClass;
use Rilvet\Number\SerialDate;

/**
 * What a text that was typed into a cell means there: by the format of the cell, the order of days and months, and the decimal sign
 * around it.
 */
final readonly class TypedValue
{
    /**
     * @param  string|null  $format  a number format that the cell needs so that the value is seen as what it is
     * @param  string|null  $as  what it was read as, in a word, where that is more than a plain number or text
     */
    private function __construct(public Cell $cell, public ?string $format = null, public ?string $as = null)
    {
    }

    /**
     * @param  string  $code  number format of the cell
     * @param  string  $order  "dmy" or "mdy", where a date leaves it open
     * @param  string  $decimal  "." or ","
     */
    public static function of(string $text, string $code, string $order, string $decimal, bool $from1904): self
    {
        $class = FormatClass::of($code);
        if (str_starts_with($text, "'")) {
            return new self(Cell::of(substr($text, 1)));
        }
        if ($class === FormatClass::Text) {
            return new self(Cell::of($text));
        }
        $trimmed = trim($text);
        $upper = strtoupper($trimmed);
        if ($upper === 'TRUE' || $upper === 'FALSE') {
            return new self(Cell::of($upper === 'TRUE'), null, 'yes or no');
        }
        // Leading zeros and long digits are codes, typed by hand or not.
        if (preg_match('/^0\d+$|^\d{16,}$/', $trimmed) === 1) {
            return new self(Cell::of($text));
        }
        $number = NumberText::parse($trimmed, $decimal);
        if ($number !== null) {
            return self::number($trimmed, $number, $class, $decimal);
        }
        $time = DateText::time($trimmed);
        if ($time !== null) {
            return new self(
                Cell::of($time),
                $class->isTemporal() ? null
                    : ($time >= 1 ? '[h]:mm'
                    : (substr_count($trimmed, ':') > 1 ? 'hh:mm:ss' : 'hh:mm')),
                $time >= 1 ? 'a duration' : 'a time',
            );
        }
        $day = DateText::parse($trimmed, $order);
        if ($day === null) {
            return new self(Cell::of($text));
        }
        $hasTime = $day !== (int) $day && str_contains($trimmed, ':');

        return new self(
            Cell::of($from1904 ? $day - SerialDate::BETWEEN : $day),
            $class->isTemporal() ? null
                : 'yyyy-mm-dd'.($hasTime ? ' hh:mm' : ''),
            'a date',
        );
    }

    private static function number(string $text, int|float $number, FormatClass $class, string $decimal): self
    {
        $places =
            preg_match('/'.preg_quote($decimal, '/').'(\d+)/', $text, $found) === 1
                ? '.'.str_repeat('0', min(10, strlen($found[1])))
                : '';
        if (str_contains($text, '%')) {
            return new self(Cell::of($number), $class === FormatClass::Percent ? null : "0$places%", 'a percentage');
        }
        if ($class === FormatClass::Percent) {
            return new self(Cell::of($number / 100), null, 'a percentage');
        }
        if (preg_match('/^[+\-(]?\s*(\p{Sc})|(\p{Sc})\s*\)?$/u', $text, $sign) === 1) {
            $code = '#,##0'.($places === '' ? '' : '.00');

            return new self(
                Cell::of($number),
                $class === FormatClass::General
                    ? ($sign[1] !== '' ? "\"$sign[1]\"$code" : "$code \"$sign[2]\"")
                    : null,
                'an amount',
            );
        }
        $isGrouped = preg_match('/\d'.($decimal === '.' ? ',' : '[.\x{A0}\x{202F} ]').'\d{3}/u', $text) === 1;

        return new self(Cell::of($number), $isGrouped && $class === FormatClass::General ? "#,##0$places" : null);
    }
}
