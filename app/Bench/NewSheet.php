<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Grid\Block;
use Rilvet\Grid\Cell;
use Rilvet\Work\Worksheet;

/** A sheet that an act has made comes into the database with all that it knows. */
final class NewSheet
{
    public static function keep(WorkbookRow $row, int $number, Worksheet $sheet): int
    {
        $id = SheetRow::query()->create([
            'workbook_id' => $row->id, 'number' => $number, 'place' => $number, 'name' => $sheet->name,
            'rows' => $sheet->cells->rows(), 'columns' => $sheet->cells->columns(),
            'state' => $sheet->setup->tab->state, 'tab' => $sheet->setup->tab->colour, 'protected' => $sheet->setup->tab->protected,
            'stylebook_id' => $sheet->reference?->stylebook, 'held' => $sheet->reference?->held, 'measure' => $sheet->measure,
            'data_revision' => $row->revision, 'seen_revision' => $row->revision,
        ])->id;
        $store = new DatabaseBlockStore($id);
        $rows = $sheet->cells->rows();
        for ($first = 1, $number = 0; $first <= $rows; $first += Block::ROWS, $number++) {
            $lines = [];
            foreach ($sheet->cells->read($first, min($rows, $first + Block::ROWS - 1)) as $cells) {
                $line = array_map(fn (Cell $cell) => $cell->stored(), $cells);
                while ($line !== [] && end($line) === null) {
                    array_pop($line);
                }
                $lines[] = $line;
            }
            $store->put($number, Block::encode($lines));
        }
        $store->flush();
        Documents::create($id, $sheet);

        return $id;
    }
}
