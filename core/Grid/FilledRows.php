<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** Rows that hold something, without the blank cells at their ends: what a few cells far apart are gone through by. */
final class FilledRows
{
    /** Cells of the rectangle around all that is filled, beyond which most of it is blank. */
    private const DENSE = 40_000_000;

    public static function isSparse(Sheet $sheet): bool
    {
        return $sheet->rows() * $sheet->columns() > self::DENSE;
    }

    /** @return iterable<int, list<Cell>> by row */
    public static function of(Sheet $sheet): iterable
    {
        $sheet = BlockChange::flat($sheet) ?? $sheet;
        if (! $sheet instanceof BlockSheet) {
            foreach ($sheet->read(1, $sheet->rows()) as $row => $cells) {
                while ($cells !== [] && end($cells)->isBlank()) {
                    array_pop($cells);
                }
                if ($cells !== []) {
                    yield $row => $cells;
                }
            }

            return;
        }
        $typing = $sheet->typing();
        foreach ($sheet->stored() as $row => $stored) {
            if ($stored !== []) {
                yield $row => array_map(
                    fn (mixed $value, int $index) => $typing !== null && is_string($value) && $value !== ''
                        ? $typing->cell($index + 1, $value)
                        : Cell::fromStored($value),
                    $stored,
                    array_keys($stored),
                );
            }
        }
    }
}
