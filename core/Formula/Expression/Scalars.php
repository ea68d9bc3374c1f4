<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

/** How values become others, and how they compare (ISO/IEC 29500-1 18.17.2.2, 18.17.2.6). */
final class Scalars
{
    public static function number(null|bool|int|float|string|Fault $value): int|float|Fault
    {
        if (is_int($value) || is_float($value) || $value instanceof Fault) {
            return $value;
        }
        if (is_string($value)) {
            $text = trim($value);
            if (is_numeric($text)) {
                return $text + 0;
            }
            if (str_ends_with($text, '%') && is_numeric(rtrim(substr($text, 0, -1)))) {
                return (float) substr($text, 0, -1) / 100;
            }

            return Fault::value();
        }

        return (int) $value;
    }

    public static function text(null|bool|int|float|string|Fault $value): string|Fault
    {
        return match (true) {
            is_string($value), $value instanceof Fault => $value,
            $value === null => '',
            is_bool($value) => $value ? 'TRUE' : 'FALSE',
            is_int($value) => (string) $value,
            default => self::shortest($value),
        };
    }

    public static function truth(null|bool|int|float|string|Fault $value): bool|Fault
    {
        if (is_string($value)) {
            return match (strtoupper($value)) {
                'TRUE' => true,
                'FALSE' => false,
                default => Fault::value(),
            };
        }

        return $value instanceof Fault ? $value : (bool) $value;
    }

    /** Numbers come before texts, texts before truths; a blank is nought, no text or not true, as what it is compared with wants. */
    public static function compare(null|bool|int|float|string $one, null|bool|int|float|string $other): int
    {
        // Most are numbers.
        if ((is_int($one) || is_float($one)) && (is_int($other) || is_float($other))) {
            return self::compareNumbers($one, $other);
        }
        $one ??= self::blankLike($other);
        $other ??= self::blankLike($one);
        if (is_string($one) && is_string($other)) {
            return self::plain($one) <=> self::plain($other);
        }
        $order = self::rank($one) <=> self::rank($other);

        return $order !== 0 ? $order
            : (is_bool($one) ? $one <=> $other : self::compareNumbers((float) $one, (float) $other));
    }

    private static function rank(bool|int|float|string $value): int
    {
        return is_bool($value) ? 2
            : (is_string($value) ? 1 : 0);
    }

    private static function compareNumbers(int|float $one, int|float $other): int
    {
        if (is_int($one) && is_int($other)) {
            return $one <=> $other;
        }
        // Most differ by far; those that are near are the same where their fifteen figures are.
        $apart = (float) $one - (float) $other;

        return abs($apart) > 1e-12 * max(abs((float) $one), abs((float) $other)) ? $apart <=> 0.0
            : self::near((float) $one) <=> self::near((float) $other);
    }

    /** Capitals make no difference. */
    public static function plain(string $text): string
    {
        /** @var array<string, string> $kept short ones: columns of categories say the same few again and again */
        static $kept = [];
        if (isset($kept[$text])) {
            return $kept[$text];
        }
        $plain = preg_match('/[\x80-\xFF]/', $text) === 1 ? mb_strtolower($text) : strtolower($text);
        if (strlen($text) < 40) {
            $kept = count($kept) < 2_000 ? $kept : [];
            $kept[$text] = $plain;
        }

        return $plain;
    }

    private static function blankLike(null|bool|int|float|string $value): bool|int|string
    {
        return is_string($value) ? ''
            : (is_bool($value) ? false : 0);
    }

    /** Programs compare fifteen figures (18.17.5.1, numbers of double precision are shown with so many). */
    private static function near(float $number): float
    {
        return is_finite($number) ? (float) sprintf('%.14e', $number) : $number;
    }

    private static function shortest(float $number): string
    {
        $text = sprintf('%.15G', $number);

        return str_contains($text, 'E') ? (string) preg_replace('/\.?0+E/', 'E', $text) : $text;
    }
}
