<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A version of a stylebook: what changed, when, and how many sheets hold it. */
final readonly class VersionRecord
{
    public function __construct(public int $number, public string $words, public string $when, public bool $newest, public int $held)
    {
    }
}
