<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\Bench;
use App\Files\Writing\Writers;
use App\Models\Handover as HandoverRow;
use App\Models\Workbook;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Rilvet\Refusal;
use RuntimeException;
use Throwable;

/** Writes a workbook to a file and proves it. */
final class HandOver implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(private readonly string $handover)
    {
    }

    public function handle(Bench $bench): void
    {
        $handover = HandoverRow::query()->find($this->handover);
        if ($handover === null || $handover->status === 'cancelled') {
            return;
        }
        $handover->update(['status' => 'running']);
        try {
            $row = Workbook::query()->findOrFail($handover->workbook_id);
            $workbook = $bench->whole($row);
            $writer = Writers::for($handover->format, $handover->defuse, $handover->sheet, is_file($row->package()) ? $row->package() : null, $bench->edited($row)) ?? throw new RuntimeException("No writer for {$handover->format}.");
            is_dir(dirname($handover->path())) || mkdir(dirname($handover->path()), 0755, true);
            $progress = new Progress($handover);
            $writer->write($workbook, $handover->path(), $progress);
            $proof = $writer->prove($workbook, $handover->path(), $progress);
            if (! $proof->holds()) {
                throw new RuntimeException('The written file differs from the workbook at '.implode(', ', $proof->places).'.');
            }
            $handover->update(['status' => 'done', 'proof' => json_encode(['cells' => $proof->cells, 'values' => $proof->values, 'formulas' => $proof->formulas, 'results' => $proof->results, 'places' => $proof->resultPlaces, 'kept' => array_sum(array_map(fn ($sheet) => $sheet->unsettled->countKept() + $sheet->unsettled->countWaiting(), $workbook->sheets))], JSON_UNESCAPED_UNICODE)]);
        } catch (Cancelled) {
            @unlink($handover->path());
        } catch (Throwable $fault) {
            @unlink($handover->path());
            $handover->update(['status' => 'failed', 'message' => Trouble::words($fault, 'The file could not be written. Your workbook is unchanged.')]);
            $fault instanceof Refusal || report($fault);
        }
    }
}
