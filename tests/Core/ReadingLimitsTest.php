<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Reading\ColumnJudge;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Evidence;
use Rilvet\Reading\FormatHints;
use Rilvet\Reading\KeyBlock;
use Rilvet\Reading\LabelJudge;
use Rilvet\Reading\NumericHeading;
use Rilvet\Reading\Region;
use Rilvet\Reading\SheetFacts;

/** Where one reading ends and the next begins: shares, lengths and years are looked at from both sides. */
final class ReadingLimitsTest extends TestCase
{
    /**
     * @param  list<list<bool|int|float|string|null>>  $rows
     * @param  list<string|null>  $codes  format codes of column A, from the first row
     */
    private static function region(array $rows, array $codes = []): Region
    {
        $hints = new class($codes) implements FormatHints
        {
            /** @param  list<string|null>  $codes */
            public function __construct(private readonly array $codes)
            {
            }

            public function numberFormat(int $row, int $column): ?string
            {
                return $column === 1 ? $this->codes[$row - 1] ?? null : null;
            }

            public function isStrong(int $row, int $column): bool
            {
                return false;
            }

            public function merges(): array
            {
                return [];
            }

            public function tables(): array
            {
                return [];
            }

            public function frozen(): int
            {
                return 0;
            }
        };

        return new Region(SheetFacts::of(MemorySheet::of('Beds', $rows), $hints), Range::of(1, 1, count($rows), max(array_map(count(...),
            $rows))));
    }

    /**
     * @param  list<bool|int|float|string|null>  $values
     * @param  list<string|null>  $codes
     */
    private static function kind(array $values, string $heading = '', array $codes = []): ColumnReading
    {
        $region = self::region(array_map(fn (bool|int|float|string|null $one) => [$one], $values), $codes);

        return ColumnJudge::judge($region, 1, range(1, count($values)), $heading);
    }

    /**
     * @return iterable<string, array{list<bool|int|float|string|null>, string, list<string|null>, ColumnKind, 4?: int}>
     *     decimals at the end
     */
    public static function figures(): iterable
    {
        $half = fn (string $code, int $with, int $without) => [...array_fill(0, $with, $code), ...array_fill(0, $without, null)];
        yield 'more than half in percent' => [[1, 2, 3], '', $half('0%', 2, 1), ColumnKind::Percent];
        yield 'half of them in percent' => [[1, 2, 3, 4], '', $half('0%', 2, 2), ColumnKind::Integer];
        yield 'more than half with a sign' => [[1, 2, 3], '', [null, ...$half('[$€-407]0', 2, 0)], ColumnKind::Amount];
        yield 'half of them with a sign, not the first' => [[1, 2, 3, 4], '', [null, null, ...$half('[$€-407]0', 2, 0)],
            ColumnKind::Integer];
        yield 'the first with a sign, more than half with places' => [[1, 2, 3, 4, 5], '', ['[$€-407]0', '0.00', '0.00', '0.00', null],
            ColumnKind::Amount, 2];
        yield 'the first with a sign, half of them with places' => [[1, 2, 3, 4], '', ['[$€-407]0', '0.00', '0.00', null],
            ColumnKind::Integer];
        yield 'more than half with noughts before' => [[1, 2, 3], '', $half('000', 2, 1), ColumnKind::Code];
        yield 'half of them' => [[1, 2, 3, 4], '', $half('000', 2, 2), ColumnKind::Integer];
        yield 'a share of one' => [[0.5, 1.0], 'Share', [], ColumnKind::Percent, 0];
        yield 'a share of one and a half' => [[0.25, 1.5], 'Share', [], ColumnKind::Percent, 0];
        yield 'more than that is no share' => [[0.5, 1.51], 'Share', [], ColumnKind::Decimal, 2];
        yield 'a share below nought' => [[-1.0, 0.5], 'Rate', [], ColumnKind::Percent, 0];
        yield 'less than minus one is none' => [[-1.01, 0.5], 'Rate', [], ColumnKind::Decimal, 2];
        yield 'whole figures are no shares' => [[0, 1], 'Share', [], ColumnKind::Integer];
        yield 'two places under a word of money' => [[1.25, 2.5], 'Price', [], ColumnKind::Amount, 2];
        yield 'three places are no money' => [[1.255, 2.5], 'Price', [], ColumnKind::Decimal, 3];
        yield 'a rate of money' => [[12.25, 2.5], 'Price, percentage', [], ColumnKind::Decimal, 2];
        yield 'a count of money' => [[1, 2], 'Number of bills', [], ColumnKind::Integer];
        yield 'decimals without a word' => [[1.25, 2.5], 'Weight', [], ColumnKind::Decimal, 2];
        yield 'at most six places' => [[1.12345678, 2.5], 'Weight', [], ColumnKind::Decimal, 6];
        yield 'each its own number' => [[4, 7, 9], 'Id', [], ColumnKind::Code];
        yield 'nine of ten are their own' => [[1, 2, 3, 4, 5, 6, 7, 8, 9, 9], 'Id', [], ColumnKind::Integer];
        yield 'ten of eleven are' => [[1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 10], 'Id', [], ColumnKind::Code];
        yield 'nought is no number of anything' => [[0, 1, 2], 'Id', [], ColumnKind::Integer];
        yield 'a number of something is counted' => [[4, 7, 9], 'Number of beds', [], ColumnKind::Integer];
        yield 'shown with places by more than half' => [[1, 2, 3], 'Weight', $half('0.0', 2, 1), ColumnKind::Decimal, 1];
        yield 'shown with places by half' => [[1, 2], 'Weight', $half('0.0', 1, 1), ColumnKind::Integer, 0];
        yield 'days' => [[45_000, 45_001], '', $half('yyyy-mm-dd', 2, 0), ColumnKind::Date];
        yield 'days with their time' => [[45_000.5, 45_001.25], '', $half('yyyy-mm-dd', 2, 0), ColumnKind::DateTime];
        yield 'three of ten have a time' => [[...array_fill(0, 7, 45_000), ...array_fill(0, 3, 45_000.5)], '', $half('yyyy-mm-dd', 10, 0),
            ColumnKind::DateTime];
        yield 'two of ten have' => [[...array_fill(0, 8, 45_000), ...array_fill(0, 2, 45_000.5)], '', $half('yyyy-mm-dd', 10, 0),
            ColumnKind::Date];
        yield 'times of a day' => [[0.25, 0.5], '', $half('h:mm', 2, 0), ColumnKind::Time];
        yield 'one of a day or more is a span' => [[0.25, 1.0], '', $half('h:mm', 2, 0), ColumnKind::Duration];
        yield 'times under a word for spans' => [[0.25, 0.5], 'Hours worked', $half('h:mm', 2, 0), ColumnKind::Duration];
        yield 'spans' => [[0.25, 0.5], '', $half('[h]:mm', 2, 0), ColumnKind::Duration];
        yield 'true and false' => [[true, false, 1], '', [], ColumnKind::Boolean];
        yield 'as many texts as figures' => [['a', 'b', 1, 2], '', [], ColumnKind::Text];
        yield 'ticks' => [['x', '', 'x'], '', [], ColumnKind::Boolean];
        yield 'blanks' => [['', null], '', [], ColumnKind::None];
    }

