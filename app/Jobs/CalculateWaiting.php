<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\Bench;
use App\Models\Workbook;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Calculates what an act had no time for, a slice at a time; what somebody changes meanwhile is taken up with the next. */
final class CalculateWaiting implements ShouldQueue
{
    use Queueable;

    /** Seconds of one slice, so that results are seen as they come and other work is not kept waiting. */
    private const SLICE = 4.0;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(private readonly int $workbook)
    {
        $this->onQueue(Workers::SMALL);
    }

    public function handle(Bench $bench): void
    {
        for ($before = PHP_INT_MAX; ;) {
            $row = Workbook::query()->find($this->workbook);
            $left = $row === null ? 0 : $bench->calculateWaiting($row, self::SLICE);
            if ($row === null || $left === 0) {
                return;
            }
            if ($left >= $before) {
                // A formula that takes longer than a slice will not come to an end: it keeps its value, and says so.
                $bench->giveUpWaiting($row);

                return;
            }
            $before = $left;
        }
    }
}
