<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\FitHeadings;
use Rilvet\Act\Format;
use Rilvet\Act\MoveCells;
use Rilvet\Act\MoveSheet;
use Rilvet\Act\Resize;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\SetOpening;
use Rilvet\Act\Settle;
use Rilvet\Act\Targets;
use Rilvet\Act\Together;
use Rilvet\Act\WidthUnder;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Exception\SizeIsWrong;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Window\FirstScreen;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Sizes as a state, rules that a stylebook gives to all its sheets, and what a reader sees first. */
final class FitRulesTest extends TestCase
{
    private const ROWS = [['Tree', 'Seedlings counted in spring', 'Planted'], ['Wild service', 3, 4], ['Oak', 5, 6], ['Elm', 7, 8]];

    public function test_a_fitted_column_follows_its_texts_without_a_stylebook_too_until_it_is_sized_by_hand(): void
    {
        $fitted = self::done(new Resize([1], true, [[1, 1]], null), self::book(self::ROWS));
        $larger = self::done(new Format(self::at('A2'), Look::of(['size' => 24])), $fitted);
        self::assertGreaterThan($fitted->sheet(1)->setup->sizes->widthOf(1), $larger->sheet(1)->setup->sizes->widthOf(1));
        $longer = self::done(new EditCells(1, [3 => [1 => 'A tree with a much longer name']]), $fitted);
        self::assertGreaterThan($fitted->sheet(1)->setup->sizes->widthOf(1), $longer->sheet(1)->setup->sizes->widthOf(1));
        // One that nobody fitted stays as it came.
        self::assertSame($fitted->sheet(1)->setup->sizes->widthOf(2), $longer->sheet(1)->setup->sizes->widthOf(2));
        $held = self::done(new Resize([1], true, [[1, 1]], 50), $fitted);
        $held = self::done(new Format(self::at('A2'), Look::of(['size' => 24])), $held);
        self::assertSame([50, []], [$held->sheet(1)->setup->sizes->widthOf(1), $held->sheet(1)->setup->sizes->autoColumns]);
        $moved = (new MoveCells(1, new Shift(false, 1, 2, true)))->on($fitted);
        self::assertSame([3], $moved->sheet(1)->setup->sizes->autoColumns);
    }

    public function test_fitted_rows_follow_their_lines_and_the_widths_of_their_columns(): void
    {
        $workbook = self::done(
            new Format(self::at('A2:A4'), Look::of(['wrap' => true])),
            self::book([
                ['Note', 'Count'],
                ['One line that is long enough to be broken in a narrow column', 1],
                ['short', 2],
                ['short', 3],
            ]),
        );
        $workbook = self::done(new Resize([1], false, [[2, 4]], null), $workbook);
        $narrow = self::done(new Resize([1], true, [[1, 1]], 60), $workbook);
        $wide = self::done(new Resize([1], true, [[1, 1]], 600), $workbook);
        self::assertGreaterThan($wide->sheet(1)->setup->sizes->heightOf(2), $narrow->sheet(1)->setup->sizes->heightOf(2));
        self::assertSame($wide->sheet(1)->setup->sizes->heightOf(3), $narrow->sheet(1)->setup->sizes->heightOf(3));
    }

    public function test_titles_count_in_a_fit_when_they_are_asked_for(): void
    {
        $workbook = self::book([
            ['A title that is very much longer than anything beneath it', null],
            ['Tree', 'Count'],
            ['Oak', 3],
            ['Elm', 4],
        ]);
        $width = fn (bool $all) => (new Resize([1], true, [[1, 1]], null, $all))->on($workbook)->sheet(1)->setup->sizes->widthOf(1);
        self::assertGreaterThan(2 * $width(false), $width(true));
    }

