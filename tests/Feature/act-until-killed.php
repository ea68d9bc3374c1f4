<?php

// Does one act after another on a workbook until it is killed; for StopTest.
declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\Shelf;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

[, $database, $folder] = $argv;
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

$row = WorkbookRow::query()->first();
if ($row === null) {
    $shelf = app(Shelf::class);
    $row = $shelf->reserve('Stop', 'stop.csv');
    $cells = MemorySheet::of('S', [['a', 'b']]);
    $shelf->keep(
        $row,
        new Workbook('Stop', [1 => new Worksheet($cells, 'S', Reading::none())], new LookBook()),
        [1 => $shelf->reserveSheet($row, 1)],
        [],
    );
    $row->refresh();
}
$bench = app(Bench::class);
$at = $row->changes()->count();
echo "acting\n";
while (true) {
    $at++;
    $bench->act($row, new Format(new Targets([1], RangeSet::parse("B$at")), Look::of(['bold' => true])), $row->revision);
}
