<?php

declare(strict_types=1);

namespace App\Http\Records;

/** Everything on the Shelf. */
final readonly class ShelfRecord
{
    /**
     * @param  list<CardRecord>  $workbooks
     * @param  list<StylebookRecord>  $stylebooks
     * @param  list<LessonRecord>  $lessons  what corrections have taught, the newest first
     */
    public function __construct(
        public array $workbooks,
        public array $stylebooks,
        public array $lessons,
    ) {
    }
}