    public function test_turned_headings_leave_their_columns_narrow_and_wrapped_ones_take_lines(): void
    {
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(self::book(self::ROWS));
        $line = self::done(new FitHeadings([1], 'line'), $workbook);
        $wrap = self::done(new FitHeadings([1], 'wrap'), $line);
        $turn = self::done(new FitHeadings([1], 'turn'), $wrap);
        $size = fn (Workbook $book) => [$book->sheet(1)->setup->sizes->widthOf(2), $book->sheet(1)->setup->sizes->heightOf(1)];
        self::assertGreaterThan($size($wrap)[0], $size($line)[0]);
        self::assertGreaterThan($size($turn)[0], $size($wrap)[0]);
        self::assertGreaterThan($size($line)[1], $size($wrap)[1]);
        self::assertGreaterThan($size($wrap)[1], $size($turn)[1]);
        // The heading of the words stays level, and a way back is a way back.
        self::assertSame($size($line), $size(self::done(new FitHeadings([1], 'line'), $turn)));
        self::assertCount(1, self::done(new FitHeadings([1], 'line'), $turn)->sheet(1)->rules);
    }

    public function test_columns_of_one_heading_take_one_width_on_all_sheets(): void
    {
        $workbook = self::books(self::ROWS, [['Planted', 'Bed'], [1, 'north'], [2, 'south']]);
        $same = (new WidthUnder([1, 2], ' planted ', 88))->on($workbook);
        self::assertSame([88, 88], [$same->sheet(1)->setup->sizes->widthOf(3), $same->sheet(2)->setup->sizes->widthOf(1)]);
        $this->expectException(SizeIsWrong::class);
        (new WidthUnder([1, 2], 'Weight', 88))->on($workbook);
    }

    public function test_a_stylebook_says_widths_by_heading_sizes_and_zoom_for_all_its_sheets(): void
    {
        $stylebook = Builtin::named('River ledger');
        $workbook = (new Dress([1, 2], $stylebook))->on(self::books(self::ROWS, [['Planted', 'Bed'], [1, 'north'], [2, 'south']]));
        $workbook = (new Resize([1], true, [[1, 1]], 51))->on($workbook);
        $revised = $stylebook->widening('Planted', 131)->fitting(['rowAir' => 14], ['zoom' => 85, 'gridlines' => true, 'freeze' => false]);
        $after = (new ReviseStylebook($revised, 'Rules', true))->on($workbook);
        self::assertSame([131, 131], [$after->sheet(1)->setup->sizes->widthOf(3), $after->sheet(2)->setup->sizes->widthOf(1)]);
        foreach ([1, 2] as $number) {
            $setup = $after->sheet($number)->setup;
            self::assertSame(
                [85, true, 0, 0],
                [$setup->opening->zoom, $setup->opening->gridlines, $setup->opening->freezeRow, $setup->opening->freezeColumn],
            );
            self::assertSame($workbook->sheet($number)->setup->sizes->height - $stylebook->fit->rowAir + 14, $setup->sizes->height);
        }
        self::assertSame(51, $after->sheet(1)->setup->sizes->widthOf(1), 'sized by hand');
        $high = (new ReviseStylebook($revised->fitting(['rowLeast' => 60], []), 'Rules', true))->on($workbook)->sheet(1)->setup->sizes;
        self::assertSame([true, 60], [$high->heightOf(1) >= 60, $high->heightOf(3)]);
        self::assertSame($stylebook->fit->widths, Stylebook::fromJson($revised->widening('PLANTED', null)->toJson())->fit->widths);
    }

    public function test_rules_that_make_no_sense_are_refused_by_name(): void
    {
        foreach (
            [
                [['least' => 400, 'greatest' => 300], []],
                [['air' => -1], []],
                [['widths' => ['a' => 2]], []],
                [['rowAir' => 'much'], []],
                [[], ['zoom' => 5]],
                [[], ['zoom' => '100']],
            ] as [$fit, $opens]
        ) {
            try {
                Builtin::named('River ledger')->fitting($fit, $opens);
                self::fail((string) json_encode([$fit, $opens]));
            } catch (StylebookIsWrong $wrong) {
                self::assertMatchesRegularExpression('/fit\.|opens\./', $wrong->getMessage());
            }
        }
    }

