<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Pages;
use App\Bench\Shelf;
use App\Bench\ShelvedStylebook;
use App\Bench\Specimen;
use App\Bench\WorkedOut;
use App\Http\Records\BatchCardRecord;
use App\Http\Records\CardRecord;
use App\Http\Records\ComingRecord;
use App\Http\Records\LessonRecord;
use App\Http\Records\RoutineRecord;
use App\Http\Records\ShelfRecord;
use App\Http\Records\StylebookRecord;
use App\Jobs\Workers;
use App\Models\Batch;
use App\Models\Import;
use App\Models\Lesson;
use App\Models\Routine;
use App\Models\Sheet;
use App\Models\Workbook;
use Illuminate\Http\JsonResponse;
use Rilvet\Grid\Range;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Window\Window;

final class ShelfController
{
    /** Pictures are painted for as many of the workbooks changed last; a shelf of thousands still opens at once. */
    private const PICTURES = 60;

    /** Batches that are listed, those changed last first. */
    private const BATCHES = 30;

    /** What corrections have taught, as many of it as is listed. */
    private const LESSONS = 200;

    /** What stands on the shelf: workbooks and stylebooks. */
    public function show(Shelf $shelf): JsonResponse
    {
        $cards = [];
        $rows = Workbook::query()->where('revision', '>', 0)->whereNull('specimen_of')->whereNull('data_for');
        foreach ($rows->with('sheets.stylebook')->latest('updated_at')->latest('id')->get() as $place => $row) {
            $cards[] = new CardRecord(
                $row->id, $row->name, $row->sheets->count(), $row->sheets->sum(fn (Sheet $sheet) => $sheet->rows),
                array_values(array_unique(array_filter($row->sheets->map(fn (Sheet $sheet) => $sheet->stylebook?->name)->all()))),
                $row->updated_at->diffForHumans(),
                $row->revision,
                $place < self::PICTURES ? self::pictureOf(self::pictured($row)) : null,
            );
        }
        $worn = Sheet::query()->where('gone', false)->whereNotNull('stylebook_id')->groupBy('stylebook_id')
            ->selectRaw('stylebook_id, count(*) as sheets, count(distinct workbook_id) as workbooks')->toBase()->get()
            ->keyBy('stylebook_id');
        $stylebooks = array_map(
            fn (ShelvedStylebook $one) => self::stylebook($one, $worn->get($one->row->id)), $shelf->stylebooks(),
        );
        $lessons = Lesson::query()->latest('updated_at')->limit(self::LESSONS)->get()->map(LessonRecord::of(...))->all();

        $routines = array_values(Routine::query()->orderBy('name')->get()->map(RoutineRecord::of(...))->all());
        $batches = array_values(Batch::query()->latest('updated_at')->limit(self::BATCHES)->get()->map(BatchCardRecord::of(...))->all());

        return response()->json(new ShelfRecord($cards, $stylebooks, array_values($lessons), $routines, $batches));
    }

    private static function stylebook(ShelvedStylebook $shelved, ?object $worn): StylebookRecord
    {
        $worn = (array) $worn;

        return new StylebookRecord(
            $shelved->row->id, $shelved->row->version, $shelved->stylebook->name, $shelved->stylebook->about,
            is_numeric($worn['workbooks'] ?? null) ? (int) $worn['workbooks'] : 0,
            is_numeric($worn['sheets'] ?? null) ? (int) $worn['sheets'] : 0,
            $shelved->isBuiltin,
            self::specimen($shelved->stylebook),
        );
    }

    /** Tables with these headings are read without what was learned from now on. */
    public function forget(int $id): JsonResponse
    {
        Lesson::query()->findOrFail($id)->delete();

        return response()->json(['message' => 'It is forgotten. Workbooks that were read by it stay as they are.']);
    }

    /** Files on their way in, and whether anybody works on them. */
    public function imports(): JsonResponse
    {
        $imports = Import::query()
            ->whereNull('data_for')
            ->whereIn('status', ['queued', 'running', 'failed'])
            ->get()
            ->map(fn (Import $import) => ImportController::record($import))
            ->all();

        return response()->json(new ComingRecord(array_values($imports), Workers::alive()));
    }

    /** The corner of the first sheet that can be seen and holds something; a browser keeps it under the address that it asked for. */
    public function picture(Bench $bench, int $id): JsonResponse
    {
        $row = Workbook::query()->where('revision', '>', 0)->findOrFail($id);
        $first = self::pictured($row);
        if ($first === null) {
            return response()->json(null);
        }
        $key = 'picture.'.self::pictureOf($first);
        $json = WorkedOut::get($key);
        if ($json === null) {
            $workbook = $bench->load($row, [$first->number]);
            $range = Range::of(1, 1, max(1, min(14, $first->rows)), max(1, min(9, $first->columns)));

            $json = json_encode(
                (new Painter($workbook->sheet($first->number), $workbook->looks, Fonts::shipped(), $workbook->from1904))->paint(
                    $first->number,
                    $range,
                ),
                JSON_THROW_ON_ERROR,
            );
            WorkedOut::put($key, $json);
        }

        return JsonResponse::fromJsonString($json)->setPrivate()->setMaxAge(31_536_000)->setImmutable();
    }

    /** Takes a workbook off the shelf, with all that belongs to it. */
    public function delete(int $id): JsonResponse
    {
        $row = Workbook::query()->findOrFail($id);
        $row->package()->delete();
        Workbook::query()->where('data_for', $row->id)->delete();
        $row->delete();
        Pages::giveBack();

        return response()->json(['message' => 'The workbook is taken off the shelf.']);
    }

    /** What a picture is known by; sheets of one workbook may have been changed by the same step. */
    private static function pictureOf(?Sheet $sheet): ?string
    {
        return $sheet === null ? null : "$sheet->id-".$sheet->seen();
    }

    private static function pictured(Workbook $row): ?Sheet
    {
        return $row->sheets->first(fn (Sheet $sheet) => $sheet->state === 'visible' && $sheet->rows > 0);
    }

    private static function specimen(Stylebook $stylebook): Window
    {
        $key = 'specimen.'.hash('xxh128', json_encode($stylebook->toArray(), JSON_THROW_ON_ERROR));
        $window = WorkedOut::value($key);
        if (! $window instanceof Window) {
            $window = Specimen::window($stylebook);
            WorkedOut::put($key, serialize($window));
        }

        return $window;
    }
}
