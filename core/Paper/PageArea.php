<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Grid\Range;

/** Cells that are printed together: a grid of pages. */
final readonly class PageArea
{
    /**
     * @param  list<PageBand>  $rows
     * @param  list<PageBand>  $columns
     */
    public function __construct(public Range $range, public array $rows, public array $columns)
    {
    }

    public function pages(): int
    {
        return count($this->rows) * count($this->columns);
    }
}
