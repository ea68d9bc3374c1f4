<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Step;
use App\Files\FileKind;
use App\Files\Limits;
use App\Files\PastedTable;
use App\Http\Records\ImportRecord;
use App\Jobs\BringIn;
use App\Jobs\Workers;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;

final class ImportController
{
    /** Takes a file; delimited text is shown before it is kept, a workbook is brought in at once. */
    public function store(Request $request, Limits $limits): JsonResponse
    {
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw FileIsWrong::package(
                $file instanceof UploadedFile && in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true)
                    ? sprintf('The file is larger than %s MB, the limit set here.', number_format($limits->bytes / 1048576))
                    : 'No whole file arrived. Nothing was stored; drop it again.',
            );
        }
        // A name in some other encoding would be no text at all, on the Shelf and in every answer.
        $name = trim(mb_scrub($file->getClientOriginalName(), 'UTF-8')) ?: 'Table';

        return $this->take($name, (string) $file->getRealPath(), self::dataFor($request));
    }

    /** Takes a table from the clipboard, as tab-separated text or as html. */
    public function paste(Request $request): JsonResponse
    {
        $html = $request->string('html')->toString();
        $text = $request->string('text')->toString();
        $path = tempnam(sys_get_temp_dir(), 'paste');
        assert($path !== false);
        try {
            file_put_contents($path, PastedTable::toTabs($text, $html));

            return $this->take('Pasted table.tsv', $path, self::dataFor($request));
        } finally {
            @unlink($path);
        }
    }

    /** How far a file is on its way in. */
    public function show(string $id): JsonResponse
    {
        return response()->json(self::record(Import::query()->findOrFail($id)));
    }

    /** Another encoding, delimiter or quote sign, before the table is kept. */
    public function update(Request $request, string $id): JsonResponse
    {
        $import = $this->proposed($id);
        $encoding = Encoding::tryFrom($request->string('encoding')->toString());
        $delimiter = $request->string('delimiter')->toString();
        $quote = $request->string('quote')->toString();
        if ($encoding === null || ! in_array($delimiter, Dialect::DELIMITERS, true) || ! in_array($quote, ['"', "'"], true)) {
            throw FileIsWrong::package('Choose an encoding, a delimiter and a quote sign from the lists.');
        }
        $import->update(['dialect' => self::dialectJson(new Dialect($encoding, $delimiter, $quote))]);

        return response()->json(self::record($import));
    }

    /** Keeps a proposed table: it is brought in, once, however often it is asked for. */
    public function keep(string $id): JsonResponse
    {
        $isFirst = Import::query()->whereKey($id)->where('status', 'proposed')->update(['status' => 'queued']) === 1;
        $import = Import::query()->findOrFail($id);
        if ($isFirst) {
            $this->start($import);
        } elseif (in_array($import->status, ['failed', 'cancelled'], true)) {
            throw self::gone();
        }

        return response()->json(self::told($import->refresh()));
    }

    /** Takes a file back that is on its way, or puts away the message of one that failed. */
    public function cancel(string $id): JsonResponse
    {
        $import = Import::query()->findOrFail($id);
        if (in_array($import->status, ['proposed', 'queued', 'running'], true)) {
            $proposed = $import->status === 'proposed';
            $import->update(['status' => 'cancelled']);
            $proposed && $import->file()->delete();
        } elseif ($import->status === 'failed') {
            $import->delete();
        }

        return response()->json(self::record($import));
    }

    public static function record(Import $import): ImportRecord
    {
        /** @var array{encoding: string, delimiter: string, quote: string}|null $dialect */
        $dialect = $import->dialect === null ? null : json_decode($import->dialect, true);
        $preview = [];
        $message = $import->message;
        if ($import->status === 'proposed' && $dialect !== null) {
            try {
                $preview = self::preview(
                    $import,
                    new Dialect(Encoding::from($dialect['encoding']), $dialect['delimiter'], $dialect['quote']),
                );
            } catch (FileIsWrong $wrong) {
                $message = $wrong->getMessage();
            }
        }

        return new ImportRecord(
            $import->id, $import->name, $import->kind, $import->status, $import->bytes, $import->progress, $message, $import->workbook_id,
            $dialect['encoding'] ?? null, $dialect['delimiter'] ?? null, $dialect['quote'] ?? null, $preview,
        );
    }

    /** The workbook that a file brings newer data for, where it does. */
    private static function dataFor(Request $request): ?int
    {
        return $request->filled('dataFor') ? Workbook::onShelf($request->integer('dataFor'))->id : null;
    }

    private function take(string $name, string $path, ?int $dataFor): JsonResponse
    {
        $id = Step::id();
        $before = self::before($id);
        if ($before !== null) {
            return response()->json(self::record($before), 201);
        }
        $kind = FileKind::of($path, $name);
        $dialect = null;
        if ($kind === FileKind::Delimited) {
            $stream = fopen($path, 'rb');
            assert($stream !== false);
            $dialect = self::dialectJson(Dialect::detect($stream));
            fclose($stream);
        }
        $import = Import::query()->createOrFirst(['id' => $id], [
            'name' => mb_substr($name, 0, 200),
            'kind' => $kind->value,
            'status' => 'proposed',
            'bytes' => (int) filesize($path),
            'dialect' => $dialect,
            'progress' => 0,
            'message' => null,
            'workbook_id' => null,
            'data_for' => $dataFor,
        ]);
        if (! $import->wasRecentlyCreated) {
            // It was sent twice at once, and the other one was quicker.
            return response()->json(self::record($import), 201);
        }
        $import->file()->takeFor($import, $path);
        // What newer data says is seen in the plan of it.
        if ($kind !== FileKind::Delimited || $dataFor !== null) {
            $this->start($import);
        }
        $import->refresh();

        return response()->json(self::told($import), $import->status === 'failed' ? 422 : 201);
    }

    /** The same file that came under the same name before, and stands: the answer to it got lost. */
    private static function before(string $id): ?Import
    {
        $import = Import::query()->find($id);
        $isGone = $import !== null && match ($import->status) {
            'failed', 'cancelled' => true,
            'done' => Workbook::query()->whereKey($import->workbook_id)->doesntExist(),
            // A request that was to bring it in at once, and died of it.
            'queued', 'running' => $import->bytes <= config('rilvet.at_once') && $import->updated_at < now()->subMinute(),
            default => false,
        };
        $isGone && $import->delete();

        return $isGone ? null : $import;
    }

    /** What failed while the person waited is told in the answer; only what fails in the queue waits on the Shelf to be read. */
    private static function told(Import $import): ImportRecord
    {
        $import->status === 'failed' && $import->delete();

        return self::record($import);
    }

    private function start(Import $import): void
    {
        $import->update(['status' => 'queued']);
        $import->bytes <= config('rilvet.at_once')
            ? BringIn::dispatchSync($import->id)
            : BringIn::dispatch($import->id)->onQueue($import->bytes <= config('rilvet.small') ? Workers::SMALL : Workers::LARGE);
    }

    private function proposed(string $id): Import
    {
        $import = Import::query()->findOrFail($id);
        if ($import->status !== 'proposed') {
            throw self::gone();
        }

        return $import;
    }

    private static function gone(): FileIsWrong
    {
        return FileIsWrong::package('This file is on its way already, or was taken back.');
    }

    private static function dialectJson(Dialect $dialect): string
    {
        return json_encode(
            ['encoding' => $dialect->encoding->value, 'delimiter' => $dialect->delimiter, 'quote' => $dialect->quote],
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return list<list<string>> */
    private static function preview(Import $import, Dialect $dialect): array
    {
        $file = $import->file();
        $local = $file->local();
        $stream = $local === null ? false : fopen($local, 'rb');
        if ($stream === false) {
            return [];
        }
        try {
            $rows = [];
            foreach (Tokeniser::ofStream($stream, $dialect)->rows() as $row => $fields) {
                $rows[] = array_map(fn (string $field) => mb_strimwidth($field, 0, 60, '…'), array_slice($fields, 0, 30));
                if ($row >= 12) {
                    break;
                }
            }

            return $rows;
        } finally {
            fclose($stream);
        }
    }
}
