<?php

// Fits the weights of Ground and Clue on laid out tables, as they are and roughened: `php bench/reading/weigh.php [SEEDS] [EACH]`, seeds
// with commas, odd ones. Prints what the weights would be beside what they are, with how many rows they were seen at.
declare(strict_types=1);

require __DIR__.'/../../vendor/autoload.php';

use Bench\Reading\Examination;
use Rilvet\Reading\Clue;
use Rilvet\Reading\Ground;

$seeds = array_map(intval(...), explode(',', $argv[1] ?? '1,3,5'));
$rows = [];
foreach (Examination::rough($seeds, (int) ($argv[2] ?? 8))->weighed as [$ground, $clues, $isRight]) {
    $key = implode('|', [$ground->value, ...array_map(fn (Clue $clue) => $clue->value, $clues)]);
    $rows[$key] ??= [[$ground, ...$clues], 0, 0];
    $rows[$key][1]++;
    $rows[$key][2] += $isRight ? 1 : 0;
}
/** @var array<string, float> $weights */
$weights = [];
/** @var array<string, int> $seen */
$seen = [];
/** @var array<string, int> $right */
$right = [];
foreach ($rows as [$terms, $all, $good]) {
    foreach ($terms as $term) {
        $weights[$term->value] = $term->weight();
        $seen[$term->value] = ($seen[$term->value] ?? 0) + $all;
        $right[$term->value] = ($right[$term->value] ?? 0) + $good;
    }
}
// Logistic regression, each step as long as what was seen of a term allows; a little pull to zero keeps what is rare small.
for ($step = 0; $step < 4_000; $step++) {
    $slopes = array_map(fn (float $weight) => -0.5 * $weight, $weights);
    foreach ($rows as [$terms, $all, $good]) {
        $odds = array_sum(array_map(fn (Ground|Clue $term) => $weights[$term->value], $terms));
        foreach ($terms as $term) {
            $slopes[$term->value] += $good - $all / (1 + exp(-$odds));
        }
    }
    foreach ($slopes as $name => $slope) {
        $weights[$name] += 0.4 * $slope / (0.1 * $seen[$name] + 1);
    }
}
foreach ([...Ground::cases(), ...Clue::cases()] as $term) {
    printf(
        "%-45s is %4.1f, would be %5.1f: %6d rows, %5.1f %% right\n", $term->value, $term->weight(), $weights[$term->value] ?? NAN,
        $seen[$term->value] ?? 0, 100 * ($right[$term->value] ?? 0) / max(1, $seen[$term->value] ?? 0),
    );
}
