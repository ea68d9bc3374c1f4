<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A part of a table with all its places. */
final readonly class PartRecord
{
    /** @param  list<string>  $ranges */
    public function __construct(
        public string $part,
        public string $words,
        public string $letter,
        public string $count,
        public array $ranges,
    ) {
    }
}
