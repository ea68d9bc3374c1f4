<?php

declare(strict_types=1);

use App\Bench\Garbage;
use App\Demo\DemoShelf;
use App\Http\Records\Types;
use App\Jobs\Workers;
use App\Models\Handover;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

Artisan::command('rilvet:types', function () {
    file_put_contents(base_path('resources/js/api/types.ts'), Types::typescript());
    $this->info('resources/js/api/types.ts is written.');
})->purpose('Write the types of the API for the browser from the PHP records');

Artisan::command('rilvet:tidy', function () {
    // What a stop in the middle of something left: workbooks that never became whole, and files nobody waits for.
    $half = Workbook::query()->where('revision', 0)->delete();
    $stuck = Import::query()->whereIn('status', ['queued', 'running'])->update(['status' => 'failed', 'message' => 'The server was stopped while the file was on its way. Drop it again.'])
        + Handover::query()->whereIn('status', ['queued', 'running'])->update(['status' => 'failed', 'message' => 'The server was stopped while the file was written. Hand over again.']);
    foreach ([...glob(storage_path('app/imports/*')) ?: [], ...glob(storage_path('app/handovers/.*.part')) ?: []] as $file) {
        $import = Import::query()->find(basename($file));
        $import?->status === 'proposed' || @unlink($file);
    }
    // A written file waits for its download; a day later nobody comes for it.
    foreach (Handover::query()->where('updated_at', '<', now()->subDay())->get() as $old) {
        @unlink($old->path());
        $old->delete();
    }
    foreach (glob(storage_path('app/handovers/*')) ?: [] as $file) {
        Handover::query()->whereKey(pathinfo($file, PATHINFO_FILENAME))->exists() || @unlink($file);
    }
    // A package whose workbook is gone, or never became whole, is nobody's.
    foreach (glob(storage_path('app/packages/*')) ?: [] as $file) {
        Workbook::query()->whereKey((int) pathinfo($file, PATHINFO_FILENAME))->exists() || @unlink($file);
    }
    // Row blocks that a change was to bring along which was never saved.
    foreach (DB::table('blocks')->where('number', '>=', 1 << 24)->distinct()->pluck('sheet_id') as $sheet) {
        Garbage::collect((int) $sheet);
    }
    // Pages of workbooks that are gone go back to the file system.
    if (DB::getDriverName() === 'sqlite') {
        [$free, $all] = [(int) DB::scalar('PRAGMA freelist_count'), (int) DB::scalar('PRAGMA page_count')];
        if ($free > 2_000 && $free > $all / 4) {
            DB::statement('PRAGMA auto_vacuum = INCREMENTAL');
            DB::statement('VACUUM');
        }
    }
    $this->info("Tidied: $half unfinished workbooks, $stuck unfinished files.");
})->purpose('Clean up after a stop in the middle of something');

Artisan::command('rilvet:bury {process}', function (string $process) {
    Workers::bury((int) $process);
})->purpose('Say of the work of a worker that died that it failed');

Artisan::command('rilvet:demo', function (DemoShelf $demo) {
    $this->info($demo->fill(storage_path('demo')) ? 'The demo stands on the shelf.' : 'The shelf holds workbooks already; the demo files are in storage/demo.');
})->purpose('Put the demo on an empty shelf');
