<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Batch\Batches;
use App\Jobs\RunItem;
use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\Workbook;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PhpOffice\PhpSpreadsheet\IOFactory;
use RuntimeException;
use Tests\TestCase;
use ZipArchive;

/** Many files at once, and routines made from what was done to one of them. */
final class BatchTest extends TestCase
{
    /** The first bytes of a compound file, in which a workbook with a password is wrapped (open description of the format, 2.2). */
    private const LOCKED = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    private static function month(int $month): string
    {
        $rows = "Order,Customer,Count,Worth\n";
        for ($at = 1; $at <= 5 + $month; $at++) {
            $rows .= sprintf("A%02d%02d,%s,%d,%.2f\n", $month, $at, ['Wick Farm', 'Brook Cottage'][$at % 2], $at * 3 % 7,
                $at * 17 % 11 + 0.5);
        }

        return $rows;
    }

    /** @param  array<string, string>  $files  by name */
    private function batch(array $files): string
    {
        $id = (string) $this->postJson($this->url('batches'), [])->assertCreated()->json('id');
        foreach ($files as $name => $bytes) {
            $this->add($id, $name, $bytes)->assertOk();
        }

        return $id;
    }

    private function add(string $id, string $name, string $bytes): \Illuminate\Testing\TestResponse
    {
        return $this->post($this->url("batches/$id/files"), ['file' => UploadedFile::fake()->createWithContent($name, $bytes)]);
    }

    /** A routine made from the history of one workbook. */
    private function routine(): int
    {
        $first = $this->bringIn('2026-01.csv', self::month(1));
        $this->act($first, 'dress', ['stylebook' => 'Plain rule', 'clean' => false]);
        $this->act($first, 'sort', ['row' => 2, 'column' => 1, 'keys' => [[4, true]]]);
        $this->act($first, 'format', ['ranges' => 'D2:D7', 'look' => ['bold' => true]]);
        $this->act($first, 'edit', ['cells' => [[2, 2, 'Somebody else']]]);
        $this->act($first, 'format', ['ranges' => 'C3', 'look' => ['italic' => true]]);
        $past = array_reverse($this->get($this->url("workbooks/$first->id/steps"))->assertOk()->json());
        $this->assertSame(['Dress in Plain rule', 'Sort by Worth, greatest first', 'Body of Worth: Bold', null, 'Body of Count: Italic'],
            array_map(fn (array $one) => $one['step']['words'] ?? null, $past));
        $this->assertSame([true, true, true, null, false], array_map(fn (array $one) => $one['step']['isSure'] ?? null, $past));
        $steps = array_map(fn (array $one) => $one['step']['step'], array_slice($past, 0, 3));

        return (int) $this->postJson($this->url('routines'), ['name' => 'Monthly', 'steps' => $steps])->assertCreated()->json('id');
    }

