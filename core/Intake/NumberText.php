<?php

declare(strict_types=1);

namespace Rilvet\Intake;

/** A number as people write it: signs, parentheses, currency, percent, separators of thousands. */
final class NumberText
{
    /**
     * @param  string  $decimal  the column's decimal sign, "." or ","
     * @return int|float|null null where the text is no number in that notation
     */
    public static function parse(string $raw, string $decimal): int|float|null
    {
        // Most cells of most tables are plain figures.
        if (ctype_digit($raw)) {
            return self::whole($raw);
        }
        // Or figures with a decimal point, perhaps below zero: what is left after the digits tells.
        $length = strlen($raw);
        $whole = strspn($raw, '0123456789', $start = $raw !== '' && $raw[0] === '-' ? 1 : 0);
        if (
            $decimal === '.' &&
            $length < 17 &&
            $whole > 0 &&
            ($raw[$start + $whole] ?? '') === '.' &&
            ($rest = $length - $start - $whole - 1) > 0 &&
            strspn($raw, '0123456789', $start + $whole + 1) === $rest
        ) {
            return (float) $raw;
        }
        $parts = self::parts($raw);
        if ($parts === null) {
            return null;
        }
        $digits = $parts['digits'];
        $other = $decimal === '.' ? ',' : '.';
        $point = strrpos($digits, $decimal);
        $head = $point === false ? $digits : substr($digits, 0, $point);
        $tail = $point === false ? '' : substr($digits, $point + 1);
        if (str_contains($tail, $other) || str_contains($head, $decimal)) {
            return null;
        }
        // A group sign must stand before groups of three (or two by two in South Asia, the last of three).
        if (
            str_contains($head, $other) &&
            preg_match('/^\d{1,3}(?:'.preg_quote($other, '/').'\d{2,3})*'.preg_quote($other, '/').'\d{3}$/', $head) !== 1
        ) {
            return null;
        }
        $plain = (string) preg_replace('/[^0-9]/', '', $head);
        if ($plain === '' && $tail === '') {
            return null;
        }
        if (preg_match('/^(\d*)[eE]([+\-−]?\d+)$/u', $point === false ? $head : $tail, $found) === 1) {
            $mantissa = $point === false ? $found[1] : "$plain.{$found[1]}";
            $value = (float) ($mantissa.'e'.str_replace('−', '-', $found[2]));
        } else {
            $value = $tail === '' ? self::whole($plain) : (float) "$plain.$tail";
        }
        if ($value === null || ! is_finite((float) $value)) {
            return null;
        }
        $value =
            $parts['percent'] === '%'
                ? self::shift($plain, $tail, 2)
                : ($parts['percent'] === '‰'
                    ? self::shift($plain, $tail, 3)
                    : $value);

        return $parts['negative'] ? -$value : $value;
    }

    /**
     * The pieces of a number's text, or null where it is none.
     *
     * @return array{digits: string, negative: bool, percent: string, currency: string}|null
     */
    public static function parts(string $raw): ?array
    {
        $raw = (string) preg_replace('/^[\s\x{A0}]+|[\s\x{A0}]+$/u', '', $raw);
        $pattern = self::pattern();
        if (preg_match($pattern, $raw, $found) !== 1) {
            return null;
        }
        $open = ($found['open'] ?? '') !== '';
        if ($open !== (($found['close'] ?? '') !== '')) {
            return null;
        }
        $currency = ($found['before'] ?? '').($found['after'] ?? '');
        if ($currency !== '' && Words::currency($currency) === null) {
            return null;
        }
        $minus = ($found['minus1'] ?? '').($found['minus2'] ?? '').($found['minus3'] ?? '');

        return [
            'digits' => $found['digits'],
            'negative' => $open || ($minus !== '' && $minus !== '+'),
            'percent' => $found['percent'] ?? '',
            'currency' => $currency,
        ];
    }

    private static function pattern(): string
    {
        static $pattern = null;

        /** @var string */
        return $pattern ??= Lexeme::numberPattern('[0-9]');
    }

    /** A whole number keeps its exact value up to 15 digits; longer ones are codes and stay text. */
    private static function whole(string $digits): ?int
    {
        $significant = ltrim($digits, '0');

        return strlen($significant) > 15 ? null : (int) $significant;
    }

    /** Moves the decimal point to the left in the text, so that 12.3 % is 0.123 exactly as written. */
    private static function shift(string $whole, string $fraction, int $places): float
    {
        $whole = str_pad($whole, $places + 1, '0', STR_PAD_LEFT);

        return (float) (substr($whole, 0, -$places).'.'.substr($whole, -$places).$fraction);
    }
}
