<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A sheet in the outline. */
final readonly class SheetRecord
{
    public function __construct(
        public int $number,
        public string $name,
        public int $rows,
        public int $columns,
        public string $state,
        public ?string $tab,
        public bool $protected,
        public ?string $wears,
    ) {
    }
}
