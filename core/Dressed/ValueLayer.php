<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Grid\Cell;

/** A layer that depends on what a cell holds. It lies over all that do not. */
interface ValueLayer
{
    /**
     * By what the entries of a cell are remembered: cells of one place and one key look the same.
     *
     * @return string '' where it adds nothing
     */
    public function key(int $row, int $column, Cell $cell): string;

    /** @return list<LayerEntry> what it adds for a key, lowest first */
    public function entries(string $key): array;
}
