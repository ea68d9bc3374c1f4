<?php

declare(strict_types=1);

namespace App\Http\Records;

/** Rows of a table that are one part: a bracket in the part margin. */
final readonly class RunRecord
{
    public function __construct(
        public int $first,
        public int $last,
        public ?string $part,
        public string $letter,
        public string $words,
        public float $confidence,
        public string $why,
        public ?string $second,
    ) {
    }
}
