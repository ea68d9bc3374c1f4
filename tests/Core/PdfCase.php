<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Writing\PdfWriter;
use PHPUnit\Framework\TestCase;
use Rilvet\Pdf\PdfCanvas;
use Rilvet\Pdf\PdfDocument;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;
use RuntimeException;
use Symfony\Component\Process\Process;

/** Workbooks made into pdf, and what programs of other origin say of it. */
abstract class PdfCase extends TestCase
{
    protected const NOON = 1_795_000_000;

    /** @var list<string> */
    protected array $files = [];

    protected function tearDown(): void
    {
        array_map(fn (string $file) => is_file($file) && unlink($file), $this->files);
    }

    protected static function told(string ...$command): string
    {
        $process = new Process($command, timeout: 120);
        $process->run();

        return $process->isSuccessful() ? $process->getOutput()
            : throw new RuntimeException(implode(' ', $command).': '.$process->getOutput().$process->getErrorOutput());
    }

    protected function path(string $ending = 'pdf'): string
    {
        return $this->files[] = sys_get_temp_dir().'/rilvet-pdf-'.getmypid().'-'.count($this->files).".$ending";
    }

    protected function written(Workbook $workbook): string
    {
        $path = $this->path();
        $writer = new PdfWriter(file: 'year.xlsx', time: self::NOON);
        $writer->write($workbook, $path);
        self::assertTrue($writer->prove($workbook, $path)->holds());

        return $path;
    }

    /** @param  callable(PdfCanvas): void  $draw */
    protected function drawn(callable $draw): string
    {
        $path = $this->path();
        $out = fopen($path, 'wb');
        self::assertNotFalse($out);
        $pdf = new PdfDocument($out, Fonts::shipped(), 'Drawn');
        $pdf->section('One');
        $pdf->page(800, 600, $draw);
        $pdf->finish();
        fclose($out);
        self::told('qpdf', '--check', $path);

        return $path;
    }
}
