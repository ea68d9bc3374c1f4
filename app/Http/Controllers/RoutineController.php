<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Routines;
use App\Http\Records\PastStepRecord;
use App\Http\Records\RoutineRecord;
use App\Http\Records\TriedRecord;
use App\Models\Change;
use App\Models\Routine as RoutineRow;
use App\Models\Workbook;
use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\Wiring;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Rilvet\Routine\Note;
use Rilvet\Routine\Replay;
use Rilvet\Routine\Routine;
use Rilvet\Routine\RoutineIsWrong;
use Rilvet\Routine\Schema;
use Rilvet\Routine\Step;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Routines: made from the history of a workbook, edited as sentences, handed on as JSON. */
final class RoutineController
{
    /** Steps of the history that a routine can be made from. */
    private const PAST = 200;

    /** Bytes of a routine's file. */
    private const BYTES = 2 * 1024 * 1024;

    /** What was done to a workbook, the newest first, and which of it can be part of a routine. */
    public function past(int $id): JsonResponse
    {
        $row = Workbook::onShelf($id);
        $changes = $row->changes()->where('undone', false)->latest('id')->limit(self::PAST)->get(['id', 'words', 'step']);

        return response()->json($changes->map(fn (Change $change) => PastStepRecord::of($change))->all());
    }

    /** What a routine would do to a workbook, and what of it does not find its place there; nothing is kept. */
    public function try(Request $request, Bench $bench, Wiring $wiring, int $id): JsonResponse
    {
        $row = Workbook::onShelf($id);
        /** @var array<array-key, mixed> $given */
        $given = $request->all();
        $act = $wiring->act('replay')->act(new Arguments($given, 0, $row));
        assert($act instanceof Replay);
        $bench->preview($row, $act, 0);

        return response()->json(new TriedRecord($act->done, array_map(fn (Note $note) => $note->line(), $act->notes)));
    }

    /** A routine with its steps as sentences, and what their places could mean. */
    public function show(int $id): JsonResponse
    {
        return response()->json(RoutineRecord::of(RoutineRow::query()->findOrFail($id)));
    }

    /** Keeps a routine: of steps, or from its file. */
    public function store(Request $request): JsonResponse
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            $file->getSize() <= self::BYTES || throw RoutineIsWrong::json('a routine has at most '.(self::BYTES >> 20).' MB.');
            $routine = Routine::fromJson((string) file_get_contents((string) $file->getRealPath()));

            return response()->json(RoutineRecord::of(self::keep(new RoutineRow, $routine, true)), 201);
        }

        return response()->json(RoutineRecord::of(self::keep(new RoutineRow, self::given($request, null), true)), 201);
    }

    /** Another name, other steps, or another order of them. */
    public function update(Request $request, int $id): JsonResponse
    {
        $row = RoutineRow::query()->findOrFail($id);

        return response()->json(RoutineRecord::of(self::keep($row, self::given($request, Routines::of($row)), false)));
    }

    /** Takes a routine off the shelf; what was done by it stays. */
    public function delete(int $id): JsonResponse
    {
        RoutineRow::query()->findOrFail($id)->delete();

        return response()->json(['message' => 'The routine is taken off the shelf. What was done by it stays as it is.']);
    }

    /** The routine as a file, with the stylebooks that it dresses in. */
    public function export(int $id): Response
    {
        $routine = Routines::whole(Routines::of(RoutineRow::query()->findOrFail($id)));
        $name = trim((string) preg_replace('#[\\\\/:*?"<>|\x00-\x1F%]#', ' ', $routine->name)) ?: 'Routine';

        return response($routine->json(), 200, ['Content-Type' => 'application/json; charset=utf-8',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', "$name.json", 'Routine.json')]);
    }

    /** What a routine's file can say, as a JSON Schema. */
    public function schema(): Response
    {
        return response(Schema::json(), 200, ['Content-Type' => 'application/schema+json; charset=utf-8']);
    }

    private static function given(Request $request, ?Routine $was): Routine
    {
        $name = $request->has('name') ? trim($request->string('name')->toString()) : $was->name ?? '';
        if ($name === '' || mb_strlen($name) > Routine::NAME) {
            throw ActIsWrong::argument('name', 'a name of at most '.Routine::NAME.' characters');
        }
        $given = $request->has('steps') ? $request->input('steps') : null;
        if ($given === null) {
            return new Routine($name, $was->steps ?? throw RoutineIsWrong::empty(), $was->stylebooks, $was->about);
        }
        if (! is_array($given) || $given === [] || count($given) > Routine::MOST) {
            throw ActIsWrong::argument('steps', '1 to '.Routine::MOST.' steps');
        }
        $steps = [];
        foreach (array_values($given) as $at => $step) {
            $steps[] = Step::fromArray(is_string($step) ? json_decode($step, true, 32) : $step, 'step '.($at + 1));
        }

        return new Routine($name, $steps, $was->stylebooks ?? [], $was->about ?? '');
    }

    private static function keep(RoutineRow $row, Routine $routine, bool $isNew): RoutineRow
    {
        $taken = fn (string $name) => RoutineRow::query()->where('name', $name)->where('id', '!=', $row->id ?? 0)->exists();
        $name = $routine->name;
        for ($number = 2; $isNew && $taken($name); $number++) {
            $name = mb_substr($routine->name, 0, Routine::NAME - 5)." $number";
        }
        ! $taken($name) || throw ActIsWrong::argument('name', 'a name that no other routine has');
        $whole = new Routine($name, $routine->steps, Routines::whole($routine)->stylebooks, $routine->about);
        $row->fill(['name' => $name, 'data' => $whole->json()])->save();

        return $row;
    }
}
