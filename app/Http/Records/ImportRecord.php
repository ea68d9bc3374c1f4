<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A file on its way in. */
final readonly class ImportRecord
{
    /** @param  list<list<string>>  $preview */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $status,
        public int $bytes,
        public int $progress,
        public ?string $message,
        public ?int $workbook,
        public ?string $encoding,
        public ?string $delimiter,
        public ?string $quote,
        public array $preview,
    ) {
    }
}
