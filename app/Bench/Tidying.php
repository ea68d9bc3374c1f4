<?php

declare(strict_types=1);

namespace App\Bench;

use App\Batch\Batches;
use App\Jobs\Server;
use App\Models\Handover;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Cleans up at the start what a stop in the middle of something left. Several servers may stand on one database: what another
 * one is at is left alone.
 */
final class Tidying
{
    private const UNDER_WAY = ['queued', 'running'];

    /** Numbers from which on row blocks were made by changes. */
    private const MADE = 1 << 24;

    /** Free pages from which on a database is made smaller. */
    private const FREE = 2_000;

    /** @return array{int, int} workbooks that never became whole, and files that were on their way */
    public function tidy(): array
    {
        $half = Workbook::query()->where('revision', 0)->where($this->isOurs(...))->delete();
        $stuck = $this->stopped(Import::query(), 'The server was stopped while the file was on its way. Drop it again.')
            + $this->stopped(Handover::query(), 'The server was stopped while the file was written. Hand over again.');
        // Newer data that was looked at, and kept or left, a day ago.
        Workbook::query()->whereNotNull('data_for')->where('updated_at', '<', now()->subDay())->delete();
        $this->files();
        Batches::resume();
        // Row blocks that a change was to bring along which was never saved.
        foreach (DB::table('blocks')->where('number', '>=', self::MADE)->distinct()->pluck('sheet_id') as $sheet) {
            is_numeric($sheet) && Garbage::collect((int) $sheet);
        }
        // It was kept in the framework's cache before, which throws nothing away by itself.
        Cache::store('file')->clear();
        // In a new database the numbers of those before come again.
        Workbook::query()->exists() ? WorkedOut::sweep() : WorkedOut::forget();
        self::shrink();

        return [is_int($half) ? $half : 0, $stuck];
    }

    /** @param  Builder<Import>|Builder<Handover>  $rows */
    private function stopped(Builder $rows, string $message): int
    {
        return $rows->whereIn('status', self::UNDER_WAY)->where($this->isOurs(...))->update(['status' => 'failed', 'message' => $message]);
    }

    /** @param  Builder<covariant Import|Handover|Workbook>  $rows */
    private function isOurs(Builder $rows): void
    {
        $rows->where('server', Server::name())->orWhereNull('server');
    }

    /** Files nobody waits for. */
    private function files(): void
    {
        $disk = KeptFile::disk();
        // A written file waits for its download; a day later nobody comes for it.
        foreach (Handover::query()->where('updated_at', '<', now()->subDay())->get() as $old) {
            $old->file()->delete();
            $old->delete();
        }
        foreach ($disk->files('imports') as $file) {
            $import = Str::isUuid(basename($file)) ? Import::query()->find(basename($file)) : null;
            in_array($import?->status, ['proposed', ...self::UNDER_WAY], true) || $disk->delete($file);
        }
        foreach ($disk->files('handovers') as $file) {
            $isHalf = str_ends_with($file, '.part');
            $id = explode('.', ltrim(basename($file), '.'))[0];
            $handover = Str::isUuid($id) ? Handover::query()->find($id) : null;
            ($handover === null || $isHalf && ! in_array($handover->status, self::UNDER_WAY, true)) && $disk->delete($file);
        }
        // A package whose workbook is gone, or never became whole, is nobody's.
        foreach ($disk->files('packages') as $file) {
            Workbook::query()->whereKey((int) basename($file))->exists() || $disk->delete($file);
        }
    }

    /** Pages of workbooks that are gone go back to the file system. */
    private static function shrink(): void
    {
        if (DB::getDriverName() !== 'sqlite') {
            return;
        }
        [$free, $all] = [DB::scalar('PRAGMA freelist_count'), DB::scalar('PRAGMA page_count')];
        if (is_int($free) && is_int($all) && $free > self::FREE && $free > $all / 4) {
            DB::statement('PRAGMA auto_vacuum = INCREMENTAL');
            DB::statement('VACUUM');
        }
    }
}
