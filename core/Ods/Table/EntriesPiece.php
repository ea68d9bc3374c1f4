<?php

declare(strict_types=1);

namespace Rilvet\Ods\Table;

use Rilvet\Grid\Aspect;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OdsTable;
use Rilvet\Ods\StyleMaps;
use Rilvet\Ods\Validations;

/** Checks on entry (9.4.5), which stand before all tables and are named by cells. */
final class EntriesPiece extends TablePiece
{
    public static function read(OdsBook $book, OdsTable $table, StyleMaps $maps): Aspect
    {
        return Validations::checks($book->validations, $table->checked());
    }
}
