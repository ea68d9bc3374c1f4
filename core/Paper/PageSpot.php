<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** One page: which rows and columns of which area it holds. */
final readonly class PageSpot
{
    /** @param  int  $area  which of the areas of the sheet, from 0 */
    public function __construct(public int $number, public int $area, public PageBand $rows, public PageBand $columns)
    {
    }
}
