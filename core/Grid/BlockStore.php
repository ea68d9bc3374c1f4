<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** Where the row blocks of one sheet are kept. */
interface BlockStore
{
    /** @param  int  $number 0 for the rows 1 to Block::ROWS, and so on */
    public function block(int $number): ?string;

    public function put(int $number, string $data): void;
}
