<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Number\Currencies;
use Rilvet\Number\Exception\FormatCodeIsWrong;
use Rilvet\Number\NumberChoice;
use Rilvet\Number\NumberFormat;
use Rilvet\Number\Purpose;

/** A format as a person chooses it, and the code that says the same. */
final class NumberChoiceTest extends TestCase
{
    public function test_every_choice_reads_back_from_its_code(): void
    {
        $count = 0;
        foreach ([Purpose::Plain, Purpose::Grouped, Purpose::Money, Purpose::Percent, Purpose::Thousands, Purpose::Millions] as $purpose) {
            foreach (NumberChoice::NEGATIVE as $negative) {
                foreach (NumberChoice::ZERO as $zero) {
                    foreach ($purpose === Purpose::Money ? NumberChoice::PLACES : ['before'] as $place) {
                        foreach (['£', 'CHF', 'kr.'] as $symbol) {
                            foreach ([0, 2, 5] as $decimals) {
                                $choice = NumberChoice::of([
                                    'purpose' => $purpose->value,
                                    'decimals' => $decimals,
                                    'negative' => $negative,
                                    'zero' => $zero,
                                    'place' => $place,
                                    'symbol' => $purpose === Purpose::Money ? $symbol : '',
                                ]);
                                $read = NumberChoice::read($choice->code());
                                self::assertNotNull($read, $choice->code());
                                self::assertSame($choice->code(), $read->code());
                                self::assertSame([$purpose, $decimals], [$read->purpose, $read->decimals], $choice->code());
                                $count++;
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(700, $count);
    }

    public function test_patterns_and_plain_choices_read_back(): void
    {
        foreach (Purpose::cases() as $purpose) {
            foreach ($purpose->patterns() === [] ? [''] : $purpose->patterns() as $pattern) {
                $choice = NumberChoice::of([
                    'purpose' => $purpose->value,
                    'pattern' => $pattern,
                    'decimals' => 1,
                    'length' => 6,
                    'symbol' => $purpose === Purpose::Money ? '£' : '',
                ]);
                self::assertSame($purpose, NumberChoice::read($choice->code())?->purpose, $choice->code());
            }
        }
        self::assertNull(NumberChoice::read('0.00"kg";[Blue]0'), 'only the code says it');
    }

    /** @return iterable<array{array<string, mixed>, float, string}> */
    public static function shown(): iterable
    {
        yield [['purpose' => 'money', 'decimals' => 2, 'symbol' => '£'], 1234.5, '£1,234.50'];
        yield [['purpose' => 'money', 'decimals' => 2, 'symbol' => '£', 'negative' => 'brackets'], -1234.5, '(£1,234.50)'];
        yield [['purpose' => 'money', 'decimals' => 0, 'symbol' => 'CHF'], 1234.5, "CHF\u{A0}1,235"];
        yield [['purpose' => 'money', 'decimals' => 2, 'symbol' => '€', 'place' => 'behind'], -7, '-7.00 €'];
        yield [['purpose' => 'percent', 'decimals' => 1], 0.1234, '12.3%'];
        yield [['purpose' => 'thousands', 'decimals' => 1], 1234567, '1,234.6'];
        yield [['purpose' => 'millions', 'decimals' => 2], 1234567, '1.23'];
        yield [['purpose' => 'grouped', 'zero' => 'dash'], 0, '–'];
        yield [['purpose' => 'grouped', 'zero' => 'blank'], 0, ''];
        yield [['purpose' => 'code', 'length' => 6], 412, '000412'];
        yield [['purpose' => 'date', 'pattern' => 'ddd d mmm yyyy'], 45239, 'Thu 9 Nov 2023'];
        yield [['purpose' => 'duration'], 1.5, '36:00'];
        yield [['purpose' => 'hidden'], 5, ''];
    }

    /** @param  array<string, mixed>  $choice */
    #[DataProvider('shown')]
    public function test_choices_show_what_they_say(array $choice, float $value, string $text): void
    {
        self::assertSame($text, NumberFormat::of(NumberChoice::of($choice)->code())->number($value)->text);
    }

    /** @return iterable<array{array<string, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'no purpose' => [[]];
        yield 'a purpose that is none' => [['purpose' => 'beauty']];
        yield '11 decimals' => [['purpose' => 'plain', 'decimals' => 11]];
        yield 'decimals as text' => [['purpose' => 'plain', 'decimals' => '2']];
        yield 'a sign that breaks out of its quotes' => [['purpose' => 'money', 'symbol' => '";[Red]']];
        yield 'a long sign' => [['purpose' => 'money', 'symbol' => 'doubloons']];
        yield 'a pattern that is no code' => [['purpose' => 'date', 'pattern' => 'yyyy"']];
    }

    /** @param  array<string, mixed>  $choice */
    #[DataProvider('wrong')]
    public function test_what_is_no_choice_is_refused(array $choice): void
    {
        $this->expectException(FormatCodeIsWrong::class);
        NumberChoice::of($choice);
    }

    public function test_currencies_are_written_as_intl_writes_them(): void
    {
        $all = Currencies::list();
        self::assertGreaterThanOrEqual(35, count($all));
        foreach ($all as $currency) {
            self::assertMatchesRegularExpression('/^[A-Z]{3}$/', $currency['code'], 'ISO 4217');
            $code = NumberChoice::of([
                'purpose' => 'money',
                'symbol' => $currency['symbol'],
                'place' => $currency['place'],
                'decimals' => $currency['decimals'],
            ])->code();
            self::assertStringContainsString($currency['symbol'], NumberFormat::of($code)->number(5)->text);
        }
        $by = array_column($all, null, 'region');
        self::assertSame(
            ['GBP', '£', 'before', 2],
            [
                $by['United Kingdom']['code'],
                $by['United Kingdom']['symbol'],
                $by['United Kingdom']['place'],
                $by['United Kingdom']['decimals'],
            ],
        );
        self::assertSame(['JPY', 0], [$by['Japan']['code'], $by['Japan']['decimals']]);
        self::assertSame(['EUR', 'behind'], [$by['Germany']['code'], $by['Germany']['place']]);
    }

    /** @return iterable<string, array{string, int, bool}> */
    public static function counts(): iterable
    {
        foreach (['decimals' => [0, 10], 'length' => [1, 20]] as $name => [$least, $most]) {
            yield "$name, the least" => [$name, $least, true];
            yield "$name, the most" => [$name, $most, true];
            yield "$name, too few" => [$name, $least - 1, false];
            yield "$name, too many" => [$name, $most + 1, false];
        }
    }

    #[DataProvider('counts')]
    public function test_digits_have_their_limits(string $name, int $value, bool $isTaken): void
    {
        $isTaken || $this->expectException(FormatCodeIsWrong::class);
        self::assertSame($value, NumberChoice::of(['purpose' => 'plain', $name => $value])->{$name});
    }

    public function test_a_sign_of_a_currency_belongs_to_money_alone(): void
    {
        $code = fn (array $says) => NumberChoice::of($says + ['decimals' => 2])->code();
        self::assertSame('#,##0.00', $code(['purpose' => 'grouped', 'symbol' => '€', 'place' => 'behind']));
        self::assertSame('#,##0.00', $code(['purpose' => 'money', 'symbol' => '', 'place' => 'behind']));
        self::assertSame('#,##0.00" €"', explode(';', $code(['purpose' => 'money', 'symbol' => '€', 'place' => 'behind']))[0]);
    }
}
