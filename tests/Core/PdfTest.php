<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Writing\PdfWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Condition\Shape;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Pdf\Direction;
use Rilvet\Pdf\Path;
use Rilvet\Pdf\ReadBack;
use Rilvet\Reading\Reading;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use RuntimeException;
use Tests\Paged;

/** The pdf, read back by programs of other origin: qpdf, and pdftotext, pdffonts, pdfinfo and pdftoppm of poppler. */
final class PdfTest extends PdfCase
{
    public function test_it_is_sound_and_all_its_fonts_are_in_it_as_far_as_they_are_used(): void
    {
        $path = $this->written(Paged::dressed(DemoBook::named('year')));
        self::assertStringContainsString('No syntax or stream encoding errors', self::told('qpdf', '--check', $path));
        $fonts = array_slice(explode("\n", trim(self::told('pdffonts', $path))), 2);
        self::assertNotSame([], $fonts);
        foreach ($fonts as $font) {
            self::assertMatchesRegularExpression('/^[A-Z]{6}\+\w+ +CID TrueType +Identity-H +yes yes yes/', $font);
        }
    }

    /** ISO 14289-1:2014, 7.1, 7.2, 7.5 and 7.18.1: tagged, with a title that is shown, a language, headed tables. */
    public function test_it_is_tagged_and_named(): void
    {
        $year = Paged::dressed(DemoBook::named('year'));
        // The list of orders is long, and what tells of a pdf takes long over it.
        $some = new Workbook('year', array_filter($year->sheets, fn (Worksheet $sheet) => $sheet->cells->rows() < 70), $year->looks);
        self::assertGreaterThan(3, count($some->sheets));
        $path = $this->written($some);
        $about = self::told('pdfinfo', $path);
        self::assertMatchesRegularExpression('/^Tagged: +yes$/m', $about);
        self::assertMatchesRegularExpression('/^Title: +year$/m', $about);
        self::assertStringContainsString('<pdfuaid:part>1</pdfuaid:part>', self::told('pdfinfo', '-meta', $path));
        $tree = self::told('pdfinfo', '-struct-text', $path);
        foreach (['"Stock at the river beds"' => 'H1', '"Money in pounds; counted 14 March"' => 'P', '"Species"' => 'TH',
            '"Silver birch"' => 'TD'] as $text => $role) {
            self::assertMatchesRegularExpression("/\\b$role(?: \\(block\\))?:?\\s+(?:\\/\\w+ \\S+\\s+)*".preg_quote($text, '/').'/',
                $tree, $text);
        }
        self::assertStringContainsString('/Scope /Column', $tree);
        self::assertStringContainsString('/Scope /Row', $tree);
        // The catalogue says a language, and shows the title (7.2, 7.1).
        $plain = $this->path();
        self::told('qpdf', '--qdf', '--object-streams=disable', $path, $plain);
        $says = (string) file_get_contents($plain);
        self::assertMatchesRegularExpression('~/Lang \(en\)~', $says);
        self::assertMatchesRegularExpression('~/DisplayDocTitle true~', $says);
        self::assertMatchesRegularExpression('~/Marked true~', $says);
        self::assertSame(substr_count($says, '/Tabs /S'), (int) preg_replace('/\D+/', '',
            (string) preg_replace('/.*^Pages: +(\d+).*/ms', '$1', $about)));
        // A bookmark a sheet.
        self::assertSame(count($some->sheets), preg_match_all('~/Parent \d+ 0 R\s+(?:/Prev \d+ 0 R\s+)?/Title~', $says));
    }

