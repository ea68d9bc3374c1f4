<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\Nursery;
use App\Jobs\HandOver;
use App\Models\Handover as HandoverRow;
use App\Models\Stylebook;
use App\Models\Workbook;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Pages through HTTP and on the command line: rules, breaks, pictures, the pdf. */
final class PaperTest extends TestCase
{
    private function nursery(): Workbook
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'year');
        (new Xlsx((new Nursery)->year()))->save($path);
        $workbook = $this->bringIn('Nursery year.xlsx', (string) file_get_contents($path));
        unlink($path);
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false, 'sheets' => 'all']);

        return $workbook;
    }

    /** @return array<string, mixed> */
    private function pages(Workbook $workbook, int $sheet = 1): array
    {
        /** @var array<string, mixed> */
        return $this->get($this->url("workbooks/$workbook->id/sheets/$sheet/pages"))->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function page(Workbook $workbook, int $page, int $sheet = 1): array
    {
        /** @var array<string, mixed> */
        return $this->get($this->url("workbooks/$workbook->id/sheets/$sheet/pages/$page"))->assertOk()->json();
    }

    private static function text(string $svg): string
    {
        return html_entity_decode(strip_tags((string) preg_replace('~<style>.*?</style>~s', '', str_replace('</text>', "\n",
            $svg))), ENT_QUOTES | ENT_XML1);
    }

    public function test_pages_say_what_is_in_force_who_says_it_and_why(): void
    {
        $workbook = $this->nursery();
        $pages = $this->pages($workbook);
        $this->assertSame(1, $pages['pages']);
        $this->assertTrue($pages['turned']);
        $this->assertSame('turned, since 10 columns need it', $pages['turnWords']);
        $this->assertContains('footer', $pages['book']);
        $this->assertContains('top', $pages['file']);
        $this->assertSame([], $pages['here']);
        $page = $this->page($workbook, 1);
        $this->assertStringContainsString('Nursery year, Stock', self::text($page['svg']));
        $this->assertStringContainsString('1 of 1', self::text($page['svg']));
        $this->assertTrue($page['down']['whole']);
        $counts = $this->get($this->url("workbooks/$workbook->id/pages"))->assertOk()->json();
        $this->assertSame(['Stock', 'Plantings by month', 'Orders', 'Germination lab', 'Budget'], array_column($counts, 'name'));
        $this->assertSame($pages['pages'], $counts[0]['pages']);
    }

    public function test_a_rule_is_said_of_a_sheet_and_taken_back_with_all_as_it_was(): void
    {
        $workbook = $this->nursery();
        $before = $this->pages($workbook);
        $were = $this->written($workbook);
        $this->act($workbook, 'pages', ['sheets' => [1], 'says' => ['paper' => 'A5', 'least' => 8]]);
        $now = $this->pages($workbook);
        $this->assertSame(['paper', 'least'], array_values(array_intersect(['paper', 'least'], $now['here'])));
        $this->assertGreaterThan(1, $now['pages']);
        $this->assertMatchesRegularExpression('/would need \d+ % and type of \d\.\d pt\. It takes more pages instead/',
            (string) $now['held']);
        // Other sheets are as they were.
        $this->assertSame('A4', $this->pages($workbook, 2)['rules']['paper']);
        $this->undo($workbook);
        $this->assertSame($before, $this->pages($workbook));
        $this->assertSame($were, $this->written($workbook));
        $this->act($workbook, 'pages', ['sheets' => [1], 'says' => ['paper' => 'A5']]);
        $this->act($workbook, 'pages', ['sheets' => [1], 'says' => ['paper' => null]]);
        $this->assertSame($before, $this->pages($workbook));
    }

    public function test_a_break_is_made_moved_and_taken_out_and_says_why(): void
    {
        $workbook = $this->nursery();
        $this->act($workbook, 'pages', ['sheets' => [1], 'says' => ['paper' => 'A5']]);
        $page = $this->page($workbook, 1);
        $this->assertMatchesRegularExpression('/before Frames, so that the group stays whole/', $page['down']['words']);
        $this->assertFalse($page['down']['made']);
        $this->assertGreaterThan($page['down']['last'], $page['down']['full']);
        $this->act($workbook, 'breakPage', ['axis' => 'rows', 'from' => null, 'to' => 11]);
        $made = $this->page($workbook, 1);
        $this->assertSame([11, true], [$made['down']['last'], $made['down']['made']]);
        $this->act($workbook, 'breakPage', ['axis' => 'rows', 'from' => 11, 'to' => 9]);
        $this->assertSame(9, $this->page($workbook, 1)['down']['last']);
        // Rows that are put in push it on.
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 7, 'count' => 1, 'in' => true]);
        $this->assertSame(10, $this->page($workbook, 1)['down']['last']);
        $this->act($workbook, 'freeBreaks', ['sheets' => [1]]);
        $this->assertSame(0, $this->pages($workbook)['breaks']);
    }

    public function test_a_stylebook_says_pages_for_all_its_sheets(): void
    {
        $workbook = $this->nursery();
        $revision = $workbook->refresh()->revision;
        $this->postJson($this->url("workbooks/$workbook->id/acts"), ['act' => 'pages', 'revision' => $revision, 'sheet' => 1,
            'arguments' => ['scope' => 'everywhere', 'says' => ['colour' => '#FCF3D8',
                'footer' => ['left' => 'For all sheets']]]])->assertOk();
        foreach ([1, 2, 3] as $sheet) {
            $page = $this->page($workbook, 1, $sheet);
            $this->assertStringContainsString('For all sheets', self::text($page['svg']));
            $this->assertStringContainsString('fill="#FCF3D8"', $page['svg']);
        }
        $this->assertNotNull(Stylebook::query()->where('name', 'River ledger')->first());
    }

    public function test_scripts_in_cells_names_and_feet_stay_texts(): void
    {
        $workbook = $this->bringIn('S.csv', "Tree,Note\nOak,<script>alert(1)</script>\nYew,\"\"\"><svg onload=alert(2)>\"\n");
        $this->act($workbook, 'pages', ['sheets' => [1], 'says' => ['footer' => ['left' => '</text><script>x</script>&amp;']]]);
        $svg = $this->page($workbook, 1)['svg'];
        $this->assertStringNotContainsString('<script', $svg);
        $this->assertStringNotContainsString('<svg onload', $svg);
        $this->assertStringContainsString('</text><script>x</script>&amp;', self::text($svg));
        $this->assertNotFalse(simplexml_load_string($svg));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        yield 'paper' => ['pages', ['says' => ['paper' => 'A0000']], 'page rule "paper"'];
        yield 'no map' => ['pages', ['says' => 'A4'], 'says'];
        yield 'unknown rule' => ['pages', ['says' => ['weight' => 80]], 'no such rule'];
        yield 'a field' => ['pages', ['says' => ['footer' => ['left' => '{nobody}']]], 'braces'];
        yield 'a deep one' => ['pages', ['says' => ['footer' => ['left' => ['x']]]], 'footer.left'];
        yield 'no sheet' => ['pages', ['sheets' => [99], 'says' => ['paper' => 'A4']], '99'];
        yield 'no break' => ['breakPage', ['axis' => 'rows', 'from' => null, 'to' => null], 'say where'];
        yield 'break nowhere' => ['breakPage', ['axis' => 'rows', 'from' => null, 'to' => 0], 'from 1 to'];
        yield 'break beyond' => ['breakPage', ['axis' => 'columns', 'from' => null, 'to' => 16_384], 'from 1 to 16383'];
        yield 'break in words' => ['breakPage', ['axis' => 'rows', 'from' => null, 'to' => 'ten'], 'whole number'];
        yield 'axis' => ['breakPage', ['axis' => 'depth', 'from' => null, 'to' => 3], 'axis'];
    }

    /** @param  array<string, mixed>  $arguments */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_is_refused_and_named(string $act, array $arguments, string $words): void
    {
        $this->refused($this->bringIn('S.csv', "Tree,Count\nOak,3\nYew,4\n"), $act, $arguments, $words);
    }

    public function test_pages_that_are_not_there_are_told(): void
    {
        $workbook = $this->bringIn('S.csv', "Tree,Count\nOak,3\n");
        $this->get($this->url("workbooks/$workbook->id/sheets/1/pages/2"))->assertStatus(422)->assertJsonFragment(
            ['message' => 'The page rule "page" is wrong: there is no page 2: the sheet prints on 1 page.']);
        $this->get($this->url("workbooks/$workbook->id/sheets/1/pages/0"))->assertStatus(422);
        $this->get($this->url("workbooks/$workbook->id/sheets/9/pages"))->assertStatus(422);
        $this->get($this->url('workbooks/999999/sheets/1/pages'))->assertNotFound();
        $this->act($workbook, 'pages', ['says' => ['left' => 150, 'right' => 150, 'turn' => 'upright']]);
        $this->get($this->url("workbooks/$workbook->id/sheets/1/pages"))->assertStatus(422)->assertSee('leave no room');
    }

    public function test_the_pdf_of_one_sheet_and_of_all(): void
    {
        $workbook = $this->nursery();
        $counts = array_column($this->get($this->url("workbooks/$workbook->id/pages"))->json(), 'pages', 'name');
        foreach ([[1, $counts['Stock']], [null, array_sum($counts)]] as [$sheet, $pages]) {
            $made = $this->postJson($this->url("workbooks/$workbook->id/handovers"), ['format' => 'pdf',
                'sheet' => $sheet])->assertCreated();
            $row = HandoverRow::query()->findOrFail($made->json('id'));
            if ($row->status !== 'done') {
                (new HandOver($row->id))->handle(app(\App\Bench\Bench::class));
            }
            $record = $this->get($this->url("handovers/$row->id"))->assertOk()->json();
            $this->assertSame(['done', $pages], [$record['status'], $record['cells']]);
            $file = $this->get($this->url("handovers/$row->id/file"))->assertOk();
            $this->assertSame('application/pdf', $file->headers->get('Content-Type'));
            $this->assertStringContainsString('Nursery year.pdf', (string) $file->headers->get('Content-Disposition'));
            $path = $row->refresh()->file()->local();
            $text = (new Process(['pdftotext', '-layout', (string) $path, '-']))->mustRun()->getOutput();
            $this->assertStringContainsString('Stock at the river beds', $text);
            $this->assertSame($sheet === null, str_contains($text, 'Germination'));
            $this->assertStringContainsString("$pages of $pages", $text);
        }
    }

    public function test_a_pdf_without_end_fails_with_words_and_leaves_no_file(): void
    {
        $workbook = $this->bringIn('S.csv', "Tree,Count\nOak,3\n");
        $this->act($workbook, 'pages', ['says' => ['area' => 'A1:XFD1048576', 'wide' => 0]]);
        $made = $this->postJson($this->url("workbooks/$workbook->id/handovers"), ['format' => 'pdf'])->assertCreated()->json();
        $this->assertSame('failed', $made['status']);
        $this->assertStringContainsString('a pdf takes 20,000', $made['message']);
        $this->get($this->url("handovers/{$made['id']}/file"))->assertNotFound();
    }

    public function test_a_pdf_that_is_cancelled_is_not_written(): void
    {
        $workbook = $this->bringIn('S.csv', "Tree,Count\n".str_repeat("Oak,3\n", 3_000));
        $row = HandoverRow::query()->create(['workbook_id' => $workbook->id, 'format' => 'pdf', 'status' => 'cancelled', 'defuse' => false,
            'conditions' => false, 'sheet' => null, 'progress' => 0, 'proof' => null, 'message' => null]);
        (new HandOver($row->id))->handle(app(\App\Bench\Bench::class));
        $this->assertSame('cancelled', $row->refresh()->status);
        $this->assertNull($row->file()->local());
    }

    public function test_a_picture_of_cells_carries_its_fonts_and_no_more(): void
    {
        $workbook = $this->nursery();
        $svg = $this->get($this->url("workbooks/$workbook->id/sheets/1/picture?range=A1:J12"))->assertOk();
        $this->assertStringStartsWith('image/svg+xml', (string) $svg->headers->get('Content-Type'));
        $picture = (string) $svg->getContent();
        $this->assertStringContainsString('Silver birch', self::text($picture));
        $this->assertStringNotContainsString('Hornbeam', $picture);
        $this->assertStringContainsString('@font-face', $picture);
        $this->assertDoesNotMatchRegularExpression('~(?:href|src)="?https?:|url\(https?:~', $picture);
        $this->assertNotFalse(simplexml_load_string($picture));
        $this->get($this->url("workbooks/$workbook->id/sheets/1/picture?range=A1:XFD1048576"))->assertOk();
        $this->get($this->url("workbooks/$workbook->id/sheets/1/picture?range=nowhere"))->assertStatus(422);
        $this->get($this->url("workbooks/$workbook->id/sheets/1/picture"))->assertStatus(422);
    }

    public function test_formulas_that_fail_are_shown_as_is_said(): void
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree', 'Share'], ['Oak', '=1/0'], ['Yew', '=1/4']]);
        $path = (string) tempnam(sys_get_temp_dir(), 'err');
        (new Xlsx($book))->save($path);
        $workbook = $this->bringIn('Errors.xlsx', (string) file_get_contents($path));
        unlink($path);
        foreach (['shown' => '#DIV/0!', 'dashes' => '--', 'na' => '#N/A', 'blank' => null] as $errors => $text) {
            $this->act($workbook, 'pages', ['says' => ['errors' => $errors]]);
            $seen = self::text($this->page($workbook, 1)['svg']);
            $text === null ? $this->assertStringNotContainsString('#', $seen) : $this->assertStringContainsString($text, $seen);
        }
    }

    public function test_on_the_command_line(): void
    {
        $folder = sys_get_temp_dir().'/rilvet-pdf-'.getmypid();
        @mkdir($folder);
        (new Xlsx((new Nursery)->year()))->save("$folder/Year.xlsx");
        file_put_contents("$folder/Broken.xlsx", 'no zip');
        $run = function (string ...$arguments): Process {
            $process = new Process(['php', base_path('bin/rilvet'), 'pdf', ...$arguments]);
            $process->run();

            return $process;
        };
        $one = $run("$folder/Year.xlsx", '--out', "$folder/One.pdf", '--sheets', 'Stock', '--paper', 'A3', '--stylebook', 'River ledger');
        $this->assertSame(0, $one->getExitCode(), $one->getErrorOutput());
        $this->assertStringContainsString('1 page', $one->getOutput());
        $about = (new Process(['pdfinfo', "$folder/One.pdf"]))->mustRun()->getOutput();
        $this->assertMatchesRegularExpression('/Page size: +841\.89 x 1190\.55|Page size: +1190\.55 x 841\.89/', $about);
        $many = $run("$folder/Year.xlsx", "$folder/Broken.xlsx", '--out', "$folder/out");
        $this->assertSame(1, $many->getExitCode());
        $this->assertFileExists("$folder/out/Year.pdf");
        $this->assertFileDoesNotExist("$folder/out/Broken.pdf");
        $this->assertStringContainsString('Broken.xlsx', $many->getErrorOutput());
        foreach ([[], ["$folder/Year.xlsx"], ["$folder/Year.xlsx", '--out', "$folder/x.pdf", '--sheets', 'Nowhere'],
            ["$folder/Year.xlsx", "$folder/Broken.xlsx", '--out', "$folder/x.pdf"]] as $wrong) {
            $this->assertSame(2, $run(...$wrong)->getExitCode());
        }
        $this->assertSame(1, $run("$folder/Year.xlsx", '--out', "$folder/x.pdf", '--paper', 'A99')->getExitCode());
        (new Process(['rm', '-r', $folder]))->mustRun();
    }
}
