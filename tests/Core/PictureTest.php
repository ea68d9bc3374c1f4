<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Demo\Nursery;
use App\Files\Opening;
use App\Files\Writing\Writers;
use Bench\Reading\Examination;
use Bench\Reading\Generator;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Reading\Finder;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;

/** The demo's workbooks, read, dressed, changed by each act and written. */
final class PictureTest extends PictureCase
{
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
        foreach (in_array($file, ['frost.tsv', 'spring.csv'], true) ? [$workbook] : [$workbook, $dressed] as $number => $from) {
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
}
