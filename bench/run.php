<?php

// Measures what the issues ask for, as ratios within one run. `composer bench`; figures go to docs/performance.md by hand.
declare(strict_types=1);

use Rilvet\Act\CorrectReading;
use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Fit\ColumnFit;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Survey;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TypingHints;
use Rilvet\Stylebook\Builtin;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

require __DIR__.'/../vendor/autoload.php';

$path = sys_get_temp_dir().'/rilvet-bench.csv';
if (! is_file($path)) {
    mt_srand(100_000);
    $file = fopen($path, 'wb');
    assert($file !== false);
    fputcsv($file, array_map(fn (int $column) => "Column $column", range(1, 20)), ',', '"', '');
    for ($row = 0; $row < 100_000; $row++) {
        $fields = [];
        for ($column = 0; $column < 20; $column++) {
            $fields[] = match ($column % 5) {
                0 => sprintf('%06d', $row),
                1 => ['Silver birch', 'Rowan', 'Grey alder', 'Osier, long'][mt_rand(0, 3)],
                2 => mt_rand(0, 9999),
                3 => number_format(mt_rand(0, 999_999) / 100, 2, '.', ''),
                default => sprintf('%04d-%02d-%02d', 2020 + mt_rand(0, 5), mt_rand(1, 12), mt_rand(1, 28)),
            };
        }
        fputcsv($file, $fields, ',', '"', '');
    }
    fclose($file);
}

$resident = fn (): int => (int) (preg_match('/VmHWM:\s+(\d+)/', (string) file_get_contents('/proc/self/status'), $found) === 1
    ? $found[1] / 1024
    : 0);
$show = fn (string $what, string $figure) => printf("%-62s %s\n", $what, $figure);

$start = microtime(true);
$stream = fopen($path, 'rb');
assert($stream !== false);
$cells = 0;
while (($row = fgetcsv($stream, null, ',', '"', '')) !== false) {
    $cells += count($row);
}
$floor = microtime(true) - $start;
$show('floor: a plain fgetcsv pass over 100,000 x 20', sprintf('%.2f s', $floor));

$start = microtime(true);
rewind($stream);
$survey = new Survey($blocks = new MemoryBlockStore);
$survey->take(Tokeniser::ofStream($stream, Dialect::detect($stream))->rows());
$typing = $survey->typing();
$took = microtime(true) - $start;
$show(
    'brought in: sniffed, split, surveyed, typed, put into blocks',
    sprintf('%.2f s, %.2f x the floor (at most 6), %d MB resident (at most 150)', $took, $took / $floor, $resident()),
);

$start = microtime(true);
$sheet = new BlockSheet('Bench', $survey->rows(), $survey->columns(), $blocks, $typing);
$reading = Finder::read(new SheetFacts($sheet, $survey->signatures(), new TypingHints($typing), $survey->longest()));
$show('parts and kinds read', sprintf('%.2f s (under 0.5), %d MB resident (under 100)', microtime(true) - $start, $resident()));

$median = function (int $times, Closure $do): float {
    $took = [];
    for ($time = 0; $time < $times; $time++) {
        $start = microtime(true);
        $do();
        $took[] = 1000 * (microtime(true) - $start);
    }
    sort($took);

    return $took[intdiv($times, 2)];
};
$small = MemorySheet::of('Small', [
    array_map(fn (int $column) => "Heading $column", range(1, 30)),
    ...array_map(fn (int $row) => ["Lot $row", ...array_map(fn (int $at) => $at * $row % 917, range(2, 30))], range(1, 300)),
]);
$show('a sheet of 300 x 30 read', sprintf('%.0f ms (under 30)', $median(9, fn () => Finder::read(SheetFacts::of($small)))));
$undressed = new Workbook('Bench', [1 => new Worksheet($sheet, 'Bench', $reading, typing: $typing)], new LookBook);
$correct = fn () => (new CorrectReading(1, new RowsAre(2, 1, 1, 1, Part::Note)))->on($undressed);
$show('the headings corrected, the columns read anew', sprintf('%.0f ms (under 100)', $median(5, $correct)));

$workbook = new Workbook('Bench', [1 => new Worksheet($sheet, 'Bench', $reading, typing: $typing)], new LookBook);
$start = microtime(true);
$workbook = (new Dress([1], Builtin::named('River ledger')))->on($workbook);
$show('dressed and fitted', sprintf('%.0f ms', 1000 * (microtime(true) - $start)));

mt_srand(60);
$times = [];
for ($round = 0; $round < 200; $round++) {
    $top = mt_rand(1, 99_900);
    $start = microtime(true);
    $window = (new Painter($workbook->sheet(1), $workbook->looks, Fonts::shipped()))->paint(1, Range::of($top, 1, $top + 59, 20));
    json_encode($window);
    $times[] = 1000 * (microtime(true) - $start);
}
sort($times);
$show('a window of 60 x 20, dressed: median, 95th percentile', sprintf('%.1f ms, %.1f ms (under 50)', $times[100], $times[190]));

$start = microtime(true);
$needed = (new ColumnFit($workbook->sheet(1), $workbook, Fonts::shipped()))->needs->of(range(1, 20));
$show(
    '20 columns of 100,000 rows fitted',
    sprintf('%.0f ms, %.2f x the floor (at most 4)', 1000 * (microtime(true) - $start), (microtime(true) - $start) / $floor),
);
$wrapped = (new Format(new Targets([1], RangeSet::parse('B2:B10001')), Look::of(['wrap' => true])))->on($workbook);
$start = microtime(true);
$heights = (new ColumnFit($wrapped->sheet(1)->sized(true, [2 => 40], [2], true), $wrapped, Fonts::shipped()))->heights(range(2, 10_001));
$show(
    'heights of 10,000 wrapped rows by 20 columns',
    sprintf('%.2f s (under 1), %d of them high', microtime(true) - $start, count($heights)),
);
require __DIR__.'/numbers.php';
require __DIR__.'/acts.php';
