<?php

declare(strict_types=1);

namespace App\Batch;

use App\Files\Opening;
use App\Models\Batch;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\Subject;
use Rilvet\Check\WorkbookCheck;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Refusal;

/** What the files of a batch do differently from each other, once all of them are written. */
final class Series
{
    /** Bytes of written files up to which they are opened beside each other. */
    private const BYTES = 32 * 1024 * 1024;

    private const FILES = 60;

    public static function look(Batch $batch): void
    {
        $workbooks = [];
        $bytes = 0;
        foreach ($batch->items()->where('status', 'done')->limit(self::FILES)->get() as $item) {
            $path = in_array($batch->format, ['xlsx', 'ods'], true) ? $item->output()->local() : null;
            $bytes += $path === null ? 0 : (int) filesize($path);
            if ($path === null || $bytes > self::BYTES) {
                break;
            }
            try {
                $workbooks[$item->name] = (new Opening(fn () => new MemoryBlockStore))->open($path, "written.$batch->format");
            } catch (Refusal) {
                continue;
            }
        }
        if (count($workbooks) < 2) {
            return;
        }
        $checks = array_values(array_filter(Checks::all(), fn ($check) => $check instanceof WorkbookCheck
            || $check->about()->subject === Subject::Consistency));
        $lines = [];
        foreach (Checks::inSeries($workbooks, $checks) as $name => $found) {
            foreach ($found as $finding) {
                /** @var Finding $finding */
                $lines[] = ['file' => (string) $name, 'sheet' => $finding->sheet, 'words' => $finding->words];
            }
        }
        $batch->update(['across' => json_encode(array_slice($lines, 0, 500), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE
            | JSON_INVALID_UTF8_SUBSTITUTE)]);
    }
}
