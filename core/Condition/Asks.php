<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Grid\Cell;

/** What a condition asks of cells. Asked of many of a column at once, most cost a fraction. */
interface Asks
{
    /**
     * @param  array<int, Cell>  $cells  of a column, by row
     * @return array<int, true> rows in which it holds, as keys
     *
     * @throws \Rilvet\Formula\Expression\NotKnown
     */
    public function among(array $cells, int $column): array;
}
