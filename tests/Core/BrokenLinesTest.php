<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\Resize;
use Rilvet\Act\Targets;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Measure\Ruler;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Text\FontMetrics;
use Rilvet\Text\Fonts;
use Rilvet\Window\CutTexts;
use Rilvet\Window\Painter;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Texts of several lines, straight and turned: fitted by their longest line, told when they are cut, drawn line by line. */
final class BrokenLinesTest extends PdfCase
{
    private const BED = "Hollin Lane,\nthe north bed behind the wall\nby the ford";

    private const LONGEST = 'the north bed behind the wall';

    public function test_a_column_is_as_wide_as_the_longest_line_wants(): void
    {
        foreach ([true, false] as $wraps) {
            $widths = array_map(
                fn (string $text) => self::fitted($text, ['wrap' => $wraps])->sheet(1)->setup->sizes->widthOf(1),
                [self::LONGEST, self::BED],
            );
            self::assertSame($widths[0], $widths[1]);
        }
        self::assertGreaterThanOrEqual(self::face()->fit(self::LONGEST, self::px()) + Ruler::PADDING, $widths[0]);
    }

    public function test_what_is_seen_whole_is_not_counted_as_cut(): void
    {
        $fitted = self::fitted(self::BED, []);
        self::assertSame([], CutTexts::of($fitted, 1)->places);
        $narrow = (new Resize([1], true, [[1, 1]], self::face()->fit(self::LONGEST, self::px()) - 8))->on($fitted);
        self::assertSame([['A2'], [[1, 1]], []], self::cut($narrow));
        $low = (new Resize([1], false, [[2, 2]], 2 * self::line()))->on($fitted);
        self::assertSame([['A2'], [], [[2, 2]]], self::cut($low));
    }

    /** Lines of an upright text stand beside each other, each as long as the row is high. */
    #[TestWith([90])]
    #[TestWith([-90])]
    public function test_upright_lines_stand_beside_each_other(int $turn): void
    {
        [$three, $six] = array_map(
            fn (string $text) => self::fitted($text, ['rotation' => $turn])->sheet(1)->setup->sizes,
            [self::BED, self::BED."\n".self::BED],
        );
        self::assertSame($three->heightOf(2), $six->heightOf(2), 'the longest line says how high');
        self::assertSame(3 * self::line(), $six->widthOf(1) - $three->widthOf(1));
        $fitted = self::fitted(self::BED, ['rotation' => $turn]);
        self::assertSame([], self::cut($fitted)[0]);
        self::assertSame([['A2'], [[1, 1]], []], self::cut((new Resize([1], true, [[1, 1]], 3 * self::line() - 2))->on($fitted)));
        self::assertSame([['A2'], [], [[2, 2]]], self::cut((new Resize([1], false, [[2, 2]], 90))->on($fitted)));
    }

    public function test_slanted_lines_take_the_box_of_all_of_them(): void
    {
        [$one, $three] = array_map(
            fn (string $text) => self::fitted($text, ['rotation' => 30, 'wrap' => true])->sheet(1)->setup->sizes,
            [self::LONGEST, self::BED],
        );
        // Two lines more, by the sine across and by the cosine down.
        self::assertEqualsWithDelta(2 * self::line() * 0.5, $three->widthOf(1) - $one->widthOf(1), 1);
        self::assertEqualsWithDelta(2 * self::line() * sqrt(3) / 2, $three->heightOf(2) - $one->heightOf(2), 1);
        $painted = self::fitted(self::BED, ['rotation' => 30, 'wrap' => true]);
        $window = (new Painter($painted->sheet(1), $painted->looks, Fonts::shipped()))->paint(1, Range::parse('A2'));
        self::assertFalse($window->looks[$window->cells[0]->look]->wrap, 'it is broken nowhere else');
    }

