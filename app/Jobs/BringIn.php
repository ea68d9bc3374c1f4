<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Bench\DatabaseBlockStore;
use App\Bench\Lessons;
use App\Bench\Shelf;
use App\Files\FileKind;
use App\Files\Limits;
use App\Files\Opening;
use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Refusal;
use Rilvet\Work\Worksheet;
use Throwable;

/** Opens an uploaded file and puts it on the shelf, whole or not at all. */
final class BringIn implements ShouldQueue
{
    use Queueable;

    /** Cells of a sheet whose figures take a moment. */
    private const LARGE = 100_000;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(private readonly string $import)
    {
    }

    public function handle(Shelf $shelf, Limits $limits, Lessons $lessons): void
    {
        $import = Import::query()->find($this->import);
        if ($import === null || $import->status === 'cancelled') {
            return;
        }
        $import->update(['status' => 'running', 'server' => Server::name()]);
        $file = $import->file();
        $workbook = null;
        try {
            $workbook = $shelf->reserve(Opening::title($import->name), $import->name);
            $import->data_for === null || $workbook->update(['data_for' => $import->data_for]);
            $import->update(['workbook_id' => $workbook->id]);
            $ids = [];
            $stores = [];
            $opening = new Opening(function (int $number) use ($shelf, $workbook, &$ids, &$stores) {
                $ids[$number] = $shelf->reserveSheet($workbook, $number);

                return $stores[] = new DatabaseBlockStore($ids[$number]);
            },
                $limits,
                new Progress($import),
            );
            $opened = $opening->open(
                $file->local() ?? throw FileIsWrong::package('The file is not there any more. Drop it again.'),
                $import->name,
                self::dialect($import),
            );
            array_walk($stores, fn (DatabaseBlockStore $store) => $store->flush());
            $opened = $lessons->recall($opened);
            if ($import->kind === FileKind::Xlsx->value) {
                // The package stays beside the workbook: a hand-over writes back into it.
                $workbook->package()->takeFrom($file);
            }
            $shelf->keep($workbook, $opened, $ids, $opening->notices());
            $import->update(['status' => 'done', 'workbook_id' => $workbook->id]);
            // Figures of large sheets are worked out before somebody asks for them.
            $isLarge =
                array_filter($opened->sheets, fn (Worksheet $sheet) => $sheet->cells->rows() * $sheet->cells->columns() > self::LARGE) !==
                [];
            array_filter($opened->sheets, fn (Worksheet $sheet) => $sheet->unsettled->waiting !== []) === [] ||
                CalculateWaiting::dispatch($workbook->id);
            $isLarge && KeepFigures::dispatch($workbook->id)->onQueue(Workers::LARGE);
            $file->delete();
        } catch (Throwable $fault) {
            if ($workbook instanceof Workbook) {
                $workbook->package()->delete();
                $workbook->delete();
            }
            $import->update(
                $fault instanceof Cancelled
                    ? ['status' => 'cancelled', 'workbook_id' => null]
                    : [
                        'status' => 'failed',
                        'workbook_id' => null,
                        'message' => Trouble::words(
                            $fault,
                            'The file could not be brought in, for a reason of our own. Nothing was stored; your file is unchanged.',
                        ),
                    ],
            );
            $file->delete();
            if (! $fault instanceof Refusal && ! $fault instanceof Cancelled) {
                report($fault);
            }
        }
    }

    private static function dialect(Import $import): ?Dialect
    {
        /** @var array{encoding: string, delimiter: string, quote: string}|null $data */
        $data = $import->dialect === null ? null : json_decode($import->dialect, true);

        return $data === null ? null : new Dialect(Encoding::from($data['encoding']), $data['delimiter'], $data['quote']);
    }
}
