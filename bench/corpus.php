<?php

// Broken packages, made from good ones with a fixed seed: each is refused with its message or read without harm.
// `php bench/corpus.php 400` does so many (300 and more in full; bin/test takes a short form through CorpusTest).
// One package a process, so that time and memory are its own. Prints one line a kind of fault, and ends with 1 where one did harm.
declare(strict_types=1);

use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use Rilvet\Act\Dress;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Tests\Broken;

require __DIR__.'/../vendor/autoload.php';

if (($argv[1] ?? '') === '--one') {
    // Everything that a person would do with it: bring in, dress, hand over.
    ini_set('memory_limit', '1G');
    set_error_handler(function (int $level, string $message, string $file, int $line) {
        if ((error_reporting() & $level) === 0) {
            return true;
        }
        throw new ErrorException($message, 0, $level, $file, $line);
    });
    try {
        $workbook = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($argv[2], 'broken.xlsx');
        try {
            $workbook = (new Dress(array_keys($workbook->sheets), Builtin::named('River ledger')))->on($workbook);
        } catch (Refusal) {
            // A protected sheet stays as it is.
        }
        (new PackageWriter($argv[2], []))->write($workbook, $argv[2].'.out');
        $said = (new PackageWriter($argv[2], []))->prove($workbook, $argv[2].'.out')->holds() ? 'read' : 'harm: the proof does not hold';
    } catch (Refusal $refusal) {
        $said = 'refused: '.$refusal->getMessage();
    } catch (Throwable $fault) {
        $said = 'harm: '.get_class($fault).' '.$fault->getMessage().' at '.basename($fault->getFile()).':'.$fault->getLine();
    }
    @unlink($argv[2].'.out');
    preg_match('/VmHWM:\s+(\d+)/', (string) @file_get_contents('/proc/self/status'), $peak);
    echo json_encode([$said, (int) (($peak[1] ?? 0) / 1024)], JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
    exit;
}

$count = (int) ($argv[1] ?? 320);
$folder = sys_get_temp_dir().'/rilvet-corpus-'.getmypid();
mkdir($folder);
$tally = [];
$harm = [];
foreach (Broken::packages($count) as $index => [$kind, $bytes]) {
    $path = "$folder/$index.xlsx";
    file_put_contents($path, $bytes);
    $start = microtime(true);
    $out = [];
    exec('timeout 20 '.escapeshellarg(PHP_BINARY).' '.escapeshellarg(__FILE__).' --one '.escapeshellarg($path).' 2>&1', $out, $code);
    $seconds = microtime(true) - $start;
    $answer = json_decode(implode("\n", $out), true);
    $said = is_array($answer) && is_string($answer[0] ?? null) ? $answer[0] : 'harm: '.implode(' ', $out)." (ended with $code)";
    $peak = is_array($answer) && is_int($answer[1] ?? null) ? $answer[1] : 0;
    if (str_starts_with($said, 'harm') || $seconds > 10 || $peak > 300) {
        $harm[] = sprintf('%s (%d): %s, %.1f s, %d MB', $kind, $index, $said, $seconds, $peak);
    }
    $tally[$kind][str_starts_with($said, 'refused') ? 'refused' : 'read'] =
        ($tally[$kind][str_starts_with($said, 'refused') ? 'refused' : 'read'] ?? 0) + 1;
    @unlink($path);
}
$left = glob("$folder/*") ?: [];
array_map(unlink(...), $left);
rmdir($folder);
foreach ($tally as $kind => $answers) {
    printf("%-28s %3d refused, %3d read\n", $kind, $answers['refused'] ?? 0, $answers['read'] ?? 0);
}
printf("%d packages, %d did harm, %d files left behind\n", $count, count($harm), count($left));
echo implode("\n", $harm), $harm === [] ? '' : "\n";
exit($harm === [] && $left === [] ? 0 : 1);
