<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use DOMDocument;
use DOMElement;
use DOMXPath;
use PhpOffice\PhpSpreadsheet\Cell\DataValidation;
use PhpOffice\PhpSpreadsheet\Chart\Chart;
use PhpOffice\PhpSpreadsheet\Chart\DataSeries;
use PhpOffice\PhpSpreadsheet\Chart\DataSeriesValues;
use PhpOffice\PhpSpreadsheet\Chart\PlotArea;
use PhpOffice\PhpSpreadsheet\Chart\Title;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx as Reader;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Style\Conditional;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\Format;
use Rilvet\Act\Merge;
use Rilvet\Act\MoveCells;
use Rilvet\Act\MoveSheet;
use Rilvet\Act\NameSelection;
use Rilvet\Act\Resize;
use Rilvet\Act\Targets;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Tests\HandMade;
use ZipArchive;

/** A workbook that came as xlsx goes back into its own package, and nothing is lost. Fixtures come from three independent libraries. */
final class LosslessTest extends TestCase
{
    /** What a change of looks may touch: the looks of cells, rows and columns, their sizes, and how the sheet opens. */
    private const ALLOWED = [
        '//m:c/@s',
        '//m:row/@s',
        '//m:row/@customFormat',
        '//m:row/@ht',
        '//m:row/@customHeight',
        '//m:row/@spans',
        '//m:cols',
        '//m:sheetViews',
        '//m:sheetFormatPr',
        '//m:mergeCells',
        // What the stylebook says of pages; margins and options it says nothing of.
        '//m:pageSetup', '//m:headerFooter', '//m:rowBreaks', '//m:colBreaks', '//m:pageSetUpPr', '//m:sheetPr[not(*) and not(@*)]',
    ];

    /** @return iterable<string, array{string}> */
    public static function fixtures(): iterable
    {
        foreach (['composer', 'npm', 'Debian'] as $origin) {
            yield "from $origin" => [$origin];
        }
    }

    #[DataProvider('fixtures')]
    public function test_without_a_change_every_part_has_the_same_bytes(string $origin): void
    {
        $source = self::fixture($origin);
        foreach ([[], null] as $edited) {
            $written = self::written(self::open($source), $source, $edited);
            self::assertSame(self::parts($source), self::parts($written));
            unlink($written);
        }
        unlink($source);
    }

    #[DataProvider('fixtures')]
    public function test_one_touched_cell_changes_one_attribute_and_appends_to_the_styles(string $origin): void
    {
        $source = self::fixture($origin);
        $workbook = (new Format(
            self::at('B3'),
            Look::of([
                'italic' => true,
                'fill' => '#FFEEAA',
                'number' => '0.000',
                'top' => 'double #112233',
                'wrap' => true,
                'locked' => false,
            ]),
        ))->on(self::open($source));
        $written = self::written($workbook, $source, []);
        [$before, $after] = [self::parts($source), self::parts($written)];
        $changed = array_keys(array_filter($before, fn (string $bytes, string $name) => $after[$name] !== $bytes, ARRAY_FILTER_USE_BOTH));
        sort($changed);
        self::assertSame(['xl/styles.xml', 'xl/worksheets/sheet1.xml'], $changed);
        $strip = fn (string $xml) => self::canonical($xml, ['//m:c[@r="B3"]/@s']);
        self::assertSame($strip($before['xl/worksheets/sheet1.xml']), $strip($after['xl/worksheets/sheet1.xml']));
        self::assertAppended($before['xl/styles.xml'], $after['xl/styles.xml']);
        $style = self::library($written)->getActiveSheet()->getStyle('B3');
        self::assertSame(
            [true, 'FFFFEEAA', '0.000', 'double', true, 'unprotected'],
            [
                $style->getFont()->getItalic(),
                $style->getFill()->getStartColor()->getARGB(),
                $style->getNumberFormat()->getFormatCode(),
                $style->getBorders()->getTop()->getBorderStyle(),
                $style->getAlignment()->getWrapText(),
                $style->getProtection()->getLocked(),
            ],
        );
        array_map(unlink(...), [$source, $written]);
    }

