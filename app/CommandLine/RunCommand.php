<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Batch\FileRun;
use App\Batch\Reported;
use App\Batch\Reports;
use App\Files\Writing\Writers;
use Rilvet\Renew\NewData;
use Rilvet\Routine\Routine;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Does a routine to files; one that fails harms no other. */
final class RunCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('run')
            ->setDescription('Do a routine to files and write them anew')
            ->addArgument('routine', InputArgument::REQUIRED, 'A routine as JSON')
            ->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY)
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The folder that they are written to')
            ->addOption('as', null, InputOption::VALUE_REQUIRED, 'The format: '.implode(', ', Writers::ENDINGS))
            ->addOption('from', null, InputOption::VALUE_REQUIRED, 'A file with newer data, for a routine that brings data in')
            ->addOption('report', null, InputOption::VALUE_REQUIRED, 'Write a report: a file that ends in .html, .csv or .json')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Records as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $routine = self::routine(self::text($input->getArgument('routine')) ?? '');
        $out = self::text($input->getOption('out')) ?? throw new Usage('--out is wanted: the folder that the files are written to');
        is_file($out) && throw new Usage("\"$out\" is a file; a folder is wanted");
        is_dir($out) || @mkdir($out, 0755, true) || throw new Usage("the folder \"$out\" cannot be made");
        $as = self::text($input->getOption('as')) ?? $routine->handsOver() ?? 'xlsx';
        in_array($as, Writers::ENDINGS, true) || throw new Usage("nothing is written as \"$as\"; use ".implode(', ', Writers::ENDINGS));
        $from = self::text($input->getOption('from'));
        $data = $from === null ? null : NewData::first(Files::open($from));
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        $reports = [];
        $taken = [];
        foreach ($files as $file) {
            $target = FileRun::target($out, $file, $as, $taken);
            $taken[] = $target;
            $one = is_file($target) && realpath($target) === realpath($file)
                ? Reported::failed($file, 'it would be written over itself; choose another folder for --out')
                : FileRun::forCommandLine($routine, $data)->on($file, basename($file), $target, $as)->of($file);
            $reports[] = $one;
            foreach ($one->fault === null ? $one->left : [$one->fault] as $line) {
                $errors->writeln("rilvet: $file: ".preg_replace('/\s+/', ' ', $line), OutputInterface::OUTPUT_RAW);
            }
        }
        $report = self::text($input->getOption('report'));
        $report === null || Reports::write($reports, $report);
        if ($input->getOption('json') === true) {
            $output->writeln(Reports::json($reports), OutputInterface::OUTPUT_RAW);
        } else {
            foreach ($reports as $one) {
                $one->fault === null && $output->writeln("$one->file -> $one->output: {$one->words()}", OutputInterface::OUTPUT_RAW);
            }
        }

        return array_filter($reports, fn (Reported $one) => $one->fault !== null) === [] ? 0 : 1;
    }

    private static function routine(string $path): Routine
    {
        $json = is_file($path) ? file_get_contents($path) : false;

        return $json === false ? throw new Usage("there is no routine file \"$path\"") : Routine::fromJson($json);
    }

    private static function text(mixed $value): ?string
    {
        return is_string($value) && $value !== '' ? $value : null;
    }
}
