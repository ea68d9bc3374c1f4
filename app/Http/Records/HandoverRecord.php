<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A file on its way out, and its proof. */
final readonly class HandoverRecord
{
    public function __construct(
        public string $id,
        public string $format,
        public string $status,
        public int $progress,
        public ?string $message,
        public ?int $cells,
        public ?int $values,
        public ?int $formulas,
        public int $dataActs,
    ) {
    }
}
