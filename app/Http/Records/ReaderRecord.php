<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What a reader with one kind of dichromacy sees of a palette. */
final readonly class ReaderRecord
{
    /**
     * @param  list<string>  $seen  the colours of the palette, in its order
     * @param  list<string>  $alike  pairs that are hard to tell apart: "band and ink"
     */
    public function __construct(public string $kind, public string $words, public array $seen, public array $alike)
    {
    }
}