    /**
     * @param  list<bool|int|float|string|null>  $values
     * @param  list<string|null>  $codes
     */
    #[DataProvider('figures')]
    public function test_figures_of_a_column(array $values, string $heading, array $codes, ColumnKind $kind, ?int $decimals = null): void
    {
        $found = self::kind($values, $heading, $codes);
        self::assertSame($kind, $found->kind);
        $decimals === null || self::assertSame($decimals, $found->decimals);
    }

    /** @return iterable<string, array{list<string>, string, ColumnKind}> */
    public static function texts(): iterable
    {
        $words = fn (int $length, int $count) => array_map(fn (int $at) => str_pad(chr(97 + $at).' ', $length, 'word '),
            range(0, $count - 1));
        yield 'forty-five letters' => [$words(45, 3), '', ColumnKind::Text];
        yield 'forty-six' => [$words(46, 3), '', ColumnKind::LongText];
        yield 'one of a hundred and twenty-one among twenty-five' => [[...$words(24, 30), str_pad('z ', 121, 'word ')], '',
            ColumnKind::LongText];
        yield 'one of a hundred and twenty' => [[...$words(24, 30), str_pad('z ', 120, 'word ')], '', ColumnKind::Text];
        yield 'three of ten in lines' => [[...$words(9, 7), "a\nb", "c\nd", "e\nf"], '', ColumnKind::Text];
        yield 'four of ten in lines' => [[...$words(9, 6), "a\nb", "c\nd", "e\nf", "g\nh"], '', ColumnKind::LongText];
        yield 'codes' => [['A-1', 'B-2', 'C-3'], '', ColumnKind::Code];
        yield 'codes of small letters are words' => [['a-1', 'b-2', 'c-3'], '', ColumnKind::Text];
        yield 'six of seven are codes' => [['A-1', 'B-2', 'C-3', 'D-4', 'E-5', 'F-6', 'none here'], '', ColumnKind::Code];
        yield 'five of six are not enough' => [['A-1', 'B-2', 'C-3', 'D-4', 'E-5', 'none here'], '', ColumnKind::Text];
        yield 'twenty-four signs' => [[str_repeat('A1', 12), str_repeat('B1', 12)], '', ColumnKind::Code];
        yield 'twenty-five' => [[str_repeat('A1', 12).'x', str_repeat('B1', 12).'x'], '', ColumnKind::Text];
        yield 'short words under a heading that says code' => [['AB', 'BCDEF', 'CD'], 'Code', ColumnKind::Code];
        yield 'the same under another' => [['ABxx', 'BCDEF', 'CDxx'], 'Tree', ColumnKind::Text];
        yield 'two kinds of four' => [['oak', 'ash', 'oak', 'ash'], '', ColumnKind::Category];
        yield 'two kinds of three' => [['oak', 'ash', 'oak'], '', ColumnKind::Text];
        yield 'a third of them' => [['oak', 'ash', 'elm', 'oak', 'ash', 'elm', 'oak', 'ash', 'elm'], '', ColumnKind::Category];
        yield 'more than a third' => [['oak', 'ash', 'elm', 'oak', 'ash', 'elm', 'oak', 'ash'], '', ColumnKind::Text];
        $sixty = [...array_map(fn (int $at) => 'kind '.chr(97 + $at % 26).chr(97 + intdiv($at, 26)), range(0, 59))];
        yield 'sixty kinds' => [[...$sixty, ...$sixty, ...$sixty], '', ColumnKind::Category];
        yield 'sixty-one' => [[...$sixty, ...$sixty, ...$sixty, 'one more', 'one more', 'one more', 'one more'], '', ColumnKind::Text];
        $long = fn (int $length) => [str_pad('a ', $length, 'word '), str_pad('b ', $length, 'word ')];
        yield 'kinds of thirty letters' => [[...$long(30), ...$long(30)], '', ColumnKind::Category];
        yield 'kinds of thirty-one' => [[...$long(31), ...$long(31)], '', ColumnKind::Text];
        yield 'yes and no' => [['yes', 'no', 'yes'], '', ColumnKind::Boolean];
        yield 'one answer alone' => [['yes'], '', ColumnKind::Text];
    }

