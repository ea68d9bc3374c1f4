<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Grid\Address;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\PartRange;
use Rilvet\Reading\TableReading;
use Rilvet\Refusal;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\Worksheet;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

final class ReadCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('read')
            ->setDescription('Show the tables, parts and column kinds that are read in a file')
            ->addArgument('file', InputArgument::REQUIRED)
            ->addOption('sheet', null, InputOption::VALUE_REQUIRED, 'Only the sheet of this name')
            ->addOption('json', null, InputOption::VALUE_NONE, 'As JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var string $file */
        $file = $input->getArgument('file');
        /** @var string|null $only */
        $only = $input->getOption('sheet');
        try {
            $sheets = array_values(Files::open($file)->sheets);
            if ($only !== null) {
                $sheets = array_values(array_filter($sheets, fn (Worksheet $sheet) => $sheet->name === $only));
                if ($sheets === []) {
                    throw NoSuchSheet::named($only);
                }
            }
        } catch (Refusal $refusal) {
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln("rilvet: $file: ".preg_replace('/\s+/', ' ', $refusal->getMessage()), OutputInterface::OUTPUT_RAW);

            return 1;
        }
        if ($input->getOption('json') === true) {
            $output->writeln(
                json_encode(
                    ['file' => $file, 'sheets' => array_map($this->sheet(...), $sheets)],
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return 0;
        }
        foreach ($sheets as $sheet) {
            $output->writeln(
                "{$sheet->name}: {$sheet->cells->rows()} rows, {$sheet->cells->columns()} columns",
                OutputInterface::OUTPUT_RAW,
            );
            foreach ($sheet->reading->tables as $table) {
                $output->writeln("  table {$table->range}", OutputInterface::OUTPUT_RAW);
                foreach ($table->parts() as $part) {
                    $output->writeln(
                        sprintf('    %-13s %-12s %3d%%  %s', $part->part->value, $part->range, $part->confidence * 100, $part->why),
                        OutputInterface::OUTPUT_RAW,
                    );
                }
                foreach ($table->columns as $column) {
                    $output->writeln(self::line('column', Address::columnName($column->column), $column), OutputInterface::OUTPUT_RAW);
                }
                foreach ($table->isTurned() ? $table->lines : [] as $row => $line) {
                    $output->writeln(self::line('row', (string) $row, $line), OutputInterface::OUTPUT_RAW);
                }
            }
        }

        return 0;
    }

    private static function line(string $what, string $name, ColumnReading $read): string
    {
        return sprintf('    %s %-3s %-10s %3d%%  %s', $what, $name, $read->kind->value, $read->confidence * 100, $read->heading ?? '');
    }

    /** @return array{name: string, rows: int, columns: int, tables: list<array<string, mixed>>} */
    private function sheet(Worksheet $sheet): array
    {
        return [
            'name' => $sheet->name,
            'rows' => $sheet->cells->rows(),
            'columns' => $sheet->cells->columns(),
            'tables' => array_map(fn (TableReading $table) => [
                'range' => (string) $table->range,
                'confidence' => $table->confidence,
                'parts' => array_map(fn (PartRange $part) => [
                    'part' => $part->part->value,
                    'range' => (string) $part->range,
                    'confidence' => $part->confidence,
                    'why' => $part->why,
                ], $table->parts()),
                'columns' => array_map(fn (ColumnReading $column) => [
                    'column' => Address::columnName($column->column),
                    'heading' => $column->heading,
                    'kind' => $column->kind->value,
                    'confidence' => $column->confidence,
                ], $table->columns),
                ...$table->isTurned() ? ['rows' => array_map(fn (ColumnReading $line) => [
                    'row' => $line->column,
                    'heading' => $line->heading,
                    'kind' => $line->kind->value,
                    'confidence' => $line->confidence,
                ], array_values($table->lines))] : [],
            ], $sheet->reading->tables),
        ];
    }
}
