<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Look\Attribute;
use Rilvet\Package\Package;
use Rilvet\Package\PackageLimits;
use Rilvet\Package\PackageXml;
use Rilvet\Package\PackedPart;
use Rilvet\Package\ZipReader;
use Rilvet\Package\ZipWriter;
use Rilvet\Refusal;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\RowReader;
use Rilvet\Xlsx\SheetStream;
use Rilvet\Xlsx\ThemeColours;
use Tests\HandMade;
use ZipArchive;

/** Zip archives, relationships, and every legal shape of sheet xml. */
final class PackageTest extends TestCase
{
    private const ROWS = '<row r="1"><c r="A1" s="1" t="s"><v>0</v></c><c r="B1" t="inlineStr"><is><t>Count &amp; '
        .'"more"</t></is></c></row><row r="3" ht="30"><c r="A3" t="s"><v>1</v></c><c r="B3"><v>12</v></c><c r="C3" '
        .'s="2"><v>45000.5</v></c><c r="D3" t="b"><v>1</v></c><c r="E3" t="e"><v>#N/A</v></c><c r="F3"><f>B3*2</f><v>24</v></c><c '
        .'r="G3" t="str"><f>A3&amp;"x"</f><v>Rowan x</v></c></row>';

    private const CELLS = [
        1 => ['Tree', 'Count & "more"'],
        3 => ['Rowan ', 12, 45000.5, true, ['e' => '#N/A'], ['f' => 'B3*2', 'v' => 24], ['f' => 'A3&"x"', 'v' => 'Rowan x']],
    ];

