<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Window\Window;

/** What an act, an undo or a redo answers: the workbook, the sheet in view, and its window. */
final readonly class ActRecord
{
    public function __construct(
        public BenchRecord $bench,
        public ?SheetDetail $sheet,
        public ?Window $window,
        public ?string $words,
    ) {
    }
}
