<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A sheet that wears a stylebook. */
final readonly class WearerRecord
{
    /**
     * @param  int|null  $holds  the version that it keeps; null where it follows the newest
     * @param  bool  $settled  its sizes are those that the newest version wants
     */
    public function __construct(
        public int $workbook,
        public string $name,
        public int $number,
        public string $sheet,
        public ?int $holds,
        public bool $settled,
    ) {
    }
}
