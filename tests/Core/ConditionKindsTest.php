<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Condition\Around;
use Rilvet\Condition\Period;
use Rilvet\Formula\Expression\Calendar;

/** Conditional looks: each kind by what ISO/IEC 29500-1 states of it. */
final class ConditionKindsTest extends ConditionCase
{
    /** Kinds of 18.18.12 and operators of 18.18.15; rows are those of the list, from 1. */
    public static function kinds(): iterable
    {
        $figures = [-2, 0, 3, 3.5, 10, null, 'late', '#N/A'];
        yield 'lessThan; a blank is nought' => [['is' => 'below', 'of' => ['3']], $figures, [1, 2, 6]];
        yield 'lessThanOrEqual' => [['is' => 'atMost', 'of' => ['3']], $figures, [1, 2, 3, 6]];
        yield 'equal' => [['is' => 'equal', 'of' => ['3']], $figures, [3]];
        yield 'notEqual' => [['is' => 'unequal', 'of' => ['3']], $figures, [1, 2, 4, 5, 6, 7]];
        yield 'greaterThan; texts come after numbers (18.17.2.6)' => [['is' => 'above', 'of' => ['3']], $figures, [4, 5, 7]];
        yield 'greaterThanOrEqual' => [['is' => 'atLeast', 'of' => ['3']], $figures, [3, 4, 5, 7]];
        yield 'between, both ends' => [['is' => 'between', 'of' => ['0', '3.5']], $figures, [2, 3, 4, 6]];
        yield 'between, ends the wrong way round' => [['is' => 'between', 'of' => ['3.5', '0']], $figures, [2, 3, 4, 6]];
        yield 'notBetween' => [['is' => 'outside', 'of' => ['0', '3.5']], $figures, [1, 5, 7]];
        yield 'equal to a text, whatever its case' => [['is' => 'equal', 'of' => ['"LATE"']], $figures, [7]];
        yield 'compared with another cell, that goes along' => [['is' => 'above', 'of' => ['A2']], [5, 3, 4, 4], [1, 4]];
        yield 'one of several' => [['is' => 'oneOf', 'of' => ['"late"', '3', '"paid"']], $figures, [3, 7]];
        $texts = ['late', 'Late fee', 'paid', 'relate', '', null, 12, 'a*b', '#REF!'];
        yield 'containsText' => [['is' => 'holds', 'of' => ['"late"']], $texts, [1, 2, 4]];
        yield 'containsText in a number' => [['is' => 'holds', 'of' => ['"2"']], $texts, [7]];
        yield 'containsText with a wildcard (18.17.7.291)' => [['is' => 'holds', 'of' => ['"p?i"']], $texts, [3]];
        yield 'containsText with an asterisk as such' => [['is' => 'holds', 'of' => ['"a~*b"']], $texts, [8]];
        yield 'notContainsText' => [['is' => 'lacks', 'of' => ['"late"']], $texts, [3, 5, 6, 7, 8, 9]];
        yield 'beginsWith' => [['is' => 'begins', 'of' => ['"LA"']], $texts, [1, 2]];
        yield 'endsWith' => [['is' => 'ends', 'of' => ['"late"']], $texts, [1, 4]];
        yield 'containsBlanks' => [['is' => 'blank'], ['x', null, '', '  ', 0, '#N/A'], [2, 3, 4]];
        yield 'notContainsBlanks' => [['is' => 'filled'], ['x', null, '', '  ', 0, '#N/A'], [1, 5, 6]];
        yield 'containsErrors' => [['is' => 'error'], ['x', null, 0, '#N/A', '#DIV/0!'], [4, 5]];
        yield 'notContainsErrors' => [['is' => 'sound'], ['x', null, 0, '#N/A', '#DIV/0!'], [1, 2, 3]];
        yield 'top10 of three, ties included' => [['is' => 'greatest', 'count' => 3], [5, 9, 7, 7, 1, 'z', null, 7], [2, 3, 4, 8]];
        yield 'top10, more than there are' => [['is' => 'greatest', 'count' => 10], [5, 'x', 9], [1, 3]];
        yield 'bottom two' => [['is' => 'least', 'count' => 2], [5, 9, 7, 1, null], [1, 4]];
        yield 'top 20 percent of ten' => [['is' => 'greatest', 'count' => 20, 'percent' => true], range(1, 10), [9, 10]];
        yield 'top 1 percent of few is one' => [['is' => 'greatest', 'count' => 1, 'percent' => true], [4, 8, 6], [2]];
        yield 'aboveAverage' => [['is' => 'aboveMean'], [1, 2, 3, 4, 5, 'x'], [4, 5]];
        yield 'equalAverage' => [['is' => 'aboveMean', 'orEqual' => true], [1, 2, 3, 4, 5], [3, 4, 5]];
        yield 'below the average' => [['is' => 'belowMean'], [1, 2, 3, 4, 5], [1, 2]];
        yield 'stdDev 1' => [['is' => 'aboveMean', 'deviations' => 1], [1, 2, 3, 4, 100], [5]];
        yield 'stdDev 1 below' => [['is' => 'belowMean', 'deviations' => 1], [-100, 2, 3, 4, 5], [1]];
        yield 'duplicateValues, texts and numbers' => [['is' => 'repeated'], ['a', 'A', 3, '3', 'b', null, null, 4, '#N/A', '#N/A'], [1,
            2, 3, 4]];
        yield 'uniqueValues' => [['is' => 'single'], ['a', 'A', 3, '3', 'b', null, 4, '#N/A'], [5, 7]];
        yield 'expression' => [['is' => 'formula', 'of' => ['AND(A1>1,MOD(ROW(),2)=0)']], [5, 5, 0, 2], [2, 4]];
        yield 'expression that gives a number' => [['is' => 'formula', 'of' => ['A1-1']], [1, 2], [2]];
        yield 'expression that gives an error or a text' => [['is' => 'formula', 'of' => ['1/A1']], [0, 2, 'x'], [2]];
    }

