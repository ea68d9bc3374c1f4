<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Calculation\LibraryCalculator;
use App\Files\Writing\Writers;
use Rilvet\Act\Act;
use Rilvet\Act\AddSheet;
use Rilvet\Act\FollowRoles;
use Rilvet\Act\GuardFormulas;
use Rilvet\Act\MarkCells;
use Rilvet\Act\Pipeline;
use Rilvet\Act\ProtectSheet;
use Rilvet\Act\Recalculate;
use Rilvet\Dressed\CellParts;
use Rilvet\Grid\Range;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Guard\Role;
use Rilvet\Reading\Part;
use Rilvet\Work\Workbook;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Locks the formulas and opens the entries of workbooks. A password is taken from the environment (RILVET_PASSWORD), where no
 * list of processes shows it.
 */
final class GuardCommand extends Command
{
    protected function configure(): void
    {
        $this->setName('guard')
            ->setDescription('Lock formulas and open entries')
            ->addArgument('files', InputArgument::REQUIRED | InputArgument::IS_ARRAY)
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'A file for one input, else a folder')
            ->addOption('mark', null, InputOption::VALUE_NONE, 'Let formula, choice and entry cells be seen')
            ->addOption('protect', null, InputOption::VALUE_NONE, 'Protect the sheets; by RILVET_PASSWORD where that is set')
            ->addOption('roles', null, InputOption::VALUE_NONE, 'Colour and hide sheets by what they are for')
            ->addOption('legend', null, InputOption::VALUE_NONE, 'Add a sheet of looks');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var list<string> $files */
        $files = $input->getArgument('files');
        $out = $input->getOption('out');
        if (! is_string($out) || $out === '') {
            throw new Usage('--out PATH says where the guarded files go');
        }
        $isFile = count($files) === 1 && pathinfo($out, PATHINFO_EXTENSION) !== '';
        $isFile || is_dir($out) || mkdir($out, 0755, true);
        foreach ($files as $file) {
            $workbook = Files::open($file);
            $target = $isFile ? $out : $out.'/'.pathinfo($file, PATHINFO_FILENAME).'.xlsx';
            [$after, $words] = $this->guarded($workbook, $input);
            $isOwn = strcasecmp(pathinfo($file, PATHINFO_EXTENSION), 'xlsx') === 0;
            $writer = Writers::for(pathinfo($target, PATHINFO_EXTENSION), source: $isOwn ? $file : null, edited: [])
                ?? throw new Usage('nothing is written with that ending; use '.implode(', ', Writers::ENDINGS));
            Writers::proven($writer, $after, $target);
            $output->writeln("$file -> $target: $words", OutputInterface::OUTPUT_RAW);
        }

        return 0;
    }

    /** @return array{Workbook, string} */
    private function guarded(Workbook $workbook, InputInterface $input): array
    {
        $counts = array_fill_keys(array_map(fn (Part $part) => $part->value, Part::OF_CELLS), 0);
        $open = [];
        foreach ($workbook->sheets as $number => $sheet) {
            $parts = new CellParts($sheet, $workbook->looks);
            foreach (Part::OF_CELLS as $part) {
                $counts[$part->value] += array_sum(array_map(fn (Range $range) => $range->cells(), $parts->ranges($part)));
            }
            $sheet->setup->tab->protected || $open[] = $number;
        }
        $left = count($workbook->sheets) - count($open);
        $password = getenv('RILVET_PASSWORD');
        $protect = $input->getOption('protect') === true;
        foreach ($open === [] ? [] : [
            ...($input->getOption('mark') === true ? array_map(fn (Part $part) => new MarkCells($open, $part, true), Part::OF_CELLS) : []),
            new GuardFormulas($open),
            ...($input->getOption('roles') === true ? [new FollowRoles($open)] : []),
            ...($input->getOption('legend') === true ? [new AddSheet(Role::Looks, $open[0])] : []),
            ...($protect
                ? [new ProtectSheet($open, Protection::USUAL, is_string($password) && $password !== '' ? Password::made($password) : null)]
                : []),
        ] as $act) {
            $workbook = self::run_($act, $workbook);
        }
        $says = fn (Part $part) => number_format($counts[$part->value] ?? 0).' '.mb_strtolower($part->words());

        return [$workbook, implode(', ', array_map($says, Part::OF_CELLS)).($protect ? ', protected' : '')
            .($left === 0 ? ''
                : ", $left protected already and left as ".($left === 1 ? 'it is' : 'they are'))];
    }

    private static function run_(Act $act, Workbook $workbook): Workbook
    {
        return (new Pipeline(new Recalculate(new LibraryCalculator)))->run($act, $workbook)->after;
    }
}
