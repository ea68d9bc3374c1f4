<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Intake\DateText;
use Rilvet\Intake\Lexeme;
use Rilvet\Intake\NumberText;
use Rilvet\Intake\TotalWords;
use Rilvet\Intake\Words;
use Rilvet\Number\FormatClass;
use Rilvet\Number\SerialDate;

/** Words and notations of tables: common practice of the languages named. */
final class WordsTest extends TestCase
{
    /** @return iterable<array{string, bool, bool, bool}> text, subtotal, total, statistic */
    public static function labels(): iterable
    {
        yield ['Total', false, true, false];
        yield ['Grand total', false, true, false];
        yield ['Total costs', false, true, false];
        yield ['Upper beds together', false, true, false];
        yield ['Subtotal', true, false, false];
        yield ['Sub-total, north', true, false, false];
        yield ['Zwischensumme', true, false, false];
        yield ['Gesamtsumme', false, true, false];
        yield ['Sous-total', true, false, false];
        yield ['Yhteensä', false, true, false];
        yield ['Razem', false, true, false];
        yield ['Mean', false, false, true];
        yield ['Durchschnitt', false, false, true];
        yield ['Maximum', false, false, true];
        yield ['Totally other', false, false, false];
        yield ['Countess', false, false, false];
        yield ['A sentence in which the word total stands somewhere in the middle of it all', false, false, false];
    }

    #[DataProvider('labels')]
    public function test_total_words(string $text, bool $subtotal, bool $total, bool $statistic): void
    {
        self::assertSame([$subtotal, $statistic], [TotalWords::subtotal($text), TotalWords::statistic($text)]);
        $subtotal || self::assertSame($total, TotalWords::total($text));
        self::assertSame($subtotal || $total || $statistic, TotalWords::in($text));
    }

    public function test_month_names_of_all_known_languages_come_from_intl(): void
    {
        $names = [
            'January' => 1,
            'jan' => 1,
            'März' => 3,
            'mars' => 3,
            'maggio' => 5,
            'juin' => 6,
            'Juli' => 7,
            'agosto' => 8,
            'Sept' => 9,
            'oktober' => 10,
            'listopada' => 11,
            'prosince' => 12,
        ];
        foreach ($names as $name => $month) {
            self::assertSame($month, Words::month($name), $name);
        }
        self::assertNull(Words::month('Rowan'));
    }

    /** @return iterable<array{string, string|null}> */
    public static function currencies(): iterable
    {
        yield from [
            ['£', '£'],
            ['€', '€'],
            ['A$', 'A$'],
            ['EUR', 'EUR'],
            ['CHF', 'CHF'],
            ['kr', 'kr'],
            ['zł', 'zł'],
            ['ABC', null],
            ['kg', null],
            ['', null],
        ];
    }

    #[DataProvider('currencies')]
    public function test_currency_signs_and_codes_by_iso_4217(string $text, ?string $sign): void
    {
        self::assertSame($sign, Words::currency($text));
    }

    public function test_yes_and_no_come_in_pairs(): void
    {
        foreach ([['yes', 'no'], ['ja', 'nein'], ['oui', 'non'], ['yes']] as $words) {
            self::assertTrue(Words::areYesNo($words));
        }
        foreach ([['yes', 'perhaps'], ['a', 'b'], [], ['yes', 'no', 'n/a']] as $words) {
            self::assertFalse(Words::areYesNo($words));
        }
    }

    /** @return iterable<array{string, Lexeme}> shapes, with 9 for every digit */
    public static function shapes(): iterable
    {
        yield from [
            ['9,999.99', Lexeme::Number],
            ['(9,999)', Lexeme::Number],
            ['£9.99', Lexeme::Number],
            ['99%', Lexeme::Number],
            ['-9', Lexeme::Number],
            ['9e9', Lexeme::Number],
            ['.99', Lexeme::Number],
            ['9999-99-99', Lexeme::Date],
            ['99/99/9999', Lexeme::Date],
            ['9 March 9999', Lexeme::Date],
            ['9999-99-99T99:99:99Z', Lexeme::Date],
            ['99:99', Lexeme::Time],
            ['99 h', Lexeme::Time],
            ['', Lexeme::Blank],
            ['  ', Lexeme::Blank],
            ['n/a', Lexeme::Placeholder],
            ['–', Lexeme::Placeholder],
            ['TRUE', Lexeme::Boolean],
            ['Rowan', Lexeme::Text],
            ['A-999', Lexeme::Text],
            ['9 Rowan trees', Lexeme::Text],
            ['Total', Lexeme::TotalWord],
            ['99,99,99', Lexeme::Text],
            ['9.9.9', Lexeme::Text],
            ['99:99:99:99', Lexeme::Text],
        ];
    }

