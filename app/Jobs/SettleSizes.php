<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\Bench;
use App\Bench\Versions;
use App\Models\Sheet;
use App\Models\Workbook;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Rilvet\Stylebook\Measure;
use Throwable;

/** Fits the sheets that follow a stylebook to its newest version, behind the screen; whoever opens one has it at once. */
final class SettleSizes implements ShouldQueue
{
    use Queueable;

    /** Sheets in one go; what is left waits its turn behind other work. */
    private const ONCE = 20;

    public int $tries = 1;

    public int $timeout = 600;

    /** @param  int  $after  id of the last sheet that was looked at */
    public function __construct(private readonly int $stylebook, private readonly int $after = 0)
    {
        $this->onQueue(Workers::SMALL);
    }

    /** Begins it after the transaction, where a version says something else of sizes than the one before. */
    public static function needed(int $stylebook): void
    {
        DB::afterCommit(fn () => self::waiting($stylebook)->exists() && self::dispatch($stylebook));
    }

    /** @return Builder<Sheet> sheets that a newer version has not fitted yet */
    public static function waiting(int $stylebook): Builder
    {
        [$newest] = Versions::of($stylebook);

        return Sheet::wearing($stylebook)->whereNull('held')->whereNotNull('measure')->where('measure', '!=', Measure::of($newest));
    }

    public function handle(Bench $bench): void
    {
        $sheets = self::waiting($this->stylebook)->where('id', '>', $this->after)->orderBy('id')->limit(self::ONCE)->get(['id',
            'workbook_id', 'number']);
        foreach ($sheets as $sheet) {
            $row = Workbook::query()->where('revision', '>', 0)->find($sheet->workbook_id);
            try {
                $row === null || $bench->settled($row, [$sheet->number]);
            } catch (Throwable $fault) {
                // One that cannot be read does not keep the others waiting.
                report($fault);
            }
        }
        $last = $sheets->last();
        count($sheets) < self::ONCE || $last === null || self::dispatch($this->stylebook, $last->id);
    }
}
