<?php

declare(strict_types=1);

namespace App\Batch;

use App\Bench\KeptFile;
use App\Bench\Routines;
use App\Bench\Step;
use App\Files\Limits;
use App\Jobs\CompareFiles;
use App\Jobs\RunItem;
use App\Jobs\Server;
use App\Jobs\Workers;
use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Routine\Routine;

/** Batches: files and workbooks come into them, are planned, run, paused, gone on with, and run again. */
final class Batches
{
    /** Files of one batch. */
    public const MOST = 1_000;

    public static function begin(string $name): Batch
    {
        return Batch::query()->create(['name' => mb_substr(trim($name) ?: 'Batch of '.date('j F Y'), 0, 80), 'status' => 'open',
            'format' => 'xlsx']);
    }

    /**
     * Takes a file, or the files of a zip; what came under the same name before is there already.
     *
     * @return int how many came
     *
     * @throws FileIsWrong
     */
    public static function take(Batch $batch, string $name, string $path, Limits $limits): int
    {
        if (strtolower(pathinfo($name, PATHINFO_EXTENSION)) !== 'zip') {
            self::add($batch, $name, $path, Step::id($batch->id));

            return 1;
        }
        $count = 0;
        foreach (Unzipped::files($path, $limits) as $inner => $file) {
            try {
                self::add($batch, $inner, $file, Step::id("$batch->id $count"));
                $count++;
            } finally {
                @unlink($file);
            }
        }

        return $count;
    }

    private static function add(Batch $batch, string $name, string $path, string $id): void
    {
        if (BatchItem::query()->whereKey($id)->exists()) {
            return;
        }
        self::room($batch);
        $new = self::item($batch, $name, null)->fill(['bytes' => (int) filesize($path)])->getAttributes();
        $item = BatchItem::query()->createOrFirst(['id' => $id], ['id' => $id] + $new);
        // Where it was sent twice at once, the other one may have been quicker.
        if ($item->wasRecentlyCreated) {
            $item->file()->takeFor($item, $path);
            self::wait($item);
        }
    }

    /** Takes a workbook of the shelf, which is changed itself, with a step of its history. */
    public static function choose(Batch $batch, Workbook $workbook): void
    {
        if ($batch->items()->where('workbook_id', $workbook->id)->exists()) {
            return;
        }
        self::room($batch);
        $item = self::item($batch, $workbook->name, $workbook->id);
        $item->save();
        self::wait($item);
    }

    private static function room(Batch $batch): void
    {
        $batch->items()->count() < self::MOST || throw FileIsWrong::package('A batch takes '.number_format(self::MOST)
            .' files. Begin another one for the rest.');
    }

    private static function item(Batch $batch, string $name, ?int $workbook): BatchItem
    {
        $place = $batch->items()->max('place');

        return new BatchItem(['id' => (string) Str::uuid(), 'batch_id' => $batch->id, 'place' => is_numeric($place) ? (int) $place + 1 : 1,
            'name' => mb_substr($name, 0, 200), 'workbook_id' => $workbook, 'status' => 'waiting', 'bytes' => 0, 'progress' => 0]);
    }

    /** What it is to be done, from now on: plans that were made for something else are made anew. */
    public static function plan(Batch $batch, ?Routine $routine, string $format, ?int $data): void
    {
        $batch->fill(['routine' => $routine === null ? null : Routines::whole($routine)->json(), 'format' => $format,
            'data_id' => $data]);
        if (! $batch->isDirty()) {
            return;
        }
        $batch->fill(['status' => 'open', 'across' => null])->save();
        $batch->items()->update(['status' => 'waiting', 'plan' => null, 'report' => null]);
        foreach ($batch->items()->where('status', 'waiting')->get() as $item) {
            self::wait($item);
        }
    }

    /** Everything that is not done yet is done; those that failed too. */
    public static function run(Batch $batch): void
    {
        DB::transaction(function () use ($batch) {
            $batch->update(['status' => 'running', 'across' => null]);
            $batch->items()->whereIn('status', ['waiting', 'planned', 'failed', 'cancelled'])
                ->update(['status' => 'queued', 'report' => null, 'progress' => 0]);
        });
        self::send($batch);
    }

    public static function pause(Batch $batch): void
    {
        $batch->status === 'running' && $batch->update(['status' => 'paused']);
    }

    public static function goOn(Batch $batch): void
    {
        if ($batch->status === 'paused') {
            $batch->update(['status' => 'running']);
            self::send($batch);
        }
    }

    /** What is under way hears of it; what is done stays done. */
    public static function cancel(Batch $batch): void
    {
        $batch->update(['status' => 'cancelled']);
        $batch->items()->whereIn('status', BatchItem::UNDER_WAY)->update(['status' => 'cancelled']);
    }

    public static function drop(Batch $batch): void
    {
        $batch->delete();
        KeptFile::disk()->deleteDirectory("batches/$batch->id");
        Workbook::query()->whereKey($batch->data_id)->whereNotNull('data_for')->delete();
    }

    /** Jobs for all that waits to be run. */
    private static function send(Batch $batch): void
    {
        foreach ($batch->items()->where('status', 'queued')->get() as $item) {
            RunItem::dispatch($item->id, false)->onQueue(self::lane($item));
        }
    }

    private static function wait(BatchItem $item): void
    {
        RunItem::dispatch($item->id, true)->onQueue(self::lane($item));
    }

    private static function lane(BatchItem $item): string
    {
        return $item->bytes <= config('rilvet.small') ? Workers::SMALL : Workers::LARGE;
    }

    /** The batch is over once nothing of it is under way. */
    public static function settle(Batch $batch): void
    {
        $isOver = ! $batch->items()->whereIn('status', BatchItem::UNDER_WAY)->exists();
        if ($isOver && Batch::query()->whereKey($batch->id)->where('status', 'running')->update(['status' => 'done']) === 1) {
            CompareFiles::dispatch($batch->id);
        }
    }

    /** After a stop: what was at work here is begun again, and batches go on where they were. */
    public static function resume(): void
    {
        BatchItem::query()->where('status', 'running')->where(fn ($ours) => $ours->where('server', Server::name())->orWhereNull('server'))
            ->update(['status' => 'queued', 'progress' => 0]);
        foreach (Batch::query()->where('status', 'running')->get() as $batch) {
            self::send($batch);
            self::settle($batch);
        }
        foreach (BatchItem::query()->where('status', 'waiting')->limit(self::MOST)->get() as $item) {
            self::wait($item);
        }
    }
}
