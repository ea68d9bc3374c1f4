<?php

declare(strict_types=1);

namespace App\Files;

use Rilvet\Grid\Cell;
use Rilvet\Work\Setup;

/** One sheet as a reader yields it, row by row. */
final readonly class IncomingSheet
{
    /**
     * @param  iterable<int, array{list<Cell>, list<int>}>  $rows  by row number, in order: cells, and numbers of their looks
     */
    public function __construct(
        public string $name,
        public Setup $setup,
        public iterable $rows,
    ) {
    }
}
