<?php

declare(strict_types=1);

namespace App\CommandLine;

use Rilvet\Refusal;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Output\ConsoleOutput;
use Throwable;

/**
 * The command line. Exit 0 when all is well, 1 when some file failed, 2 for wrong usage, 3 when a check found something, 4 when a sheet
 * was left as it came because its reading is weak; errors are one line on stderr.
 */
final class Program
{
    /** @param  list<string>  $arguments with the program's name first */
    public function run(array $arguments): int
    {
        $application = new Application('rilvet', '1');
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        $application->addCommands([new ReadCommand, new DressCommand, new LearnCommand, new StylebooksCommand,
            new LooksCommand, new GatherCommand, new GuardCommand, new CheckCommand, new PdfCommand,
            new RefreshCommand, new RunCommand, new WatchCommand]);
        $output = new ConsoleOutput;
        try {
            return $application->run(new ArgvInput($arguments), $output);
        } catch (Usage|ExceptionInterface $fault) {
            return $this->fail($output, $fault->getMessage(), 2);
        } catch (Refusal $refusal) {
            return $this->fail($output, $refusal->getMessage(), 1);
        } catch (Throwable $fault) {
            return $this->fail($output, 'it failed inside: '.$fault->getMessage(), 1);
        }
    }

    private function fail(ConsoleOutput $output, string $message, int $code): int
    {
        $output->getErrorOutput()->writeln('rilvet: '.trim((string) preg_replace('/\s+/', ' ', $message)), ConsoleOutput::OUTPUT_RAW);

        return $code;
    }
}
