<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A check on entry. */
final readonly class EntryRecord
{
    /**
     * @param  string  $sentence  in words
     * @param  string  $ranges  the cells that it means now
     * @param  list<string>  $values  as a person would write them
     * @param  list<string>  $choices  of a typed list; empty for none
     * @param  string|null  $from  where choices stand
     * @param  string|null  $wrong  why it is not worked out here
     */
    public function __construct(
        public string $id,
        public string $sentence,
        public string $ranges,
        public bool $isCells,
        public ?string $columnCell,
        public ?string $part,
        public ?string $columnKind,
        public ?string $heading,
        public string $kind,
        public string $is,
        public array $values,
        public array $choices,
        public ?string $from,
        public bool $ofColumn,
        public bool $blank,
        public bool $shows,
        public string $promptTitle,
        public string $prompt,
        public string $title,
        public string $message,
        public string $severity,
        public ?string $wrong,
        public bool $ofStylebook,
    ) {
    }
}
