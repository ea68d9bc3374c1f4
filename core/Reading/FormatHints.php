<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;

/** What the formats that came with a file tell about its parts. */
interface FormatHints
{
    /** The number format code of a cell, null where it has none. */
    public function numberFormat(int $row, int $column): ?string;

    /** Bold, or filled. */
    public function isStrong(int $row, int $column): bool;

    /** @return list<Range> */
    public function merges(): array;

    /** @return list<SaidTable> tables that the file names */
    public function tables(): array;

    /** The last row that the sheet keeps in sight; 0 for none. */
    public function frozen(): int;
}
