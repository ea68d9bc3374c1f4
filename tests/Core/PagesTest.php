<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\BreakPages;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\BandEnd;
use Rilvet\Paper\PageBand;
use Rilvet\Paper\PageSpot;
use Rilvet\Paper\PageWords;
use Rilvet\Paper\SheetPages;
use Rilvet\Reading\Reading;
use Rilvet\Work\Worksheet;
use Tests\Paged;

/** Where pages end, and why; worked out by hand: A4 upright with 15 mm all round holds 50 rows of 20 px, and 680 px across. */
final class PagesTest extends TestCase
{
    private const PLAIN = ['turn' => 'upright', 'wide' => 0, 'heads' => false, 'labels' => false];

    /** @return list<array{int, int, string}> first, last, why, of the rows of the first area */
    private static function rows(Worksheet $sheet): array
    {
        return array_map(fn (PageBand $band) => [$band->first, $band->last, $band->end->value],
            Paged::layout($sheet)->areas[0]->rows ?? []);
    }

    /** @return list<array{int, int, string}> */
    private static function columns(Worksheet $sheet): array
    {
        return array_map(fn (PageBand $band) => [$band->first, $band->last, $band->end->value],
            Paged::layout($sheet)->areas[0]->columns ?? []);
    }

    public function test_rows_fill_a_page_and_go_on_on_the_next(): void
    {
        self::assertSame([[1, 50, 'full'], [51, 100, 'full'], [101, 120, 'last']], self::rows(Paged::sheet([[120, 'body']],
            says: self::PLAIN)));
    }

    public function test_headings_that_repeat_take_their_room(): void
    {
        $sheet = Paged::sheet([[2, 'head'], [118, 'body']], says: ['heads' => true] + self::PLAIN);
        self::assertSame([[1, 50, 'full'], [51, 98, 'full'], [99, 120, 'last']], self::rows($sheet));
        self::assertSame([null, [1, 2], [1, 2]], array_map(fn (PageBand $band) => $band->repeated, Paged::layout($sheet)->areas[0]->rows));
    }

    public function test_headings_of_more_than_half_a_page_do_not_repeat(): void
    {
        $sheet = Paged::sheet([[1, 'head'], [90, 'body']], [1 => 600], says: ['heads' => true] + self::PLAIN);
        self::assertSame([null, null, null], array_map(fn (PageBand $band) => $band->repeated, Paged::layout($sheet)->areas[0]->rows));
    }

    public function test_a_total_stays_with_the_row_above_it(): void
    {
        self::assertSame([[1, 49, 'total'], [50, 51, 'last']], self::rows(Paged::sheet([[50, 'body'], [1, 'total']], says: self::PLAIN)));
        self::assertSame([[1, 50, 'full'], [51, 51, 'last']],
            self::rows(Paged::sheet([[50, 'body'], [1, 'total']], says: ['keep' => false] + self::PLAIN)));
    }

    public function test_a_group_heading_stays_with_its_first_row(): void
    {
        $parts = [[1, 'row_group'], [48, 'body'], [1, 'row_group'], [30, 'body']];
        self::assertSame([[1, 49, 'group'], [50, 80, 'last']], self::rows(Paged::sheet($parts, says: self::PLAIN)));
    }

    public function test_a_group_stays_whole_where_it_fits_on_a_page(): void
    {
        $parts = [[1, 'row_group'], [29, 'body'], [1, 'row_group'], [29, 'body']];
        self::assertSame([[1, 30, 'group'], [31, 60, 'last']], self::rows(Paged::sheet($parts, says: self::PLAIN)));
    }

    public function test_a_group_that_no_page_holds_is_parted(): void
    {
        $parts = [[1, 'row_group'], [19, 'body'], [1, 'row_group'], [79, 'body']];
        self::assertSame([[1, 50, 'full'], [51, 100, 'last']], self::rows(Paged::sheet($parts, says: self::PLAIN)));
    }

