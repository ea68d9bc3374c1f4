<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A workbook on the Shelf. */
final readonly class CardRecord
{
    /** @param  list<string>  $stylebooks */
    public function __construct(
        public int $id,
        public string $name,
        public int $sheets,
        public int $rows,
        public array $stylebooks,
        public string $changed,
        public int $revision,
        public bool $hasPicture,
    ) {
    }
}
