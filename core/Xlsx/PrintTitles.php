<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Grid\Address;
use Rilvet\Work\Worksheet;

/** What is repeated on every page of a sheet, as the defined name that says so (ISO/IEC 29500-1 18.2.5, _xlnm.Print_Titles). */
final class PrintTitles
{
    /** Headings and row labels on every page, where one table stands on the sheet. */
    public static function of(Worksheet $sheet): string
    {
        $tables = $sheet->reading->tables;
        if (count($tables) !== 1) {
            return '';
        }
        $quoted = "'".str_replace("'", "''", $sheet->name)."'";
        $heads = $tables[0]->heads();
        $labels = $tables[0]->lastLabelColumn();
        $parts = [];
        if ($labels !== null && $labels - $tables[0]->range->left < 3) {
            $parts[] = "$quoted!\$".Address::columnName($tables[0]->range->left).':$'.Address::columnName($labels);
        }
        if ($heads !== []) {
            $parts[] = "$quoted!\${$heads[0]->first}:\${$heads[count($heads) - 1]->last}";
        }

        return implode(',', $parts);
    }
}
