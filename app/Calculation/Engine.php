<?php

declare(strict_types=1);

namespace App\Calculation;

use PhpOffice\PhpSpreadsheet\Calculation\Calculation;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Rilvet\Formula\Values;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/** The library's calculation, reading values from where Rilvet keeps them instead of from cells of its own. */
final class Engine extends Calculation
{
    /** Cells up to which a range is given whole, with the blank cells below the last row. */
    public const FILLED = 100_000;

    public ?Values $values = null;

    /**
     * @return array<int, array<string, null|bool|int|float|string>>
     */
    public function extractCellRange(
        string &$range = 'A1',
        ?Worksheet $worksheet = null,
        bool $resetLog = true,
        bool $createCell = false,
    ): array {
        if ($worksheet === null || $this->values === null) {
            return [];
        }
        $title = $worksheet->getTitle();
        $text = $range;
        if (str_contains($range, '!')) {
            [$title, $text] = Worksheet::extractSheetTitle($range, true, true);
        }
        $found = Range::parse($text);
        $range = "'$title'!$text";
        $columns = [];
        for ($column = $found->left; $column <= $found->right; $column++) {
            $columns[] = Address::columnName($column);
        }
        $rows = [];
        foreach ($this->values->range((int) substr($title, 1), $found) as $index => $line) {
            $rows[$found->top + $index] = array_combine($columns, array_pad($line, count($columns), null));
        }
        // Blank rows at the end count as well; of whole columns they are left out, and the calculator knows who may not ask then.
        $last = $found->cells() <= self::FILLED ? $found->bottom : $found->top;
        for ($row = $found->top + count($rows); $row <= $last; $row++) {
            $rows[$row] = array_fill_keys($columns, null);
        }

        return $rows;
    }
}
