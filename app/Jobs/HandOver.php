<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\Bench;
use App\Bench\Versions;
use App\Files\Writing\PdfWriter;
use App\Files\Writing\Writers;
use App\Models\Handover as HandoverRow;
use App\Models\Workbook;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Rilvet\Act\AddSheet;
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
        $handover->update(['status' => 'running', 'server' => Server::name()]);
        $file = $handover->file();
        try {
            $row = Workbook::query()->findOrFail($handover->workbook_id);
            $numbers = $row->sheets()->pluck('number')->all();
            /** @var list<int> $numbers */
            // Sheets of looks and of contents say what is so when the file is made.
            $workbook = AddSheet::refreshed($bench->settled($row, $numbers));
            $handover->update(['wore' => json_encode(Versions::wornBy($row), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
            $package = $row->package();
            $writer = Writers::for($handover->format, $handover->defuse, $handover->sheet, $package->local(), $bench->edited($row),
                $handover->conditions, $row->source, $handover->tables)
                ?? throw new RuntimeException("No writer for {$handover->format}.");
            $draft = $file->draft();
            $progress = new Progress($handover);
            $writer->write($workbook, $draft, $progress);
            $proof = $writer->prove($workbook, $draft, $progress);
            if (! $proof->holds()) {
                throw new RuntimeException('The written file differs from the workbook at '.implode(', ', $proof->places).'.');
            }
            $file->publish($draft);
            $handover->update([
                'status' => 'done',
                'proof' => json_encode(
                    [
                        'cells' => $proof->cells,
                        'values' => $proof->values,
                        'formulas' => $proof->formulas,
                        'results' => $proof->results,
                        'places' => $proof->resultPlaces,
                        'missing' => $writer instanceof PdfWriter ? array_slice($writer->missing, 0, 40) : [],
                        'kept' => array_sum(
                            array_map(fn ($sheet) => $sheet->unsettled->countKept() + $sheet->unsettled->countWaiting(), $workbook->sheets),
                        ),
                    ],
                    JSON_UNESCAPED_UNICODE,
                ),
            ]);
        } catch (Cancelled) {
            $file->delete();
        } catch (Throwable $fault) {
            $file->delete();
            $handover->update([
                'status' => 'failed',
                'message' => Trouble::words($fault, 'The file could not be written. Your workbook is unchanged.'),
            ]);
            $fault instanceof Refusal || report($fault);
        }
    }
}
