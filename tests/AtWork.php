<?php

declare(strict_types=1);

namespace Tests;

use App\Calculation\LibraryCalculator;
use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use Rilvet\Act\Act;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Package\Package;
use Rilvet\Package\ZipReader;
use Rilvet\Work\Workbook;
use ZipArchive;

/** A package brought in, worked on through the pipeline and handed back into itself, without the framework. */
final class AtWork
{
    public Workbook $workbook;

    /** @var list<Workbook> states before each act */
    private array $past = [];

    private function __construct(private readonly string $path)
    {
        $this->workbook = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, 'a.xlsx');
    }

    /** @param  array<string, string>  $parts */
    public static function on(array $parts): self
    {
        return new self(HandMade::package($parts));
    }

    public static function at(string $path): self
    {
        return new self($path);
    }

    public function do(Act $act): self
    {
        $this->past[] = $this->workbook;
        $this->workbook = (new Pipeline(new Recalculate(new LibraryCalculator, 30.0)))->run($act, $this->workbook)->after;

        return $this;
    }

    public function undo(): self
    {
        $this->workbook = array_pop($this->past) ?? $this->workbook;

        return $this;
    }

    /** @return array<string, string> the parts of its own package, with all that was done */
    public function written(): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'back');
        // Sheets whose cells are those that came are not looked through for others.
        $first = $this->past[0] ?? $this->workbook;
        $edited = [];
        foreach ($this->workbook->sheets as $number => $sheet) {
            $sheet->cells === ($first->sheets[$number]->cells ?? null) || $edited[] = $number;
        }
        (new PackageWriter($this->path, $edited))->write($this->workbook, $path);
        $parts = self::parts($path);
        unlink($path);

        return $parts;
    }

    /** @return array<string, string> */
    public static function parts(string $path): array
    {
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $package = new Package(ZipReader::of($stream));
        $parts = [];
        foreach (array_keys($package->zip->entries) as $name) {
            $parts[(string) $name] = $package->contents((string) $name);
        }
        fclose($stream);

        return $parts;
    }

    /** @param  array<string, string>  $parts */
    public static function zipped(array $parts): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'work');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($parts as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();

        return $path;
    }
}