    #[DataProvider('fixtures')]
    public function test_a_dressed_workbook_differs_only_in_what_looks_are_said_with(string $origin): void
    {
        $source = self::fixture($origin);
        $workbook = self::open($source);
        $workbook = (new Dress(array_keys($workbook->sheets), Builtin::named('River ledger')))->on($workbook);
        $written = self::written($workbook, $source, []);
        [$before, $after] = [self::parts($source), self::parts($written)];
        self::assertSame(array_keys($before), array_keys($after));
        foreach ($before as $name => $bytes) {
            if (preg_match('~^xl/worksheets/sheet\d+\.xml$~', $name) === 1) {
                self::assertSame(self::canonical($bytes, self::ALLOWED), self::canonical($after[$name], self::ALLOWED), $name);
            } elseif ($name === 'xl/styles.xml') {
                self::assertAppended($bytes, $after[$name]);
            } elseif ($name === 'xl/workbook.xml') {
                self::assertSame(
                    self::canonical($bytes, ['//m:definedName[@name="_xlnm.Print_Titles"]', '//m:definedNames[not(*)]']),
                    self::canonical($after[$name], ['//m:definedName[@name="_xlnm.Print_Titles"]', '//m:definedNames[not(*)]']),
                );
            } else {
                self::assertSame($bytes, $after[$name], $name);
            }
        }
        self::sameData(self::library($source), self::library($written));
        $proof = (new PackageWriter($source, []))->prove($workbook, $written);
        self::assertTrue($proof->holds());
        self::assertGreaterThan(50, $proof->cells);
        // Brought in and dressed once more, it is what it is.
        $again = self::written(
            (new Dress(array_keys($workbook->sheets), Builtin::named('River ledger')))->on(self::open($written)),
            $written,
            [],
        );
        self::assertSame(substr_count($after['xl/styles.xml'], '<xf '), substr_count(self::parts($again)['xl/styles.xml'], '<xf '));
        array_map(unlink(...), [$source, $written, $again]);
    }

    public function test_edited_cells_are_written_in_their_place_and_a_group_of_formulas_stays_whole(): void
    {
        $source = self::fixture('npm');
        $workbook = (new EditCells(1, [2 => [6 => '=B2*5'], 4 => [1 => 'A new <name>', 2 => ''], 60 => [3 => '12,5']]))->on(
            self::open($source),
        );
        $written = self::written($workbook, $source, [1]);
        $sheet = self::library($written)->getActiveSheet();
        self::assertSame(
            ['=B2*5', '=B3*2', '=B4*2', 'A new <name>', null],
            [
                $sheet->getCell('F2')->getValue(),
                $sheet->getCell('F3')->getValue(),
                $sheet->getCell('F4')->getValue(),
                (string) $sheet->getCell('A4')->getValue(),
                $sheet->getCell('B4')->getValue(),
            ],
        );
        self::assertSame('12,5', (string) $sheet->getCell('C60')->getValue());
        self::assertSame('dd/mm/yyyy', $sheet->getStyle('C5')->getNumberFormat()->getFormatCode());
        self::assertTrue((new PackageWriter($source, [1]))->prove($workbook, $written)->holds());
        array_map(unlink(...), [$source, $written]);
    }

    public function test_what_is_anchored_to_cells_goes_along_with_rows_and_columns(): void
    {
        $origins = ['composer' => ['B5:B7', 'B5', 'A4:D7', 'F'], 'npm' => ['B4:B43', 'B5', null, null]];
        foreach ($origins as $origin => [$condition, $checked, $filter]) {
            $source = self::fixture($origin);
            $workbook = (new MoveCells(1, new Shift(true, 2, 2, true)))->on(self::open($source));
            $written = self::written($workbook, $source, null);
            $sheet = self::library($written)->getActiveSheet();
            self::assertSame([$condition], array_keys($sheet->getConditionalStylesCollection()), $origin);
            self::assertSame([$checked], array_keys($sheet->getDataValidationCollection()));
            self::assertSame([$origin === 'composer' ? 'B5' : 'A7'], array_keys($sheet->getComments()));
            $filter === null || self::assertSame($filter, $sheet->getAutoFilter()->getRange());
            $filter === null
                ? self::assertSame('https://example.org/', $sheet->getCell('E4')->getHyperlink()->getUrl())
                : self::assertSame('F4', $sheet->getChartByIndex(0)->getTopLeftPosition()['cell']);
            self::assertTrue((new PackageWriter($source))->prove($workbook, $written)->holds());
            array_map(unlink(...), [$source, $written]);
        }
    }

