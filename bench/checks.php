<?php

declare(strict_types=1);

/**
 * How precise the checks are, and how much they find: over a corpus of sheets with faults planted one at a time. "php
 * bench/checks.php" prints what each check found, missed, and found wrongly.
 */
require __DIR__.'/../vendor/autoload.php';

use App\CommandLine\Files;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Rilvet\Check\Checks;
use Tests\Corpus;

$right = $missed = $wrong = [];
$sheets = 0;
$path = tempnam(sys_get_temp_dir(), 'bed').'.xlsx';
foreach ((new Corpus)->all() as $name => [$bed, $check, $may]) {
    $sheets++;
    (new Xlsx($bed->book))->save($path);
    $bed->book->disconnectWorksheets();
    $found = [];
    foreach (Checks::on(Files::open($path), Checks::all()) as $one) {
        $found[$one->check] = "$one->sheet $one->range: $one->words";
    }
    if ($check !== null) {
        if (isset($found[$check])) {
            $right[$check] = ($right[$check] ?? 0) + 1;
        } else {
            $missed[$check][] = $name;
        }
    }
    foreach (array_diff_key($found, array_flip([...$may, (string) $check])) as $other => $words) {
        $wrong[$other][] = "$name: $words";
    }
}
unlink($path);
$count = fn (array $of) => array_sum(array_map(fn ($one) => is_array($one) ? count($one) : $one, $of));
foreach (array_unique([...array_keys($right), ...array_keys($missed), ...array_keys($wrong)]) as $check) {
    $line = "%-26s found %3d, missed %d, wrongly %d\n";
    printf($line, $check, $right[$check] ?? 0, count($missed[$check] ?? []), count($wrong[$check] ?? []));
}
foreach ([['missed', $missed], ['wrongly', $wrong]] as [$what, $of]) {
    foreach ($of as $check => $some) {
        foreach (array_slice($some, 0, (int) ($argv[1] ?? 2)) as $one) {
            echo "  $what $check: $one\n";
        }
    }
}
$all = $count($right);
printf("%d sheets: precision %.3f, recall %.3f\n", $sheets, $all / max(1, $all + $count($wrong)), $all / max(1, $all + $count($missed)));
