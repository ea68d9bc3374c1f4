<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Jobs\Workers;
use App\Models\Batch;
use App\Models\Workbook;
use Rilvet\Check\Checks;
use Rilvet\Routine\Routine;
use Rilvet\Routine\Step;

/** A batch with its files. */
final readonly class BatchRecord
{
    /**
     * @param  string|null  $routine  name of what is done
     * @param  list<string>  $steps  in words
     * @param  bool  $wantsData  the routine brings newer data in
     * @param  string|null  $data  name of the newer data
     * @param  list<BatchItemRecord>  $items
     * @param  list<string>  $across  what the files do differently from each other
     * @param  int  $compared  how many of them were looked at for that
     * @param  bool  $isLooked  they were looked at, or are too large to be
     * @param  list<MendableRecord>  $mendable  what can be mended as well
     * @param  bool  $isWorked  somebody works on the queue
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $status,
        public ?string $routine,
        public array $steps,
        public bool $wantsData,
        public ?string $data,
        public string $format,
        public array $items,
        public array $across,
        public int $compared,
        public bool $isLooked,
        public array $mendable,
        public bool $isWorked,
    ) {
    }

    public static function of(Batch $batch): self
    {
        $routine = $batch->routine === null ? null : Routine::fromJson($batch->routine);
        /** @var array{files: int, lines: list<array{file: string, sheet: string, words: string}>} $found */
        $found = json_decode($batch->across ?? '{"files":0,"lines":[]}', true);
        $across = array_map(fn (array $one) => "{$one['file']}, {$one['sheet']}: {$one['words']}", $found['lines']);

        return new self(
            $batch->id, $batch->name, $batch->status, $routine?->name,
            array_map(fn (Step $step) => $step->words(), $routine->steps ?? []), $routine?->wantsData() === true,
            $batch->data_id === null ? null : Workbook::query()->find($batch->data_id)?->name, $batch->format,
            array_values($batch->items()->get()->map(BatchItemRecord::of(...))->all()), $across, $found['files'], $batch->across !== null,
            array_map(MendableRecord::of(...), Checks::ofLooks()), Workers::alive(),
        );
    }
}
