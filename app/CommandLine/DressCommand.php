<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Calculation\LibraryCalculator;
use App\Files\FileKind;
use App\Files\Opening;
use App\Files\Writing\WorkbookWriter;
use App\Files\Writing\Writers;
use Rilvet\Act\Dress;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use RuntimeException;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Throwable;

final class DressCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('dress')
            ->setDescription('Dress files in a stylebook and write them anew')
            ->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY)
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'A file for one input, else a folder')
            ->addOption('stylebook', null, InputOption::VALUE_REQUIRED, 'The name of a stylebook, or a JSON file', 'River ledger')
            ->addOption('start-clean', null, InputOption::VALUE_NONE, 'Drop the looks that came with the files')
            ->addOption('sure', null, InputOption::VALUE_REQUIRED, 'Leave sheets with a table read below this confidence in %')
            ->addOption('json', null, InputOption::VALUE_NONE, 'Records as JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        /** @var string $name */
        $name = $input->getOption('stylebook');
        $out = $input->getOption('out');
        if (! is_string($out) || $out === '') {
            throw new Usage('--out is wanted: a file for one input, else a folder');
        }
        $stylebook = GivenStylebook::of($name);
        $sure = self::sure($input->getOption('sure'));
        $targets = $this->targets($files, $out);
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $records = [];
        $failed = $isLeft = false;
        foreach ($files as $index => $file) {
            $start = microtime(true);
            try {
                $workbook = Files::open($file);
                $left = $sure === null ? [] : Doubt::of($workbook, $sure);
                foreach ($left as $doubt) {
                    $isLeft = true;
                    $errors->writeln("rilvet: $file: {$doubt->words()}", OutputInterface::OUTPUT_RAW);
                }
                $closed = array_filter($workbook->sheets, fn (Worksheet $sheet) => $sheet->setup->tab->protected);
                foreach ($closed as $sheet) {
                    $isLeft = true;
                    $errors->writeln("rilvet: $file: \"$sheet->name\" is protected, and left as it came", OutputInterface::OUTPUT_RAW);
                }
                $sheets = array_values(array_diff(array_keys($workbook->sheets), array_keys($left), array_keys($closed)));
                $dress = $sheets === [] ? null : new Dress($sheets, $stylebook, $input->getOption('start-clean') === true);
                $record = $this->dress($file, $workbook, $targets[$index], $dress);
                $record['seconds'] = round(microtime(true) - $start, 3);
                $records[] = $sure === null ? $record : [...$record, 'left' => array_values($left)];
            } catch (Throwable $fault) {
                $failed = true;
                $errors->writeln("rilvet: $file: ".preg_replace('/\s+/', ' ', $fault->getMessage()), OutputInterface::OUTPUT_RAW);
            }
        }
        if ($input->getOption('json') === true) {
            $output->writeln(
                json_encode($records, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
                OutputInterface::OUTPUT_RAW,
            );
        } else {
            foreach ($records as $record) {
                $output->writeln(
                    "{$record['input']} -> {$record['output']}: {$record['cells_compared']} cells compared, {$record['values_changed']} "
                    ."values and {$record['formulas_changed']} formulas changed, {$record['seconds']} s",
                    OutputInterface::OUTPUT_RAW,
                );
            }
        }

        return match (true) {
            $failed => 1,
            $isLeft => 4,
            default => 0,
        };
    }

    /** @return float|null 0 to 1 */
    private static function sure(mixed $option): ?float
    {
        if ($option === null) {
            return null;
        }
        if (! is_string($option) || preg_match('/^(?:100|\d{1,2})\s?%?$/D', $option) !== 1) {
            throw new Usage('--sure is a confidence from 0 to 100 %, such as 90');
        }

        return (int) $option / 100;
    }

    /** @return array{input: string, output: string, cells_compared: int, values_changed: int, formulas_changed: int} */
    private function dress(string $file, Workbook $workbook, string $target, ?Dress $dress): array
    {
        if ($dress !== null) {
            $workbook = (new Pipeline(new Recalculate(new LibraryCalculator)))->run($dress, $workbook)->after;
        }
        // Nothing but looks is changed here, so an xlsx goes back into its own package.
        $writer = self::writer($target, $file);
        $writer->write($workbook, $target);
        $proof = $writer->prove($workbook, $target);
        if (! $proof->holds()) {
            unlink($target);
            throw new RuntimeException('the written file differs at '.implode(', ', $proof->places));
        }

        return [
            'input' => $file,
            'output' => $target,
            'cells_compared' => $proof->cells,
            'values_changed' => $proof->values,
            'formulas_changed' => $proof->formulas,
        ];
    }

    private static function writer(string $target, ?string $source = null): WorkbookWriter
    {
        $ending = pathinfo($target, PATHINFO_EXTENSION);

        // A package with macros has its own ending, and is nothing else under another one.
        $isOwn =
            $source !== null &&
            is_file($source) &&
            strcasecmp(pathinfo($source, PATHINFO_EXTENSION), $ending) === 0 &&
            FileKind::of($source, basename($source)) === FileKind::Xlsx;

        return Writers::for($ending, source: $isOwn ? $source : null, edited: []) ??
            throw new Usage("nothing is written as \"$ending\"; use ".implode(', ', Writers::ENDINGS));
    }

    /**
     * @param  list<string>  $files
     * @return list<string> where each file goes
     */
    private function targets(array $files, string $out): array
    {
        $isFolder = count($files) > 1 || is_dir($out) || str_ends_with($out, '/') || pathinfo($out, PATHINFO_EXTENSION) === '';
        if (! $isFolder) {
            self::writer($out, $files[0]);
            if (! is_dir(dirname($out))) {
                throw new Usage('there is no folder "'.dirname($out).'"');
            }
            if (in_array(realpath($out), [realpath($files[0])], true) && is_file($out)) {
                throw new Usage('the output is the input; choose another name');
            }

            return [$out];
        }
        if (is_file($out)) {
            throw new Usage("\"$out\" is a file; for several inputs a folder is wanted");
        }
        if (! is_dir($out) && ! @mkdir($out, 0755, true)) {
            throw new Usage("the folder \"$out\" cannot be made");
        }
        $targets = [];
        foreach ($files as $file) {
            $title = Opening::title(basename($file));
            $target = rtrim($out, '/')."/$title.xlsx";
            // Two files of one name, from two folders, must not overwrite each other.
            for ($number = 2; in_array($target, $targets, true); $number++) {
                $target = rtrim($out, '/')."/$title $number.xlsx";
            }
            if (is_file($target) && realpath($target) === realpath($file)) {
                throw new Usage("\"$target\" would overwrite its own input; choose another folder");
            }
            $targets[] = $target;
        }

        return $targets;
    }
}
