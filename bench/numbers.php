<?php

// 100,000 mixed values through format codes, against the general-purpose spreadsheet library in the same run.
declare(strict_types=1);

use PhpOffice\PhpSpreadsheet\Style\NumberFormat as Library;
use Rilvet\Number\NumberFormat;

require_once __DIR__.'/../vendor/autoload.php';

mt_srand(18_830);
$codes = ['#,##0.00', '0%', '0.0%', 'yyyy-mm-dd', 'dd mmm yyyy', 'hh:mm', '#,##0;(#,##0);"-"', '"£"* #,##0.00', '0.00E+00', 'General'];
$values = array_map(
    fn (int $index) => [
        $codes[$index % 10],
        $index % 10 >= 3 && $index % 10 <= 5 ? mt_rand(30_000, 50_000) + mt_rand(0, 1_439) / 1_440 : mt_rand(-9_999_999, 99_999_999) / 100,
    ],
    range(0, 99_999),
);
$time = function (callable $show) use ($values): float {
    $start = microtime(true);
    foreach ($values as [$code, $value]) {
        $show($code, $value);
    }

    return microtime(true) - $start;
};
$ours = $time(fn (string $code, float $value) => NumberFormat::of($code)->number($value)->text);
$peer = $time(fn (string $code, float $value) => Library::toFormattedString($value, $code));
printf(
    "%-62s %s\n",
    '100,000 mixed values through their format codes',
    sprintf('%.2f s (under 0.5), %.1f times as fast as the library (at least 5)', $ours, $peer / $ours),
);
