<?php

declare(strict_types=1);

namespace App\Http\Records;

/** A cell of a table that new data says otherwise. */
final readonly class RenewalChangeRecord
{
    /**
     * @param  string  $key  what tells its row apart
     * @param  int  $row  as the table stands now
     */
    public function __construct(public string $key, public int $row, public string $heading, public string $was, public string $is)
    {
    }
}
