<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

/**
 * A piece of a formula that gives something: one value, or a grid of them where it stands for several cells.
 *
 * @phpstan-type Given null|bool|int|float|string|Fault
 */
interface Node
{
    /** @return Given null for a blank cell */
    public function value(At $at): null|bool|int|float|string|Fault;

    /**
     * The same from many cells of one column, the one that {@see At} stands in.
     *
     * @param  list<int>  $rows
     * @return array<int, Given> by row
     */
    public function along(At $at, array $rows): array;

    /** @return list<list<Given>> rows of values; what ends in blank cells may be shorter */
    public function grid(At $at): array;

    /** Whether it gives one value and never a grid, so that it need not be asked for one. */
    public function isOne(): bool;

    /** Whether it gives the same from every cell. */
    public function isFixed(): bool;
}
