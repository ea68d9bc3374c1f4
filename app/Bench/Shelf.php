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
                'guard' => $workbook->guard === null ? null : json_encode($workbook->guard->toJson(), JSON_THROW_ON_ERROR),
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

    /** @return list<ShelvedStylebook> those that come with Rilvet first, as they are now, then the others by name */
    public function stylebooks(): array
    {
        $rows = StylebookRow::onShelf()->orderBy('name')->get()->keyBy('name');
        $all = [];
        foreach (Builtin::all() as $builtin) {
            $row = $rows->pull($builtin->name) ?? Versions::named($builtin->name);
            $all[] = new ShelvedStylebook(Versions::of($row->id)[0], $row, true);
        }
        foreach ($rows as $row) {
            $all[] = new ShelvedStylebook(Versions::of($row->id)[0], $row, false);
        }

        return $all;
    }

    /** A name that no stylebook of the shelf has yet. */
    public function free(string $wanted): string
    {
        $taken = Versions::taken();
        $wanted = mb_substr($wanted, 0, 54);
        for ($name = $wanted, $count = 2; in_array(mb_strtolower($name), $taken, true); $count++) {
            $name = "$wanted $count";
        }

        return $name;
    }

    /**
     * Puts a new stylebook on the shelf.
     *
     * @throws StylebookIsWrong where its name is taken
     */
    public function add(Stylebook $stylebook, string $words): StylebookRow
    {
        if (in_array(mb_strtolower($stylebook->name), Versions::taken(), true)) {
            throw StylebookIsWrong::taken($stylebook->name);
        }

        return Versions::begin($stylebook, $words);
    }
}
