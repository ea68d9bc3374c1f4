<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workbook as WorkbookRow;
use Closure;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/**
 * Computes on the newest state of a workbook and saves, again where somebody else was quicker. Many try at once; who was
 * outrun asks for a turn alone, and whoever comes then waits at the gate, so that a long computation comes through beside
 * many short ones.
 */
final class Turns
{
    private const MOST = 12;

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
        [$gate, $room] = [$this->open($row, 'gate'), $this->open($row, 'room')];
        try {
            self::wait($row, $gate, LOCK_SH);
            self::wait($row, $room, LOCK_SH);
            flock($gate, LOCK_UN);
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
                    if ($try >= self::MOST) {
                        throw StaleRevision::now($row->revision);
                    }
                    if ($try === 1) {
                        flock($room, LOCK_UN);
                        self::wait($row, $gate, LOCK_EX);
                        self::wait($row, $room, LOCK_EX);
                    }
                }
            }
        } finally {
            fclose($gate);
            fclose($room);
        }
    }

    /** @return resource */
    private function open(WorkbookRow $row, string $what)
    {
        $folder = storage_path('framework/turns');
        is_dir($folder) || @mkdir($folder, 0755, true);

        return fopen("$folder/$what-".$row->id % 1024, 'c') ?:
            throw new RuntimeException('No turn can be taken: the storage folder cannot be written.');
    }

    /**
     * @param  resource  $file  its lock is held until it is closed
     * @param  LOCK_SH|LOCK_EX  $how
     */
    private static function wait(WorkbookRow $row, $file, int $how): void
    {
        $until = microtime(true) + self::PATIENCE;
        while (! flock($file, $how | LOCK_NB)) {
            if (microtime(true) > $until) {
                throw StaleRevision::now($row->revision);
            }
            usleep(1_000);
        }
    }
}
