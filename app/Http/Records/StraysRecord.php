<?php

declare(strict_types=1);

namespace App\Http\Records;

/** What of sheets does not look as a stylebook says. */
final readonly class StraysRecord
{
    /**
     * @param  list<StrayRecord>  $strays  the most cells first
     * @param  list<string>  $cut  names of sheets that were not looked at to their end, being too large
     */
    public function __construct(public array $strays, public array $cut)
    {
    }
}
