<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Batch\FileRun;
use App\Models\Workbook;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\RunTestsInSeparateProcesses;
use Rilvet\Routine\Routine;
use Tests\TestCase;

/** A disk that is full is said in words, and nothing is half there. SQLite says the same of a database that may not grow. */
#[RunTestsInSeparateProcesses]
#[Group('sqlite')]
final class FullDiskTest extends TestCase
{
    /** A full disk ends every transaction, also the one that tests are usually wrapped in. */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    public function test_bringing_in_and_acting_say_so_and_leave_everything_as_it_was(): void
    {
        $workbook = $this->bringIn('t.csv', "a,b\n1,2\n");
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        try {
            $noise = implode("\n", array_map(fn (int $row) => "$row,".bin2hex(random_bytes(200)), range(1, 3_000)));
            $import = $this->drop('large.csv', "a,b\n$noise\n")->json();
            $said =
                isset($import['id']) && $import['status'] === 'proposed'
                    ? $this->call('POST', $this->url("imports/{$import['id']}/keep"))->json('message')
                    : $import['message'];
            $this->assertStringContainsString('disk of the server is full', (string) $said);
            $cells = array_map(fn (int $row) => [$row, 3, bin2hex(random_bytes(300))], range(1, 400));
            $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
                'act' => 'edit',
                'revision' => 1,
                'sheet' => 1,
                'arguments' => ['cells' => $cells],
            ])
                ->assertUnprocessable()
                ->assertJsonPath('message', fn (string $words) => str_contains($words, 'disk of the server is full'));
        } finally {
            DB::statement('PRAGMA max_page_count = 1073741823');
        }
        $this->assertSame(1, $workbook->refresh()->revision);
        $this->assertSame(1, Workbook::query()->where('revision', '>', 0)->count());
        $this->act($workbook, 'edit', ['cells' => [[2, 1, '5']]]);
    }

    public function test_a_batch_says_so_of_its_workbooks_and_goes_on_when_there_is_room(): void
    {
        $noise = implode("\n", array_map(fn (int $row) => "$row,".bin2hex(random_bytes(100)), range(1, 2_000)));
        $workbook = $this->bringIn('noise.csv', "Number,Noise\n$noise\n");
        // Another order of the rows is another text of each of their blocks.
        $routine = ['name' => 'Order', 'steps' => [['do' => 'sort', 'at' => ['headings' => ['Noise']],
            'with' => ['keys' => [['Noise', true]]]]]];
        $id = (string) $this->postJson($this->url('batches'), ['workbooks' => [$workbook->id]])->assertCreated()->json('id');
        $made = $this->postJson($this->url('routines'), $routine)->assertCreated()->json('id');
        $this->patchJson($this->url("batches/$id"), ['routine' => $made, 'format' => 'csv'])->assertOk();
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        try {
            $this->postJson($this->url("batches/$id/run"), ['what' => 'run'])->assertOk();
            $item = (array) $this->get($this->url("batches/$id"))->json('items.0');
            $this->assertSame('failed', $item['status']);
            $this->assertStringContainsString('disk of the server is full', (string) $item['report']['fault']);
        } finally {
            DB::statement('PRAGMA max_page_count = 1073741823');
        }
        $this->assertSame([1, 0], [$workbook->refresh()->revision, $workbook->changes()->count()]);
        $this->postJson($this->url("batches/$id/run"), ['what' => 'run'])->assertOk();
        $this->assertSame(['done', 1], [$this->get($this->url("batches/$id"))->json('items.0.status'), $workbook->changes()->count()]);
    }

    /** The folder that is written to is on a disk of its own, which is too small. */
    public function test_files_that_are_written_say_so_and_leave_nothing_half(): void
    {
        $folder = sys_get_temp_dir().'/'.uniqid('disk');
        mkdir("$folder/small", recursive: true);
        exec('mount -t tmpfs -o size=64k none '.escapeshellarg("$folder/small").' 2>&1', $said, $isMounted);
        $isMounted === 0 || $this->markTestSkipped('no disk can be mounted here: '.implode(' ', $said));
        file_put_contents("$folder/a.csv", "a,b\n".implode('', array_map(fn (int $row) => "$row,word $row\n", range(1, 20_000))));
        try {
            foreach (['xlsx', 'ods', 'csv', 'html', 'pdf'] as $as) {
                $reported = FileRun::forCommandLine(new Routine('Nothing', []), null)
                    ->on("$folder/a.csv", 'a.csv', "$folder/small/a.$as", $as);
                $this->assertStringContainsString('disk of the server is full', (string) $reported->fault, $as);
                $this->assertSame(['.', '..'], scandir("$folder/small"), $as);
            }
        } finally {
            exec('umount '.escapeshellarg("$folder/small"));
            (new Filesystem)->deleteDirectory($folder);
        }
    }
}
