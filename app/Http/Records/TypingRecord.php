<?php

declare(strict_types=1);

namespace App\Http\Records;

/** How a column of text was typed. */
final readonly class TypingRecord
{
    public function __construct(
        public int $column,
        public string $kind,
        public string $decimal,
        public string $order,
        public bool $unsure,
        public string $why,
    ) {
    }
}
