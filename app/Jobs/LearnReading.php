<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\Bench;
use App\Bench\Lessons;
use App\Models\Workbook;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Learns from what was corrected on a sheet, behind the screen. */
final class LearnReading implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public function __construct(private readonly int $workbook, private readonly int $sheet)
    {
        $this->onQueue(Workers::SMALL);
    }

    public function handle(Bench $bench, Lessons $lessons): void
    {
        $row = Workbook::query()->find($this->workbook);
        if ($row !== null && $row->sheets()->where('number', $this->sheet)->exists()) {
            $lessons->learn($row, $bench->load($row, [$this->sheet])->sheet($this->sheet));
        }
    }
}
