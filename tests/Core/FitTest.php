<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\EqualWidths;
use Rilvet\Act\FitCut;
use Rilvet\Act\Format;
use Rilvet\Act\Hide;
use Rilvet\Act\Lay;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Resize;
use Rilvet\Act\SetOpening;
use Rilvet\Act\Settle;
use Rilvet\Act\ShareWidth;
use Rilvet\Act\Targets;
use Rilvet\Fit\ColumnFit;
use Rilvet\Fit\WidthShare;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Exception\SizeIsWrong;
use Rilvet\Measure\Length;
use Rilvet\Measure\Ruler;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Text\Fonts;
use Rilvet\Window\CutTexts;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** Sizes by hand stay; fitted ones follow what the cells hold and how it is set. */
final class FitTest extends TestCase
{
    /** @return iterable<array{string, int}> */
    public static function widths(): iterable
    {
        yield ['90', 90];
        yield ['90 px', 90];
        yield ['12,5 px', 13];
        yield ['72 pt', 96];
        yield ['25.4 mm', 96];
        yield ['2.54cm', 96];
        yield ['1 in', 96];
        // The worked example of ISO/IEC 29500-1 18.3.1.13 (from memory): digits of 7 px, 8 characters, 5 px of room.
        yield ['8 characters', 61];
        yield ['255 ch', 1790];
    }

    #[DataProvider('widths')]
    public function test_lengths_in_the_units_of_the_trade(string $text, int $px): void
    {
        self::assertSame($px, Length::width($text, 7));
        if (! str_contains($text, 'ch')) {
            self::assertSame($px, Length::height($text));
        }
    }

    public function test_the_width_of_the_worked_example_in_the_files_own_unit(): void
    {
        self::assertSame(8.7109375, floor(Length::width('8 characters', 7) / 7 * 256) / 256);
    }