    /** @param  list<string>  $values */
    #[DataProvider('texts')]
    public function test_texts_of_a_column(array $values, string $heading, ColumnKind $kind): void
    {
        self::assertSame($kind, self::kind($values, $heading)->kind);
    }

    public function test_years_are_not_parted_in_thousands(): void
    {
        $grouped = fn (array $values, string $heading = '') => self::kind($values, $heading)->grouped;
        self::assertFalse($grouped([1_900, 1_950, 2_019]));
        self::assertTrue($grouped([1_900, 1_950, 2_020]), 'a hundred and twenty years and more');
        self::assertTrue($grouped([1_899, 1_950, 2_000]));
        self::assertTrue($grouped([1_999, 2_000, 2_101]));
        self::assertFalse($grouped([1_999, 2_000, 2_100]));
        self::assertTrue($grouped([1_999, 2_000]), 'two figures prove nothing');
        self::assertFalse($grouped([1_500, 2_200], 'Year'));
        self::assertTrue($grouped([1_499, 2_200], 'Year'));
        self::assertTrue($grouped([1_500, 2_201], 'Year'));
        self::assertFalse($grouped([4, 7, 9], 'Id'), 'nor are codes');
    }

    public function test_what_rows_are_called_by(): void
    {
        $column = fn (int $at, ColumnKind $kind, ?string $heading = 'h', bool $grouped = true) => new ColumnReading($at, $heading,
            $kind, 1.0,
            ColumnRole::Data, grouped: $grouped);
        $labels = fn (array $rows, ColumnReading ...$columns) => LabelJudge::judge(self::region($rows), array_values($columns),
            range(1, count($rows)));
        $rows = array_map(fn (int $at) => [$at, "t$at", 7], range(1, 100));
        $twice = [...array_slice($rows, 0, 98), $rows[0], $rows[1]];
        $thrice = [...array_slice($rows, 0, 97), $rows[0], $rows[1], $rows[2]];
        [$number, $text, $figure] = [$column(1, ColumnKind::Integer, 'No'), $column(2, ColumnKind::Text), $column(3, ColumnKind::Integer)];
        self::assertSame([1, 2], $labels($rows, $number, $text, $figure));
        self::assertSame([1, 2], $labels($twice, $number, $text, $figure), 'two of a hundred stand twice');
        self::assertSame([], $labels($thrice, $number, $text, $figure), 'three of them do');
        self::assertSame([], $labels($rows, $column(1, ColumnKind::Integer, 'Bags'), $text, $figure), 'no word says that it counts rows');
        self::assertSame([1, 2], $labels($rows, $column(1, ColumnKind::Integer, 'Bags', false), $text, $figure), 'years');
        self::assertSame([1], $labels($rows, $column(1, ColumnKind::Date), $text, $figure), 'a day needs no name beside it');
        self::assertSame([], $labels($rows, $column(1, ColumnKind::Decimal), $text, $figure));
        self::assertSame([1], $labels($rows, $column(1, ColumnKind::Text), $figure));
        self::assertSame([1], $labels($rows, $column(1, ColumnKind::LongText), $figure));
        self::assertSame([], $labels($rows, $column(1, ColumnKind::LongText), $text), 'long texts alone are no table of figures');
        self::assertSame([1], $labels($rows, $column(1, ColumnKind::Text), $text), 'not all of the columns');
        self::assertSame([], $labels($rows, $column(1, ColumnKind::Text)));
        self::assertSame([], $labels([[1, 't', 7]], $number, $text, $figure), 'one row repeats nothing');
    }

