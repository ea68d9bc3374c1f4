<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Handover;
use App\Models\Import;

/** Tells how many rows are done, a few times a second, and stops the work that was cancelled meanwhile. */
final class Progress
{
    private const SECONDS = 0.3;

    private float $last;

    public function __construct(private readonly Import|Handover $row)
    {
        $this->last = microtime(true);
    }

    /** @throws Cancelled */
    public function __invoke(int $rows): void
    {
        if (microtime(true) - $this->last < self::SECONDS) {
            return;
        }
        $this->last = microtime(true);
        if ($this->row->refresh()->status === 'cancelled') {
            throw new Cancelled;
        }
        $this->row->update(['progress' => $rows]);
    }
}
