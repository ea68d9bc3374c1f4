<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Intake\DateText;
use Rilvet\Number\SerialDate;

/** Times and durations as they are typed: ISO 8601-1 (times of day, durations), twelve hours and "h … min" by common practice. */
final class DateTextTest extends TestCase
{
    /** @return iterable<string, array{string, float|null}> text, hours */
    public static function times(): iterable
    {
        yield 'a time of day' => ['14:30', 14.5];
        yield 'with seconds and a decimal comma' => ['14:30:15,5', 14.5 + 15.5 / 3600];
        yield 'more than a day is a duration' => ['36:15', 36.25];
        yield 'the last minute and second of an hour' => ['0:59:59', 59 / 60 + 59 / 3600];
        yield 'no sixtieth minute' => ['14:60', null];
        yield 'no sixtieth second' => ['14:30:60', null];
        yield 'less than nothing' => ['-1:30', -1.5];
        yield 'with the sign of a minus' => ['−1:30', -1.5];
        yield 'with a plus' => ['+1:30', 1.5];
        yield 'midnight by twelve hours' => ['12:00 am', 0.0];
        yield 'noon by twelve hours' => ['12:00 p.m.', 12.0];
        yield 'one o’clock' => ['1:00 PM', 13.0];
        yield 'no hour nought by twelve hours' => ['0:10 am', null];
        yield 'no thirteenth hour by twelve hours' => ['13:00 pm', null];
        yield 'hours and minutes in words' => ['1 h 30 min', 1.5];
        yield 'hours alone' => ['2h', 2.0];
        yield 'many hours' => ['90h 5m', 90 + 5 / 60];
        yield 'a duration of days and hours' => ['P1DT12H', 36.0];
        yield 'a duration of minutes' => ['PT90M', 1.5];
        yield 'a duration of all' => ['P2DT3H4M5S', 51 + 4 / 60 + 5 / 3600];
        yield 'one figure is no minute' => ['1:2', null];
        yield 'five figures are no hours' => ['99999:00', null];
        yield 'words' => ['noon', null];
    }

    #[DataProvider('times')]
    public function test_a_time(string $text, ?float $hours): void
    {
        $got = DateText::time("  $text ");
        $hours === null ? self::assertNull($got) : self::assertEqualsWithDelta($hours / 24, $got, 1e-12);
    }

    /** @return iterable<string, array{string, string, array{int, int, int}|null, float}> text, order, year month day, hours */
    public static function moments(): iterable
    {
        yield 'ISO 8601' => ['2026-03-14', 'dmy', [2026, 3, 14], 0];
        yield 'ISO 8601 with a time and a zone' => ['2026-03-14T14:30:00Z', 'dmy', [2026, 3, 14], 14.5];
        yield 'day first' => ['3/4/2026', 'dmy', [2026, 4, 3], 0];
        yield 'month first' => ['3/4/2026', 'mdy', [2026, 3, 4], 0];
        yield 'a time behind' => ['14.3.2026 6:45 pm', 'dmy', [2026, 3, 14], 18.75];
        yield 'midnight is the day alone' => ['14.3.2026 0:00', 'dmy', [2026, 3, 14], 0];
        yield 'a weekday in front' => ['Sat, 14 Mar 2026', 'dmy', [2026, 3, 14], 0];
        yield 'a minute too many' => ['2026-03-14 14:60', 'dmy', null, 0];
        yield 'a second too many' => ['2026-03-14 14:30:60', 'dmy', null, 0];
        yield 'a leap day' => ['29.2.2028', 'dmy', [2028, 2, 29], 0];
        yield 'a day that is none' => ['29.2.2026', 'dmy', null, 0];
    }

    /** @param  array{int, int, int}|null  $day */
    #[DataProvider('moments')]
    public function test_a_moment(string $text, string $order, ?array $day, float $hours): void
    {
        $got = DateText::parse($text, $order);
        if ($day === null) {
            self::assertNull($got);

            return;
        }
        self::assertEqualsWithDelta(SerialDate::of(...$day) + $hours / 24, $got, 1e-9);
        self::assertSame($hours === 0.0, is_int($got), 'a day without a time is a whole number');
    }
}
