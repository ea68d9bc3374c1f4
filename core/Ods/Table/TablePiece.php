<?php

declare(strict_types=1);

namespace Rilvet\Ods\Table;

use Rilvet\Grid\Aspect;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OdsTable;
use Rilvet\Ods\StyleMaps;
use Rilvet\Paper\Printed;
use Rilvet\Work\Worksheet;

/**
 * One of the things that a table says beside its cells (ISO/IEC 26300-1, 9.1.2): what it becomes when it is brought in, and
 * what the table says of it. To add one is to write its class here and to name it in {@see TablePieces}. What stands in rows,
 * columns and cells is written with them.
 */
abstract class TablePiece
{
    /**
     * What it says of a sheet that is brought in.
     *
     * @param  OdsTable  $table  its rows are taken
     * @param  StyleMaps  $maps  conditions that stood in the styles of its cells
     */
    abstract public static function read(OdsBook $book, OdsTable $table, StyleMaps $maps): Aspect;

    /** Attributes of the table, each with a blank before it. */
    public static function attributes(Worksheet $sheet, Printed $pages): string
    {
        return '';
    }
}