    public function test_twelve_files_go_through_what_was_done_to_the_first(): void
    {
        $routine = $this->routine();
        $files = [];
        foreach (range(1, 12) as $month) {
            $files[sprintf('2026-%02d.csv', $month)] = self::month($month);
        }
        $id = $this->batch($files);
        $plan = $this->patchJson($this->url("batches/$id"), ['routine' => $routine, 'format' => 'xlsx'])->assertOk()->json();
        $this->assertSame('Monthly', $plan['routine']);
        $planned = $this->get($this->url("batches/$id"))->json('items.0');
        $this->assertSame(['planned', ['2026-01: A1:D7, read 96 %, 6 rows'], []],
            [$planned['status'], $planned['plan']['parts'], $planned['plan']['left']]);
        $this->postJson($this->url("batches/$id/run"), ['what' => 'run'])->assertOk();
        $done = $this->get($this->url("batches/$id"))->json();
        $this->assertSame(['done', array_fill(0, 12, 'done'), 12], [$done['status'], array_column($done['items'], 'status'),
            $done['compared']]);
        $this->assertStringContainsString('0 values and 0 formulas changed', $done['items'][4]['report']['words']);
        $zip = $this->get($this->url("batches/$id/zip"))->assertOk();
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        copy($zip->baseResponse->getFile()->getPathname(), $path);
        $archive = new ZipArchive;
        $this->assertTrue($archive->open($path));
        $this->assertSame(13, $archive->numFiles);
        file_put_contents("$path.xlsx", $archive->getFromName('2026-05.xlsx'));
        $this->assertStringContainsString('2026-05.csv', (string) $archive->getFromName('Report.html'));
        $sheet = IOFactory::load("$path.xlsx")->getActiveSheet();
        $worth = array_map(fn (int $row) => $sheet->getCell("D$row")->getValue(), range(2, 11));
        $sorted = $worth;
        rsort($sorted);
        $this->assertSame($sorted, $worth);
        $this->assertSame([true, false], [$sheet->getStyle('D11')->getFont()->getBold(), $sheet->getStyle('C11')->getFont()->getBold()],
            'the part has grown from six rows to ten, and the look with it');
        array_map(unlink(...), [$path, "$path.xlsx"]);
        foreach (['html' => '<h2>2026-12.csv</h2>', 'csv' => "\r\n2026-12.csv,2026-12.xlsx,,",
            'json' => '"file":"2026-12.csv"'] as $as => $says) {
            $this->assertStringContainsString($says, (string) $this->get($this->url("batches/$id/report?as=$as"))->assertOk()->content());
        }
    }

    public function test_what_is_wrong_with_one_file_harms_no_other(): void
    {
        $bomb = (string) tempnam(sys_get_temp_dir(), 'bomb');
        $zip = new ZipArchive;
        $zip->open($bomb, ZipArchive::OVERWRITE);
        $zip->addFromString('[Content_Types].xml', str_repeat(' ', 60_000_000));
        $zip->close();
        $id = $this->batch(['good.csv' => self::month(2), 'broken.xlsx' => 'PK broken', 'empty.csv' => "\n",
            'bomb.xlsx' => (string) file_get_contents($bomb), 'locked.xlsx' => self::LOCKED.str_repeat("\0", 4_096),
            'other.csv' => "Nothing,Like it\nx,1\ny,2\nz,3\n", 'last.csv' => self::month(3)]);
        unlink($bomb);
        $this->patchJson($this->url("batches/$id"), ['routine' => $this->routine()])->assertOk();
        $this->postJson($this->url("batches/$id/run"), ['what' => 'run'])->assertOk();
        $items = collect((array) $this->get($this->url("batches/$id"))->json('items'))->keyBy('name');
        $this->assertSame(['done', 'failed', 'failed', 'failed', 'done', 'done'], array_map(fn (string $name) => $items[$name]['status'],
            ['good.csv', 'broken.xlsx', 'bomb.xlsx', 'locked.xlsx', 'other.csv', 'last.csv']));
        $this->assertStringContainsString('password', (string) $items['locked.xlsx']['report']['fault']);
        foreach (['broken.xlsx', 'bomb.xlsx'] as $name) {
            $this->assertNotSame('', (string) $items[$name]['report']['fault']);
            $this->assertStringNotContainsString(storage_path(), (string) $items[$name]['report']['fault']);
        }
        $this->assertContains('Step 2, Sort by Worth, greatest first (other): There is no column "Worth" on "other".',
            $items['other.csv']['report']['left']);
        // Those that failed are run again, and nothing else is.
        $before = BatchItem::query()->where('name', 'good.csv')->value('updated_at');
        $this->travel(5)->minutes();
        $this->postJson($this->url("batches/$id/run"), ['what' => 'run'])->assertOk();
        $this->assertEquals($before, BatchItem::query()->where('name', 'good.csv')->value('updated_at'));
    }

