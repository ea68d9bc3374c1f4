<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A named colour with its run from light to dark. */
final readonly class SwatchRecord
{
    /** @param  list<string>  $run */
    public function __construct(public string $name, public string $hex, public array $run)
    {
    }
}
