<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Shelf;
use App\Bench\Specimen;
use App\Http\Records\CardRecord;
use App\Http\Records\ShelfRecord;
use App\Http\Records\StylebookRecord;
use App\Models\Import;
use App\Models\Sheet;
use App\Models\Workbook;
use Illuminate\Http\JsonResponse;
use Rilvet\Grid\Range;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Window\Window;

final class ShelfController
{
    /** Pictures are painted for as many of the workbooks changed last; a shelf of thousands still opens at once. */
    private const PICTURES = 60;

    public function show(Shelf $shelf, Bench $bench): JsonResponse
    {
        $cards = [];
        foreach (Workbook::query()->where('revision', '>', 0)->with('sheets')->latest('updated_at')->get() as $place => $row) {
            $cards[] = new CardRecord(
                $row->id, $row->name, $row->sheets->count(), $row->sheets->sum(fn (Sheet $sheet) => $sheet->rows),
                array_values(array_unique(array_filter($row->sheets->map(fn (Sheet $sheet) => $sheet->wears)->all()))),
                $row->updated_at->diffForHumans(),
                $place < self::PICTURES ? self::picture($bench, $row) : null,
            );
        }
        $wearers = Sheet::query()->whereNotNull('wears')->get(['workbook_id', 'wears']);
        $all = $shelf->stylebooks();
        $builtin = count(Builtin::all());
        $stylebooks = array_map(fn (Stylebook $stylebook, int $index) => new StylebookRecord(
            $stylebook->name, $stylebook->about,
            $wearers->where('wears', $stylebook->name)->unique('workbook_id')->count(),
            $wearers->where('wears', $stylebook->name)->count(),
            $index < $builtin,
            Specimen::window($stylebook),
        ), $all, array_keys($all));
        $imports = Import::query()->whereIn('status', ['queued', 'running', 'failed'])->get()->map(fn (Import $import) => ImportController::record($import))->all();

        return response()->json(new ShelfRecord($cards, $stylebooks, array_values($imports)));
    }

    public function delete(int $id): JsonResponse
    {
        Workbook::query()->findOrFail($id)->delete();

        return response()->json(['message' => 'The workbook is taken off the shelf.']);
    }

    /** The corner of the first sheet that can be seen and holds something. */
    private static function picture(Bench $bench, Workbook $row): ?Window
    {
        $first = $row->sheets->first(fn (Sheet $sheet) => $sheet->state === 'visible' && $sheet->rows > 0);
        if ($first === null) {
            return null;
        }
        $workbook = $bench->load($row, [$first->number]);
        $sheet = $workbook->sheet($first->number);
        $range = Range::of(1, 1, max(1, min(14, $first->rows)), max(1, min(9, $first->columns)));

        return (new Painter($sheet, $workbook->looks, Fonts::shipped(), $workbook->from1904))->paint($first->number, $range);
    }
}
