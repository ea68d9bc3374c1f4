<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Files\FileKind;
use App\Files\Xlsx\PackageWriter;
use Rilvet\Act\GatherConditions;
use Rilvet\Condition\Conditions;
use Rilvet\Work\Workbook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Gathers the pieces of conditional looks of an xlsx; all else of the file stays as it is. */
final class GatherCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('gather')
            ->setDescription('Gather the pieces of conditional looks that say the same')
            ->addArgument('file', InputArgument::REQUIRED)
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The file to write')
            ->addOption('idle', null, InputOption::VALUE_NONE, 'Take those out, too, that change nothing that is seen');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $file = is_string($file) ? $file : '';
        $out = $input->getOption('out');
        if (! is_string($out) || $out === '') {
            throw new Usage('--out FILE says where the gathered file goes');
        }
        $workbook = Files::open($file);
        if (FileKind::of($file, basename($file)) !== FileKind::Xlsx) {
            throw new Usage('gather takes an xlsx');
        }
        $numbers = array_keys($workbook->sheets);
        $after = $numbers === [] ? $workbook : (new GatherConditions($numbers, $input->getOption('idle') === true))->on($workbook);
        (new PackageWriter($file, []))->write($after, $out);
        [$before, $now] = [self::count($workbook), self::count($after)];
        $output->writeln("$file: ".number_format($before).' conditional looks, '.number_format($now).' after gathering',
            OutputInterface::OUTPUT_RAW);

        return 0;
    }

    private static function count(Workbook $workbook): int
    {
        $count = 0;
        foreach ($workbook->sheets as $sheet) {
            $count += count($sheet->aspect(Conditions::class)->all);
        }

        return $count;
    }
}
