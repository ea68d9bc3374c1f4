<?php

declare(strict_types=1);

namespace App\Files;

use PhpOffice\PhpSpreadsheet\ReferenceHelper;
use Rilvet\Act\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Shift;

/** References by the general-purpose spreadsheet library. */
final class LibraryReferences implements References
{
    public function moved(string $formula, Shift $shift, string $sheet, bool $own): string
    {
        if (! $own) {
            // On another sheet only references that name this one move.
            $name = preg_quote($sheet, '/');

            return (string) preg_replace_callback(
                "/(?:'$name'|(?<![\\w'])$name)!\\$?[A-Za-z]{1,3}\\$?\\d+(?::\\$?[A-Za-z]{1,3}\\$?\\d+)?/u",
                fn (array $found) => $this->moved($found[0], $shift, $sheet, true),
                $formula,
            );
        }
        // The library counts from the first cell that stays behind the gap, and takes out what lies before it.
        $count = $shift->in ? $shift->count : -$shift->count;
        $before = $shift->at + ($shift->in ? 0 : $shift->count);
        $cell = $shift->rows ? "A$before" : Address::columnName($before).'1';

        return ReferenceHelper::getInstance()->updateFormulaReferences($formula, $cell, $shift->rows ? 0 : $count, $shift->rows ? $count : 0, $sheet, true);
    }
}
