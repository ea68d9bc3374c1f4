<?php

declare(strict_types=1);

namespace App\Http\Records;

/** How many pages a sheet takes. */
final readonly class PageCountRecord
{
    public function __construct(public int $sheet, public string $name, public int $pages)
    {
    }
}
