<?php

declare(strict_types=1);

namespace Rilvet\Ods\Table;

use Rilvet\Grid\Aspect;
use Rilvet\Ods\MasterPages;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OdsTable;
use Rilvet\Ods\StyleMaps;
use Rilvet\Paper\Printed;
use Rilvet\Work\Worksheet;

/** How it goes to paper: the table names what is printed (19.738), its style a master page. */
final class PagePiece extends TablePiece
{
    public static function read(OdsBook $book, OdsTable $table, StyleMaps $maps): Aspect
    {
        return $book->paged($table);
    }

    public static function attributes(Worksheet $sheet, Printed $pages): string
    {
        return MasterPages::ranges($sheet->name, $pages->areas);
    }
}
