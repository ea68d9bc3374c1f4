<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What was found in one of several workbooks that were looked at beside each other. */
final readonly class SeriesRecord
{
    /** @param  list<FindingRecord>  $findings */
    public function __construct(public int $id, public string $name, public int $revision, public array $findings)
    {
    }
}
