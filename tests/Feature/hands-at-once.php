<?php

// One of several people who act on workbooks at once, each from the revision seen last; for ManyHandsTest.
declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\StaleRevision;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Contracts\Console\Kernel;
use Rilvet\Act\EditCells;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;

[, $folder, $hand, $acts, $books] = $argv;
foreach (
    [
        'APP_CONFIG_CACHE' => '/nowhere/config.php',
        'LARAVEL_STORAGE_PATH' => $folder,
        'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
        'LOG_CHANNEL' => 'null',
        'QUEUE_CONNECTION' => 'sync',
    ] as $name => $value
) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$bench = app(Bench::class);
$rows = WorkbookRow::query()->orderBy('id')->get()->all();
$seen = array_map(fn (WorkbookRow $row) => $row->revision, $rows);
for ($step = 1; $step <= (int) $acts; $step++) {
    $at = ((int) $hand + $step) % (int) $books;
    $place = 2 + $step;
    $act = $step % 3 === 0
        ? new EditCells(1, [$place => [(int) $hand + 2 => "$hand.$step"]])
        : new Format(new Targets([1], RangeSet::parse(chr(66 + (int) $hand).$place)), Look::of(['bold' => true, 'size' => 8 + $step % 9]));
    try {
        $bench->act($rows[$at], $act, $seen[$at]);
        // Now and then somebody is behind by many revisions.
        $seen[$at] = $step % 5 === 0 ? $seen[$at] : $rows[$at]->revision;
        echo "$at $step\n";
    } catch (StaleRevision $stale) {
        echo "refused {$stale->getMessage()}\n";
    }
}
