<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\EditCells;
use Rilvet\Act\Exception\CellIsWrong;
use Rilvet\Act\Exception\LooksStay;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Targets;
use Rilvet\Act\TypedValue;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\PlainRows;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\Survey;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A text that is typed into a cell is what it reads as there; the last act is what a person sees. */
final class TypedValueTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, bool|int|float|string, string|null, string|null}> typed, format of the cell,
     *     value, format that it gets, read as
     */
    public static function typed(): iterable
    {
        // Serial days by ISO/IEC 29500-1 18.17.4: 2026-05-01 is day 46,143.
        yield 'a date by ISO 8601' => ['2026-05-01', '', 46_143, 'yyyy-mm-dd', 'a date'];
        yield 'the day first where nothing says otherwise' => ['3/4/2026', '', 46_115, 'yyyy-mm-dd', 'a date'];
        yield 'the month first in a column that writes it so' => ['3/4/2026', 'mm/dd/yyyy', 46_085, null, 'a date'];
        yield 'the day first in a column that writes it so' => ['03/04/2026', 'dd/mm/yyyy', 46_115, null, 'a date'];
        yield 'a time' => ['14:30', '', 14.5 / 24, 'hh:mm', 'a time'];
        yield 'the last minute of a day' => ['23:59', '', (23 + 59 / 60) / 24, 'hh:mm', 'a time'];
        yield 'a whole day' => ['24:00', '', 1.0, '[h]:mm', 'a duration'];
        yield 'a time with seconds' => ['14:30:15', '', (14 * 3_600 + 30 * 60 + 15) / 86_400, 'hh:mm:ss', 'a time'];
        yield 'a duration' => ['36:15', '', 36.25 / 24, '[h]:mm', 'a duration'];
        yield 'a percentage' => ['12.5%', '', 0.125, '0.0%', 'a percentage'];
        yield 'a figure in a column of percentages' => ['3', '0%', 0.03, null, 'a percentage'];
        yield 'a figure with groups' => ['1,234.5', '', 1234.5, '#,##0.0', null];
        yield 'an amount' => ['£3.20', '', 3.2, '"£"#,##0.00', 'an amount'];
        yield 'an amount in a column of amounts' => ['£3.20', '#,##0.00', 3.2, null, 'an amount'];
        yield 'yes' => ['TRUE', '', true, null, 'yes or no'];
        yield 'a code' => ['007', '', '007', null, null];
        yield 'a text that says so' => ["'12", '', '12', null, null];
        yield 'an apostrophe of its own' => ["''tis", '', "'tis", null, null];
        yield 'an apostrophe in a cell of texts' => ["it's", '@', "it's", null, null];
        yield 'a figure in a cell of texts' => ['12', '@', '12', null, null];
        yield 'a word' => ['Osier', '', 'Osier', null, null];
    }

    /** Texts and locales of a format are no part of its order; where it has no day, what is usual around it counts. */
    public function test_days_and_months_come_in_the_order_of_the_format(): void
    {
        foreach (['"day" m/d/yyyy' => 46_085, '[$-mn-MN]d/m/yyyy' => 46_115, '[$-dv-MV]mm-dd' => 46_085, 'yyyy' => 46_115,
            '0.00' => 46_115, '"m" 0' => 46_115] as $code => $day) {
            $cells = MemorySheet::of('S', [[null]]);
            $workbook = new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
            $at = new Targets([1], RangeSet::parse('A1'));
            $workbook = (new EditCells(1, [1 => [1 => '3/4/2026']]))->on((new Format($at, Look::of(['number' => $code])))->on($workbook));
            foreach ($workbook->sheet(1)->cells->read(1, 1) as $row) {
                self::assertSame($day, $row[0]->value, $code);
            }
        }
    }

    #[DataProvider('typed')]
    public function test_texts_are_read(string $text, string $code, bool|int|float|string $value, ?string $format, ?string $as): void
    {
        $typed = TypedValue::of($text, $code, str_starts_with($code, 'mm') ? 'mdy' : 'dmy', '.', false);
        self::assertEqualsWithDelta($value, $typed->cell->value, is_numeric($value) && ! is_string($value) ? 1e-12 : 0);
        self::assertSame([$format, $as], [$typed->format, $typed->as]);
        self::assertSame(
            46_143 - 1_462,
            TypedValue::of('2026-05-01', '', 'dmy', '.', true)->cell->value,
            'the other date system, 18.17.4.1',
        );
    }

    public function test_a_date_typed_into_a_plain_cell_shows_as_one_and_the_act_says_so(): void
    {
        $book = self::book();
        $act = new EditCells(1, [9 => [4 => '2026-05-01']]);
        $after = $act->on($book);
        self::assertSame('yyyy-mm-dd', (new DressedSheet($after->sheet(1), $after->looks))->at(9, 4)->look->text(Attribute::Number));
        self::assertSame('Data: D9 typed, read as a date', $act->words($book));
        self::assertSame('Data: D9 typed', (new EditCells(1, [9 => [4 => 'Osier']]))->words($book));
    }

    public function test_a_formula_that_is_none_is_refused_with_its_place(): void
    {
        $this->expectException(CellIsWrong::class);
        $this->expectExceptionMessage('The formula for D9 cannot be read at ")", character 5');
        (new EditCells(1, [9 => [4 => '=A1+)']]))->on(self::book());
    }

    public function test_a_look_for_a_part_asks_where_cells_keep_looks_of_their_own_and_overrides_them_in_one_act(): void
    {
        $book = self::book();
        $touched = (new Format(new Targets([1], RangeSet::parse('A1:B3')), Look::of(['fill' => '#FFEEAA', 'italic' => true])))->on($book);
        $format = fn (string $over) => new FormatPart([1], Part::Heading, null, Look::of(['fill' => '#112233']), over: $over);
        try {
            $format('ask')->on($touched);
            self::fail('Two headings keep their own fill.');
        } catch (LooksStay $stay) {
            self::assertSame(
                [2, '2 cells keep a look of their own, which would cover this. Override them?'],
                [$stay->cells, $stay->getMessage()],
            );
        }
        $fill = fn (Workbook $after, int $row) => (new DressedSheet($after->sheet(1), $after->looks))
            ->at($row, 1)
            ->look->text(Attribute::Fill);
        self::assertSame('#FFEEAA', $fill($format('keep')->on($touched), 1));
        $over = $format('override')->on($touched);
        self::assertSame(['#112233', '#FFEEAA'], [$fill($over, 1), $fill($over, 2)], 'rows of the body keep theirs');
        self::assertTrue(
            (new DressedSheet($over->sheet(1), $over->looks))->at(1, 1)->look->is(Attribute::Italic),
            'what does not cover stays',
        );
        self::assertSame('#112233', $fill($format('ask')->on($book), 1), 'where nothing covers, nothing is asked');
    }

    /** What is typed into the table of a text file is at once what it is after it was stored. */
    public function test_a_column_of_a_text_file_reads_what_is_typed_and_an_apostrophe_keeps_it_a_text(): void
    {
        $survey = new Survey($store = new MemoryBlockStore);
        $survey->take([['Tree', 'Count'], ['Rowan', '30'], ['Ash', '4'], ['Elm', '12'], ['Fir', '7']]);
        $typing = $survey->typing();
        $cells = new BlockSheet('S', $survey->rows(), $survey->columns(), $store, $typing);
        $book = new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), typing: $typing)], new LookBook());
        $typings = [['5', 5], ["'5", '5'], ['1,200', 1200], ["'1,200", '1,200'], ['few', 'few'], [Cell::of('5'), '5'], [Cell::of(5), 5]];
        foreach ($typings as [$typed, $value]) {
            $edited = (new EditCells(1, [3 => [2 => $typed]]))->on($book)->sheet(1)->cells;
            $stored = BlockChange::flat($edited);
            self::assertNotNull($stored);
            foreach ([$edited, $stored] as $sheet) {
                self::assertSame($value, [...$sheet->read(3, 3)][0][1]->value);
            }
            self::assertSame($value, [...PlainRows::of($stored)][2][1], 'as writers see it');
            $other = BlockChange::edited($stored, [3 => [2 => Cell::of('0')]], 5, 2);
            $back = BlockChange::edited($other, [3 => [2 => Cell::fromStored([...$stored->read(3, 3)][0][1]->stored())]], 5, 2);
            self::assertSame($value, [...$back->read(3, 3)][0][1]->value, 'as undo brings it back');
        }
    }

    private static function book(): Workbook
    {
        $cells = MemorySheet::of('S', [['Tree', 'Count'], ['Rowan', 30], ['Ash', 4], ['Elm', 12]]);

        return new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
    }
}
