<?php

declare(strict_types=1);

namespace App\Files\Writing;

use App\Files\FileKind;
use App\Files\Ods\OdsWriter;
use App\Files\Xlsx\PackageWriter;
use App\Files\Xlsx\XlsxWriter;
use Rilvet\Work\Workbook;

/** The writer for a file ending. */
final class Writers
{
    public const ENDINGS = ['xlsx', 'ods', 'csv', 'tsv', 'html', 'pdf'];

    /**
     * @param  string|null  $source  path of the xlsx package that the workbook came in, where it did
     * @param  bool  $conditions  stripes of a new xlsx are conditional formats
     * @param  bool  $tables  dressed tables of a new xlsx are tables of the format
     * @param  string  $file  name of the file that the workbook came in, for what prints it
     * @param  list<int>|null  $edited  numbers of the sheets in which cells were changed since; null where nobody knows
     */
    public static function for(
        string $ending,
        bool $defuse = false,
        ?int $sheet = null,
        ?string $source = null,
        ?array $edited = null,
        bool $conditions = false,
        string $file = '',
        bool $tables = false,
    ): ?WorkbookWriter {
        if ($source !== null && in_array(strtolower($ending), FileKind::XLSX, true)) {
            return new PackageWriter($source, $edited);
        }

        return match (strtolower($ending)) {
            'xlsx' => new XlsxWriter($conditions, $tables),
            'ods' => new OdsWriter,
            'csv' => new CsvWriter(',', $defuse, $sheet),
            'tsv' => new CsvWriter("\t", $defuse, $sheet),
            'html', 'htm' => new HtmlWriter,
            'pdf' => new PdfWriter($sheet === null ? null : [$sheet], $file),
            default => null,
        };
    }

    /**
     * For a workbook that was opened from a file and changed: into its own package where that keeps its ending. A package with macros
     * is nothing else under another one.
     *
     * @param  string  $name  of the file, which may be kept under another one
     */
    public static function back(string $ending, string $source, string $name, Workbook $before, Workbook $after): ?WorkbookWriter
    {
        $isOwn = strcasecmp(pathinfo($name, PATHINFO_EXTENSION), $ending) === 0 && FileKind::of($source, $name) === FileKind::Xlsx;
        $edited = [];
        foreach ($after->sheets as $number => $sheet) {
            $sheet->cells === ($before->sheets[$number]->cells ?? null) || $edited[] = $number;
        }

        return self::for($ending, source: $isOwn ? $source : null, edited: $edited);
    }

    /**
     * Writes a file and reads it back; one that differs is taken away.
     *
     * @param  (callable(int): void)|null  $progress  told the number of rows done
     *
     * @throws NotWritten
     */
    public static function proven(WorkbookWriter $writer, Workbook $workbook, string $target, ?callable $progress = null): Proof
    {
        $writer->write($workbook, $target, $progress);
        $proof = $writer->prove($workbook, $target, $progress);
        if (! $proof->holds()) {
            unlink($target);
            throw NotWritten::differs($proof->places);
        }

        return $proof;
    }
}
