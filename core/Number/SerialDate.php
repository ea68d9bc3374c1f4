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
            $serial += 1462;
        } elseif ($serial === 0) {
            return [1900, 1, 0, 6];
        } elseif ($serial === 60) {
            return [1900, 2, 29, 3];
        }
        $jd = gregoriantojd(12, 31, 1899) + ($serial > 60 ? $serial - 1 : $serial);
        /** @var array{month: int, day: int, year: int} $parts */
        $parts = cal_from_jd($jd, CAL_GREGORIAN);

        // The weekdays before March 1900 follow the counting that has the extra day.
        return [$parts['year'], $parts['month'], $parts['day'], ($serial + 6) % 7];
    }
}
