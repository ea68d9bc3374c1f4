<?php

declare(strict_types=1);

namespace Rilvet\Ods\Table;

use Rilvet\Grid\Aspect;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OdsTable;
use Rilvet\Ods\StyleMaps;
use Rilvet\Paper\Printed;
use Rilvet\Work\Worksheet;

/** The one list of what is read and written of a table beside its cells. */
final class TablePieces
{
    /** @var list<class-string<TablePiece>> */
    private const ALL = [ConditionsPiece::class, EntriesPiece::class, PagePiece::class, ProtectionPiece::class];

    /** @return list<Aspect> */
    public static function read(OdsBook $book, OdsTable $table, StyleMaps $maps): array
    {
        return array_map(fn (string $piece) => $piece::read($book, $table, $maps), self::ALL);
    }

    public static function attributes(Worksheet $sheet, Printed $pages): string
    {
        return implode('', array_map(fn (string $piece) => $piece::attributes($sheet, $pages), self::ALL));
    }
}
