<?php

declare(strict_types=1);

namespace App\Batch;

use App\Files\Opening;
use App\Models\Batch;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\WorkbookCheck;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Refusal;

/** What the files of a batch do differently from each other, once all of them are written. */
final class Series
{
    /** Cells that are looked at beside each other: some ten seconds of work. */
    private const CELLS = 400_000;

    private const FILES = 60;

    /** Findings that are kept. */
    private const LINES = 500;

    public static function look(Batch $batch): void
    {
        $workbooks = [];
        $cells = 0;
        $items = in_array($batch->format, ['xlsx', 'ods'], true) ? $batch->items()->where('status', 'done')->limit(self::FILES)->get() : [];
        foreach ($items as $item) {
            try {
                $path = $item->output()->local();
                $workbook = $path === null ? null : (new Opening(fn () => new MemoryBlockStore))->open($path, "written.$batch->format");
            } catch (Refusal) {
                continue;
            }
            foreach ($workbook->sheets ?? [] as $sheet) {
                $cells += $sheet->cells->rows() * $sheet->cells->columns();
            }
            if ($workbook === null || $cells > self::CELLS) {
                break;
            }
            $workbooks[$item->name] = $workbook;
        }
        $workbooks = count($workbooks) < 2 ? [] : $workbooks;
        $checks = array_values(array_filter(Checks::all(), fn ($check) => $check instanceof WorkbookCheck));
        $lines = [];
        foreach ($workbooks === [] ? [] : Checks::inSeries($workbooks, $checks) as $name => $found) {
            foreach ($found as $finding) {
                /** @var Finding $finding */
                $lines[] = ['file' => (string) $name, 'sheet' => $finding->sheet, 'words' => $finding->words];
            }
        }
        $batch->update(['across' => json_encode(['files' => count($workbooks), 'lines' => array_slice($lines, 0, self::LINES)],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE)]);
    }
}
