<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A workbook on the Bench. */
final readonly class BenchRecord
{
    /**
     * @param  list<SheetRecord>  $sheets
     * @param  list<string>  $notices
     * @param  list<NameRecord>  $names
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $revision,
        public array $sheets,
        public ?string $undo,
        public ?string $redo,
        public array $notices,
        public array $names,
    ) {
    }
}
