<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A workbook on the Shelf. */
final readonly class CardRecord
{
    /**
     * @param  list<string>  $stylebooks
     * @param  string|null  $picture  what its picture is known by, another one whenever it may look otherwise; null where there is none
     */
    public function __construct(
        public int $id,
        public string $name,
        public int $sheets,
        public int $rows,
        public array $stylebooks,
        public string $changed,
        public int $revision,
        public ?string $picture,
    ) {
    }
}
