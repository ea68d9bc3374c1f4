<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Reading\TableReading;

/** A check of the rows and their cells: all of this kind go through a sheet together, once. */
interface RowCheck extends Check
{
    /**
     * @param  TableReading|null  $table  null for the sheet as a whole, with all of its rows
     * @return Watch|null null where there is nothing to look for
     */
    public function watch(Checked $sheet, ?TableReading $table): ?Watch;
}
