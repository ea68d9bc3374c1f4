<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Window\Window;

/** A stylebook on the Shelf, with a specimen that wears it. */
final readonly class StylebookRecord
{
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $about,
        public int $workbooks,
        public int $sheets,
        public bool $builtin,
        public Window $specimen,
    ) {
    }
}