    public function test_stacked_lines_stand_beside_each_other(): void
    {
        [$three, $six] = array_map(
            fn (string $text) => self::fitted($text, ['rotation' => Look::STACKED])->sheet(1)->setup->sizes,
            [self::BED, self::BED."\n".self::BED],
        );
        self::assertSame($three->heightOf(2), $six->heightOf(2));
        self::assertSame(3 * self::line(), $six->widthOf(1) - $three->widthOf(1));
        self::assertSame([], self::cut(self::fitted(self::BED, ['rotation' => Look::STACKED]))[0]);
    }

    /** A row that was sized by hand breaks an upright text that wraps; the column has room for all of its lines. */
    public function test_an_upright_text_wraps_where_its_row_ends(): void
    {
        $text = 'Held back for the spring sale';
        $rowed = (new Resize([1], false, [[2, 2]], 88))->on(self::book($text, ['rotation' => 90, 'wrap' => true]));
        $fitted = (new Resize([1], true, [[1, 1]], null))->on($rowed);
        // "Held back for", "the spring" and "sale" at most 82 px each.
        $long = array_map(fn (string $line) => self::face()->fit($line, self::px()),
            ['Held back for', 'the spring', 'Held back for the', 'the spring sale']);
        self::assertLessThanOrEqual(82, max($long[0], $long[1]));
        self::assertGreaterThan(82, min($long[2], $long[3]));
        $width = fn (string $text) => self::fitted($text, ['rotation' => 90])->sheet(1)->setup->sizes->widthOf(1);
        self::assertSame($width(self::BED), $fitted->sheet(1)->setup->sizes->widthOf(1), 'three lines');
        self::assertSame([], self::cut($fitted)[0]);
        self::assertSame([['A2'], [[1, 1]], []], self::cut((new Resize([1], true, [[1, 1]], 2 * self::line()))->on($rowed)));
        // Where the row may grow, it is as high as the whole text wants.
        $free = self::fitted($text, ['rotation' => 90, 'wrap' => true])->sheet(1)->setup->sizes;
        self::assertSame($width('sale'), $free->widthOf(1));
        self::assertGreaterThan(150, $free->heightOf(2));
    }

    public function test_a_merged_text_wraps_over_all_of_its_columns(): void
    {
        $text = 'a note that is merged over three columns of sixty-four px each, and wraps there';
        $room = 3 * 64 - Ruler::PADDING;
        self::assertGreaterThan(2 * $room, self::face()->fit($text, self::px()));
        self::assertLessThan(3 * $room - 60, self::face()->fit($text, self::px()));
        foreach (['A2:C2' => 3, 'A2' => null] as $range => $lines) {
            $book = (new Format(new Targets([1], RangeSet::parse('A2')), Look::of(['wrap' => true])))->on(self::book($text, []));
            $sheet = $book->sheet(1);
            $sheet = $lines === null ? $sheet : $sheet->merged([Range::parse($range)], []);
            $fitted = (new Resize([1], false, [[2, 2]], null))->on($book->withSheet(1, $sheet))->sheet(1)->setup->sizes->heightOf(2);
            $lines === null ? self::assertGreaterThan(6 * self::line(), $fitted) : self::assertSame($lines * self::line() + 4, $fitted);
        }
    }

