<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What an act, an undo or a redo answers: the workbook, the sheet in view, and what is in sight of it. */
final readonly class ActRecord
{
    public function __construct(
        public BenchRecord $bench,
        public ?SheetDetail $sheet,
        public ?SightRecord $sight,
        public ?string $words,
    ) {
    }
}
