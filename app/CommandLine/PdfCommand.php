<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Files\Writing\PdfWriter;
use Rilvet\Act\Dress;
use Rilvet\Act\SayPages;
use Rilvet\Page\PageRules;
use Rilvet\Refusal;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\Workbook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Writes the pages of workbooks as pdf files. */
final class PdfCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('pdf')
            ->setDescription('Write the pages of workbooks as pdf')
            ->addArgument('files', InputArgument::IS_ARRAY)
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The pdf, for one file; else the folder that they are written to')
            ->addOption('sheets', null, InputOption::VALUE_REQUIRED, 'Only the sheets of these names: Stock,Orders')
            ->addOption('paper', null, InputOption::VALUE_REQUIRED, 'On this paper: A4, Letter, "200 x 300 mm"')
            ->addOption('stylebook', null, InputOption::VALUE_REQUIRED, 'Dressed in this stylebook: a name, or a JSON file');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $text = function (string $name) use ($input): ?string {
            $value = $input->getOption($name);

            return is_string($value) ? $value : null;
        };
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        $files !== [] || throw new Usage('pdf wants the files whose pages are written');
        $out = $text('out') ?? throw new Usage('--out is wanted: a pdf, or a folder for several');
        $isOne = str_ends_with(strtolower($out), '.pdf');
        $isOne && count($files) > 1 && throw new Usage('--out names one pdf, and there are several files; name a folder');
        $says = PageRules::of($text('paper') === null ? [] : ['paper' => $text('paper')]);
        $stylebook = $text('stylebook') === null ? null : GivenStylebook::of($text('stylebook'));
        $isOne || is_dir($out) || @mkdir($out, 0755, true) || throw new Usage("\"$out\" is no folder, and cannot be made");
        $taken = [];
        $failed = false;
        foreach ($files as $file) {
            $target = $isOne ? $out : rtrim($out, '/').'/'.pathinfo($file, PATHINFO_FILENAME).'.pdf';
            try {
                isset($taken[$target]) && throw new Usage("\"$file\" and \"$taken[$target]\" would be one pdf; write them to two folders");
                $taken[$target] = $file;
                $workbook = Files::open($file);
                $workbook = $stylebook === null ? $workbook : (new Dress(self::numbers($workbook), $stylebook))->on($workbook);
                $workbook = $says->isEmpty() ? $workbook : (new SayPages(self::numbers($workbook), $says))->on($workbook);
                $writer = new PdfWriter($text('sheets') === null ? null : self::named($workbook, $text('sheets')), basename($file));
                $writer->write($workbook, $target);
                $pages = $writer->prove($workbook, $target)->cells;
                $output->writeln("$target: ".number_format($pages).($pages === 1 ? ' page' : ' pages')
                    .($writer->missing === [] ? ''
                    : '; a square stands for '.implode(' ', array_slice($writer->missing, 0, 20)).', which no shipped font has'),
                    OutputInterface::OUTPUT_RAW);
            } catch (Refusal $refusal) {
                $failed = true;
                $error = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
                $error->writeln("rilvet: $file: ".$refusal->getMessage(), OutputInterface::OUTPUT_RAW);
            }
        }

        return $failed ? 1 : 0;
    }

    /** @return non-empty-list<int> */
    private static function numbers(Workbook $workbook): array
    {
        $numbers = array_keys($workbook->sheets);

        return $numbers === [] ? throw NoSuchSheet::number(1) : $numbers;
    }

    /** @return list<int> */
    private static function named(Workbook $workbook, string $names): array
    {
        $numbers = [];
        foreach (array_map(trim(...), explode(',', $names)) as $name) {
            $found = null;
            foreach ($workbook->sheets as $number => $sheet) {
                $found = mb_strtolower($sheet->name) === mb_strtolower($name) ? $number : $found;
            }
            $numbers[] = $found ?? throw new Usage("there is no sheet \"$name\"");
        }

        return $numbers;
    }
}
