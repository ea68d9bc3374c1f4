<?php

declare(strict_types=1);

namespace App\Http\Records;

/** Entry, choice or formula cells of a sheet. */
final readonly class CellPartRecord
{
    /**
     * @param  list<string>  $ranges  the first of them
     * @param  bool  $isMarked  their look is seen on this sheet
     * @param  bool  $byStylebook  and on every sheet that wears the stylebook
     */
    public function __construct(
        public string $part,
        public string $words,
        public string $letter,
        public int $count,
        public array $ranges,
        public bool $isMarked,
        public bool $byStylebook,
    ) {
    }
}
