<?php

// Acts at 100,000 rows by 20 columns through the one way: load, act, save, new windows; and their undos.
declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\History;
use App\Bench\Versions;
use App\Jobs\BringIn;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Text\Fonts;
use Rilvet\Window\Figures;
use Rilvet\Window\Inspector;
use Rilvet\Window\Painter;

$database = sys_get_temp_dir().'/rilvet-bench.sqlite';
@unlink($database);
touch($database);
foreach (
    [
        'DB_DATABASE' => $database,
        'APP_CONFIG_CACHE' => '/nowhere/config.php',
        'LARAVEL_STORAGE_PATH' => sys_get_temp_dir().'/rilvet-bench',
        'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
    ] as $name => $value
) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
@mkdir(sys_get_temp_dir().'/rilvet-bench/framework/views', 0755, true);
require_once __DIR__.'/../vendor/autoload.php';
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$import = Import::query()->create([
    'name' => 'bench.csv',
    'kind' => 'delimited',
    'status' => 'queued',
    'bytes' => 1,
    'dialect' => null,
    'progress' => 0,
    'message' => null,
    'workbook_id' => null,
]);
$import->file()->take(sys_get_temp_dir().'/rilvet-bench.csv');
BringIn::dispatchSync($import->id);
$row = Workbook::query()->findOrFail($import->refresh()->workbook_id);
$bench = app(Bench::class);
$reference = new StylebookReference(Versions::named('River ledger')->id);
$bench->act($row, new Dress([1], Versions::referred($reference), reference: $reference), $row->revision);

mt_srand(7);
$measure = function (string $what, callable $make) use ($bench, $row) {
    $times = $undos = [];
    for ($round = 0; $round < 40; $round++) {
        /** @var Act $act */
        $act = $make($round);
        $start = microtime(true);
        $after = $bench->act($row, $act, $row->revision)->after;
        json_encode((new Painter($after->sheet(1), $after->looks, Fonts::shipped()))->paint(1, Range::of(50_000, 1, 50_059, 20)));
        $times[] = 1000 * (microtime(true) - $start);
        $runs = $after->sheet(1)->hand->count();
        $start = microtime(true);
        app(History::class)->undo($row, $row->revision);
        $workbook = $bench->load($row, [1]);
        json_encode((new Painter($workbook->sheet(1), $workbook->looks, Fonts::shipped()))->paint(1, Range::of(50_000, 1, 50_059, 20)));
        $undos[] = 1000 * (microtime(true) - $start);
    }
    sort($times);
    sort($undos);
    printf(
        "%-62s %s\n",
        $what,
        sprintf('%.0f ms, undo %.0f ms at the 95th percentile (100); %d runs (under 200)', $times[37], $undos[37], $runs),
    );
};
$measure(
    'bold on the whole body, to the new window',
    fn (int $round) => new Format(new Targets([1], RangeSet::parse('B2:T100001')), Look::of(['bold' => $round % 2 === 0])),
);
$measure(
    'fill on 50 scattered ranges, to the new window',
    fn (int $round) => new Format(
        new Targets(
            [1],
            RangeSet::parse(
                implode(',', array_map(fn (int $i) => 'C'.(1900 * $i + 5 + $round).':E'.(1900 * $i + 9 + $round), range(1, 50))),
            ),
        ),
        Look::of(['fill' => '#FFEE00']),
    ),
);

$workbook = $bench->load($row, [1]);
$start = microtime(true);
(new Inspector($workbook->sheet(1), $workbook->looks))->inspect(RangeSet::parse('B2:T100001'), 2, 2);
printf("%-62s %.0f ms\n", 'the tray for a selection of the whole body', 1000 * (microtime(true) - $start));
$start = microtime(true);
Figures::of($workbook->sheet(1)->cells, RangeSet::parse('C2:C100001'));
printf("%-62s %.0f ms\n", 'sum, mean, least, greatest of one column', 1000 * (microtime(true) - $start));
@unlink($database);
