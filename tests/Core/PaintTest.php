<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Ruler;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Text\Fonts;
use Rilvet\Window\Figures;
use Rilvet\Window\Painter;
use Rilvet\Window\Window;
use Rilvet\Window\WindowCell;
use Rilvet\Window\WindowLine;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\Merges;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What a window of a sheet says to the one who paints it. */
final class PaintTest extends TestCase
{
    public function test_text_reaches_over_blank_neighbours_and_stops_at_filled_ones(): void
    {
        $long = 'A long line that needs several columns to be shown';
        $window = self::paint([[$long, null, null, null, null, null, null, null, 'x'], [$long, 'stop']]);
        $need = Fonts::shipped()->face('Carlito')->fit($long, 11 * Fonts::PX) + 8;
        $to = self::cell($window, 1, 1)->to;
        self::assertGreaterThanOrEqual($need, 64 * $to, 'as many columns as the text needs');
        self::assertLessThan($need, 64 * ($to - 1), 'and no more');
        self::assertSame([1, 1], [self::cell($window, 2, 1)->from, self::cell($window, 2, 1)->to]);
    }

    public function test_a_right_aligned_text_reaches_to_the_left_and_a_centred_one_both_ways(): void
    {
        $workbook = self::workbook([[null, null, null, 'A long line of text here', null, null, null]]);
        $right = (new Format(self::at('D1'), Look::of(['horizontal' => 'right'])))->on($workbook);
        self::assertSame([2, 4], self::reach($right, 1, 4));
        $middle = (new Format(self::at('D1'), Look::of(['horizontal' => 'center'])))->on($workbook);
        self::assertSame([3, 5], self::reach($middle, 1, 4));
        $wrapped = (new Format(self::at('D1'), Look::of(['wrap' => true])))->on($workbook);
        self::assertSame([4, 4], self::reach($wrapped, 1, 4));
    }

    public function test_a_long_text_is_cut_off_or_shrinks_where_it_is_told_to(): void
    {
        $long = 'A long line of text here';
        $workbook = self::workbook([[$long, null, null], [$long, null, null], [$long, null, null]]);
        $workbook = (new Format(self::at('A2'), Look::of(['clip' => true])))->on($workbook);
        $workbook = (new Format(self::at('A3'), Look::of(['shrink' => true])))->on($workbook);
        $window = self::window($workbook, 'A1:C3');
        self::assertGreaterThan(1, self::cell($window, 1, 1)->to);
        self::assertSame([1, 1], [self::cell($window, 2, 1)->to, self::cell($window, 3, 1)->to]);
        $size = $window->looks[self::cell($window, 3, 1)->look]->size;
        self::assertLessThan($window->looks[self::cell($window, 1, 1)->look]->size, $size);
        self::assertLessThanOrEqual(64, Fonts::shipped()->face('Carlito')->fit($long, $size) + 8);
    }

    public function test_a_span_ends_where_the_next_text_or_alignment_begins(): void
    {
        $workbook = self::workbook([['Spring', null, 'Autumn', null, null], ['a', 'b', 'c', 'd', 'e']]);
        $workbook = (new Format(self::at('A1:D1'), Look::of(['horizontal' => 'span'])))->on($workbook);
        self::assertSame([1, 2], self::reach($workbook, 1, 1));
        self::assertSame([3, 4], self::reach($workbook, 1, 3));
    }

    public function test_figures_that_do_not_fit_show_marks_and_are_never_cut(): void
    {
        $window = self::paint([[123456789.25, 5]], new Setup(new Sizes([1 => 40])));
        self::assertMatchesRegularExpression('/^#+$/', self::cell($window, 1, 1)->text);
        self::assertSame('5', self::cell($window, 1, 2)->text);
    }

    public function test_merged_cells_show_the_first_and_have_no_lines_inside(): void
    {
        $workbook = self::workbook([['Title', 'hidden', null], ['a', 'b', 'c']], new Setup(merges: [Range::parse('A1:C1')]));
        $workbook = (new Format(
            self::at('A1:C1'),
            Look::of(['left' => 'thin #111111', 'right' => 'thin #111111', 'bottom' => 'thin #111111']),
        ))->on($workbook);
        $window = self::window($workbook, 'A1:C2');
        self::assertSame(['Title', 'a', 'b', 'c'], array_map(fn (WindowCell $cell) => $cell->text, $window->cells));
        self::assertSame([[1, 1, 1, 3]], $window->merges);
        self::assertSame(
            [1, 4],
            array_map(
                fn (WindowLine $line) => $line->at,
                array_values(array_filter($window->lines, fn (WindowLine $line) => $line->side === 'left')),
            ),
        );
    }

