<?php

declare(strict_types=1);

/**
 * Conditional looks, as ratios in one run: windows of a sheet of 100,000 rows by 20 columns with 30 rules of all kinds against
 * the same without them; html of 50,000 rows likewise; 5,000 pieces gathered. Medians of three runs.
 *
 * php bench/conditions.php [ROWS]
 */

use App\Bench\Bench;
use App\Bench\NewSheet;
use App\Bench\Shelf;
use App\Files\Opening;
use App\Files\Writing\HtmlWriter;
use App\Http\ConditionList;
use App\Http\Sight;
use Illuminate\Support\Facades\DB;
use Rilvet\Act\EditCells;
use Rilvet\Change\Json;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Gathering;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Range;
use Rilvet\Look\LookBook;
use Rilvet\Work\Workbook;
use Symfony\Component\Process\Process;

require __DIR__.'/booted.php';
$folder = booted('conditions');

$rows = (int) ($argv[1] ?? 100_000);
$words = ['late', 'paid', 'sent', 'waiting', 'returned'];

/** Rows of 20 columns: codes, texts, dates and figures. */
$line = fn (int $row) => $row === 1
    ? ['Lot', 'Status', 'Due', ...array_map(fn (int $number) => "Figure $number", range(1, 17))]
    : ['L-'.($row % 70_000), $words[$row * 7 % 5], 46_000 + $row * 13 % 700,
        ...array_map(fn (int $number) => ($row * ($number + 3) * 37 % 2_011) / 4 - 120, range(1, 17))];
$csv = "$folder/table.csv";
$out = fopen($csv, 'wb') ?: exit(1);
for ($row = 1; $row <= $rows; $row++) {
    fputcsv($out, $line($row), ',', '"', '');
}
fclose($out);

/** Thirty of all kinds: conditions, ranks, means, repeated values, formulas, a scale, a bar, marks. */
$all = "2:$rows";
$cells = fn (string $column) => $column.'2:'.$column.$rows;
$look = ['look' => ['bold' => true, 'ink' => '#9B2335']];
$always = ['test' => ['is' => 'always']];
$said = [];
foreach ([
    ['A', ['is' => 'repeated']], ['B', ['is' => 'oneOf', 'of' => ['"late"', '"waiting"']]], ['B', ['is' => 'holds', 'of' => ['"id"']]],
    ['B', ['is' => 'begins', 'of' => ['"se"']]], ['B', ['is' => 'blank']], ['C', ['is' => 'period', 'period' => 'lastMonth']],
    ['C', ['is' => 'below', 'of' => ['TODAY()']]], ['D', ['is' => 'below', 'of' => ['0']]], ['D', ['is' => 'between', 'of' => ['10',
        '40']]],
    ['E', ['is' => 'greatest', 'count' => 10]], ['E', ['is' => 'least', 'count' => 5, 'percent' => true]], ['F', ['is' => 'aboveMean']],
    ['F', ['is' => 'belowMean', 'deviations' => 1]], ['G', ['is' => 'formula', 'of' => ['AND($G2>$H2,$B2="late")']]],
    ['G', ['is' => 'formula', 'of' => ['MOD(ROW(),3)=0']]], ['H', ['is' => 'formula', 'of' => ['$H2>AVERAGE($H$2:$H$'.$rows.')']]],
    ['H', ['is' => 'formula', 'of' => ['COUNTIF($A$2:$A$'.$rows.',$A2)>1']]], ['I', ['is' => 'error']], ['I', ['is' => 'above',
        'of' => ['$D2']]],
    ['J', ['is' => 'unequal', 'of' => ['0']]], ['K', ['is' => 'single']], ['L', ['is' => 'outside', 'of' => ['-50', '200']]],
    ['M', ['is' => 'formula', 'of' => ['OR(ISBLANK($M2),$M2<$L2)']]], ['N', ['is' => 'atLeast', 'of' => ['300']]], ['D',
        ['is' => 'filled']],
    ['B', ['is' => 'ends', 'of' => ['"t"']]],
] as $number => [$column, $test]) {
    $said[] = Condition::of(['id' => "n$number", 'test' => $test, 'where' => ['cells' => $cells($column)]] + $look);
}
$said[] = Condition::of(['id' => 's', 'where' => ['cells' => $cells('O')], 'scale' => [['colour' => '#FFFFFF',
    'point' => ['at' => 'least']],
    ['colour' => '#FFE08A', 'point' => ['at' => 'percentile', 'value' => '50']], ['colour' => '#8E5A8A',
        'point' => ['at' => 'greatest']]]] + $always);
$said[] = Condition::of(['id' => 'b', 'where' => ['cells' => $cells('P')], 'bar' => ['colour' => '#8FA6BF',
    'below' => '#C98A6B']] + $always);
$said[] = Condition::of(['id' => 'm', 'where' => ['cells' => $cells('Q')], 'marks' => ['set' => '5Arrows']] + $always);
$said[] = Condition::of(['id' => 't', 'where' => ['cells' => $cells('R')], 'marks' => ['set' => '3Flags']] + $always);

$say = fn (string $what, float $ms, ?float $beside = null, ?float $most = null) => printf("%-62s %9.1f ms%s\n", $what, $ms,
    $beside === null ? ''
        : sprintf('   %.2f x of %.1f ms%s', $ms / $beside, $beside, $most === null ? '' : " (at most $most)"));

