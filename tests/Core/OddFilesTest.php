<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\FileKind;
use App\Files\Opening;
use App\Files\Writing\Writers;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Fit\ColumnFit;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Package\ZipReader;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Work\Workbook;
use Tests\HandMade;

/** Sound files in shapes that are seldom met: as they were found among workbooks from elsewhere. */
final class OddFilesTest extends TestCase
{
    private const ROW = '<row r="1"><c r="A1"><v>1</v></c></row>';

    public function test_a_list_of_texts_without_a_text_is_read(): void
    {
        $parts = HandMade::parts(self::ROW);
        $parts['xl/sharedStrings.xml'] = '<sst xmlns="'.HandMade::MAIN.'" count="0" uniqueCount="0"/>';
        $this->assertSame(1, $this->opened($parts)->sheet(1)->cells->rows());
    }

    /** What is no element may stand anywhere (XML 1.0, 2.5 and 2.6). */
    #[TestWith(['<!-- a note -->'])]
    #[TestWith(['<?a note?>'])]
    public function test_notes_among_rows_and_cells_are_passed_over(string $note): void
    {
        $cell = fn (string $name, int $value) => "<c r=\"$name\"><v>$value</v></c>";
        $rows = $note.'<row r="1">'.$note.$cell('A1', 1).$note.$cell('B1', 2).'</row>'.$note.'<row r="2">'.$cell('A2', 3).'</row>'.$note;
        $read = iterator_to_array($this->opened(HandMade::parts($rows))->sheet(1)->cells->read(1, 9));
        $this->assertSame([1 => [1, 2], 2 => [3]], array_map(
            fn (array $line) => array_column(array_filter($line, fn (Cell $cell) => ! $cell->isBlank()), 'value'), $read,
        ));
    }

    public function test_a_module_sheet_without_a_part_is_passed_by(): void
    {
        $parts = HandMade::parts(self::ROW);
        $parts['xl/workbook.xml'] = str_replace(
            '</sheets>',
            '<sheet name="Module1" sheetId="2" r:id=""/></sheets>',
            $parts['xl/workbook.xml'],
        );
        $this->assertCount(1, $this->opened($parts)->sheets);
    }

    public function test_folders_parted_by_backslashes_are_folders(): void
    {
        $parts = HandMade::parts(self::ROW);
        $odd = array_combine(array_map(fn (string $name) => str_replace('/', '\\', $name), array_keys($parts)), $parts);
        $this->assertSame(1, $this->opened($odd)->sheet(1)->cells->rows());
    }

    public function test_a_template_of_the_open_document_format_is_told(): void
    {
        $path = HandMade::package(['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet-template']);
        $this->assertSame(FileKind::Ods, FileKind::of($path, 'a.ots'));
        unlink($path);
    }

    public function test_a_package_without_styles_gets_them_under_the_usual_name(): void
    {
        $parts = HandMade::parts(self::ROW);
        unset($parts['xl/styles.xml']);
        $parts['[Content_Types].xml'] = (string) preg_replace(
            '~<Override PartName="/xl/styles.xml"[^>]*>~',
            '',
            $parts['[Content_Types].xml'],
        );
        $parts['xl/_rels/workbook.xml.rels'] = (string) preg_replace(
            '~<Relationship Id="rId2"[^>]*>~',
            '',
            $parts['xl/_rels/workbook.xml.rels'],
        );
        $path = HandMade::package($parts);
        $workbook = $this->opened($parts);
        $workbook = (new Format(new Targets([1], RangeSet::parse('A1')), Look::of(['bold' => true])))->on($workbook);
        Writers::for('xlsx', source: $path, edited: [])?->write($workbook, "$path.xlsx");
        $stream = fopen("$path.xlsx", 'rb');
        assert($stream !== false);
        $this->assertArrayHasKey('xl/styles.xml', ZipReader::of($stream)->entries);
        fclose($stream);
        array_map(unlink(...), [$path, "$path.xlsx"]);
    }