    public function test_a_table_goes_along_and_is_a_range_once_a_column_is_put_into_it(): void
    {
        $source = self::fixture('Debian');
        $table = fn (string $path) => self::library($path)->getSheetByName('Keys')?->getTableCollection()[0] ?? null;
        self::assertSame('A1:B3', $table($source)?->getRange());
        $down = self::written((new MoveCells(2, new Shift(true, 1, 4, true)))->on(self::open($source)), $source, null);
        self::assertSame('A5:B7', $table($down)?->getRange());
        $along = self::written((new MoveCells(2, new Shift(false, 1, 1, true)))->on(self::open($source)), $source, null);
        self::assertSame('B1:C3', $table($along)?->getRange());
        $cut = self::written((new MoveCells(2, new Shift(false, 2, 1, true)))->on(self::open($source)), $source, null);
        self::assertNull($table($cut));
        self::assertStringNotContainsString(
            'table',
            implode(array_keys(self::parts($cut))).
                self::parts($cut)['[Content_Types].xml'].
                self::parts($cut)['xl/worksheets/sheet2.xml'],
        );
        array_map(unlink(...), [$source, $down, $along, $cut]);
    }

    public function test_names_order_state_merges_and_sizes_go_into_the_package(): void
    {
        $source = self::fixture('Debian');
        $workbook = self::open($source);
        $workbook = (new ArrangeSheet(2, "Keys' end", null, '#2C6E66'))->on($workbook);
        $workbook = (new MoveSheet(2, 1))->on($workbook);
        $workbook = (new NameSelection(1, 'Prices', RangeSet::parse('C2:C31')))->on($workbook);
        $workbook = (new Merge(self::at('A33:C33'), 'first'))->on($workbook);
        $workbook = (new Resize([1], true, [[2, 2], [5, 5]], 130))->on($workbook);
        $workbook = (new Resize([1], false, [[9, 9]], 44))->on($workbook);
        $written = self::written($workbook, $source, null);
        $book = self::library($written);
        self::assertSame(["Keys' end", 'Beds & rows'], $book->getSheetNames());
        self::assertSame('2C6E66', substr($book->getSheet(0)->getTabColor()->getARGB(), -6));
        $sheet = $book->getSheet(1);
        self::assertSame(['A33:C33'], array_values($sheet->getMergeCells()));
        self::assertEqualsWithDelta(130 / 7, $sheet->getColumnDimension('B')->getWidth(), 0.01);
        // The library adds the room beside the digits to the 24 characters that it was told (18.3.1.13).
        self::assertEqualsWithDelta(24 + 5 / 7, $sheet->getColumnDimension('A')->getWidth(), 0.01);
        self::assertSame(
            [false, 33.0, 30.0],
            [
                $sheet->getColumnDimension('C')->getVisible(),
                $sheet->getRowDimension(9)->getRowHeight(),
                $sheet->getRowDimension(4)->getRowHeight(),
            ],
        );
        self::assertSame(
            '$C$2:$C$31',
            $book->getNamedRange('Prices')?->getValue() === null
                ? null
                : substr((string) $book->getNamedRange('Prices')->getValue(), -11 + 1),
        );
        array_map(unlink(...), [$source, $written]);
    }

