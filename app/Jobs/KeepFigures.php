<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\Documents;
use App\Models\Sheet;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Rilvet\Grid\BlockSheet;
use Rilvet\Window\Figures;

/** Works out sums and counts of the row blocks of a workbook that has just come in. */
final class KeepFigures implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(private readonly int $workbook)
    {
    }

    public function handle(): void
    {
        foreach (Sheet::query()->where('gone', false)->where('workbook_id', $this->workbook)->get() as $row) {
            $cells = Documents::load($row)->cells;
            $cells instanceof BlockSheet && Figures::keep($cells);
        }
    }
}
