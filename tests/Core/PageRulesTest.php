<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Shift;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\HeadFoot;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Page\PaperSize;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;

/** Sizes of paper, what can be said of pages, and how it follows rows and columns. */
final class PageRulesTest extends TestCase
{
    /** ISO 216:2007, 3: A0 has one square metre and sides as 1 to the root of 2; each next size is half of the one before. */
    public function test_sizes_of_the_a_series_are_those_of_iso_216(): void
    {
        [$width, $height] = [841, 1189];
        foreach (['A1', 'A2', 'A3', 'A4', 'A5', 'A6'] as $name) {
            [$width, $height] = [intdiv($height, 2), $width];
            if ($name !== 'A1') {
                $size = PaperSize::of($name);
                self::assertSame([(float) $width, (float) $height], [$size->width, $size->height], $name);
            }
        }
    }

    /** ISO 216:2007, 4: sides of B are the geometric means of those of A n and A n-1; ISO 269:1985: C lies between A and B, whole mm. */
    public function test_sizes_of_b_and_c_lie_between_those_of_a(): void
    {
        $mean = fn (float $one, float $other) => sqrt($one * $other);
        foreach (['B4' => ['A4', 'A3'], 'C4' => ['A4', 'B4'], 'C5' => ['A5', 'B5']] as $name => [$less, $more]) {
            [$size, $one, $other] = array_map(PaperSize::of(...), [$name, $less, $more]);
            self::assertEqualsWithDelta($mean($one->width, $other->width), $size->width, 1.2, $name);
            self::assertEqualsWithDelta($mean($one->height, $other->height), $size->height, 1.2, $name);
        }
        // An A4 sheet folded twice goes into C6, folded to thirds into DL (ISO 269, 3).
        self::assertGreaterThan(105, PaperSize::of('C6')->width);
        self::assertGreaterThan(297 / 3, PaperSize::of('DL')->width);
        self::assertGreaterThan(210, PaperSize::of('DL')->height - 0.001);
    }

    /** ANSI/ASME Y14.1 and common practice: inches. */
    public function test_north_american_sizes_are_whole_parts_of_inches(): void
    {
        foreach (['Letter' => [8.5, 11], 'Legal' => [8.5, 14], 'Tabloid' => [11, 17], 'Executive' => [7.25, 10.5]] as $name => $inches) {
            $size = PaperSize::of($name);
            self::assertEqualsWithDelta([$inches[0] * 25.4, $inches[1] * 25.4], [$size->width, $size->height], 0.06, $name);
        }
    }

    public function test_every_size_has_a_code_of_its_own_and_is_told_by_its_sides(): void
    {
        $codes = array_map(fn (string $name) => PaperSize::of($name)->code(), array_keys(PaperSize::ALL));
        self::assertCount(count(PaperSize::ALL), array_unique($codes));
        foreach (array_keys(PaperSize::ALL) as $name) {
            $size = PaperSize::of($name);
            self::assertSame($name, PaperSize::coded((int) $size->code()));
            self::assertSame($name, PaperSize::measured($size->width, $size->height));
        }
        self::assertSame('200 x 300 mm', PaperSize::measured(200.0, 300.0));
        self::assertNull(PaperSize::of('200 x 300 mm')->code());
        self::assertSame('200 × 300 mm', PaperSize::of('200 x 300 mm')->words());
        self::assertNull(PaperSize::coded(9_999));
    }

    /** @return iterable<string, array{array<array-key, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no such rule' => [['margin' => 3], 'margin'];
        yield 'a list' => [[1, 2], '0'];
        yield 'paper unknown' => [['paper' => 'A44'], 'paper'];
        yield 'paper a number' => [['paper' => 4], 'paper'];
        yield 'paper too small' => [['paper' => '20 x 300 mm'], 'paper'];
        yield 'paper without end' => [['paper' => '200 x 99999 mm'], 'paper'];
        yield 'direction' => [['turn' => 'landscape'], 'turn'];
        yield 'margin below nothing' => [['top' => -1], 'top'];
        yield 'margin without end' => [['left' => 1e9], 'left'];
        yield 'margin no number' => [['left' => '15'], 'left'];
        yield 'scale' => [['scale' => 5], 'scale'];
        yield 'scale in parts' => [['scale' => 50.5], 'scale'];
        yield 'pages' => [['wide' => -1], 'wide'];
        yield 'flag' => [['heads' => 1], 'heads'];
        yield 'colour' => [['colour' => 'red'], 'colour'];
        yield 'colour with more' => [['colour' => "#FFFFFF\n"], 'colour'];
        yield 'area' => [['area' => 'A0:B3'], 'area'];
        yield 'area of too many' => [['area' => implode(',', array_map(fn (int $row) => 'A'.(2 * $row), range(1, 120)))], 'area'];
        yield 'titles' => [['titleRows' => '1-3'], 'titleRows'];
        yield 'place' => [['footer' => ['middle' => 'x']], 'footer.middle'];
        yield 'field' => [['footer' => ['left' => 'Seite {seite}']], 'footer.left'];
        yield 'brace' => [['footer' => ['left' => 'a { b']], 'footer.left'];
        yield 'control' => [['footer' => ['left' => "a\x01"]], 'footer.left'];
        yield 'too long' => [['footer' => ['left' => str_repeat('x', 201)]], 'footer.left'];
        yield 'no texts' => [['footer' => 'Page'], 'footer'];
    }

    /** @param  array<array-key, mixed>  $says */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named(array $says, string $rule): void
    {
        try {
            PageRules::of($says);
            self::fail('it was taken');
        } catch (PageIsWrong $wrong) {
            self::assertSame($rule, $wrong->rule);
            self::assertStringContainsString("\"$rule\"", $wrong->getMessage());
        }
    }

