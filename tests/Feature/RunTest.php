<?php

declare(strict_types=1);

namespace Tests\Feature;

use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\TestCase;

/** Routines, newer data and a watched folder on the command line. */
final class RunTest extends TestCase
{
    private const ROUTINE = ['rilvet' => 'routine 1', 'name' => 'Orders', 'steps' => [
        ['do' => 'sort', 'with' => ['keys' => [['Worth', true]]]], ['do' => 'dress', 'with' => ['stylebook' => 'Plain rule']],
        ['do' => 'format', 'at' => ['part' => 'body', 'headings' => ['Worth']], 'with' => ['look' => ['bold' => true]]],
        ['do' => 'rename', 'with' => ['heading' => 'Worth', 'to' => '=Value']],
    ]];

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/rilvet-run-'.getmypid();
        exec('rm -rf '.escapeshellarg($this->folder));
        mkdir("$this->folder/in", 0755, true);
        mkdir("$this->folder/out");
        file_put_contents("$this->folder/routine.json", json_encode(self::ROUTINE));
        file_put_contents("$this->folder/may.csv", "Order,Customer,Worth\nA1,Wick Farm,1.5\nA2,Brook Cottage,9.25\nA3,Wick Farm,4.75\n");
        file_put_contents("$this->folder/june.csv", "Order,Customer,Worth\nA1,Wick Farm,1.5\nA3,Wick Farm,40.75\nA4,Tolland School,6.5\n");
        file_put_contents("$this->folder/other.csv", "Lot,Tree\nL1,Oak\nL2,Ash\nL3,Elm\n");
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function test_a_routine_is_done_to_files_and_what_does_not_find_its_place_is_named(): void
    {
        file_put_contents("$this->folder/broken.xlsx", 'PK nothing');
        [$code, $out, $errors] = $this->run_(['run', 'routine.json', 'may.csv', 'broken.xlsx', 'other.csv', '--out', 'made',
            '--report', 'r.csv']);
        self::assertSame(1, $code, 'one file failed, and the others are done');
        self::assertStringContainsString('may.csv -> may.xlsx: 12 cells compared, 0 values and 0 formulas changed', $out);
        self::assertStringContainsString('rilvet: other.csv: Step 1, Sort by Worth, greatest first (other): There is no column '
            .'"Worth" on "other".',
            $errors);
        self::assertStringContainsString('rilvet: broken.xlsx:', $errors);
        $sheet = IOFactory::load("$this->folder/made/may.xlsx")->getActiveSheet();
        self::assertSame([9.25, 4.75, 1.5], array_map(fn (int $row) => $sheet->getCell("C$row")->getValue(), [2, 3, 4]));
        self::assertSame(['=Value', false, true], [(string) $sheet->getCell('C1')->getValue(), $sheet->getCell('C1')->isFormula(),
            $sheet->getStyle('C3')->getFont()->getBold()], 'a heading is a text, whatever it begins with');
        self::assertCount(4, array_filter(explode("\r\n", (string) file_get_contents("$this->folder/r.csv"))));
        self::assertSame([0, true], [$this->run_(['run', 'routine.json', 'may.csv', '--out', 'made', '--as', 'ods'])[0],
            is_file("$this->folder/made/may.ods")]);
        foreach ([['run', 'no.json', 'may.csv', '--out', 'made'], ['run', 'routine.json', 'may.csv'], ['run', 'routine.json',
            'may.csv', '--out', 'may.csv'],
            ['run', 'routine.json', 'may.csv', '--out', 'made', '--as', 'docx']] as $wrong) {
            self::assertSame(2, $this->run_($wrong)[0], implode(' ', $wrong));
        }
    }

    public function test_newer_data_comes_into_a_book_that_was_written_before(): void
    {
        $this->run_(['run', 'routine.json', 'may.csv', '--out', 'made']);
        $ask = ['refresh', 'made/may.xlsx', '--from', 'june.csv'];
        [$code, $out] = $this->run_([...$ask, '--dry', '--json']);
        $plan = json_decode($out, true);
        self::assertSame([0, ['Order'], 1, 1, 0], [$code, $plan['key'], $plan['new'], $plan['gone'], $plan['changed']],
            'the heading is another one now, and holds too little that is the same to be paired');
        [$code, $out] = $this->run_([...$ask, '--key', 'Order', '--out', 'made/june.xlsx']);
        self::assertSame(0, $code);
        self::assertStringContainsString('may, by Order: 1 new row, 1 row gone, 1 new column', $out);
        $sheet = IOFactory::load("$this->folder/made/june.xlsx")->getActiveSheet();
        self::assertSame(['A3', 'A1', 'A4'], array_map(fn (int $row) => (string) $sheet->getCell("A$row")->getValue(), [2, 3, 4]),
            'in the order of the sheet, what is new last');
        foreach ([[...$ask, '--out', 'made/may.xlsx'], $ask, [...$ask, '--sheet', 'None', '--dry'], ['refresh', 'made/may.xlsx',
            '--dry']] as $wrong) {
            self::assertSame(2, $this->run_($wrong)[0], implode(' ', $wrong));
        }
        self::assertSame(1, $this->run_([...$ask, '--key', 'Customer', '--dry'])[0], 'a key that repeats');
    }

