<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** `bin/start` keeps its servers and workers alive, and ends all of them in good order. */
#[Group('sqlite')]
final class StartTest extends TestCase
{
    private const PORT = 8733;

    public function test_what_is_killed_is_started_again_and_term_frees_the_port(): void
    {
        $folder = sys_get_temp_dir().'/rilvet-start-'.getmypid();
        exec('rm -rf '.escapeshellarg($folder));
        mkdir($folder, 0755, true);
        $begin = fn (int $port) => new Process(
            [dirname(__DIR__, 2).'/bin/start'],
            env: [
                'RILVET_PORT' => (string) $port,
                'RILVET_WORKERS' => '2',
                'RILVET_DEMO' => '0',
                'LARAVEL_STORAGE_PATH' => $folder,
                'DB_DATABASE' => "$folder/d.sqlite",
                'DB_CONNECTION' => 'sqlite',
                'APP_ENV' => 'production',
                'QUEUE_CONNECTION' => 'database',
                'CACHE_STORE' => 'file',
                'SESSION_DRIVER' => 'file',
                'APP_CONFIG_CACHE' => false,
            ],
            timeout: 240,
        );
        $start = $begin(self::PORT);
        $start->start();
        try {
            self::assertTrue($this->becomes(fn () => str_contains($start->getOutput(), 'Rilvet is ready'), 120), $start->getErrorOutput());
            // A process that begins another one is there twice for a moment.
            $are = fn (string $words, int $count) => $this->becomes(fn () => count($this->processes($words, $folder)) === $count, 20);
            self::assertTrue($are('queue:work', 2));
            $workers = $this->processes('queue:work', $folder);
            self::assertTrue($are('127.0.0.1:'.self::PORT, 3), 'one that begins them and two that serve');
            $servers = $this->processes('127.0.0.1:'.self::PORT, $folder);
            // A worker and a serving process die as they would of a full memory.
            posix_kill($workers[0], SIGKILL);
            posix_kill($servers[2], SIGKILL);
            self::assertTrue(
                $this->becomes(
                    fn () => count($this->processes('queue:work', $folder)) === 2 &&
                        ! in_array($workers[0], $this->processes('queue:work', $folder), true),
                    20,
                ),
            );
            self::assertTrue(
                $this->becomes(fn () => count($this->processes('127.0.0.1:'.self::PORT, $folder)) === 3 && $this->answers(), 20),
            );
            // A second one sees the first and leaves it alone.
            $second = $begin(self::PORT);
            self::assertSame(0, $second->run());
            self::assertStringContainsString('Rilvet runs already: http://127.0.0.1:'.self::PORT, $second->getOutput());
            self::assertTrue($this->answers());
            $start->signal(SIGTERM);
            self::assertTrue($this->becomes(fn () => ! $start->isRunning(), 20));
            self::assertSame(0, $start->getExitCode());
            self::assertSame([], [...$this->processes('queue:work', $folder), ...$this->processes('127.0.0.1:'.self::PORT, $folder)]);
            $free = @stream_socket_server('tcp://127.0.0.1:'.self::PORT);
            self::assertNotFalse($free, 'the port is free again');
        } finally {
            $start->stop(5);
            exec('rm -rf '.escapeshellarg($folder));
        }
    }

    public function test_a_port_of_another_program_is_told(): void
    {
        $other = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail();
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($other, false), ':'), 1);
        fclose($other);
        // Answers anything with nothing, as a program that is no web server might.
        $code = '$s = stream_socket_server("tcp://127.0.0.1:".$argv[1]); while ($c = stream_socket_accept($s, 60)) fclose($c);';
        $program = new Process(['php', '-r', $code, (string) $port]);
        $program->start();
        try {
            self::assertTrue($this->becomes(fn () => @fsockopen('127.0.0.1', $port, timeout: 1) !== false, 10));
            $start = new Process([dirname(__DIR__, 2).'/bin/start'], env: ['RILVET_PORT' => (string) $port], timeout: 60);
            self::assertSame(1, $start->run());
            self::assertStringContainsString("Another program answers at 127.0.0.1:$port", $start->getErrorOutput());
        } finally {
            $program->stop(1);
        }
    }

    private function answers(): bool
    {
        return @file_get_contents('http://127.0.0.1:'.self::PORT.'/up') !== false;
    }

    /** @param  callable(): bool  $is */
    private function becomes(callable $is, int $seconds): bool
    {
        for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(100_000)) {
            if ($is()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> of php, by what their command says and by the folder that they keep their compiled code in */
    private function processes(string $command, string $folder): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $line = str_replace("\0", ' ', (string) @file_get_contents($file));
            // Servers of others may run beside this one: its own are known by their storage.
            $isOwn = fn () => str_contains((string) @file_get_contents(dirname($file).'/environ'), "LARAVEL_STORAGE_PATH=$folder\0");
            if (str_starts_with($line, 'php ') && str_contains($line, $command) && $isOwn()) {
                $found[] = (int) basename(dirname($file));
            }
        }
        sort($found);

        return $found;
    }
}
