<?php

declare(strict_types=1);

namespace Rilvet\Number;

/** What a number format code makes of a number, by its placeholders (ISO/IEC 29500-1 18.8.31). */
enum FormatClass: string
{
    case General = 'general';
    case Number = 'number';
    case Percent = 'percent';
    case Currency = 'currency';
    case Date = 'date';
    case Time = 'time';
    case DateTime = 'datetime';
    case Duration = 'duration';
    case Text = 'text';

    public static function of(?string $code): self
    {
        static $memo = [];
        /** @var array<string, self> $memo */
        if ($code === null || $code === '' || strcasecmp($code, 'General') === 0) {
            return self::General;
        }

        return $memo[$code] ??= self::classify($code);
    }

    /** The currency sign that a code shows, or null. */
    public static function currency(?string $code): ?string
    {
        if ($code === null) {
            return null;
        }
        if (preg_match('/\[\$([^\]\-]+)/u', $code, $found) === 1) {
            return $found[1];
        }

        return preg_match(
            '/"?((?:[A-Z]{1,2})?\p{Sc}|(?:(?<=")|(?<=" ))(?:[A-Z]{3}|kr\.?|zł|Kč|Ft|Rp|Ksh|R\$|лв\.)(?=\s?"))/u',
            $code,
            $found,
        ) === 1
            ? $found[1]
            : null;
    }

    public function isTemporal(): bool
    {
        return match ($this) {
            self::Date, self::Time, self::DateTime, self::Duration => true,
            default => false,
        };
    }

    private static function classify(string $code): self
    {
        $first = explode(';', $code)[0];
        if (preg_match('/\[(h+|m+|s+)\]/i', $first) === 1) {
            return self::Duration;
        }
        $bare = (string) preg_replace('/"[^"]*"|\\\\.|_.|\*.|\[[^\]]*\]/u', '', $first);
        $clock = preg_match('/h|s|AM\/PM|A\/P/i', $bare) === 1;
        $day =
            preg_match(
                '/[yd]|(?<!:)m(?!:)/i',
                (string) preg_replace('/(h+[^a-z]*)m+|m+([^a-z]*s)|AM\/PM|A\/P|General/i', '$1$2', $bare),
            ) === 1;

        return match (true) {
            $clock && $day => self::DateTime,
            $clock => self::Time,
            $day => self::Date,
            str_contains($bare, '%') => self::Percent,
            trim($bare) === '@' => self::Text,
            self::currency($code) !== null => self::Currency,
            default => self::Number,
        };
    }
}
