<?php

declare(strict_types=1);

namespace App\Files\Writing;

use App\Files\Ods\OdsWriter;
use App\Files\Xlsx\PackageWriter;
use App\Files\Xlsx\XlsxWriter;

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
        if ($source !== null && in_array(strtolower($ending), ['xlsx', 'xlsm', 'xltx'], true)) {
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
}
