<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Number\SerialDate;

/** Dates and times as people write them, to serial days (ISO/IEC 29500-1 18.17.4, 1900 system). */
final class DateText
{
    private const TIME = '(?<h>\d{1,2}):(?<m>\d{2})(?::(?<s>\d{2}(?:[.,]\d+)?))?(?: ?(?<ap>[AaPp])\.?[Mm]\.?)?(?:Z|[+\-]\d{2}:?\d{2})?';

    /**
     * @param  string  $order  "dmy" or "mdy" for dates of three figures; a year of four figures in front is always ymd
     */
    public static function parse(string $raw, string $order): int|float|null
    {
        $raw = trim($raw);
        $time = 0.0;
        if (preg_match('/^(.*?\d)[T ,]+'.self::TIME.'$/u', $raw, $found) === 1) {
            $clock = self::clock($found);
            if ($clock === null) {
                return null;
            }
            $time = $clock;
            $raw = $found[1];
        }
        // A weekday may stand in front; only after the whole text was tried, since "Mar 3" begins with a month.
        $day = self::day($raw, $order) ?? self::day((string) preg_replace('/^\p{L}{2,10}\.?,? /u', '', $raw), $order);

        return $day === null ? null
            : ($time === 0.0 ? $day : $day + $time);
    }

    /** A time of day or a duration, as a fraction of a day; "36:15" is 1.5104 days. */
    public static function time(string $raw): int|float|null
    {
        $raw = trim($raw);
        if (
            preg_match(
                '/^(?<sign>[+\-−])?(?<h>\d{1,4}):(?<m>[0-5]\d)(?::(?<s>[0-5]\d(?:[.,]\d+)?))?(?: ?(?<ap>[AaPp])\.?[Mm]\.?)?$/u',
                $raw,
                $found,
            ) === 1
        ) {
            $value = self::clock($found);

            return $value === null ? null
                : (in_array($found['sign'], ['-', '−'], true) ? -$value : $value);
        }
        if (preg_match('/^(\d{1,3}) ?h(?: ?(\d{1,2}) ?m(?:in)?)?$/', $raw, $found) === 1) {
            return ((int) $found[1] * 60 + (int) ($found[2] ?? 0)) / 1440;
        }
        if (preg_match('/^P(?:(\d+)D)?T(?:(\d+)H)?(?:(\d+)M)?(?:(\d+)S)?$/', $raw, $found) === 1) {
            return (int) ($found[1] ?? 0) + ((int) ($found[2] ?? 0) * 3600 + (int) ($found[3] ?? 0) * 60 + (int) ($found[4] ?? 0)) / 86400;
        }

        return null;
    }

    /** @param  array<array-key, string>  $found */
    private static function clock(array $found): ?float
    {
        $hour = (int) $found['h'];
        $half = strtolower($found['ap'] ?? '');
        if ($half !== '') {
            if ($hour < 1 || $hour > 12) {
                return null;
            }
            $hour = $hour % 12 + ($half === 'p' ? 12 : 0);
        }
        $second = (float) str_replace(',', '.', ($found['s'] ?? '') === '' ? '0' : $found['s']);

        return (int) $found['m'] > 59 || $second >= 60 ? null : ($hour * 3600 + (int) $found['m'] * 60 + $second) / 86400;
    }

    private static function day(string $raw, string $order): ?int
    {
        if (preg_match('/^(\d{4})([\-\/.])(\d{1,2})\g2(\d{1,2})$/', $raw, $found) === 1) {
            return SerialDate::of((int) $found[1], (int) $found[3], (int) $found[4]);
        }
        if (preg_match('/^(\d{4})-(\d{2})$/', $raw, $found) === 1) {
            return SerialDate::of((int) $found[1], (int) $found[2], 1);
        }
        if (preg_match('/^(\d{1,2})([\-\/.])(\d{1,2})\g2(\d{4}|\d{2})$/', $raw, $found) === 1) {
            [$day, $month] = $order === 'mdy' ? [(int) $found[3], (int) $found[1]] : [(int) $found[1], (int) $found[3]];

            return SerialDate::of(self::year($found[4]), $month, $day);
        }
        if (
            preg_match(
                '/^(\d{1,2})(?:\.|st|nd|rd|th|º)?[ \-\/](?:de )?(\p{L}{3,12}\.?)(?: de)?(?:[ \-\/]|, )(\d{4}|\d{2})$/u',
                $raw,
                $found,
            ) === 1
        ) {
            return SerialDate::of(self::year($found[3]), Words::month($found[2]) ?? 0, (int) $found[1]);
        }
        if (preg_match('/^(\p{L}{3,12}\.?)[ \-\/](?:(\d{1,2})(?:st|nd|rd|th)?,? )?(\d{4})$/u', $raw, $found) === 1) {
            return SerialDate::of((int) $found[3], Words::month($found[1]) ?? 0, $found[2] === '' ? 1 : (int) $found[2]);
        }
        if (preg_match('/^(\d{4})[ \-](\p{L}{3,12}\.?)[ \-](\d{1,2})$/u', $raw, $found) === 1) {
            return SerialDate::of((int) $found[1], Words::month($found[2]) ?? 0, (int) $found[3]);
        }

        return null;
    }

    /** Two figures: 30 to 99 are of the last century (common practice). */
    private static function year(string $figures): int
    {
        $year = (int) $figures;

        return strlen($figures) === 4 ? $year
            : $year + ($year < 30 ? 2000 : 1900);
    }
}
