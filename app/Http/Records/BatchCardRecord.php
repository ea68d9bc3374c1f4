<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Batch;

/** A batch on the shelf. */
final readonly class BatchCardRecord
{
    public function __construct(public string $id, public string $name, public string $status, public int $files, public int $done,
        public int $failed)
    {
    }

    public static function of(Batch $batch): self
    {
        $counts = $batch->items()->reorder()->toBase()->selectRaw('status, count(*) as files')->groupBy('status')->pluck('files',
            'status')->all();
        $count = fn (string $status) => is_numeric($counts[$status] ?? null) ? (int) $counts[$status] : 0;

        return new self($batch->id, $batch->name, $batch->status, (int) array_sum(array_map(fn ($one) => is_numeric($one)
            ? (int) $one : 0, $counts)),
            $count('done'), $count('failed'));
    }
}
