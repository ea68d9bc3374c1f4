<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook as WorkbookRow;
use Closure;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Computes on the newest state of a workbook and saves, again where somebody else was quicker. Nobody waits for the first
 * try; those that were outrun take turns, so that a long computation comes through beside many short ones.
 */
final class Turns
{
    private const MOST = 40;

    /** Seconds that one waits for its turn at most. */
    private const PATIENCE = 20.0;

    /**
     * @template TResult
     *
     * @param  Closure(): array{TResult, Closure(): mixed}  $compute  gives the result and what saves it
     * @return TResult
     *
     * @throws StaleRevision
     */
    public function until(WorkbookRow $row, Closure $compute): mixed
    {
        $turn = null;
        try {
            for ($try = 1; ; $try++) {
                $row->refresh();
                try {
                    [$result, $save] = $compute();
                } catch (Throwable $fault) {
                    // What was read while somebody else saved may not have belonged together.
                    if ($try < self::MOST && WorkbookRow::query()->whereKey($row->id)->value('revision') !== $row->revision) {
                        continue;
                    }
                    throw $fault;
                }
                try {
                    DB::transaction($save);

                    return $result;
                } catch (Outrun) {
                    $turn ??= $this->turn($row);
                    if ($turn === null || $try >= self::MOST) {
                        throw StaleRevision::now($row->revision);
                    }
                }
            }
        } finally {
            $turn === null || fclose($turn);
        }
    }

    /** @return resource|null an open file whose lock is held until it is closed */
    private function turn(WorkbookRow $row)
    {
        $folder = storage_path('framework/turns');
        is_dir($folder) || @mkdir($folder, 0755, true);
        $file = fopen("$folder/".($row->id % 1024), 'c');
        $until = microtime(true) + self::PATIENCE;
        while ($file !== false && ! flock($file, LOCK_EX | LOCK_NB)) {
            if (microtime(true) > $until) {
                fclose($file);

                return null;
            }
            usleep(2_000);
        }

        return $file === false ? null : $file;
    }
}
