<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Condition;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\PageLayout;
use Rilvet\Paper\PagePainter;
use Rilvet\Paper\SvgCanvas;
use Rilvet\Reading\Reading;
use Rilvet\Text\Fonts;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Worksheet;
use SimpleXMLElement;
use Tests\Paged;

/** What is drawn on a page, and where: cells of 100 by 20 px on A4 upright at full size, 15 mm (56.69 px) from the edges. */
final class PagePaintTest extends TestCase
{
    private const EDGE = 15 * 96 / 25.4;

    /** @param  array<string, mixed>  $says */
    private static function page(Worksheet $sheet, array $says = [], ?LookBook $looks = null, int $page = 1): SimpleXMLElement
    {
        $looks ??= new LookBook;
        $sheet = $sheet->withAspects(new PageSetup(PageRules::none(), PageRules::of($says + ['turn' => 'upright', 'wide' => 0,
            'footer' => []])));
        $layout = PageLayout::of($sheet, $looks);
        $canvas = new SvgCanvas($layout->width, $layout->height);
        (new PagePainter($sheet, $looks, Fonts::shipped(), false, null, $layout))->paint($layout->page($page), $canvas,
            ['page' => (string) $page,
                'pages' => (string) $layout->pages()], $page === 1);
        $svg = new SimpleXMLElement($canvas->svg());
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');

        return $svg;
    }

    /** @return array{float, float} where a text begins, and its baseline */
    private static function place(SimpleXMLElement $svg, string $text): array
    {
        foreach ($svg->xpath('//s:text') ?: [] as $one) {
            if ((string) $one === $text) {
                return [(float) $one['x'], (float) $one['y']];
            }
        }
        self::fail("\"$text\" is not on the page");
    }

    /** @param  array<string, mixed>  $look */
    private static function looking(array $look, string|int $value = 'Oak', ?Setup $setup = null): array
    {
        $looks = new LookBook;
        $sheet = new Worksheet(MemorySheet::of('S', [[$value, null, null]]), 'S', Reading::none(),
            came: $setup ?? new Setup(new Sizes([1 => 100, 2 => 100, 3 => 100], [1 => 40])));
        $hand = new LookMap;
        $hand->set(Range::parse('A1'), $looks->number(Look::of($look)));

        return [$sheet->touched($hand), $looks];
    }

    public function test_texts_stand_at_the_sides_that_the_bench_gives_them(): void
    {
        $face = Fonts::shipped()->face('Carlito');
        $width = $face->advances('Oak', 11 * 96 / 72);
        foreach (['left' => 4.0, 'right' => 100 - 4 - $width, 'center' => (100 - $width) / 2] as $side => $from) {
            [$sheet, $looks] = self::looking(['horizontal' => $side]);
            self::assertEqualsWithDelta(self::EDGE + $from, self::place(self::page($sheet, [], $looks), 'Oak')[0], 0.02, $side);
        }
        [$sheet, $looks] = self::looking(['horizontal' => 'left', 'indent' => 2]);
        self::assertEqualsWithDelta(self::EDGE + 4 + 18, self::place(self::page($sheet, [], $looks), 'Oak')[0], 0.02);
        [$sheet, $looks] = self::looking([], 7);
        self::assertGreaterThan(self::EDGE + 80, self::place(self::page($sheet, [], $looks), '7')[0], 'figures stand right');
    }

    public function test_texts_stand_at_the_levels_that_the_bench_gives_them(): void
    {
        $face = Fonts::shipped()->face('Carlito');
        $px = 11 * 96 / 72;
        $line = $face->lineHeight($px);
        foreach (['top' => 0, 'center' => (40 - $line) / 2, 'bottom' => 40 - $line] as $level => $from) {
            [$sheet, $looks] = self::looking(['vertical' => $level]);
            self::assertEqualsWithDelta(self::EDGE + $from + $face->baseline($px), self::place(self::page($sheet, [], $looks),
                'Oak')[1], 0.02, $level);
        }
    }

    /** @return iterable<string, array{string, string}> sides and levels */
    public static function places(): iterable
    {
        foreach (['left', 'center', 'right'] as $side) {
            foreach (['top', 'center', 'bottom'] as $level) {
                yield "$side, $level" => [$side, $level];
            }
        }
    }

