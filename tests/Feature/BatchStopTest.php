<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\TestCase;
use ZipArchive;

/** A batch that is killed at random moments goes on where it was: nothing is done twice, nothing is lost, nothing is half there. */
final class BatchStopTest extends TestCase
{
    /** So many kills in a test run; RILVET_KILLS=100 runs it in full. */
    private const KILLS = 5;

    public function test_killed_at_random_moments_it_goes_on_where_it_was(): void
    {
        $folder = sys_get_temp_dir().'/rilvet-batch-kill-'.getmypid();
        @mkdir("$folder/framework/views", 0755, true);
        @mkdir("$folder/framework/cache/data", 0755, true);
        $database = "$folder/kill.sqlite";
        touch($database);
        $rows = "Key,Colour,Worth\n";
        for ($at = 1; $at <= 400; $at++) {
            $rows .= "K$at,".($at % 2 === 0 ? 'red' : 'blue').','.($at * 37 % 101)."\n";
        }
        file_put_contents("$folder/source.csv", $rows);
        mt_srand(21);
        $kills = (int) (getenv('RILVET_KILLS') ?: self::KILLS);
        $rounds = 0;
        for ($kill = 0; $kill <= $kills; $kill++) {
            $process = proc_open([PHP_BINARY, __DIR__.'/batch-until-killed.php', $database, $folder, "$folder/source.csv"],
                [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
            assert($process !== false);
            self::assertSame("working\n", fgets($pipes[1]));
            if ($kill < $kills) {
                usleep(mt_rand(20_000, 900_000));
                proc_terminate($process, SIGKILL);
            } else {
                self::assertSame("finished\n", fgets($pipes[1]));
            }
            fclose($pipes[1]);
            proc_close($process);
            $pdo = new PDO("sqlite:$database");
            self::assertSame('ok', $pdo->query('pragma integrity_check')->fetchColumn());
            $done = $pdo->query("select id, batch_id from batch_items where status = 'done'")->fetchAll(PDO::FETCH_ASSOC);
            foreach ($done as ['id' => $id, 'batch_id' => $batch]) {
                $zip = new ZipArchive;
                self::assertTrue($zip->open("$folder/app/batches/$batch/$id.out", ZipArchive::CHECKCONS), 'what is said to be done '
                    .'is whole');
                $zip->close();
            }
            self::assertSame([], $pdo->query("select id from batch_items where status in ('failed', 'cancelled')")->fetchAll());
            $most = (int) $pdo->query('select max(n) from (select count(*) as n from changes group by workbook_id)')->fetchColumn();
            self::assertLessThanOrEqual(1, $most, 'no workbook was changed twice');
            $rounds = max($rounds, count($done));
            if ($kills > self::KILLS && count($done) === 12 && $kill < $kills) {
                // All is done before the kills are: another one is begun.
                $pdo->exec('delete from changes; delete from batch_items; delete from batches; delete from workbooks; delete from jobs');
            }
        }
        self::assertSame(12, $rounds);
        self::assertSame('done', $pdo->query('select status from batches')->fetchColumn());
        self::assertSame(6, (int) $pdo->query('select count(*) from changes')->fetchColumn(), 'each workbook once');
        exec('rm -rf '.escapeshellarg($folder));
    }
}
