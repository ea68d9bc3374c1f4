<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\History;
use App\Bench\Revising;
use App\Bench\Routines;
use App\Http\Records\ActRecord;
use App\Http\Records\BenchRecord;
use App\Http\Records\Outline;
use App\Http\Sight;
use App\Models\Workbook as WorkbookRow;
use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\Wiring;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Work\Workbook;

/** What is done with a workbook. Each answer brings along what the person has in sight, so that one press is one request. */
final class ActController
{
    public function __construct(private readonly Bench $bench, private readonly History $history, private readonly Wiring $wiring)
    {
    }

    /** Does an act, or shows what it would do. */
    public function act(Request $request, int $id, Revising $revising): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        $number = $request->integer('sheet');
        $name = $request->string('act')->toString();
        /** @var array<array-key, mixed> $arguments */
        $arguments = (array) $request->input('arguments', []);
        $given = new Arguments($arguments, $number, $row);
        if (($arguments['scope'] ?? null) === 'everywhere') {
            $revision = $this->wiring->revision($name);
            if ($request->boolean('preview')) {
                return self::answer($request, $row, $revising->preview($row, $number, $revision, $given), $number, null);
            }
            $words = $revising->revise($row, $number, $revision, $given);

            return self::answer($request, $row, $this->bench->load($row->refresh(), [$number]), $number, $words);
        }
        $act = $this->wiring->act($name)->act($given);
        if ($row->specimen_of !== null && ! $request->boolean('preview')) {
            throw ActIsWrong::onSpecimen();
        }
        if ($request->boolean('preview')) {
            return self::answer($request, $row, $this->bench->preview($row, $act, $number)->after, $number, null);
        }
        $outcome = $this->bench->act($row, $act, $request->integer('revision'), $number,
            fn (Workbook $before) => Routines::recorded($row, $name, $arguments, $act, $before, $number));

        return self::answer($request, $row, $outcome->after, $number, $outcome->words());
    }

    /** Takes the newest step back. */
    public function undo(Request $request, int $id): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);

        return $this->moved($request, $row, $this->history->undo($row, $request->integer('revision'))?->words);
    }

    /** Does the step again that was taken back last. */
    public function redo(Request $request, int $id): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);

        return $this->moved($request, $row, $this->history->redo($row, $request->integer('revision'))?->words);
    }

    /** Goes back, or forward, to a point of the history. */
    public function goTo(Request $request, int $id): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        $this->history->goTo($row, $request->integer('change'), $request->integer('revision'));

        return $this->moved($request, $row, null);
    }

    /** The sheet in view may be one that is not there in another state of the workbook. */
    private function moved(Request $request, WorkbookRow $row, ?string $words): JsonResponse
    {
        $number = $request->integer('sheet');
        $isThere = $row->sheets()->where('number', $number)->exists();

        return self::answer($request, $row, $this->bench->settled($row, $isThere ? [$number] : []),
            $isThere ? $number : 0, $words);
    }

    /** @param  int  $number  of the sheet in view; 0 for none */
    private static function answer(Request $request, WorkbookRow $row, Workbook $workbook, int $number, ?string $words): JsonResponse
    {
        $isThere = isset($workbook->sheets[$number]);

        return response()->json(new ActRecord(
            BenchRecord::of($row->refresh()),
            $isThere ? Outline::sheet($number, $workbook->sheet($number), $workbook->looks) : null,
            $isThere ? Sight::of($request)->on($row, $workbook, $number) : null,
            $words,
        ));
    }
}