    #[DataProvider('places')]
    public function test_letters_that_are_stacked_stand_below_each_other(string $side, string $level): void
    {
        [$sheet, $looks] = self::looking(['rotation' => Look::STACKED, 'horizontal' => $side, 'vertical' => $level], 'Oak', new Setup(
            new Sizes([1 => 100, 2 => 100, 3 => 100], [1 => 120])));
        $svg = self::page($sheet, [], $looks);
        $face = Fonts::shipped()->face('Carlito');
        $px = 11 * 96 / 72;
        $places = array_map(fn (string $letter) => self::place($svg, $letter), ['O', 'a', 'k']);
        // As the browser sets them: so far apart as ascent and descent are (common practice where a font says no heights of its
        // letters), and each in the middle of a line that is as wide as a line is high.
        $step = $face->letterHeight($px);
        self::assertSame(18, $step);
        self::assertEqualsWithDelta([$step, $step], [$places[1][1] - $places[0][1], $places[2][1] - $places[1][1]], 0.02);
        $middles = array_map(fn (array $place, string $letter) => $place[0] + $face->advances($letter, $px) / 2, $places, ['O', 'a', 'k']);
        self::assertEqualsWithDelta([$middles[0], $middles[0]], [$middles[1], $middles[2]], 0.02);
        $high = $face->lineHeight($px);
        $from = ['left' => 4 + $high / 2, 'center' => 50.0, 'right' => 96 - $high / 2][$side];
        self::assertEqualsWithDelta(self::EDGE + $from, $middles[0], 4.1);
        $all = 3 * $step;
        $top = ['top' => 0.0, 'center' => (120 - $all) / 2, 'bottom' => 120 - $all][$level];
        self::assertEqualsWithDelta(self::EDGE + $top + $face->baseline($px), $places[0][1], 0.02, 'the first letter');
    }

    /** @return iterable<string, array{int, string, string}> degrees, side, level */
    public static function turns(): iterable
    {
        foreach ([90, -90, 45, -30] as $degrees) {
            foreach (self::places() as $name => [$side, $level]) {
                yield "$degrees, $name" => [$degrees, $side, $level];
            }
        }
    }

    #[DataProvider('turns')]
    public function test_a_text_that_is_turned_is_turned_as_far_and_stays_in_its_cell(int $degrees, string $side, string $level): void
    {
        [$sheet, $looks] = self::looking(['rotation' => $degrees, 'horizontal' => $side, 'vertical' => $level], 'Oak', new Setup(
            new Sizes([1 => 100, 2 => 100, 3 => 100], [1 => 120])));
        $svg = self::page($sheet, [], $looks);
        $found = $svg->xpath('//s:g[contains(@transform, "rotate")]') ?: self::fail('nothing is turned');
        $says = '/translate\((-?[\d.]+)[ ,]+(-?[\d.]+)\) rotate\((-?[\d.]+)\)/';
        self::assertSame(1, preg_match($says, (string) $found[0]['transform'], $turn));
        // Counted against the clock from the line of writing (ISO/IEC 29500-1 18.8.1, textRotation); svg turns with the clock.
        self::assertSame((float) -$degrees, (float) $turn[3]);
        $face = Fonts::shipped()->face('Carlito');
        $px = 11 * 96 / 72;
        [$x, $y] = self::place($svg, 'Oak');
        [$sin, $cos] = [sin(deg2rad(-$degrees)), cos(deg2rad(-$degrees))];
        foreach ([[$x, $y], [$x + $face->advances('Oak', $px), $y], [$x, $y - 0.6 * $px]] as [$at, $down]) {
            $left = (float) $turn[1] + $at * $cos - $down * $sin - self::EDGE;
            $top = (float) $turn[2] + $at * $sin + $down * $cos - self::EDGE;
            if (abs($degrees) === 90) {
                self::assertTrue($left > -1 && $left < 101 && $top > -1 && $top < 121, "$left, $top");
            } else {
                // A slanted text may lean out at the side to which it leans, by its own length.
                self::assertTrue($left > -30 && $left < 130 && $top > -30 && $top < 150, "$left, $top");
            }
        }
    }

