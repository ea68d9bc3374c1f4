<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A point of a scale. */
final readonly class ScalePointRecord
{
    public function __construct(public string $at, public string $value, public string $colour)
    {
    }
}
