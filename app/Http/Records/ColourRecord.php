<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A colour of a palette, how often rules say it, and its run from light to dark. */
final readonly class ColourRecord
{
    /** @param  list<string>  $run */
    public function __construct(public string $name, public string $hex, public int $uses, public array $run)
    {
    }
}
