<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use App\Demo\Nursery;
use App\Files\Opening;
use App\Files\Writing\Writers;
use Bench\Reading\Examination;
use Bench\Reading\Generator;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Reading\Finder;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use ZipArchive;

/**
 * The demo's workbooks, read, dressed, changed by each act and written, as pictures in words: whatever changes in them shows
 * as a difference of lines, to be looked at. RILVET_WRITE_PICTURES=1 writes them anew.
 */
final class PictureTest extends TestCase
{
    private const FOLDER = __DIR__.'/pictures';

    /** @return array<string, array{string}> */
    public static function files(): array
    {
        return [
            'year.xlsx' => ['year.xlsx'],
            'site.xlsx' => ['site.xlsx'],
            'site.ods' => ['site.ods'],
            'spring.csv' => ['spring.csv'],
            'frost.tsv' => ['frost.tsv'],
        ];
    }

    #[DataProvider('files')]
    public function test_what_is_read_of_it(string $file): void
    {
        $this->assertPicture("$file.read", Picture::reading(self::open($file)));
    }

    /** A layout for each cause of errors, in two languages each: what is read, how surely, and why. */
    public function test_what_is_read_of_laid_out_tables(): void
    {
        $lines = [];
        foreach ([11, 13] as $seed) {
            foreach ((new Generator)->all($seed, 1) as $layout) {
                $lines[] = "== {$layout->cause}, {$layout->language}";
                array_push($lines, ...Picture::tables(Finder::read(Examination::facts($layout))));
            }
        }
        $this->assertPicture('layouts.read', $lines);
    }

    #[DataProvider('files')]
    public function test_how_it_looks_as_it_came_and_in_each_stylebook(string $file): void
    {
        $workbook = self::open($file);
        $lines = Picture::windows($workbook);
        foreach (Builtin::all() as $stylebook) {
            foreach ([false, true] as $clean) {
                $lines[] = "== {$stylebook->name}".($clean ? ', clean' : '');
                $dressed = $this->done(new \Rilvet\Act\Dress(array_keys($workbook->sheets), $stylebook, $clean), $workbook);
                array_push(
                    $lines,
                    ...$stylebook->name === 'River ledger' ? Picture::windows($dressed) : [Picture::sum(Picture::windows($dressed))],
                );
            }
        }
        $this->assertPicture("$file.looks", $lines);
    }

    #[DataProvider('files')]
    public function test_what_the_tray_and_the_notes_say_of_it(string $file): void
    {
        $workbook = self::open($file);
        $dressed = $this->done(new \Rilvet\Act\Dress(array_keys($workbook->sheets), Builtin::named('River ledger')), $workbook);
        $this->assertPicture("$file.said", [...Picture::said($workbook), '== dressed', ...Picture::said($dressed)]);
    }

    #[DataProvider('files')]
    public function test_what_each_act_makes_of_it(string $file): void
    {
        $workbook = self::open($file);
        $dressed = $this->done(new \Rilvet\Act\Dress(array_keys($workbook->sheets), Builtin::named('River ledger')), $workbook);
        $lines = [];
        foreach ($file === 'frost.tsv' ? [$workbook] : [$workbook, $dressed] as $number => $from) {
            foreach (Deeds::all($from) as $name => $act) {
                $lines[] = ($number === 0 ? 'as it came: ' : 'dressed: ').$name;
                array_push($lines, ...$this->outcome($act, $from));
            }
        }
        $this->assertPicture("$file.acts", $lines);
    }

    #[DataProvider('files')]
    public function test_what_is_written_of_it(string $file): void
    {
        $workbook = self::open($file);
        $dressed = $this->done(new \Rilvet\Act\Dress(array_keys($workbook->sheets), Builtin::named('Long list')), $workbook);
        $lines = [];
        foreach (Writers::ENDINGS as $ending) {
            $lines[] = "== $ending";
            array_push($lines, ...$this->written($ending, $dressed, null));
        }
        if (str_ends_with($file, '.xlsx')) {
            foreach (Deeds::all($workbook) as $name => $act) {
                try {
                    $lines[] = "== back into its package: $name";
                    array_push($lines, ...$this->written('xlsx', $this->done($act, $workbook), self::path($file)));
                } catch (Refusal $refusal) {
                    $lines[] = 'refused: '.$refusal->getMessage();
                }
            }
        }
        $this->assertPicture("$file.written", $lines);
    }

