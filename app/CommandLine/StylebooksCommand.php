<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

final class StylebooksCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('stylebooks')
            ->setDescription('List the stylebooks that come with Rilvet')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Whole stylebooks as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if ($input->getOption('json') === true) {
            $output->writeln(
                json_encode(
                    array_map(fn (Stylebook $stylebook) => $stylebook->toArray(), Builtin::all()),
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return 0;
        }
        foreach (Builtin::all() as $stylebook) {
            $output->writeln(sprintf('%-14s %s', $stylebook->name, $stylebook->about), OutputInterface::OUTPUT_RAW);
        }

        return 0;
    }
}
