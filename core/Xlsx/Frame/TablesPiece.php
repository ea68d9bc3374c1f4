<?php

declare(strict_types=1);

namespace Rilvet\Xlsx\Frame;

use Rilvet\Package\PackageXml;
use Rilvet\Xlsx\SheetSkeleton;

/** Tables of the format that a new sheet has (18.3.1.95). */
final class TablesPiece extends FramePiece
{
    public static function tail(SheetSkeleton $frame, Framed $now): bool
    {
        if ($now->tables === 0) {
            return false;
        }
        $tables = $frame->put('tableParts');
        $tables->setAttribute('count', (string) $now->tables);
        for ($number = 1; $number <= $now->tables; $number++) {
            $table = PackageXml::made($tables, 'tablePart');
            $table->setAttributeNS($frame->root->lookupNamespaceURI('r'), 'r:id', "rId$number");
            $tables->appendChild($table);
        }

        return true;
    }
}
