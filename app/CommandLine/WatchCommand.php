<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Batch\FileRun;
use App\Batch\Reported;
use App\Batch\Reports;
use App\Files\FileKind;
use App\Files\Writing\Writers;
use Rilvet\Routine\Routine;
use RuntimeException;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Watches a folder: files that appear in it are done, written, moved and reported. A file is taken once it has stopped growing; what is
 * written appears under its name when it is whole, and the file is moved after that, so that a stop at any time loses nothing and
 * leaves nothing half.
 */
final class WatchCommand extends Command
{
    /** @var array<string, array{int, int, float}> size, time of the last change and when that was seen first, by file */
    private array $seen = [];

    protected function configure(): void
    {
        $this->setName('watch')
            ->setDescription('Do a routine to files that appear in a folder')
            ->addArgument('in', InputArgument::REQUIRED, 'The folder to watch')
            ->addArgument('out', InputArgument::REQUIRED, 'The folder that is written to')
            ->addOption('routine', null, InputOption::VALUE_REQUIRED, 'A routine as JSON')
            ->addOption('as', null, InputOption::VALUE_REQUIRED, 'The format: '.implode(', ', Writers::ENDINGS))
            ->addOption('still', null, InputOption::VALUE_REQUIRED, 'Seconds that a file has to have stayed as it is', '2')
            ->addOption('once', null, InputOption::VALUE_NONE, 'End when nothing is left to do');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$in, $out] = [self::folder($input, 'in'), self::folder($input, 'out')];
        realpath($in) !== realpath($out) || throw new Usage('the two folders are one; what is written would be done again');
        $path = $input->getOption('routine');
        $json = is_string($path) && is_file($path) ? file_get_contents($path) : false;
        $routine = $json === false ? throw new Usage('--routine is wanted: a routine as JSON') : Routine::fromJson($json);
        $as = $input->getOption('as');
        $as = is_string($as) ? $as : $routine->handsOver() ?? 'xlsx';
        in_array($as, Writers::ENDINGS, true) || throw new Usage("nothing is written as \"$as\"; use ".implode(', ', Writers::ENDINGS));
        $still = $input->getOption('still');
        is_numeric($still) && $still >= 0 && $still <= 3_600 || throw new Usage('--still is a number of seconds from 0 to 3,600');
        $isOnce = $input->getOption('once') === true;
        $hasFailed = false;
        while (true) {
            $ready = $this->ready($in, (float) $still);
            foreach ($ready as $file) {
                $hasFailed = ! $this->take($routine, $file, $in, $out, $as, $output) || $hasFailed;
            }
            if ($isOnce && $ready === [] && $this->seen === []) {
                return $hasFailed ? 1 : 0;
            }
            usleep(200_000);
        }
    }

    /** @return list<string> names of files that have stopped growing */
    private function ready(string $in, float $still): array
    {
        $ready = [];
        $there = [];
        clearstatcache();
        foreach (scandir($in) ?: [] as $name) {
            $path = "$in/$name";
            $isMeant = ! str_starts_with($name, '.') && ! str_starts_with($name, '~')
                && in_array(strtolower(pathinfo($name, PATHINFO_EXTENSION)), FileKind::ENDINGS, true);
            $stat = $isMeant && is_file($path) ? @stat($path) : false;
            if ($stat === false) {
                continue;
            }
            $there[$name] = true;
            [$size, $time, $since] = $this->seen[$name] ?? [-1, -1, 0.0];
            if ($size !== $stat['size'] || $time !== $stat['mtime']) {
                $this->seen[$name] = [$stat['size'], $stat['mtime'], microtime(true)];
            } elseif (microtime(true) - $since >= $still) {
                $ready[] = $name;
            }
        }
        $this->seen = array_intersect_key($this->seen, $there);

        return $ready;
    }

    private function take(Routine $routine, string $name, string $in, string $out, string $as, OutputInterface $output): bool
    {
        $target = FileRun::target($out, $name, $as, []);
        $half = "$out/.".basename($target).'.half';
        $reported = FileRun::forCommandLine($routine, null)->on("$in/$name", $name, $half, $as);
        if ($reported->fault === null) {
            @rename($half, $target) || throw new RuntimeException("\"$target\" cannot be written");
            $reported = $reported->writtenAs(basename($target));
        } elseif (is_file($half)) {
            unlink($half);
        }
        $report = "$out/".pathinfo($name, PATHINFO_FILENAME).'.report.json';
        @file_put_contents($report, Reports::json([$reported])) !== false || throw new RuntimeException("\"$report\" cannot be written");
        self::move($in, $name, $reported->fault === null ? 'done' : 'failed');
        unset($this->seen[$name]);
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $reported->fault === null ? $output->writeln("$name -> {$reported->output}: {$reported->words()}", OutputInterface::OUTPUT_RAW)
            : $errors->writeln("rilvet: $name: $reported->fault", OutputInterface::OUTPUT_RAW);

        return $reported->fault === null;
    }

    private static function move(string $in, string $name, string $to): void
    {
        is_dir("$in/$to") || @mkdir("$in/$to", 0755, true) || throw new RuntimeException("the folder \"$in/$to\" cannot be made");
        $target = "$in/$to/$name";
        for ($number = 2; file_exists($target); $number++) {
            $target = "$in/$to/".pathinfo($name, PATHINFO_FILENAME)." $number.".pathinfo($name, PATHINFO_EXTENSION);
        }
        @rename("$in/$name", $target)
            || throw new RuntimeException("\"$name\" cannot be moved out of \"$in\"; it would be done again and again");
    }

    private static function folder(InputInterface $input, string $name): string
    {
        $path = $input->getArgument($name);
        $path = is_string($path) ? rtrim($path, '/') : '';

        return is_dir($path) ? $path : throw new Usage("there is no folder \"$path\"");
    }
}
