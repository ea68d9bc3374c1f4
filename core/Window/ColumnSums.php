<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** Sums of a column of figures down to a row, as they are and as their cells show them. */
final class ColumnSums
{
    public float $all = 0.0;

    public float $allShown = 0.0;

    /** Since the last subtotal. */
    public float $block = 0.0;

    public float $blockShown = 0.0;

    /** Figures that were met, subtotals and totals left out. */
    public int $numbers = 0;

    /** Those of them that are 200 % or more, which growth seldom is. */
    public int $large = 0;

    public function add(float $number, float $shown): void
    {
        $this->all += $number;
        $this->allShown += $shown;
        $this->block += $number;
        $this->blockShown += $shown;
        $this->numbers++;
        $this->large += abs($number) >= 2.0 ? 1 : 0;
    }

    public function beginBlock(): void
    {
        $this->block = $this->blockShown = 0.0;
    }
}