    #[DataProvider('shapes')]
    public function test_shapes(string $shape, Lexeme $lexeme): void
    {
        self::assertSame($lexeme, Lexeme::of($shape));
    }

    public function test_numbers_come_back_from_every_notation_that_intl_writes(): void
    {
        mt_srand(4217);
        $notations = ['en' => '.', 'de' => ',', 'fr' => ',', 'de-CH' => '.', 'sv' => ',', 'hi' => '.', 'es' => ',', 'pl' => ','];
        foreach ($notations as $locale => $decimal) {
            $format = new \NumberFormatter($locale, \NumberFormatter::DECIMAL);
            $format->setAttribute(\NumberFormatter::MIN_FRACTION_DIGITS, 2);
            $format->setAttribute(\NumberFormatter::MAX_FRACTION_DIGITS, 2);
            for ($round = 0; $round < 120; $round++) {
                $number = mt_rand(-99_999_999, 99_999_999) / 100;
                self::assertEqualsWithDelta(
                    $number,
                    NumberText::parse((string) $format->format($number), $decimal),
                    1e-9,
                    "$locale {$format->format($number)}",
                );
            }
        }
    }

    public function test_dates_come_back_from_the_forms_that_intl_writes(): void
    {
        mt_srand(8601);
        foreach (
            [
                'en' => ['d MMMM y', 'MMM d, y', 'y-MM-dd', 'EEE d MMM y'],
                'de' => ['d. MMMM y', 'dd.MM.y'],
                'fr' => ['d MMMM y', 'dd/MM/y'],
                'es' => ["d 'de' MMMM 'de' y"],
            ] as $locale => $patterns
        ) {
            foreach ($patterns as $pattern) {
                $format = new \IntlDateFormatter(
                    $locale,
                    \IntlDateFormatter::NONE,
                    \IntlDateFormatter::NONE,
                    'UTC',
                    \IntlDateFormatter::GREGORIAN,
                    $pattern,
                );
                for ($round = 0; $round < 40; $round++) {
                    $serial = mt_rand(20_000, 60_000);
                    [$year, $month, $day] = SerialDate::day($serial);
                    $text = (string) $format->format((int) gmmktime(12, 0, 0, $month, $day, $year));
                    self::assertSame($serial, DateText::parse($text, 'dmy'), "$locale: $text");
                }
            }
        }
    }

    /** @return iterable<array{string|null, FormatClass, string|null}> code, class, currency sign */
    public static function codes(): iterable
    {
        yield from [
            [null, FormatClass::General, null],
            ['General', FormatClass::General, null],
            ['0.00', FormatClass::Number, null],
            ['0%', FormatClass::Percent, null],
            ['"£"#,##0.00', FormatClass::Currency, '£'],
            ['[$€-407]#,##0', FormatClass::Currency, '€'],
            ['yyyy-mm-dd', FormatClass::Date, null],
            ['d/m/yy', FormatClass::Date, null],
            ['hh:mm', FormatClass::Time, null],
            ['h:mm AM/PM', FormatClass::Time, null],
            ['mm:ss', FormatClass::Time, null],
            ['yyyy-mm-dd hh:mm', FormatClass::DateTime, null],
            ['[h]:mm', FormatClass::Duration, null],
            ['@', FormatClass::Text, null],
            ['0 "days"', FormatClass::Number, null],
            ['mmm', FormatClass::Date, null],
            ['[Red]0;-0', FormatClass::Number, null],
        ];
    }

    #[DataProvider('codes')]
    public function test_what_a_code_makes_of_a_number(?string $code, FormatClass $class, ?string $sign): void
    {
        self::assertSame($class, FormatClass::of($code));
        self::assertSame($sign, FormatClass::currency($code));
    }
}
