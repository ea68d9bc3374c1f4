<?php

declare(strict_types=1);

/**
 * Many workbooks, newer data and summaries, as they are felt: workbooks of 5 sheets of 2,000 rows dressed and handed over one by one, and
 * by workers of the queue; newer data for 100,000 rows by 20 columns with a key, to its plan and kept, from the database; a summary of
 * as many rows by two columns and one side by side, made and made anew. Medians of three runs.
 *
 * php bench/batch.php [FILES] [ROWS] [WORKERS]
 */

use App\Batch\Batches;
use App\Batch\FileRun;
use App\Bench\Bench;
use App\Bench\NewSheet;
use App\Files\Limits;
use App\Files\Writing\Writers;
use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Act\BringAnew;
use Rilvet\Act\Summarise;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Renew\NewData;
use Rilvet\Routine\Routine;
use Rilvet\Routine\Step;
use Rilvet\Summary\Summary;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Symfony\Component\Process\Process;

require __DIR__.'/booted.php';
booted('batch');
ini_set('memory_limit', '2G');
[$files, $rows, $workers] = [(int) ($argv[1] ?? 24), (int) ($argv[2] ?? 100_000), (int) ($argv[3] ?? 2)];
$say = fn (string $what, float $ms, string $more = '') => printf("%-70s %9.1f ms   %s\n", $what, $ms, $more);
/** @return list<list<int|float|string>> */
$lines = function (int $rows, int $columns, bool $newer = false): array {
    $lines = [['Id', 'Colour', 'Size', ...array_map(fn (int $at) => "Figure $at", range(4, $columns))]];
    for ($row = 1; $row <= $rows; $row++) {
        if ($newer && $row % 37 === 5) {
            continue;
        }
        $line = [sprintf($newer && $row % 50 === 0 ? 'N%06d' : 'K%06d', $row), ['red', 'blue', 'grey'][$row % 3], ['S', 'M', 'L',
            'XL'][$row % 4]];
        for ($column = 3; $column < $columns; $column++) {
            $line[] = ($row * ($column + 3) * 37 % 9_973) / 4 + ($newer && $column === 5 && $row % 11 === 3 ? 1 : 0);
        }
        $lines[] = $line;
    }

    return $lines;
};

/** @param  list<list<null|bool|int|float|string>>  $lines */
function benched(string $name, array $lines): Worksheet
{
    $cells = MemorySheet::of($name, $lines);

    return new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
}

// One workbook of five sheets, as a file.
$path = sys_get_temp_dir().'/rilvet-batch-'.getmypid().'.xlsx';
$sheets = [];
foreach (range(1, 5) as $number) {
    $sheets[$number] = benched("Sheet $number", $lines(2_000, 8));
}
Writers::for('xlsx')?->write(new Workbook('Five', $sheets, new LookBook), $path);
unset($sheets);
$routine = new Routine('Dressed', [new Step('dress', null, null, ['stylebook' => 'River ledger'])]);
$run = FileRun::forCommandLine($routine, null);
$single = median(fn () => $run->on($path, 'five.xlsx', "$path.out.xlsx", 'xlsx'));
$peak = memory_get_peak_usage() / 1e6;
$say('a workbook of 5 sheets of 2,000 rows, dressed, written and proven', $single, sprintf('%.0f MB (aim 150)', $peak));
$batch = Batches::begin('Bench');
for ($file = 0; $file < $files; $file++) {
    Batches::take($batch, "file $file.xlsx", $path, new Limits);
}
config(['queue.default' => 'database']);
BatchItem::query()->update(['status' => 'planned']);
$batch->update(['routine' => $routine->json(), 'format' => 'xlsx']);
Batches::run($batch->refresh());
$work = array_map(fn () => new Process([PHP_BINARY, base_path('artisan'), 'queue:work', '--queue=small,default',
    '--stop-when-empty', '--quiet'],
    base_path(), ['DB_DATABASE' => config('database.connections.sqlite.database'), 'LARAVEL_STORAGE_PATH' => storage_path(),
        'QUEUE_CONNECTION' => 'database'], timeout: 3_600), range(1, $workers));
$start = microtime(true);
array_map(fn (Process $one) => $one->start(), $work);
while (Batch::query()->whereKey($batch->id)->value('status') !== 'done') {
    usleep(50_000);
}
$took = 1_000 * (microtime(true) - $start);
array_map(fn (Process $one) => $one->wait(), $work);
$done = BatchItem::query()->where('status', 'done')->count();
$say("$done of $files of them by $workers workers, the start of these included", $took,
    sprintf('%.2f x of their single times by the workers (aim 1.3)', $took / ($single * $files / $workers)));
unlink($path);
@unlink("$path.out.xlsx");

// Newer data, from the database.
$keep = function (string $name, array $lines): WorkbookRow {
    $row = WorkbookRow::query()->create(['name' => $name, 'source' => 'bench', 'revision' => 1, 'looks' => '[[]]', 'names' => '{}',
        'notices' => '[]', 'from1904' => false]);
    /** @var list<list<null|bool|int|float|string>> $lines */
    NewSheet::keep($row, 1, benched($name, $lines));

    return $row;
};
$old = $keep('Old', $lines($rows, 20));
$new = $keep('New', $lines($rows, 20, true));
$bench = app(Bench::class);
$words = '';
$plan = median(function () use ($bench, $old, $new, &$words): void {
    $words = (new BringAnew(1, 1, 1, NewData::first($bench->whole($new))))->plan($bench->load($old, [1]))->words();
});
$say("newer data for $rows rows by 20 columns, by a key, to its plan", $plan, "$words (aim 3,000)");
$act = median(fn () => $bench->preview($old, new BringAnew(1, 1, 1, NewData::first($bench->whole($new))), 1));
$say('and tried on the sheet, plan and sizes included', $act);
$of = Summary::of(['sheet' => 1, 'rows' => [['heading' => 'Colour'], ['heading' => 'Size']], 'values' => [['heading' => 'Figure 5']]]);
$say("a summary of $rows rows by two columns", median(fn () => (new Summarise(null, $of))->on($bench->load($old, [1]))), '(aim 400)');
$made = (new Summarise(null, $of))->on($bench->load($old, [1]));
$say('made anew', median(fn () => (new Summarise(2, null))->on($made)), '(aim 400)');
$pdo = new PDO('sqlite::memory:');
$pdo->exec('create table t (a text, b text, c real)');
$insert = $pdo->prepare('insert into t values (?, ?, ?)');
$pdo->beginTransaction();
foreach (array_slice($lines($rows, 20), 1) as $line) {
    $insert->execute([$line[1], $line[2], $line[4]]);
}
$pdo->commit();
$say('the same by a database that holds the rows (the floor)', median(fn () => $pdo->query('select a, b, sum(c) from t group by a, '
    .'b') ?: null));
