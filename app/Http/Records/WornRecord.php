<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A sheet on which a named look is worn, and where on it. */
final readonly class WornRecord
{
    public function __construct(
        public int $workbook,
        public string $workbookName,
        public int $sheet,
        public string $sheetName,
        public string $ranges,
        public int $cells,
    ) {
    }
}