    /** @param  array<string, string>  $parts */
    #[DataProvider('shapes')]
    public function test_any_legal_shape_is_written_back(array $parts): void
    {
        $source = HandMade::package($parts);
        $workbook = self::open($source);
        $written = self::written($workbook, $source, []);
        self::assertSame(self::parts($source), self::parts($written));
        unlink($written);
        $touched = (new Format(self::at('B3,C1,A2'), Look::of(['bold' => true, 'fill' => '#FFEEAA'])))->on($workbook);
        $written = self::written($touched, $source, null);
        self::assertTrue((new PackageWriter($source))->prove($touched, $written)->holds());
        $again = self::open($written);
        foreach (['B3' => [3, 2], 'C1' => [1, 3], 'A2' => [2, 1]] as $address => [$row, $column]) {
            $look = $again->looks->look($again->sheet(1)->file->at($row, $column));
            self::assertSame(['#FFEEAA', true], [$look->toArray()['fill'] ?? null, $look->toArray()['bold'] ?? null], $address);
        }
        // What was not touched wears what it did.
        self::assertSame(
            $workbook->looks->look($workbook->sheet(1)->file->at(1, 1))->toArray(),
            $again->looks->look($again->sheet(1)->file->at(1, 1))->toArray(),
        );
        array_map(unlink(...), [$source, $written]);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function shapes(): iterable
    {
        yield from PackageTest::shapes();
    }

    public function test_what_a_format_can_say_for_all_its_cells_changes_the_styles_alone(): void
    {
        $parts = HandMade::parts(
            '<row r="1"><c r="A1" s="1"><v>1</v></c><c r="B1" s="1"><v>2</v></c></row><row r="2"><c r="A2"><v>2</v></c><c r="B2" '
            .'s="2"><v>3</v></c></row>',
        );
        $source = HandMade::package($parts);
        $look = Look::of(['italic' => true, 'fill' => '#FFEEAA']);
        $changed = function (string $ranges) use ($source, $look) {
            $workbook = (new Format(self::at($ranges), $look))->on(self::open($source));
            $written = self::written($workbook, $source, []);
            self::assertTrue((new PackageWriter($source))->prove($workbook, $written)->holds());
            $style = self::library($written)->getActiveSheet()->getStyle('B1');
            self::assertSame(
                [true, 'FFFFEEAA', true],
                [$style->getFont()->getItalic(), $style->getFill()->getStartColor()->getARGB(), $style->getFont()->getBold()],
            );
            [$before, $after] = [self::parts($source), self::parts($written)];
            unlink($written);

            return array_keys(array_filter($before, fn (string $bytes, string $name) => $after[$name] !== $bytes, ARRAY_FILTER_USE_BOTH));
        };
        self::assertSame(['xl/styles.xml'], $changed('A1:B1'));
        self::assertSame(['xl/styles.xml'], $changed('A1:B2'));
        // One of two cells of a format, or a cell that is not there, has to say it itself.
        self::assertSame(['xl/styles.xml', 'xl/worksheets/sheet1.xml'], $changed('B1'));
        self::assertSame(['xl/styles.xml', 'xl/worksheets/sheet1.xml'], $changed('A1:C1'));
        unlink($source);
    }

    public function test_sides_of_a_border_that_nobody_touched_stay_as_the_file_says_them(): void
    {
        $parts = HandMade::parts('<row r="1"><c r="A1" s="3"><v>1</v></c></row>');
        $parts['xl/styles.xml'] = (string) preg_replace(
            ['~<borders.*?</borders>~s', '~(<cellXfs[^>]*>.*?)</cellXfs>~s'],
            ['<borders count="2"><border><left/><right/><top/><bottom/><diagonal/></border><border outline="0">'
                .'<left style="thin"><color theme="4" tint="0.4"/></left><right/><top/>'
                .'<bottom style="double"><color indexed="10"/></bottom><diagonal/></border></borders>',
                '$1<xf numFmtId="0" fontId="0" fillId="0" borderId="1" xfId="0" applyBorder="1"/></cellXfs>'],
            $parts['xl/styles.xml'],
        );
        preg_match('~<cellXfs[^>]*>(.*?)</cellXfs>~s', $parts['xl/styles.xml'], $formats);
        $own = substr_count($formats[1], '<xf ') - 1;
        $parts['xl/worksheets/sheet1.xml'] = str_replace('s="3"', "s=\"$own\"", $parts['xl/worksheets/sheet1.xml']);
        $source = HandMade::package($parts);
        $written = self::written((new Format(self::at('A1'), Look::of(['top' => 'thin #2A2230'])))->on(self::open($source)), $source, []);
        preg_match_all('~<border\b.*?</border>~s', self::parts($written)['xl/styles.xml'], $borders);
        // Colours of a theme and of the palette are no others than they were: ISO/IEC 29500-1, 18.8.4 and 18.3.1.15.
        $new = end($borders[0]);
        self::assertStringContainsString('outline="0"', (string) $new);
        self::assertStringContainsString('<left style="thin"><color theme="4" tint="0.4"/></left>', (string) $new);
        self::assertStringContainsString('<bottom style="double"><color indexed="10"/></bottom>', (string) $new);
        self::assertStringContainsString('<top style="thin"><color rgb="FF2A2230"/></top>', (string) $new);
        array_map(unlink(...), [$source, $written]);
    }

    public function test_looks_of_whole_columns_and_rows_are_read_and_stay(): void
    {
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row><row r="2" s="2" customFormat="1"><c r="A2"><v>2</v></c></row>');
        $parts['xl/worksheets/sheet1.xml'] = str_replace(
            '<sheetData>',
            '<dimension ref="A1:C2"/><cols><col min="2" max="3" width="12" style="1" customWidth="1"/></cols><sheetData>',
            $parts['xl/worksheets/sheet1.xml'],
        );
        $source = HandMade::package($parts);
        $workbook = self::open($source);
        $fill = fn (Workbook $book, int $row, int $column) => $book->looks->look($book->sheet(1)->file->at($row, $column))->toArray();
        self::assertSame('#FFFF00', $fill($workbook, 1, 2)['fill']);
        self::assertSame('#FFFF00', $fill($workbook, 900_000, 3)['fill']);
        self::assertSame(['mm-dd-yy', false], [$fill($workbook, 2, 2)['number'], isset($fill($workbook, 2, 2)['fill'])]);
        $touched = (new Format(self::at('B1:B1048576'), Look::of(['italic' => true])))->on($workbook);
        $written = self::written($touched, $source, []);
        $sheet = self::parts($written)['xl/worksheets/sheet1.xml'];
        self::assertMatchesRegularExpression(
            '~<col min="2" max="2" width="[\d.]+" style="[3-9]" customWidth="1"/><col min="3" max="3" width="12" style="1" '
            .'customWidth="1"/>~',
            $sheet,
        );
        $again = self::open($written);
        self::assertSame([true, '#FFFF00'], [$fill($again, 900_000, 2)['italic'], $fill($again, 900_000, 2)['fill']]);
        array_map(unlink(...), [$source, $written]);
    }

    public function test_a_signature_is_left_out_with_a_word_and_only_when_something_changed(): void
    {
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row>');
        $parts['_rels/.rels'] = str_replace(
            '</Relationships>',
            '<Relationship Id="rId7" Type="http://schemas.openxmlformats.org/package/2006/relationships/digital-signature/origin" '
            .'Target="_xmlsignatures/origin.sigs"/></Relationships>',
            $parts['_rels/.rels'],
        );
        $parts += [
            '_xmlsignatures/origin.sigs' => '',
            '_xmlsignatures/sig1.xml' => '<Signature/>',
            '_xmlsignatures/_rels/origin.sigs.rels' => '<Relationships '
                .'xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
                .'<Relationship Id="rId1" '
                .'Type="http://schemas.openxmlformats.org/package/2006/relationships/digital-signature/signature" '
                .'Target="sig1.xml"/></Relationships>',
        ];
        $source = HandMade::package($parts);
        $opening = new Opening(fn (int $sheet) => new MemoryBlockStore);
        $workbook = $opening->open($source, 'a.xlsx');
        self::assertStringContainsString('signed', implode(' ', $opening->notices()));
        $same = self::written($workbook, $source, []);
        self::assertSame(self::parts($source), self::parts($same));
        $written = self::written((new Format(self::at('A1'), Look::of(['bold' => true])))->on($workbook), $source, []);
        self::assertSame([], preg_grep('~_xmlsignatures~', array_keys(self::parts($written))));
        self::assertStringNotContainsString('origin', self::parts($written)['_rels/.rels']);
        array_map(unlink(...), [$source, $same, $written]);
    }

    /** @param  list<string>  $allowed  paths of what may differ */
    private static function canonical(string $xml, array $allowed): string
    {
        $tree = new DOMDocument;
        $tree->preserveWhiteSpace = false;
        $tree->loadXML($xml);
        $path = new DOMXPath($tree);
        $path->registerNamespace('m', HandMade::MAIN);
        foreach ($allowed as $query) {
            foreach (iterator_to_array($path->query($query) ?: []) as $node) {
                $node instanceof \DOMAttr
                    ? $node->ownerElement?->removeAttributeNode($node)
                    : $node instanceof DOMElement && $node->remove();
            }
        }
        // Cells and rows that hold nothing but a look are a look as well.
        foreach (['//m:c[not(*)]', '//m:row[not(*)]'] as $query) {
            foreach (iterator_to_array($path->query($query) ?: []) as $node) {
                $node instanceof DOMElement && $node->remove();
            }
        }

        return (string) $tree->C14N();
    }

    /** All that a styles part held is there, in its place; more may follow. */
    private static function assertAppended(string $before, string $after): void
    {
        $lists = function (string $xml) {
            $tree = new DOMDocument;
            $tree->loadXML($xml);
            $lists = [];
            foreach ($tree->documentElement?->childNodes ?? [] as $group) {
                foreach ($group->childNodes as $index => $item) {
                    $lists[$group->nodeName][] = $item->C14N();
                }
            }

            return $lists;
        };
        $now = $lists($after);
        foreach ($lists($before) as $group => $items) {
            self::assertSame($items, array_slice($now[$group] ?? [], 0, count($items)), $group);
        }
    }

    private static function sameData(Spreadsheet $one, Spreadsheet $other): void
    {
        self::assertSame($one->getSheetNames(), $other->getSheetNames());
        $count = 0;
        foreach ($one->getAllSheets() as $index => $sheet) {
            foreach ($sheet->getCoordinates() as $address) {
                self::assertEquals(
                    $sheet->getCell($address)->getValue(),
                    $other->getSheet($index)->getCell($address)->getValue(),
                    $address,
                );
                $count++;
            }
            self::assertSame(array_keys($sheet->getComments()), array_keys($other->getSheet($index)->getComments()));
            self::assertSame($sheet->getChartCount(), $other->getSheet($index)->getChartCount());
            self::assertSame(
                array_keys($sheet->getConditionalStylesCollection()),
                array_keys($other->getSheet($index)->getConditionalStylesCollection()),
            );
            self::assertSame(
                array_keys($sheet->getDataValidationCollection()),
                array_keys($other->getSheet($index)->getDataValidationCollection()),
            );
        }
        self::assertGreaterThan(20, $count);
    }

    private static function open(string $path): Workbook
    {
        return (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, 'a.xlsx');
    }

    /** @param  list<int>|null  $edited */
    private static function written(Workbook $workbook, string $source, ?array $edited): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'back');
        (new PackageWriter($source, $edited))->write($workbook, $path);

