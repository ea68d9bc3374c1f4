<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Batch\Batches;
use App\Batch\Reported;
use App\Models\BatchItem;
use App\Models\Handover;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Database\QueryException;
use Illuminate\Queue\DatabaseQueue;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** The queue workers of this machine: which are alive, and what one that died left behind. */
final class Workers
{
    /** The lane of small work, which never waits behind large work. */
    public const SMALL = 'small';

    public const LARGE = 'default';

    /** Says that the worker of this process is there, and what it is at. */
    public static function isAt(?string $work): void
    {
        $folder = self::folder();
        is_dir($folder) || @mkdir($folder, 0755, true);
        @file_put_contents($folder.'/'.getmypid(), (string) $work);
    }

    /**
     * Whether nothing stands in some queues of the database, by their names with commas between. Asked without the right to
     * write, which is needed to take a job: workers that wait would hold up, some times a second, those who write.
     *
     * @param  string  $connection  of queues; what is kept otherwise than in a database is looked at by whoever takes jobs
     */
    public static function nothingIn(string $connection, string $queues): bool
    {
        $kept = Queue::connection($connection);
        try {
            return $kept instanceof DatabaseQueue && ! $kept->getDatabase()
                ->table(config()->string("queue.connections.$connection.table"))
                ->whereIn('queue', explode(',', $queues))
                ->exists();
        } catch (QueryException) {
            // What is wrong with the database is said where a job is taken.
            return false;
        }
    }

    public static function alive(): bool
    {
        foreach (glob(self::folder().'/*') ?: [] as $file) {
            if (is_dir('/proc/'.basename($file))) {
                return true;
            }
        }

        return false;
    }

    /** What a worker was at that died: it is said to have failed, and what is half there is taken away. */
    public static function bury(int $process): void
    {
        $file = self::folder()."/$process";
        $work = is_file($file) ? trim((string) file_get_contents($file)) : '';
        @unlink($file);
        if ($work === '') {
            return;
        }
        DB::table('jobs')->whereNotNull('reserved_at')->where('payload', 'like', "%$work%")->delete();
        $import = Import::query()->find($work);
        if ($import !== null && $import->status === 'running') {
            $half = $import->workbook_id === null ? null : Workbook::query()->where('revision', 0)->find($import->workbook_id);
            $half?->package()->delete();
            $half?->delete();
            $import->file()->delete();
            $import->update([
                'status' => 'failed',
                'workbook_id' => null,
                'message' => 'The work on this file was ended from outside, perhaps because the memory of the machine was full. Nothing '
                .'was stored; your file is unchanged. Drop it again, or a smaller part of it.',
            ]);
        }
        $item = BatchItem::query()->find($work);
        if ($item !== null && $item->status === 'running') {
            $item->output()->delete();
            $item->update(['status' => 'failed', 'report' => json_encode(Reported::failed($item->name, 'the work on this file was ended '
                .'from outside, perhaps because the memory of the machine was full. Run it again by itself.')->toArray(),
                JSON_THROW_ON_ERROR)]);
            Batches::settle($item->batch());
        }
        $handover = Handover::query()->find($work);
        if ($handover !== null && $handover->status === 'running') {
            $handover->file()->delete();
            $handover->update([
                'status' => 'failed',
                'message' => 'Writing this file was ended from outside, perhaps because the memory of the machine was full. Your '
                .'workbook is unchanged. Hand it over again.',
            ]);
        }
    }

    private static function folder(): string
    {
        return storage_path('framework/workers');
    }
}
