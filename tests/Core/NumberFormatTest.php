<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Cell;
use Rilvet\Number\Exception\FormatCodeIsWrong;
use Rilvet\Number\NumberFormat;

/** Format codes by ISO/IEC 29500-1 18.8.30 and 18.8.31; expected texts from memory of those sections and common practice. */
final class NumberFormatTest extends TestCase
{
    /** @return iterable<array{string, float, string}> */
    public static function codes(): iterable
    {
        yield ['#,##0.00', 1234567.891, '1,234,567.89'];
        yield ['0%', 0.256, '26%'];
        yield ['0.00', 2.675, '2.68'];
        yield ['0.00', 1.005, '1.01'];
        yield ['0', 0.5, '1'];
        yield ['0', -0.4, '0'];
        yield ['#,##0;(#,##0);"-"', -1234, '(1,234)'];
        yield ['#,##0;(#,##0);"-"', 0, '-'];
        yield ['00000', 412, '00412'];
        yield ['#,##0,', 1234567, '1,235'];
        yield ['0.0,,"m"', 1234567, '1.2m'];
        yield ['0.00E+00', 12345.678, '1.23E+04'];
        yield ['# ?/?', 1.25, '1 1/4'];
        yield ['000-00-0000', 123456789, '123-45-6789'];
        yield ['yyyy-mm-dd', 45000, '2023-03-15'];
        yield ['dddd d mmmm yyyy', 45000, 'Wednesday 15 March 2023'];
        yield ['[h]:mm', 1.5, '36:00'];
        yield ['h:mm AM/PM', 0.75, '6:00 PM'];
        yield ['mm:ss', 0.5 / 24, '30:00'];
        yield ['[>=1000]#,##0;0.0', 1500, '1,500'];
        yield ['[>=1000]#,##0;0.0', 15, '15.0'];
        yield ['General', 0.1 + 0.2, '0.3'];
        yield ['@', 5, '5'];
        yield [';;;', 5, ''];
        yield ['[$-407]dddd, d. mmmm yyyy', 45000, 'Mittwoch, 15. März 2023'];
        yield ['[$-F800]dddd', 45000, 'Wednesday'];
        yield ['[$-fr-FR]d mmm', 45000, '15 mars'];
        yield ['[$€-407] 0.00', 1.5, '€ 1.50'];
        yield ['# ??/??', 0.333, " \u{2007}1/3\u{2007}"];
        yield ['0.###E+00', 12000, '1.2E+04'];
        yield ['[>=100]0;[<0]-0;0.0', -7, '-7'];
        yield ['0.0#,', 4.5, '0.0'];
        // Facts of the trade: 8:00 is a third of a day, 17:00 less 8:00 is nine hours, a later date less an earlier one gives days.
        yield ['0.0000', 8 / 24, '0.3333'];
        yield ['0.0000', 17 / 24, '0.7083'];
        yield ['[h]:mm', 17 / 24 - 8 / 24, '9:00'];
        yield ['0', 45385 - 45380, '5'];
        // The bottom of the 1900 system, with the day that never was (18.17.4.1), and its end.
        // Shapes in which an examination against two general-purpose libraries found this one wrong (18.8.31 where it says so).
        yield ['[<10]0.0', 50, '50'];
        yield ['[< 10]0.0;0', 4, '4.0'];
        yield ['# ?/?%', 0.0125, '1 1/4%'];
        yield ['#,##0 ?/?', 1234.5, '1,234 1/2'];
        yield ['# ?/?_)', 1.5, "1 1/2\u{00A0}"];
        // The last convergent of the continued fraction that has room, as the reference library takes it; not always the nearest fraction.
        yield ['0/0', 3 / 10, '1/3'];
        yield ['0/00', 2 / 101, '1/50'];
        yield ['# ?/16', 0.3, ' 5/16'];
        yield ['# ?/16', 2.97, "3 \u{2007} \u{2007}\u{2007}"];
        yield ['0/0', 3, '3/1'];
        yield ['0 0/8', 2, '2 0/8'];
        yield ['?/?', 9.5e18, '9500000000000000000/1'];
        yield ['# ???/???', 9.5e18, "9500000000000000000 \u{2007}\u{2007}\u{2007} \u{2007}\u{2007}\u{2007}"];
        yield ['00E+0', 1, '01E+0'];
        yield ['00E+0', 1234, '12E+2'];
        yield ['0.0E+00%', 2, '2.0E+02%'];
        yield ['0.0E+##', 2, '2.0E+0'];
        yield ['e-mm-dd', 45000, '2023-03-15'];
        yield ['eeee', 45000, '2023'];
        yield ['"a"@"b"', -3, '-3'];
        yield ['s:m', 0.5 + 61 / 86_400, '1:1'];
        yield ['[h]:mm..h', 1.25, '30:00..6'];
        // "a/p" in small letters shows small letters (18.8.31, AM/PM).
        yield ['h:mm a/p', 0.75, '6:00 p'];
        yield ['[$-FC19]d mmmm', 45000, '15 марта'];
        yield ['[$-419]mmmm', 45000, 'Март'];
        yield ['?#,##0', 0, "\u{2007}0"];
        yield ['0".".0', 1.5, '1..5'];
        yield ['0.0000%', 0, '0.0000%'];
        yield ['...;@', -0.25, '...'];
        yield ['mmm-yy;@', 45000, 'Mar-23'];
        yield ['# ?\\/?', 12, ' 1/2'];
        // A date alone is the day that has begun; seconds carry into the next.
        yield ['yyyy-mm-dd', 45000.999999, '2023-03-15'];
        yield ['yyyy-mm-dd hh:mm:ss', 45000.999999, '2023-03-16 00:00:00'];
        yield ['yyyy-mm-dd', 1, '1900-01-01'];
        yield ['yyyy-mm-dd', 59, '1900-02-28'];
        yield ['yyyy-mm-dd', 60, '1900-02-29'];
        yield ['yyyy-mm-dd', 61, '1900-03-01'];
        yield ['yyyy-mm-dd', 2_958_465, '9999-12-31'];
        yield ['0.00', 1e308, '1'.str_repeat('0', 308).'.00'];
        yield ['0', 12345678901234567, '12345678901234600'];
        // Eleven characters of a number, then an exponent; five figures behind the point, noughts left away (common practice).
        yield ['General', 9_999_999_999, '9999999999'];
        yield ['General', 10_000_000_000, '10000000000'];
        yield ['General', 99_999_999_999, '99999999999'];
        yield ['General', 100_000_000_000, '1E+11'];
        yield ['General', -123_456_789_012, '-1.23457E+11'];
        yield ['General', 1, '1'];
        yield ['General', -1, '-1'];
        yield ['General', 0.1, '0.1'];
        yield ['General', 1e-9, '0.000000001'];
        yield ['General', -1e-10, '-1E-10'];
        yield ['General', 1.25e-10, '1.25E-10'];
        // A section for numbers below nought alone shows them without their sign (18.8.31, conditions).
        yield ['[<0]0.0" less";0', -1.5, '1.5 less'];
        yield ['[<=0]0.0" or less";0', -1.5, '-1.5 or less'];
        yield ['[<-1]0.0" less";0', -1.5, '1.5 less'];
        yield ['[<=-1]0.0" less";0', -1.5, '1.5 less'];
        yield ['[=-1.5]0.0" it is";0', -1.5, '1.5 it is'];
        yield ['[<1]0.0" small";0', -1.5, '-1.5 small'];
        yield ['[<=1]0.0" small";0', -1.5, '-1.5 small'];
        yield ['[>-2]0.0" more";0', -1.5, '-1.5 more'];
        yield ['[<>-2]0.0" other";0', -1.5, '-1.5 other'];
        // Noon is after noon, midnight before it (18.8.31, AM/PM).
        yield ['h:mm AM/PM', 0.5, '12:00 PM'];
        yield ['h:mm AM/PM', 0, '12:00 AM'];
        yield ['h:mm a/p', 0.5, '12:00 p'];
        yield ['h:mm AM/PM', 0.5 - 1 / 1_440, '11:59 AM'];
        yield ['?/?', 1e15, '1000000000000000/1'];
        yield ['# ?/?', 1e15, "1000000000000000 \u{2007} \u{2007}"];
        yield ['0,', 1_499, '1'];
        yield ['0,,', 1_500_000, '2'];
        yield ['0.0,', 1_500, '1.5'];
        yield ['0," k"', 1_500, '2 k'];
        yield ['#,#', 1_500, '1,500'];
        yield ['0-0', 12, '1-2'];
        yield ['00-00', 12, '00-12'];
        yield ['0-00', 12_345, '123-45'];
        yield ['#-##', 5, '-5'];
        yield ['.00', 1.5, '1.50'];
        yield ['.00', 0.5, '.50'];
        yield ['0.00', 1e12, '1000000000000.00'];
        yield ['#.##', 0, '.'];
        yield ['0.?', 1, "1.\u{2007}"];
        yield [str_repeat('0', 255), 7, str_repeat('0', 254).'7'];
    }

