<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet;
use Rilvet\Grid\Block;
use Rilvet\Grid\Cell;

/**
 * Writes edited cells into the row blocks of a sheet.
 *
 * @phpstan-import-type Stored from Cell
 */
final class CellEdits
{
    /** @param  string  $json the size that the sheet has then, and a list of row, column, stored cell */
    public static function apply(int $sheet, string $json): void
    {
        /** @var array{rows: int, columns: int, cells: list<array{int, int, Stored}>} $edits */
        $edits = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        $store = new DatabaseBlockStore($sheet);
        $byBlock = [];
        foreach ($edits['cells'] as [$at, $column, $stored]) {
            $byBlock[Block::of($at)][] = [$at - Block::firstRow(Block::of($at)), $column - 1, $stored];
        }
        foreach ($byBlock as $number => $cells) {
            $data = $store->block($number);
            $rows = $data === null ? [] : Block::decode($data);
            foreach ($cells as [$at, $index, $stored]) {
                $rows = array_pad($rows, $at + 1, []);
                $line = array_pad($rows[$at], $index + 1, null);
                $line[$index] = $stored;
                while ($line !== [] && end($line) === null) {
                    array_pop($line);
                }
                $rows[$at] = array_values($line);
            }
            // Rows that an edit added are gone again when it is undone.
            $store->put($number, Block::encode(array_slice($rows, 0, max(0, $edits['rows'] - Block::firstRow($number) + 1))));
        }
        $store->flush();
        Sheet::query()->whereKey($sheet)->update(['rows' => $edits['rows'], 'columns' => $edits['columns']]);
    }

    /**
     * Puts rows or columns in, or takes them out, in the blocks of a sheet.
     *
     * @param  string  $json  rows or columns, where, how many, in or out, and the cells that come in
     */
    public static function shift(int $sheet, string $json): void
    {
        /** @var array{rows: bool, at: int, count: int, in: bool, size: int, cells: list<list<Stored>>} $shift */
        $shift = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        $row = Sheet::query()->findOrFail($sheet);
        $store = new DatabaseBlockStore($sheet);
        $shift['rows'] ? self::shiftRows($store, $row, $shift) : self::shiftColumns($store, $row, $shift);
        $store->flush();
        $row->save();
    }

    /** @param  array{rows: bool, at: int, count: int, in: bool, size: int, cells: list<list<Stored>>}  $shift */
    private static function shiftRows(DatabaseBlockStore $store, Sheet $row, array $shift): void
    {
        if ($shift['size'] === $row->rows) {
            return;
        }
        $first = Block::of($shift['at']);
        $last = max($first, Block::of(max(1, $row->rows)));
        $waiting = [];
        $number = $first;
        for ($block = $first; $block <= $last; $block++) {
            $data = $store->block($block);
            $rows = array_pad($data === null ? [] : Block::decode($data), max(0, min(Block::ROWS, $row->rows - Block::firstRow($block) + 1)), []);
            if ($block === $first) {
                $new = $shift['in'] ? array_pad($shift['cells'], $shift['count'], []) : [];
                $offset = $shift['at'] - Block::firstRow($first);
                $rows = [...array_slice($rows, 0, $offset), ...$new, ...array_slice($rows, $offset)];
                $skip = $shift['in'] ? 0 : $shift['count'];
                $head = array_slice($rows, 0, $offset);
                $rest = array_slice($rows, $offset);
                $taken = min($skip, count($rest));
                $left = $skip - $taken;
                $waiting = [...$head, ...array_slice($rest, $taken)];
            } else {
                $taken = min($left ?? 0, count($rows));
                $left = ($left ?? 0) - $taken;
                array_push($waiting, ...array_slice($rows, $taken));
            }
            while (count($waiting) >= Block::ROWS && $number < $block) {
                $store->put($number++, Block::encode(array_splice($waiting, 0, Block::ROWS)));
            }
        }
        while ($waiting !== []) {
            $store->put($number++, Block::encode(array_splice($waiting, 0, Block::ROWS)));
        }
        for (; $number <= $last; $number++) {
            $store->put($number, Block::encode([]));
        }
        $row->rows = $shift['size'];
    }

    /** @param  array{rows: bool, at: int, count: int, in: bool, size: int, cells: list<list<Stored>>}  $shift */
    private static function shiftColumns(DatabaseBlockStore $store, Sheet $row, array $shift): void
    {
        for ($block = 0; $row->rows > 0 && $block <= Block::of($row->rows); $block++) {
            $data = $store->block($block);
            $rows = $data === null ? [] : Block::decode($data);
            foreach ($rows as $index => $line) {
                $position = $block * Block::ROWS + $index;
                $line = array_pad($line, $shift['at'] - 1, null);
                array_splice($line, $shift['at'] - 1, $shift['in'] ? 0 : $shift['count'], $shift['in'] ? ($shift['cells'][$position] ?? array_fill(0, $shift['count'], null)) : []);
                while ($line !== [] && end($line) === null) {
                    array_pop($line);
                }
                $rows[$index] = $line;
            }
            $store->put($block, Block::encode($rows));
        }
        $row->columns = $shift['size'];
    }
}
