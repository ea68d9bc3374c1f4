<?php

// Workbooks that nobody here made: `php bench/foreign.php FOLDER [PART]` brings each in, dresses it, types a cell far from all
// others, puts a row in and takes it out again, and hands it over in every format; one a process, two at once. Prints what was
// refused, what did harm and what was slow. The test data of general-purpose libraries is good for it; it is never committed.
declare(strict_types=1);

use App\Calculation\LibraryCalculator;
use App\Files\Opening;
use App\Files\Writing\Writers;
use Rilvet\Act\AddSheet;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\FollowRoles;
use Rilvet\Act\GuardFormulas;
use Rilvet\Act\MarkCells;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Recalculate;
use Rilvet\Act\SetEntry;
use Rilvet\Entry\EntryCheck;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Protection;
use Rilvet\Guard\Role;
use Rilvet\Reading\Part;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;

require __DIR__.'/../vendor/autoload.php';

/** @return array<int, array<string, string>> formulas and results of all sheets, as far as they have some */
function results(Workbook $workbook): array
{
    $all = [];
    foreach ($workbook->sheets as $number => $sheet) {
        foreach ($sheet->cells->formulas() as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $all[$number]["$row.$column"] = (string) json_encode($cell->stored(), JSON_INVALID_UTF8_SUBSTITUTE);
            }
        }
    }

    return $all;
}

/** @return array<int, string> */
function contents(Sheet $sheet): array
{
    $rows = [];
    foreach ($sheet->read(1, min($sheet->rows(), 20_000)) as $row => $cells) {
        $line = array_map(fn (Cell $cell) => $cell->stored(), $cells);
        while ($line !== [] && end($line) === null) {
            array_pop($line);
        }
        $rows[$row] = (string) json_encode($line, JSON_INVALID_UTF8_SUBSTITUTE);
    }

    return array_filter($rows, fn (string $row) => $row !== '[]');
}

/**
 * @param  array<int, string>  $rows
 * @return array<int, string> the same without what formulas gave
 */
function bare(array $rows): array
{
    return array_map(
        fn (string $row) => (string) preg_replace(
            '/(\{"f":"(?:[^"\\\\]|\\\\.)*")(?:,"[ve]":(?:"(?:[^"\\\\]|\\\\.)*"|[^,}]+))?/',
            '$1',
            $row,
        ),
        $rows,
    );
}

/** @return list<string> */
function tried(string $path): array
{
    $said = [];
    $step = 'open';
    $out = tempnam(sys_get_temp_dir(), 'foreign').'.out';
    try {
        $workbook = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, basename($path));
        $first = array_key_first($workbook->sheets) ?? 1;
        $calculate = new Recalculate(new LibraryCalculator, 5.0);
        $before = results($workbook);
        try {
            $step = 'far cell';
            $act = new EditCells($first, [
                $workbook->sheet($first)->cells->rows() + 7 => [$workbook->sheet($first)->cells->columns() + 3 => 'far'],
            ]);
            $after = results($calculate->after($act->reach(), $workbook, $act->on($workbook)));
            foreach ($before as $number => $cells) {
                $changed = array_diff_assoc($cells, $after[$number] ?? []);
                $changed === [] ||
                    ($said[] =
                        'harm: far cell: '.
                        count($changed).
                        ' results changed, as '.
                        array_key_first($changed).
                        ': '.
                        reset($changed).
                        ' now '.
                        ($after[$number][array_key_first($changed)] ?? 'gone'));
            }
            $step = 'row in and out';
            $in = new MoveCells($first, new Shift(true, 2, 1, true));
            $moved = $calculate->after($in->reach(), $workbook, $in->on($workbook));
            $back = new MoveCells($first, new Shift(true, 2, 1, false));
            $again = $calculate->after($back->reach(), $moved, $back->on($moved));
            // Formulas without a result get one; where calculation ran out of time there is nothing to compare yet.
            $came = contents($workbook->sheet($first)->cells);
            $asks =
                ! $workbook->hasResults ||
                array_filter($came, fn (string $row) => preg_match('/\{"f":"(?:[^"\\\\]|\\\\.)*"\}/', $row) === 1) !== [];
            $was = $asks ? bare($came) : $came;
            $is = contents($again->sheet($first)->cells);
            $is = $asks ? bare($is) : $is;
            $was === $is ||
                $again->sheet($first)->unsettled->countWaiting() > 0 ||
                ($said[] =
                    'harm: row in and out: '.
                    implode(' ', array_diff_assoc($was, $is)).
                    ' is now '.
                    implode(' ', array_diff_assoc($is, $was)));
        } catch (Refusal $refusal) {
            $said[] = "refused: $step: ".$refusal->getMessage();
        }
        try {
            $step = 'dress';
            // As whoever protected it would: what is protected is dressed once that is lifted.
            foreach ($workbook->sheets as $number => $sheet) {
                if ($sheet->setup->tab->protected) {
                    $workbook = $workbook->withSheet($number, $sheet->protecting(false, new Protection));
                }
            }
            $workbook = (new Dress(array_keys($workbook->sheets), Builtin::named('River ledger')))->on($workbook);
            $step = 'guard';
            $all = [$first, ...array_diff(array_keys($workbook->sheets), [$first])];
            $workbook = (new GuardFormulas($all))->on((new MarkCells($all, Part::FormulaCell, true))->on($workbook));
            $set = EntryCheck::of(['id' => 'new', 'kind' => 'whole', 'of' => ['1', '9'], 'where' => ['cells' => 'XFA1048570:XFB1048571']]);
            $checks = array_map(fn ($sheet) => count($sheet->entries()), $workbook->sheets);
            $workbook = (new SetEntry($first, $set))->on($workbook);
            $workbook = (new FollowRoles($all))->on($workbook);
            $workbook = $workbook->guard?->isOn === true ? $workbook
                : (new AddSheet(Role::Contents, $first))->on((new AddSheet(Role::Looks, $first))->on($workbook));
        } catch (Refusal $refusal) {
            $said[] = 'refused: dress: '.$refusal->getMessage();
        }
        foreach (['xlsx', 'ods', 'html', 'csv'] as $format) {
            $step = $format;
            try {
                $writer = Writers::for($format, false, $first, preg_match('/\.(xlsx|xlsm|xltx|xltm)$/i', $path) === 1 ? $path : null, []);
                if ($writer === null) {
                    continue;
                }
                $writer->write($workbook, $out);
                $proof = $writer->prove($workbook, $out);
                if ($format === 'xlsx' && isset($checks)) {
                    $again = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($out, 'again.xlsx');
                    $came = array_sum(array_map(fn ($sheet) => count($sheet->entries()), $again->sheets));
                    $came === array_sum($checks) + 1 || $said[] = "harm: $came checks of ".(array_sum($checks) + 1);
                }
                $proof->holds() || $said[] = "harm: $format: the proof does not hold at ".implode(', ', $proof->places);
                getenv('RILVET_KEEP') === false || copy($out, getenv('RILVET_KEEP').'/'.basename($path).".$format");
            } catch (Refusal $refusal) {
                $said[] = "refused: $format: ".$refusal->getMessage();
            }
        }
    } catch (Refusal $refusal) {
        $said[] = "refused: $step: ".$refusal->getMessage();
    } catch (Throwable $fault) {
        $said[] = "harm: $step: ".get_class($fault).' '.$fault->getMessage().' at '.basename($fault->getFile()).':'.$fault->getLine();
    }
    @unlink($out);

    return $said;
}

