<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Sheet;

/** The values of some columns, read in one pass and as they are stored; without blanks and errors. */
final class Columns
{
    /**
     * @param  list<int>  $columns
     * @return array<int, array<int, bool|int|float|string>> by column, then by row
     */
    public static function of(Sheet $cells, array $columns): array
    {
        $edits = [];
        $beneath = $cells;
        for (; $beneath instanceof EditedSheet; $beneath = $beneath->beneath) {
            foreach ($beneath->edits as $row => $line) {
                $edits[$row] = ($edits[$row] ?? []) + $line;
            }
        }
        $found = $beneath instanceof BlockSheet ? self::stored($beneath, $columns) : self::read($beneath, $columns);
        foreach ($edits as $row => $line) {
            foreach (array_intersect_key($line, array_flip($columns)) as $column => $cell) {
                unset($found[$column][$row]);
                if ($cell->error === null && $cell->value !== null && $cell->value !== '') {
                    $found[$column][$row] = $cell->value;
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<int>  $columns
     * @return array<int, array<int, bool|int|float|string>>
     */
    private static function stored(BlockSheet $sheet, array $columns): array
    {
        $found = array_fill_keys($columns, []);
        $texts = [];
        foreach ($sheet->stored() as $row => $line) {
            foreach ($columns as $column) {
                $value = $line[$column - 1] ?? null;
                if ($value === null || $value === '') {
                    continue;
                }
                if (is_array($value)) {
                    $cell = Cell::fromStored($value);
                    $value = $cell->error === null ? $cell->value : null;
                    if ($value !== null && $value !== '') {
                        $found[$column][$row] = $value;
                    }
                } elseif (is_string($value)) {
                    $texts[$column][$row] = $value;
                } else {
                    $found[$column][$row] = $value;
                }
            }
        }
        $typing = $sheet->typing();
        foreach ($texts as $column => $lines) {
            foreach ($typing === null ? $lines : $typing->values($column, $lines) as $row => $value) {
                if ($value !== null && $value !== '') {
                    $found[$column][$row] = $value;
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<int>  $columns
     * @return array<int, array<int, bool|int|float|string>>
     */
    private static function read(Sheet $sheet, array $columns): array
    {
        $found = array_fill_keys($columns, []);
        foreach ($columns === [] ? [] : $sheet->read(1, $sheet->rows(), min($columns), max($columns)) as $row => $line) {
            foreach ($columns as $column) {
                $cell = $line[$column - 1] ?? null;
                if ($cell !== null && $cell->error === null && $cell->value !== null && $cell->value !== '') {
                    $found[$column][$row] = $cell->value;
                }
            }
        }

        return $found;
    }
}