    #[DataProvider('codes')]
    public function test_codes(string $code, float $value, string $text): void
    {
        self::assertSame($text, NumberFormat::of($code)->number($value)->text);
    }

    public function test_texts_and_booleans_go_by_the_section_of_texts(): void
    {
        self::assertSame('ab kg', NumberFormat::of('0;-0;0;General" kg"')->show(Cell::of('ab'))->text);
        self::assertSame('', NumberFormat::of(';;;')->show(Cell::of(true))->text);
        self::assertSame('TRUE', NumberFormat::of('0.0')->show(Cell::of(true))->text);
        self::assertFalse(NumberFormat::of('mmm-yy;@')->show(Cell::of(-1))->fits);
        self::assertSame('x', NumberFormat::of('mmm-yy;@')->show(Cell::of('x'))->text);
    }

    public function test_dates_from_1904(): void
    {
        self::assertSame(
            ['1904-01-01', '1904-01-02', '2023-03-15'],
            array_map(fn (int $serial) => NumberFormat::of('yyyy-mm-dd')->number($serial, true)->text, [0, 1, 43538]),
        );
    }

    public function test_pads_and_fills_are_spans(): void
    {
        $accounting = NumberFormat::of('_(* #,##0.00_);_(* (#,##0.00);_(* "-"??_)');
        $pad = \Rilvet\Number\Formatted::PAD;
        self::assertSame(["$pad(", "1,234.50$pad)"], $accounting->number(1234.5)->pieces());
        self::assertSame(["$pad(", '(1,234.50)'], $accounting->number(-1234.5)->pieces(), 'a closing bracket does not shift the digits');
        self::assertSame("\u{A0}1,234.50\u{A0}", $accounting->number(1234.5)->text);
    }