    /** @return iterable<string, array{array<string, string>}> */
    public static function shapes(): iterable
    {
        $parts = HandMade::parts(self::ROWS);
        $sheet = $parts['xl/worksheets/sheet1.xml'];
        $with = fn (string $xml, array $more = []) => [['xl/worksheets/sheet1.xml' => $xml] + $more + $parts];
        yield 'as it commonly is' => $with($sheet);
        // Extensible Markup Language 1.0, 2.3, 2.4, 2.5, 2.7, 4.3.3; Namespaces in XML 1.0, 6.
        yield 'with a prefix' => $with((string) preg_replace('~<(/?)(?=\w)~', '<$1x:', str_replace('xmlns=', 'xmlns:x=', $sheet)));
        yield 'with single quotes' => $with((string) preg_replace('~="([^"]*)"~', "='\$1'", $sheet));
        yield 'with attributes in another order' => $with((string) preg_replace('~<c (r="\w+")((?: \w="\w+")+)>~', '<c$2 $1>', $sheet));
        yield 'with comments' => $with(
            strtr($sheet, [
                '<sheetData>' => '<!-- <sheetData> --><sheetData>',
                '<v>12' => '<!-- </row> --><v>12',
                '</row>' => '</row><!-- <row r="2"> -->',
            ]),
        );
        yield 'with CDATA' => $with(str_replace('<v>Rowan x</v>', '<v><![CDATA[Rowan x]]></v>', $sheet));
        yield 'with processing instructions' => $with(str_replace('<row r="3"', '<?mark here?><row r="3"', $sheet));
        yield 'with blanks and lines between tags' => $with(str_replace('><', ">\n  <", $sheet));
        yield 'with blanks inside tags' => $with((string) preg_replace('~(<c [^>]*?)(/?>)~', '$1  $2', $sheet));
        yield 'with character references' => $with(str_replace('Count &amp; "more"', '&#x43;ount &#38; &quot;more&quot;', $sheet));
        yield 'with cells that say no place' => $with(
            str_replace(' r="A3"', '', str_replace(' r="B3"', '', str_replace(' r="A1"', '', $sheet))),
        );
        yield 'with rows that say no place' => $with(str_replace('<row r="3"', '<row/><row', str_replace('<row r="1"', '<row', $sheet)));
        yield 'in UTF-16' => $with("\xFF\xFE".mb_convert_encoding('<?xml version="1.0" encoding="UTF-16"?>'.$sheet, 'UTF-16LE'));
        yield 'in ISO 8859-1' => $with('<?xml version="1.0" encoding="ISO-8859-1"?>'.$sheet);
        yield 'with a byte order mark' => $with("\xEF\xBB\xBF".'<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'.$sheet);
        yield 'with foreign attributes and elements' => $with(
            str_replace(
                ['<worksheet ', '<row r="3"', '</sheetData>'],
                ['<worksheet xmlns:z="urn:z" ', '<row z:y="1" r="3"', '</sheetData><extLst><ext uri="urn:z"><z:a b="1"/></ext></extLst>'],
                $sheet,
            ),
        );
        yield 'with extra attributes of cells' => $with(str_replace('<c r="B3">', '<c r="B3" cm="1" vm="2" ph="1">', $sheet));
        // ISO/IEC 29500-1, annex A (strict) and 29500-2, 6.2 and 9.3: names of parts are free.
        yield 'strict' => [
            array_map(
                fn (string $xml) => str_replace(
                    [HandMade::MAIN, 'http://schemas.openxmlformats.org/officeDocument/2006/relationships'],
                    [HandMade::STRICT, 'http://purl.oclc.org/ooxml/officeDocument/relationships'],
                    $xml,
                ),
                $parts,
            ),
        ];
        $moved = [
            'Stock/Book.XML' => 'xl/workbook.xml',
            'Stock/_rels/Book.XML.rels' => 'xl/_rels/workbook.xml.rels',
            'a b/één.xml' => 'xl/worksheets/sheet1.xml',
            'Stock/looks.bin' => 'xl/styles.xml',
            'words.xml' => 'xl/sharedStrings.xml',
            '[Content_Types].xml' => '[Content_Types].xml',
            '_rels/.rels' => '_rels/.rels',
        ];
        $named = array_map(fn (string $name) => $parts[$name], $moved);
        $named['_rels/.rels'] = str_replace('xl/workbook.xml', '/stock/book.xml', $named['_rels/.rels']);
        $named['Stock/_rels/Book.XML.rels'] = str_replace(
            ['worksheets/sheet1.xml', 'styles.xml', '/xl/sharedStrings.xml'],
            ['../a%20b/%C3%A9%C3%A9n.xml', './looks.bin', '../x/../words.xml'],
            $named['Stock/_rels/Book.XML.rels'],
        );
        yield 'under other names' => [$named];
    }

    /** @param  array<string, string>  $parts */
    #[DataProvider('shapes')]
    public function test_every_legal_shape_reads_the_same(array $parts): void
    {
        $path = HandMade::package($parts);
        self::assertSame(self::CELLS, array_filter(self::cells($path)));
        unlink($path);
    }

    public function test_dates_written_as_dates_are_serial_days(): void
    {
        // The examples of ISO/IEC 29500-1 18.17.4 for the 1900 system, from memory: 1 January 1900 is 1; and noon is a half.
        $path = HandMade::package(
            HandMade::parts(
                '<row r="1"><c r="A1" t="d"><v>1900-01-01</v></c><c r="B1" t="d"><v>2026-03-14T12:00:00</v></c><c r="C1" '
                .'t="d"><v>soon</v></c></row>',
            ),
        );
        self::assertEquals([1 => [1, 46095.5, 'soon']], self::cells($path));
        unlink($path);
        // Hours, minutes and seconds by themselves, as shares of a day.
        $dates = ['T06:00' => 21_600, 'T00:30' => 1_800, 'T00:00:45' => 45, 'T12:34:56.5' => 45_296.5];
        foreach ($dates as $time => $seconds) {
            $path = HandMade::package(HandMade::parts("<row r=\"1\"><c r=\"A1\" t=\"d\"><v>2026-03-14$time</v></c></row>"));
            self::assertEqualsWithDelta(46_095 + $seconds / 86_400, self::cells($path)[1][0], 1e-9, $time);
            unlink($path);
        }
    }

