<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use Rilvet\Number\SerialDate;

/** Days, times and durations as an ods says them (ISO 8601), in serial days. */
final class IsoMoments
{
    /** A date with or without its time; null for what is none. */
    public static function serial(string $text, bool $from1904): ?float
    {
        if (preg_match('/^(-?\d{4,5})-(\d\d)-(\d\d)(?:T(\d\d):(\d\d):(\d\d(?:\.\d+)?))?/', $text, $found) !== 1) {
            return null;
        }
        $day = SerialDate::of((int) $found[1], (int) $found[2], (int) $found[3]);
        if ($day === null) {
            return null;
        }

        return $day -
            ($from1904 ? SerialDate::BETWEEN : 0) +
            ((int) ($found[4] ?? 0) * 3600 + (int) ($found[5] ?? 0) * 60 + (float) ($found[6] ?? 0)) / 86_400;
    }

    /** A duration in days; null for what is none. */
    public static function days(string $text): ?float
    {
        if (preg_match('/^(-)?P(?:(\d+)D)?(?:T(?:(\d+)H)?(?:(\d+)M)?(?:(\d+(?:[.,]\d+)?)S)?)?$/', $text, $found) !== 1) {
            return null;
        }
        $seconds =
            (int) ($found[2] ?? 0) * 86_400 +
            (int) ($found[3] ?? 0) * 3600 +
            (int) ($found[4] ?? 0) * 60 +
            (float) str_replace(',', '.', $found[5] ?? '0');

        return (($found[1] ?? '') === '-' ? -1 : 1) * $seconds / 86_400;
    }
}
