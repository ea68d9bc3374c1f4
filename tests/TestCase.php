<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
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
        $this->withServerVariables(['HTTP_HOST' => '127.0.0.1:8700']);
        config(['rilvet.hosts' => ['127.0.0.1:8700']]);
        $this->withHeader('Accept', 'application/json');
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
}
