<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Demo\Nursery;
use App\Files\Opening;
use App\Files\Writing\CsvWriter;
use App\Files\Writing\HtmlWriter;
use App\Files\Writing\WorkbookWriter;
use App\Files\Xlsx\XlsxWriter;
use App\Files\Xlsx\Xml;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx as Reader;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\Opening as SheetOpening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Tab;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\Text;
use ZipArchive;

/** What goes out is what was there. */
final class WritersTest extends TestCase
{
    private string $path = '';

    protected function tearDown(): void
    {
        @unlink($this->path);
    }

    /** @return iterable<string, array{WorkbookWriter, string}> */
    public static function writers(): iterable
    {
        yield 'xlsx' => [new XlsxWriter, 'xlsx'];
        yield 'html' => [new HtmlWriter, 'html'];
        yield 'csv' => [new CsvWriter, 'csv'];
        yield 'tsv' => [new CsvWriter("\t"), 'tsv'];
    }

    #[DataProvider('writers')]
    public function test_random_cells_of_every_kind_come_back(WorkbookWriter $writer, string $ending): void
    {
        mt_srand(29_500);
        $texts = [
            'a',
            ' lead',
            'trail ',
            "two\nlines",
            'quote "x"',
            'comma, semicolon;',
            "tab\there",
            '<b>&amp;</b>',
            'é 中 \u{1F333}',
            '_x0041_ literal',
            "bell \x07",
            '=1+1',
            "'apostrophe",
            'TRUE',
            '00412',
            '1e5',
            ']]>',
            '-->',
        ];
        $rows = [];
        for ($row = 0; $row < 60; $row++) {
            $cells = [];
            for ($column = 0; $column < 8; $column++) {
                $cells[] = match (mt_rand(0, 7)) {
                    0, 1 => Cell::of($texts[mt_rand(0, count($texts) - 1)]),
                    2 => Cell::of(mt_rand(-1_000_000, 1_000_000)),
                    3 => Cell::of(mt_rand() / mt_rand(1, 9_999)),
                    4 => Cell::of(mt_rand(0, 1) === 1),
                    5 => Cell::formula('SUM(A1:B'.mt_rand(1, 9).')&"<x>"', mt_rand(0, 9)),
                    6 => mt_rand(0, 3) === 0 ? Cell::error('#DIV/0!') : Cell::of(0.1 * mt_rand(1, 9)),
                    default => Cell::blank(),
                };
            }
            $rows[] = $cells;
        }
        // Html has no place for control characters; there they are no data to compare.
        if ($ending === 'html') {
            $rows = array_map(
                fn (array $cells) => array_map(fn (Cell $cell) => $cell->value === "bell \x07" ? Cell::blank() : $cell, $cells),
                $rows,
            );
        }
        $proof = $this->write($writer, $ending, self::workbook(new MemorySheet('S', $rows)));
        self::assertSame([], $proof->places);
        self::assertTrue($proof->holds());
        self::assertGreaterThan(300, $proof->cells);
    }

    public function test_a_proof_notices_what_was_changed(): void
    {
        $this->write(new CsvWriter, 'csv', self::workbook(MemorySheet::of('S', [['a', 'b'], ['c', 'd']])));
        $proof = (new CsvWriter)->prove(self::workbook(MemorySheet::of('S', [['a', 'b'], ['c', 'other']])), $this->path);
        self::assertSame([4, 1, ['S!B2']], [$proof->cells, $proof->values, $proof->places]);
    }