    public function test_rows_higher_than_the_format_takes_are_written_as_high_as_it_does(): void
    {
        $parts = HandMade::parts('<row r="1" ht="900" customHeight="1"><c r="A1"><v>1</v></c></row>');
        $workbook = $this->opened($parts);
        $path = (string) tempnam(sys_get_temp_dir(), 'high');
        $tall = $workbook->withSheet(1, $workbook->sheet(1)->sized(false, [1 => 900], [1], true));
        Writers::for('xlsx')?->write($tall, $path);
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $this->assertStringContainsString('ht="409.5"', ZipReader::of($stream)->contents('xl/worksheets/sheet1.xml'));
        fclose($stream);
        unlink($path);
    }

    public function test_columns_wider_than_the_format_takes_are_written_as_wide_as_it_does(): void
    {
        $workbook = $this->opened(HandMade::parts(self::ROW));
        $wide = $workbook->withSheet(1, $workbook->sheet(1)->sized(true, [1 => 9_000], [1], true));
        foreach ([null, HandMade::package(HandMade::parts(self::ROW))] as $source) {
            $sheet = $this->sheetXml($wide, $source);
            $this->assertMatchesRegularExpression('~<col [^>]*width="255"~', $sheet);
            $source === null || unlink($source);
        }
    }

    /** Identifiers of number formats: 18.8.30 of ISO/IEC 29500-1. A file may say a built-in code under a number of its own. */
    public function test_a_number_format_never_gets_an_identifier_that_is_taken(): void
    {
        $parts = HandMade::parts(self::ROW);
        $parts['xl/styles.xml'] = (string) preg_replace(
            ['~<numFmts.*?</numFmts>~s', '~(<styleSheet[^>]*>)~'],
            [
                '',
                '$1<numFmts count="2"><numFmt numFmtId="164" formatCode="0.00"/><numFmt numFmtId="2" formatCode="0.000&quot; '
                .'kg&quot;"/></numFmts>',
            ],
            $parts['xl/styles.xml'],
        );
        $source = HandMade::package($parts);
        $workbook = $this->opened($parts);
        foreach (['A1' => '0.0 "m"', 'A2' => '0.00', 'A3' => '0.000" kg"'] as $place => $code) {
            $workbook = (new Format(new Targets([1], RangeSet::parse($place)), Look::of(['number' => $code])))->on($workbook);
        }
        $path = "$source.out";
        Writers::for('xlsx', source: $source, edited: [])?->write($workbook, $path);
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $styles = ZipReader::of($stream)->contents('xl/styles.xml');
        preg_match_all('~<numFmt numFmtId="(\d+)" formatCode="([^"]*)"~', $styles, $found);
        $this->assertSame(array_unique($found[1]), $found[1]);
        $back = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, 'a.xlsx');
        foreach (['0.0 "m"', '0.00', '0.000" kg"'] as $index => $code) {
            $this->assertSame($code, $back->looks->look($back->sheet(1)->file->at($index + 1, 1))->text(Attribute::Number));
        }
        fclose($stream);
        array_map(unlink(...), [$source, $path]);
    }

    public function test_texts_that_a_format_shows_otherwise_and_characters_that_xml_lacks_are_written_as_html(): void
    {
        $workbook = $this->opened(
            HandMade::parts(
                '<row r="1"><c r="A1" t="inlineStr"><is><t>two&#10;lines, "said"</t></is></c><c r="B1" t="inlineStr"><is><t>odd _x0007_ '
                .'bell</t></is></c></row>',
            ),
        );
        $workbook = (new Format(new Targets([1], RangeSet::parse('A1')), Look::of(['number' => '0;-0;0;"note: "@'])))->on($workbook);
        $path = (string) tempnam(sys_get_temp_dir(), 'html');
        $writer = Writers::for('html');
        $writer?->write($workbook, $path);
        $this->assertTrue($writer?->prove($workbook, $path)->holds());
        $this->assertStringContainsString('note: two', (string) file_get_contents($path));
        unlink($path);
    }

    /** The 1904 date system (18.17.4.1): its last day is 9999-12-31 as well, 1,462 days earlier. */
    public function test_dates_of_the_other_date_system_fit_and_leave_as_ods(): void
    {
        $parts = HandMade::parts(
            '<row r="1"><c r="A1" t="inlineStr"><is><t>Paid</t></is></c></row><row r="2"><c r="A2"><v>44000</v></c></row><row r="3"><c '
            .'r="A3"><v>2957003</v></c></row><row r="4"><c r="A4"><v>2957500</v></c></row><row r="5"><c r="A5" '
            .'t="d"><v>2024-06-19T12:00:00</v></c></row>',
        );
        $parts['xl/workbook.xml'] = str_replace('<sheets>', '<workbookPr date1904="1"/><sheets>', $parts['xl/workbook.xml']);
        $workbook = $this->opened($parts);
        $workbook = (new Format(new Targets([1], RangeSet::parse('A2:A4')), Look::of(['number' => 'dddd, d mmmm yyyy'])))->on($workbook);
        foreach ($workbook->sheet(1)->cells->read(5, 5) as $cells) {
            $this->assertSame(44_000.5, $cells[0]->value, 'a date by ISO 8601 is counted as the workbook counts (18.18.11)');
        }
        $widths = (new ColumnFit($workbook->sheet(1), $workbook, Fonts::shipped()))->needs->of([1]);
        $sheet = $workbook->sheet(1)->sized(true, $widths, [1], false);
        $window = (new Painter($sheet, $workbook->looks, Fonts::shipped(), true))->paint(1, Range::of(1, 1, 3, 1));
        $texts = array_map(fn ($cell) => $cell->text, $window->cells);
        $this->assertContains('Wednesday, 19 June 2024', $texts);
        $this->assertContains('Friday, 31 December 9999', $texts);
        $path = (string) tempnam(sys_get_temp_dir(), 'ods');
        $writer = Writers::for('ods');
        $writer?->write($workbook, $path);
        $this->assertTrue($writer?->prove($workbook, $path)->holds());
        unlink($path);
    }

    /** Where a column says how its blank places look, no cell is made for them; where it says otherwise than a row wears, one is. */
    public function test_blank_places_of_a_formatted_column_stay_without_cells(): void
    {
        $parts = HandMade::parts(
            '<row r="1"><c r="A1"><v>1</v></c></row><row r="2" ht="20" customHeight="1"/><row r="9"><c r="C9"><v>4</v></c></row>',
        );
        $source = HandMade::package($parts);
        $workbook = $this->opened($parts);
        $filled = (new Format(new Targets([1], RangeSet::parse('B5:B1048576')), Look::of(['fill' => '#AABBCC'])))->on($workbook);
        $sheet = $this->sheetXml($filled, $source);
        $back = (function () use ($filled, $source) {
            Writers::for('xlsx', source: $source, edited: [])?->write($filled, "$source.out");

            return (new Opening(fn (int $sheet) => new MemoryBlockStore))->open("$source.out", 'a.xlsx');
        })();
        $this->assertLessThan(12, substr_count($sheet, '<c r="B'));
        foreach ([1 => 'none', 2 => 'none', 4 => 'none', 5 => '#AABBCC', 7 => '#AABBCC', 9 => '#AABBCC'] as $row => $fill) {
            $this->assertSame($fill, $back->looks->look($back->sheet(1)->file->at($row, 2))->text(Attribute::Fill, 'none'), "B$row");
        }
        array_map(unlink(...), [$source, "$source.out"]);
    }

    private function sheetXml(Workbook $workbook, ?string $source): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'sheet');
        Writers::for('xlsx', source: $source, edited: [])?->write($workbook, $path);
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $xml = ZipReader::of($stream)->contents('xl/worksheets/sheet1.xml');
        fclose($stream);
        unlink($path);

        return $xml;
    }

    /** @param  array<string, string>  $parts */
    private function opened(array $parts): Workbook
    {
        $path = HandMade::package($parts);
        try {
            return (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, 'a.xlsx');
        } finally {
            unlink($path);
        }
    }
}
