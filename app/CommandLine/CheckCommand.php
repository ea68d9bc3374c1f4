<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Calculation\LibraryCalculator;
use App\Files\Writing\Writers;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Check\About;
use Rilvet\Check\Changes;
use Rilvet\Check\Check;
use Rilvet\Check\Checks;
use Rilvet\Check\Consistency\UnlikeStylebook;
use Rilvet\Check\Finding;
use Rilvet\Check\MendFindings;
use Rilvet\Check\Report;
use Rilvet\Check\Severity;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Looks for faults in workbooks, each by itself and beside each other. Exit 3 when something is found that is at least as
 * severe as was asked for, so that it can stand among a team's own checks; 1 when a file cannot be read or written, whatever is
 * found in the others.
 */
final class CheckCommand extends Command
{
    /** Exit code. */
    private const FOUND = 3;

    private bool $hasFailed = false;

    protected function configure(): void
    {
        $this->setName('check')
            ->setDescription('Look for faults in workbooks')
            ->addArgument('files', InputArgument::IS_ARRAY)
            ->addOption('severity', null, InputOption::VALUE_REQUIRED, 'From which on it counts: '.implode(', ', Severity::names()), 'note')
            ->addOption('only', null, InputOption::VALUE_REQUIRED, 'Only the checks of these names: a,b')
            ->addOption('stylebook', null, InputOption::VALUE_REQUIRED,
                'Look whether sheets look as this one has it: a name, or a JSON file')
            ->addOption('fix', null, InputOption::VALUE_OPTIONAL,
                'Mend what can be mended by changing no more than: looks, formulas, values', false)
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'The folder that mended files are written to')
            ->addOption('report', null, InputOption::VALUE_REQUIRED, 'Write a report: a file that ends in .html, .csv or .json')
            ->addOption('list', null, InputOption::VALUE_NONE, 'Print every check with its reason and severity')
            ->addOption('json', null, InputOption::VALUE_NONE, 'As JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $from = Severity::named(self::text($input, 'severity') ?? '')
            ?? throw new Usage('--severity is one of '.implode(', ', Severity::names()));
        $checks = self::checks(self::text($input, 'only'), self::text($input, 'stylebook'));
        $isJson = $input->getOption('json') === true;
        if ($input->getOption('list') === true) {
            $this->list($checks, $isJson, $output);

            return 0;
        }
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        $files !== [] || throw new Usage('check wants the files to look at');
        $fix = self::fix($input);
        $out = self::out($input, $fix);
        $report = self::reportFile($input);
        $workbooks = $this->open($files, $output);
        $found = $workbooks === [] ? [] : Checks::inSeries($workbooks, $checks);
        $found = array_map(fn (array $of) => array_values(array_filter($of, fn (Finding $one) => $one->severity->isAtLeast($from))),
            $found);
        $reports = [];
        foreach ($found as $file => $of) {
            $file = (string) $file;
            $reports[] = ['file' => $file, 'findings' => $of, 'left' => []];
            $isJson || $this->lines($file, $of, $output);
            $fix === null || $out === null || $this->mend($file, $workbooks[$file], $of, $fix, $out, $output, $isJson);
        }
        $made = new Report($reports, date('Y-m-d'));
        $report === null || $this->write($made, $report, $output);
        $isJson && $output->writeln(self::json(['files' => array_map(fn (array $of) => ['file' => $of['file'],
            'findings' => array_map(fn (Finding $one) => $one->toArray(), $of['findings'])], $reports)]), OutputInterface::OUTPUT_RAW);

        return $this->hasFailed ? 1
            : (array_filter($found) === [] ? 0 : self::FOUND);
    }

    /**
     * @param  list<string>  $files
     * @return array<string, Workbook>
     */
    private function open(array $files, OutputInterface $output): array
    {
        $workbooks = [];
        foreach ($files as $file) {
            try {
                $workbooks[$file] = Files::open($file);
            } catch (Refusal $refusal) {
                $this->fail($file, $refusal->getMessage(), $output);
            }
        }

        return $workbooks;
    }

    /**
     * Mends what may be mended, and writes the file under its name into the folder.
     *
     * @param  list<Finding>  $found
     */
    private function mend(string $file, Workbook $workbook, array $found, Changes $most, string $out, OutputInterface $output,
        bool $isQuiet): void
    {
        $may = match ($most) {
            Changes::Looks => [Changes::Looks],
            Changes::Formulas => [Changes::Looks, Changes::Formulas],
            Changes::Values => Changes::cases(),
        };
        $some = array_values(array_filter($found, fn (Finding $one) => $one->mend !== null && in_array($one->mend->changes, $may, true)));
        $target = rtrim($out, '/').'/'.basename($file);
        try {
            realpath($file) !== realpath($target) || throw new Usage("\"$target\" is the file itself; choose another folder for --out");
            $isOfData = array_filter($some, fn (Finding $one) => $one->mend?->changes !== Changes::Looks) !== [];
            $after = $some === [] ? $workbook
                : (new Pipeline(new Recalculate(new LibraryCalculator)))->run(new MendFindings($some), $workbook)->after;
            $ending = strtolower(pathinfo($file, PATHINFO_EXTENSION));
            // Only looks are changed in the package that the file came in; what changes data is written anew.
            $source = $ending === 'xlsx' ? $file : null;
            $writer = Writers::for($ending, source: $source, edited: $isOfData ? array_keys($after->sheets) : [])
                ?? throw new Usage("nothing is written as \"$ending\"");
            $writer->write($after, $target);
            $isQuiet || $output->writeln('  mended '.number_format(count($some)).' of '.number_format(count($found)).": $target",
                OutputInterface::OUTPUT_RAW);
        } catch (Refusal $refusal) {
            $this->fail($file, $refusal->getMessage(), $output);
        }
    }