        return $path;
    }

    private static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

    private static function library(string $path): Spreadsheet
    {
        $reader = new Reader;
        $reader->setIncludeCharts(true);

        return $reader->load($path);
    }

    /** @return array<string, string> */
    private static function parts(string $path): array
    {
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path, ZipArchive::CHECKCONS));
        $parts = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $parts[(string) $zip->getNameIndex($index)] = (string) $zip->getFromIndex($index);
        }
        $zip->close();

        return $parts;
    }

    private static function fixture(string $origin): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'fixture');
        if ($origin === 'composer') {
            self::fromComposer($path);
        } else {
            exec(
                ($origin === 'npm'
                    ? 'node '.escapeshellarg(__DIR__.'/write-fixture.mjs')
                    : '/usr/bin/python3 '.escapeshellarg(__DIR__.'/write-fixture.py')).
                    ' '.
                    escapeshellarg($path),
                $out,
                $code,
            );
            self::assertSame(0, $code, implode("\n", $out));
        }

        return $path;
    }

    private static function fromComposer(string $path): void
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->setTitle('Lots');
        $sheet->fromArray([
            ['Tree report'],
            ['Tree', 'Count', 'Price', 'Value'],
            ['Rowan', 3, 1.5, '=B3*C3'],
            ['Ash', 4, 2.25, '=B4*C4'],
            ['Elm', 12, 0.75, '=B5*C5'],
            ['Total', '=SUM(B3:B5)', null, '=SUM(D3:D5)'],
        ]);
        $sheet->mergeCells('A1:D1')->getStyle('A2:D2')->getFont()->setBold(true);
        $sheet->getStyle('C3:D6')->getNumberFormat()->setFormatCode('#,##0.00');
        $sheet->getComment('B3')->getText()->createTextRun('counted twice');
        $sheet
            ->getCell('B3')
            ->getDataValidation()
            ->setType(DataValidation::TYPE_WHOLE)
            ->setFormula1('1')
            ->setFormula2('99')
            ->setShowErrorMessage(true);
        $condition = (new Conditional())
            ->setConditionType(Conditional::CONDITION_CELLIS)
            ->setOperatorType(Conditional::OPERATOR_GREATERTHAN)
            ->addCondition('5');
        $condition->getStyle()->getFont()->setBold(true);
        $sheet->getStyle('B3:B5')->setConditionalStyles([$condition]);
        $series = new DataSeries(
            DataSeries::TYPE_BARCHART,
            DataSeries::GROUPING_CLUSTERED,
            [0],
            [new DataSeriesValues('String', 'Lots!$B$2', null, 1)],
            [new DataSeriesValues('String', 'Lots!$A$3:$A$5', null, 3)],
            [new DataSeriesValues('Number', 'Lots!$B$3:$B$5', null, 3)],
        );
        $sheet->addChart(
            (new Chart('counts', new Title('Counts'), null, new PlotArea(null, [$series])))
                ->setTopLeftPosition('F2')
                ->setBottomRightPosition('M15'),
        );
        $sheet->setAutoFilter('A2:D5')->freezePane('B3');
        $book->createSheet()->setTitle('Other')->fromArray(array_map(fn (int $row) => ["key $row", $row], range(1, 30)));
        (new Xlsx($book))->setIncludeCharts(true)->save($path);
    }
}