    public function test_formulas_of_a_group_read_as_they_stand_in_each_cell(): void
    {
        $path = HandMade::package(
            HandMade::parts(
                '<row r="1"><c r="A1"><f t="shared" ref="A1:A3" si="0">B1*$C$1+SUM(D1:E$2)</f><v>1</v></c></row><row r="2"><c r="A2"><f '
                .'t="shared" si="0"/><v>2</v></c><c r="B2"><f t="array" ref="B2:B3">C2:C3*2</f><v>4</v></c></row><row r="3"><c '
                .'r="A3"><f t="shared" si="0"/><v>3</v></c></row>',
            ),
        );
        $formulas = array_map(fn (array $row) => array_map(fn (mixed $cell) => $cell['f'] ?? null, $row), self::cells($path));
        self::assertSame([1 => ['B1*$C$1+SUM(D1:E$2)'], 2 => ['B2*$C$1+SUM(D2:E$2)', 'C2:C3*2'], 3 => ['B3*$C$1+SUM(D3:E$2)']], $formulas);
        unlink($path);
        self::assertSame("'A 1'!C5+LOG10(D6)&\"A1\"", References::translated("'A 1'!B3+LOG10(C4)&\"A1\"", 2, 1));
        self::assertSame('#REF!+B1', References::translated('A1+C2', -1, -1));
        self::assertSame('C:D+3:4', References::translated('B:C+1:2', 2, 1));
    }

    public function test_texts_that_are_shared_read_without_how_they_are_said(): void
    {
        $texts =
            '<si><t>plain</t></si><si/><si><t/></si><si><r><rPr><b/></rPr><t>bold</t></r><r><t xml:space="preserve"> and '
            .'not</t></r><rPh sb="0" eb="1"><t>said</t></rPh></si><si><t>a_x0041__x005F_x0041_&#10;b</t></si>';
        $path = HandMade::package(HandMade::parts('<row r="1"><c r="A1" t="s"><v>4</v></c></row>', $texts));
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        self::assertSame(['plain', '', '', 'bold and not', "aA_x0041_\nb"], (new Book($stream))->texts());
        unlink($path);
    }

    public function test_colours_of_a_theme_are_tinted_by_luminance(): void
    {
        // ISO/IEC 29500-1 18.8.19 gives the sum; 4F81BD with a tint of -0.25 is 366092 in many published tables (common practice).
        $theme =
            '<a:theme xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main"><a:themeElements><a:clrScheme '
            .'name="x"><a:dk1><a:sysClr val="windowText" lastClr="000000"/></a:dk1><a:lt1><a:srgbClr '
            .'val="FFFFFF"/></a:lt1><a:dk2><a:srgbClr val="1F497D"/></a:dk2><a:lt2><a:srgbClr '
            .'val="EEECE1"/></a:lt2><a:accent1><a:srgbClr val="4F81BD"/></a:accent1></a:clrScheme></a:themeElements></a:theme>';
        $parts = HandMade::parts('<row r="1"/>') + ['xl/theme/theme1.xml' => $theme];
        $parts['xl/_rels/workbook.xml.rels'] = str_replace(
            '</Relationships>',
            '<Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/theme" '
            .'Target="theme/theme1.xml"/></Relationships>',
            $parts['xl/_rels/workbook.xml.rels'],
        );
        $path = HandMade::package($parts);
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $look = (new Book($stream))->formats->looks()[1];
        self::assertSame('#366092', $look->text(Attribute::Ink));
        $tinted = fn (string $tint) => (new ThemeColours(PackageXml::root(PackageXml::tree($theme, 't')), null))->of(
            PackageXml::root(PackageXml::tree("<color theme=\"4\" tint=\"$tint\"/>", 'c')),
        );
        self::assertSame(['#95B3D7', '#B8CCE4', '#DBE5F1', '#244061'], array_map($tinted, ['0.4', '0.6', '0.8', '-0.5']));
        // Index 13 of the standard palette (18.8.27).
        self::assertSame('#FFFF00', $look->text(Attribute::Fill));
        self::assertSame(
            ['Gelasio', 12.0, true],
            [$look->text(Attribute::Font), $look->number(Attribute::Size), $look->is(Attribute::Bold)],
        );
        unlink($path);
    }