    public function test_a_text_wraps_into_the_lines_that_the_bench_breaks_it_into(): void
    {
        [$sheet, $looks] = self::looking(['wrap' => true, 'vertical' => 'top'], 'Silver birch by the river');
        $svg = self::page($sheet, [], $looks);
        $line = Fonts::shipped()->face('Carlito')->lineHeight(11 * 96 / 72);
        self::assertSame(['Silver birch by', 'the river'], array_map(strval(...), $svg->xpath('//s:text') ?: []));
        // 92 px are between the sides of the cell.
        $width = fn (string $text) => Fonts::shipped()->face('Carlito')->advances($text, 11 * 96 / 72);
        self::assertTrue($width('Silver birch by') <= 92 && $width('Silver birch by the') > 92);
        self::assertEqualsWithDelta($line, self::place($svg, 'the river')[1] - self::place($svg, 'Silver birch by')[1], 0.01);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function looks(): iterable
    {
        yield 'bold' => [['bold' => true], '~font-weight:700~'];
        yield 'italic' => [['italic' => true], '~font-style:italic~'];
        yield 'ink' => [['ink' => '#204060'], '~fill:#204060~'];
        yield 'size' => [['size' => 18], '~font-size:24px~'];
        yield 'underline' => [['underline' => 'single'], '~<line [^>]*stroke="#000000"~'];
        yield 'double underline' => [['underline' => 'double'], '~(<line .*){2}~s'];
        yield 'strike' => [['strike' => true], '~<line ~'];
        yield 'turned' => [['rotation' => 90], '~rotate\(-90\)~'];
        yield 'turned down' => [['rotation' => -90], '~rotate\(90\)~'];
        yield 'slanted' => [['rotation' => 45], '~rotate\(-45\)~'];
        yield 'one below the other' => [['rotation' => 255], '~>O</text>.*>a</text>.*>k</text>~s'];
        yield 'raised' => [['script' => 'super'], '~font-size:10\.27px~'];
        yield 'filled' => [['fill' => '#E0F0E0'], '~<rect x="56\.69" y="56\.69" width="100" height="40" fill="#E0F0E0"/>~'];
        yield 'dashed' => [['bottom' => 'dashed #204060'], '~stroke="#204060" stroke-dasharray="4 3"~'];
        yield 'double' => [['bottom' => 'double #204060'], '~(stroke="#204060".*){2}~s'];
    }

    /** @param  array<string, mixed>  $look */
    #[DataProvider('looks')]
    public function test_a_look_is_drawn(array $look, string $drawn): void
    {
        [$sheet, $looks] = self::looking($look);
        self::assertMatchesRegularExpression($drawn, (string) self::page($sheet, [], $looks)->asXML());
        [$plain, $none] = self::looking([]);
        self::assertDoesNotMatchRegularExpression($drawn, (string) self::page($plain, [], $none)->asXML(), 'it says nothing of others');
    }

    public function test_black_and_white_leaves_nothing_coloured(): void
    {
        [$sheet, $looks] = self::looking(['fill' => '#E0F0E0', 'ink' => '#204060', 'bottom' => 'thin #802020']);
        $xml = (string) self::page($sheet, ['mono' => true, 'colour' => '#FFF0E0', 'band' => '#80FF80',
            'footer' => ['left' => 'Foot']], $looks)->asXML();
        preg_match_all('/#[0-9A-F]{6}/', $xml, $found);
        self::assertSame(['#000000'], array_values(array_unique($found[0])));
    }

    public function test_a_sheet_that_runs_from_the_right_prints_so(): void
    {
        $sheet = new Worksheet(MemorySheet::of('S', [['first', 'second', 'third']]), 'S', Reading::none(),
            came: new Setup(new Sizes([1 => 100, 2 => 100, 3 => 100]), new Opening(rightToLeft: true)));
        $svg = self::page($sheet);
        $places = array_map(fn (string $text) => self::place($svg, $text)[0], ['first', 'second', 'third']);
        self::assertGreaterThan($places[1], $places[0]);
        self::assertGreaterThan($places[2], $places[1]);
        // Column A is the third from the left, and its text stands where it begins: at the right.
        self::assertEqualsWithDelta(self::EDGE + 300 - 4, $places[0] + Fonts::shipped()->face('Carlito')->advances('first',
            11 * 96 / 72), 0.05);
    }

    public function test_numbers_and_letters_stand_at_the_side_of_column_a(): void
    {
        $sheet = new Worksheet(MemorySheet::of('S', [['first', 'second']]), 'S', Reading::none(),
            came: new Setup(new Sizes([1 => 100, 2 => 100]), new Opening(rightToLeft: true)));
        $svg = self::page($sheet, ['numbers' => true]);
        // From the right: 36 px for row numbers, then A, then B.
        self::assertGreaterThan(self::EDGE + 200, self::place($svg, '1')[0]);
        self::assertEqualsWithDelta(self::EDGE + 150, self::place($svg, 'A')[0], 5);
        self::assertEqualsWithDelta(self::EDGE + 50, self::place($svg, 'B')[0], 5);
        self::assertGreaterThan(self::EDGE + 150, self::place($svg, 'first')[0]);
    }

    public function test_a_tall_row_goes_on_where_the_page_before_it_ended(): void
    {
        $sheet = new Worksheet(MemorySheet::of('S', [['top'], ['last']]), 'S', Reading::none(),
            came: new Setup(new Sizes([1 => 100], [1 => 2_000])));
        $looks = new LookBook;
        $hand = new LookMap;
        $hand->set(Range::parse('A1'), $looks->number(Look::of(['vertical' => 'bottom'])));
        $one = self::place(self::page($sheet->touched($hand), [], $looks, 1), 'top')[1];
        $two = self::place(self::page($sheet->touched($hand), [], $looks, 2), 'top')[1];
        // The same text, one page further up: on the first page it lies below the paper, on the second on it.
        self::assertEqualsWithDelta(297 * 96 / 25.4 - 2 * self::EDGE, $one - $two, 0.1);
        self::assertGreaterThan(1_122, $one);
        self::assertLessThan(1_122, $two);
    }

    public function test_head_and_foot_stand_in_their_places_and_the_first_and_even_pages_have_their_own(): void
    {
        $sheet = Paged::sheet([[120, 'body']]);
        $says = ['header' => ['left' => 'H'], 'footer' => ['right' => '{page}/{pages}'], 'firstHeader' => ['centre' => 'First'],
            'evenFooter' => ['left' => 'Even {page}']];
        $texts = fn (int $page) => array_map(strval(...), self::page($sheet, $says, page: $page)->xpath('//s:text') ?: []);
        self::assertContains('First', $texts(1));
        self::assertNotContains('H', $texts(1));
        self::assertContains('1/3', $texts(1));
        self::assertContains('Even 2', $texts(2));
        self::assertContains('H', $texts(2));
        self::assertContains('3/3', $texts(3));
        [$x, $y] = self::place(self::page($sheet, $says, page: 3), '3/3');
        self::assertEqualsWithDelta(793.7 - self::EDGE, $x + Fonts::shipped()->face('Carlito')->advances('3/3', 12), 0.1);
        self::assertEqualsWithDelta(1122.5 - 7 * 96 / 25.4, $y, 6.0);
    }

    public function test_row_numbers_and_column_letters_stand_beside_the_cells(): void
    {
        $svg = self::page(Paged::sheet([[3, 'body']]), ['numbers' => true]);
        [$x, $y] = self::place($svg, 'body at 1.1');
        self::assertEqualsWithDelta(self::EDGE + 36 + 4, $x, 0.02);
        self::assertLessThan($x, self::place($svg, '1')[0]);
        self::assertLessThan($y, self::place($svg, 'A')[1]);
        self::assertGreaterThan(self::place($svg, 'A')[0] + 80, self::place($svg, 'B')[0]);
        // Letters stand over the middle of their columns, numbers in the middle of the 36 px beside the rows.
        $half = fn (string $text) => Fonts::shipped()->face('Carlito')->advances($text, 9) / 2;
        foreach (['A' => 86, 'B' => 186, 'C' => 286, '1' => 18, '3' => 18] as $text => $middle) {
            self::assertEqualsWithDelta(self::EDGE + $middle, self::place($svg, (string) $text)[0] + $half((string) $text), 0.05,
                (string) $text);
        }
    }

    public function test_lines_between_the_cells_are_printed_where_it_is_said(): void
    {
        $sheet = new Worksheet(MemorySheet::of('S', [['Oak', 'Ash'], ['Elm', null]]), 'S', Reading::none(),
            came: new Setup(new Sizes([1 => 100, 2 => 60], [1 => 40])));
        $lines = function (bool $are) use ($sheet): array {
            $found = [];
            foreach (self::page($sheet, ['gridlines' => $are])->xpath('//s:line') ?: [] as $line) {
                $found[] = array_map(fn (string $name) => round((float) $line[$name] - self::EDGE, 1), ['x1', 'y1', 'x2', 'y2']);
            }
            sort($found);

            return $found;
        };
        self::assertSame([], $lines(false));
        // Above each row and below the last one; at the left of each column and at the right of the last one.
        self::assertEquals([[0, 0, 0, 60], [0, 0, 160, 0], [0, 40, 160, 40], [0, 60, 160, 60], [100, 0, 100, 60], [160, 0, 160, 60]],
            $lines(true));
    }

    /** ISO/IEC 29500-1 18.18.60: errors as they are, blank, as two dashes, or as not available. */
    public function test_errors_are_printed_as_it_is_said(): void
    {
        $sheet = new Worksheet(new MemorySheet('S', [[Cell::error('#DIV/0!'), Cell::of('Oak')], [Cell::of('#DIV/0! is said'),
            Cell::of(4)]]),
            'S', Reading::none(), came: new Setup(new Sizes([1 => 100, 2 => 100])));
        foreach (['shown' => '#DIV/0!', 'blank' => null, 'dashes' => '--', 'na' => '#N/A'] as $says => $text) {
            $texts = array_map(strval(...), self::page($sheet, ['errors' => $says])->xpath('//s:text') ?: []);
            self::assertSame(array_values(array_filter([$text, 'Oak', '#DIV/0! is said', '4'])), $texts, $says);
        }
    }

    public function test_a_bar_lies_in_its_cell_with_its_edge_and_its_axis(): void
    {
        $sheet = fn (array $bar) => (new Worksheet(MemorySheet::of('S', [[-5, 'x'], [10, 'x']]), 'S', Reading::none(),
            came: new Setup(new Sizes([1 => 100, 2 => 100], [1 => 20, 2 => 20]))))->conditioned([Condition::of(['id' => 'b', 'look' => [],
                'test' => ['is' => 'always'], 'where' => ['cells' => 'A1:A2'], 'bar' => $bar])]);
        $rects = function (array $bar) use ($sheet): array {
            $found = [];
            foreach (self::page($sheet($bar))->xpath('//s:rect') ?: [] as $rect) {
                $found[(string) $rect['fill']][] = array_map(fn (string $name) => (float) $rect[$name], ['x', 'y', 'width', 'height']);
            }

            return $found;
        };
        $plain = $rects(['colour' => '#112233', 'below' => '#AA5500', 'gradient' => false]);
        [[[$x, $y, $width, $height]], [[$lessX, , $less]]] = [$plain['#112233'], $plain['#AA5500']];
        // One px at both sides, two above and below; what is below nought begins where the other ends.
        self::assertEqualsWithDelta(self::EDGE + 99, $x + $width, 0.02);
        self::assertEqualsWithDelta([self::EDGE + 22, 16.0], [$y, $height], 0.02);
        self::assertEqualsWithDelta($x, $lessX + $less, 0.02);
        self::assertEqualsWithDelta(2.0, $width / $less, 0.02, 'ten is twice as long as five');
        $lines = self::page($sheet(['colour' => '#112233', 'below' => '#AA5500', 'gradient' => false,
            'border' => '#000000']))->xpath('//s:line');
        self::assertGreaterThanOrEqual(8, count($lines ?: []), 'four edges each');
        self::assertGreaterThan(1, count($rects(['colour' => '#112233', 'gradient' => true])), 'one that pales is drawn in strips');
        self::assertArrayNotHasKey('#112233', (function () use ($sheet): array {
            $fills = [];
            foreach (self::page($sheet(['colour' => '#112233', 'gradient' => false]), ['mono' => true])->xpath('//s:rect') ?: [] as $rect) {
                $fills[(string) $rect['fill']] = true;
            }

            return $fills;
        })(), 'in black and white there are no bars');
    }
}