if (($argv[1] ?? '') === '--one') {
    ini_set('memory_limit', '2G');
    set_error_handler(function (int $level, string $message, string $file, int $line) {
        if ((error_reporting() & $level) === 0) {
            return true;
        }
        throw new ErrorException($message, 0, $level, $file, $line);
    });
    $start = microtime(true);
    $said = tried($argv[2]);
    preg_match('/VmHWM:\s+(\d+)/', (string) @file_get_contents('/proc/self/status'), $peak);
    echo json_encode(
        ['said' => $said, 'seconds' => microtime(true) - $start, 'megabytes' => (int) (($peak[1] ?? 0) / 1024)],
        JSON_INVALID_UTF8_SUBSTITUTE,
    );
    exit();
}

$files = array_values(
    array_filter(
        glob(rtrim($argv[1] ?? '.', '/').'/*') ?: [],
        fn (string $file) => preg_match('/\.(xlsx|xlsm|xltx|xltm|ods|ots)$/i', $file) === 1 && str_contains($file, $argv[2] ?? ''),
    ),
);
$open = [];
$tally = ['sound' => 0, 'refused' => 0, 'harm' => 0];
$next = 0;
while ($next < count($files) || $open !== []) {
    while (count($open) < 2 && $next < count($files)) {
        $log = tempnam(sys_get_temp_dir(), 'foreign');
        $process = proc_open(
            'exec timeout -k 1 120 '.
                escapeshellarg(PHP_BINARY).
                ' '.
                escapeshellarg(__FILE__).
                ' --one '.
                escapeshellarg($files[$next]),
            [1 => ['file', $log, 'w'], 2 => ['file', $log, 'a']],
            $pipes,
        );
        $open[] = [$process, $files[$next++], $log];
    }
    usleep(5_000);
    foreach ($open as $at => [$process, $file, $log]) {
        if (! is_resource($process) || proc_get_status($process)['running']) {
            continue;
        }
        $text = (string) file_get_contents($log);
        unlink($log);
        unset($open[$at]);
        /** @var array{said: list<string>, seconds: float, megabytes: int} $answer */
        $answer = (array) json_decode($text, true) + ['said' => ['harm: '.substr($text, -300)], 'seconds' => 120.0, 'megabytes' => 0];
        $tally[
            array_filter($answer['said'], fn (string $line) => str_starts_with($line, 'harm')) !== []
                ? 'harm'
                : ($answer['said'] === []
                    ? 'sound'
                    : 'refused')
        ]++;
        foreach ($answer['said'] as $line) {
            echo basename($file), ': ', substr($line, 0, 600), "\n";
        }
        if ($answer['seconds'] > 20 || $answer['megabytes'] > 400) {
            printf("%s: slow: %.1f s, %d MB\n", basename($file), $answer['seconds'], $answer['megabytes']);
        }
    }
}
printf("%d workbooks: %d sound, %d refused in part, %d harmed\n", count($files), $tally['sound'], $tally['refused'], $tally['harm']);
exit($tally['harm'] === 0 ? 0 : 1);
