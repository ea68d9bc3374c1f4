<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** Something that a reader could take for what it is not: where it is, why, and what can be done. */
final readonly class TruthNote
{
    /**
     * @param  string  $kind  total, hidden, percent, text_number, text_date, ambiguous_date, not_calculated or circle
     * @param  string  $ranges  the cells that it is about, such as "B4:B9,B12"
     * @param  int  $count  of them
     * @param  string|null  $act  a change of data that puts it right: numbers, hundredths, dates_dmy or dates_mdy
     * @param  list<string>  $samples  what the first cells would become
     */
    public function __construct(
        public string $kind,
        public int $row,
        public int $column,
        public string $ranges,
        public int $count,
        public string $reason,
        public ?string $act,
        public array $samples,
    ) {
    }
}
