<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Bar;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Is;
use Rilvet\Condition\Scale;
use Rilvet\Condition\Sentence;
use Rilvet\Condition\Told;
use Rilvet\Condition\Written;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;

/** How values are drawn, written and told apart, at the ends of what a rule says. */
final class ConditionLimitsTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $says
     * @return list<int|float|string|null> start, end, axis, colour
     */
    private static function bar(float $value, float $least, float $greatest, array $says = []): array
    {
        $bar = Bar::of($says + ['from' => ['at' => 'least'], 'to' => ['at' => 'greatest'], 'colour' => '#112233']);
        $drawn = $bar->drawn($value, $least, $greatest);

        return [$drawn->start, $drawn->end, $drawn->axis, $drawn->colour];
    }

    /** @return iterable<string, array{list<int|float|string|null>, float, float, float, 4?: array<string, mixed>}> */
    public static function bars(): iterable
    {
        $blue = '#112233';
        yield 'the least' => [[0.0, 0.0, null, $blue], 2, 2, 10];
        yield 'the greatest' => [[0.0, 1.0, null, $blue], 10, 2, 10];
        yield 'half way' => [[0.0, 0.5, null, $blue], 6, 2, 10];
        yield 'below the least' => [[0.0, 0.0, null, $blue], 1, 2, 10];
        yield 'beyond the greatest' => [[0.0, 1.0, null, $blue], 11, 2, 10];
        yield 'all are the same' => [[0.0, 1.0, null, $blue], 7, 7, 7];
        yield 'less than all that are the same' => [[0.0, 0.0, null, $blue], 6, 7, 7];
        $lengths = ['shortest' => 10, 'longest' => 90];
        yield 'the least has a length' => [[0.0, 0.1, null, $blue], 2, 2, 10, $lengths];
        yield 'the greatest leaves room' => [[0.0, 0.9, null, $blue], 10, 2, 10, $lengths];
        yield 'half way between them' => [[0.0, 0.5, null, $blue], 6, 2, 10, $lengths];
        $below = ['below' => '#AABBCC'];
        yield 'above nought there is no axis' => [[0.0, 0.5, null, $blue], 6, 2, 10, $below];
        yield 'from nought there is none' => [[0.0, 0.5, null, $blue], 5, 0, 10, $below];
        yield 'below nought' => [[0.0, 0.5, 0.5, '#AABBCC'], -10, -10, 10, $below];
        yield 'half as far' => [[0.25, 0.5, 0.5, '#AABBCC'], -5, -10, 10, $below];
        yield 'above it' => [[0.5, 1.0, 0.5, $blue], 10, -10, 10, $below];
        yield 'nought itself' => [[0.5, 0.5, 0.5, $blue], 0, -10, 10, $below];
        yield 'the axis stands where nought is' => [[0.2, 0.6, 0.2, $blue], 20, -10, 40, $below];
        yield 'all below nought' => [[0.0, 1.0, 1.0, '#AABBCC'], -10, -10, -5, $below];
        yield 'beyond the least' => [[0.0, 0.5, 0.5, '#AABBCC'], -20, -10, 10, $below];
        yield 'in the middle' => [[0.5, 0.75, 0.5, $blue], 5, 2, 10, $below + ['axis' => 'middle']];
        yield 'in the middle, below, though none is' => [[0.0, 0.5, 0.5, '#AABBCC'], -1, 2, 10, $below + ['axis' => 'middle']];
        yield 'in the middle, all below' => [[0.5, 0.5, 0.5, $blue], 5, -10, 0, $below + ['axis' => 'middle']];
        yield 'without an axis' => [[0.0, 0.5, null, '#AABBCC'], -5, -10, 0, $below + ['axis' => 'none']];
        yield 'from the right' => [[0.5, 1.0, null, $blue], 6, 2, 10, ['mirrored' => true]];
        yield 'from the right, with an axis' => [[0.4, 0.8, 0.8, $blue], 20, -10, 40, $below + ['mirrored' => true]];
        yield 'below nought in the same colour' => [[0.0, 0.0, null, $blue], -10, -10, 10];
    }

    /**
     * @param  list<int|float|string|null>  $drawn
     * @param  array<string, mixed>  $says
     */
    #[DataProvider('bars')]
    public function test_a_bar_is_drawn(array $drawn, float $value, float $least, float $greatest, array $says = []): void
    {
        self::assertSame($drawn, self::bar($value, $least, $greatest, $says));
    }

    public function test_a_scale_between_its_points(): void
    {
        $scale = Scale::of([['point' => ['at' => 'least'], 'colour' => '#000000'], ['point' => ['at' => 'percent', 'value' => '50'],
            'colour' => '#808080'], ['point' => ['at' => 'greatest'], 'colour' => '#FFFFFF']]);
        $colour = fn (float $value, float ...$at) => $scale->colour($value, array_values($at) ?: [0.0, 10.0, 20.0]);
        self::assertSame(['#000000', '#000000', '#404040', '#808080', '#C0C0C0', '#FFFFFF', '#FFFFFF'],
            array_map($colour, [-1, 0, 5, 10, 15, 20, 21]));
        // Points in one place: what is not above it has the colour of the first.
        self::assertSame(['#000000', '#000000', '#FFFFFF'], array_map(fn (float $value) => $colour($value, 5, 5, 5), [4, 5, 6]));
        self::assertSame(['#000000', '#FFFFFF'], array_map(fn (float $value) => $colour($value, 10, 5, 5), [5, 10.5]),
            'the wrong way round');
    }

    /** @return iterable<array{string, string, Is, ColumnKind|null, bool}> as it is written, as a formula */
    public static function written(): iterable
    {
        yield ['=B2*2', 'B2*2', Is::Above, null];
        yield ['B2>1', 'B2>1', Is::Formula, null];
        yield ['12', '12', Is::Above, null];
        yield ['12.5', '12.5', Is::Above, null];
        yield ['1e14', '100000000000000', Is::Above, null];
        yield ['12', '"12"', Is::Holds, null];
        yield ['12', '"12"', Is::Lacks, null];
        yield ['12', '"12"', Is::Begins, null];
        yield ['12', '"12"', Is::Ends, null];
        foreach ([ColumnKind::Text, ColumnKind::LongText, ColumnKind::Code, ColumnKind::Category] as $kind) {
            yield ['12', '"12"', Is::Equal, $kind];
        }
        yield ['12', '12', Is::Equal, ColumnKind::Integer];
        yield ['12%', '0.12', Is::Equal, ColumnKind::Percent];
        yield ['today', 'TODAY()', Is::Above, null];
        yield ['Today + 30', 'TODAY()+30', Is::Above, null];
        yield ['today-7', 'TODAY()-7', Is::Above, null];
        yield ['today', '"today"', Is::Holds, null];
        yield ['true', 'TRUE', Is::Equal, null];
        yield ['FALSE', 'FALSE', Is::Equal, null];
        yield ['2026-01-02', '46024', Is::Above, ColumnKind::Date];
        yield ['12:00', '0.5', Is::Above, ColumnKind::Time];
        yield ['say "so"', '"say ""so"""', Is::Equal, null];
        yield [' oak ', '"oak"', Is::Equal, null];
    }

    #[DataProvider('written')]
    public function test_a_value_is_written(string $text, string $formula, Is $is, ?ColumnKind $kind): void
    {
        self::assertSame($formula, Written::formula($text, $is, $kind));
    }

    public function test_a_value_is_shown_as_it_would_be_written(): void
    {
        $shown = Written::shown(...);
        self::assertSame(['oak', 'say "so"', 'today', 'today + 30', 'today - 7', 'TRUE', '=B2*2', '=SUM(A1:A3)'],
            array_map(fn (string $one) => $shown($one), ['"oak"', '"say ""so"""', 'TODAY()', 'today()+30', 'TODAY() - 7', 'true', 'B2*2',
                'SUM(A1:A3)']));
        self::assertSame(['12%', '12.5%', '0.12'], [$shown('0.12', ColumnKind::Percent), $shown('0.125', ColumnKind::Percent),
            $shown('0.12')]);
        self::assertSame(['1900-01-01', '0.5', '9999-12-31', '2958466', '0.5'], [$shown('1', ColumnKind::Date),
            $shown('0.5', ColumnKind::Date), $shown('2958465', ColumnKind::Date), $shown('2958466', ColumnKind::Date),
            $shown('0.5', ColumnKind::Time)]);
        self::assertSame('7', $shown('7', ColumnKind::Time));
        self::assertSame('1904-01-02', $shown('1', ColumnKind::Date, true));
        // Days of the other system, there and back.
        self::assertSame('44562', Written::formula('2026-01-02', Is::Above, ColumnKind::Date, true));
        self::assertSame('2026-01-02', $shown('44562', ColumnKind::Date, true));
        self::assertSame('0.5', Written::formula('12:00', Is::Above, ColumnKind::Time, true), 'times are the same');
    }

    /** @return iterable<array{array<string, mixed>, string}> a test, and what it says */
    public static function sentences(): iterable
    {
        $of = fn (int $count) => array_map(fn (int $at) => "\"t$at\"", range(1, $count));
        yield [['is' => 'oneOf', 'of' => $of(6)], 't1, t2, t3, t4, t5, t6'];
        yield [['is' => 'oneOf', 'of' => $of(7)], 't1, t2, t3, t4, t5, t6 and 1 more'];
        yield [['is' => 'between', 'of' => ['1', '2']], '1 and 2'];
        yield [['is' => 'greatest', 'count' => 3], '3'];
        yield [['is' => 'greatest', 'count' => 3, 'percent' => true], '3%'];
        yield [['is' => 'aboveMean', 'deviations' => 1], ' by 1 deviation'];
        yield [['is' => 'aboveMean', 'deviations' => 2], ' by 2 deviations'];
        yield [['is' => 'aboveMean', 'orEqual' => true], ' or at it'];
        yield [['is' => 'formula', 'of' => ['A1>1']], 'makes true =A1>1'];
        yield [['is' => 'holds', 'of' => ['"'.str_repeat('a', 60).'"']], str_repeat('a', 60)];
        yield [['is' => 'holds', 'of' => ['"'.str_repeat('a', 61).'"']], str_repeat('a', 59).'…'];
    }

    /** @param  array<string, mixed>  $test */
    #[DataProvider('sentences')]
    public function test_what_has_to_be_true_is_said(array $test, string $ends): void
    {
        $says = Sentence::says(self::condition(['test' => $test, 'look' => ['bold' => true]]), null, false);
        self::assertStringEndsWith($ends, $says);
    }

    public function test_what_it_takes_is_said(): void
    {
        $cost = fn (array $test, int $ranges = 1) => Sentence::cost(self::condition(['test' => $test, 'look' => ['bold' => true]]),
            $ranges);
        self::assertSame(['looks at each cell by itself', 'looks at each cell by itself', 'in 101 pieces'],
            [$cost(['is' => 'blank']), $cost(['is' => 'blank'], 100), $cost(['is' => 'blank'], 101)]);
        self::assertSame('looks at other cells from each cell', $cost(['is' => 'formula', 'of' => ['SUM(A1:A3)>1']]));
        self::assertSame('looks at all of its cells together', $cost(['is' => 'repeated']));
        self::assertSame('changes with the day', $cost(['is' => 'above', 'of' => ['TODAY()']]));
        self::assertSame('changes with the day', $cost(['is' => 'period', 'period' => 'lastWeek']));
    }

    /** @param  array<string, mixed>  $says */
    private static function condition(array $says): Condition
    {
        return Condition::of($says + ['id' => 'a', 'where' => ['cells' => 'A1:A9'], 'test' => ['is' => 'always']]);
    }

    /** The limit of contrast is that of WCAG 2.2, 1.4.11; grey of 148 on white has 3.03, of 149 it has 2.99 (by its formula). */
    public function test_by_what_it_is_told_apart(): void
    {
        $by = fn (array $look, array $plain = []) => Told::by(self::condition(['test' => ['is' => 'blank'], 'look' => $look]),
            Look::of($plain));
        self::assertSame('by light and dark', $by(['fill' => '#949494']));
        self::assertNull($by(['fill' => '#969696']));
        self::assertSame('by light and dark', $by(['ink' => '#FFFFFF', 'fill' => '#FFFFFE']));
        self::assertSame('by weight', $by(['bold' => true, 'fill' => '#969696']));
        self::assertNull($by(['bold' => true, 'fill' => '#969696'], ['bold' => true]), 'it is bold already');
        self::assertNull($by(['bold' => false]));
        self::assertSame('by weight', $by(['bold' => false], ['bold' => true]));
        self::assertSame(['by slant', 'by a line through it', 'by a line under it', 'by its edges', 'by how its number is written',
            'by size'],
            array_map($by, [['italic' => true], ['strike' => true], ['underline' => 'single'], ['left' => 'thin #000000'],
                ['number' => '0.0'],
                ['size' => 14]]));
        $scale = fn (string $colour) => Told::by(self::condition(['scale' => [['point' => ['at' => 'least'], 'colour' => '#FFFFFF'],
            ['point' => ['at' => 'greatest'], 'colour' => $colour]]]), Look::none());
        self::assertSame(['by light and dark', null], [$scale('#949494'), $scale('#969696')]);
    }
}
