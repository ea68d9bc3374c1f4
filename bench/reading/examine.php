<?php

// Examines the reading on tables that a generator lays out: `php bench/reading/examine.php [SEED] [EACH]`. Odd seeds are for
// tuning, even ones are held out. Prints the share of cells whose part was read right, by cause, and the worst tables.
declare(strict_types=1);

require __DIR__.'/../../vendor/autoload.php';
foreach (['Vocabulary', 'Layout', 'Generator'] as $class) {
    require_once __DIR__."/$class.php";
}

use Bench\Reading\Generator;
use Bench\Reading\Layout;
use Rilvet\Grid\MemorySheet;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;

$seed = (int) ($argv[1] ?? 1);
$each = (int) ($argv[2] ?? 12);
/** @var array<string, list<float>> $scores */
$scores = [];
$counted = 0;
$worst = [];
$sure = [];
$layouts = (new Generator)->all($seed, $each);
foreach ($layouts as $number => $layout) {
    assert($layout instanceof Layout);
    $width = max(array_map(count(...), $layout->rows));
    $cells = MemorySheet::of('Sheet', array_map(fn (array $row) => array_pad($row, $width, null), $layout->rows));
    $reading = Finder::read(SheetFacts::of($cells));
    $right = $all = 0;
    $missed = [];
    foreach ($layout->truth as $row => $columns) {
        foreach ($columns as $column => $part) {
            $all++;
            $read = $reading->tableAt($row, $column)?->partAt($row, $column);
            $right += $read === $part ? 1 : 0;
            $read === $part || $missed["$row: {$part->value} read as ".($read->value ?? 'nothing')] = true;
        }
    }
    $scores[$layout->cause][] = $score = $right / $all;
    $counted += count($reading->tables) === $layout->tables ? 1 : 0;
    $sure[] = [$reading->tables[0]->confidence ?? 0.0, $score === 1.0];
    $worst[] = [$score, "{$layout->cause}, {$layout->language}, number $number, ".count($reading->tables).' tables', array_slice(array_keys($missed), 0, 4)];
}
$means = [];
foreach ($scores as $cause => $list) {
    $means[] = $mean = array_sum($list) / count($list);
    printf("%-36s mean %5.1f %%, worst %5.1f %%\n", $cause, 100 * $mean, 100 * min($list));
}
$every = array_merge(...array_values($scores));
printf(
    "\n%d tables: mean %.1f %%, worst %.1f %%, all right in %d, tables counted right in %d\n",
    count($every), 100 * array_sum($every) / count($every), 100 * min($every), count(array_filter($every, fn (float $score) => $score === 1.0)), $counted,
);
usort($worst, fn (array $one, array $other) => $one[0] <=> $other[0]);
foreach (array_slice($worst, 0, (int) ($argv[3] ?? 12)) as [$score, $what, $missed]) {
    printf("%5.1f %%  %s: %s\n", 100 * $score, $what, implode('; ', $missed));
}
