<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use App\Files\Xlsx\XlsxWriter;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\PageSetup as LibrarySetup;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\BreakPages;
use Rilvet\Act\Dress;
use Rilvet\Act\MoveCells;
use Rilvet\Act\SayPages;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Shift;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\PageLayout;
use Rilvet\Paper\SheetPages;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\HeadFootXml;
use Rilvet\Xlsx\PrintTitles;
use Symfony\Component\Process\Process;
use Tests\Paged;
use ZipArchive;

/** Page rules in xlsx and ods, both ways, and read by libraries of other origin: exceljs and PhpSpreadsheet. */
final class PageFilesTest extends TestCase
{
    private const SAYS = [
        'paper' => 'A5', 'turn' => 'turned', 'top' => 22.0, 'right' => 11.0, 'bottom' => 18.0, 'left' => 12.0, 'head' => 8.0, 'foot' => 6.0,
        'across' => true, 'down' => true, 'wide' => 2, 'tall' => 0, 'least' => 1, 'order' => 'across', 'gridlines' => true,
        'numbers' => true,
        'header' => ['centre' => 'Beds & more'], 'footer' => ['left' => '{sheet}', 'right' => 'Page {page} of {pages}'],
    ];

    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map(fn (string $file) => is_file($file) && unlink($file), $this->files);
    }

    private function path(string $ending): string
    {
        return $this->files[] = sys_get_temp_dir().'/rilvet-pages-'.getmypid().'-'.count($this->files).".$ending";
    }

    private static function open(string $path): Workbook
    {
        return (new Opening(fn () => new MemoryBlockStore))->open($path, basename($path));
    }

    /** @param  array<string, mixed>  $says */
    private static function saying(Workbook $workbook, array $says): Workbook
    {
        return (new SayPages([1], PageRules::of($says)))->on($workbook);
    }

    private static function sheet(): Worksheet
    {
        return Paged::sheet([[2, 'head'], [1, 'row_group'], [20, 'body'], [1, 'row_group'], [20, 'body'], [1, 'total']],
            widths: [90, 120, 140, 100]);
    }

    private function written(Workbook $workbook, string $ending): string
    {
        $path = $this->path($ending);
        $writer = $ending === 'ods' ? new OdsWriter : new XlsxWriter;
        $writer->write($workbook, $path);
        self::assertTrue($writer->prove($workbook, $path)->holds());

        return $path;
    }

    private static function part(string $path, string $name): string
    {
        $zip = new ZipArchive;
        $zip->open($path);
        $bytes = (string) $zip->getFromName($name);
        $zip->close();

        return $bytes;
    }

    #[DataProvider('endings')]
    public function test_what_is_said_comes_back(string $ending): void
    {
        $workbook = self::saying(Paged::book(self::sheet()), self::SAYS);
        $workbook = (new BreakPages(1, true, null, 12))->on($workbook);
        $workbook = (new BreakPages(1, false, null, 2))->on($workbook);
        $found = self::open($this->written($workbook, $ending))->sheet(1);
        $rules = SheetPages::rules($found);
        foreach (self::SAYS as $rule => $value) {
            $there = match (true) {
                is_bool($value) => $rules->flag($rule),
                is_array($value) => $rules->places($rule)->toArray(),
                is_string($value) => $rules->text($rule),
                default => $rules->number($rule),
            };
            is_float($value) ? self::assertEqualsWithDelta($value, $there, 0.11, "$ending: $rule") : self::assertEquals($value,
                $there, "$ending: $rule");
        }
        $setup = $found->aspect(PageSetup::class);
        self::assertContains(12, $setup->rows);
        self::assertContains(2, $setup->columns);
        self::assertSame([1, 2], $setup->came->lines('titleRows'));
        self::assertSame([1, 1], $setup->came->lines('titleColumns'));
        self::assertFalse($setup->isTouched());
    }

    /** @return iterable<string, array{string}> */
    public static function endings(): iterable
    {
        yield 'xlsx' => ['xlsx'];
        yield 'ods' => ['ods'];
    }

    #[DataProvider('endings')]
    public function test_areas_and_other_pages_come_back(string $ending): void
    {
        $says = ['area' => 'A1:C9,B12:D20', 'firstHeader' => ['left' => 'Only first'], 'evenFooter' => ['right' => '{page}'], 'wide' => 0,
            'scale' => 70, 'turn' => 'upright', 'paper' => 'B5', 'titleRows' => '1:1'];
        $found = self::open($this->written(self::saying(Paged::book(self::sheet()), $says), $ending))->sheet(1);
        $rules = SheetPages::rules($found);
        self::assertSame('A1:C9,B12:D20', $rules->text('area'));
        self::assertSame([1, 1], $rules->lines('titleRows'));
        self::assertSame(['left' => 'Only first'], $rules->places('firstHeader')->toArray());
        self::assertSame(['right' => '{page}'], $rules->places('evenFooter')->toArray());
        self::assertSame([70.0, 0.0, 'B5', 'upright'], [$rules->number('scale'), $rules->number('wide'), $rules->text('paper'),
            $rules->text('turn')]);
        // Read back it takes as many pages as before, and says again what it said.
        $again = self::open($this->written(Paged::book($found), $ending))->sheet(1);
        self::assertEquals($found->aspect(PageSetup::class)->came->says, $again->aspect(PageSetup::class)->came->says);
    }

    /** exceljs, from the npm registry: another reader in another language. */
    public function test_a_reader_of_other_origin_finds_the_same_pages(): void
    {
        $workbook = self::saying(Paged::book(self::sheet()), self::SAYS + ['area' => 'A1:D40']);
        $path = $this->written((new BreakPages(1, true, null, 12))->on($workbook), 'xlsx');
        $script = <<<'JS'
            const Library = require('exceljs');
            const book = new Library.Workbook();
            book.xlsx.readFile(process.argv[1]).then(() => {
                const { pageSetup: p, headerFooter: h } = book.worksheets[0];
                console.log(JSON.stringify({ paper: p.paperSize, turn: p.orientation, wide: p.fitToWidth, fit: p.fitToPage,
                    order: p.pageOrder, left: p.margins.left, header: p.margins.header, area: p.printArea, rows: p.printTitlesRow,
                    columns: p.printTitlesColumn, across: p.horizontalCentered, grid: p.showGridLines, foot: h.oddFooter,
                        head: h.oddHeader }));
            });
            JS;
        $process = new Process(['node', '-e', $script, $path], dirname(__DIR__, 2));
        $process->mustRun();
        self::assertEquals(['paper' => 11, 'turn' => 'landscape', 'wide' => 2, 'fit' => true, 'order' => 'overThenDown', 'left' => 0.472,
            'header' => 0.315, 'area' => 'A1:D40', 'rows' => '1:2', 'columns' => 'A:A', 'across' => true, 'grid' => true,
            'foot' => '&L&A&RPage &P of &N', 'head' => '&CBeds && more'], json_decode($process->getOutput(), true));
    }

    #[DataProvider('endings')]
    public function test_the_general_purpose_library_finds_the_same(string $ending): void
    {
        $path = $this->written(self::saying(Paged::book(self::sheet()), self::SAYS), $ending);
        $sheet = IOFactory::load($path)->getSheet(0);
        self::assertSame(LibrarySetup::ORIENTATION_LANDSCAPE, $sheet->getPageSetup()->getOrientation());
        self::assertTrue($sheet->getPageSetup()->getHorizontalCentered());
        if ($ending === 'xlsx') {
            self::assertEqualsWithDelta(12 / 25.4, $sheet->getPageMargins()->getLeft(), 0.01);
            self::assertSame(LibrarySetup::PAPERSIZE_A5, $sheet->getPageSetup()->getPaperSize());
            self::assertSame([1, 2], $sheet->getPageSetup()->getRowsToRepeatAtTop());
        }
    }

    public function test_what_the_library_writes_is_read(): void
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet();
        $sheet->fromArray([['Tree', 'Count'], ['Oak', 3], ['Yew', 4]]);
        $sheet->getPageSetup()->setPaperSize(LibrarySetup::PAPERSIZE_A3)->setOrientation('landscape')->setFitToWidth(1)->setFitToHeight(0)
            ->setPrintArea('A1:B3')->setRowsToRepeatAtTopByStartAndEnd(1, 1);
        $sheet->getHeaderFooter()->setOddFooter('&L&"Carlito,Bold"&12Beds&C&D&RPage &P');
        $sheet->setBreak('A2', 1);
        $sheet->getPageMargins()->setTop(1);
        (new Xlsx($book))->save($path = $this->path('xlsx'));
        $rules = SheetPages::rules(self::open($path)->sheet(1));
        self::assertSame(['A3', 'turned', 1.0, 0.0, 'A1:B3', 25.4], [$rules->text('paper'), $rules->text('turn'), $rules->number('wide'),
            $rules->number('tall'), $rules->text('area'), $rules->number('top')]);
        self::assertSame(['left' => 'Beds', 'centre' => '{date}', 'right' => 'Page {page}'], $rules->places('footer')->toArray());
        self::assertSame([1, 1], $rules->lines('titleRows'));
        self::assertSame([2], self::open($path)->sheet(1)->aspect(PageSetup::class)->rows);
    }

    /** What nobody touched stays: one rule that is said changes its element, and nothing else. */
    public function test_in_its_own_package_only_what_is_said_changes(): void
    {
        $path = $this->path('xlsx');
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree', 'Count'], ['Oak', 3]]);
        $book->getActiveSheet()->getHeaderFooter()->setOddHeader('&L&"Carlito,Bold"&14&KFF0000Red head');
        (new Xlsx($book))->save($path);
        $back = function (Workbook $workbook) use ($path): string {
            $to = $this->path('xlsx');
            (new PackageWriter($path, []))->write($workbook, $to);

            return self::part($to, 'xl/worksheets/sheet1.xml');
        };
        $came = self::part($path, 'xl/worksheets/sheet1.xml');
        $workbook = self::open($path);
        self::assertSame($came, $back($workbook));
        $said = $back(self::saying($workbook, ['left' => 30]));
        self::assertNotSame($came, $said);
        $strip = fn (string $xml) => preg_replace('/<pageMargins[^>]*>/', '', preg_replace('/<\?xml[^>]*>\s*/', '', $xml));
        self::assertSame(self::canonical((string) $strip($came)), self::canonical((string) $strip($said)));
        self::assertStringContainsString('left="1.181"', $said);
        self::assertStringContainsString('KFF0000Red head', $said);
        // Taken back, the bytes are those that came.
        $taken = (new SayPages([1], PageRules::none(), ['left']))->on(self::saying($workbook, ['left' => 30]));
        self::assertSame($came, $back($taken));
    }

    /** Somebody wrote them: a stylebook does not take them away, unless everything that came is left behind. */
    public function test_head_and_foot_of_a_file_go_before_those_of_a_stylebook(): void
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree', 'Count'], ['Oak', 3], ['Yew', 4]]);
        $book->getActiveSheet()->getHeaderFooter()->setOddFooter('&LFor the council only');
        (new Xlsx($book))->save($path = $this->path('xlsx'));
        $workbook = self::open($path);
        $dressed = Paged::dressed($workbook)->sheet(1);
        self::assertSame(['left' => 'For the council only'], SheetPages::rules($dressed)->places('footer')->toArray());
        self::assertSame(['file', 'stylebook'], [SheetPages::layer($dressed, 'footer'), SheetPages::layer($dressed, 'wide')]);
        (new PackageWriter($path, []))->write(Paged::dressed($workbook), $to = $this->path('xlsx'));
        self::assertStringContainsString('&amp;LFor the council only', self::part($to, 'xl/worksheets/sheet1.xml'));
        $clean = (new Dress([1], Builtin::named('River ledger'), true))->on($workbook)->sheet(1);
        self::assertStringContainsString('{page}', SheetPages::rules($clean)->places('footer')->right);
    }

    private static function canonical(string $xml): string
    {
        $tree = new \DOMDocument;
        $tree->loadXML($xml);

        return (string) $tree->C14N();
    }

    public function test_breaks_of_a_package_follow_rows_that_are_put_in(): void
    {
        $path = $this->path('xlsx');
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet();
        $sheet->fromArray(array_map(fn (int $row) => ["Row $row", $row], range(1, 30)));
        $sheet->setBreak('A10', 1)->setBreak('A20', 1);
        (new Xlsx($book))->save($path);
        $workbook = (new MoveCells(1, new Shift(true, 5, 2, true)))->on(self::open($path));
        (new PackageWriter($path, null))->write($workbook, $to = $this->path('xlsx'));
        self::assertSame([12, 22], self::open($to)->sheet(1)->aspect(PageSetup::class)->rows);
    }

    /** Breaks that keep together what belongs together stand in the file, so that it comes apart nowhere else either. */
    public function test_breaks_that_think_are_written_where_a_stylebook_says_so(): void
    {
        $workbook = Paged::dressed(Paged::book(Paged::sheet([[1, 'head'], [1, 'row_group'], [28, 'body'], [1, 'row_group'],
            [28, 'body']])));
        $layout = PageLayout::of($workbook->sheet(1), $workbook->looks);
        $ends = array_map(fn ($band) => $band->last, array_slice($layout->areas[0]->rows, 0, -1));
        self::assertSame([30], $ends);
        self::assertStringContainsString('<brk id="30"', self::part($this->written($workbook, 'xlsx'), 'xl/worksheets/sheet1.xml'));
        self::assertSame([30], self::open($this->written($workbook, 'ods'))->sheet(1)->aspect(PageSetup::class)->rows);
    }

    /** @return iterable<string, array{string, array<string, string>}> ISO/IEC 29500-1 18.3.1.39, its examples and its traps */
    public static function codes(): iterable
    {
        yield 'three places' => ['&Lleft&Cmiddle&Rright', ['left' => 'left', 'centre' => 'middle', 'right' => 'right']];
        yield 'without a place it is the middle' => ['Title', ['centre' => 'Title']];
        yield 'fields' => ['&L&P of &N&C&A&R&D &T &F', ['left' => '{page} of {pages}', 'centre' => '{sheet}',
            'right' => '{date} {time} {file}']];
        yield 'type and size' => ['&L&"Arimo,Bold Italic"&12&KFF00FFBig', ['left' => 'Big']];
        yield 'theme colour' => ['&C&K04-024Soft', ['centre' => 'Soft']];
        yield 'two signs' => ['&CSoil && water', ['centre' => 'Soil & water']];
        yield 'a picture' => ['&L&GNear', ['left' => 'Near']];
        yield 'weight' => ['&L&BBold&B &Uline&U', ['left' => 'Bold line']];
        yield 'braces are no fields' => ['&L{page}', ['left' => '(page)']];
        yield 'a sign at the end' => ['&LEnd&', ['left' => 'End']];
        yield 'longer than is kept' => ['&L'.str_repeat('x', 198).'&N', ['left' => str_repeat('x', 198)]];
    }

    /** @param  array<string, string>  $places */
    #[DataProvider('codes')]
    public function test_codes_of_head_and_foot_are_read(string $codes, array $places): void
    {
        self::assertSame($places, array_map(trim(...), HeadFootXml::places($codes)));
    }

    public function test_codes_are_written_so_that_they_are_read_as_they_were(): void
    {
        mt_srand(39);
        $words = ['Beds & more', '12 lots', '{page}', '{pages}', '{date}', ' ', 'A&B', 'Left'];
        for ($try = 0; $try < 200; $try++) {
            $places = [];
            foreach (['left', 'centre', 'right'] as $place) {
                mt_rand(0, 2) > 0 && $places[$place] = trim(implode(' ', array_map(fn () => $words[mt_rand(0, 7)], range(1,
                    mt_rand(1, 3)))));
            }
            $places = array_filter($places, fn (string $text) => $text !== '');
            $codes = HeadFootXml::codes(PageRules::of(['footer' => $places])->places('footer'), []);
            self::assertSame($places, array_map(trim(...), HeadFootXml::places($codes)), $codes);
        }
    }

    /** A file of another library's in which something else is said of its pages. */
    private function saidBy(string $pattern, string $elements): string
    {
        $path = $this->path('xlsx');
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree'], ['Oak']]);
        (new Xlsx($book))->save($path);
        $xml = preg_replace($pattern, $elements, self::part($path, 'xl/worksheets/sheet1.xml'), 1, $count);
        self::assertSame(1, $count);
        $zip = new ZipArchive;
        $zip->open($path);
        $zip->addFromString('xl/worksheets/sheet1.xml', (string) $xml);
        $zip->close();

        return $path;
    }

    public function test_what_is_usual_is_taken_out_and_paper_that_nobody_chose_stays(): void
    {
        $path = $this->saidBy('~<pageSetup[^>]*/>~',
            '<pageSetup paperSize="250" pageOrder="overThenDown" errors="blank" orientation="portrait"/>');
        $changed = self::saying(self::open($path), ['order' => 'down', 'errors' => 'shown']);
        $written = $this->path('xlsx');
        (new PackageWriter($path))->write($changed, $written);
        self::assertSame(1, preg_match('~<pageSetup[^>]*/>~', self::part($written, 'xl/worksheets/sheet1.xml'), $element));
        // A number that no paper has is no choice of ours. What is usual: ISO/IEC 29500-1, 18.3.1.63 (pageOrder, errors).
        self::assertStringContainsString('paperSize="250"', $element[0]);
        self::assertStringNotContainsString('pageOrder="overThenDown"', $element[0]);
        self::assertStringNotContainsString('errors="blank"', $element[0]);
    }

    public function test_odd_things_in_a_file_are_no_fault(): void
    {
        $path = $this->saidBy('~<pageMargins[^>]*/>.*?(?=</worksheet>)~s',
            '<pageMargins left="-4" right="abc" top="99999" bottom=""/>'
            .'<pageSetup paperSize="99999" scale="9999999999" fitToWidth="-3" fitToHeight="x" orientation="sideways"/>'
            .'<headerFooter><oddFooter>&amp;L'.str_repeat('x', 3_000).'</oddFooter></headerFooter>'
            .'<rowBreaks><brk id="0" man="1"/><brk id="99999999999" man="1"/><brk man="1"/></rowBreaks>');
        $sheet = self::open($path)->sheet(1);
        self::assertSame(4.0, Paged::layout($sheet)->scale);
        self::assertLessThanOrEqual(200, mb_strlen(SheetPages::rules($sheet)->places('footer')->left));
    }

    /** Names of ISO/IEC 29500-1, 18.2.5: rows, columns, or both are titles; anything else said under their name is not known here. */
    public function test_names_of_titles_and_areas_are_rules_where_they_are_understood(): void
    {
        $titles = fn (string $refers) => PrintTitles::rules('_xlnm.Print_Titles', $refers);
        self::assertSame(['titleRows' => '1:2'], $titles("'Beds, west'!\$1:\$2"));
        self::assertSame(['titleColumns' => '1:2'], $titles('Beds!$A:$B'));
        self::assertSame(['titleColumns' => '1:1', 'titleRows' => '3:3'], $titles('Beds!$A:$A,Beds!$3:$3'));
        foreach (['Beds!$A$1:$B$2', 'Beds!$1:$1,Beds!$A$1:$B$2', '#REF!', ''] as $refers) {
            self::assertNull($titles($refers), $refers);
        }
        $area = fn (string $refers) => PrintTitles::rules('_xlnm.Print_Area', $refers);
        self::assertSame(['area' => 'A1:B9'], $area('Beds!$A$1:$B$9'));
        self::assertSame(['area' => 'A1:B9,D1:E9'], $area("('Beds'!\$A\$1:\$B\$9,'Beds'!\$D\$1:\$E\$9)"));
        foreach (['Beds!$A:$B', 'Beds!$1:$9', 'Beds!$A$1:$B$9,Beds!$1:$2', 'soon'] as $refers) {
            self::assertNull($area($refers), $refers);
        }
        self::assertSame(100, substr_count($area(implode(',', array_fill(0, 100, 'S!$A$1')))['area'] ?? '', 'A1'));
        self::assertNull($area(implode(',', array_fill(0, 101, 'S!$A$1'))));
    }
}
