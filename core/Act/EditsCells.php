<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\RangeSet;

/** An act that types over cells: it collides with another that did so meanwhile. */
interface EditsCells
{
    /** @return array<int, RangeSet> by the number of the sheet; a set may reach a little further than what is typed */
    public function editedCells(): array;
}