    private function write(Report $report, string $path, OutputInterface $output): void
    {
        $text = match (strtolower(pathinfo($path, PATHINFO_EXTENSION))) {
            'html' => $report->html(),
            'csv' => $report->csv(),
            default => self::json($report->toArray()),
        };
        @file_put_contents($path, $text) === false && $this->fail($path, 'the report cannot be written there', $output);
    }

    private function fail(string $file, string $why, OutputInterface $output): void
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln("rilvet: $file: ".preg_replace('/\s+/', ' ', $why), OutputInterface::OUTPUT_RAW);
        $this->hasFailed = true;
    }

    private static function fix(InputInterface $input): ?Changes
    {
        $said = $input->getOption('fix');
        if ($said === false) {
            return null;
        }

        return $said === null ? Changes::Looks
            : (is_string($said) ? Changes::tryFrom($said) : null)
            ?? throw new Usage('--fix is one of looks, formulas, values');
    }

    private static function out(InputInterface $input, ?Changes $fix): ?string
    {
        $out = self::text($input, 'out');
        if ($fix !== null && ($out === null || ! is_dir($out))) {
            throw new Usage($out === null ? '--fix wants --out, the folder for the mended files' : "there is no folder \"$out\"");
        }

        return $out;
    }

    private static function reportFile(InputInterface $input): ?string
    {
        $path = self::text($input, 'report');
        if ($path !== null && ! in_array(strtolower(pathinfo($path, PATHINFO_EXTENSION)), ['html', 'csv', 'json'], true)) {
            throw new Usage('--report is a file that ends in .html, .csv or .json');
        }

        return $path;
    }

    private static function text(InputInterface $input, string $name): ?string
    {
        $value = $input->getOption($name);

        return is_string($value) ? $value : null;
    }

    /** @return list<Check> */
    private static function checks(?string $only, ?string $stylebook): array
    {
        $all = [...Checks::all(), ...($stylebook === null ? [] : [new UnlikeStylebook(GivenStylebook::of($stylebook))])];
        if ($only === null) {
            return $all;
        }
        $named = array_filter(array_map(trim(...), explode(',', $only)), fn (string $name) => $name !== '');
        $checks = array_values(array_filter($all, fn (Check $check) => in_array($check->about()->name, $named, true)));
        $known = array_map(fn (Check $check) => $check->about()->name, $all);
        $unknown = array_diff($named, $known);
        $unknown === [] && $named !== []
            || throw new Usage('there is no check "'.implode('", "', $unknown).'"; the checks are '.implode(', ', $known));

        return $checks;
    }

    /** @param  list<Check>  $checks */
    private function list(array $checks, bool $isJson, OutputInterface $output): void
    {
        $told = array_map(fn (About $about) => ['check' => $about->name, 'title' => $about->title, 'subject' => $about->subject->value,
            'severity' => $about->severity->value, 'reason' => $about->reason], array_map(fn (Check $check) => $check->about(), $checks));
        if ($isJson) {
            $output->writeln(self::json($told), OutputInterface::OUTPUT_RAW);

            return;
        }
        foreach ($told as $one) {
            $output->writeln(sprintf('%-24s %-12s  %s. %s', $one['check'], $one['severity'], $one['title'], $one['reason']),
                OutputInterface::OUTPUT_RAW);
        }
    }

    /** @param  list<Finding>  $found */
    private function lines(string $file, array $found, OutputInterface $output): void
    {
        $output->writeln("$file: ".(count($found) === 0 ? 'nothing found' : number_format(count($found)).
            (count($found) === 1 ? ' finding' : ' findings')), OutputInterface::OUTPUT_RAW);
        foreach ($found as $one) {
            $at = mb_strlen($one->range) > 40 ? mb_substr($one->range, 0, 39).'…' : $one->range;
            $output->writeln("  {$one->severity->value}, $one->sheet".($at === '' ? '' : " $at").": $one->words [$one->check]",
                OutputInterface::OUTPUT_RAW);
        }
    }

    private static function json(mixed $data): string
    {
        return json_encode($data, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
