<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Check\About;
use Rilvet\Check\Check;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\Severity;
use Rilvet\Refusal;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Looks for faults in workbooks. Exit 3 when something is found that is at least as severe as was asked for, so that it can
 * stand among a team's own checks; 1 when a file cannot be read, whatever is found in the others.
 */
final class CheckCommand extends Command
{
    /** Exit code. */
    private const FOUND = 3;

    protected function configure(): void
    {
        $this->setName('check')
            ->setDescription('Look for faults in workbooks')
            ->addArgument('files', InputArgument::IS_ARRAY)
            ->addOption('severity', null, InputOption::VALUE_REQUIRED, 'From which on it counts: '.implode(', ', Severity::names()), 'note')
            ->addOption('only', null, InputOption::VALUE_REQUIRED, 'Only the checks of these names: a,b')
            ->addOption('list', null, InputOption::VALUE_NONE, 'Print every check with its reason and severity')
            ->addOption('json', null, InputOption::VALUE_NONE, 'As JSON');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $name = $input->getOption('severity');
        $from = Severity::named(is_string($name) ? $name : '')
            ?? throw new Usage('--severity is one of '.implode(', ', Severity::names()));
        $checks = self::checks($input->getOption('only'));
        $isJson = $input->getOption('json') === true;
        if ($input->getOption('list') === true) {
            $this->list($checks, $isJson, $output);

            return 0;
        }
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        $files !== [] || throw new Usage('check wants the files to look at');
        [$code, $reports] = [0, []];
        foreach ($files as $file) {
            try {
                $found = Checks::on(Files::open($file), $checks);
            } catch (Refusal $refusal) {
                $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
                $errors->writeln("rilvet: $file: ".preg_replace('/\s+/', ' ', $refusal->getMessage()), OutputInterface::OUTPUT_RAW);
                $code = 1;

                continue;
            }
            $found = array_values(array_filter($found, fn (Finding $one) => $one->severity->isAtLeast($from)));
            $code = $found !== [] && $code === 0 ? self::FOUND : $code;
            $isJson ? $reports[] = ['file' => $file, 'findings' => array_map(fn (Finding $one) => $one->toArray(), $found)]
                : $this->lines($file, $found, $output);
        }
        $isJson && $output->writeln(self::json(['files' => $reports]), OutputInterface::OUTPUT_RAW);

        return $code;
    }

    /** @return list<Check> */
    private static function checks(mixed $only): array
    {
        if (! is_string($only)) {
            return Checks::all();
        }
        $named = array_filter(array_map(trim(...), explode(',', $only)), fn (string $name) => $name !== '');
        $checks = array_values(array_filter(Checks::all(), fn (Check $check) => in_array($check->about()->name, $named, true)));
        $known = array_map(fn (Check $check) => $check->about()->name, Checks::all());
        $unknown = array_diff($named, $known);
        $unknown === [] && $named !== []
            || throw new Usage('there is no check "'.implode('", "', $unknown).'"; the checks are '.implode(', ', $known));

        return $checks;
    }

    /** @param  list<Check>  $checks */
    private function list(array $checks, bool $isJson, OutputInterface $output): void
    {
        $told = array_map(fn (About $about) => ['check' => $about->name, 'title' => $about->title,
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
