<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Handover;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    protected function setUp(): void
    {
        parent::setUp();
        // Files of a test stand apart from those of a running server, and from those of the test before.
        $this->app->useStoragePath(sys_get_temp_dir().'/rilvet-tests-'.getmypid());
        File::deleteDirectory(storage_path());
        config(['filesystems.disks.rilvet.root' => storage_path('app')]);
        Storage::forgetDisk('rilvet');
        $this->withServerVariables(['HTTP_HOST' => '127.0.0.1:8700']);
        config(['rilvet.hosts' => ['127.0.0.1:8700']]);
        $this->withHeader('Accept', 'application/json');
    }

    protected function tearDown(): void
    {
        $isAsMigrated = DB::transactionLevel() === 1;
        parent::tearDown();
        // PDO of PHP 8.2 does not know of a transaction that was begun by hand, and the framework takes it for lost: it would
        // migrate again for each test.
        $isAsMigrated && RefreshDatabaseState::$migrated = true;
    }

    /** @return TestResponse<Response> */
    protected function drop(string $name, string $bytes): TestResponse
    {
        return $this->post('http://127.0.0.1:8700/api/imports', ['file' => UploadedFile::fake()->createWithContent($name, $bytes)]);
    }

    /** Drops a table and keeps it. */
    protected function bringIn(string $name, string $bytes): Workbook
    {
        $import = $this->drop($name, $bytes)->assertCreated()->json();
        if ($import['status'] === 'proposed') {
            $import = $this->call('POST', "http://127.0.0.1:8700/api/imports/{$import['id']}/keep")->assertOk()->json();
        }
        $this->assertSame('done', $import['status'], (string) $import['message']);

        return Workbook::query()->findOrFail(Import::query()->findOrFail($import['id'])->workbook_id);
    }

    protected function url(string $path): string
    {
        return "http://127.0.0.1:8700/api/$path";
    }

    /** @param  array<string, mixed>  $arguments */
    protected function refused(Workbook $workbook, string $act, array $arguments, string $words): void
    {
        $answer = $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => $act,
            'revision' => $workbook->refresh()->revision,
            'sheet' => 1,
            'arguments' => $arguments,
        ])->assertUnprocessable();
        $this->assertStringContainsString($words, (string) $answer->json('message'));
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return TestResponse<Response>
     */
    protected function act(Workbook $workbook, string $act, array $arguments): TestResponse
    {
        return $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => $act,
            'revision' => $workbook->refresh()->revision,
            'sheet' => 1,
            'arguments' => $arguments,
        ])->assertOk();
    }

    /** @return array<string, string> the parts of the xlsx that a workbook is handed over as */
    protected function written(Workbook $workbook): array
    {
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx', 'sheet' => 1])
            ->assertCreated()
            ->json();
        $this->assertSame('done', $handover['status'], (string) $handover['message']);

        return AtWork::parts(Handover::query()->findOrFail($handover['id'])->file()->local());
    }

    protected function undo(Workbook $workbook): void
    {
        $this->postJson($this->url("workbooks/{$workbook->id}/undo"), [
            'revision' => $workbook->refresh()->revision,
            'sheet' => 1,
        ])->assertOk();
    }

    /** @return array<string, string> texts by "row.column" */
    protected function texts(Workbook $workbook): array
    {
        $cells = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/window?top=1&left=1&bottom=40&right=10"))
            ->assertOk()
            ->json('cells');

        return array_filter(
            array_combine(array_map(fn (array $cell) => "{$cell['row']}.{$cell['column']}", $cells), array_column($cells, 'text')),
            fn (string $text) => $text !== '',
        );
    }
}
