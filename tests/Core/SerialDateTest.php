<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Number\SerialDate;

/** ISO/IEC 29500-1 18.17.4.1, both date systems; the limits are quoted from memory of that section. */
final class SerialDateTest extends TestCase
{
    /** @return iterable<array{int, array{int, int, int}, int}> serial, date, weekday (0 is Sunday) */
    public static function days(): iterable
    {
        yield 'first day of the system' => [1, [1900, 1, 1], 0];
        yield 'the day before the one that never was' => [59, [1900, 2, 28], 2];
        yield 'the day that never was' => [60, [1900, 2, 29], 3];
        yield 'the day after' => [61, [1900, 3, 1], 4];
        yield 'first day of 2000, a Saturday (common knowledge)' => [36526, [2000, 1, 1], 6];
        yield 'last day' => [2_958_465, [9999, 12, 31], 5];
    }

    /** @param  array{int, int, int}  $date */
    #[DataProvider('days')]
    public function test_days_of_the_1900_system(int $serial, array $date, int $weekday): void
    {
        self::assertSame([...$date, $weekday], SerialDate::day($serial));
        self::assertSame($serial, SerialDate::of(...$date));
    }

    public function test_the_1904_system_begins_at_zero(): void
    {
        self::assertSame([1904, 1, 1, 5], SerialDate::day(0, true));
        self::assertSame([9999, 12, 31, 5], SerialDate::day(2_957_003, true));
    }

    public function test_every_day_of_two_centuries_comes_back(): void
    {
        for ($serial = 1; $serial < 73_050; $serial++) {
            [$year, $month, $day] = SerialDate::day($serial);
            self::assertSame($serial, SerialDate::of($year, $month, $day));
        }
    }

    public function test_what_is_no_day_is_refused(): void
    {
        self::assertNull(SerialDate::of(2023, 2, 29));
        self::assertNull(SerialDate::of(1899, 12, 31));
        self::assertNull(SerialDate::of(10000, 1, 1));
        self::assertNull(SerialDate::of(2023, 13, 1));
    }
}
