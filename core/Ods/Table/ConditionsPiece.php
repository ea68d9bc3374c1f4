<?php

declare(strict_types=1);

namespace Rilvet\Ods\Table;

use Rilvet\Grid\Aspect;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OdsTable;
use Rilvet\Ods\StyleMaps;

/** Conditional looks, which stand in the styles of cells (16.3, style:map). */
final class ConditionsPiece extends TablePiece
{
    public static function read(OdsBook $book, OdsTable $table, StyleMaps $maps): Aspect
    {
        return $maps->conditions();
    }
}