    public function test_no_page_is_emptied_below_a_quarter_to_keep_a_group_whole(): void
    {
        // The group begins at row 6, so that 5 of 50 rows would be left on the first page.
        $parts = [[1, 'row_group'], [4, 'body'], [1, 'row_group'], [47, 'body']];
        self::assertSame([[1, 50, 'full'], [51, 53, 'last']], self::rows(Paged::sheet($parts, says: self::PLAIN)));
    }

    public function test_groups_end_with_their_subtotal_where_nothing_heads_them(): void
    {
        $parts = [[1, 'head'], [28, 'body'], [1, 'subtotal'], [28, 'body'], [1, 'subtotal'], [1, 'total']];
        self::assertSame([[1, 30, 'group'], [31, 60, 'last']], self::rows(Paged::sheet($parts, says: self::PLAIN)));
    }

    public function test_a_title_and_headings_stay_with_what_they_head(): void
    {
        $parts = [[47, 'body'], [1, 'title'], [1, 'units'], [1, 'head'], [20, 'body']];
        self::assertSame([[1, 47, 'heading'], [48, 70, 'last']], self::rows(Paged::sheet($parts, says: self::PLAIN)));
    }

    public function test_merged_cells_stay_whole(): void
    {
        $sheet = Paged::sheet([[70, 'body']], says: self::PLAIN, merges: [Range::parse('B45:B52'), Range::parse('A44:A46')]);
        self::assertSame([[1, 43, 'merge'], [44, 70, 'last']], self::rows($sheet));
    }

    public function test_a_person_ends_a_page_earlier_or_later_than_it_is_thought(): void
    {
        $parts = [[1, 'row_group'], [29, 'body'], [1, 'row_group'], [29, 'body']];
        $sheet = Paged::sheet($parts, says: self::PLAIN);
        $setup = $sheet->aspect(PageSetup::class);
        self::assertSame([[1, 40, 'person'], [41, 60, 'last']], self::rows($sheet->withAspects($setup->breaking([40], []))));
        self::assertSame([[1, 12, 'person'], [13, 60, 'last']], self::rows($sheet->withAspects($setup->breaking([12], []))));
        // Beyond what a page holds a break waits for its turn.
        self::assertSame([[1, 30, 'group'], [31, 55, 'person'], [56, 60, 'last']],
            self::rows($sheet->withAspects($setup->breaking([55], []))));
    }

    public function test_one_page_for_each_group(): void
    {
        $parts = [[1, 'head'], [1, 'row_group'], [9, 'body'], [1, 'row_group'], [9, 'body'], [1, 'row_group'], [9, 'body']];
        self::assertSame([[1, 11, 'each'], [12, 21, 'each'], [22, 31, 'last']],
            self::rows(Paged::sheet($parts, says: ['each' => true] + self::PLAIN)));
    }

    public function test_a_row_taller_than_a_page_goes_on(): void
    {
        $sheet = Paged::sheet([[3, 'body']], [2 => 2_500], says: self::PLAIN);
        $bands = Paged::layout($sheet)->areas[0]->rows;
        self::assertSame([[1, 1], [2, 2], [2, 2], [2, 2], [3, 3]], array_map(fn (PageBand $band) => [$band->first, $band->last], $bands));
        self::assertEqualsWithDelta([0.0, 1009.1, 2018.2], array_map(fn (PageBand $band) => $band->skip, array_slice($bands, 1, 3)), 0.3);
        self::assertEqualsWithDelta(2_500, array_sum(array_map(fn (PageBand $band) => $band->size, array_slice($bands, 1, 3))), 0.01);
    }

    public function test_a_column_wider_than_a_page_goes_on(): void
    {
        $sheet = Paged::sheet([[3, 'body']], widths: [100, 1_500, 100], says: self::PLAIN);
        self::assertSame([[1, 1, 'full'], [2, 2, 'slice'], [2, 2, 'slice'], [2, 2, 'slice'], [3, 3, 'last']], self::columns($sheet));
    }

