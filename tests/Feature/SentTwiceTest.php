<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\BringIn;
use App\Models\BatchItem;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;
use ZipArchive;

/** A file whose answer got lost is sent once more under the same name: it comes in once. */
final class SentTwiceTest extends TestCase
{
    private const TABLE = "Tree,Count\nOsier,3\nAlder,4\n";

    public function test_a_file_that_came_is_not_taken_again(): void
    {
        $first = $this->send('name-of-a-file')->assertCreated()->json();
        $this->assertSame($first, $this->send('name-of-a-file')->assertCreated()->json());
        $this->assertSame(['proposed', [['Tree', 'Count'], ['Osier', '3'], ['Alder', '4']]], [$first['status'], $first['preview']]);
        // Kept twice, since that answer got lost as well.
        $kept = $this->postJson($this->url("imports/{$first['id']}/keep"))->assertOk()->assertJsonPath('status', 'done')->json();
        $this->assertSame($kept, $this->postJson($this->url("imports/{$first['id']}/keep"))->assertOk()->json());
        $this->assertSame($kept, $this->send('name-of-a-file')->assertCreated()->json());
        $this->assertSame([1, 1], [Import::query()->count(), Workbook::query()->count()]);
        $this->assertSame([], File::files(storage_path('app/imports')));
    }

    public function test_another_name_and_no_name_are_files_of_their_own(): void
    {
        $ids = array_map(fn (?string $name) => $this->send($name)->json('id'), ['name-of-a-file', 'another-file', null, null, 'short']);
        $this->assertCount(5, array_unique($ids));
    }

    public function test_what_was_pasted_comes_once(): void
    {
        $paste = fn () => $this->postJson($this->url('imports/paste'), ['text' => "Tree\tCount\nOsier\t3\n", 'html' => ''],
            ['X-Step' => 'name-of-a-table'])->assertCreated()->json();
        $this->assertSame($paste(), $paste());
        $this->assertSame(1, Import::query()->count());
    }

    public function test_what_was_taken_back_or_whose_workbook_is_gone_comes_anew(): void
    {
        $first = $this->send('name-of-a-file')->json();
        $this->deleteJson($this->url("imports/{$first['id']}"))->assertOk();
        $second = $this->send('name-of-a-file')->assertCreated()->assertJsonPath('status', 'proposed')->json();
        $kept = $this->postJson($this->url("imports/{$second['id']}/keep"))->assertOk()->json();
        $this->deleteJson($this->url("workbooks/{$kept['workbook']}"))->assertOk();
        $this->send('name-of-a-file')->assertCreated()->assertJsonPath('status', 'proposed');
    }

    public function test_what_failed_is_tried_anew(): void
    {
        $this->send('name-of-a-file', 'no zip', 'x.xlsx')->assertUnprocessable();
        $this->send('name-of-a-file', 'no zip', 'x.xlsx')->assertUnprocessable();
        $this->send('name-of-a-file')->assertCreated()->assertJsonPath('status', 'proposed');
    }

    public function test_what_is_on_its_way_is_waited_for_but_not_what_died_of_it(): void
    {
        Queue::fake();
        config(['rilvet.at_once' => 10]);
        $first = $this->send('name-of-a-file')->json();
        $this->postJson($this->url("imports/{$first['id']}/keep"))->assertOk()->assertJsonPath('status', 'queued');
        $this->postJson($this->url("imports/{$first['id']}/keep"))->assertOk()->assertJsonPath('status', 'queued');
        Queue::assertPushed(BringIn::class, 1);
        // A worker may take long.
        $this->travel(5)->minutes();
        $this->send('name-of-a-file')->assertCreated()->assertJsonPath('status', 'queued');
        // A request does not: it ended without a word.
        config(['rilvet.at_once' => 1_000_000]);
        $this->send('name-of-a-file')->assertCreated()->assertJsonPath('status', 'proposed');
    }

    public function test_of_two_at_the_same_moment_the_quicker_one_is_told_to_both(): void
    {
        $isThere = false;
        // The other one comes in between looking for it and storing it.
        DB::listen(function (QueryExecuted $query) use (&$isThere) {
            if (! $isThere && preg_match('/^select .* from .imports. where/', $query->sql) === 1) {
                $isThere = true;
                DB::table('imports')->insert(['id' => $query->bindings[0], 'name' => 'Quicker.csv', 'kind' => 'delimited',
                    'status' => 'queued', 'bytes' => 9, 'progress' => 0]);
            }
        });
        $this->send('name-of-a-file')->assertCreated()->assertJsonPath('name', 'Quicker.csv');
        $this->assertSame(1, Import::query()->count());
    }

    public function test_a_file_that_cannot_be_stored_leaves_nothing_in_its_way(): void
    {
        File::ensureDirectoryExists(storage_path('app'));
        File::put(storage_path('app/imports'), 'in the way of a folder');
        $this->send('name-of-a-file')->assertServerError();
        $this->assertSame(0, Import::query()->count());
        File::delete(storage_path('app/imports'));
        $this->send('name-of-a-file')->assertCreated()->assertJsonPath('preview.1', ['Osier', '3']);
    }

    public function test_files_of_a_batch_come_once_those_of_a_zip_too(): void
    {
        Queue::fake();
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach (['May.csv', 'June.csv'] as $name) {
            $zip->addFromString($name, self::TABLE);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);
        [$one, $other] = array_map(fn () => (string) $this->postJson($this->url('batches'), [])->json('id'), [1, 2]);
        foreach ([$one, $one, $other] as $id) {
            $this->send('name-of-a-file', self::TABLE, 'April.csv', "batches/$id/files")->assertOk();
            $this->send('name-of-a-zip', $bytes, 'Spring.zip', "batches/$id/files")->assertOk();
        }
        $names = fn (string $id) => array_column($this->getJson($this->url("batches/$id"))->json('items'), 'name');
        $this->assertSame([['April.csv', 'May.csv', 'June.csv'], ['April.csv', 'May.csv', 'June.csv']], [$names($one), $names($other)]);
        // One that was left out may be sent again.
        $left = BatchItem::query()->where('batch_id', $one)->where('name', 'April.csv')->firstOrFail();
        $this->deleteJson($this->url("batches/$one/items/$left->id"))->assertOk();
        $this->send('name-of-a-file', self::TABLE, 'April.csv', "batches/$one/files")->assertOk();
        $this->assertSame(['May.csv', 'June.csv', 'April.csv'], $names($one));
    }

    /** @return TestResponse<Response> */
    private function send(?string $name, string $bytes = self::TABLE, string $file = 'Trees.csv', string $to = 'imports'): TestResponse
    {
        return $this->post($this->url($to), ['file' => UploadedFile::fake()->createWithContent($file, $bytes)],
            array_filter(['X-Step' => $name]));
    }
}
