<?php

declare(strict_types=1);

namespace App\Batch;

use App\Calculation\LibraryCalculator;
use App\CommandLine\GivenStylebook;
use App\Files\Opening;
use App\Files\Writing\NotWritten;
use App\Files\Writing\Writers;
use App\Jobs\Cancelled;
use App\Jobs\Trouble;
use App\Wire\Repeat\Replayer;
use Closure;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Refusal;
use Rilvet\Renew\NewData;
use Rilvet\Routine\Note;
use Rilvet\Routine\Routine;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Work\Workbook;
use Throwable;

/** One file taken through a routine: opened, done, written, read back. Whatever goes wrong is said of this file alone. */
final readonly class FileRun
{
    /** Confidence of a reading below which it looks uncertain. */
    private const SURE = 0.8;

    /** Cells up to which findings that are left are counted. */
    private const LOOKED_OVER = 2_000_000;

    /** Seconds that formulas of a file may take. */
    private const CALCULATING = 60;

    /**
     * @param  Closure(string): (array{Stylebook, StylebookReference|null}|null)  $shelf
     * @param  Closure(int): void|null  $progress  rows done; throws where the work was stopped
     */
    public function __construct(
        private Routine $routine,
        private Closure $shelf,
        private ?NewData $data = null,
        private ?Closure $progress = null,
    ) {
    }

    /** Stylebooks are those that the routine brings along, and those that come with Rilvet. */
    public static function forCommandLine(Routine $routine, ?NewData $data): self
    {
        return new self($routine, function (string $name) use ($routine): ?array {
            $own = $routine->stylebooks[$name] ?? null;
            try {
                return [$own ?? GivenStylebook::of($name), null];
            } catch (Throwable) {
                return null;
            }
        }, $data);
    }

    /**
     * @param  string  $name  of the file, by whose ending it is read
     * @param  string|null  $target  where it is written; null looks what would be done
     *
     * @throws Cancelled
     */
    public function on(string $path, string $name, ?string $target, string $as): Reported
    {
        $start = microtime(true);
        try {
            is_file($path) || throw FileIsWrong::package('there is no such file');
            $workbook = (new Opening(fn () => new MemoryBlockStore, progress: $this->progress))->open($path, $name);

            return $this->done($workbook, $path, $name, $target, $as)->taking(microtime(true) - $start);
        } catch (Cancelled $cancelled) {
            $target === null || ! is_file($target) || @unlink($target);
            throw $cancelled;
        } catch (Throwable $fault) {
            $target === null || ! is_file($target) || @unlink($target);
            $fault instanceof Refusal || report($fault);

            return Reported::failed($name, Trouble::words($fault, 'it failed for a reason of our own; the file is unchanged.'));
        }
    }

    private function done(Workbook $workbook, string $path, string $name, ?string $target, string $as): Reported
    {
        [$parts, $doubts] = self::read($workbook);
        $replay = Replayer::of($this->routine, array_keys($workbook->sheets), self::pipeline(), $this->shelf, $this->data);
        $after = self::pipeline()->run($replay, $workbook)->after;
        $this->progress === null || ($this->progress)(0);
        $left = array_map(fn (Note $note) => $note->line(), $replay->notes);
        if ($target === null) {
            return new Reported($name, null, null, $parts, $doubts, $replay->done, $left);
        }
        $writer = Writers::back(self::ending($name, $as), $path, $name, $workbook, $after)
            ?? throw NotWritten::format($as);
        $proof = Writers::proven($writer, $after, $target, $this->progress);

        return new Reported($name, basename($target), null, $parts, $doubts, $replay->done, $left, self::findings($after),
            $proof->cells, $proof->values, $proof->formulas);
    }

    /** @return array{list<string>, list<string>} what was read, and what of it looks uncertain */
    public static function read(Workbook $workbook): array
    {
        $parts = $doubts = [];
        foreach ($workbook->sheets as $sheet) {
            foreach ($sheet->reading->tables as $table) {
                $rows = array_sum(array_map(fn (RowRun $run) => $run->part === Part::Body ? $run->rows() : 0, $table->runs));
                $parts[] = "$sheet->name: $table->range, read ".round($table->confidence * 100).' %, '.number_format($rows)
                    .($rows === 1 ? ' row' : ' rows');
                $table->confidence >= self::SURE
                    || $doubts[] = "$sheet->name: the table at $table->range is read with ".round($table->confidence * 100).' % only';
            }
            $sheet->reading->tables !== [] || $sheet->cells->rows() === 0 || $doubts[] = "$sheet->name: no table was read";
            ! $sheet->setup->tab->protected || $doubts[] = "$sheet->name: it is protected";
        }
        $parts !== [] || $doubts !== [] || $doubts[] = 'There is nothing in it';

        return [$parts, $doubts];
    }

    /** @return array<string, int> */
    public static function findings(Workbook $workbook): array
    {
        $cells = array_sum(array_map(fn ($sheet) => $sheet->cells->rows() * $sheet->cells->columns(), $workbook->sheets));
        $titles = [];
        foreach ($cells > self::LOOKED_OVER ? [] : Checks::on($workbook, Checks::all()) as $finding) {
            /** @var Finding $finding */
            $title = Checks::about($finding->check)->title ?? $finding->check;
            $titles[$title] = ($titles[$title] ?? 0) + 1;
        }

        return $titles;
    }

    private static function pipeline(): Pipeline
    {
        return new Pipeline(new Recalculate(new LibraryCalculator, self::CALCULATING));
    }

    /**
     * Where a file is written: under its own name, which two files of one batch do not share.
     *
     * @param  list<string>  $taken
     */
    public static function target(string $folder, string $file, string $as, array $taken): string
    {
        $as = self::ending($file, $as);
        $title = Opening::title(basename($file));
        $target = rtrim($folder, '/')."/$title.$as";
        for ($number = 2; in_array($target, $taken, true); $number++) {
            $target = rtrim($folder, '/')."/$title $number.$as";
        }

        return $target;
    }

    /** A package with macros, or one that others are made from, keeps its own ending. */
    private static function ending(string $file, string $as): string
    {
        $own = strtolower(pathinfo($file, PATHINFO_EXTENSION));

        return $as === 'xlsx' && in_array($own, ['xlsm', 'xltx'], true) ? $own : $as;
    }
}