    public function test_no_column_stands_alone_on_the_last_page(): void
    {
        self::assertSame([[1, 5, 'alone'], [6, 7, 'last']], self::columns(Paged::sheet([[3, 'body']], widths: array_fill(0, 7, 110),
            says: self::PLAIN)));
        self::assertSame([[1, 6, 'full'], [7, 8, 'last']], self::columns(Paged::sheet([[3, 'body']], widths: array_fill(0, 8, 110),
            says: self::PLAIN)));
    }

    public function test_columns_under_one_heading_stay_together(): void
    {
        $sheet = Paged::sheet([[1, 'column_group'], [1, 'head'], [3, 'body']], widths: array_fill(0, 9, 110), says: self::PLAIN,
            groups: [Range::parse('B1:D1'), Range::parse('E1:H1')]);
        self::assertSame([[1, 4, 'columns'], [5, 9, 'last']], self::columns($sheet));
    }

    public function test_label_columns_repeat_before_those_that_go_on(): void
    {
        $sheet = Paged::sheet([[1, 'head'], [3, 'body']], widths: array_fill(0, 12, 110), says: ['labels' => true] + self::PLAIN);
        $bands = Paged::layout($sheet)->areas[0]->columns;
        self::assertSame([[1, 6], [7, 10], [11, 12]], array_map(fn (PageBand $band) => [$band->first, $band->last], $bands));
        self::assertSame([null, [1, 1], [1, 1]], array_map(fn (PageBand $band) => $band->repeated, $bands));
    }

    public function test_it_is_scaled_to_the_pages_that_are_asked_for_and_never_enlarged(): void
    {
        $wide = fn (int $column, array $says) => Paged::layout(Paged::sheet([[60, 'body']], widths: array_fill(0, $column, 100),
            says: $says + ['turn' => 'upright', 'least' => 1, 'labels' => false]));
        self::assertSame(0.68, $wide(10, ['wide' => 1])->scale);
        self::assertCount(1, $wide(10, ['wide' => 1])->areas[0]->columns);
        self::assertSame(1.0, $wide(3, ['wide' => 1])->scale);
        self::assertCount(2, $wide(10, ['wide' => 2])->areas[0]->columns);
        // 60 rows of 20 px on one page of 1,009 px.
        self::assertSame(0.84, $wide(3, ['wide' => 1, 'tall' => 1])->scale);
        self::assertSame(1, $wide(3, ['wide' => 1, 'tall' => 1])->pages());
    }

    public function test_type_that_could_not_be_read_takes_more_pages_instead_and_says_so(): void
    {
        $sheet = Paged::sheet([[5, 'body']], widths: array_fill(0, 30, 100), says: ['turn' => 'upright', 'wide' => 1, 'least' => 8]);
        $layout = Paged::layout($sheet);
        // The usual type has 11 pt: 8 of 11 are 73 percent.
        self::assertSame(0.73, $layout->scale);
        self::assertTrue($layout->choice->isHeld());
        self::assertGreaterThan(1, $layout->choice->across());
        self::assertMatchesRegularExpression('/22 % and type of 2\.4 pt/', (string) (new PageWords($sheet, $layout))->held());
    }

    public function test_it_lies_as_is_better_and_upright_where_that_is_enough(): void
    {
        $turned = fn (int $columns) => Paged::layout(Paged::sheet([[5, 'body']], widths: array_fill(0, $columns, 100)));
        self::assertFalse($turned(6)->isTurned);
        self::assertTrue($turned(9)->isTurned);
        self::assertSame(1.0, $turned(9)->scale);
        self::assertEqualsWithDelta([1122.5, 793.7], [$turned(9)->width, $turned(9)->height], 0.1);
    }

