<?php

declare(strict_types=1);

namespace Rilvet\Formula;

/** A store of row blocks that keeps the runs of their formulas beside them. */
interface KeepsFormulas
{
    /** @return array<int, string> JSON of {@see FormulaRuns::ofBlock()}, by the number of the block; blocks without any may be left out */
    public function formulaRuns(): array;
}