    public function test_a_first_screen_ends_with_the_last_row_and_column_that_are_seen_whole(): void
    {
        $sheet = fn (Setup $setup) => self::book(self::ROWS, $setup)->sheet(1);
        // 1366 - 60 = 1306 px of columns of 64: 20 whole; 768 - 300 = 468 px of rows of 20: 23 whole.
        $screen = FirstScreen::of($sheet(new Setup), 'Laptop', 1366, 768);
        self::assertSame([23, 20, 0, 0], [$screen->row, $screen->column, $screen->rowsOutside, $screen->columnsOutside]);
        // At 50 % twice as much is seen; what is hidden takes no room.
        $screen = FirstScreen::of($sheet(new Setup(new Sizes(hiddenColumns: [2, 3]), new Opening(zoom: 50))), 'Laptop', 1366, 768);
        self::assertSame([46, 42], [$screen->row, $screen->column]);
        // Wide columns push the last of the table out of sight.
        $screen = FirstScreen::of($sheet(new Setup(new Sizes([1 => 700, 2 => 500, 3 => 200], [1 => 460]))), 'Laptop', 1366, 768);
        self::assertSame([1, 2, 3, 1], [$screen->row, $screen->column, $screen->rowsOutside, $screen->columnsOutside]);
        // Frozen rows stay in sight above the first that is shown.
        $screen = FirstScreen::of($sheet(new Setup(opening: new Opening(freezeRow: 2, firstRow: 100))), 'Laptop', 1366, 768);
        self::assertSame(120, $screen->row);
    }

    public function test_a_sheet_opens_at_a_cell(): void
    {
        $setup = (new SetOpening([1], firstRow: 30, firstColumn: 3))->on(self::book(self::ROWS))->sheet(1)->setup;
        self::assertSame([30, 3], [$setup->opening->firstRow, $setup->opening->firstColumn]);
        self::assertSame($setup->toArray(), Setup::fromArray($setup->toArray())->toArray());
        foreach (
            [new SetOpening([1], firstRow: 0), new SetOpening([1], firstRow: 1_048_577), new SetOpening([1], firstColumn: 16_385)] as $act
        ) {
            try {
                $act->on(self::book(self::ROWS));
                self::fail($act->words(self::book(self::ROWS)));
            } catch (SizeIsWrong $wrong) {
                self::assertStringContainsString('first cell', $wrong->getMessage());
            }
        }
    }

    public function test_sheets_change_places_and_keep_their_numbers(): void
    {
        $workbook = self::books(self::ROWS, self::ROWS, self::ROWS);
        self::assertSame([3, 1, 2], array_keys((new MoveSheet(3, 1))->on($workbook)->sheets));
        self::assertSame([2, 1, 3], array_keys((new MoveSheet(1, 2))->on($workbook)->sheets));
        $this->expectException(NoSuchSheet::class);
        (new MoveSheet(1, 4))->on($workbook);
    }

    public function test_a_spacer_row_stays_low_and_belongs_to_the_body(): void
    {
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(self::book(self::ROWS));
        $spaced = self::done(new Together([new MoveCells(1, new Shift(true, 3, 1, true)), new Resize([1], false, [[3, 3]], 8)]), $workbook);
        $spaced = self::done(new Format(self::at('A2:C5'), Look::of(['size' => 16])), $spaced);
        self::assertSame(8, $spaced->sheet(1)->setup->sizes->heightOf(3));
        self::assertSame('body', $spaced->sheet(1)->reading->tables[0]->runAt(3)?->part?->value);
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
    private static function book(array $rows, Setup $setup = new Setup): Workbook
    {
        return new Workbook('Book', [1 => self::sheet($rows, 'S', $setup)], new LookBook);
    }

    /** @param  list<list<mixed>>  ...$sheets */
    private static function books(array ...$sheets): Workbook
    {
        $made = [];
        foreach ($sheets as $index => $rows) {
            $made[$index + 1] = self::sheet($rows, 'S'.($index + 1), new Setup);
        }

        return new Workbook('Book', $made, new LookBook);
    }

    /** @param  list<list<mixed>>  $rows */
    private static function sheet(array $rows, string $name, Setup $setup): Worksheet
    {
        $cells = new MemorySheet(
            $name,
            array_map(fn (array $row) => array_map(fn (mixed $value) => Cell::of(is_scalar($value) ? $value : null), $row), $rows),
        );

        return new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)), came: $setup);
    }
}
