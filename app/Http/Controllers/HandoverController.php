<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Files\Writing\CsvWriter;
use App\Files\Writing\Writers;
use App\Http\Records\FormatRecord;
use App\Http\Records\HandoverRecord;
use App\Jobs\HandOver;
use App\Jobs\Workers;
use App\Models\Change;
use App\Models\Handover as HandoverRow;
use App\Models\Workbook;
use App\Wire\ActIsWrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;

final class HandoverController
{
    /** Up to this many cells a file is written within the request. */
    private const AT_ONCE = 60_000;

    /** Up to this many cells it is small work, which does not wait behind large work. */
    private const SMALL = 1_000_000;

    /** Begins to write a workbook as a file, with its proof. */
    public function store(Request $request, int $id): JsonResponse
    {
        $row = Workbook::query()->where('revision', '>', 0)->findOrFail($id);
        $format = $request->string('format')->toString();
        if (! in_array($format, Writers::ENDINGS, true)) {
            throw ActIsWrong::argument('format', 'one of '.implode(', ', Writers::ENDINGS));
        }
        $sheet = $request->filled('sheet') ? $request->integer('sheet') : null;
        $handover = HandoverRow::query()->create([
            'workbook_id' => $row->id,
            'format' => $format,
            'status' => 'queued',
            'defuse' => $request->boolean('defuse'),
            'conditions' => $request->boolean('conditions'),
            'tables' => $request->boolean('tables'),
            'sheet' => $sheet,
            'progress' => 0,
            'proof' => null,
            'message' => null,
        ]);
        $cells = $row->sheets()->get()->sum(fn ($sheet) => $sheet->rows * $sheet->columns);
        $cells <= self::AT_ONCE
            ? HandOver::dispatchSync($handover->id)
            : HandOver::dispatch($handover->id)->onQueue($cells <= self::SMALL ? Workers::SMALL : Workers::LARGE);

        return response()->json(self::record($handover->refresh()), 201);
    }

    /** The formats, and what of this workbook each does not carry. */
    public function formats(Bench $bench, int $id, int $number): JsonResponse
    {
        $row = Workbook::query()->where('revision', '>', 0)->findOrFail($id);

        return response()->json(
            FormatRecord::list($bench->whole($row), $number, $row->package()->exists(), str_contains($row->notices, 'The file holds')),
        );
    }

    /** How many cells of a sheet begin like a formula: whether a csv for use elsewhere should be defused. */
    public function risk(Bench $bench, int $id, int $number): JsonResponse
    {
        $row = Workbook::query()->where('revision', '>', 0)->findOrFail($id);

        return response()->json(['risky' => (new CsvWriter(sheet: $number))->risky($bench->load($row, [$number]))]);
    }

    /** How far a hand-over is, and what its proof says. */
    public function show(string $id): JsonResponse
    {
        return response()->json(self::record(HandoverRow::query()->findOrFail($id)));
    }

    /** Ends a hand-over that is on its way. */
    public function cancel(string $id): JsonResponse
    {
        $handover = HandoverRow::query()->findOrFail($id);
        in_array($handover->status, ['queued', 'running'], true) && $handover->update(['status' => 'cancelled']);

        return response()->json(self::record($handover));
    }

    /** The written file. */
    public function file(string $id): BinaryFileResponse
    {
        $handover = HandoverRow::query()->where('status', 'done')->findOrFail($id);
        $workbook = Workbook::query()->findOrFail($handover->workbook_id);
        $name = (string) preg_replace('#[\\\\/:*?"<>|\x00-\x1F%]#', ' ', $workbook->name);
        // A template or a workbook with macros goes back into its own package, and keeps the ending that says so.
        $came = strtolower(pathinfo($workbook->source, PATHINFO_EXTENSION));
        $ending =
            $handover->format === 'xlsx' && in_array($came, ['xlsm', 'xltx'], true) && $workbook->package()->exists()
                ? $came
                : $handover->format;

        return response()->download(
            $handover->file()->local() ?? abort(404, 'The file is not there any more. Hand over again.'),
            trim($name).".$ending",
            [
                'Content-Type' => [
                    'xlsx' => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
                    'ods' => 'application/vnd.oasis.opendocument.spreadsheet',
                    'csv' => 'text/csv; charset=utf-8',
                    'tsv' => 'text/tab-separated-values; charset=utf-8',
                    'html' => 'text/html; charset=utf-8',
                    'pdf' => 'application/pdf',
                ][$ending] ?? 'application/octet-stream',
            ],
            ResponseHeaderBag::DISPOSITION_ATTACHMENT,
        );
    }

    private static function record(HandoverRow $handover): HandoverRecord
    {
        /** @var array{cells: int, values: int, formulas: int, results?: int, places?: list<string>, kept?: int,
         *     missing?: list<string>}|null $proof */
        $proof = $handover->proof === null ? null : json_decode($handover->proof, true);

        /** @var list<string> $wore */
        $wore = json_decode($handover->wore ?? '[]', true, 4, JSON_THROW_ON_ERROR);

        return new HandoverRecord(
            $handover->id,
            $handover->format,
            $handover->status,
            $handover->progress,
            $handover->message,
            $proof['cells'] ?? null,
            $proof['values'] ?? null,
            $proof['formulas'] ?? null,
            $proof['results'] ?? 0,
            $proof['places'] ?? [],
            $proof['kept'] ?? 0,
            // Changes of data that a person asked for; they are in the file, and the proof does not count them as its own.
            Change::query()->where('workbook_id', $handover->workbook_id)->where('undone', false)->where('is_data', true)->count(),
            $wore,
            $proof['missing'] ?? [],
        );
    }
}
