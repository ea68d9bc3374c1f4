<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\HandMade;
use ZipArchive;

/** The server is stopped in the middle of acts: after the restart either all of an act is there, or nothing of it. */
#[Group('sqlite')]
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
        $longest = 60_000;
        for ($kill = 0; $kill < self::KILLS; $kill++) {
            $process = proc_open(
                [PHP_BINARY, __DIR__.'/act-until-killed.php', $database, $folder],
                [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
                $pipes,
            );
            assert($process !== false);
            // The first line says that acts have begun.
            self::assertSame("acting\n", fgets($pipes[1]));
            // How long the first act takes here, so that the others are killed before, in and after some on any machine.
            $kill === 0 ? $longest = self::untilOneActIsDone($database) : usleep(mt_rand(2_000, $longest));
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

    /** @return int µs that the first act took, and half of that again */
    private static function untilOneActIsDone(string $database): int
    {
        $start = hrtime(true);
        $pdo = new PDO("sqlite:$database");
        while ((int) $pdo->query('select count(*) from changes')->fetchColumn() === 0 && hrtime(true) - $start < 60e9) {
            usleep(1_000);
        }

        return max(60_000, (int) ((hrtime(true) - $start) / 1e3 * 1.5));
    }

    /** So many kills in a test run; RILVET_KILLS=100 runs it in full. */
    private const BRINGS = 6;

    public function test_killed_at_random_moments_no_workbook_and_no_file_is_half_there(): void
    {
        $folder = sys_get_temp_dir().'/rilvet-kill-'.getmypid();
        @mkdir("$folder/framework/views", 0755, true);
        $database = "$folder/kill.sqlite";
        touch($database);
        $source = self::book("$folder/source.xlsx");
        mt_srand(11);
        $kills = (int) (getenv('RILVET_KILLS') ?: self::BRINGS);
        $whole = $written = 0;
        $longest = 900_000;
        for ($kill = 0; $kill <= $kills; $kill++) {
            $process = proc_open(
                [PHP_BINARY, __DIR__.'/bring-in-until-killed.php', $database, $folder, $source],
                [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']],
                $pipes,
            );
            assert($process !== false);
            // The first line says that the start has cleaned up; what the last kill left is looked at then.
            self::assertSame("begun\n", fgets($pipes[1]));
            if ($kill === 0) {
                // How long one takes here, so that the others are killed before, in and after it on any machine.
                $longest = self::untilOneIsDone("sqlite:$database");
            } elseif ($kill < $kills) {
                usleep(mt_rand(5_000, $longest));
            }
            proc_terminate($process, $kill === $kills ? SIGSTOP : SIGKILL);
            $pdo = new PDO("sqlite:$database");
            if ($kill === $kills) {
                $this->assertWhole($pdo, $folder);
                $whole = (int) $pdo->query('select count(*) from workbooks where revision > 0')->fetchColumn();
                $written = (int) $pdo->query("select count(*) from handovers where status = 'done'")->fetchColumn();
                proc_terminate($process, SIGKILL);
            }
            fclose($pipes[1]);
            proc_close($process);
            // What is shown as whole is whole, also before anything is cleaned up.
            foreach ($pdo->query('select id from workbooks where revision > 0')->fetchAll(PDO::FETCH_COLUMN) as $id) {
                self::assertSame(
                    [2_000, 6],
                    array_map(intval(...), $pdo->query("select rows, columns from sheets where workbook_id = $id")->fetch(PDO::FETCH_NUM)),
                );
                self::assertSame(
                    8,
                    (int) $pdo
                        ->query("select count(*) from blocks where sheet_id in (select id from sheets where workbook_id = $id)")
                        ->fetchColumn(),
                );
                self::assertSame(hash_file('xxh128', $source), hash_file('xxh128', "$folder/app/packages/$id.xlsx"));
            }
            foreach ($pdo->query("select id from handovers where status = 'done'")->fetchAll(PDO::FETCH_COLUMN) as $id) {
                $zip = new ZipArchive;
                self::assertTrue($zip->open("$folder/app/handovers/$id.xlsx", ZipArchive::CHECKCONS));
                $zip->close();
            }
        }
        self::assertGreaterThan(0, $whole);
        self::assertGreaterThan(0, $written);
        exec('rm -rf '.escapeshellarg($folder));
    }

    /** @return int microseconds until a first file is handed over, and some more */
    private static function untilOneIsDone(string $database): int
    {
        $began = microtime(true);
        do {
            usleep(20_000);
            $done = (int) (new PDO($database))->query("select count(*) from handovers where status = 'done'")->fetchColumn();
        } while ($done === 0 && microtime(true) < $began + 90);

        return (int) ((microtime(true) - $began) * 1_300_000);
    }

    /** After a start, nothing is left of what was on its way: but for the one that the new start may have begun. */
    private function assertWhole(PDO $pdo, string $folder): void
    {
        self::assertSame('ok', $pdo->query('pragma integrity_check')->fetchColumn());
        self::assertLessThanOrEqual(1, (int) $pdo->query('select count(*) from workbooks where revision = 0')->fetchColumn());
        $workbooks = $pdo->query('select id from workbooks')->fetchAll(PDO::FETCH_COLUMN);
        foreach (glob("$folder/app/packages/*") ?: [] as $file) {
            self::assertContains((int) basename($file, '.xlsx'), array_map(intval(...), $workbooks));
        }
        $known = $pdo->query('select id from handovers')->fetchAll(PDO::FETCH_COLUMN);
        foreach (glob("$folder/app/handovers/*") ?: [] as $file) {
            self::assertContains(basename($file, '.xlsx'), $known);
        }
        self::assertLessThanOrEqual(1, count(glob("$folder/app/imports/*") ?: []));
        self::assertSame(0, (int) $pdo->query('select count(*) from blocks where sheet_id not in (select id from sheets)')->fetchColumn());
    }

    private static function book(string $path): string
    {
        $rows = '';
        for ($row = 1; $row <= 2_000; $row++) {
            $rows .= "<row r=\"$row\">";
            foreach (['A', 'B', 'C', 'D', 'E', 'F'] as $index => $letter) {
                $rows .=
                    $row === 1
                        ? "<c r=\"{$letter}1\" t=\"inlineStr\"><is><t>Head $letter</t></is></c>"
                        : "<c r=\"$letter$row\"><v>".($row * 7 + $index).'</v></c>';
            }
            $rows .= '</row>';
        }
        rename(HandMade::package(HandMade::parts($rows)), $path);

        return $path;
    }
}