    public function test_an_archive_reads_as_it_was_written_and_a_reference_library_agrees(): void
    {
        mt_srand(3);
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $out = fopen($path, 'w+b');
        assert($out !== false);
        $zip = new ZipWriter($out);
        $bytes = ['a.xml' => '', 'b/ü.xml' => str_repeat('<row/>', 100_000), 'c.bin' => random_bytes(70_000)];
        foreach ($bytes as $name => $content) {
            $part = new PackedPart;
            foreach (str_split($content, 9_973) as $piece) {
                $part->write($piece);
            }
            $part->end();
            $zip->place($name, $part);
        }
        $zip->add('d.txt', 'once');
        $zip->finish();
        $read = ZipReader::of($out);
        $reference = new ZipArchive;
        self::assertTrue($reference->open($path, ZipArchive::CHECKCONS));
        foreach ($bytes + ['d.txt' => 'once'] as $name => $content) {
            self::assertSame($content, $read->contents($name));
            self::assertSame($content, $reference->getFromName($name));
        }
        $reference->close();
        // Copied into another archive, entries keep their packed bytes.
        $copy = fopen('php://temp', 'w+b');
        assert($copy !== false);
        $second = new ZipWriter($copy);
        foreach ($read->entries as $entry) {
            $second->copy($read, $entry);
        }
        $second->finish();
        foreach (ZipReader::of($copy)->entries as $name => $entry) {
            self::assertSame(
                implode('', iterator_to_array($read->packed($read->entries[$name]), false)),
                implode('', iterator_to_array(ZipReader::of($copy)->packed($entry), false)),
            );
        }
        unlink($path);
    }

    public function test_more_entries_than_the_old_list_counts_are_read_and_written(): void
    {
        // APPNOTE 4.4.1.4: from 65,535 entries on the count stands in the zip64 record.
        $out = fopen('php://temp', 'w+b');
        assert($out !== false);
        $zip = new ZipWriter($out);
        for ($index = 0; $index < 65_600; $index++) {
            $zip->add("p$index", (string) $index);
        }
        $zip->finish();
        $read = ZipReader::of($out, new PackageLimits(entries: 100_000));
        self::assertCount(65_600, $read->entries);
        self::assertSame('65599', $read->contents('p65599'));
    }

    /** @return iterable<string, array{callable(string): string, string}> */
    public static function faults(): iterable
    {
        yield 'cut off' => [fn (string $zip) => substr($zip, 0, -30), 'cut off or damaged'];
        yield 'no list' => [fn (string $zip) => 'PK'.str_repeat("\0", 40), 'cut off or damaged'];
        yield 'a path that leaves it' => [fn (string $zip) => str_replace('xl/styles.xml', '../styles.xml', $zip), 'leaves it'];
        yield 'two names' => [fn (string $zip) => (string) preg_replace('~xl/styles\.xml~', 'xl/stylos.xml', $zip, 1), 'two names'];
        yield 'an entry twice' => [
            fn () => (string) file_get_contents(HandMade::package(HandMade::parts(self::ROWS) + ['xl/STYLES.xml' => '<a/>'])),
            'twice',
        ];
        yield 'a checksum that lies' => [
            fn (string $zip) => (string) preg_replace_callback(
                '~(PK\x01\x02.{12}).{4}(.{26}xl/workbook\.xml)~s',
                fn (array $found) => "$found[1]abcd$found[2]",
                $zip,
            ),
            'checksum',
        ];
        yield 'a password' => [fn (string $zip) => (string) preg_replace('~(PK\x01\x02.{4}).~s', "\$1\x01", $zip), 'password'];
        yield 'an unknown method' => [fn (string $zip) => (string) preg_replace('~(PK\x01\x02.{6}).~s', "\$1\x0E", $zip), 'method 14'];
    }

