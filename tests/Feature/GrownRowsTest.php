<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Http\UploadedFile;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Tests\AtWork;
use Tests\TestCase;
use ZipArchive;

/**
 * Rows of which their file says no height, as tables of words and files of libraries do, are as high as what they hold wants: a row
 * has a height of its own only where it says so (ISO/IEC 29500-1 18.3.1.73). The file goes on saying nothing of them.
 */
final class GrownRowsTest extends TestCase
{
    /** Lines of 11 pt Carlito are 18 px high; 4 px of air go with them. */
    private const THREE = 3 * 18 + 4;

    private const NOTES = "Bed,Note\nNorth,\"wet in March,\nbehind the wall,\nby the ford\"\nSouth,dry\nEast,\"late\nfrost\"\n";

    public function test_a_table_of_words_is_seen_whole_and_handed_over_so(): void
    {
        $workbook = $this->bringIn('notes.csv', self::NOTES);
        $this->assertSame([20, self::THREE, 20, 40], $this->heights($workbook, 1, 2, 3, 4));
        $this->assertSame(0, $this->get($this->url("workbooks/$workbook->id/sheets/1/cut"))->assertOk()->json('count'));
        $parts = $this->written($workbook);
        $this->assertMatchesRegularExpression('~<row r="2" ht="43.5">~', $parts['xl/worksheets/sheet1.xml']);
        $this->assertStringNotContainsString('customHeight', $parts['xl/worksheets/sheet1.xml'], 'they go on following what they hold');
        // What is typed says how high it is from then on; taken back, it is as before.
        $this->act($workbook, 'edit', ['cells' => [[2, 2, 'dry']]]);
        $this->assertSame([20, 40], $this->heights($workbook, 2, 4));
        $this->undo($workbook);
        $this->assertSame([self::THREE, 40], $this->heights($workbook, 2, 4));
    }