    /** What is furniture is not read: a heading that repeats is said once. */
    public function test_what_repeats_is_read_once(): void
    {
        $sheet = Paged::sheet([[1, 'head'], [150, 'body']], says: ['turn' => 'upright', 'footer' => ['left' => 'Foot line']]);
        $path = $this->written(Paged::book($sheet));
        self::assertSame(4, substr_count(self::told('pdftotext', $path, '-'), 'head at 1.1'));
        self::assertSame(1, substr_count($tree = self::told('pdfinfo', '-struct-text', $path), '"head at 1.1"'));
        self::assertSame(1, preg_match_all('/^\s*Table/m', $tree), 'one table over all pages');
        self::assertSame(151, preg_match_all('/^\s*TR$/m', $tree));
        self::assertStringNotContainsString('Foot line', $tree);
    }

    #[DataProvider('demos')]
    public function test_texts_are_those_of_the_cells_in_their_order(string $demo): void
    {
        $workbook = Paged::dressed(DemoBook::named($demo));
        $path = $this->written($workbook);
        $words = preg_split('/\s+/', self::told('pdftotext', $path, '-')) ?: [];
        $there = array_count_values($words);
        foreach ($workbook->sheets as $sheet) {
            foreach ($sheet->cells->read(1, 60) as $cells) {
                foreach ($cells as $cell) {
                    // Texts show as they are; what reaches beyond the paper is not read back.
                    $all = preg_split('/\s+/', trim($cell->text())) ?: [];
                    foreach ($cell->isText() && $cell->raw === null ? array_slice($all, 0, 3) : [] as $word) {
                        self::assertArrayHasKey($word, $there, "$sheet->name: {$cell->text()}");
                    }
                }
            }
        }
        $first = self::told('pdftotext', '-l', '1', '-layout', $path, '-');
        [$before, $after] = $demo === 'year' ? ['Upper beds together', 'Lower beds together'] : ['HOLLIN LANE STOCK', 'Worth'];
        self::assertGreaterThan(strpos($first, $before), strpos($first, $after));
        self::assertStringContainsString($before, $first);
    }

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        yield 'year' => ['year'];
        yield 'site' => ['site'];
    }

    public function test_the_same_gives_the_same_bytes(): void
    {
        $workbook = Paged::dressed(DemoBook::named('year'));
        self::assertSame(hash_file('sha256', $this->written($workbook)), hash_file('sha256', $this->written($workbook)));
        $other = Paged::dressed(DemoBook::named('year'), 'Plain rule');
        self::assertNotSame(hash_file('sha256', $this->written($workbook)), hash_file('sha256', $this->written($other)));
    }

    public function test_letters_of_other_alphabets_and_what_no_font_has(): void
    {
        $texts = ['Łódź £ € naïve', 'Κήπος', 'Сад', 'שלום 12 עולם', 'ripe ✓ ★', "soft\u{AD}hyphen", '木 😀', "e\u{301}té"];
        $sheet = new Worksheet(MemorySheet::of('S', array_map(fn (string $text) => [$text], $texts)), 'S', Reading::none());
        $path = $this->path();
        $writer = new PdfWriter(time: self::NOON);
        $writer->write(Paged::book($sheet), $path);
        $text = self::told('pdftotext', $path, '-');
        $plain = $this->path();
        self::told('qpdf', '--qdf', '--normalize-content=n', '--object-streams=disable', $path, $plain);
        // Poppler puts what runs from the right in an order of its own: what is meant stands beside it.
        self::assertNotFalse(stripos((string) file_get_contents($plain), bin2hex(mb_convert_encoding('שלום 12 עולם', 'UTF-16BE',
            'UTF-8'))));
        foreach (array_diff($texts, ['שלום 12 עולם']) as $one) {
            self::assertStringContainsString(str_replace("e\u{301}", 'é', $one), str_replace("e\u{301}", 'é', $text), $one);
        }
        self::assertSame(['木', '😀'], $writer->missing);
    }

    /** Unicode Standard Annex 9, as far as a line of a cell goes. */
    public function test_what_runs_from_right_to_left_is_drawn_so(): void
    {
        self::assertSame('abc', Direction::visual('abc'));
        self::assertSame('םולש', Direction::visual('שלום'));
        self::assertSame('a םולש b', Direction::visual('a שלום b'));
        self::assertSame('םלוע 12 םולש', Direction::visual('שלום 12 עולם'));
        self::assertSame('(ב)א', Direction::visual('א(ב)'));
    }

    public function test_arcs_are_drawn_as_circles(): void
    {
        // A whole circle of radius 5 about (6, 6), in two halves.
        $content = Path::content('M1 6A5 5 0 0 1 11 6A5 5 0 0 1 1 6Z', 0, 0, 1);
        preg_match_all('/(-?[\d.]+) (-?[\d.]+) ([mlc]?) ?/', $content, $found, PREG_SET_ORDER);
        $points = array_map(fn (array $one) => [(float) $one[1], (float) $one[2]], $found);
        self::assertSame(4, substr_count($content, ' c '));
        for ($at = 0; $at + 3 < count($points); $at += 3) {
            foreach ([0.25, 0.5, 0.75] as $t) {
                [$x, $y] = array_map(fn (int $axis) => (1 - $t) ** 3 * $points[$at][$axis]
                    + 3 * (1 - $t) ** 2 * $t * $points[$at + 1][$axis]
                    + 3 * (1 - $t) * $t ** 2 * $points[$at + 2][$axis] + $t ** 3 * $points[$at + 3][$axis], [0, 1]);
                self::assertEqualsWithDelta(5.0, hypot($x - 6, $y - 6), 0.01);
            }
        }
        foreach (Shape::cases() as $shape) {
            self::assertStringContainsString(' m ', Path::content($shape->path(), 3, 4, 2), $shape->value);
        }
    }

    /** Memory holds where objects stand, not what they say. */
    public function test_memory_does_not_grow_with_pages(): void
    {
        $peak = function (int $rows): int {
            $cells = MemorySheet::of('S', array_map(fn (int $row) => ["row $row", $row * 7], range(1, $rows)));
            $sheet = (new Worksheet($cells, 'S', Reading::none()))
                ->withAspects(new PageSetup(PageRules::none(), PageRules::of(['paper' => 'A6', 'wide' => 0])));
            $before = memory_get_usage();
            memory_reset_peak_usage();
            $this->written(Paged::book($sheet));

            return memory_get_peak_usage() - $before;
        };
        $peak(200);
        $few = $peak(2_000);
        $many = $peak(20_000);
        self::assertLessThan(6_000_000, $many - $few, '18,000 rows more on some 900 pages');
    }

    public function test_ten_thousand_pages_are_written_each_with_its_number(): void
    {
        // Two rows of half a page each.
        $cells = MemorySheet::of('S', array_map(fn (int $row) => ["row $row"], range(1, 20_000)));
        $sheet = (new Worksheet($cells, 'S', Reading::none(), came: new Setup(new Sizes([1 => 200], height: 500))))
            ->withAspects(new PageSetup(PageRules::none(), PageRules::of(['turn' => 'upright', 'wide' => 0])));
        $path = $this->written(Paged::book($sheet));
        self::assertStringContainsString("Pages:           10000\n", self::told('pdfinfo', $path));
        $last = self::told('pdftotext', '-f', '10000', $path, '-');
        self::assertMatchesRegularExpression('/row 19999\s+row 20000\s+10000 of 10000/', $last);
    }

    /** What the hand-over calls written was gone through: a byte that is missing or another one is noticed. */
    public function test_a_file_that_is_not_whole_is_noticed(): void
    {
        $path = $this->written(Paged::book(Paged::sheet([[200, 'body']], says: ['wide' => 0])));
        $bytes = (string) file_get_contents($path);
        self::assertSame((int) preg_replace('/.*^Pages: +(\d+).*/ms', '$1', self::told('pdfinfo', $path)), ReadBack::pages($path));
        mt_srand(7);
        for ($try = 0; $try < 60; $try++) {
            file_put_contents($path, $try % 2 === 0 ? substr($bytes, 0, mt_rand(0, strlen($bytes) - 1))
                : substr_replace($bytes, '', mt_rand(20, strlen($bytes) - 30), 1));
            self::assertNull(ReadBack::pages($path), "try $try");
        }
    }

    public function test_a_family_that_is_not_shipped_is_drawn_in_one_that_is(): void
    {
        $looks = new LookBook;
        $hand = new LookMap;
        $hand->set(Range::parse('A1'), $looks->number(Look::of(['font' => 'Leaf and Letter'])));
        $sheet = (new Worksheet(MemorySheet::of('S', [['Silver birch']]), 'S', Reading::none()))->touched($hand);
        $path = $this->written(new Workbook('Book', [1 => $sheet], $looks));
        self::assertMatchesRegularExpression('/^[A-Z]{6}\+CarlitoLatin400Normal /m', self::told('pdffonts', $path));
        self::assertStringContainsString('Silver birch', self::told('pdftotext', $path, '-'));
    }

    public function test_what_would_have_no_end_is_refused_with_a_way_out(): void
    {
        $sheet = Paged::sheet([[9, 'body']], says: ['area' => 'A1:XFD1048576', 'wide' => 0]);
        try {
            (new PdfWriter)->write(Paged::book($sheet), $path = $this->path());
            self::fail('it was written');
        } catch (PageIsWrong $wrong) {
            self::assertMatchesRegularExpression('/it would take [\d,]+ pages, and a pdf takes 20,000/', $wrong->getMessage());
            self::assertFileDoesNotExist($path);
        }
    }

    public function test_nothing_to_print_is_said(): void
    {
        $this->expectExceptionMessageMatches('/nothing stands/');
        (new PdfWriter)->write(Paged::book(new Worksheet(MemorySheet::of('S', []), 'S', Reading::none())), $this->path());
    }

    public function test_a_stop_half_way_leaves_nothing(): void
    {
        $path = $this->path();
        $sheet = Paged::sheet([[5_000, 'body']], says: ['wide' => 0]);
        try {
            (new PdfWriter)->write(Paged::book($sheet), $path, fn (int $page) => $page < 20 ?: throw new RuntimeException('stopped'));
            self::fail('it went on');
        } catch (RuntimeException $stop) {
            self::assertSame('stopped', $stop->getMessage());
        }
        self::assertSame([], glob("$path*") ?: []);
    }

    /** pdftoppm: what is filled is filled where it should be, to the px at 96 dpi. */
    public function test_fills_lines_and_page_colour_stand_where_they_should(): void
    {
        $sheet = Paged::sheet([[3, 'body']], says: ['turn' => 'upright', 'colour' => '#FCF3D8', 'band' => '#204060', 'gridlines' => true]);
        $path = $this->written(Paged::book($sheet));
        self::told('pdftoppm', '-r', '96', '-png', '-singlefile', $path, substr($this->path('png'), 0, -4));
        $image = imagecreatefrompng($this->files[count($this->files) - 1]);
        self::assertNotFalse($image);
        self::assertSame([794, 1123], [imagesx($image), imagesy($image)]);
        $at = fn (int $x, int $y) => sprintf('#%06X', imagecolorat($image, $x, $y) & 0xFFFFFF);
        self::assertSame('#FCF3D8', $at(700, 900));
        self::assertSame('#204060', $at(400, 3));
        self::assertSame('#FCF3D8', $at(400, 20));
        // 15 mm are 56.7 px; the first line of the grid lies there, and the next 20 px below it.
        $lines = array_values(array_filter(range(40, 130), fn (int $y) => $at(80, $y) !== '#FCF3D8' && $at(150, $y) !== '#FCF3D8'));
        self::assertEqualsWithDelta([56, 76, 96, 116], array_values(array_filter($lines, fn (int $y) => ! in_array($y - 1, $lines,
            true))), 1.0);
    }
}