    /** @return iterable<array{string}> */
    public static function wrong(): iterable
    {
        foreach (['0', '-5', '256 characters', '10000 px', 'wide', '', '5 furlongs', '1e3', str_repeat('9', 40)] as $text) {
            yield $text => [$text];
        }
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_width_is_refused(string $text): void
    {
        $this->expectException(SizeIsWrong::class);
        Length::width($text, 7);
    }

    public function test_no_row_is_higher_than_the_format_lets_it_be(): void
    {
        self::assertSame(546, Length::height('409.5 pt'));
        foreach (['410 pt', '12 characters', '0 mm'] as $text) {
            try {
                Length::height($text);
                self::fail($text);
            } catch (SizeIsWrong $wrong) {
                self::assertNotSame('', $wrong->getMessage());
            }
        }
    }

    public function test_a_fitted_column_holds_its_longest_text_and_not_the_title(): void
    {
        $workbook = self::book([
            ['A very long title of this table that reaches over all of it', null],
            ['Tree', 'Count'],
            ['Wild service tree', 3],
            ['Oak', 12345],
        ]);
        $fitted = (new Resize([1], true, [[1, 2]], null))->on($workbook);
        $need = Fonts::shipped()->face('Carlito')->fit('Wild service tree', Ruler::SIZE * Fonts::PX) + 8;
        self::assertGreaterThanOrEqual($need, $fitted->sheet(1)->setup->sizes->widthOf(1));
        self::assertLessThan($need + 20, $fitted->sheet(1)->setup->sizes->widthOf(1));
        self::assertSame([], $fitted->sheet(1)->setup->sizes->heldColumns);
    }

    public function test_a_size_by_hand_stays_through_dressing_and_other_fonts_and_moves_with_its_column(): void
    {
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(self::book([['Tree', 'Count'], ['Wild service', 3], ['Oak', 5]]));
        $workbook = (new Resize([1], true, [[1, 1]], 33))->on($workbook);
        self::assertSame([33, [1]], [$workbook->sheet(1)->setup->sizes->widthOf(1), $workbook->sheet(1)->setup->sizes->heldColumns]);
        $workbook = (new Dress([1], Builtin::named('Plain rule')))->on($workbook);
        $workbook = self::done(new Format(self::at('A1:B3'), Look::of(['size' => 24])), $workbook);
        self::assertSame(33, $workbook->sheet(1)->setup->sizes->widthOf(1));
        self::assertGreaterThan(60, $workbook->sheet(1)->setup->sizes->widthOf(2));
        $moved = (new MoveCells(1, new Shift(false, 1, 1, true)))->on($workbook);
        self::assertSame([33, [2]], [$moved->sheet(1)->setup->sizes->widthOf(2), $moved->sheet(1)->setup->sizes->heldColumns]);
        $free = (new Resize([1], true, [[1, 1]], null))->on($workbook);
        self::assertGreaterThan(100, $free->sheet(1)->setup->sizes->widthOf(1));
        self::assertSame([], $free->sheet(1)->setup->sizes->heldColumns);
    }

    public function test_what_is_fitted_settles_after_a_font_a_text_and_a_wrap(): void
    {
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(self::book([['Tree', 'Count'], ['Wild service', 3], ['Oak', 5]]));
        $width = fn (Workbook $book) => $book->sheet(1)->setup->sizes->widthOf(1);
        $larger = self::done(new Format(self::at('A2'), Look::of(['size' => 20])), $workbook);
        self::assertGreaterThan($width($workbook), $width($larger));
        $longer = self::done(new EditCells(1, [3 => [1 => 'A tree with a much longer name']]), $workbook);
        self::assertGreaterThan($width($workbook), $width($longer));
        self::assertSame($width($workbook), $width(self::done(new Format(self::at('A2'), Look::of(['fill' => '#FFEEAA'])), $workbook)));
        $head = self::done(new Format(self::at('A1:B1'), Look::of(['size' => 30])), $workbook);
        self::assertGreaterThan($workbook->sheet(1)->setup->sizes->heightOf(1), $head->sheet(1)->setup->sizes->heightOf(1));
    }

    public function test_body_rows_settle_and_stay_high_through_later_acts(): void
    {
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(
            self::book([['Tree', 'Note'], ['Oak', 'a note that is much too long for a narrow column'], ['Elm', 'x'], ['Ash', 'y']]),
        );
        $usual = $workbook->sheet(1)->setup->sizes->heightOf(2);
        $workbook = self::done(
            new Resize([1], true, [[2, 2]], 90),
            self::done(new Format(self::at('B2'), Look::of(['wrap' => true])), $workbook),
        );
        $high = $workbook->sheet(1)->setup->sizes->heightOf(2);
        self::assertGreaterThan(2 * $usual - 8, $high);
        self::assertSame($usual, $workbook->sheet(1)->setup->sizes->heightOf(3));
        $later = self::done(new Format(self::at('A1'), Look::of(['italic' => true])), $workbook);
        self::assertSame($high, $later->sheet(1)->setup->sizes->heightOf(2), 'another act does not take the height back');
        $large = self::done(new Format(self::at('A4'), Look::of(['size' => 28])), $workbook);
        self::assertGreaterThan($usual, $large->sheet(1)->setup->sizes->heightOf(4));
        self::assertSame(0, CutTexts::of($large, 1)->count);
        self::assertSame(
            $usual,
            self::done(new Format(self::at('B2'), Look::of(['wrap' => false])), $workbook)->sheet(1)->setup->sizes->heightOf(2),
        );
    }

    public function test_widths_that_were_laid_with_a_look_are_by_hand(): void
    {
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(self::book([['Tree', 'Count'], ['Oak', 3], ['Elm', 5]]));
        $workbook = self::done(new Lay(self::at('A2'), [[Look::of(['bold' => true])]], [222]), $workbook);
        self::assertSame([222, [1]], [$workbook->sheet(1)->setup->sizes->widthOf(1), $workbook->sheet(1)->setup->sizes->heldColumns]);
        self::assertSame(
            222,
            self::done(new Format(self::at('A1:B3'), Look::of(['size' => 9])), $workbook)->sheet(1)->setup->sizes->widthOf(1),
        );
    }

    public function test_room_that_a_format_leaves_is_no_text_that_is_cut(): void
    {
        $workbook = (new Format(self::at('B2:B3'), Look::of(['number' => '_(* #,##0.00_);_(* (#,##0.00);_(* "-"??_)'])))->on(
            self::book([['Tree', 'Paid'], ['Oak', 1234.5], ['Elm', -7]]),
        );
        self::assertSame(0, CutTexts::of((new Resize([1], true, [[1, 2]], null))->on($workbook), 1)->count);
    }

    public function test_what_is_cut_is_fitted_in_one_act(): void
    {
        $workbook = self::book([['Tree', 'Worth'], ['A very long name of a tree', 123456789], ['Oak', 5]]);
        $workbook = (new Format(self::at('A3'), Look::of(['size' => 40])))->on((new Resize([1], true, [[1, 2]], 40))->on($workbook));
        self::assertGreaterThan(2, CutTexts::of($workbook, 1)->count);
        self::assertSame(0, CutTexts::of((new FitCut(1))->on($workbook), 1)->count);
    }

    public function test_rows_are_as_high_as_wrapped_broken_large_and_turned_texts_need(): void
    {
        $workbook = self::book([
            ['one'],
            ["one\ntwo\nthree"],
            ['a text that wraps in a narrow column'],
            ['turned'],
            ['large'],
            ['stacked'],
        ]);
        $workbook = (new Format(self::at('A3'), Look::of(['wrap' => true])))->on($workbook);
        $workbook = (new Format(self::at('A4'), Look::of(['rotation' => 90])))->on($workbook);
        $workbook = (new Format(self::at('A5'), Look::of(['size' => 30])))->on($workbook);
        $workbook = (new Format(self::at('A6'), Look::of(['rotation' => Look::STACKED])))->on($workbook);
        $workbook = (new Resize([1], false, [[1, 6]], null))->on((new Resize([1], true, [[1, 1]], 70))->on($workbook));
        $height = $workbook->sheet(1)->setup->sizes->heightOf(...);
        $line = Fonts::shipped()->face('Carlito')->lineHeight(Ruler::SIZE * Fonts::PX);
        self::assertSame(20, $height(1), 'the usual height, and none of its own');
        self::assertGreaterThanOrEqual(3 * $line, $height(2));
        self::assertGreaterThanOrEqual(3 * $line, $height(3));
        self::assertGreaterThanOrEqual(Fonts::shipped()->face('Carlito')->fit('turned', Ruler::SIZE * Fonts::PX), $height(4));
        self::assertGreaterThanOrEqual(Fonts::shipped()->face('Carlito')->lineHeight(30 * Fonts::PX), $height(5));
        self::assertGreaterThanOrEqual(7 * $line, $height(6));
    }

    public function test_a_column_of_one_huge_word_goes_no_wider_than_the_greatest_width(): void
    {
        $workbook = (new Resize([1], true, [[1, 1]], null))->on(self::book([['Tree', 'n'], [str_repeat('W', 30_000), 1], ['Oak', 2]]));
        self::assertSame(320, $workbook->sheet(1)->setup->sizes->widthOf(1));
    }

    public function test_columns_are_hidden_and_shown_but_never_all_of_them(): void
    {
        $workbook = self::book([['a', 'b', 'c'], [1, 2, 3]]);
        $hidden = (new Hide([1], true, 2, 3, true))->on($workbook);
        self::assertSame([0, 0], [$hidden->sheet(1)->setup->sizes->widthOf(2), $hidden->sheet(1)->setup->sizes->widthOf(3)]);
        self::assertSame([], (new Hide([1], true, 1, 5, false))->on($hidden)->sheet(1)->setup->sizes->hiddenColumns);
        foreach ([true, false] as $columns) {
            try {
                (new Hide([1], $columns, 1, 9, true))->on($workbook);
                self::fail('nothing is left in sight');
            } catch (SizeIsWrong $wrong) {
                self::assertStringContainsString('in sight', $wrong->getMessage());
            }
        }
    }

    public function test_how_a_sheet_opens_is_set_by_part_and_by_number(): void
    {
        $workbook = self::book([['Report', null], ['Tree', 'Count'], ['Wild service', 3], ['Oak', 5], ['Elm', 2]]);
        $setup = (new SetOpening([1], parts: true))->on($workbook)->sheet(1)->setup;
        self::assertSame([2, 1], [$setup->opening->freezeRow, $setup->opening->freezeColumn]);
        $setup = (new SetOpening([1], 3, 0, false, 85))->on($workbook)->sheet(1)->setup;
        self::assertSame(
            [3, 0, false, 85],
            [$setup->opening->freezeRow, $setup->opening->freezeColumn, $setup->opening->gridlines, $setup->opening->zoom],
        );
        foreach (
            [
                new SetOpening([1], -1),
                new SetOpening([1], 1_048_577),
                new SetOpening([1], null, 60),
                new SetOpening([1], zoom: 5),
                new SetOpening([1], zoom: 900),
            ] as $act
        ) {
            try {
                $act->on($workbook);
                self::fail($act->words($workbook));
            } catch (SizeIsWrong $wrong) {
                self::assertNotSame('', $wrong->getMessage());
            }
        }
    }

    public function test_what_is_cut_is_counted_and_fitted(): void
    {
        $workbook = self::book([['Tree', 'Worth', 'Note'], ['A very long name of a tree', 123456789, 'x'], ['Oak', 5, 'y']]);
        $workbook = (new Resize([1], true, [[1, 2]], 40))->on($workbook);
        $cut = CutTexts::of($workbook, 1);
        self::assertSame(['A2', 'B2'], array_values(array_diff($cut->places, ['B1'])));
        self::assertCount($cut->count, $cut->places);
        $fitted = (new Resize([1], true, [[1, 1], [2, 2]], null))->on($workbook);
        self::assertSame(0, CutTexts::of($fitted, 1)->count);
        $large = (new Format(self::at('A3'), Look::of(['size' => 40])))->on($fitted);
        self::assertSame([[3, 3]], CutTexts::of((new Resize([1], true, [[1, 1]], 300))->on($large), 1)->rows, 'the row is too low');
        $wrapped = (new Format(self::at('A2'), Look::of(['wrap' => true])))->on((new Resize([1], true, [[1, 2]], 90))->on($workbook));
        self::assertSame(['A2'], CutTexts::of($wrapped, 1)->places);
        self::assertSame([], CutTexts::of((new Resize([1], false, [[1, 3]], null))->on($wrapped), 1)->places);
    }

    public function test_months_take_the_width_of_the_widest(): void
    {
        $workbook = self::book([['Tree', 'January', 'May', 'September'], ['Oak', 1, 2, 3], ['Elm', 1, 2, 3]]);
        $setup = (new EqualWidths([1], [[2, 4]]))->on($workbook)->sheet(1)->setup;
        self::assertSame($setup->sizes->widthOf(2), $setup->sizes->widthOf(3));
        self::assertSame($setup->sizes->widthOf(2), $setup->sizes->widthOf(4));
        self::assertGreaterThanOrEqual(
            Fonts::shipped()
                ->face('Carlito')
                ->fit('September', Ruler::SIZE * Fonts::PX) + 8,
            $setup->sizes->widthOf(3),
        );
    }

    public function test_a_shared_width_is_kept_to_and_takes_no_more_lines_than_any_other_share(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 30; $round++) {
            $columns = [];
            foreach ([1, 2, 3] as $column) {
                $columns[$column] = ['least' => mt_rand(40, 60), 'texts' => array_map(fn () => mt_rand(60, 400), range(1, 12))];
            }
            $total = array_sum(array_column($columns, 'least')) + 8 * mt_rand(5, 40);
            $lines = fn (array $widths) => array_sum(
                array_map(
                    fn (int $column) => array_sum(
                        array_map(fn (int $text) => max(1, (int) ceil(($text - 8) / ($widths[$column] - 8))), $columns[$column]['texts']),
                    ),
                    [1, 2, 3],
                ),
            );
            $widths = WidthShare::of($columns, $total, 8);
            self::assertLessThanOrEqual($total, array_sum($widths));
            for ($try = 0; $try < 60; $try++) {
                $steps = intdiv($total - array_sum(array_column($columns, 'least')), 8);
                $one = mt_rand(0, $steps);
                $two = mt_rand(0, $steps - $one);
                $other = [
                    1 => $columns[1]['least'] + 8 * $one,
                    2 => $columns[2]['least'] + 8 * $two,
                    3 => $columns[3]['least'] + 8 * ($steps - $one - $two),
                ];
                self::assertLessThanOrEqual($lines($other), $lines($widths));
            }
        }
        $this->expectException(SizeIsWrong::class);
        WidthShare::of([1 => ['least' => 90, 'texts' => [100]], 2 => ['least' => 90, 'texts' => [100]]], 150, 8);
    }

