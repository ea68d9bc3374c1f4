<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression\Functions;

use Closure;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** Functions of dates and times (ISO/IEC 29500-1 18.17.7); serials of 18.17.4. */
final class Dates
{
    /** @return array<string, array{int, int, Closure}> */
    public static function all(): array
    {
        $part = fn (int $index) => self::of(1, 1, fn (Calendar $calendar,
            int|float $day) => $calendar->parts($day)[$index] ?? Fault::number());
        $time = fn (int $seconds, int $in) => self::of(1, 1, fn (Calendar $calendar, int|float $day) => intdiv(
            (int) round(($day - floor($day)) * 86_400), $seconds) % $in);

        return [
            'TODAY' => [0, 0, fn (At $at) => (int) floor($at->now)],
            'NOW' => [0, 0, fn (At $at) => $at->now],
            'YEAR' => $part(0), 'MONTH' => $part(1), 'DAY' => $part(2),
            'HOUR' => $time(3_600, 24), 'MINUTE' => $time(60, 60), 'SECOND' => $time(1, 60),
            'DATE' => self::of(3, 3, fn (Calendar $calendar, int|float $year, int|float $month, int|float $day) => $calendar->serial(
                (int) $year + ($year < 1900 ? 1900 : 0), (int) $month, (int) $day)),
            'TIME' => self::of(3, 3, fn (Calendar $calendar, int|float $hour, int|float $minute, int|float $second) => fmod(
                $hour * 3_600 + $minute * 60 + $second, 86_400) / 86_400),
            'WEEKDAY' => self::of(1, 2, self::weekday(...)),
            'ISOWEEKNUM' => self::of(1, 1, fn (Calendar $calendar, int|float $day) => $calendar->week((int) floor($day))),
            'EDATE' => self::of(2, 2, fn (Calendar $calendar, int|float $day, int|float $months) => $calendar->monthsOn($day,
                (int) $months)),
            'EOMONTH' => self::of(2, 2, function (Calendar $calendar, int|float $day, int|float $months) {
                $parts = $calendar->parts($day);

                return $parts === null ? Fault::number() : $calendar->serial($parts[0], $parts[1] + (int) $months + 1, 0);
            }),
            'DAYS' => self::of(2, 2, fn (Calendar $calendar, int|float $end, int|float $start) => (int) floor($end) - (int) floor($start)),
            'NETWORKDAYS' => self::of(2, 2, fn (Calendar $calendar, int|float $from, int|float $to) => self::workdays(
                $calendar, (int) floor($from), (int) floor($to))),
        ];
    }

    /** @return array{int, int, Closure} */
    private static function of(int $least, int $most, callable $does): array
    {
        return [$least, $most, function (At $at, Node ...$of) use ($does) {
            $numbers = [];
            foreach ($of as $node) {
                $value = $node->value($at);
                $number = Scalars::number($value);
                if ($number instanceof Fault) {
                    return $number;
                }
                $numbers[] = $number;
            }

            return $does(Calendar::of($at->from1904), ...$numbers);
        }];
    }

    private static function weekday(Calendar $calendar, int|float $day, int|float $way = 1): int|Fault
    {
        if ($day < 0) {
            return Fault::number();
        }
        // 1 for Monday to 7 for Sunday.
        $monday = $calendar->weekday((int) floor($day));

        return match ((int) $way) {
            1, 17 => $monday % 7 + 1,
            2, 11 => $monday,
            3 => $monday - 1,
            12, 13, 14, 15, 16 => ($monday - ((int) $way - 10) + 7) % 7 + 1,
            default => Fault::number(),
        };
    }

    private static function workdays(Calendar $calendar, int $from, int $to): int
    {
        $sign = $from > $to ? -1 : 1;
        [$from, $to] = [min($from, $to), max($from, $to)];
        $weeks = intdiv($to - $from + 1, 7);
        $days = 5 * $weeks;
        for ($day = $from + 7 * $weeks; $day <= $to; $day++) {
            $days += $calendar->weekday($day) < 6 ? 1 : 0;
        }

        return $sign * $days;
    }
}
