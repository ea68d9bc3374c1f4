<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * Rows of a sheet as plain values, for what goes through all of them: values as themselves, formulas and errors as they
 * are stored. Much quicker than a cell a value.
 *
 * @phpstan-import-type Stored from Cell
 */
final class PlainRows
{
    /** Texts of a column that are kept in mind. */
    private const KEPT = 20_000;

    /** @return iterable<int, list<Stored>> by row; rows that hold nothing may be left out */
    public static function of(Sheet $sheet): iterable
    {
        if ($sheet instanceof BlockSheet && $sheet->typing() === null) {
            return $sheet->stored();
        }

        return self::typed($sheet);
    }

    /** @return iterable<int, list<Stored>> */
    private static function typed(Sheet $sheet): iterable
    {
        $typing = $sheet instanceof BlockSheet ? $sheet->typing() : null;
        if ($sheet instanceof BlockSheet && $typing !== null) {
            // A column repeats what it holds, days and names above all: each text is read once.
            $memo = [];
            foreach ($sheet->stored() as $row => $line) {
                foreach ($line as $index => $stored) {
                    if (! is_string($stored)) {
                        continue;
                    }
                    if (! isset($memo[$index][$stored])) {
                        if (count($memo[$index] ?? []) > self::KEPT) {
                            $memo[$index] = [];
                        }
                        $memo[$index][$stored] = $typing->cell($index + 1, $stored)->value ?? '';
                    }
                    $line[$index] = $memo[$index][$stored] === '' ? null : $memo[$index][$stored];
                }
                yield $row => $line;
            }

            return;
        }
        foreach (FilledRows::isSparse($sheet) ? FilledRows::of($sheet) : $sheet->read(1, $sheet->rows()) as $row => $cells) {
            yield $row => array_map(fn (Cell $cell) => $cell->formula === null && $cell->error === null ? $cell->value : $cell->stored(), $cells);
        }
    }
}
