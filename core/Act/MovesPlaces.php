<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Work\Workbook;

/** An act after which an address means another cell than before: rows or columns put in, taken out or sorted. */
interface MovesPlaces
{
    /** @return list<int> numbers of the sheets */
    public function movesPlacesOn(): array;

    /** Rows or columns that it puts in or takes out; null where it does something else. */
    public function shift(): ?Shift;

    /** @return array<int, Range> cells that hold something else afterwards, by the number of the sheet */
    public function changedCells(Workbook $before): array;
}
