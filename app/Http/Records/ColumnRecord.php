<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A column of a table. */
final readonly class ColumnRecord
{
    public function __construct(
        public int $column,
        public string $letters,
        public ?string $heading,
        public string $kind,
        public string $role,
        public float $confidence,
        public string $why,
    ) {
    }
}