    public function test_a_rule_that_is_not_said_is_left_to_the_layer_below(): void
    {
        $file = PageRules::of(['paper' => 'A5', 'turn' => 'turned', 'gridlines' => true]);
        $book = PageRules::of(['paper' => 'A3', 'gridlines' => null]);
        $sheet = PageRules::of(['turn' => 'upright']);
        $all = $sheet->over($book)->over($file);
        self::assertSame(['A3', 'upright', true], [$all->text('paper'), $all->text('turn'), $all->flag('gridlines')]);
        self::assertSame('better', PageRules::none()->text('turn'));
        self::assertTrue($all->without(['turn'])->whole()->has('turn'));
        self::assertFalse($all->without(['turn'])->has('turn'));
    }

    public function test_fields_are_filled_and_blank_places_say_nothing(): void
    {
        $foot = HeadFoot::of(['left' => '{sheet}: {page}/{pages}', 'centre' => '{title}', 'right' => ''], 'footer');
        self::assertSame(['left' => 'Stock: 2/9'], $foot->filled(['sheet' => 'Stock', 'page' => '2', 'pages' => '9', 'title' => '']));
        // What a field stands for is no field again.
        self::assertSame(['left' => '{page}: 1/1'], $foot->filled(['sheet' => '{page}', 'page' => '1', 'pages' => '1', 'title' => ' ']));
    }

    public function test_breaks_areas_and_titles_follow_rows_and_columns(): void
    {
        $setup = new PageSetup(PageRules::none(), PageRules::of(['area' => 'A1:F40,H5:J9', 'titleRows' => '2:3', 'titleColumns' => '1:2']),
            [10, 20], [4], true);
        $moved = $setup->moved(new Shift(true, 5, 3, true));
        self::assertSame([13, 23], $moved->rows);
        self::assertSame('A1:F43,H8:J12', $moved->said->text('area'));
        self::assertSame([2, 3], $moved->said->lines('titleRows'));
        $above = $setup->moved(new Shift(true, 1, 2, true));
        self::assertSame([4, 5], $above->said->lines('titleRows'));
        $gone = $setup->moved(new Shift(true, 9, 4, false));
        // A break whose row is taken out ends the page where the rows before it end.
        self::assertSame([8, 16], $gone->rows);
        self::assertSame([4], $gone->columns);
        $columns = $setup->moved(new Shift(false, 1, 1, true));
        self::assertSame([5], $columns->columns);
        self::assertSame([2, 3], $columns->said->lines('titleColumns'));
        self::assertSame([10, 20], $columns->rows);
    }

    public function test_an_area_that_is_taken_out_is_said_no_more(): void
    {
        $setup = new PageSetup(PageRules::none(), PageRules::of(['area' => 'B3:C9', 'titleRows' => '3:4']), [], [], true);
        $moved = $setup->moved(new Shift(true, 2, 20, false));
        self::assertFalse($moved->said->has('area'));
        self::assertFalse($moved->said->has('titleRows'));
    }

    public function test_moving_there_and_back_says_the_same(): void
    {
        mt_srand(20);
        for ($try = 0; $try < 300; $try++) {
            $rows = array_values(array_unique([mt_rand(1, 60), mt_rand(1, 60), mt_rand(1, 60)]));
            sort($rows);
            $setup = new PageSetup(PageRules::of(['titleRows' => '1:2']), PageRules::of(['area' => 'A3:D'.mt_rand(4, 80)]), $rows, [2, 5]);
            $shift = new Shift(mt_rand(0, 1) === 1, mt_rand(1, 70), mt_rand(1, 9), true);
            self::assertSame($setup->toJson(), $setup->moved($shift)->moved($shift->inverse())->toJson());
        }
    }

    public function test_a_stylebook_says_pages_and_names_colours_of_its_palette(): void
    {
        $book = Stylebook::of(['name' => 'Leaf', 'palette' => ['sand' => '#FBF6EA'], 'page' => ['colour' => '@sand', 'paper' => 'A3']]);
        self::assertSame('#FBF6EA', $book->page->text('colour'));
        self::assertSame('A3', $book->page->text('paper'));
        self::assertSame('@sand', $book->toArray()['page']['colour'] ?? null);
        self::assertFalse($book->paging(['paper' => null])->page->has('paper'));
        self::assertSame('@sand', $book->paging(['paper' => 'A5'])->toArray()['page']['colour'] ?? null);
        foreach (Builtin::all() as $ready) {
            self::assertTrue($ready->page->flag('keep'), $ready->name);
            self::assertSame('better', $ready->page->text('turn'), $ready->name);
        }
    }

    public function test_a_stylebook_names_no_cells_and_its_faults_are_named(): void
    {
        foreach (['page.area' => ['area' => 'A1:B2'], 'page.turn' => ['turn' => 'x'], 'page.colour' => ['colour' => '@nowhere'],
            'page.nothing' => ['nothing' => 1]] as $where => $says) {
            try {
                Stylebook::of(['name' => 'Leaf', 'page' => $says]);
                self::fail("$where was taken");
            } catch (StylebookIsWrong $wrong) {
                self::assertStringContainsString(explode('.', $where)[0], $wrong->getMessage());
                self::assertStringContainsString('"'.($where === 'page.colour' ? 'page' : $where), $wrong->getMessage());
            }
        }
    }
}
