<?php

declare(strict_types=1);

namespace App\Http\Records;

/** Files on their way in. */
final readonly class ComingRecord
{
    /**
     * @param  list<ImportRecord>  $imports
     * @param  bool  $isWorked  a worker is there to take what waits
     */
    public function __construct(
        public array $imports,
        public bool $isWorked,
    ) {
    }
}
