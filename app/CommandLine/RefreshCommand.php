<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Calculation\LibraryCalculator;
use App\Files\Writing\Writers;
use Rilvet\Act\BringAnew;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Grid\Cell;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\Choices;
use Rilvet\Renew\NewData;
use Rilvet\Renew\Pair;
use Rilvet\Renew\Plan;
use Rilvet\Work\Workbook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Brings newer data into a table of a workbook, and says what changed. */
final class RefreshCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('refresh')
            ->setDescription('Bring newer data into a table that is dressed already')
            ->addArgument('book', InputArgument::REQUIRED, 'The workbook')
            ->addOption('from', null, InputOption::VALUE_REQUIRED, 'The file with the newer data')
            ->addOption('from-sheet', null, InputOption::VALUE_REQUIRED, 'Its sheet, where it has several')
            ->addOption('sheet', null, InputOption::VALUE_REQUIRED,
                'The sheet of the workbook; the first with a table where it is not said')
            ->addOption('key', null, InputOption::VALUE_REQUIRED,
                'Headings of the columns that tell rows apart: A,B; "" for rows as a whole')
            ->addOption('below', null, InputOption::VALUE_NONE, 'Put all rows below those that are there')
            ->addOption('keep-gone', null, InputOption::VALUE_NONE, 'Leave rows that the newer data does not have')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The file to write')
            ->addOption('dry', null, InputOption::VALUE_NONE, 'Say what would change, and write nothing')
            ->addOption('json', null, InputOption::VALUE_NONE, 'As JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $book = self::text($input, 'book') ?? '';
        $from = self::text($input, 'from') ?? throw new Usage('--from is wanted: the file with the newer data');
        $isDry = $input->getOption('dry') === true;
        $out = self::text($input, 'out');
        $isDry || $out !== null || throw new Usage('--out is wanted: the file to write');
        $out !== null && is_file($out) && realpath($out) === realpath($book)
            && throw new Usage('the output is the input; choose another name');
        $workbook = Files::open($book);
        $newer = Files::open($from);
        $sheet = self::text($input, 'from-sheet');
        $data = $sheet === null ? NewData::first($newer) : NewData::of($newer, self::number($newer, $sheet));
        [$number, $table] = self::target($workbook, self::text($input, 'sheet'));
        $key = $input->getOption('key');
        $choices = new Choices(
            key: is_string($key) ? array_values(array_filter(array_map(trim(...), explode(',', $key)),
                fn (string $one) => $one !== '')) : null,
            keepGone: $input->getOption('keep-gone') === true,
            below: $input->getOption('below') === true,
        );
        $act = new BringAnew($number, $table->range->top, $table->range->left, $data, $choices);
        $plan = $act->plan($workbook);
        if (! $isDry) {
            $after = (new Pipeline(new Recalculate(new LibraryCalculator, 60)))->run($act, $workbook)->after;
            $this->write($workbook, $after, $book, (string) $out);
        }
        $input->getOption('json') === true
            ? $output->writeln(self::json($plan), OutputInterface::OUTPUT_RAW)
            : $this->say($plan, $workbook->sheet($number)->name, $output);

        return 0;
    }

    /** @return array{int, TableReading} */
    private static function target(Workbook $workbook, ?string $name): array
    {
        foreach ($name === null ? array_keys($workbook->sheets) : [self::number($workbook, $name)] as $number) {
            foreach ($workbook->sheet($number)->reading->tables as $table) {
                if ($table->firstBodyRow() !== null) {
                    return [$number, $table];
                }
            }
        }
        throw new Usage('no table with rows was read '.($name === null ? 'in the workbook' : "on \"$name\""));
    }

    private static function number(Workbook $workbook, string $name): int
    {
        foreach ($workbook->sheets as $number => $sheet) {
            if (mb_strtolower($sheet->name) === mb_strtolower($name)) {
                return $number;
            }
        }
        throw new Usage("there is no sheet \"$name\"");
    }

    private function write(Workbook $before, Workbook $after, string $book, string $out): void
    {
        $ending = pathinfo($out, PATHINFO_EXTENSION);
        $writer = Writers::back($ending, $book, basename($book), $before, $after)
            ?? throw new Usage("nothing is written as \"$ending\"; use ".implode(', ', Writers::ENDINGS));
        is_dir(dirname($out)) || throw new Usage('there is no folder "'.dirname($out).'"');
        Writers::proven($writer, $after, $out);
    }

    private function say(Plan $plan, string $sheet, OutputInterface $output): void
    {
        $by = $plan->key === [] ? 'as a whole' : 'by '.implode(' and ', array_map(fn (Pair $pair) => $pair->heading, $plan->key));
        $output->writeln("$sheet, $by: {$plan->words()}", OutputInterface::OUTPUT_RAW);
        $plan->why === null || $output->writeln("  no column tells rows apart: $plan->why", OutputInterface::OUTPUT_RAW);
        foreach ($plan->pairs as $pair) {
            $says = match ($pair->state()) {
                'renamed' => "\"$pair->heading\" is \"$pair->other\" in the new data",
                'new' => "\"$pair->heading\" is put in as a new column",
                'missing' => "\"$pair->heading\" is not in the new data, and stays",
                default => null,
            };
            $says === null || $output->writeln("  $says", OutputInterface::OUTPUT_RAW);
        }
        foreach (array_slice($plan->changes, 0, 20) as $change) {
            $output->writeln('  '.($change['key'] === '' ? "row {$change['row']}" : $change['key'])
                .", {$change['heading']}: ".Cell::of($change['was'])->text().' -> '.Cell::of($change['is'])->text(),
                OutputInterface::OUTPUT_RAW);
        }
    }

    private static function json(Plan $plan): string
    {
        return json_encode([
            'key' => array_map(fn (Pair $pair) => $pair->heading, $plan->key),
            'new' => $plan->countNew(), 'gone' => count($plan->gone), 'changed' => count($plan->changed),
            'columns' => array_map(fn (Pair $pair) => ['heading' => $pair->heading, 'other' => $pair->other, 'state' => $pair->state()],
                $plan->pairs),
            'changes' => $plan->changes, 'news' => $plan->news, 'lost' => $plan->lost,
        ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    private static function text(InputInterface $input, string $name): ?string
    {
        $value = $name === 'book' ? $input->getArgument($name) : $input->getOption($name);

        return is_string($value) && $value !== '' ? $value : null;
    }
}
