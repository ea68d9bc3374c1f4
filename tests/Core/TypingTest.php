<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\EditCells;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Intake\ColumnTyping;
use Rilvet\Intake\Survey;
use Rilvet\Intake\Tokeniser;
use Rilvet\Intake\TypingKind;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Text is typed a column at a time. The notations are common practice in the countries that use them. */
final class TypingTest extends TestCase
{
    /** @return iterable<string, array{list<string>, list<null|bool|int|float|string>}> texts of a column, values */
    public static function columns(): iterable
    {
        yield 'decimal points' => [['1.5', '2.25', '10'], [1.5, 2.25, 10]];
        yield 'decimal commas' => [['1,5', '2,25', '10'], [1.5, 2.25, 10]];
        yield 'points as thousands beside decimal commas' => [['1.234,50', '2.000,00'], [1234.5, 2000.0]];
        yield 'commas as thousands' => [['1,234', '12,345', '1,234,567'], [1234, 12345, 1234567]];
        yield 'apostrophes' => [["1'234", "12'345.5"], [1234, 12345.5]];
        yield 'thin and no-break spaces' => [["1\u{2009}234", "12\u{A0}345"], [1234, 12345]];
        yield 'a zero before the point is no group of thousands' => [['0.125', '1.250'], [0.125, 1.25]];
        yield 'currency before and after' => [['£3.40', '£ 1,200.00', '-£5.00'], [3.4, 1200.0, -5.0]];
        yield 'currency by code' => [['EUR 7', '12 EUR'], [7, 12]];
        yield 'negatives' => [['-5', '(1,200)', '7-', '−3'], [-5, -1200, -7, -3]];
        yield 'percent' => [['12%', '3.5 %'], [0.12, 0.035]];
        yield 'ISO 8601 dates' => [['2024-03-01', '2024-12-31'], [45352, 45657]];
        yield 'day first, by the whole column' => [['03/04/2024', '25/12/2024'], [45385, 45651]];
        yield 'month first, by the whole column' => [['03/04/2024', '12/25/2024'], [45355, 45651]];
        yield 'month names in several languages' => [['3 March 2024', '3. März 2024', '3 mars 2024'], [45354, 45354, 45354]];
        yield 'times' => [['8:00', '17:00'], [1 / 3, 17 / 24]];
        yield 'durations' => [['36:15', '4:30'], [36.25 / 24, 4.5 / 24]];
        yield 'leading zeros are codes' => [['00412', '1200'], ['00412', '1200']];
        yield 'more than 15 digits are codes' => [['1234567890123456', '12'], ['1234567890123456', '12']];
        yield 'letters and digits are codes' => [['A12', '317', 'B4'], ['A12', '317', 'B4']];
        yield 'yes and no stay words' => [['yes', 'no'], ['yes', 'no']];
        yield 'dashes and gaps stay, the rest is typed' => [['5', '-', 'n/a', '', '7'], [5, '-', 'n/a', null, 7]];
        yield 'no such day stays text' => [['2024-02-30', '2024-02-28'], ['2024-02-30', 45350]];
        yield 'exponents' => [['1e3', '2.5E-2', '7.1'], [1000.0, 0.025, 7.1]];
    }

    /**
     * @param  list<string>  $texts
     * @param  list<null|bool|int|float|string>  $values
     */
    #[DataProvider('columns')]
    public function test_columns(array $texts, array $values): void
    {
        $typing = self::typing($texts);
        foreach ($texts as $index => $text) {
            $cell = $typing->cell($text);
            is_float($values[$index])
                ? self::assertEqualsWithDelta($values[$index], $cell->value, 1e-12)
                : self::assertSame($values[$index], $cell->value);
            self::assertSame($text, $cell->text(), 'the text as it came is kept');
        }
    }

    public function test_a_date_that_nothing_decides_is_marked(): void
    {
        self::assertTrue(self::typing(['03/04/2024', '05/06/2024'])->unsure);
        self::assertFalse(self::typing(['03/04/2024', '25/06/2024'])->unsure);
        self::assertFalse(self::typing(['03.04.2024', '05.06.2024'])->unsure);
    }

    public function test_an_unclear_column_follows_the_decimal_sign_of_the_file(): void
    {
        $survey = new Survey(new MemoryBlockStore);
        $survey->take(Tokeniser::ofText("1,5;1.234\n2,25;2.500\n", ';')->rows());
        self::assertSame(1234, $survey->typing()->cell(2, '1.234')->value);
    }

    /** Common practice: semicolons part the fields where the comma is the decimal sign. */
    public function test_where_nothing_in_the_file_tells_the_decimal_sign_its_delimiter_does(): void
    {
        foreach ([';' => [1234, 1.234], '|' => [1.234, 1234]] as $delimiter => [$point, $comma]) {
            $survey = new Survey(new MemoryBlockStore);
            $survey->take(Tokeniser::ofText("1.234{$delimiter}1,234\n2.500{$delimiter}2,500\n", $delimiter)->rows());
            $typing = $survey->typing($delimiter);
            self::assertEquals([$point, $comma], [$typing->cell(1, '1.234')->value, $typing->cell(2, '1,234')->value], $delimiter);
            self::assertTrue($typing->columns[1]->unsure && $typing->columns[2]->unsure);
        }
        $survey = new Survey(new MemoryBlockStore);
        $survey->take(Tokeniser::ofText("1.5;1.234\n2.25;2.500\n", ';')->rows());
        self::assertSame(1.234, $survey->typing(';')->cell(2, '1.234')->value, 'another column tells it');
    }

