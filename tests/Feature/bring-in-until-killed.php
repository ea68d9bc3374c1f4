<?php

// Brings a workbook in and hands it over, again and again, until it is killed; for StopTest.
declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\Versions;
use App\Jobs\BringIn;
use App\Jobs\HandOver;
use App\Models\Handover as HandoverRow;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Rilvet\Act\Dress;
use Rilvet\Stylebook\StylebookReference;

[, $database, $folder, $source] = $argv;
foreach (
    [
        'DB_DATABASE' => $database,
        'DB_CONNECTION' => 'sqlite',
        'APP_CONFIG_CACHE' => '/nowhere/config.php',
        'LARAVEL_STORAGE_PATH' => $folder,
        'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
    ] as $name => $value
) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
// What every start does first.
Artisan::call('rilvet:tidy');
$reference = new StylebookReference(Versions::named('River ledger')->id);
echo "begun\n";
for ($round = 0; ; $round++) {
    $import = Import::query()->create([
        'name' => 'Killed.xlsx',
        'kind' => 'xlsx',
        'status' => 'queued',
        'bytes' => 1,
        'dialect' => null,
        'progress' => 0,
        'message' => null,
        'workbook_id' => null,
    ]);
    $import->file()->take($source);
    BringIn::dispatchSync($import->id);
    $row = Workbook::query()->findOrFail($import->refresh()->workbook_id);
    app(Bench::class)->act($row, new Dress([1], Versions::referred($reference), reference: $reference), $row->revision);
    $handover = HandoverRow::query()->create([
        'workbook_id' => $row->id,
        'format' => 'xlsx',
        'status' => 'queued',
        'defuse' => false,
        'sheet' => null,
        'progress' => 0,
        'proof' => null,
        'message' => null,
    ]);
    HandOver::dispatchSync($handover->id);
}
