<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What one cell takes, and what is told about it. */
final readonly class CellEntryRecord
{
    /**
     * @param  list<string>  $choices  as they are shown; of many the first
     * @param  string|null  $wanted  in words, where a check holds
     * @param  bool  $isAllowed  what the cell holds is
     */
    public function __construct(
        public bool $isLocked,
        public array $choices,
        public string $promptTitle,
        public string $prompt,
        public ?string $wanted,
        public bool $isAllowed,
    ) {
    }
}
