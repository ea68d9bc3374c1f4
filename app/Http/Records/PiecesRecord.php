<?php

declare(strict_types=1);

namespace App\Http\Records;

/** Conditional looks of a sheet that come in pieces. */
final readonly class PiecesRecord
{
    /**
     * @param  int  $pieces  that there are
     * @param  int  $rules  that they would be, gathered
     */
    public function __construct(public int $sheet, public string $name, public int $pieces, public int $rules)
    {
    }
}
