<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\BatchItem;

/** A file or workbook of a batch. */
final readonly class BatchItemRecord
{
    /** @param  int|null  $workbook  of the shelf; it is changed itself */
    public function __construct(
        public string $id,
        public string $name,
        public string $status,
        public int $progress,
        public ?int $workbook,
        public ?ReportRecord $plan,
        public ?ReportRecord $report,
    ) {
    }

    public static function of(BatchItem $item): self
    {
        return new self($item->id, $item->name, $item->status, $item->progress, $item->workbook_id, ReportRecord::of($item->plan),
            ReportRecord::of($item->report));
    }
}