    public function test_dates_that_came_as_numbers_leave_a_csv_by_iso_8601(): void
    {
        $looks = new LookBook;
        $file = new LookMap;
        foreach (['A' => 'd/m/yy', 'B' => 'h:mm AM/PM', 'C' => 'dd.mm.yyyy hh:mm', 'D' => '[h]:mm', 'E' => '0.0%'] as $column => $code) {
            $file->set(Range::parse("{$column}1"), $looks->number(Look::of(['number' => $code])));
        }
        $cells = MemorySheet::of('S', [[45352, 0.75, 45352.5, 1.5, 0.25]]);
        $this->write(
            new CsvWriter(),
            'csv',
            new Workbook(
                'W',
                [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), aspects: Aspects::of(new FileLooks($file)))],
                $looks,
            ),
        );
        self::assertSame("2024-03-01,18:00:00,2024-03-01T12:00:00,36:00:00,0.25\r\n", file_get_contents($this->path));
    }

    public function test_html_marks_headings_up_as_headings(): void
    {
        $cells = MemorySheet::of('S', [['Trees', null], ['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5], ['All', 12]]);
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(self::workbook($cells));
        $this->write(new HtmlWriter, 'html', $workbook);
        $html = (string) file_get_contents($this->path);
        self::assertMatchesRegularExpression('#<th scope="col"[^>]*>Tree</th>#', $html);
        self::assertMatchesRegularExpression('#<th scope="row"[^>]*>Rowan</th>#', $html);
        self::assertMatchesRegularExpression('#<td[^>]*><data value="3">3</data></td>#', $html);
        self::assertStringNotContainsString('<script', $html);
        self::assertStringNotContainsString('http://', str_replace('http-equiv', '', $html), 'nothing is loaded from elsewhere');
    }

    public function test_what_is_spanned_or_merged_is_one_cell_of_the_page(): void
    {
        $cells = MemorySheet::of('S', [
            ['Trees', null, null, null],
            [null, 'Spring', null, 'Autumn'],
            ['Tree', 'Sown', 'Up', 'Sown'],
            ['Rowan', 3, 1, 2],
            ['Aspen', 4, 2, 5],
        ]);
        $sheet = new Worksheet(
            $cells,
            'S',
            Finder::read(SheetFacts::of($cells)),
            came: new Setup(new Sizes(hiddenColumns: [4], hiddenRows: [5]), merges: [Range::parse('A1:C1')]),
        );
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on(new Workbook('W', [1 => $sheet], new LookBook()));
        self::assertTrue($this->write(new HtmlWriter(), 'html', $workbook)->holds());
        $html = (string) file_get_contents($this->path);
        self::assertMatchesRegularExpression('#<td[^>]*data-c="1" colspan="3">Trees</td><td[^>]*data-c="4">#', $html, 'a merge');
        self::assertMatchesRegularExpression(
            '#<th scope="colgroup"[^>]*data-c="2" colspan="2">Spring</th><th[^>]*data-c="4">Autumn#',
            $html,
            'a group is over its columns',
        );
        self::assertMatchesRegularExpression('#<tr hidden="hidden"[^>]*>.*Aspen#', $html);
        self::assertStringContainsString('<col style="visibility:collapse;width:0px"/>', $html);
    }

    public function test_the_ink_of_a_number_format_and_both_lines_show_on_the_page(): void
    {
        $looks = new LookBook();
        $file = new LookMap();
        $file->set(
            Range::parse('A1:B1'),
            $looks->number(Look::of(['number' => '0;[Red]-0', 'underline' => 'double', 'strike' => true, 'ink' => '#123456'])),
        );
        $cells = MemorySheet::of('S', [[5, -5]]);
        $this->write(
            new HtmlWriter(),
            'html',
            new Workbook(
                'W',
                [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), aspects: Aspects::of(new FileLooks($file)))],
                $looks,
            ),
        );
        $html = (string) file_get_contents($this->path);
        self::assertStringContainsString('text-decoration:underline line-through double', $html);
        foreach (['5' => '#123456', '-5' => '#FF0000'] as $text => $ink) {
            self::assertSame(1, preg_match('#class="(l\w+)"[^>]*><data value="'.$text.'">#', $html, $found));
            self::assertMatchesRegularExpression("~\\.{$found[1]}\\{[^}]*;color:$ink~", $html);
        }
    }

    public function test_thousands_of_hidden_columns_stay_hidden(): void
    {
        $cells = MemorySheet::of('S', [['Tree', 'Count'], ['Rowan', 3]]);
        $this->write(
            new XlsxWriter(),
            'xlsx',
            new Workbook(
                'W',
                [
                    1 => new Worksheet(
                        $cells,
                        'S',
                        Finder::read(SheetFacts::of($cells)),
                        came: new Setup(new Sizes(hiddenColumns: range(5, 16_384))),
                    ),
                ],
                new LookBook(),
            ),
        );
        $zip = new ZipArchive();
        $zip->open($this->path);
        $xml = (string) $zip->getFromName('xl/worksheets/sheet1.xml');
        $zip->close();
        self::assertSame(1, preg_match('#<cols>(.*)</cols>#', $xml, $found));
        self::assertSame(
            ['min="5" max="16384"'],
            preg_match_all('/min="\d+" max="\d+"/', $found[1], $spans) > 0 ? $spans[0] : [],
        );
        self::assertStringContainsString(' hidden="1" ', $found[1]);
    }

    public function test_escapes_of_the_format_are_undone_exactly(): void
    {
        mt_srand(22);
        $pieces = ["\x00", "\x1F", '_x0041_', '_x', '_', 'a', "\r", "\n", "\u{FFFE}", '&', '<', 'é'];
        for ($round = 0; $round < 400; $round++) {
            $text = implode('', array_map(fn () => $pieces[mt_rand(0, 11)], range(1, mt_rand(1, 8))));
            $read = html_entity_decode(Xml::text($text), ENT_XML1 | ENT_QUOTES, 'UTF-8');
            self::assertSame($text, Text::plain($read));
            self::assertDoesNotMatchRegularExpression('/[\x00-\x08\x0B-\x1F]/', Xml::text($text));
        }
    }

    public function test_hidden_sheets_names_tabs_and_sizes_go_along(): void
    {
        $cells = MemorySheet::of('x', [['Tree', 'Count'], ['Rowan', 3]]);
        $setup = new Setup(new Sizes([1 => 150], [2 => 40], [2]), new SheetOpening(1, 0, false, 85), tab: new Tab('#2C6E66'));
        $workbook = new Workbook(
            'W',
            [
                1 => new Worksheet($cells, 'Shown', Finder::read(SheetFacts::of($cells)), came: $setup),
                2 => new Worksheet(
                    $cells,
                    'Put away',
                    Finder::read(SheetFacts::of($cells)),
                    came: Setup::fromArray(['state' => 'hidden'] + (new Setup())->toArray()),
                ),
            ],
            new LookBook(),
            true,
            ['Counts' => "'Shown'!\$B\$2"],
        );
        $this->write(new XlsxWriter(), 'xlsx', $workbook);
        $again = (new Opening(fn (int $sheet) => new MemoryBlockStore()))->open($this->path, 'again.xlsx');
        $sheet = $again->sheet(1)->setup;
        self::assertSame(
            ['hidden', true, 'Counts'],
            [$again->sheet(2)->setup->tab->state, $again->from1904, array_key_first($again->names)],
        );
        self::assertSame(
            [1, 0, false, 85, '#2C6E66', [2]],
            [
                $sheet->opening->freezeRow,
                $sheet->opening->freezeColumn,
                $sheet->opening->gridlines,
                $sheet->opening->zoom,
                $sheet->tab->colour,
                $sheet->sizes->hiddenColumns,
            ],
        );
        self::assertEqualsWithDelta(150, $sheet->sizes->widthOf(1), 1);
        self::assertSame(40, $sheet->sizes->heightOf(2));
    }

    public function test_the_demo_is_the_same_on_every_machine_and_reads_as_it_was_made(): void
    {
        $books = [];
        foreach ([1, 2] as $round) {
            $this->path = (string) tempnam(sys_get_temp_dir(), 'demo');
            (new Xlsx((new Nursery)->year()))->save($this->path);
            $books[] = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($this->path, 'demo.xlsx');
            unlink($this->path);
        }
        foreach ($books[0]->sheets as $number => $sheet) {
            self::assertEquals($sheet->found, $books[1]->sheet($number)->found);
        }
        self::assertSame(
            [1, 1, 1, 1, 2],
            array_values(array_map(fn (Worksheet $sheet) => count($sheet->reading->tables), $books[0]->sheets)),
        );
        self::assertSame((new Nursery())->spring(), (new Nursery())->spring());
    }

    /** Thousands may be parted by the comma that also parts the fields; read by a library that is not ours. */
    public function test_figures_with_thousands_leave_a_csv_as_the_numbers_that_they_are(): void
    {
        $path = sys_get_temp_dir().'/rilvet-thousands-'.getmypid().'.csv';
        $counts = array_map(fn (int $row) => 977 * $row, range(1, 600));
        file_put_contents(
            $path,
            "Tree,Count\n".implode('', array_map(fn (int $count) => 'Rowan,"'.number_format($count).'"'."\n", $counts)),
        );
        $workbook = (new Opening(fn (int $sheet) => new MemoryBlockStore()))->open($path, 'thousands.csv');
        unlink($path);
        self::assertTrue($this->write(new XlsxWriter(), 'xlsx', $workbook)->holds());
        self::assertSame(
            $counts,
            array_column((new Reader())->load($this->path)->getActiveSheet()->rangeToArray('B2:B601', formatData: false), 0),
        );
    }

    private function write(WorkbookWriter $writer, string $ending, Workbook $workbook): \App\Files\Writing\Proof
    {
        $this->path = sys_get_temp_dir().'/rilvet-writers-'.getmypid().".$ending";
        $writer->write($workbook, $this->path);

        return $writer->prove($workbook, $this->path);
    }

    private static function workbook(MemorySheet $cells): Workbook
    {
        return new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
    }
}