    public function test_what_is_no_number_is_not_shown_as_one(): void
    {
        foreach ([NAN, INF, -INF] as $value) {
            self::assertFalse(NumberFormat::of('0.00')->number($value)->fits);
            self::assertFalse(NumberFormat::of('yyyy')->number($value)->fits);
        }
    }

    public function test_a_fill_splits_the_sign_from_the_figures(): void
    {
        self::assertSame(['£', '3.40'], NumberFormat::of('"£"* #,##0.00')->number(3.4)->pieces());
    }

    public function test_what_no_date_is_cannot_be_shown(): void
    {
        self::assertFalse(NumberFormat::of('yyyy-mm-dd')->number(-1)->fits);
        self::assertFalse(NumberFormat::of('yyyy-mm-dd')->number(2_958_466)->fits);
    }

    /** @return iterable<array{string}> */
    public static function wrong(): iterable
    {
        yield 'five sections' => ['0;0;0;0;0'];
        yield 'open quote' => ['0"kg'];
        yield 'open bracket' => ['[Red0'];
        yield 'unknown bracket' => ['[Reddish]0'];
        yield 'nothing after a backslash' => ['0\\'];
        yield '10,000 characters' => [str_repeat('0', 10_000)];
        yield '256 characters' => [str_repeat('0', 256)];
    }

    #[DataProvider('wrong')]
    public function test_wrong_codes_are_refused(string $code): void
    {
        $this->expectException(FormatCodeIsWrong::class);
        NumberFormat::of($code);
    }

    /** Digits that PHP writes itself are those of the decimal value at 15 significant digits, half away from zero. */
    public function test_the_short_way_rounds_as_the_long_one(): void
    {
        mt_srand(15);
        for ($round = 0; $round < 20_000; $round++) {
            $places = mt_rand(0, 3);
            $value = match (mt_rand(0, 3)) {
                0 => mt_rand(0, 99_999_999) / 1000,
                1 => (mt_rand(0, 9_999_999) * 2 + 1) / (2 * 10 ** $places),
                2 => mt_rand() / mt_rand(1, 999),
                default => mt_rand(0, 100_000) * 0.1 ** mt_rand(1, 6),
            };
            $rounded = \Rilvet\Number\Decimal::of($value)->round($places);
            $long =
                ($rounded->whole() === '' ? '0' : $rounded->whole()).
                ($places === 0 ? '' : '.'.str_pad($rounded->fraction(), $places, '0'));
            self::assertSame(
                $long,
                NumberFormat::of($places === 0 ? '0' : '0.'.str_repeat('0', $places))->number($value)->text,
                (string) $value,
            );
        }
    }

    /** ISO/IEC 29500-1 18.8.31: a condition is an operator and a value; each of the six at, below and above its value. */
    public function test_each_operator_of_a_condition_holds_where_it_says(): void
    {
        foreach (['<' => [true, false, false], '<=' => [true, true, false], '>' => [false, false, true], '>=' => [false, true, true],
            '=' => [false, true, false], '<>' => [true, false, true]] as $operator => $holds) {
            $format = NumberFormat::of("[{$operator}10]\"yes\";\"no\"");
            self::assertSame(array_map(fn (bool $is) => $is ? 'yes' : 'no', $holds),
                array_map(fn (float $value) => $format->number($value)->text, [9.75, 10.0, 10.25]), $operator);
        }
        self::assertSame(['few', 'some', 'many'], array_map(
            fn (float $value) => NumberFormat::of('[<=2]"few";[<=9]"some";"many"')->number($value)->text, [2.0, 9.0, 9.5]));
    }

    /** Where a code is taken apart: semicolons, quotes and brackets inside of each other are no ends. */
    public function test_what_stands_in_quotes_and_brackets_ends_no_section(): void
    {
        foreach (['0"a;b"' => '5a;b', '0"[Red]"' => '5[Red]', '0\\;' => '5;', '[$";"-409]0' => '";"5', '0_;' => "5\u{A0}",
            '"x";"y";"z"' => 'x', '0"\\";"n"' => '5\\'] as $code => $text) {
            self::assertSame($text, NumberFormat::of($code)->number(5.0)->text, $code);
        }
    }
}