    /** How to fill a table in is often written above it, in a wide cell that wraps; the labels below want less. */
    public function test_a_title_that_wraps_keeps_the_width_that_it_came_with(): void
    {
        $text = 'Write the count of each tree into the bed that it stands in, and nothing into those that are empty; ask the grower.';
        $cells = MemorySheet::of('Beds', [[$text], [], ['Tree', 'Count'], ['Osier', 3], ['Alder', 4], ['Elm', 5], ['Yew', 6]]);
        $width = function (bool $wraps, int $came) use ($cells): array {
            $sheet = new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)), came: new Setup(new Sizes([1 => $came])));
            $book = new Workbook('Book', [1 => $sheet], new LookBook);
            $book = $wraps ? (new Format(new Targets([1], RangeSet::parse('A1')), Look::of(['wrap' => true])))->on($book) : $book;
            $sizes = (new Dress([1], Builtin::named('River ledger')))->on($book)->sheet(1)->setup->sizes;

            return [$sizes->widthOf(1), $sizes->heightOf(1)];
        };
        [$narrow, $low] = $width(false, 300);
        self::assertLessThan(80, $narrow, 'it reaches over its neighbours');
        [$kept, $high] = $width(true, 300);
        self::assertSame(300, $kept);
        self::assertGreaterThan(3 * $low / 2, $high);
        self::assertSame($narrow, $width(true, $narrow)[0]);
        self::assertLessThan(1_790, $width(true, 5_000)[0], 'no wider than a column may be');
    }

    /** By poppler: where the first words of the lines stand, read upwards, downwards, slanted and stacked. */
    #[TestWith([90, false, 1, 0])]
    #[TestWith([90, true, 1, 0])]
    #[TestWith([-90, false, -1, 0])]
    #[TestWith([60, false, 1, 1])]
    #[TestWith([-30, false, -1, 1])]
    #[TestWith([Look::STACKED, false, -1, 0])]
    public function test_lines_are_drawn_one_after_the_other(int $turn, bool $wraps, int $right, int $down): void
    {
        [$looks, $hand] = [new LookBook, new LookMap];
        $hand->set(Range::parse('A1'), $looks->number(Look::of(['rotation' => $turn, 'wrap' => $wraps])));
        // Both are about as long, so that their middles are one line apart, across the way they are read.
        [$first, $second] = $wraps ? ['Osier', 'Alder'] : ['O', 'Q'];
        $sheet = (new Worksheet(MemorySheet::of('S', [[$first.($wraps ? ' ' : "\n").$second]]), 'S', Reading::none(),
            came: new Setup(new Sizes([1 => 150], [1 => $wraps ? 60 : 150]))))->touched($hand);
        $boxes = self::told('pdftotext', '-bbox', $this->written(new Workbook('Book', [1 => $sheet], $looks)), '-');
        preg_match_all("#xMin=\"([\d.]+)\" yMin=\"([\d.]+)\" xMax=\"([\d.]+)\" yMax=\"([\d.]+)\">($first|$second)<#", $boxes, $found);
        self::assertCount(2, $found[5], $boxes);
        $at = [];
        foreach ($found[5] as $number => $word) {
            $sides = array_map(fn (int $side) => (float) $found[$side][$number], [1, 2, 3, 4]);
            $at[$word] = [($sides[0] + $sides[2]) / 2, ($sides[1] + $sides[3]) / 2];
        }
        $apart = self::line() * 0.75;
        $sine = $turn === Look::STACKED ? 1.0 : abs(sin(deg2rad($turn)));
        self::assertEqualsWithDelta([$right * $sine * $apart, $down * sqrt(1 - $sine ** 2) * $apart],
            [$at[$second][0] - $at[$first][0], $at[$second][1] - $at[$first][1]], 1.2);
    }

    /** @return array{list<string>, list<list<int>>, list<list<int>>} places, columns and rows of what is cut */
    private static function cut(Workbook $workbook): array
    {
        $cut = CutTexts::of($workbook, 1);

        return [$cut->places, $cut->columns, $cut->rows];
    }

    /** @param  array<string, mixed>  $look */
    private static function fitted(string $text, array $look): Workbook
    {
        $columns = (new Resize([1], true, [[1, 1]], null))->on(self::book($text, $look));

        return (new Resize([1], false, [[1, 3]], null))->on($columns);
    }

    /** @param  array<string, mixed>  $look  of A2 */
    private static function book(string $text, array $look): Workbook
    {
        $cells = MemorySheet::of('Beds', [['At', 'Count'], [$text, 4], ['Ford', 5]]);
        $book = new Workbook('Book', [1 => new Worksheet($cells, 'Beds', Reading::none())], new LookBook);

        return $look === [] ? $book : (new Format(new Targets([1], RangeSet::parse('A2')), Look::of($look)))->on($book);
    }

    private static function face(): FontMetrics
    {
        return Fonts::shipped()->face('Carlito');
    }

    private static function px(): float
    {
        return Ruler::SIZE * Fonts::PX;
    }

    private static function line(): int
    {
        return self::face()->lineHeight(self::px());
    }
}
