<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batch\Batches;
use App\Batch\FileRun;
use App\Batch\Reported;
use App\Batch\Reports;
use App\Bench\Routines;
use App\Files\Limits;
use App\Files\Writing\Writers;
use App\Http\Records\BatchRecord;
use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\Routine as RoutineRow;
use App\Models\Workbook;
use App\Wire\ActIsWrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Rilvet\Check\Checks;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Routine\Routine;
use Rilvet\Routine\Step;
use RuntimeException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use ZipArchive;

/** Many workbooks at once. */
final class BatchController
{
    /** Begins a batch, with workbooks of the shelf or without. */
    public function store(Request $request): JsonResponse
    {
        $ids = array_filter((array) $request->input('workbooks', []), is_int(...));
        $rows = array_map(fn (int $id) => Workbook::onShelf($id), array_values(array_unique($ids)));
        $batch = Batches::begin($request->string('name')->toString());
        foreach ($rows as $row) {
            Batches::choose($batch, $row);
        }

        return response()->json(BatchRecord::of($batch), 201);
    }

    /** A batch with its files: what would be done with each, how far it is, what became of it. */
    public function show(string $id): JsonResponse
    {
        return response()->json(BatchRecord::of(Batch::query()->findOrFail($id)));
    }

    /** Takes a file, or the files of a zip, or a workbook of the shelf. */
    public function add(Request $request, Limits $limits, string $id): JsonResponse
    {
        $batch = self::open($id);
        if ($request->filled('workbook')) {
            Batches::choose($batch, Workbook::onShelf($request->integer('workbook')));

            return response()->json(BatchRecord::of($batch));
        }
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile) || ! $file->isValid() || $file->getSize() > $limits->bytes) {
            throw FileIsWrong::package('No whole file arrived, or it is larger than '.number_format($limits->bytes / 1048576)
                .' MB. Nothing was stored; drop it again.');
        }
        Batches::take($batch, trim(mb_scrub($file->getClientOriginalName(), 'UTF-8')) ?: 'File', (string) $file->getRealPath(), $limits);

        return response()->json(BatchRecord::of($batch));
    }

    /** What is to be done: a routine or a stylebook, what is mended, and how it is handed over. */
    public function update(Request $request, string $id): JsonResponse
    {
        $batch = self::open($id);
        $request->has('name') && $batch->update(['name' => mb_substr(trim($request->string('name')->toString()) ?: $batch->name, 0, 80)]);
        if ($request->hasAny(['routine', 'stylebook', 'fix', 'format', 'data', 'clean'])) {
            $format = $request->string('format', $batch->format)->toString();
            in_array($format, Writers::ENDINGS, true) || throw ActIsWrong::argument('format', 'one of '.implode(', ', Writers::ENDINGS));
            $data = $request->filled('data') ? Workbook::query()->where('revision', '>',
                0)->findOrFail($request->integer('data'))->id : null;
            Batches::plan($batch, self::routine($request), $format, $data);
        }

        return response()->json(BatchRecord::of($batch->refresh()));
    }

    /** Leaves a file out. */
    public function leave(string $id, string $item): JsonResponse
    {
        $batch = self::open($id);
        $row = $batch->items()->findOrFail($item);
        $row->file()->delete();
        $row->output()->delete();
        $row->delete();

        return response()->json(BatchRecord::of($batch));
    }

    /** Does all that is not done yet, those that failed among them; pauses, goes on, ends it. */
    public function run(Request $request, string $id): JsonResponse
    {
        $batch = Batch::query()->findOrFail($id);
        match ($request->string('what')->toString()) {
            'run' => self::ready($batch),
            'pause' => Batches::pause($batch),
            'go on' => Batches::goOn($batch),
            'cancel' => Batches::cancel($batch),
            default => throw ActIsWrong::argument('what', 'run, pause, go on or cancel'),
        };

        return response()->json(BatchRecord::of($batch->refresh()));
    }

    /** Takes a batch away, with the files that came for it; workbooks of the shelf stay. */
    public function delete(string $id): JsonResponse
    {
        $batch = Batch::query()->findOrFail($id);
        Batches::cancel($batch);
        Batches::drop($batch);

        return response()->json(['message' => 'The batch is taken away. Workbooks of the shelf stay as they are.']);
    }

    /** What was written of one file. */
    public function file(string $id, string $item): BinaryFileResponse
    {
        $row = Batch::query()->findOrFail($id)->items()->where('status', 'done')->findOrFail($item);
        $name = Reported::fromArray(self::data($row))->output ?? 'File';

        return response()->download($row->output()->local() ?? abort(404, 'The file is not there any more. Run it again.'), $name,
            ['Content-Type' => 'application/octet-stream'], HeaderUtils::DISPOSITION_ATTACHMENT);
    }

    /** All that was written, and the report, as one zip. */
    public function zip(string $id): BinaryFileResponse
    {
        $batch = Batch::query()->findOrFail($id);
        $path = (string) tempnam(sys_get_temp_dir(), 'batch');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE) === true || throw new RuntimeException('The archive cannot be written.');
        $taken = [];
        foreach ($batch->items()->where('status', 'done')->get() as $item) {
            $local = $item->output()->local();
            $output = Reported::fromArray(self::data($item))->output;
            if ($local !== null && $output !== null) {
                $name = ltrim(FileRun::target('', $output, strtolower(pathinfo($output, PATHINFO_EXTENSION)), $taken), '/');
                $taken[] = "/$name";
                $zip->addFile($local, $name);
                // What is a zip already does not get smaller.
                $zip->setCompressionName($name, ZipArchive::CM_STORE);
            }
        }
        $zip->addFromString('Report.html', self::report($batch, 'html'));
        $zip->close() || throw new RuntimeException('The archive cannot be written: the disk may be full.');

        return response()->download($path, self::title($batch).'.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    /** What became of all files: html that needs nothing else, csv or JSON. */
    public function told(Request $request, string $id): Response
    {
        $batch = Batch::query()->findOrFail($id);
        $as = $request->string('as')->toString();
        in_array($as, ['html', 'csv', 'json'], true) || throw ActIsWrong::argument('as', 'one of html, csv, json');
        $type = ['html' => 'text/html', 'csv' => 'text/csv', 'json' => 'application/json'][$as];

        return response(self::report($batch, $as), 200, ['Content-Type' => "$type; charset=utf-8",
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', self::title($batch).", report.$as", "Report.$as")]);
    }

    private static function report(Batch $batch, string $as): string
    {
        $all = [];
        foreach ($batch->items()->get() as $item) {
            $data = self::data($item);
            $all[] = $data === [] ? Reported::failed($item->name, 'it was not run') : Reported::fromArray($data);
        }

        return match ($as) {
            'csv' => Reports::csv($all),
            'json' => Reports::json($all),
            default => Reports::html($all, $batch->name, date('Y-m-d')),
        };
    }

    /** @return array<string, mixed> */
    private static function data(BatchItem $item): array
    {
        /** @var array<string, mixed>|null $data */
        $data = json_decode($item->report ?? 'null', true);

        return $data ?? [];
    }

    private static function title(Batch $batch): string
    {
        return trim((string) preg_replace('#[\\\\/:*?"<>|\x00-\x1F%]#', ' ', $batch->name)) ?: 'Batch';
    }

    private static function open(string $id): Batch
    {
        $batch = Batch::query()->findOrFail($id);
        in_array($batch->status, ['running', 'paused'], true)
            && throw FileIsWrong::package('The batch is under way. Pause and end it first.');

        return $batch;
    }

    private static function ready(Batch $batch): void
    {
        $batch->routine !== null || throw ActIsWrong::argument('routine', 'a routine or a stylebook, chosen before it is run');
        $batch->items()->exists() || throw ActIsWrong::argument('files', 'at least one file');
        $batch->status === 'running' || Batches::run($batch);
    }

    private static function routine(Request $request): ?Routine
    {
        $steps = [];
        $name = '';
        if ($request->filled('routine')) {
            $routine = Routines::of(RoutineRow::query()->findOrFail($request->integer('routine')));
            [$steps, $name] = [$routine->steps, $routine->name];
        } elseif ($request->filled('stylebook')) {
            $name = $request->string('stylebook')->toString();
            (Routines::shelf())($name) ?? throw ActIsWrong::argument('stylebook', 'the name of a stylebook of the shelf');
            $steps = [new Step('dress', null, null, ['stylebook' => $name] + ($request->boolean('clean') ? ['clean' => true] : []))];
        }
        $checks = array_values(array_filter((array) $request->input('fix', []), is_string(...)));
        foreach ($checks as $check) {
            Checks::about($check) ?? throw ActIsWrong::argument('fix', 'names of checks');
        }
        $checks === [] || $steps[] = new Step('fix', null, null, ['checks' => $checks]);

        return $steps === [] ? null
            : new Routine($name === '' ? 'Mend' : $name,
                $steps, isset($routine) ? $routine->stylebooks : []);
    }
}
