<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet;
use Rilvet\Change\CellsPatch;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockIndex;
use Rilvet\Grid\BlockStore;

/**
 * Writes edited cells into the row blocks of a sheet.
 *
 * @phpstan-import-type CellsData from CellsPatch
 */
final class CellEdits
{
    /** @param  CellsData  $edits */
    public static function apply(int $sheet, array $edits): void
    {
        $store = new DatabaseBlockStore($sheet);
        self::onto($store, Documents::index(Sheet::query()->findOrFail($sheet)), $edits);
        $store->flush();
        Sheet::query()->whereKey($sheet)->update(['rows' => $edits['rows'], 'columns' => $edits['columns']]);
    }

    /** @param  CellsData  $edits */
    public static function onto(BlockStore $store, BlockIndex $index, array $edits): void
    {
        $byBlock = [];
        $tops = [];
        foreach ($edits['cells'] as [$at, $column, $stored]) {
            foreach ($index->blocks($at, $at) as [$number, $first]) {
                $byBlock[$number][] = [$at - $first, $column - 1, $stored];
                $tops[$number] = $first;
            }
        }
        foreach ($byBlock as $number => $cells) {
            $data = $store->block($number);
            $rows = $data === null ? [] : Block::decode($data);
            foreach ($cells as [$at, $place, $stored]) {
                $rows = array_pad($rows, $at + 1, []);
                $line = array_pad($rows[$at], $place + 1, null);
                $line[$place] = $stored;
                while ($line !== [] && end($line) === null) {
                    array_pop($line);
                }
                $rows[$at] = array_values($line);
            }
            // Rows that an edit added are gone again when it is undone.
            $store->put($number, Block::encode(array_slice($rows, 0, max(0, $edits['rows'] - $tops[$number] + 1))));
        }
    }
}
