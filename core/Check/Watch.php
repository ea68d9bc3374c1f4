<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Grid\Cell;
use Rilvet\Reading\Part;

/** Looks at the rows of a table, or of a sheet, as they go by. */
interface Watch
{
    /**
     * @param  Part|null  $part  of the row in its table
     * @param  list<Cell>  $cells  from the first column of the sheet on; blank ones at the end may be missing, and so may blank rows
     */
    public function see(int $row, ?Part $part, array $cells): void;

    /** @return iterable<Finding> */
    public function findings(): iterable;
}
