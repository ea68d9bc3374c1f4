<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Shift;

/** Moves the references of a formula along when rows or columns are put in or taken out. */
interface References
{
    /**
     * @param  string  $formula  without "="
     * @param  string  $sheet  the sheet in which rows or columns move
     * @param  bool  $own  the formula stands on that sheet, so that references without a sheet's name are to it
     */
    public function moved(string $formula, Shift $shift, string $sheet, bool $own): string;
}