    public function test_a_table_shares_a_page_and_its_long_notes_wrap(): void
    {
        $rows = [['Tree', 'Count', 'Note']];
        foreach (range(1, 12) as $row) {
            $rows[] = ["Wild service tree $row", 100 * $row, str_repeat('needs potting on before the end of May ', 1 + $row % 3)];
        }
        $workbook = (new ShareWidth(1, 2, 1, 420))->on(self::book($rows));
        $setup = $workbook->sheet(1)->setup;
        self::assertLessThanOrEqual(420, $setup->sizes->widthOf(1) + $setup->sizes->widthOf(2) + $setup->sizes->widthOf(3));
        self::assertGreaterThan(40, $setup->sizes->heightOf(3));
        self::assertSame(0, CutTexts::of($workbook, 1)->count);
    }

    private static function done(Act $act, Workbook $workbook): Workbook
    {
        return Settle::after($act->reach(), $workbook, $act->on($workbook));
    }

    private static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

    /** @param  list<list<mixed>>  $rows */
    private static function book(array $rows): Workbook
    {
        $cells = new MemorySheet(
            'S',
            array_map(fn (array $row) => array_map(fn (mixed $value) => Cell::of(is_scalar($value) ? $value : null), $row), $rows),
        );

        return new Workbook('Book', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), came: new Setup)], new LookBook);
    }

    /** What some columns need is what they need among all, and is found without measuring the others. */
    public function test_few_columns_of_a_wide_table_are_measured_alone(): void
    {
        $rows = [array_map(fn (int $column) => "Heading $column", range(1, 3_000))];
        for ($row = 1; $row <= 30; $row++) {
            $rows[] = array_map(fn (int $column) => $column % 3 === 0 ? "word $row of $column" : $row * $column / 4, range(1, 3_000));
        }
        $cells = MemorySheet::of('Wide', $rows);
        $sheet = new Worksheet($cells, 'Wide', Finder::read(SheetFacts::of($cells)));
        $book = new Workbook('Book', [1 => $sheet], new LookBook);
        $needs = fn (array $columns) => (new ColumnFit($sheet, $book, Fonts::shipped()))->needs->of($columns);
        $all = $some = [];
        $ofAll = Spent::on(function () use ($needs, &$all) {
            $all = $needs(range(1, 3_000));
        });
        $ofSome = Spent::on(function () use ($needs, &$some) {
            $some = $needs([1, 1_500, 1_502, 4_000]);
        });
        self::assertCount(3_000, $all);
        self::assertSame(array_intersect_key($all, [1 => 1, 1_500 => 1, 1_502 => 1]), $some);
        self::assertLessThan($ofAll / 3, $ofSome);
    }
}