    /** @param  callable(string): string  $break */
    #[DataProvider('faults')]
    public function test_a_broken_archive_is_refused_by_name(callable $break, string $words): void
    {
        $path = HandMade::package(HandMade::parts(self::ROWS));
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $break((string) file_get_contents($path)));
        unlink($path);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($words, '/').'/');
        $book = new Book($stream);
        $book->texts();
        foreach ((new SheetStream($book->package, $book->sheets[0]->part))->rows() as $row) {
            unset($row);
        }
    }

    public function test_relationships_that_go_round_in_a_circle_end(): void
    {
        $parts = HandMade::parts(self::ROWS);
        $parts['xl/_rels/workbook.xml.rels'] = str_replace('worksheets/sheet1.xml', 'workbook.xml', $parts['xl/_rels/workbook.xml.rels']);
        $path = HandMade::package($parts);
        $this->expectException(Refusal::class);
        self::cells($path);
    }

    public function test_the_part_of_relationships_of_a_part(): void
    {
        self::assertSame(
            ['_rels/.rels', '_rels/a.xml.rels', 'xl/_rels/a.xml.rels'],
            [Package::relationshipsOf(''), Package::relationshipsOf('a.xml'), Package::relationshipsOf('xl/a.xml')],
        );
    }

    /** Law: the quick reading that a proof uses gives the values that a full one gives, whatever shape a cell has. */
    public function test_values_alone_are_those_of_whole_cells(): void
    {
        mt_srand(1_814);
        $shapes = [
            '/>',
            ' s="3"/>',
            '><v>12</v></c>',
            ' s="3"><v>-1.50</v></c>',
            ' t="n"><v>1e5</v></c>',
            ' t="n"><v>12345678901234567890</v></c>',
            '><v>007</v></c>',
            '><v> 7 </v></c>',
            '><v></v></c>',
            '><v>0x1A</v></c>',
            ' t="inlineStr"><is><t>oak</t></is></c>',
            ' s="3" t="inlineStr"><is><t xml:space="preserve"> a &amp; b_x000D_ </t></is></c>',
            ' t="inlineStr"><is><t></t></is></c>',
            ' t="inlineStr"><is><t>12</t></is></c>',
            ' t="inlineStr"><is><r><t>two</t></r><r><t> runs</t></r></is></c>',
            ' t="s"><v>1</v></c>',
            ' t="b"><v>1</v></c>',
            ' t="e"><v>#N/A</v></c>',
            ' t="str"><v>x</v></c>',
            ' t="str"><f>A1&amp;"x"</f><v>x</v></c>',
            '><f>1+1</f><v>2</v></c>',
            ' t="d"><v>2024-03-01</v></c>',
            ' cm="1"><v>4</v></c>',
        ];
        for ($round = 0; $round < 600; $round++) {
            $xml = '';
            for ($column = mt_rand(1, 2); $column <= 6; $column += mt_rand(1, 20) === 1 ? 2 : 1) {
                $xml .= '<c r="'.Address::columnName($column).'3"'.$shapes[mt_rand(0, $round % 3 === 0 ? count($shapes) - 1 : 14)];
            }
            $reader = fn () => new RowReader(['ash', 'elm'], [], 'sheet1.xml');
            self::assertSame($reader()->cells(3, $xml)[0], $reader()->values(3, $xml), $xml);
        }
    }

    /** @return array<int, list<mixed>> stored cells by row */
    private static function cells(string $path): array
    {
        $file = fopen($path, 'rb');
        assert($file !== false);
        $book = new Book($file);
        $stream = new SheetStream($book->package, $book->sheets[0]->part);
        $reader = new RowReader($book->texts(), [], $book->sheets[0]->part);
        $cells = [];
        foreach ($stream->rows() as $row => [, $xml]) {
            $reader->within($stream->head);
            $cells[$row] = $reader->cells($row, $xml)[0];
        }

        return $cells;
    }
}
