<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Batch\Series;
use App\Models\Batch;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks what the files of a batch do differently from each other, once all of them are written. */
final class CompareFiles implements ShouldQueue
{
    use Queueable;

    public int $timeout = 600;

    public int $tries = 1;

    public function __construct(private readonly string $batch)
    {
        $this->onQueue(Workers::LARGE);
    }

    public function handle(): void
    {
        $batch = Batch::query()->where('status', 'done')->find($this->batch);
        $batch === null || Series::look($batch);
    }
}
