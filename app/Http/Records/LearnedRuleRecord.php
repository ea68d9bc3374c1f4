<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A rule that was learned, and what it rests on: "46 of 48 cells on 5 sheets". */
final readonly class LearnedRuleRecord
{
    /** @param  bool  $split  not all cells say so */
    public function __construct(
        public string $where,
        public string $words,
        public string $value,
        public string $evidence,
        public bool $split,
    ) {
    }
}