    /** What a person did not touch stays: the other sheets of the package, to the byte. */
    public function test_newer_data_for_one_sheet_leaves_the_others_as_they_came(): void
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->setTitle('May')->fromArray([['Order', 'Count'], ['A1', 1], ['A2', 2], ['A3', 3]]);
        $book->createSheet()->setTitle('Kept')->fromArray([['Tree', 'Height'], ['ash', 12], ['elm', 9]]);
        (new Xlsx($book))->save("$this->folder/book.xlsx");
        file_put_contents("$this->folder/new.csv", "Order,Count\nA1,1\nA2,7\nA3,3\nA4,4\n");
        [$code] = $this->run_(['refresh', 'book.xlsx', '--sheet', 'May', '--from', 'new.csv', '--out', 'made.xlsx']);
        self::assertSame(0, $code);
        $part = fn (string $file, int $sheet) => (string) file_get_contents("zip://$this->folder/$file#xl/worksheets/sheet$sheet.xml");
        self::assertSame($part('book.xlsx', 2), $part('made.xlsx', 2));
        self::assertNotSame($part('book.xlsx', 1), $part('made.xlsx', 1));
        self::assertSame([7, 4], array_map(fn (string $at) => IOFactory::load("$this->folder/made.xlsx")->getSheetByNameOrThrow('May')
            ->getCell($at)->getValue(), ['B3', 'B5']));
    }

    public function test_a_watched_folder_is_worked_off_and_a_half_written_file_waits(): void
    {
        copy("$this->folder/may.csv", "$this->folder/in/may.csv");
        file_put_contents("$this->folder/in/broken.xlsx", 'PK nothing');
        file_put_contents("$this->folder/in/.hidden.csv", 'x');
        file_put_contents("$this->folder/in/notes.md", 'x');
        // Left by a stop in the middle of writing: it is nobody's, and is written over.
        file_put_contents("$this->folder/out/.may.xlsx.half", 'half');
        $ask = [PHP_BINARY, dirname(__DIR__, 2).'/bin/rilvet', 'watch', 'in', 'out', '--routine', 'routine.json', '--once',
            '--still', '1.5'];
        $process = proc_open($ask, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $this->folder);
        assert($process !== false);
        // A file that grows is left alone until it has stopped.
        $text = (string) file_get_contents("$this->folder/june.csv");
        foreach ([20, 40, strlen($text)] as $length) {
            file_put_contents("$this->folder/in/june.csv", substr($text, 0, $length));
            usleep(400_000);
        }
        $out = stream_get_contents($pipes[1]);
        $errors = stream_get_contents($pipes[2]);
        self::assertSame(1, proc_close($process), 'one of them failed');
        self::assertStringContainsString('june.csv -> june.xlsx: 12 cells compared', (string) $out);
        self::assertStringContainsString('rilvet: broken.xlsx:', (string) $errors);
        $there = fn (string $of) => array_values(array_filter(scandir("$this->folder/$of") ?: [],
            fn (string $name) => ! is_dir("$this->folder/$of/$name")));
        self::assertSame(['.hidden.csv', 'notes.md'], $there('in'));
        self::assertSame(['june.csv', 'may.csv'], $there('in/done'));
        self::assertSame(['broken.xlsx'], $there('in/failed'));
        self::assertSame(['broken.report.json', 'june.report.json', 'june.xlsx', 'may.report.json', 'may.xlsx'], $there('out'));
        foreach ([['in', 'in'], ['in', 'nowhere']] as [$in, $to]) {
            self::assertSame(2, $this->run_(['watch', $in, $to, '--routine', 'routine.json', '--once'])[0]);
        }
    }

    /**
     * @param  list<string>  $arguments
     * @return array{int, string, string}
     */
    private function run_(array $arguments): array
    {
        $process = proc_open([PHP_BINARY, dirname(__DIR__, 2).'/bin/rilvet', ...$arguments], [1 => ['pipe', 'w'], 2 => ['pipe',
            'w']], $pipes,
            $this->folder);
        assert($process !== false);
        $out = (string) stream_get_contents($pipes[1]);
        $errors = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $errors];
    }
}
