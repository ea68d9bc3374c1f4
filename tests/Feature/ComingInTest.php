<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\BringIn;
use App\Models\Handover;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** A file on its way in: proposed, changed, kept, stopped, failed where nobody waited, tidied after a stop. */
final class ComingInTest extends TestCase
{
    public function test_another_dialect_is_shown_before_the_table_is_kept(): void
    {
        $import = $this->drop('x.csv', "Name;Sum\na;1,5\nb;2,5\n")->assertCreated()->json();
        $this->assertSame([';', [['Name', 'Sum'], ['a', '1,5'], ['b', '2,5']]], [$import['delimiter'], $import['preview']]);
        $changed = $this->patchJson($this->url("imports/{$import['id']}"), [
            'encoding' => $import['encoding'],
            'delimiter' => ',',
            'quote' => '"',
        ])
            ->assertOk()
            ->json();
        $this->assertSame([['Name;Sum'], ['a;1', '5'], ['b;2', '5']], $changed['preview']);
        $this->patchJson($this->url("imports/{$import['id']}"), [
            'encoding' => 'EBCDIC',
            'delimiter' => ',',
            'quote' => '"',
        ])->assertUnprocessable();
    }

    public function test_of_files_dropped_at_once_the_last_stands_first_on_the_shelf(): void
    {
        $this->freezeTime();
        foreach (['first', 'second', 'third'] as $name) {
            $this->bringIn("$name.csv", "Name,Sum\na,1\n");
        }
        $this->assertSame(['third', 'second', 'first'], array_column($this->getJson($this->url('shelf'))->json('workbooks'), 'name'));
    }

    public function test_a_file_taken_back_leaves_nothing_and_cannot_be_kept(): void
    {
        $import = $this->drop('x.csv', "Name,Sum\na,1\n")->assertCreated()->json();
        $this->deleteJson($this->url("imports/{$import['id']}"))->assertOk()->assertJsonPath('status', 'cancelled');
        $this->assertSame([], glob(storage_path('app/imports/*')) ?: []);
        $this->postJson($this->url("imports/{$import['id']}/keep"))->assertUnprocessable();
    }

    public function test_a_large_file_goes_through_the_queue_and_its_failure_waits_to_be_read(): void
    {
        config(['rilvet.at_once' => 10]);
        Queue::fake();
        $import = $this->drop('x.csv', "Name,Sum\na,\"1\n")->assertCreated()->json();
        $this->postJson($this->url("imports/{$import['id']}/keep"))->assertOk()->assertJsonPath('status', 'queued');
        Queue::assertPushed(BringIn::class);
        $this->app->call([new BringIn($import['id']), 'handle']);
        $waiting = $this->getJson($this->url('imports'))->json('imports');
        $this->assertSame(['x.csv', 'failed'], [$waiting[0]['name'], $waiting[0]['status']]);
        $this->assertStringContainsString('never closed', $waiting[0]['message']);
        $this->deleteJson($this->url("imports/{$import['id']}"))->assertOk();
        $this->assertSame([], $this->getJson($this->url('imports'))->json('imports'));
    }

    public function test_what_fails_while_the_person_waits_is_told_once(): void
    {
        $this->drop('a.xlsx', 'no zip')->assertUnprocessable();
        $this->assertSame([], $this->getJson($this->url('imports'))->json('imports'));
    }

    public function test_a_job_that_was_cancelled_in_the_queue_does_nothing(): void
    {
        config(['rilvet.at_once' => 10]);
        Queue::fake();
        $import = $this->drop('x.csv', "Name,Sum\na,1\n")->json();
        $this->postJson($this->url("imports/{$import['id']}/keep"))->assertOk();
        $this->deleteJson($this->url("imports/{$import['id']}"))->assertOk();
        $this->app->call([new BringIn($import['id']), 'handle']);
        $this->assertSame(0, Workbook::query()->count());
    }

    public function test_after_a_stop_half_workbooks_go_and_failed_files_are_named(): void
    {
        $whole = $this->bringIn('x.csv', "Name,Sum\na,1\n");
        Workbook::query()->create([
            'name' => 'half',
            'source' => 'half.csv',
            'revision' => 0,
            'looks' => '[{}]',
            'names' => '{}',
            'notices' => '[]',
        ]);
        Import::query()->create(['name' => 'long.csv', 'kind' => 'delimited', 'status' => 'running', 'bytes' => 9, 'progress' => 0]);
        $handover = $this->postJson($this->url("workbooks/{$whole->id}/handovers"), ['format' => 'csv', 'sheet' => 1])
            ->assertCreated()
            ->json();
        $file = Handover::query()->findOrFail($handover['id'])->file()->local();
        $this->assertFileExists($file);
        touch($orphan = storage_path('app/handovers/nobody.xlsx'));
        $this->artisan('rilvet:tidy')->assertSuccessful();
        $this->assertSame(1, Workbook::query()->count());
        $this->assertStringContainsString('Drop it again', (string) $this->getJson($this->url('imports'))->json('imports.0.message'));
        $this->assertFileExists($file, 'what was written today waits for its download');
        $this->assertFileDoesNotExist($orphan);
        $this->travel(2)->days();
        $this->artisan('rilvet:tidy')->assertSuccessful();
        $this->assertFileDoesNotExist($file);
    }
}
