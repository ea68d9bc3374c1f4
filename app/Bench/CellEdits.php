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
    /** @param  string  $json a list of row, column, stored cell */
    public static function apply(int $sheet, string $json): void
    {
        /** @var list<array{int, int, Stored}> $edits */
        $edits = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        $store = new DatabaseBlockStore($sheet);
        $byBlock = [];
        $row = Sheet::query()->findOrFail($sheet);
        foreach ($edits as [$at, $column, $stored]) {
            $byBlock[Block::of($at)][] = [$at - Block::firstRow(Block::of($at)), $column - 1, $stored];
            if ($stored !== null) {
                $row->rows = max($row->rows, $at);
                $row->columns = max($row->columns, $column);
            }
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
            $store->put($number, Block::encode($rows));
        }
        $store->flush();
        $row->save();
    }
}
