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
     * @param  list<RoutineRecord>  $routines
     * @param  list<BatchCardRecord>  $batches  the one changed last first
     */
    public function __construct(
        public array $workbooks,
        public array $stylebooks,
        public array $lessons,
        public array $routines,
        public array $batches,
    ) {
    }
}