    public function test_a_long_list_that_is_almost_as_large_upright_takes_fewer_pages_so(): void
    {
        $layout = fn (int $rows, int $width) => Paged::layout(Paged::sheet([[$rows, 'body']], widths: array_fill(0, 8, $width)));
        // 720 px on 680: 94 percent, and 54 rows a page instead of 34.
        self::assertSame([false, 0.94, 4], [$layout(200, 90)->isTurned, $layout(200, 90)->scale, $layout(200, 90)->pages()]);
        self::assertTrue($layout(30, 90)->isTurned, 'on one page either way, larger');
        self::assertTrue($layout(200, 110)->isTurned, 'at 77 percent the type is worth more');
    }

    public function test_pages_follow_each_other_down_or_across(): void
    {
        $order = function (string $order): array {
            $layout = Paged::layout(Paged::sheet([[120, 'body']], widths: array_fill(0, 10, 100), says: ['order' => $order] + self::PLAIN));

            return array_map(fn (int $page) => $layout->page($page)->rows->first.'.'.$layout->page($page)->columns->first, range(1,
                $layout->pages()));
        };
        self::assertSame(['1.1', '51.1', '101.1', '1.7', '51.7', '101.7'], $order('down'));
        self::assertSame(['1.1', '1.7', '51.1', '51.7', '101.1', '101.7'], $order('across'));
    }

    public function test_tables_print_without_their_notes_and_areas_each_begin_a_page(): void
    {
        $tables = Paged::layout(Paged::sheet([[1, 'title'], [1, 'head'], [5, 'body'], [2, 'note']], says: ['prints' => 'tables']));
        self::assertSame(['A1:C7'], array_map(fn ($area) => (string) $area->range, $tables->areas));
        $areas = Paged::layout(Paged::sheet([[30, 'body']], says: ['area' => 'A1:B4,B9:C30']));
        self::assertSame(2, $areas->pages());
        self::assertSame([9, 2], [$areas->page(2)->rows->first, $areas->page(2)->columns->first]);
    }

    public function test_hidden_rows_and_columns_take_no_room(): void
    {
        $sheet = Paged::sheet([[80, 'body']], says: self::PLAIN)->hiding(false, range(11, 50));
        self::assertSame([[1, 80, 'last']], self::rows($sheet));
    }

    public function test_an_empty_sheet_takes_no_page(): void
    {
        $sheet = new Worksheet(MemorySheet::of('Blank', []), 'Blank', Reading::none());
        $layout = Paged::layout($sheet);
        self::assertSame(0, $layout->pages());
        self::assertSame('nothing stands on this sheet', (new PageWords($sheet, $layout))->turn());
        $this->expectException(PageIsWrong::class);
        $layout->page(1);
    }

    public function test_breaks_have_an_end(): void
    {
        $sheet = Paged::sheet([[9, 'body']]);
        $sheet = $sheet->withAspects($sheet->aspect(PageSetup::class)->breaking(range(1, PageSetup::BREAKS), []));
        $this->expectExceptionMessageMatches('/at most 1,026 breaks/');
        (new BreakPages(1, true, null, 2_000))->on(Paged::book($sheet));
    }

    public function test_margins_that_leave_no_room_are_refused(): void
    {
        $this->expectExceptionMessageMatches('/leave no room/');
        Paged::layout(Paged::sheet([[5, 'body']], says: ['left' => 110, 'right' => 110, 'turn' => 'upright']));
    }

    public function test_a_sheet_without_end_is_laid_out_all_the_same(): void
    {
        $cells = new EditedSheet(MemorySheet::of('Far', [['a']]), [1_048_576 => [16_384 => Cell::of('end')]]);
        $sheet = (new Worksheet($cells, 'Far', Reading::none()))->withAspects(new PageSetup(PageRules::none(), PageRules::of(self::PLAIN)));
        $layout = Paged::layout($sheet);
        // 50 rows of 20 px and 10 columns of 64 px a page.
        self::assertSame((int) (ceil(1_048_576 / 50) * ceil(16_384 / 10)), $layout->pages());
        self::assertSame(1_048_576, $layout->page($layout->pages())->rows->last);
        self::assertSame(16_384, $layout->page($layout->pages())->columns->last);
    }