    public function test_lines_of_one_kind_are_joined_and_drawn_once(): void
    {
        $workbook = (new Format(self::at('A1:E1'), Look::of(['bottom' => 'thin #111111'])))->on(
            self::workbook([['a', 'b', 'c', 'd', 'e'], ['f', 'g', 'h', 'i', 'j']]),
        );
        $workbook = (new Format(self::at('A2:E2'), Look::of(['top' => 'thin #111111'])))->on($workbook);
        $lines = self::window($workbook, 'A1:E2')->lines;
        self::assertCount(1, $lines);
        self::assertSame(['top', 2, 1, 5], [$lines[0]->side, $lines[0]->at, $lines[0]->from, $lines[0]->to]);
    }

    public function test_a_sign_stands_at_the_left_edge_of_the_first_row_and_the_total(): void
    {
        $rows = [['Tree', 'Price'], ['Rowan', 4.5], ['Aspen', 2.5], ['Hazel', 1.0], ['All', 8.0]];
        $workbook = self::workbook($rows);
        $workbook = (new Format(self::at('B2:B5'), Look::of(['number' => '"£"#,##0.00'])))->on($workbook);
        $sheet = $workbook->sheet(1);
        $facts = new SheetFacts(
            $sheet->cells,
            \Rilvet\Reading\Signature::all($sheet->cells, new \Rilvet\Work\FileHints($sheet->hand, $workbook->looks, new Setup())),
            new \Rilvet\Work\FileHints($sheet->hand, $workbook->looks, new Setup()),
        );
        $read = new Worksheet($sheet->cells, 'S', Finder::read($facts), aspects: Aspects::of(new FileLooks($sheet->hand)));
        $dressed = (new Dress([1], Builtin::named('River ledger')))->on($workbook->withSheet(1, $read));
        $window = self::window($dressed, 'A1:B5');
        self::assertSame(['£', null, null, '£'], array_map(fn (int $row) => self::cell($window, $row, 2)->edge, [2, 3, 4, 5]));
        self::assertSame('2.50', self::cell($window, 3, 2)->text);
    }

    public function test_a_number_format_may_ask_for_an_ink(): void
    {
        $workbook = (new Format(self::at('A1:B1'), Look::of(['number' => '#,##0;[Red]-#,##0', 'ink' => '#123456'])))->on(
            self::workbook([[5, -5]]),
        );
        $window = self::window($workbook, 'A1:B1');
        self::assertSame(['#123456', '#FF0000'], array_map(fn (WindowCell $cell) => $window->looks[$cell->look]->ink, $window->cells));
    }

    public function test_merges_equal_a_naive_grid_over_a_long_sheet(): void
    {
        mt_srand(600);
        $ranges = [];
        for ($top = 1; $top < 1_500; $top += mt_rand(3, 40)) {
            $left = mt_rand(1, 5);
            $bottom = $top + mt_rand(0, 2);
            $ranges[] = Range::of($top, $left, $bottom, $left + mt_rand(1, 3));
        }
        $ranges[] = Range::of(1, 20, 1_048_576, 20);
        $merges = new Merges($ranges);
        for ($row = 1; $row <= 1_540; $row++) {
            for ($column = 1; $column <= 9; $column++) {
                $found = array_values(array_filter($ranges, fn (Range $range) => $range->contains($row, $column)))[0] ?? null;
                self::assertSame($found, $merges->at($row, $column));
                self::assertSame($found !== null && ($found->top !== $row || $found->left !== $column), $merges->hides($row, $column));
            }
        }
        self::assertTrue($merges->hides(900_000, 20));
    }

    /** @return iterable<string, array{null|bool|int|float|string, string}> */
    public static function sides(): iterable
    {
        yield 'text' => ['a', 'left'];
        yield 'number' => [5, 'right'];
        yield 'truth' => [true, 'center'];
    }