    public function test_the_files_of_a_zip_come_one_by_one_and_a_strange_one_is_refused(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $made = function (array $files) use ($path): string {
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::OVERWRITE);
            foreach ($files as $name => $bytes) {
                $zip->addFromString($name, $bytes);
            }
            $zip->close();

            return (string) file_get_contents($path);
        };
        $id = $this->batch(['months.zip' => $made(['a/2026-01.csv' => self::month(1), '../../2026-02.csv' => self::month(2),
            'readme.md' => 'x',
            '__MACOSX/2026-01.csv' => 'x', 'inner.zip' => 'x', 'a/.hidden.csv' => 'x'])]);
        $this->assertSame(['2026-01.csv', '2026-02.csv'], array_column($this->get($this->url("batches/$id"))->json('items'), 'name'));
        foreach (['holds no csv' => $made(['a.md' => 'x']), 'no whole zip' => 'no zip',
            'it is not opened' => $made(['a.csv' => str_repeat('0', 9_000_000)])] as $says => $bytes) {
            $this->assertStringContainsString($says, (string) $this->add($id, 'x.zip', $bytes)->assertUnprocessable()->json('message'));
        }
        $this->assertCount(2, $this->get($this->url("batches/$id"))->json('items'));
        unlink($path);
    }

    public function test_a_workbook_of_the_shelf_is_changed_itself_and_once_only(): void
    {
        $routine = $this->routine();
        $workbook = $this->bringIn('2026-04.csv', self::month(4));
        $id = (string) $this->postJson($this->url('batches'), ['workbooks' => [$workbook->id]])->assertCreated()->json('id');
        $this->patchJson($this->url("batches/$id"), ['routine' => $routine, 'format' => 'ods'])->assertOk();
        $this->assertSame(0, $workbook->changes()->count(), 'a plan changes nothing');
        $this->postJson($this->url("batches/$id/run"), ['what' => 'run'])->assertOk();
        $this->assertSame(['Routine Monthly'], $workbook->changes()->pluck('words')->all());
        // A server that stopped between the step and its report does not take the step twice.
        $item = BatchItem::query()->where('batch_id', $id)->firstOrFail();
        Batch::query()->whereKey($id)->update(['status' => 'running']);
        $item->update(['status' => 'running', 'report' => null]);
        Batches::resume();
        $this->assertSame(['done', 1], [$item->refresh()->status, $workbook->changes()->count()]);
        $this->undo($workbook);
        $this->assertSame('A0401', $this->texts($workbook)['2.1']);
    }

    /** What goes wrong inside is reported to those who run the server, and not to those who use it. */
    public function test_a_fault_of_our_own_shows_no_path_and_no_statement(): void
    {
        $id = $this->batch(['a.csv' => self::month(1)]);
        $this->patchJson($this->url("batches/$id"), ['stylebook' => 'River ledger'])->assertOk();
        $workbook = $this->bringIn('b.csv', self::month(2));
        $shelf = (string) $this->postJson($this->url('batches'), ['workbooks' => [$workbook->id]])->assertCreated()->json('id');
        $this->patchJson($this->url("batches/$shelf"), ['stylebook' => 'River ledger'])->assertOk();
        DB::beforeExecuting(fn (string $sql) => str_starts_with($sql, 'insert into "changes"')
            ? throw new QueryException('', $sql, [], new RuntimeException('secret')) : null);
        $this->postJson($this->url("batches/$shelf/run"), ['what' => 'run'])->assertOk();
        $item = (array) $this->get($this->url("batches/$shelf"))->json('items.0');
        $this->assertSame(['failed', 'it failed for a reason of our own; the file is unchanged.'],
            [$item['status'], $item['report']['fault']]);
        // A file that is not there any more is said to be so.
        BatchItem::query()->where('batch_id', $id)->firstOrFail()->file()->delete();
        $this->postJson($this->url("batches/$id/run"), ['what' => 'run'])->assertOk();
        $fault = (string) $this->get($this->url("batches/$id"))->json('items.0.report.fault');
        $this->assertStringContainsString('not there any more', $fault);
    }

    public function test_it_is_paused_gone_on_with_and_stopped(): void
    {
        Queue::fake();
        $id = $this->batch(['a.csv' => self::month(1), 'b.csv' => self::month(2)]);
        $ask = fn (string $what) => $this->postJson($this->url("batches/$id/run"), ['what' => $what]);
        $this->assertStringContainsString('a routine or a stylebook', (string) $ask('run')->assertUnprocessable()->json('message'));
        $this->patchJson($this->url("batches/$id"), ['stylebook' => 'River ledger', 'clean' => true, 'fix' => ['cut-texts']])->assertOk()
            ->assertJsonPath('steps', ['Dress in River ledger, start clean', 'Mend: texts and figures that are cut']);
        $ask('run')->assertOk();
        $items = BatchItem::query()->where('batch_id', $id)->orderBy('place')->get();
        $ask('pause')->assertOk()->assertJsonPath('status', 'paused');
        app()->call([new RunItem($items[0]->id, false), 'handle']);
        $this->assertSame('queued', $items[0]->refresh()->status, 'nothing is begun while it is paused');
        $ask('go on')->assertOk();
        app()->call([new RunItem($items[0]->id, false), 'handle']);
        // A job that comes twice finds nothing left to do.
        app()->call([new RunItem($items[0]->id, false), 'handle']);
        $this->assertSame('done', $items[0]->refresh()->status);
        $ask('cancel')->assertOk();
        app()->call([new RunItem($items[1]->id, false), 'handle']);
        $this->assertSame(['cancelled', false], [$items[1]->refresh()->status, $items[1]->output()->exists()]);
        $this->delete($this->url("batches/$id"))->assertOk();
        $this->assertFalse($items[0]->output()->exists());
        foreach (['format' => 'docx', 'stylebook' => 'No such', 'fix' => ['no-such-check']] as $name => $wrong) {
            $other = $this->batch(['a.csv' => self::month(1)]);
            $this->patchJson($this->url("batches/$other"), [$name => $wrong])->assertUnprocessable();
        }
    }

    public function test_a_routine_is_edited_and_handed_on(): void
    {
        $id = $this->routine();
        $json = (string) $this->get($this->url("routines/$id/json"))->assertOk()->content();
        $this->assertArrayHasKey('Plain rule', json_decode($json, true)['stylebooks'], 'it brings along what it dresses in');
        $steps = array_column((array) $this->get($this->url("routines/$id"))->json('steps'), 'step');
        $this->patchJson($this->url("routines/$id"), ['name' => 'Each month', 'steps' => [$steps[1], $steps[0]]])->assertOk()
            ->assertJsonPath('steps.0.words', 'Sort by Worth, greatest first');
        $this->post($this->url('routines'), ['file' => UploadedFile::fake()->createWithContent('r.json', $json)])->assertCreated()
            ->assertJsonPath('name', 'Monthly');
        $this->postJson($this->url('routines'), ['name' => 'Monthly', 'steps' => $steps])->assertCreated()->assertJsonPath('name',
            'Monthly 2');
        foreach ([['name' => ''], ['steps' => []], ['steps' => ['no json']], ['steps' => [['do' => 'explode']]],
            ['name' => 'Monthly']] as $wrong) {
            $this->patchJson($this->url("routines/$id"), $wrong)->assertUnprocessable();
        }
        foreach (['{}', 'no json', '{"rilvet":"routine 1","name":"x","steps":7}'] as $wrong) {
            $this->post($this->url('routines'), ['file' => UploadedFile::fake()->createWithContent('r.json',
                $wrong)])->assertUnprocessable();
        }
        $workbook = $this->bringIn('other.csv', "Nothing,Like it\nx,1\ny,2\nz,3\n");
        $tried = $this->postJson($this->url("workbooks/$workbook->id/routine"), ['routine' => $id])->assertOk()->json();
        $this->assertSame([['Dress in Plain rule'], 1], [$tried['done'], count($tried['left'])]);
        $this->assertSame(0, Workbook::query()->findOrFail($workbook->id)->changes()->count());
        $this->delete($this->url("routines/$id"))->assertOk();
        $this->get($this->url("routines/$id"))->assertNotFound();
    }
}
