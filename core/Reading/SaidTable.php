<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;

/** A table that the file itself names, with its rows of headings and of totals (ISO/IEC 29500-1 18.5.1.2). */
final readonly class SaidTable
{
    /**
     * @param  int  $heads  rows of headings, 0 or 1
     * @param  int  $totals  rows of totals, 0 or 1
     */
    public function __construct(public Range $range, public int $heads, public int $totals)
    {
    }

    /** The row of headings; null where it has none. */
    public function head(): ?int
    {
        return $this->heads > 0 ? $this->range->top : null;
    }

    /** The row of totals; null where it has none. */
    public function total(): ?int
    {
        return $this->totals > 0 && $this->range->rows() > $this->heads + 1 ? $this->range->bottom : null;
    }
}
