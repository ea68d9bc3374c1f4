<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Saving;
use App\Models\Change;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rilvet\Change\AspectPatch;
use Symfony\Component\Process\Process;

/** Several people at once, as processes of their own on one database: every acknowledged act is in the history, once, in one order. */
final class ManyHandsTest extends TestCase
{
    private const HANDS = 8;

    /** RILVET_HANDS=125 gives a thousand acts. */
    #[TestWith([1])]
    #[TestWith([8])]
    public function test_eight_processes_write_at_once_and_nothing_is_lost_or_refused(int $books): void
    {
        $folder = sys_get_temp_dir().'/rilvet-hands-'.getmypid();
        exec('rm -rf '.escapeshellarg($folder));
        mkdir("$folder/framework/views", 0755, true);
        touch("$folder/database.sqlite");
        $place = self::database($folder);
        $acts = (int) (getenv('RILVET_HANDS') ?: 12);
        $this->fill($folder, $place, $books);
        $processes = [];
        for ($hand = 1; $hand <= self::HANDS; $hand++) {
            $processes[$hand] = new Process(
                [PHP_BINARY, __DIR__.'/hands-at-once.php', $folder, (string) $hand, (string) $acts, (string) $books],
                env: $place,
                timeout: 240,
            );
            $processes[$hand]->start();
        }
        $acknowledged = 0;
        foreach ($processes as $process) {
            $process->wait();
            self::assertSame('', trim($process->getErrorOutput()));
            self::assertStringNotContainsString('refused', $process->getOutput());
            self::assertSame(0, $process->getExitCode(), $process->getOutput());
            $acknowledged += substr_count($process->getOutput(), "\n");
        }
        self::assertSame($acts * self::HANDS, $acknowledged);
        $database = $place['DB_CONNECTION'] === 'pgsql'
            ? new \PDO("pgsql:host={$place['DB_HOST']};port={$place['DB_PORT']};dbname={$place['DB_DATABASE']}", $place['DB_USERNAME'])
            : new \PDO("sqlite:$folder/database.sqlite");
        self::assertSame($acknowledged, (int) $database->query('select count(*) from changes')->fetchColumn());
        self::assertSame(
            $acknowledged + $books,
            (int) $database->query('select sum(revision) from workbooks')->fetchColumn(),
            'one revision an act',
        );
        self::assertTrue($this->followOnEachOther($database), 'each change begins where the one before it ended');
        exec('rm -rf '.escapeshellarg($folder));
    }

    /** @return array<string, string> where the hands meet: the database of this run of tests, as far as other processes can see it */
    private static function database(string $folder): array
    {
        return getenv('DB_CONNECTION') === 'pgsql'
            ? [
                'DB_CONNECTION' => 'pgsql',
                'DB_HOST' => (string) getenv('DB_HOST'),
                'DB_PORT' => (string) getenv('DB_PORT'),
                'DB_USERNAME' => (string) getenv('DB_USERNAME'),
                'DB_DATABASE' => 'hands',
            ]
            : ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => "$folder/database.sqlite"];
    }

    /** @param  array<string, string>  $place */
    private function fill(string $folder, array $place, int $books): void
    {
        $code =
            'require "'.
            dirname(__DIR__, 2).
            '/vendor/autoload.php"; $app = require "'.
            dirname(__DIR__, 2).
            '/bootstrap/app.php"; $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); '
            .'Illuminate\Support\Facades\Artisan::call("migrate:fresh", ["--force" => true]);'.
            '$cells = Rilvet\Grid\MemorySheet::of("S", array_map(fn (int $row) => array_fill(0, 12, $row), range(1, 200))); $shelf = '
            .'app(App\Bench\Shelf::class);'.
            "for (\$book = 0; \$book < $books; \$book++) { \$row = \$shelf->reserve(\"B\$book\", 's.csv'); \$id = "
            .'$shelf->reserveSheet($row, 1); (new App\\Bench\\DatabaseBlockStore($id))->put(0, Rilvet\\Grid\\Block::encode([[1]])); '
            ."\$shelf->keep(\$row, new Rilvet\\Work\\Workbook(\"B\$book\", [1 => new Rilvet\\Work\\Worksheet(\$cells, 'S', "
            .'Rilvet\\Reading\\Reading::none())], new Rilvet\\Look\\LookBook), [1 => $id], []); }';
        $process = new Process(
            [PHP_BINARY, '-r', $code],
            env: $place + [
                'APP_CONFIG_CACHE' => '/nowhere/config.php',
                'LARAVEL_STORAGE_PATH' => $folder,
                'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            ],
            timeout: 60,
        );
        $process->mustRun();
    }

    private function followOnEachOther(\PDO $database): bool
    {
        $last = [];
        foreach ($database->query('select workbook_id, words, patches from changes order by id')->fetchAll(\PDO::FETCH_ASSOC) as $row) {
            $change = new Change;
            $change->setRawAttributes($row);
            foreach (Saving::unpack($change)->patches as $patch) {
                if (! $patch instanceof AspectPatch || $patch->aspect !== 'hand') {
                    continue;
                }
                if (isset($last[$row['workbook_id']]) && $last[$row['workbook_id']] !== $patch->before) {
                    return false;
                }
                $last[$row['workbook_id']] = $patch->after;
            }
        }

        return true;
    }
}
