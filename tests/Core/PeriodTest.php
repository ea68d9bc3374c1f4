<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Period;
use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Expression\Fault;

/** Days and periods of the two date systems (ISO/IEC 29500-1 18.17.4), beside PHP's own dates. */
final class PeriodTest extends TestCase
{
    private static function day(int $serial, bool $from1904): DateTimeImmutable
    {
        // Day 0 of 1904 is 1 January 1904; of 1900 day 61 is 1 March 1900, since a 29 February is counted that was none.
        $start = new DateTimeImmutable($from1904 ? '1904-01-01' : '1899-12-30', new DateTimeZone('UTC'));

        return $start->modify("+$serial days");
    }

    /** @return iterable<array{int, bool, DateTimeImmutable, Calendar}> */
    private static function days(int $count): iterable
    {
        for (; $count > 0; $count--) {
            $from1904 = $count % 2 === 0;
            $serial = mt_rand(70, 90_000);
            yield [$serial, $from1904, self::day($serial, $from1904), Calendar::of($from1904)];
        }
    }

    public function test_a_serial_is_the_day_that_it_counts(): void
    {
        mt_srand(131);
        foreach (self::days(600) as [$serial, , $day, $calendar]) {
            self::assertSame(array_map(intval(...), explode(' ', $day->format('Y n j'))), $calendar->parts($serial + 0.75));
            self::assertSame($serial, $calendar->serial((int) $day->format('Y'), (int) $day->format('n'), (int) $day->format('j')));
            self::assertSame((int) $day->format('N'), $calendar->weekday($serial));
            self::assertSame((int) $day->format('W'), $calendar->week($serial));
        }
    }

    public function test_the_days_that_are_odd_are_those_of_the_standard(): void
    {
        $calendar = Calendar::of(false);
        self::assertSame([[1900, 1, 0], [1900, 1, 1], [1900, 2, 28], [1900, 2, 29], [1900, 3, 1]],
            array_map($calendar->parts(...), [0, 1, 59, 60, 61]));
        // 1 January 1900 is taken for a Sunday, so that 1 March 1900 is the Thursday that it was.
        self::assertSame([7, 1, 4], array_map($calendar->weekday(...), [1, 2, 61]));
        self::assertSame([9_999, 12, 31], $calendar->parts(2_958_465));
        self::assertNull($calendar->parts(2_958_466));
        self::assertNull($calendar->parts(-1));
        self::assertSame([1904, 1, 1], Calendar::of(true)->parts(0));
        self::assertSame(5, Calendar::of(true)->weekday(0), '1 January 1904 was a Friday');
        foreach ([[10_001, 1, 1], [2024, 120_001, 1], [2024, 1, 4_000_001], [1899, 1, 1], [10_000, 1, 1]] as $parts) {
            self::assertInstanceOf(Fault::class, $calendar->serial(...$parts), implode('-', $parts));
        }
    }

    public function test_months_count_on_and_end_with_their_last_day(): void
    {
        mt_srand(132);
        foreach (self::days(300) as [$serial, $from1904, $day, $calendar]) {
            $on = mt_rand(-30, 30);
            $first = $day->modify('first day of this month')->modify("$on months");
            $wanted = $first->modify('+'.(min((int) $day->format('j'), (int) $first->format('t')) - 1).' days');
            $found = $calendar->monthsOn($serial, $on);
            $found instanceof Fault ? self::assertLessThan('1904', $wanted->format('Y')) : self::assertSame(
                $wanted->format('Y-m-d'), self::day($found, $from1904)->format('Y-m-d'));
        }
    }

    /** Weeks begin with Sunday (common practice of conditions on dates, 18.18.82). */
    public function test_periods_are_the_days_that_a_calendar_gives_them(): void
    {
        mt_srand(133);
        foreach (self::days(400) as [$serial, $from1904, $day, $calendar]) {
            $sunday = $day->modify('-'.((int) $day->format('N') % 7).' days');
            $wanted = [
                'today' => [$day, $day], 'yesterday' => [$day->modify('-1 day'), $day->modify('-1 day')],
                'tomorrow' => [$day->modify('+1 day'), $day->modify('+1 day')], 'last7Days' => [$day->modify('-6 days'), $day],
                'thisWeek' => [$sunday, $sunday->modify('+6 days')], 'lastWeek' => [$sunday->modify('-7 days'), $sunday->modify('-1 day')],
                'nextWeek' => [$sunday->modify('+7 days'), $sunday->modify('+13 days')],
                'thisMonth' => [$day->modify('first day of this month'), $day->modify('last day of this month')],
                'lastMonth' => [$day->modify('first day of last month'), $day->modify('last day of last month')],
                'nextMonth' => [$day->modify('first day of next month'), $day->modify('last day of next month')],
            ];
            self::assertCount(count(Period::cases()), $wanted);
            foreach ($wanted as $name => $ends) {
                $found = array_map(fn (int $one) => self::day($one, $from1904)->format('Y-m-d'),
                    Period::from($name)->days($serial, $calendar));
                self::assertSame(array_map(fn (DateTimeImmutable $one) => $one->format('Y-m-d'), $ends), $found, "$name of $serial");
            }
        }
    }

    public function test_each_period_has_words_of_its_own(): void
    {
        $words = array_map(fn (Period $one) => $one->words(), Period::cases());
        self::assertSame($words, array_unique($words));
        self::assertSame('in the last 7 days', Period::Last7Days->words());
    }
}
