<?php

// Works a batch off, until it is killed; for BatchStopTest. What a start does first is done first here too.
declare(strict_types=1);

use App\Batch\Batches;
use App\Bench\Shelf;
use App\Files\Limits;
use App\Models\Batch;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Routine\Routine;
use Rilvet\Routine\Step;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

[, $database, $folder, $source] = $argv;
foreach (
    [
        'DB_DATABASE' => $database,
        'DB_CONNECTION' => 'sqlite',
        'QUEUE_CONNECTION' => 'database',
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
Artisan::call('rilvet:tidy');
if (! Batch::query()->exists()) {
    DB::transaction(function () use ($source) {
        $batch = Batches::begin('Killed');
        for ($file = 0; $file < 6; $file++) {
            Batches::take($batch, "file $file.csv", $source, new Limits);
        }
        for ($book = 0; $book < 6; $book++) {
            $shelf = app(Shelf::class);
            $row = $shelf->reserve("Book $book", 'book.csv');
            $cells = MemorySheet::of('S', array_map(fn (int $at) => ["K$at", $at % 2 === 0 ? 'even' : 'odd', $at * 37 % 101],
                range(1, 400)));
            $sheet = new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)));
            $shelf->keep($row, new Workbook("Book $book", [1 => $sheet], new LookBook), [1 => $shelf->reserveSheet($row, 1)], []);
            Batches::choose($batch, WorkbookRow::query()->findOrFail($row->id));
        }
        $batch->update(['routine' => (new Routine('Killed', [
            new Step('dress', null, null, ['stylebook' => 'River ledger']), new Step('addSheet', null, null, ['of' => 'contents']),
        ]))->json(), 'format' => 'xlsx']);
        Batches::run($batch);
    });
}
echo "working\n";
Artisan::call('queue:work', ['--queue' => 'small,default', '--stop-when-empty' => true, '--tries' => 1, '--sleep' => 0]);
echo "finished\n";
