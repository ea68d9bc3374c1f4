<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Work\Sizes;
use Rilvet\Work\Stretches;
use Tests\TestCase;
use ZipArchive;

/**
 * A height is a row's own only where the file says so
 * (ISO/IEC 29500-1 18.3.1.73 customHeight; ISO/IEC 26300 style:use-optimal-row-height).
 */
final class AutomaticRowsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        yield 'xlsx' => ['xlsx'];
        yield 'ods' => ['ods'];
    }

    #[DataProvider('kinds')]
    public function test_a_remembered_height_follows_and_an_own_one_stays(string $kind): void
    {
        $workbook = $this->bringIn("Rows.$kind", $kind === 'xlsx' ? self::xlsx() : self::ods());
        // Row 2 remembers 21 px, row 3 has 21 px of its own, row 4 the usual height as its own (xlsx), row 5 says nothing.
        $this->assertSame([21, 21], [$this->height($workbook, 2), $this->height($workbook, 3)]);
        foreach (['A2', 'A3', 'A4', 'A5'] as $cell) {
            $this->act($workbook, 'format', ['ranges' => $cell, 'look' => ['size' => 30]]);
        }
        $this->assertGreaterThan(45, $this->height($workbook, 2));
        $this->assertSame([21, 20], [$this->height($workbook, 3), $this->height($workbook, 4)]);
        $this->assertSame($this->height($workbook, 2), $this->height($workbook, 5));

        // What is their own goes along when rows are put in above and among them.
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 4, 'count' => 1, 'in' => true]);
        foreach (['A3', 'A5'] as $cell) {
            $this->act($workbook, 'format', ['ranges' => $cell, 'look' => ['size' => 40]]);
        }
        $this->assertSame([21, 20], [$this->height($workbook, 3), $this->height($workbook, 5)]);
        $this->act($workbook, 'format', ['ranges' => 'A2', 'look' => ['size' => 11]]);
        $this->assertSame(20, $this->height($workbook, 2), 'and back');
    }

    public function test_the_file_keeps_who_follows(): void
    {
        $workbook = $this->bringIn('Rows.xlsx', self::xlsx());
        $this->act($workbook, 'format', ['ranges' => 'A2:A3', 'look' => ['size' => 30]]);
        $xml = $this->written($workbook)['xl/worksheets/sheet1.xml'];
        $this->assertMatchesRegularExpression('~<row r="2"(?![^>]*customHeight="1")[^>]*ht="~', $xml);
        $this->assertMatchesRegularExpression('~<row r="3"[^>]*customHeight="1"~', $xml);
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'ods', 'sheet' => 1])
            ->assertCreated()
            ->json('id');
        $zip = new ZipArchive();
        $zip->open(storage_path("app/handovers/$handover.ods"));
        $this->assertStringContainsString('use-optimal-row-height="true"', (string) $zip->getFromName('content.xml'));
        // From the ods into a new xlsx: the remembered height is remembered there too.
        $xml = $this->written($this->bringIn('Rows.ods', self::ods()))['xl/worksheets/sheet1.xml'];
        $this->assertMatchesRegularExpression('~<row r="2"(?![^>]*customHeight="1")[^>]* ht="15.75"~', $xml);
        $this->assertMatchesRegularExpression('~<row r="3"[^>]* ht="15.75" customHeight="1"~', $xml);
        $again = $this->bringIn('Again.ods', (string) file_get_contents(storage_path("app/handovers/$handover.ods")));
        $high = $this->height($again, 2);
        $this->act($again, 'format', ['ranges' => 'A2:A3', 'look' => ['size' => 48]]);
        $this->assertGreaterThan($high, $this->height($again, 2));
        $this->assertSame(21, $this->height($again, 3));
    }

    /** A law: a row keeps its own height until it is sized, however stretches are cut; 300 random rows (seed 7). */
    public function test_stretches_of_own_heights_are_cut_as_row_by_row(): void
    {
        mt_srand(7);
        $own = [];
        for ($row = 1; $row <= 300; $row++) {
            if (mt_rand(0, 3) > 0) {
                $own[$row] = true;
            }
        }
        $sizes = new Sizes(fixedRows: Stretches::of($own));
        for ($step = 0; $step < 40; $step++) {
            $rows = array_map(fn () => mt_rand(1, 300), range(0, mt_rand(0, 9)));
            $sizes = $sizes->sized(false, [], $rows, false);
            $own = array_diff_key($own, array_flip($rows));
            $this->assertSame(Stretches::of($own), $sizes->fixedRows);
        }
        $this->assertSame(array_keys($own), array_values(array_filter(range(1, 300), $sizes->isFixed(...))));
    }

    private static function xlsx(): string
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->fromArray([['Tree'], ['Rowan'], ['Aspen'], ['Birch'], ['Alder'], ['Elm']]);
        $path = (string) tempnam(sys_get_temp_dir(), 'rows');
        $sheet->getRowDimension(2)->setRowHeight(15.75);
        (new Xlsx($book))->save($path);
        $zip = new ZipArchive;
        $zip->open($path);
        $xml = (string) $zip->getFromName('xl/worksheets/sheet1.xml');
        $xml = (string) preg_replace('~<sheetFormatPr[^>]*>~', '<sheetFormatPr defaultRowHeight="15"/>', $xml);
        foreach ([2 => 'ht="15.75"', 3 => 'ht="15.75" customHeight="1"', 4 => 'ht="15" customHeight="1"'] as $row => $says) {
            $xml = (string) preg_replace("~<row r=\"$row\"[^>]*>~", "<row r=\"$row\" $says>", $xml);
        }
        $zip->addFromString('xl/worksheets/sheet1.xml', $xml);
        $zip->close();

        return (string) file_get_contents($path);
    }

    private static function ods(): string
    {
        $rows = ['Tree' => 'auto', 'Rowan' => 'kept', 'Aspen' => 'own', 'Birch' => 'usual', 'Alder' => 'auto', 'Elm' => 'auto'];
        $style = fn (
            string $name,
            string $height,
            string $optimal,
        ) => "<style:style style:name=\"$name\" style:family=\"table-row\"><style:table-row-properties style:row-height=\"$height\" "
            ."style:use-optimal-row-height=\"$optimal\"/></style:style>";
        $content =
            '<?xml version="1.0" encoding="UTF-8"?><office:document-content '
            .'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
            .'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" '
            .'xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" office:version="1.2"><office:automatic-styles>'.
            $style('auto', '15pt', 'true').
            $style('kept', '15.75pt', 'true').
            $style('own', '15.75pt', 'false').
            $style('usual', '15pt', 'false').
            '</office:automatic-styles><office:body><office:spreadsheet><table:table table:name="S">';
        foreach ($rows as $text => $name) {
            $content .= "<table:table-row table:style-name=\"$name\"><table:table-cell "
                ."office:value-type=\"string\"><text:p>$text</text:p></table:table-cell></table:table-row>";
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'rows');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('mimetype', 'application/vnd.oasis.opendocument.spreadsheet');
        $zip->addFromString(
            'META-INF/manifest.xml',
            '<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"><manifest:file-entry '
            .'manifest:full-path="/" manifest:media-type="application/vnd.oasis.opendocument.spreadsheet"/><manifest:file-entry '
            .'manifest:full-path="content.xml" manifest:media-type="text/xml"/></manifest:manifest>',
        );
        $zip->addFromString('content.xml', "$content</table:table></office:spreadsheet></office:body></office:document-content>");
        $zip->close();

        return (string) file_get_contents($path);
    }

    private function height(Workbook $workbook, int $row): int
    {
        $sheet = $this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->assertOk()->json();
        foreach ($sheet['heights'] as [$first, $last, $px]) {
            if ($row >= $first && $row <= $last) {
                return $px;
            }
        }

        return $sheet['height'];
    }
}
