<?php

declare(strict_types=1);

namespace App\Files\Writing;

use App\Files\Xlsx\XlsxWriter;

/** The writer for a file ending. */
final class Writers
{
    public const ENDINGS = ['xlsx', 'csv', 'tsv', 'html'];

    public static function for(string $ending, bool $defuse = false, ?int $sheet = null): ?WorkbookWriter
    {
        return match (strtolower($ending)) {
            'xlsx' => new XlsxWriter,
            'csv' => new CsvWriter(',', $defuse, $sheet),
            'tsv' => new CsvWriter("\t", $defuse, $sheet),
            'html', 'htm' => new HtmlWriter,
            default => null,
        };
    }
}
