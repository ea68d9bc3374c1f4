<?php

declare(strict_types=1);

namespace Rilvet\Act;

/** An act after which an address means another cell than before: rows or columns put in, taken out or sorted. */
interface MovesPlaces
{
    /** @return list<int> numbers of the sheets */
    public function movesPlacesOn(): array;
}
