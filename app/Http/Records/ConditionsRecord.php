<?php

declare(strict_types=1);

namespace App\Http\Records;

/** The conditional looks of a workbook. */
final readonly class ConditionsRecord
{
    /**
     * @param  list<ConditionRecord>  $conditions  sheet by sheet, in their order; of a very long list the first
     * @param  list<PiecesRecord>  $pieces  sheets on which pieces say the same
     * @param  int  $more  that are not listed
     * @param  int  $kept  that the file keeps, and that are not understood here
     */
    public function __construct(public array $conditions, public array $pieces, public int $more, public int $kept)
    {
    }
}
