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
    /**
     * @param  list<int>|null  $columns  those that are wanted, from 0: the others may be given as they came; null for all
     * @return iterable<int, list<Stored>> by row; rows that hold nothing may be left out
     */
    public static function of(Sheet $sheet, ?array $columns = null): iterable
    {
        if ($sheet instanceof BlockSheet && $sheet->typing() === null) {
            return $sheet->stored();
        }

        return self::typed($sheet, $columns === null ? null : array_flip($columns));
    }

    /**
     * @param  array<int, int>|null  $columns  as keys
     * @return iterable<int, list<Stored>>
     */
    private static function typed(Sheet $sheet, ?array $columns): iterable
    {
        $typing = $sheet instanceof BlockSheet ? $sheet->typing() : null;
        if ($sheet instanceof BlockSheet && $typing !== null) {
            foreach ($sheet->index()->blocks(1, $sheet->rows()) as [$number, $start, $size]) {
                $data = $sheet->store()->block($number);
                $rows = $data === null ? [] : array_slice(Block::decode($data), 0, min($size, $sheet->rows() - $start + 1));
                foreach (self::values($rows, $typing, $columns) as $index => $line) {
                    yield $start + $index => $line;
                }
            }

            return;
        }
        foreach (FilledRows::isSparse($sheet) ? FilledRows::of($sheet) : $sheet->read(1, $sheet->rows()) as $row => $cells) {
            yield $row => array_map(
                fn (Cell $cell) => $cell->formula === null && $cell->error === null ? $cell->value : $cell->stored(),
                $cells,
            );
        }
    }

    /**
     * Rows with their texts read, a column at a time.
     *
     * @param  list<list<Stored>>  $rows
     * @param  array<int, int>|null  $wanted  as keys
     * @return list<list<Stored>>
     */
    private static function values(array $rows, Typing $typing, ?array $wanted): array
    {
        $columns = [];
        foreach ($rows as $at => $line) {
            foreach ($wanted === null ? $line : array_intersect_key($line, $wanted) as $index => $stored) {
                if (is_string($stored)) {
                    $columns[$index][$at] = $stored;
                } elseif (is_array($stored) && isset($stored['t'])) {
                    $rows[$at][$index] = $stored['t'];
                }
            }
        }
        foreach ($columns as $index => $raws) {
            foreach ($typing->values($index + 1, $raws) as $at => $value) {
                $rows[$at][$index] = $value === '' ? null : $value;
            }
        }

        return array_map(array_values(...), $rows);
    }
}
