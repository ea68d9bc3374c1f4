<?php

declare(strict_types=1);

namespace App\Http\Records;

/** The next cell that is open to be filled in; 0 for none. */
final readonly class NextEntryRecord
{
    public function __construct(public int $row, public int $column)
    {
    }
}
