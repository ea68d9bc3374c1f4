<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\FileKind;
use App\Files\Opening;
use App\Files\Writing\Writers;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Package\ZipReader;
use Rilvet\Work\Workbook;
use Tests\HandMade;
use Tests\TestCase;

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

    public function test_a_module_sheet_without_a_part_is_passed_by(): void
    {
        $parts = HandMade::parts(self::ROW);
        $parts['xl/workbook.xml'] = str_replace('</sheets>', '<sheet name="Module1" sheetId="2" r:id=""/></sheets>', $parts['xl/workbook.xml']);
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
        $parts['[Content_Types].xml'] = (string) preg_replace('~<Override PartName="/xl/styles.xml"[^>]*>~', '', $parts['[Content_Types].xml']);
        $parts['xl/_rels/workbook.xml.rels'] = (string) preg_replace('~<Relationship Id="rId2"[^>]*>~', '', $parts['xl/_rels/workbook.xml.rels']);
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
