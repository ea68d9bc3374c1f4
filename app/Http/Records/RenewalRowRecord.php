<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A row that is new, or gone. */
final readonly class RenewalRowRecord
{
    /** @param  int  $row  of the new data where it is new, of the table where it is gone */
    public function __construct(public int $row, public string $key)
    {
    }
}
