<?php

declare(strict_types=1);

namespace App\Http\Records;

/** One act of the history, the newest first. */
final readonly class HistoryRecord
{
    public function __construct(
        public int $id,
        public string $words,
        public bool $undone,
        public string $when,
    ) {
    }
}
