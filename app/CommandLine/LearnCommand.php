<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Learn\Learner;
use Rilvet\Learn\Rule;
use Rilvet\Refusal;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

final class LearnCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('learn')
            ->setDescription('Learn a stylebook from workbooks that already look right')
            ->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY)
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The JSON file to write')
            ->addOption('name', null, InputOption::VALUE_REQUIRED, 'What the stylebook is called', 'Learned')
            ->addOption('json', null, InputOption::VALUE_NONE, 'The rules with their evidence, as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        $out = $input->getOption('out');
        $name = $input->getOption('name');
        if (! is_string($out) || ! str_ends_with(mb_strtolower($out), '.json') || ! is_dir(dirname($out))) {
            throw new Usage('--out is wanted: a JSON file in a folder that is there');
        }
        $from = array_map(function (string $file) {
            try {
                $workbook = Files::open($file);
            } catch (Refusal $refusal) {
                throw FileIsWrong::package("$file: {$refusal->getMessage()}");
            }

            return [$workbook, array_keys($workbook->sheets)];
        }, $files);
        $learned = Learner::of($from, is_string($name) ? $name : '');
        if (@file_put_contents($out, $learned->stylebook->toJson()) === false) {
            throw FileIsWrong::package("$out: the file cannot be written");
        }
        if ($input->getOption('json') === true) {
            $output->writeln(
                json_encode($learned->rules, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR),
                OutputInterface::OUTPUT_RAW,
            );

            return 0;
        }
        foreach ($learned->rules as $rule) {
            $output->writeln(sprintf('%-32s %-12s %s', $rule->where, self::shown($rule), $rule->evidence()), OutputInterface::OUTPUT_RAW);
        }
        $sheets = array_sum(array_map(fn (array $one) => count($one[1]), $from));
        $output->writeln(
            "$out: ".count($learned->rules).' rules learned from '.($sheets === 1 ? '1 sheet' : "$sheets sheets"),
            OutputInterface::OUTPUT_RAW,
        );

        return 0;
    }

    private static function shown(Rule $rule): string
    {
        return is_bool($rule->value)
            ? ($rule->value ? 'yes' : 'no')
            : (string) $rule->value;
    }
}
