<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Expression\Fault;

/** Stretches of days around today (ISO/IEC 29500-1 18.18.82). Weeks begin on Sunday (common practice). */
enum Period: string
{
    case Today = 'today';
    case Yesterday = 'yesterday';
    case Tomorrow = 'tomorrow';
    case Last7Days = 'last7Days';
    case ThisMonth = 'thisMonth';
    case LastMonth = 'lastMonth';
    case NextMonth = 'nextMonth';
    case ThisWeek = 'thisWeek';
    case LastWeek = 'lastWeek';
    case NextWeek = 'nextWeek';

    public function words(): string
    {
        return match ($this) {
            self::Today => 'today',
            self::Yesterday => 'yesterday',
            self::Tomorrow => 'tomorrow',
            self::Last7Days => 'in the last 7 days',
            self::ThisMonth => 'this month',
            self::LastMonth => 'last month',
            self::NextMonth => 'next month',
            self::ThisWeek => 'this week',
            self::LastWeek => 'last week',
            self::NextWeek => 'next week',
        };
    }

    /** @return array{int, int} serials of its first and its last day */
    public function days(int $today, Calendar $calendar): array
    {
        $sunday = $today - $calendar->weekday($today) % 7;
        [$year, $month] = $calendar->parts($today) ?? [1900, 1, 1];
        $first = function (int $on) use ($calendar, $year, $month): int {
            $serial = $calendar->serial($year, $month + $on, 1);

            return $serial instanceof Fault ? 0 : $serial;
        };

        return match ($this) {
            self::Today => [$today, $today],
            self::Yesterday => [$today - 1, $today - 1],
            self::Tomorrow => [$today + 1, $today + 1],
            self::Last7Days => [$today - 6, $today],
            self::ThisWeek => [$sunday, $sunday + 6],
            self::LastWeek => [$sunday - 7, $sunday - 1],
            self::NextWeek => [$sunday + 7, $sunday + 13],
            self::ThisMonth => [$first(0), $first(1) - 1],
            self::LastMonth => [$first(-1), $first(0) - 1],
            self::NextMonth => [$first(1), $first(2) - 1],
        };
    }
}
