<?php

declare(strict_types=1);

namespace Rilvet\Number;

/**
 * Serial dates by ISO/IEC 29500-1 18.17.4: days since the end of 1899 (with the 29 February 1900 that never was, day 60)
 * or, in the other system, since 1 January 1904.
 */
final class SerialDate
{
    /** 9999-12-31 in the 1900 system. */
    public const LAST = 2_958_465;

    /** Days from the one date system to the other (18.17.4.1). */
    public const BETWEEN = 1_462;

    /** @return int|null null where there is no such day, or it lies outside 1900 to 9999 */
    public static function of(int $year, int $month, int $day): ?int
    {
        if ($year === 1900 && $month === 2 && $day === 29) {
            return 60;
        }
        if ($year < 1900 || $year > 9999 || ! checkdate($month, $day, $year)) {
            return null;
        }
        $days = gregoriantojd($month, $day, $year) - gregoriantojd(12, 31, 1899);

        return $days >= 60 ? $days + 1 : $days;
    }

    /**
     * @param  bool  $from1904  the workbook counts from 1904
     * @return array{int, int, int, int} year, month (1 to 12), day, weekday (0 is Sunday)
     */
    public static function day(int $serial, bool $from1904 = false): array
    {
        if ($from1904) {
            $serial += self::BETWEEN;
        } elseif ($serial === 0) {
            return [1900, 1, 0, 6];
        } elseif ($serial === 60) {
            return [1900, 2, 29, 3];
        }
        // Days since 1 March 0000, in eras of 400 years, which are all of one length (the proleptic Gregorian calendar).
        $days = ($serial > 60 ? $serial - 1 : $serial) + 693_900;
        $era = intdiv($days, 146_097);
        $inEra = $days - $era * 146_097;
        $year = intdiv($inEra - intdiv($inEra, 1_460) + intdiv($inEra, 36_524) - intdiv($inEra, 146_096), 365);
        $inYear = $inEra - (365 * $year + intdiv($year, 4) - intdiv($year, 100));
        $shifted = intdiv(5 * $inYear + 2, 153);
        $month = $shifted < 10 ? $shifted + 3 : $shifted - 9;

        // The weekdays before March 1900 follow the counting that has the extra day.
        return [$year + $era * 400 + ($month <= 2 ? 1 : 0), $month, $inYear - intdiv(153 * $shifted + 2, 5) + 1, ($serial + 6) % 7];
    }
}