    /** Figures of several lengths, each parted before its last three digits or not at all: thousands, whatever parts the fields. */
    public function test_figures_in_groups_of_thousands_tell_their_sign(): void
    {
        self::assertSame(1_204, self::value(['1.204', '12.350', '840', '7.001', '2.118', '31.000'], '1.204'));
        self::assertSame(1_204, self::value(['1,204', '12,350', '103,000', '7,001', '2,118'], '1,204', ';'));
        self::assertSame(1.204, self::value(['1.204', '2.350', '7.001', '2.118', '3.100'], '1.204'), 'all of one length');
        self::assertSame(1.204, self::value(['1.204', '12.350', '0.840', '7.001', '2.118', '31.000'], '1.204'), 'a zero before the sign');
        self::assertSame(1.204, self::value(['1.204', '12.350', '8.4', '7.001', '2.118', '31.000'], '1.204'), 'a measure of one place');
        self::assertSame(1.204, self::value(['1.204', '12.350', '31.000'], '1.204'), 'three say too little');
    }

    /** @param  list<string>  $texts  of one column */
    private static function value(array $texts, string $text, string $delimiter = ','): int|float|null
    {
        $survey = new Survey(new MemoryBlockStore);
        $survey->take(Tokeniser::ofText(implode("\n", array_map(fn (string $one) => "\"$one\"", $texts))."\n", $delimiter)->rows());
        $value = $survey->typing($delimiter)->cell(1, $text)->value;

        return is_int($value) || is_float($value) ? $value : null;
    }

    /** Law: many cells at once give what each gives by itself, whatever else the column holds. */
    public function test_a_whole_column_is_read_as_its_cells_are(): void
    {
        mt_srand(4_180);
        $plain = ['5', '12', '007', '0', '1.5', '-2.25', '00.50', '-0.0'];
        $odd = [
            '1,234',
            '1,234.50',
            '1.234,5',
            '1,5',
            '',
            '-',
            'n/a',
            "1\n2",
            "3\x1F4",
            '12%',
            '(7)',
            '1e3',
            '£3',
            '999999999999999',
            '1234567890123456',
            '123456789012.123456789',
            ' 8 ',
            '03/04/2024',
            '2024-03-01',
            '8:30',
        ];
        foreach (
            [
                ...array_map(fn (string $decimal) => new ColumnTyping(TypingKind::Number, $decimal), ['.', ',']),
                new ColumnTyping(TypingKind::Date, order: 'mdy'),
                new ColumnTyping(TypingKind::Time),
                ColumnTyping::text(),
            ] as $typing
        ) {
            for ($round = 0; $round < 200; $round++) {
                $from = [$plain, $odd, ['5', '1,234'], ['1.5', '1,234.50'], [...$plain, ...$odd]][$round % 5];
                $raws = [];
                for ($count = mt_rand(1, 6); $count > 0; $count--) {
                    $raws[mt_rand(0, 99)] = $from[mt_rand(0, count($from) - 1)];
                }
                // A blank text is told by who asks, who leaves it out.
                $alone = array_map(fn (string $raw) => $raw === '' ? '' : $typing->cell($raw)->value, $raws);
                self::assertSame(
                    $alone,
                    array_map(fn (mixed $value) => $value ?? '', $typing->values($raws)),
                    json_encode($raws).' '.$typing->kind->value.$typing->decimal,
                );
            }
        }
    }

    public function test_any_typing_survives_storing(): void
    {
        $typing = self::typing(['£1.50', '£2.00']);
        self::assertEquals($typing, ColumnTyping::fromArray($typing->toArray()));
    }

    /** @param  list<string>  $texts */
    private static function typing(array $texts): ColumnTyping
    {
        $survey = new Survey(new MemoryBlockStore);
        $survey->take(array_map(fn (string $text) => [$text], $texts));

        return $survey->typing()->columns[1];
    }

    /** Up to 5,000 rows and 100,000 cells a sheet is read anew after each text that is typed; a larger one stays as it was read. */
    public function test_a_large_sheet_is_not_read_anew_for_a_cell(): void
    {
        $isAnew = function (int $rows, int $columns): bool {
            $cells = MemorySheet::of('S', array_fill(0, $rows, array_fill(0, $columns, 7)));
            $reading = new Reading([]);
            $book = new Workbook('W', [1 => new Worksheet($cells, 'S', $reading)], new LookBook);

            return (new EditCells(1, [2 => [1 => '8']]))->on($book)->sheet(1)->found !== $reading;
        };
        self::assertSame([true, false, true, false], [$isAnew(5_000, 1), $isAnew(5_001, 1), $isAnew(100, 1_000), $isAnew(101, 1_000)]);
    }
}
