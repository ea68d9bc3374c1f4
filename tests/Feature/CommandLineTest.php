<?php

declare(strict_types=1);

namespace Tests\Feature;

use Opis\JsonSchema\Validator;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\TestCase;

/** The command line as its contract says: JSON shapes, exit codes, one line of error. */
final class CommandLineTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/rilvet-line-'.getmypid();
        @mkdir("$this->folder/a", 0755, true);
        @mkdir("$this->folder/b", 0755, true);
        file_put_contents("$this->folder/a/list.csv", "Tree,Count,Worth\nRowan,3,£10.00\nAspen,4,£12.50\nHazel,5,£7.25\nAll,12,£29.75\n");
        file_put_contents("$this->folder/b/list.csv", "Tree;Count\nRowan;3\n");
        file_put_contents("$this->folder/broken.xlsx", 'no zip');
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_read_gives_the_contract(): void
    {
        [$code, $out] = $this->run_(['read', 'a/list.csv', '--json']);
        self::assertSame(0, $code);
        $parts = ['title', 'units', 'column_group', 'heading', 'row_label', 'body', 'row_group', 'subtotal', 'total', 'note'];
        $kinds = [
            'text',
            'longtext',
            'code',
            'category',
            'integer',
            'decimal',
            'amount',
            'percent',
            'date',
            'time',
            'datetime',
            'duration',
            'boolean',
            'empty',
        ];
        $object = fn (array $properties) => [
            'type' => 'object',
            'required' => array_keys($properties),
            'additionalProperties' => false,
            'properties' => $properties,
        ];
        $share = ['type' => 'number', 'minimum' => 0, 'maximum' => 1];
        $range = ['type' => 'string', 'pattern' => '^[A-Z]+[0-9]+(:[A-Z]+[0-9]+)?$'];
        $list = fn (array $items) => ['type' => 'array', 'items' => $items];
        $schema = $object([
            'file' => ['type' => 'string'],
            'sheets' => $list(
                $object([
                    'name' => ['type' => 'string'],
                    'rows' => ['type' => 'integer'],
                    'columns' => ['type' => 'integer'],
                    'tables' => $list(
                        $object([
                            'range' => $range,
                            'confidence' => $share,
                            'parts' => $list(
                                $object([
                                    'part' => ['enum' => $parts],
                                    'range' => $range,
                                    'confidence' => $share,
                                    'why' => ['type' => 'string', 'minLength' => 1],
                                ]),
                            ),
                            'columns' => $list(
                                $object([
                                    'column' => ['type' => 'string', 'pattern' => '^[A-Z]+$'],
                                    'heading' => ['type' => ['string', 'null']],
                                    'kind' => ['enum' => $kinds],
                                    'confidence' => $share,
                                ]),
                            ),
                        ]),
                    ),
                ]),
            ),
        ]);
        $result = (new Validator())->validate(json_decode($out), (string) json_encode($schema));
        self::assertTrue($result->isValid(), (string) json_encode($result->error()?->args()));
        self::assertStringContainsString('"why":"the figures are the sums of rows 2 to 4"', $out);
    }

    public function test_dress_proves_what_it_wrote(): void
    {
        [$code, $out] = $this->run_(['dress', 'a/list.csv', '--out', 'x.xlsx', '--stylebook', 'Long list', '--json']);
        self::assertSame(0, $code);
        $record = json_decode($out, true)[0];
        self::assertSame(['input', 'output', 'cells_compared', 'values_changed', 'formulas_changed', 'seconds'], array_keys($record));
        self::assertSame([15, 0, 0], [$record['cells_compared'], $record['values_changed'], $record['formulas_changed']]);
        self::assertFileExists("$this->folder/x.xlsx");
    }

    public function test_one_sheet_is_read_alone_and_without_json_in_sentences(): void
    {
        $this->book();
        [$code, $out] = $this->run_(['read', 'book.xlsx', '--json']);
        self::assertSame([0, ['Trees', 'Shrubs']], [$code, array_column(json_decode($out, true)['sheets'], 'name')]);
        [$code, $out] = $this->run_(['read', 'book.xlsx', '--sheet', 'Shrubs', '--json']);
        self::assertSame([0, ['Shrubs']], [$code, array_column(json_decode($out, true)['sheets'], 'name')]);
        [$code, $out] = $this->run_(['read', 'book.xlsx', '--sheet', 'Shrubs']);
        self::assertSame(0, $code);
        self::assertStringContainsString('Shrubs', $out);
        self::assertStringNotContainsString('Trees', $out);
        self::assertNull(json_decode($out));
    }

    public function test_what_came_with_a_file_stays_under_a_stylebook_or_is_dropped(): void
    {
        $this->book();
        $isItalic = function (string ...$more): bool {
            self::assertSame(0, $this->run_(['dress', 'book.xlsx', '--out', 'z.html', ...$more])[0]);

            return str_contains((string) file_get_contents("$this->folder/z.html"), 'italic');
        };
        self::assertTrue($isItalic());
        self::assertFalse($isItalic('--start-clean'));
    }

    public function test_a_sheet_of_which_the_reading_is_not_sure_is_left_as_it_came(): void
    {
        $this->book();
        $plain = fn () => str_contains((string) file_get_contents("$this->folder/z.html"), 'italic');
        [$code, $out, $errors] = $this->run_(['dress', 'book.xlsx', '--out', 'z.html', '--start-clean', '--sure', '100', '--json']);
        self::assertSame(4, $code);
        [$record] = json_decode($out, true);
        self::assertSame(['Trees', 'Shrubs'], array_column($record['left'], 'sheet'));
        self::assertSame(['A1:B3', 'A1:B3'], array_column($record['left'], 'table'));
        self::assertLessThan(1, $record['left'][0]['confidence']);
        $words = '~^rilvet: book\.xlsx: the sheet "Trees" is left as it came: its table at A1:B3 is read at \d+ %, below 100 %\n~';
        self::assertMatchesRegularExpression($words, $errors);
        self::assertTrue($plain(), 'nothing of what came is dropped');
        [$code, $out, $errors] = $this->run_(['dress', 'book.xlsx', '--out', 'z.html', '--start-clean', '--sure', '50%', '--json']);
        self::assertSame([0, '', []], [$code, $errors, json_decode($out, true)[0]['left']]);
        self::assertFalse($plain());
        foreach (['101', '-1', 'much', ''] as $wrong) {
            [$code, , $errors] = $this->run_(['dress', 'book.xlsx', '--out', 'z.html', "--sure=$wrong"]);
            self::assertSame(2, $code, $wrong);
            self::assertStringContainsString('--sure is a confidence', $errors);
        }
    }

    public function test_of_an_empty_sheet_there_is_no_doubt_and_of_a_letter_there_is(): void
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->setTitle('Trees')->fromArray([['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4]]);
        $book->createSheet()->setTitle('Empty');
        (new Xlsx($book))->save("$this->folder/two.xlsx");
        [$code, , $errors] = $this->run_(['dress', 'two.xlsx', '--out', 'z.xlsx', '--sure', '80']);
        self::assertSame([0, ''], [$code, $errors], 'of nothing there is no doubt');
        $book->createSheet()->setTitle('Letter')->fromArray([
            ['Dear members,'], ['the nursery opens in March.'], ['Bring your own gloves.'], ['Tea is made at four.'],
        ]);
        (new Xlsx($book))->save("$this->folder/three.xlsx");
        [$code, , $errors] = $this->run_(['dress', 'three.xlsx', '--out', 'z.xlsx', '--sure', '80']);
        self::assertSame(4, $code);
        self::assertStringContainsString('the sheet "Letter" is left as it came', $errors);
    }

    public function test_without_json_each_file_and_each_stylebook_is_a_line(): void
    {
        [$code, $out] = $this->run_(['dress', 'a/list.csv', '--out', 'x.ods']);
        self::assertSame(0, $code);
        $line = '~^a/list\.csv -> x\.ods: 15 cells compared, 0 values and 0 formulas changed, [\d.]+ s\n$~';
        self::assertMatchesRegularExpression($line, $out);
        [$code, $out] = $this->run_(['stylebooks']);
        self::assertSame(0, $code);
        self::assertGreaterThanOrEqual(3, substr_count($out, "\n"));
        self::assertStringContainsString('River ledger', $out);
    }

    /** A workbook of two sheets with an italic cell, written by a general-purpose library. */
    private function book(): void
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->setTitle('Trees')->fromArray([['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4]]);
        $book->getActiveSheet()->getStyle('A2')->getFont()->setItalic(true);
        $book->createSheet()->setTitle('Shrubs')->fromArray([['Shrub', 'Count'], ['Dogwood', 5], ['Spindle', 6]]);
        (new Xlsx($book))->save("$this->folder/book.xlsx");
    }

    public function test_some_failed_is_1_and_the_others_are_done(): void
    {
        [$code, , $errors] = $this->run_(['dress', 'a/list.csv', 'broken.xlsx', 'b/list.csv', '--out', 'out']);
        self::assertSame(1, $code);
        self::assertSame(1, substr_count($errors, "\n"));
        self::assertStringContainsString('broken.xlsx', $errors);
        self::assertFileExists("$this->folder/out/list.xlsx");
        self::assertFileExists("$this->folder/out/list 2.xlsx", 'two files of one name');
    }

    public function test_the_same_workbook_gives_the_same_bytes(): void
    {
        $this->run_(['dress', 'a/list.csv', '--out', 'x.xlsx']);
        $this->run_(['dress', 'a/list.csv', '--out', 'y.xlsx']);
        self::assertFileEquals("$this->folder/x.xlsx", "$this->folder/y.xlsx");
    }

    public function test_a_stylebook_can_come_from_a_file(): void
    {
        [, $out] = $this->run_(['stylebooks', '--json']);
        $stylebook = json_decode($out, true)[1];
        $stylebook['name'] = 'Mine';
        file_put_contents("$this->folder/mine.json", json_encode($stylebook));
        self::assertSame(0, $this->run_(['dress', 'a/list.csv', '--out', 'x.html', '--stylebook', 'mine.json'])[0]);
        self::assertStringContainsString('Tinos', (string) file_get_contents("$this->folder/x.html"));
    }

    public function test_stylebooks_are_checked_and_compared(): void
    {
        [, $out] = $this->run_(['stylebooks', '--json']);
        $stylebook = json_decode($out, true)[0];
        $stylebook['parts']['heading']['fill'] = '#224466';
        file_put_contents("$this->folder/mine.json", json_encode($stylebook));
        [$code, $out] = $this->run_(['stylebooks', 'compare', 'River ledger', 'mine.json']);
        self::assertSame([0, "Column headings, fill: #224466, was @band\n1 rule differs.\n"], [$code, $out]);
        self::assertSame("They say the same.\n", $this->run_(['stylebooks', 'compare', 'mine.json', 'mine.json'])[1]);
        [, $out] = $this->run_(['stylebooks', 'compare', 'mine.json', 'River ledger', '--json']);
        self::assertSame('parts.heading.fill', json_decode($out, true)[0]['where']);

        $stylebook['parts']['footer'] = ['bold' => true];
        file_put_contents("$this->folder/wrong.json", json_encode($stylebook));
        [$code, $out] = $this->run_(['stylebooks', 'check', 'mine.json', 'wrong.json', 'Plain rule']);
        self::assertSame(1, $code);
        self::assertStringContainsString("mine.json: River ledger, all of its rules can be followed\n", $out);
        self::assertStringContainsString('wrong.json: The stylebook is wrong at "parts.footer": no such part.', $out);
        self::assertStringContainsString('Plain rule: Plain rule', $out);
        [$code, $out] = $this->run_(['stylebooks', 'check', 'mine.json', '--json']);
        self::assertSame([0, null], [$code, json_decode($out, true)[0]['wrong']]);
        file_put_contents("$this->folder/huge.json", '{"name":"'.str_repeat('x', 1_000_001).'"}');
        file_put_contents("$this->folder/nested.json", str_repeat('{"parts":', 40).'1'.str_repeat('}', 40));
        [$code, $out] = $this->run_(['stylebooks', 'check', 'huge.json', 'nested.json', 'nowhere.json']);
        self::assertSame([1, 3], [$code, substr_count($out, "\n")]);
    }

    public function test_a_stylebook_is_learned_from_a_file_that_is_dressed(): void
    {
        $this->run_(['dress', 'a/list.csv', '--out', 'dressed.xlsx', '--stylebook', 'Long list']);
        [$code, $out] = $this->run_(['learn', 'dressed.xlsx', '--out', 'own.json', '--name', 'Our own']);
        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('~^parts\.heading\.bold +yes +\d+ of \d+ cells on 1 sheet$~m', $out);
        self::assertMatchesRegularExpression('~own\.json: \d+ rules learned from 1 sheet\n$~', $out);
        self::assertStringContainsString('Our own, all of its rules can be followed', $this->run_(['stylebooks', 'check', 'own.json'])[1]);
        self::assertSame(0, $this->run_(['dress', 'b/list.csv', '--out', 'other.xlsx', '--stylebook', 'own.json'])[0]);
        [$code, $out] = $this->run_(['learn', 'dressed.xlsx', '--out', 'own.json', '--json']);
        self::assertSame([0, 'ground.font'], [$code, json_decode($out, true)[0]['where']]);
        [$code, , $errors] = $this->run_(['learn', 'a/list.csv', '--out', 'none.json']);
        self::assertSame(1, $code);
        self::assertStringContainsString('There is nothing to learn from in this workbook', $errors);
        self::assertFileDoesNotExist("$this->folder/none.json");
    }

    public function test_wrong_usage_is_2_with_one_line(): void
    {
        foreach (
            [
                ['dress'],
                ['dress', 'a/list.csv'],
                ['dress', 'a/list.csv', '--out', 'x.zip'],
                ['dress', 'a/list.csv', '--out', 'nowhere/x.csv'],
                ['dress', 'a/list.csv', '--out', 'x.csv', '--stylebook', 'None such'],
                ['fly'],
                ['stylebooks', 'fly'],
                ['learn', 'a/list.csv'],
                ['learn', 'a/list.csv', '--out', 'x.xlsx'],
                ['learn', 'a/list.csv', '--out', 'nowhere/x.json'],
                ['stylebooks', 'check'],
                ['check'],
                ['check', 'a/list.csv', '--severity', 'dire'],
                ['check', 'a/list.csv', '--only', 'spelling'],
                ['stylebooks', 'compare', 'River ledger'],
                ['stylebooks', 'list', 'x.json'],
                ['read'],
                ['read', 'a/list.csv', '--bogus'],
                ['dress', 'a/list.csv', '--out', 'a/list.csv'],
            ] as $arguments
        ) {
            [$code, , $errors] = $this->run_($arguments);
            self::assertSame(2, $code, implode(' ', $arguments));
            self::assertSame(1, substr_count($errors, "\n"), $errors);
        }
    }

    public function test_a_bad_file_is_1_and_named(): void
    {
        foreach ([['read', 'broken.xlsx'], ['read', 'nowhere.csv'], ['read', 'a/list.csv', '--sheet', 'None']] as $arguments) {
            [$code, , $errors] = $this->run_($arguments);
            self::assertSame(1, $code);
            self::assertStringContainsString($arguments[1], $errors);
        }
    }

    /** A workbook with conditional formats of every kind. */
    private function kinds(): void
    {
        $script = escapeshellarg(dirname(__DIR__).'/Core/write-conditions.py');
        exec("/usr/bin/python3 $script ".escapeshellarg("$this->folder/kinds.xlsx"), $_, $code);
        self::assertSame(0, $code);
    }

    public function test_looks_say_what_each_cell_shows_and_why(): void
    {
        $this->kinds();
        [$code, $out] = $this->run_(['looks', 'kinds.xlsx', '--sheet', 'Kinds', '--range', 'B2:I2', '--json', '--today', '2026-11-27']);
        self::assertSame(0, $code);
        $read = json_decode($out, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('Kinds', $read['sheet']);
        $cells = array_column($read['cells'], null, 'at');
        self::assertSame(['-5', true, '#9B2335', 'conditional look 3'], [$cells['B2']['text'], $cells['B2']['look']['bold'],
            $cells['B2']['look']['ink'],
            $cells['B2']['from']['ink']]);
        self::assertSame('came with the file', $cells['B2']['from']['font']);
        self::assertSame([0.2, 'down'], [$cells['H2']['bar'], $cells['I2']['mark']]);
        [$code, $out] = $this->run_(['looks', 'kinds.xlsx', '--json', '--range', 'A1:B2']);
        self::assertSame(['Kinds', 'Limits'], array_column(json_decode($out, true, flags: JSON_THROW_ON_ERROR), 'sheet'));
        // Last month is another one on another day.
        $fills = function (string $day): int {
            [, $out] = $this->run_(['looks', 'kinds.xlsx', '--sheet', 'Kinds', '--range', 'D2:D25', '--json', '--today', $day]);

            return substr_count($out, '"fill":"#');
        };
        self::assertSame([0, 10], [$fills('2026-11-27'), $fills('2027-01-03')]);
        [$code, $out] = $this->run_(['looks', 'a/list.csv', '--range', 'B2']);
        self::assertSame([0, true], [$code, str_contains($out, 'B2  3')]);
        foreach ([['--sheet', 'Gone'], ['--range', 'A0'], ['--today', 'soon']] as $wrong) {
            [$code, , $error] = $this->run_(['looks', 'kinds.xlsx', ...$wrong]);
            self::assertSame([$wrong[0] === '--sheet' ? 1 : 2, 1], [$code, substr_count($error, "\n")]);
        }
    }

    public function test_guard_locks_formulas_opens_entries_and_protects(): void
    {
        exec('/usr/bin/python3 '.escapeshellarg(dirname(__DIR__).'/Core/write-entries.py').' '.escapeshellarg("$this->folder/form.xlsx"));
        (new \PhpOffice\PhpSpreadsheet\Writer\Xlsx((new \App\Demo\OrderForm)->book()))->save("$this->folder/order.xlsx");
        [$code, $out] = $this->run_(['guard', 'order.xlsx', '--out', 'guarded.xlsx', '--mark', '--protect', '--roles', '--legend']);
        self::assertSame(0, $code);
        self::assertStringContainsString('28 choice cells, 53 formula cells, protected', $out);
        $book = \PhpOffice\PhpSpreadsheet\IOFactory::load("$this->folder/guarded.xlsx");
        self::assertSame(['Order', 'Prices', 'Price steps', 'Lists', 'Looks'], $book->getSheetNames());
        self::assertTrue($book->getSheet(0)->getProtection()->getSheet());
        self::assertSame('unprotected', $book->getSheet(0)->getStyle('D9')->getProtection()->getLocked());
        self::assertNotSame('unprotected', $book->getSheet(0)->getStyle('G9')->getProtection()->getLocked());
        self::assertSame('hidden', $book->getSheetByName('Lists')?->getSheetState());
        // What somebody protected is left as it is, and dressing leaves it too.
        [$code, $out] = $this->run_(['guard', 'form.xlsx', 'order.xlsx', '--out', 'both']);
        self::assertSame([0, true], [$code, str_contains($out, '1 protected already and left as it is')]);
        [$code, , $errors] = $this->run_(['dress', 'form.xlsx', '--out', 'dressed.xlsx']);
        self::assertSame([4, true], [$code, str_contains($errors, '"Order form" is protected, and left as it came')]);
        self::assertSame(2, $this->run_(['guard', 'order.xlsx'])[0]);
    }

    public function test_check_tells_what_is_wrong_by_its_exit_and_in_words(): void
    {
        [$code, $out] = $this->run_(['check', 'a/list.csv']);
        self::assertSame([0, "a/list.csv: nothing found\n"], [$code, $out]);
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->setTitle('Orders');
        $sheet->fromArray(['Lot', 'Species', 'Count']);
        for ($row = 2; $row <= 13; $row++) {
            $sheet->fromArray(["L$row", ['Osier', 'Alder', 'Aspen'][$row % 3], $row + 7], null, "A$row");
        }
        $sheet->setCellValue('A14', 'Total')->setCellValue('C14', '=SUM(C2:C11)')->setCellValue('C1', '<b>&Count');
        $sheet->setCellValue('B5', 'Osier ')->setCellValue('B6', 'Osier');
        (new Xlsx($book))->save("$this->folder/orders.xlsx");
        [$code, $out] = $this->run_(['check', 'orders.xlsx', 'a/list.csv', '--json']);
        self::assertSame(3, $code);
        /** @var array{files: list<array{file: string, findings: list<array<string, mixed>>}>} $report */
        $report = json_decode($out, true);
        self::assertSame(['orders.xlsx', 'a/list.csv'], array_column($report['files'], 'file'));
        self::assertSame(['sum-stops-short', 'stray-spaces'], array_column($report['files'][0]['findings'], 'check'));
        self::assertSame([['changes 1 formula', 'formulas'], ['changes 1 value', 'values']],
            array_map(fn (array $one) => [$one['mend'], $one['changes']],
                $report['files'][0]['findings']));
        self::assertSame(['check' => 'sum-stops-short', 'severity' => 'wrong', 'sheet' => 'Orders', 'range' => 'C14', 'count' => 1,
            'words' => '"<b>&Count": the sum goes over rows 2 to 11, and leaves 2 figures of its column out, the first in C12.',
            'evidence' => ['formula' => 'SUM(C2:C11)', 'leaves out' => 2], 'mend' => 'changes 1 formula', 'changes' => 'formulas'],
            $report['files'][0]['findings'][0]);
        [$code, $out] = $this->run_(['check', 'orders.xlsx', '--severity', 'wrong']);
        self::assertSame([3, 1], [$code, substr_count($out, '[')]);
        self::assertSame(0, $this->run_(['check', 'orders.xlsx', '--only', 'error-value,heading-missing'])[0]);
        // A file that cannot be read is named; the others are looked at all the same.
        [$code, $out, $errors] = $this->run_(['check', 'broken.xlsx', 'orders.xlsx']);
        self::assertSame([1, true, 1], [$code, str_contains($out, 'orders.xlsx: 2 findings'), substr_count($errors, "\n")]);
        // What may be mended is, into a folder, and is not found there again; a report is written.
        mkdir("$this->folder/mended");
        [$code, $out] = $this->run_(['check', 'orders.xlsx', '--fix=formulas', '--out', 'mended', '--report', 'found.csv']);
        self::assertSame([3, true], [$code, str_contains($out, 'mended 1 of 2: mended/orders.xlsx')]);
        self::assertSame(3, substr_count((string) file_get_contents("$this->folder/found.csv"), "\r\n"));
        [$code, $out] = $this->run_(['check', 'mended/orders.xlsx']);
        self::assertSame([3, false, true], [$code, str_contains($out, 'sum-stops-short'), str_contains($out, 'stray-spaces')]);
        self::assertSame('=SUM(C2:C13)', IOFactory::load("$this->folder/mended/orders.xlsx")->getActiveSheet()->getCell('C14')->getValue());
        self::assertSame(3, $this->run_(['check', 'orders.xlsx', '--stylebook', 'River ledger', '--only', 'unlike-stylebook'])[0]);
        foreach ([['--fix'], ['--fix', '--out', 'nowhere'], ['--fix=all', '--out', 'mended'], ['--report', 'x.exe'], ['--stylebook',
            'No such']] as $wrong) {
            self::assertSame(2, $this->run_(['check', 'orders.xlsx', ...$wrong])[0], implode(' ', $wrong));
        }
        [$code, $out] = $this->run_(['check', '--list']);
        $docs = (string) file_get_contents(dirname(__DIR__, 2).'/docs/checks.md');
        foreach (\Rilvet\Check\Checks::all() as $check) {
            $about = $check->about();
            self::assertStringContainsString($about->name, $out);
            self::assertStringContainsString("| `$about->name` | {$about->severity->value} |", $docs);
        }
    }

    public function test_gather_brings_pieces_together_and_leaves_all_else(): void
    {
        $this->kinds();
        [$code, $out] = $this->run_(['gather', 'kinds.xlsx', '--out', 'same.xlsx']);
        self::assertSame([0, true], [$code, str_contains($out, '23 conditional looks, 23 after gathering')]);
        $zip = new \ZipArchive;
        $zip->open("$this->folder/kinds.xlsx");
        $xml = (string) $zip->getFromName('xl/worksheets/sheet2.xml');
        $pieces = '';
        for ($row = 1; $row <= 300; $row++) {
            foreach (['&gt;5', '&lt;0', '&gt;$B$1'] as $number => $says) {
                $pieces .= "<conditionalFormatting sqref=\"A$row\">"
                    ."<cfRule type=\"expression\" dxfId=\"$number\" priority=\"".($row * 3 + $number)
                    ."\"><formula>A$row$says</formula></cfRule></conditionalFormatting>";
            }
        }
        $zip->addFromString('xl/worksheets/sheet2.xml', str_replace('<pageMargins', "$pieces<pageMargins", $xml));
        $zip->close();
        [$code, $out] = $this->run_(['gather', 'kinds.xlsx', '--out', 'gathered.xlsx']);
        self::assertSame([0, true], [$code, str_contains($out, '923 conditional looks, 26 after gathering')]);
        $zip->open("$this->folder/gathered.xlsx");
        $now = (string) $zip->getFromName('xl/worksheets/sheet2.xml');
        self::assertSame([3, 3], [substr_count($now, '<cfRule'), substr_count($now, 'sqref="A1:A300"')]);
        self::assertStringContainsString('<formula>A1&gt;$B$1</formula>', $now);
        $zip->close();
        [, $before] = $this->run_(['looks', 'kinds.xlsx', '--sheet', 'Limits', '--json']);
        [, $after] = $this->run_(['looks', 'gathered.xlsx', '--sheet', 'Limits', '--json']);
        $looks = fn (string $json) => array_column(json_decode($json, true)['cells'], 'look', 'at');
        self::assertSame($looks($before), $looks($after), 'no cell looks otherwise');
        foreach ([['gather', 'kinds.xlsx'], ['gather', 'a/list.csv', '--out', 'x.xlsx']] as $wrong) {
            self::assertSame(2, $this->run_($wrong)[0]);
        }
    }

    /**
     * @param  list<string>  $arguments
     * @return array{int, string, string}
     */
    private function run_(array $arguments): array
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2).'/bin/rilvet', ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            $this->folder,
        );
        assert($process !== false);
        $out = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $errors];
    }
}
