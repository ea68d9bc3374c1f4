<?php

// Examines the reading on tables that a generator lays out: `php bench/reading/examine.php [SEED] [EACH] [WORST]`. Odd seeds are
// for tuning, even ones are held out. Prints the share of cells whose part was read right, by cause, and the worst tables.
declare(strict_types=1);

require __DIR__.'/../../vendor/autoload.php';

use Bench\Reading\Examination;
use Bench\Reading\Generator;
use Bench\Reading\Kinds;

[$seed, $each, $shown] = array_map(intval(...), array_slice($argv, 1)) + [1, 12, 12];
$examination = Examination::of((new Generator)->all($seed, $each));
foreach ($examination->scores as $cause => $shares) {
    printf(
        "%-36s mean %5.1f %%, worst %5.1f %%\n",
        $cause,
        (100 * array_sum($shares)) / max(1, count($shares)),
        100 * min([1.0, ...$shares]),
    );
}
$perfect = count(array_filter($examination->tables, fn (array $table) => $table[0] === 1.0));
printf(
    "\n%d tables: mean %.1f %%, worst %.1f %%, all right in %d, tables counted right in %d\n",
    count($examination->tables), 100 * $examination->mean(), 100 * $examination->worst(), $perfect, $examination->counted,
);
$rough = Examination::rough([$seed], $each);
foreach (['rows' => $rough->rows, 'tables' => $rough->sure] as $what => $readings) {
    echo "\nwith as many that were roughened, $what:\n";
    foreach (Examination::reliability($readings) as [$confidence, $all, $mean, $right]) {
        printf("read from %.2f on: %d, called %.1f %%, %.1f %% right\n", $confidence, $all, 100 * $mean, 100 * $right);
    }
}
$tables = $examination->tables;
usort($tables, fn (array $one, array $other) => $one[0] <=> $other[0]);
foreach (array_slice($tables, 0, $shown) as [$share, $which, $missed]) {
    printf("%5.1f %%  %s: %s\n", 100 * $share, $which, implode('; ', $missed));
}
$kinds = Kinds::of($seed, 8 * $each);
printf("\nkinds: %.2f %% of %d columns\n", 100 * $kinds->share(), $kinds->all);
foreach (array_slice($kinds->missed, 0, $shown) as $what => $times) {
    printf("%5d times  %s\n", $times, $what);
}
