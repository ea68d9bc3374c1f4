<?php

declare(strict_types=1);

namespace App\Http\Records;

/** One rule in the list at the left: of a part, a column kind, a named look or a number format. */
final readonly class RuleRecord
{
    public function __construct(public string $key, public string $words, public string $says, public string $letter = '')
    {
    }
}
