<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** How the text of a delimited file becomes values, a column at a time. The text itself stays what is kept. */
interface Typing
{
    /** @param  int  $column counted from 1 */
    public function cell(int $column, string $raw): Cell;

    /**
     * The values of many cells of a column, as {@see cell()} gives them one by one.
     *
     * @param  array<int, string>  $raws
     * @return array<int, null|bool|int|float|string> under the same keys
     */
    public function values(int $column, array $raws): array;
}