$bench = app(Bench::class);
$shelf = app(Shelf::class);
$row = $shelf->reserve('Table', 'bench');
$workbook = (new Opening(fn () => new MemoryBlockStore))->open($csv, 'table.csv');
NewSheet::keep($row, 1, $workbook->sheet(1));
$row->update(['revision' => 1, 'looks' => json_encode($workbook->looks->all(), JSON_THROW_ON_ERROR)]);

/** Windows here and there, as a person scrolls: loaded, painted, and made ready to be sent. */
$windows = function () use ($bench, $row): void {
    foreach ([1, 5_000, 50_000, 99_000] as $top) {
        $loaded = $bench->load($row->refresh(), [1]);
        json_encode(Sight::paint($loaded, 1, Range::of($top, 1, $top + 39, 20)));
    }
};
$windows();
$without = median($windows, 5) / 4;
DB::table('documents')->insert(['sheet_id' => $row->sheets()->firstOrFail()->id, 'name' => 'conditions',
    'data' => Json::of((new Conditions($said))->toJson())]);
$first = median($windows, 1);
$with = median($windows, 5) / 4;
printf("%s rows by 20 columns, %d conditional looks of all kinds\n", number_format($rows), count($said));
$say('the first windows, with the figures of whole columns', $first);
$say('a window of 40 by 20 cells, in the process', $with, $without);

// As it is felt: over HTTP, a window with them and one without in turn, so that what else the machine does falls on both.
$server = new Process([__DIR__.'/../bin/start'], env: ['RILVET_PORT' => '8746', 'RILVET_DEMO' => '0', 'LARAVEL_STORAGE_PATH' => $folder,
    'DB_DATABASE' => "$folder/bench.sqlite", 'APP_CONFIG_CACHE' => false, 'QUEUE_CONNECTION' => 'database'], timeout: null);
$bare = $shelf->reserve('Table', 'bench');
NewSheet::keep($bare, 1, $workbook->sheet(1));
$bare->update(['revision' => 1, 'looks' => json_encode($workbook->looks->all(), JSON_THROW_ON_ERROR)]);
$server->start();
for ($wait = 0; $wait < 1_200 && ! str_contains($server->getOutput(), 'Rilvet is ready'); $wait++) {
    usleep(100_000);
}
$took = [[], []];
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Accept: application/json']]);
for ($round = 0; $round < 130; $round++) {
    $top = 1 + $round * 97 % ($rows - 50);
    foreach ([$bare->id, $row->id] as $which => $id) {
        $ask = http_build_query(['top' => $top, 'left' => 1, 'bottom' => $top + 39, 'right' => 20]);
        curl_setopt($curl, CURLOPT_URL, "http://127.0.0.1:8746/api/workbooks/$id/sheets/1/window?$ask");
        $start = hrtime(true);
        $answer = curl_exec($curl);
        // The first ones find nothing at hand yet: code, metrics, figures of whole columns.
        $round < 30 || $took[$which][] = (hrtime(true) - $start) / 1e6;
        curl_getinfo($curl, CURLINFO_RESPONSE_CODE) === 200 || exit((string) $answer);
    }
}
$server->stop(8, SIGTERM);
array_walk($took, sort(...));
$say('a window of 40 by 20 cells, over HTTP, median of 100', $took[1][50], $took[0][50], 1.3);
$edit = median(function (int $time) use ($bench, $row) {
    $bench->act($row->refresh(), new EditCells(1, [2 => [5 => (string) (100 + $time)]]), $row->revision, 1);
    $loaded = $bench->load($row->refresh(), [1]);
    json_encode(Sight::paint($loaded, 1, Range::of(1, 1, 40, 20)));
});
$say('a number typed, with its window and the figures anew', $edit);
$listed = median(fn () => ConditionList::of($bench->load($row->refresh(), [1]), [1]), 1);
$say('the list of them, counted for the first time', $listed);
$say('the list again', median(fn () => ConditionList::of($bench->load($row->refresh(), [1]), [1])));

$half = $workbook->sheet(1);
$half = $half->readAs($half->found, new BlockSheet('Table', min(50_000, $rows), 20, $half->cells instanceof BlockSheet
    ? $half->cells->store()
    : new MemoryBlockStore, $half->typing), $half->typing);
$html = fn (bool $are) => fn () => (new HtmlWriter)->write(
    new Workbook('Table', [1 => $half->conditioned($are ? $said : [])], new LookBook),
    "$folder/table.html",
);
$bare = median($html(false));
$say('html of 50,000 rows', median($html(true)), $bare, 2.0);

$pieces = [];
for ($number = 0; $number < 5_000; $number++) {
    $at = 2 + intdiv($number, 3) * 2;
    $pieces[] = Condition::of(['id' => "f$number", 'test' => [['is' => 'below', 'of' => ['0']], ['is' => 'formula',
        'of' => ["\$B$at>\$C$at"]],
        ['is' => 'equal', 'of' => ['$F$1']]][$number % 3], 'where' => ['cells' => "A$at:D".($at + 1)], 'look' => [['bold' => true,
            'ink' => '#9B2335'],
            ['ink' => '#2C6E66'], ['fill' => '#E7D7A8']][$number % 3]]);
}
$count = 0;
$gathered = median(function () use ($pieces, &$count) {
    $count = count(Gathering::of($pieces));
});
$say("5,000 pieces gathered into $count (at most 1,000 ms)", $gathered);