    public function test_heights_go_along_with_rows_and_follow_columns(): void
    {
        $workbook = $this->bringIn('notes.csv', self::NOTES);
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 2, 'count' => 1, 'in' => true]);
        $this->assertSame([20, self::THREE, 20, 40], $this->heights($workbook, 2, 3, 4, 5));
        $this->undo($workbook);
        $this->act($workbook, 'sort', ['row' => 2, 'column' => 1, 'keys' => [[1, false]]]);
        $this->assertSame([40, self::THREE, 20], $this->heights($workbook, 2, 3, 4));
        $this->undo($workbook);
        $this->act($workbook, 'format', ['ranges' => 'B4', 'look' => ['wrap' => true]]);
        $this->act($workbook, 'resize', ['axis' => 'columns', 'spans' => [[2, 2]], 'size' => '30']);
        $this->assertSame(self::THREE, $this->heights($workbook, 2)[0], 'what does not wrap is as high as before');
        $this->act($workbook, 'hide', ['axis' => 'rows', 'spans' => [[2, 2]]]);
        $this->assertSame(0, $this->heights($workbook, 2)[0]);
    }

    public function test_a_file_that_says_nothing_is_seen_as_it_opens_elsewhere_and_says_no_more_afterwards(): void
    {
        $bytes = self::library();
        $workbook = $this->bringIn('Library.xlsx', $bytes);
        [$title, $wrapped, $usual, $said, $merged, $turned] = $this->heights($workbook, 1, 2, 3, 4, 5, 6);
        $this->assertGreaterThan(24 * 96 / 72, $title, 'as high as its type');
        $this->assertSame(self::THREE, $wrapped);
        $this->assertSame(20, $usual);
        $this->assertSame(20, $said, 'the file says that it has the usual height');
        $this->assertSame(20, $merged, 'merged cells make no row higher (common practice)');
        $this->assertGreaterThan(60, $turned);
        $this->act($workbook, 'format', ['ranges' => 'A3', 'look' => ['bold' => true]]);
        $rows = fn (string $xml) => preg_match_all('~<row r="([124567])".*?</row>~s', $xml, $found) > 0 ? $found[0] : [];
        $path = (string) tempnam(sys_get_temp_dir(), 'grown');
        file_put_contents($path, $bytes);
        $came = AtWork::parts($path)['xl/worksheets/sheet1.xml'];
        $goes = $this->written($workbook->refresh())['xl/worksheets/sheet1.xml'];
        unlink($path);
        $this->assertNotSame($came, $goes);
        $this->assertSame($rows($came), $rows($goes), 'no byte of a row that nobody touched');
        // A narrower column breaks more lines, a wider one fewer.
        $this->act($workbook, 'resize', ['axis' => 'columns', 'spans' => [[2, 2]], 'size' => '60']);
        $this->assertGreaterThan(self::THREE, $this->heights($workbook, 2)[0]);
        $this->act($workbook, 'resize', ['axis' => 'columns', 'spans' => [[2, 2]], 'size' => '400']);
        $this->assertSame(20, $this->heights($workbook, 2)[0]);
    }

    public function test_a_stylebook_says_heights_and_taken_off_they_are_as_before(): void
    {
        $workbook = $this->bringIn('notes.csv', self::NOTES);
        $before = $this->heights($workbook, 1, 2, 3, 4);
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        $dressed = $this->heights($workbook, 1, 2, 3, 4);
        $this->assertGreaterThanOrEqual(3 * 18, $dressed[1]);
        $this->assertGreaterThan($dressed[2], $dressed[3]);
        $this->act($workbook, 'dress', ['stylebook' => null, 'clean' => false]);
        $this->assertSame($before, $this->heights($workbook, 1, 2, 3, 4));
        // What was typed meanwhile counts.
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        $this->act($workbook, 'edit', ['cells' => [[2, 2, 'dry']]]);
        $this->act($workbook, 'dress', ['stylebook' => null, 'clean' => false]);
        $this->assertSame([20, 20, 40], $this->heights($workbook, 2, 3, 4));
    }

    public function test_a_row_that_is_hidden_meanwhile_is_as_high_as_before_when_it_is_shown(): void
    {
        $workbook = $this->bringIn('notes.csv', self::NOTES);
        foreach ([false, true] as $shown) {
            $this->act($workbook, 'hide', ['axis' => 'rows', 'spans' => [[2, 2]], 'show' => $shown]);
            $this->act($workbook, 'resize', ['axis' => 'columns', 'spans' => [[1, 1]], 'size' => $shown ? '80' : '90']);
        }
        $this->assertSame([self::THREE, 40], $this->heights($workbook, 2, 4));
    }

    public function test_the_usual_height_that_a_row_is_given_by_hand_is_said_in_its_file(): void
    {
        $workbook = $this->bringIn('Library.xlsx', self::library());
        $this->act($workbook, 'resize', ['axis' => 'rows', 'spans' => [[2, 2]], 'size' => '20']);
        $this->assertSame([20], $this->heights($workbook, 2));
        $rows = $this->written($workbook->refresh())['xl/worksheets/sheet1.xml'];
        $this->assertMatchesRegularExpression('~<row r="2"[^>]* ht="15" customHeight="1"~', $rows);
        $this->assertDoesNotMatchRegularExpression('~<row r="[367]"[^>]* ht=~', $rows);
    }

    public function test_newer_data_says_heights_anew(): void
    {
        $workbook = $this->bringIn('notes.csv', self::NOTES);
        $newer = "Bed,Note\nNorth,dry\nSouth,\"wet\nand late\nand cold\"\nEast,\"late\nfrost\"\n";
        $import = $this->post($this->url('imports'), ['dataFor' => $workbook->id,
            'file' => UploadedFile::fake()->createWithContent('newer.csv', $newer)])->assertCreated()->json();
        $from = (int) Import::query()->findOrFail($import['id'])->workbook_id;
        $this->act($workbook, 'bringAnew', ['row' => 1, 'column' => 1, 'from' => $from]);
        $this->assertSame([20, self::THREE, 40], $this->heights($workbook, 2, 3, 4));
        $this->undo($workbook);
        $this->assertSame([self::THREE, 20, 40], $this->heights($workbook, 2, 3, 4));
    }

    public function test_where_the_usual_height_is_said_to_be_kept_no_row_grows(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'grown');
        file_put_contents($path, self::library());
        $zip = new ZipArchive;
        $zip->open($path);
        $xml = (string) $zip->getFromName('xl/worksheets/sheet1.xml');
        $zip->addFromString('xl/worksheets/sheet1.xml',
            (string) preg_replace('~<sheetFormatPr[^>]*>~', '<sheetFormatPr defaultRowHeight="15" customHeight="1"/>', $xml));
        $zip->close();
        $workbook = $this->bringIn('Kept.xlsx', (string) file_get_contents($path));
        unlink($path);
        $this->assertSame([20, 20, 20, 20], $this->heights($workbook, 1, 2, 3, 6));
        $this->act($workbook, 'edit', ['cells' => [[3, 2, "wet\nand late"]]]);
        $this->assertSame([20], $this->heights($workbook, 3), 'nor does it by what is typed');
    }

    /** Only the first rows are looked at, however many there are. */
    public function test_what_is_far_below_keeps_the_usual_height(): void
    {
        $rows = implode('', array_map(fn (int $row) => "Bed $row,".($row % 500 === 0 ? "\"wet\nand late\"" : 'dry')."\n", range(2, 2_600)));
        $workbook = $this->bringIn('long.csv', "Bed,Note\n$rows");
        $this->assertSame([40, 40, 20, 20], $this->heights($workbook, 500, 2_000, 2_001, 2_500));
    }

    /** A workbook of a library, of which no row but one says a height. */
    private static function library(): string
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->fromArray([
            ['Beds of the north wall', null],
            ['North', 'wet in March, behind the wall, by the ford'],
            ['South', 'dry'],
            ['East', "late\nfrost"],
            ['A note that is merged over both columns and too long for one line of them', null],
            ['West', 'turned text'],
            ['Rim', 'dry'],
        ]);
        $sheet->getStyle('A1')->getFont()->setSize(24);
        foreach (['B2', 'B4', 'A5'] as $cell) {
            $sheet->getStyle($cell)->getAlignment()->setWrapText(true);
        }
        $sheet->mergeCells('A5:B5');
        $sheet->getStyle('B6')->getAlignment()->setTextRotation(90);
        $sheet->getColumnDimension('B')->setWidth(16);
        $sheet->getDefaultRowDimension()->setRowHeight(-1);
        $path = (string) tempnam(sys_get_temp_dir(), 'grown');
        (new Xlsx($book))->save($path);
        $zip = new ZipArchive;
        $zip->open($path);
        $xml = (string) $zip->getFromName('xl/worksheets/sheet1.xml');
        $xml = (string) preg_replace('~<sheetFormatPr[^>]*>~', '<sheetFormatPr defaultRowHeight="15"/>', $xml);
        $xml = (string) preg_replace('~<row r="4"~', '<row r="4" ht="15"', $xml);
        $zip->addFromString('xl/worksheets/sheet1.xml', $xml);
        $zip->close();
        $bytes = (string) file_get_contents($path);
        self::assertSame(-1.0, IOFactory::load($path)->getActiveSheet()->getRowDimension(2)->getRowHeight(), 'the library reads none');
        unlink($path);

        return $bytes;
    }

    /** @return list<int> px */
    private function heights(Workbook $workbook, int ...$rows): array
    {
        $sheet = $this->get($this->url("workbooks/$workbook->id/sheets/1"))->assertOk()->json();
        $height = function (int $row) use ($sheet): int {
            foreach ($sheet['heights'] as [$first, $last, $px]) {
                if ($row >= $first && $row <= $last) {
                    return $px;
                }
            }

            return $sheet['height'];
        };

        return array_map($height, array_values($rows));
    }
}