    /** @return list<string> */
    private function outcome(Act $act, Workbook $workbook): array
    {
        try {
            $outcome = self::pipeline()->run($act, $workbook);
            $change = $outcome->change();
        } catch (Refusal $refusal) {
            return ['  refused: '.$refusal->getMessage()];
        }
        $reach = $act->reach();
        $said = [
            '  '.$outcome->words().($change->isOfData ? ' (data)' : ''),
            '  reaches '.
            implode(',', $reach->sheets).
            ($reach->isPlaced ? ' placed' : '').
            ($reach->needsAll ? ' all' : '').
            ($reach->ofSizes ? ' sizes' : ''),
        ];
        foreach ($change->patches as $patch) {
            [$sheet, $what, $before, $after] = $patch->toArray();
            $isMade = $what === 'blocks';
            $said[] =
                "  $sheet $what ".
                ($isMade ? '' : Picture::sum([$before]).' -> '.(strlen($after) < 300 ? $after : Picture::sum([$after])));
        }

        return [
            ...$said,
            '  window '.Picture::sum(Picture::windows($outcome->after)),
            '  read '.Picture::sum(Picture::reading($outcome->after)),
        ];
    }

    private function done(Act $act, Workbook $workbook): Workbook
    {
        return self::pipeline()->run($act, $workbook)->after;
    }

    private static function pipeline(): Pipeline
    {
        return new Pipeline(new Recalculate(new LibraryCalculator, 30.0));
    }

    /** @return list<string> the parts of a written file, each with a sum of its bytes; texts line by line */
    private function written(string $ending, Workbook $workbook, ?string $package): array
    {
        $path = sys_get_temp_dir().'/rilvet-picture-'.getmypid().".$ending";
        $writer = Writers::for($ending, source: $package, edited: null) ?? self::fail("nothing writes $ending");
        $writer->write($workbook, $path);
        self::assertSame([], $writer->prove($workbook, $path)->places, $ending);
        $bytes = (string) file_get_contents($path);
        $lines = [];
        if (str_starts_with($bytes, 'PK')) {
            $zip = new ZipArchive;
            $zip->open($path);
            for ($at = 0; $at < $zip->numFiles; $at++) {
                // The properties of a document say when it was made.
                if (! str_starts_with((string) $zip->getNameIndex($at), 'docProps/')) {
                    $lines[] = $zip->getNameIndex($at).' '.Picture::sum([(string) $zip->getFromIndex($at)]);
                }
            }
            $zip->close();
        } else {
            $lines[] = Picture::sum([$bytes]);
        }
        unlink($path);

        return $lines;
    }

    private static function open(string $file): Workbook
    {
        return (new Opening(fn () => new MemoryBlockStore))->open(self::path($file), $file);
    }

    private static function path(string $file): string
    {
        $path = sys_get_temp_dir().'/rilvet-picture-'.getmypid()."-$file";
        if (! is_file($path)) {
            $nursery = new Nursery;
            match ($file) {
                'year.xlsx' => (new Xlsx($nursery->year()))->save($path),
                'site.xlsx' => (new Xlsx($nursery->site()))->save($path),
                'site.ods' => (new Ods($nursery->site()))->save($path),
                'spring.csv' => file_put_contents($path, $nursery->spring()),
                default => file_put_contents($path, $nursery->frost()),
            };
            register_shutdown_function(fn () => @unlink($path));
        }

        return $path;
    }

    /** @param  list<string>  $lines */
    private function assertPicture(string $name, array $lines): void
    {
        $text = implode("\n", $lines)."\n";
        $file = self::FOLDER."/$name.txt";
        if (getenv('RILVET_WRITE_PICTURES') === '1') {
            is_dir(self::FOLDER) || mkdir(self::FOLDER);
            file_put_contents($file, $text);
        }
        self::assertSame(
            (string) file_get_contents($file),
            $text,
            'RILVET_WRITE_PICTURES=1 vendor/bin/phpunit --filter PictureTest writes it anew',
        );
    }
}
