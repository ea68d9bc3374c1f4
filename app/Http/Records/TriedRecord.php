<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What a routine would do to a workbook. */
final readonly class TriedRecord
{
    /**
     * @param  list<string>  $done  in words
     * @param  list<string>  $left  what does not find its place, and why
     */
    public function __construct(public array $done, public array $left)
    {
    }
}
