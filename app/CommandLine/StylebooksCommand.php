<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Comparison;
use Rilvet\Stylebook\Difference;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

final class StylebooksCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('stylebooks')
            ->setDescription('List the stylebooks that come with Rilvet, check some, or compare two')
            ->addArgument('what', InputArgument::OPTIONAL, 'list, check or compare', 'list')
            ->addArgument('files', InputArgument::OPTIONAL | InputArgument::IS_ARRAY, 'JSON files, or names of stylebooks')
            ->addOption('json', null, InputOption::VALUE_NONE, 'As JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        $isJson = $input->getOption('json') === true;

        return match ($input->getArgument('what')) {
            'list' => $files === [] ? self::list($output, $isJson) : throw new Usage('list takes no files'),
            'check' => $files === [] ? throw new Usage('check takes JSON files') : self::check($output, $files, $isJson),
            'compare' => count($files) === 2 ? self::compare($output, $files, $isJson) : throw new Usage('compare takes two stylebooks'),
            default => throw new Usage('stylebooks takes list, check or compare'),
        };
    }

    private static function list(OutputInterface $output, bool $isJson): int
    {
        if ($isJson) {
            self::write($output, array_map(fn (Stylebook $stylebook) => $stylebook->toArray(), Builtin::all()));

            return 0;
        }
        foreach (Builtin::all() as $stylebook) {
            $output->writeln(sprintf('%-14s %s', $stylebook->name, $stylebook->about), OutputInterface::OUTPUT_RAW);
        }

        return 0;
    }

    /** @param  list<string>  $files */
    private static function check(OutputInterface $output, array $files, bool $isJson): int
    {
        $records = [];
        foreach ($files as $file) {
            try {
                $records[] = ['file' => $file, 'name' => self::stylebook($file)->name, 'wrong' => null];
            } catch (StylebookIsWrong $wrong) {
                $records[] = ['file' => $file, 'name' => null, 'wrong' => $wrong->getMessage()];
            }
        }
        if ($isJson) {
            self::write($output, $records);
        } else {
            foreach ($records as $record) {
                $says = $record['wrong'] ?? "{$record['name']}, all of its rules can be followed";
                $output->writeln("{$record['file']}: $says", OutputInterface::OUTPUT_RAW);
            }
        }

        return array_filter(array_column($records, 'wrong')) === [] ? 0 : 1;
    }

    /** @param  list<string>  $files */
    private static function compare(OutputInterface $output, array $files, bool $isJson): int
    {
        [$before, $after] = array_map(function (string $file) {
            try {
                return self::stylebook($file);
            } catch (StylebookIsWrong $wrong) {
                throw FileIsWrong::package("$file: {$wrong->getMessage()}");
            }
        }, $files);
        $differences = Comparison::of($before, $after);
        if ($isJson) {
            self::write($output, $differences);
        } else {
            $output->writeln(array_map(fn (Difference $one) => $one->said(), $differences), OutputInterface::OUTPUT_RAW);
            $count = count($differences);
            $output->writeln(match ($count) {
                0 => 'They say the same.', 1 => '1 rule differs.', default => "$count rules differ.",
            }, OutputInterface::OUTPUT_RAW);
        }

        return 0;
    }

    /** @throws StylebookIsWrong */
    private static function stylebook(string $file): Stylebook
    {
        if (! is_file($file)) {
            return Builtin::named($file);
        }

        return Stylebook::fromJson((string) file_get_contents($file, length: 2_000_000));
    }

    private static function write(OutputInterface $output, mixed $record): void
    {
        $output->writeln(
            json_encode($record, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR),
            OutputInterface::OUTPUT_RAW,
        );
    }
}
