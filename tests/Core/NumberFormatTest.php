<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
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
    }

    #[DataProvider('codes')]
    public function test_codes(string $code, float $value, string $text): void
    {
        self::assertSame($text, NumberFormat::of($code)->number($value)->text);
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
    }

    #[DataProvider('wrong')]
    public function test_wrong_codes_are_refused(string $code): void
    {
        $this->expectException(FormatCodeIsWrong::class);
        NumberFormat::of($code);
    }
}