    /** What would be gone through anew for each of 22,000 pages is given up as soon as it is too tall. */
    public function test_titles_without_end_are_not_repeated(): void
    {
        $cells = new EditedSheet(MemorySheet::of('Far', [['a']]), [1_048_576 => [1 => Cell::of('end')]]);
        $sheet = (new Worksheet($cells, 'Far', Reading::none()))
            ->withAspects(new PageSetup(PageRules::none(), PageRules::of(['titleRows' => '1:500000'] + self::PLAIN)));
        self::assertSame((int) ceil(1_048_576 / 50), Paged::layout($sheet)->pages());
    }

    public function test_every_row_stands_on_one_page_and_no_page_is_overfull(): void
    {
        mt_srand(2020);
        $parts = ['row_group', 'body', 'subtotal', 'body', 'body', 'total', 'head', 'note', 'title'];
        for ($try = 0; $try < 200; $try++) {
            $runs = array_map(fn () => [mt_rand(1, 40), $parts[mt_rand(0, count($parts) - 1)]], range(1, mt_rand(1, 9)));
            $rows = array_sum(array_column($runs, 0));
            $heights = array_combine($some = array_map(fn () => mt_rand(1, $rows), range(1, 9)), array_map(fn () => mt_rand(5,
                1_400), $some));
            $sheet = Paged::sheet($runs, $heights, [120, 90, 200, 310, 80], ['heads' => mt_rand(0, 1) === 1, 'keep' => mt_rand(0, 3) > 0,
                'each' => mt_rand(0, 3) === 0, 'scale' => mt_rand(40, 180), 'wide' => 0]);
            $layout = Paged::layout($sheet->withAspects($sheet->aspect(PageSetup::class)->breaking([mt_rand(1, 60)], [])));
            foreach ([$layout->areas[0]->rows, $layout->areas[0]->columns] as $at => $bands) {
                $next = 1;
                foreach ($bands as $band) {
                    $isOn = $band->skip > 0;
                    self::assertSame($isOn ? $next - 1 : $next, $band->first, "try $try");
                    self::assertLessThanOrEqual($band->room + 0.001, $band->size, "try $try");
                    $next = $band->last + 1;
                }
                self::assertSame($at === 0 ? $rows + 1 : 6, $next);
            }
        }
    }

    /** @return iterable<string, array{PageBand, string}> */
    public static function words(): iterable
    {
        foreach (['Full' => 'since it is full', 'Group' => 'before body at 51\.1', 'Heading' => 'a heading stays',
            'Total' => 'a total stays',
            'Merge' => 'merged cells', 'Person' => 'a break was put', 'Each' => 'each group begins', 'Slice' => 'Row 41 is larger',
            'Columns' => 'under one heading', 'Alone' => 'stands alone', 'Last' => 'ends here'] as $end => $words) {
            yield $end => [new PageBand(41, 50, 200, 1_000, constant(BandEnd::class."::$end"), 56), $words];
        }
    }

    #[DataProvider('words')]
    public function test_why_a_page_ends_is_said(PageBand $band, string $words): void
    {
        $sheet = Paged::sheet([[80, 'body']], says: self::PLAIN);
        $said = new PageWords($sheet, Paged::layout($sheet));
        self::assertMatchesRegularExpression("/$words/", $said->end($band, true));
        self::assertNotSame('', $said->hint($band, true));
    }

    /** @return iterable<string, array{PageBand, bool, string}> */
    public static function hints(): iterable
    {
        $band = fn (BandEnd $end, int $last, int $full) => new PageBand(3, $last, 200, 1_000, $end, $full);
        yield 'a break of a person' => [$band(BandEnd::Person, 9, 12), true, 'Drag it, or take it out.'];
        yield 'a high row' => [$band(BandEnd::Slice, 3, 3), true, 'A lower row, or larger paper, holds it together.'];
        yield 'a wide column' => [$band(BandEnd::Slice, 3, 3), false, 'A narrower column holds it together.'];
        yield 'rows that end early' => [$band(BandEnd::Group, 9, 1_012), true, 'Drag it, or let it fall where it may: row 1,012.'];
        yield 'columns that end early' => [$band(BandEnd::Columns, 9, 12), false, 'Drag it, or let it fall where it may: column L.'];
        yield 'a full page' => [$band(BandEnd::Full, 9, 9), true, 'Drag it up to end the page earlier.'];
    }

