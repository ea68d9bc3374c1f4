<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet as SheetRow;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Formula\TableRange;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;

/** Puts workbooks on the shelf, and finds the stylebooks that stand there. */
final class Shelf
{
    /**
     * Keeps a workbook that was just opened. Its blocks are in the store already, under the ids that {@see reserve()} gave.
     *
     * @param  array<int, int>  $ids  sheet number to id
     * @param  list<string>  $notices
     */
    public function keep(WorkbookRow $row, Workbook $workbook, array $ids, array $notices): void
    {
        DB::transaction(function () use ($row, $workbook, $ids, $notices) {
            $row->update([
                'name' => $workbook->name,
                'from1904' => $workbook->from1904,
                'looks' => json_encode($workbook->looks->all(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                'names' => json_encode((object) $workbook->names, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'calculation' => json_encode(
                    [
                        'tables' => (object) array_map(fn (TableRange $table) => $table->toArray(), $workbook->tables),
                        'results' => $workbook->hasResults,
                    ],
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
                ),
                'notices' => json_encode($notices, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'revision' => 1,
            ]);
            foreach ($workbook->sheets as $number => $sheet) {
                SheetRow::query()->whereKey($ids[$number])->update([
                    'name' => $sheet->name,
                    'rows' => $sheet->cells->rows(),
                    'columns' => $sheet->cells->columns(),
                    'state' => $sheet->setup->tab->state,
                    'tab' => $sheet->setup->tab->colour,
                    'protected' => $sheet->setup->tab->protected,
                ]);
                Documents::create($ids[$number], $sheet);
            }
        });
    }

    /** A place for a workbook that is being opened; revision 0 keeps it off the shelf until it is whole. */
    public function reserve(string $name, string $source): WorkbookRow
    {
        return WorkbookRow::query()->create([
            'name' => $name,
            'source' => $source,
            'revision' => 0,
            'looks' => '[{}]',
            'names' => '{}',
            'notices' => '[]',
        ]);
    }

    public function reserveSheet(WorkbookRow $row, int $number): int
    {
        return SheetRow::query()->create([
            'workbook_id' => $row->id,
            'number' => $number,
            'place' => $number,
            'name' => "Sheet $number",
            'rows' => 0,
            'columns' => 0,
        ])->id;
    }

    /** @return list<Stylebook> the built-in ones first */
    public function stylebooks(): array
    {
        $all = [];
        foreach (Builtin::all() as $stylebook) {
            $all[$stylebook->name] = $stylebook;
        }
        // One that was changed by hand stands in the place of the built-in one of its name.
        foreach (StylebookRow::query()->orderBy('name')->get() as $row) {
            $all[$row->name] = Stylebook::fromJson($row->data);
        }

        return array_values($all);
    }

    /** @throws StylebookIsWrong */
    public function stylebook(string $name): Stylebook
    {
        foreach ($this->stylebooks() as $stylebook) {
            if ($stylebook->name === $name) {
                return $stylebook;
            }
        }
        throw StylebookIsWrong::unknown($name);
    }
}