    /**
     * @param  array<string, mixed>  $test
     * @param  list<mixed>  $column
     * @param  list<int>  $rows
     */
    #[DataProvider('kinds')]
    public function test_a_kind_holds_where_it_is_stated(array $test, array $column, array $rows): void
    {
        self::assertSame($rows, self::holds($test, $column));
    }

    /** 18.18.82; today is Friday, 27 November 2026, and weeks begin on Sunday. */
    public static function periods(): iterable
    {
        $day = fn (string $text) => (int) round((strtotime("$text UTC") - strtotime('1899-12-30 UTC')) / 86_400);
        foreach ([
            'today' => ['2026-11-27', '2026-11-27'], 'yesterday' => ['2026-11-26', '2026-11-26'], 'tomorrow' => ['2026-11-28',
                '2026-11-28'],
            'last7Days' => ['2026-11-21', '2026-11-27'], 'thisWeek' => ['2026-11-22', '2026-11-28'], 'lastWeek' => ['2026-11-15',
                '2026-11-21'],
            'nextWeek' => ['2026-11-29', '2026-12-05'], 'thisMonth' => ['2026-11-01', '2026-11-30'], 'lastMonth' => ['2026-10-01',
                '2026-10-31'],
            'nextMonth' => ['2026-12-01', '2026-12-31'],
        ] as $period => [$first, $last]) {
            yield $period => [$period, $day($first), $day($last)];
        }
    }

    #[DataProvider('periods')]
    public function test_a_stretch_of_days_begins_and_ends_where_it_is_stated(string $period, int $first, int $last): void
    {
        $days = [$first - 1, $first, $first + 0.75, $last, $last + 0.99, $last + 1, 'today', null];
        self::assertSame([2, 3, 4, 5], self::holds(['is' => 'period', 'period' => $period], $days));
        self::assertSame([$first, $last], Period::from($period)->days(self::TODAY, Calendar::of(false)));
        // In the other date system the same days have other numbers (18.17.4.1).
        self::assertSame([$first - 1_462, $last - 1_462], Period::from($period)->days(self::TODAY - 1_462, Calendar::of(true)));
    }

    /** ISO/IEC 29500-1, 18.17.4: the whole part of a serial counts days from 1899-12-30, and what is behind it is the time of the day. */
    public function test_now_is_the_day_and_the_time_of_it(): void
    {
        $serial = fn (DateTimeImmutable $at) => 25_569 + ($at->getTimestamp() + $at->getOffset()) / 86_400;
        $earliest = $serial(new DateTimeImmutable);
        $now = Around::serial(null, false);
        self::assertGreaterThanOrEqual($earliest - 1e-9, $now);
        self::assertLessThanOrEqual($serial(new DateTimeImmutable) + 1e-9, $now);
        self::assertSame(46_353.0, Around::serial('2026-11-27', false));
        self::assertSame(46_353.0 - 1_462, Around::serial('2026-11-27', true));
    }

    public function test_what_stands_twice_is_found_among_thousands_as_a_plain_count_finds_it(): void
    {
        mt_srand(31);
        $values = array_map(fn (int $row) => [mt_rand(1, 900), 'Lot '.mt_rand(1, 900), 'LOT '.mt_rand(1, 900), null, true,
            (string) mt_rand(1, 900), mt_rand(1, 900) / 8][$row % 7], range(1, 1_400));
        // Capitals make no difference, nor does it whether figures are a number or a text (common practice).
        $plain = fn (mixed $value) => match (true) {
            is_bool($value) => 'truth',
            is_numeric($value) => 'number '.(float) $value,
            default => strtolower((string) $value),
        };
        $times = array_count_values(array_map($plain, $values));
        $rows = fn (callable $is) => array_values(array_filter(range(1, 1_400), fn (int $row) => $values[$row - 1] !== null
            && $is($times[$plain($values[$row - 1])])));
        self::assertSame($rows(fn (int $count) => $count > 1), self::holds(['is' => 'repeated'], $values));
        self::assertSame($rows(fn (int $count) => $count === 1), self::holds(['is' => 'single'], $values));
        self::assertNotSame([], $rows(fn (int $count) => $count === 1));
    }
}