    public function test_keys_with_their_values(): void
    {
        $is = fn (array $rows) => KeyBlock::is(self::region($rows), range(1, count($rows)));
        self::assertTrue($is([['Site:', 'Wick'], ['Beds:', 12]]));
        self::assertFalse($is([['Site:', 'Wick']]), 'one row is a line');
        self::assertTrue($is([['Site:', 'Wick', 'x'], ['Beds:', 12, null]]));
        self::assertFalse($is([['Site:', 'Wick', 'x', 'y'], ['Beds:', 12, null, 7]]), 'four columns are a table');
        $colons = fn (int $with) => array_map(fn (int $at) => ["k$at".($at < $with ? ':' : ''), $at, null], range(0, 9));
        self::assertTrue($is($colons(7)), 'seven of ten');
        self::assertFalse($is($colons(6)), 'six of ten');
        self::assertFalse($is([['Site', 'Wick'], ['Beds:', 12], ['Trays:', 7], ['Pots:', 9]]), 'the first is no key');
        self::assertTrue(KeyBlock::hasColon('Beds：'));
        self::assertFalse(KeyBlock::hasColon('Beds: 12'));
    }

    public function test_numbers_as_headings(): void
    {
        $is = fn (array $head, array ...$rows) => NumericHeading::at(self::region([$head, ...$rows]), 1);
        $below = [['Oak', 7, 3, 9], ['Ash', 4, 8, 1], ['Elm', 6, 2, 5]];
        self::assertTrue($is(['Tree', 1, 2, 3], ...$below));
        self::assertFalse($is(['Tree', 1, 3, 2], ...$below), 'they do not rise');
        self::assertTrue($is(['Tree', 2024, 2025], ['Oak', 7, 3], ['Ash', 4, 1]), 'two years');
        self::assertFalse($is(['Tree', 24, 35], ['Oak', 7, 3], ['Ash', 4, 1]), 'two figures');
        self::assertTrue($is(['Tree', 1900, 1901], ['Oak', 7, 3], ['Ash', 4, 1]));
        self::assertFalse($is(['Tree', 1899, 1900], ['Oak', 7, 3], ['Ash', 4, 1]), 'before 1900 they are figures');
        self::assertTrue($is(['Tree', 2099, 2100], ['Oak', 7, 3], ['Ash', 4, 1]));
        self::assertFalse($is(['Tree', 2100, 2101], ['Oak', 7, 3], ['Ash', 4, 1]));
        self::assertFalse($is(['Tree', 1, 2.5, 3], ...$below), 'one is not whole');
        self::assertFalse($is(['Tree', 1, 2, 3]), 'nothing stands below');
        self::assertTrue($is(['Tree', 1, 2, 3], [null, null, null, null], ...$below), 'a blank row between');
        self::assertFalse($is(['Tree', 'Bed', 'Row', 1, 2], ['Oak', 'a', 'b', 7, 3], ['Ash', 'c', 'd', 4, 1]), 'more words than figures');
        self::assertFalse($is(['Tree', 1, 2, 3], ['Oak', 4, 5, 6], ['Ash', 7, 8, 9]), 'what stands below rises too');
    }

    /** A tenth of a digit for a figure of one, one for ten times as much as its tolerance: information in digits. */
    public function test_how_much_a_sum_proves(): void
    {
        self::assertSame([0.0, 1.0, 2.0], [Evidence::of(0, 0), Evidence::of(9, 0.1), Evidence::of(-99, 0.5)]);
        self::assertSame(1.0, Evidence::of(90, 5));
        self::assertSame([0.0, 0.1, 0.01, 0.001, 1e-5, 1e-6, 1e-6], array_map(Evidence::unit(...),
            [7, 0.1, 12.25, -0.125, 0.00001, 0.000001, 1 / 3]));
        $sums = [];
        Evidence::add($sums, [1 => 2.5, 2 => null, 3 => 4]);
        Evidence::add($sums, [1 => 1.25, 2 => 7, 3 => null]);
        self::assertSame([1 => [3.75, 2, 0.1], 3 => [4.0, 1, 0.0], 2 => [7.0, 1, 0.0]],
            array_map(fn (array $one) => [(float) $one[0], $one[1], round($one[2], 9)], $sums));
    }
}
