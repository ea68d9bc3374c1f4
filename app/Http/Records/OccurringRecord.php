<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A value that occurs, and how often. */
final readonly class OccurringRecord
{
    public function __construct(public string $value, public int $count)
    {
    }
}
