<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What was found in a workbook so far. */
final readonly class FindingsRecord
{
    /**
     * @param  list<FindingRecord>  $findings  the worst first
     * @param  int  $looked  sheets that are looked over, of those that there are
     */
    public function __construct(public int $looked, public int $sheets, public array $findings)
    {
    }
}
