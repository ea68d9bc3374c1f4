<?php

declare(strict_types=1);

/**
 * Findings, as they are felt: a sheet of 100,000 rows by 20 columns looked over for the first time (against reading its cells alone),
 * what is there at once, what an act on looks costs afterwards; forty workbooks of five sheets, and all of them beside each other; two
 * points of a history compared. Medians of three runs.
 *
 * php bench/findings.php [ROWS] [WORKBOOKS]
 */

use App\Bench\Bench;
use App\Bench\Looking;
use App\Bench\NewSheet;
use App\Bench\PastWorkbook;
use App\Bench\WorkedOut;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Check\MendFindings;
use Rilvet\Compare\Comparison;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

require __DIR__.'/booted.php';
booted('findings');
$rows = (int) ($argv[1] ?? 100_000);
$books = (int) ($argv[2] ?? 40);
$say = fn (string $what, float $ms, string $more = '') => printf("%-66s %9.1f ms   %s\n", $what, $ms, $more);

/** A sheet of a list: a code, a day, a state and figures. */
$sheet = function (string $name, int $rows, int $columns, int $seed): Worksheet {
    $lines = [[Cell::of('Lot'), Cell::of('State'), ...array_map(fn (int $at) => Cell::of("Figure $at"), range(1, $columns - 2))]];
    for ($row = 1; $row <= $rows; $row++) {
        $line = [Cell::of("L-$row"), Cell::of(['waiting', 'sent', 'paid'][$row % 3])];
        for ($column = 2; $column < $columns; $column++) {
            $line[] = Cell::of(($row * ($column + $seed) * 37 % 9_973) / 4);
        }
        $lines[] = $line;
    }
    $cells = new MemorySheet($name, $lines);

    return new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
};
$keep = function (string $name, array $sheets): WorkbookRow {
    $row = WorkbookRow::query()->create(['name' => $name, 'source' => 'bench', 'revision' => 1, 'looks' => '[[]]', 'names' => '{}',
        'notices' => '[]', 'from1904' => false]);
    /** @var Worksheet $one */
    foreach ($sheets as $at => $one) {
        NewSheet::keep($row, $at + 1, $one);
    }

    return $row->refresh();
};
$looking = app(Looking::class);
$bench = app(Bench::class);
$large = $keep('Large', [$sheet('Large', $rows, 20, 3)]);
memory_reset_peak_usage();
$reading = median(function () use ($bench, $large) {
    foreach ($bench->whole($large)->sheet(1)->cells->read(1, PHP_INT_MAX) as $line) {
    }
});
$say("reading $rows rows by 20 columns", $reading, 'the floor');
$all = median(function () use ($looking, $large) {
    WorkedOut::forget();
    $looking->over($large);
});
$say('all checks for the first time', $all, sprintf('%.1f times reading, %d MB; aim 4,000 ms and 200 MB', $all / $reading,
    memory_get_peak_usage() / 1e6));
$say('what is told first', median(function () use ($looking, $large) {
    WorkedOut::forget();
    $looking->over($large, 1.0);
}), 'aim 500 ms');
$looking->over($large);
$say('asked again', median(fn () => $looking->over($large)));
$say('after an act on looks', median(function (int $time) use ($looking, $bench, $large) {
    $bench->act($large->refresh(), new Format(new Targets([1], RangeSet::parse('C2:C100')), Look::of(['bold' => $time % 2 === 0])),
        $large->revision);
    $start = hrtime(true);
    $looking->over($large->refresh());
    fprintf(STDERR, "  looked over in %.1f ms\n", (hrtime(true) - $start) / 1e6);
}), 'with the act; aim 150 ms without it');
$past = PastWorkbook::after($large, 1, 0);
$say('one point of the history compared with now', median(function () use ($bench, $large) {
    $then = PastWorkbook::after($large, 1, 0);
    new Comparison($then->made($bench), 1, $bench->load($large, [1]), 1, ! $then->isOfData);
}));
$say('a window of one point of the history', median(function () use ($bench, $large) {
    App\Http\Sight::paint(PastWorkbook::after($large, 1, 0)->made($bench), 1, Rilvet\Grid\Range::parse('A1:X24'));
}));

$many = [];
for ($book = 0; $book < $books; $book++) {
    $many[] = $keep("Series $book", array_map(fn (int $at) => $sheet('Sheet '.chr(65 + $at), 200, 10, $book + $at), range(0, 4)));
}
$say("$books workbooks of five sheets, 200 rows by 10 columns each", median(function () use ($looking, $many) {
    WorkedOut::forget();
    foreach ($many as $row) {
        $looking->over($row);
    }
    $many === [] || $looking->series($many);
}, 1), 'aim 10,000 ms');

$lines = [['Lot', ...array_map(fn (int $at) => "Count $at", range(1, 190))]];
for ($row = 1; $row <= 30; $row++) {
    $lines[] = ["L$row", ...array_map(fn (int $at) => ($row * $row * 37 + $at * $at * 101) % 1_009, range(1, 190))];
}
for ($column = 1; $column <= 190; $column++) {
    $lines[1 + $column % 29][$column] = '5';
}
$cells = new MemorySheet('Many', array_map(
    fn (array $line) => array_map(Cell::of(...), array_values($line)), $lines));
$found = $looking->over($keep('Many', [new Worksheet($cells, 'Many', Finder::read(SheetFacts::of($cells)))]))->findings;
$workbook = new Workbook('Many', [1 => new Worksheet($cells, 'Many', Finder::read(SheetFacts::of($cells)))], new LookBook);
$found = array_slice($found, 0, 190);
$found !== [] || exit("Nothing was found.\n");
$one = median(fn () => (new MendFindings([$found[0]]))->on($workbook));
$all = median(fn () => (new MendFindings($found))->on($workbook));
$say('190 numbers kept as texts mended in one step', $all, sprintf('%.1f times one of them (%.0f ms)', $all / $one, $one));