    #[DataProvider('sides')]
    public function test_without_an_alignment_the_value_decides_the_side(null|bool|int|float|string $value, string $side): void
    {
        self::assertSame($side, self::cell(self::paint([[$value]]), 1, 1)->align);
    }

    public function test_an_error_and_a_formula_show_what_they_give(): void
    {
        $cells = new MemorySheet('S', [[Cell::error('#DIV/0!'), Cell::formula('1+1', 2)]]);
        $window = (new Painter(new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells))), new LookBook(), Fonts::shipped()))->paint(
            1,
            Range::of(1, 1, 1, 2),
        );
        self::assertSame(['#DIV/0!', '2'], array_map(fn (WindowCell $cell) => $cell->text, $window->cells));
    }

    public function test_a_window_beyond_the_data_is_empty_and_has_sizes(): void
    {
        $window = self::window(self::workbook([['a']]), 'C100:F120');
        self::assertSame([], $window->cells);
        self::assertCount(21, $window->heights);
        self::assertCount(4, $window->widths);
    }

    public function test_a_fit_shows_all_figures_and_does_not_widen_for_titles(): void
    {
        $title = 'A title that is far longer than anything that stands in the first column of the table below it';
        $rows = [
            [$title, null, null],
            ['Tree', 'Planted in the autumn', 'Worth'],
            ['Rowan', 3, 123456.5],
            ['Aspen', 4, 99.25],
            ['Hazel', 5, 1.0],
        ];
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(self::workbook($rows));
        $setup = $workbook->sheet(1)->setup;
        self::assertLessThan(120, $setup->sizes->widthOf(1));
        self::assertGreaterThan($setup->sizes->height, $setup->sizes->heightOf(2), 'a heading wraps instead of widening');
        self::assertSame([2, 1], [$setup->opening->freezeRow, $setup->opening->freezeColumn]);
        foreach (self::window($workbook, 'A1:C5')->cells as $cell) {
            self::assertDoesNotMatchRegularExpression('/^#+$/', $cell->text);
        }
        $face = Fonts::shipped()->face('Carlito');
        self::assertGreaterThanOrEqual($face->fit('123,456.50', 11 * Fonts::PX) + Ruler::PADDING, $setup->sizes->widthOf(3));
    }

    public function test_figures_of_a_selection(): void
    {
        $cells = MemorySheet::of('S', [['a', 1.5, 4], ['b', 2.5, null], ['c', 'x', 6]]);
        $figures = Figures::of($cells, RangeSet::parse('A1:B3,C3'));
        self::assertSame(
            [7, 7, 3, '10', '3.33', '1.50', '6'],
            [$figures->cells, $figures->filled, $figures->numbers, $figures->sum, $figures->mean, $figures->least, $figures->greatest],
        );
        self::assertNull(Figures::of($cells, RangeSet::parse('A1:A3'))->sum);
    }

    /** @return array{int, int} */
    private static function reach(Workbook $workbook, int $row, int $column): array
    {
        $cell = self::cell(self::window($workbook, 'A1:I5'), $row, $column);

        return [$cell->from, $cell->to];
    }

    private static function cell(Window $window, int $row, int $column): WindowCell
    {
        foreach ($window->cells as $cell) {
            if ($cell->row === $row && $cell->column === $column) {
                return $cell;
            }
        }
        self::fail("no cell at row $row, column $column");
    }

    /** @param  list<list<null|bool|int|float|string>>  $rows */
    private static function paint(array $rows, ?Setup $setup = null): Window
    {
        return self::window(self::workbook($rows, $setup), 'A1:J6');
    }

    private static function window(Workbook $workbook, string $range): Window
    {
        return (new Painter($workbook->sheet(1), $workbook->looks, Fonts::shipped()))->paint(1, Range::parse($range));
    }

    private static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

    /** @param  list<list<null|bool|int|float|string>>  $rows */
    private static function workbook(array $rows, ?Setup $setup = null): Workbook
    {
        $cells = MemorySheet::of('S', $rows);

        return new Workbook(
            'W',
            [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), came: $setup ?? new Setup())],
            new LookBook(),
        );
    }
}
