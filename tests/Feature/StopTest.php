<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\TestCase;

/** The server is stopped in the middle of acts: after the restart either all of an act is there, or nothing of it. */
final class StopTest extends TestCase
{
    private const KILLS = 12;

    public function test_killed_at_random_moments_no_act_is_half_there(): void
    {
        $folder = sys_get_temp_dir().'/rilvet-stop-'.getmypid();
        @mkdir("$folder/framework/views", 0755, true);
        $database = "$folder/stop.sqlite";
        touch($database);
        mt_srand(9);
        $seen = 0;
        for ($kill = 0; $kill < self::KILLS; $kill++) {
            $process = proc_open([PHP_BINARY, __DIR__.'/act-until-killed.php', $database, $folder], [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
            assert($process !== false);
            // The first line says that acts have begun.
            self::assertSame("acting\n", fgets($pipes[1]));
            usleep(mt_rand(2_000, 60_000));
            proc_terminate($process, SIGKILL);
            fclose($pipes[1]);
            proc_close($process);

            $pdo = new PDO("sqlite:$database");
            $row = $pdo->query('select id, revision from workbooks')->fetch(PDO::FETCH_ASSOC);
            $done = (int) $pdo->query('select count(*) from changes where undone = 0')->fetchColumn();
            $undone = (int) $pdo->query('select count(*) from changes where undone = 1')->fetchColumn();
            $hand = (string) $pdo->query("select data from documents where name = 'hand'")->fetchColumn();
            self::assertSame('ok', $pdo->query('pragma integrity_check')->fetchColumn());
            // Every act of the script adds one cell with a look, so the document tells how many acts are in it.
            preg_match_all('/\[(\d+),(\d+),\d+\]/', $hand, $runs, PREG_SET_ORDER);
            $cells = array_sum(array_map(fn (array $run) => (int) $run[2] - (int) $run[1] + 1, $runs));
            self::assertSame($done, $cells, 'the history and the sheet tell the same');
            self::assertSame(0, $undone);
            self::assertSame($done + 1, (int) $row['revision']);
            $seen = max($seen, $done);
        }
        self::assertGreaterThan(0, $seen);
        exec('rm -rf '.escapeshellarg($folder));
    }
}