    #[DataProvider('hints')]
    public function test_what_can_be_done_about_an_end_is_said(PageBand $band, bool $ofRows, string $hint): void
    {
        $sheet = Paged::sheet([[80, 'body']], says: self::PLAIN);
        $said = new PageWords($sheet, Paged::layout($sheet));
        self::assertSame($hint, $said->hint($band, $ofRows));
        if ($band->end === BandEnd::Slice) {
            self::assertSame(($ofRows ? 'Row 3' : 'Column C').' is larger than a page, and goes on over several.',
                $said->end($band, $ofRows));
        }
    }

    public function test_what_stands_on_a_page_and_how_it_lies_is_said(): void
    {
        $of = function (int $columns, array $says) {
            $says += ['heads' => false, 'labels' => false];
            $sheet = Paged::sheet([[120, 'body']], widths: array_fill(0, $columns, 100), says: $says);

            return new PageWords($sheet, Paged::layout($sheet));
        };
        $spot = fn (int $first, int $last, int $left = 1, int $right = 1) => new PageSpot(1, 0,
            new PageBand($first, $last, 1, 1, BandEnd::Full, $last), new PageBand($left, $right, 1, 1, BandEnd::Full, $right));
        $one = $of(1, self::PLAIN);
        self::assertSame(['row 7 · its one column', 'rows 51 to 1,100 · its one column'],
            [$one->place($spot(7, 7)), $one->place($spot(51, 1_100))]);
        self::assertSame('rows 1 to 50 · all 4 columns', $of(4, self::PLAIN)->place($spot(1, 50, 1, 4)));
        self::assertSame('rows 1 to 50 · columns A to F', $of(12, self::PLAIN)->place($spot(1, 50, 1, 6)));
        self::assertSame('upright, as it is said', $one->turn());
        self::assertSame('turned, as it is said', $of(1, ['turn' => 'turned'])->turn());
        self::assertSame('upright, which is enough for 1 column', $of(1, ['turn' => 'better'])->turn());
        self::assertSame('upright, which is enough for 5 columns', $of(5, ['turn' => 'better'])->turn());
        self::assertSame('turned, since 9 columns need it', $of(9, ['turn' => 'better'])->turn());
        self::assertMatchesRegularExpression('/^prints at 100 %, text from \d+(\.\d)? pt on$/', $one->size());
        self::assertNull($one->held());
    }

    public function test_who_says_a_rule_is_known(): void
    {
        $sheet = Paged::sheet([[5, 'body']], says: ['paper' => 'A5']);
        $workbook = Paged::dressed(Paged::book($sheet));
        $dressed = $workbook->sheet(1);
        self::assertSame(['sheet', 'stylebook', 'usual'], array_map(fn (string $rule) => SheetPages::layer($dressed, $rule),
            ['paper', 'wide', 'top']));
    }

    public function test_a_group_of_columns_that_ends_with_its_page_stays_on_it(): void
    {
        $sheet = fn (string ...$groups) => Paged::sheet([[1, 'column_group'], [1, 'head'], [3, 'body']], widths: array_fill(0, 9, 110),
            says: self::PLAIN, groups: array_map(Range::parse(...), $groups));
        self::assertSame([[1, 6, 'full'], [7, 9, 'last']], self::columns($sheet('C1:F1', 'G1:I1')));
        self::assertSame([[1, 3, 'columns'], [4, 9, 'last']], self::columns($sheet('B1:C1', 'D1:G1')), 'the group would be parted');
    }
}
