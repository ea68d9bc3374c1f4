<?php

// A rule changed on a stylebook that 200 workbooks of 5 sheets wear; windows before and after; what a Stylebook screen asks for.
declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\Drafts;
use App\Bench\NewSheet;
use App\Bench\Revising;
use App\Bench\Shelf;
use App\Bench\SpecimenBook;
use App\Bench\Versions;
use App\Http\Records\BookRecord;
use App\Http\Records\RulesRecord;
use App\Models\Sheet;
use App\Models\Workbook;
use App\Wire\Arguments;
use App\Wire\Stylebook\FormatPartEverywhere;
use App\Wire\Stylebook\Say;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Rilvet\Act\Dress;
use Rilvet\Grid\Range;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;

$database = sys_get_temp_dir().'/rilvet-bench-books.sqlite';
@unlink($database);
touch($database);
foreach (
    [
        'DB_DATABASE' => $database, 'DB_CONNECTION' => 'sqlite', 'QUEUE_CONNECTION' => 'null', 'APP_CONFIG_CACHE' => '/nowhere/config.php',
        'LARAVEL_STORAGE_PATH' => sys_get_temp_dir().'/rilvet-bench', 'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
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

[$books, $sheets] = [200, 5];
$reference = new StylebookReference(Versions::named('River ledger')->id);
$shelf = app(Shelf::class);
$made = (new Dress([1], Versions::referred($reference), false, null, $reference))->on(SpecimenBook::of('Book'));
Illuminate\Support\Facades\DB::transaction(function () use ($shelf, $made, $books, $sheets) {
    for ($book = 1; $book <= $books; $book++) {
        $row = $shelf->reserve("Book $book", 'bench');
        $row->update(['revision' => 1, 'looks' => json_encode($made->looks->all(), JSON_THROW_ON_ERROR)]);
        for ($number = 1; $number <= $sheets; $number++) {
            NewSheet::keep($row, $number, $made->sheet(1));
        }
    }
});
/** @return float ms, the median of three */
$median = function (Closure $run): float {
    $times = [];
    for ($time = 0; $time < 3; $time++) {
        $began = hrtime(true);
        $run($time);
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    sort($times);

    return $times[1];
};
$row = Workbook::query()->where('name', 'Book 100')->firstOrFail();
$bench = app(Bench::class);
$window = function () use ($bench, $row): void {
    $workbook = $bench->load($row->refresh(), [1]);
    (new Painter($workbook->sheet(1), $workbook->looks, Fonts::shipped()))->paint(1, Range::of(1, 1, 24, 9));
};
$window();
$before = $median($window);
$revise = function (string $hex, string $over) use ($row): void {
    $given = ['scope' => 'everywhere', 'part' => 'heading', 'kind' => null, 'ranges' => 'A4', 'look' => ['fill' => $hex], 'over' => $over];
    app(Revising::class)->revise($row->refresh(), 1, new FormatPartEverywhere, new Arguments($given, 1, $row));
};
$changed = $median(fn (int $time) => $revise(sprintf('#33445%d', $time), 'keep'));
$asked = $median(fn (int $time) => $revise(sprintf('#33446%d', $time), 'ask'));
$after = $median($window);

$drafts = app(Drafts::class);
$book = App\Models\Stylebook::query()->findOrFail($reference->stylebook);
$draft = $drafts->open($book);
$specimen = Drafts::specimen($draft);
$set = $median(function (int $time) use ($specimen) {
    $given = ['part' => 'title', 'kind' => null, 'look' => ['ink' => sprintf('#22334%d', $time)]];
    app(Revising::class)->revise($specimen->refresh(), 1, new Say, new Arguments($given, 1, $specimen));
});
$began = hrtime(true);
$drafts->keep($book->refresh(), $draft->refresh(), null);
$kept = (hrtime(true) - $began) / 1e6;
$opened = $median(function () use ($bench, $book, $drafts, $specimen) {
    $drafts->open($book->refresh());
    BookRecord::of($book);
    RulesRecord::of(Versions::of($book->id)[0]);
    $workbook = $bench->settled($specimen->refresh(), [1]);
    (new Painter($workbook->sheet(1), $workbook->looks, Fonts::shipped()))->paint(1, Range::of(1, 1, 30, 10));
});

printf("A stylebook that %d workbooks of %d sheets wear (%d sheets):\n", $books, $sheets, Sheet::wearing($book->id)->count());
printf("  a rule changed from a Bench                   %6.1f ms\n", $changed);
printf("  the same, with hand touches asked about       %6.1f ms\n", $asked);
printf("  a rule set in the draft                       %6.1f ms\n", $set);
printf("  the draft kept as a version                   %6.1f ms\n", $kept);
printf("  a window of one of them, before and after     %6.1f and %.1f ms\n", $before, $after);
printf("  what a Stylebook screen asks for, in all      %6.1f ms\n", $opened);
