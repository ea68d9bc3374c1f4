<?php

declare(strict_types=1);

namespace Rilvet\Routine;

use Closure;
use Rilvet\Act\Act;
use Rilvet\Act\BringAnew;
use Rilvet\Act\EditCells;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Reach;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\MendFindings;
use Rilvet\Refusal;
use Rilvet\Renew\Choices;
use Rilvet\Renew\NewData;
use Rilvet\Work\Workbook;

/**
 * Does a routine to a workbook, step by step: each goes the way of every act, on the state that the steps before it have left.
 * A step that does not find its place is named, and the others are done.
 */
final class Replay implements Act
{
    /** Data steps: what they change is counted as such. */
    private const DATA = ['bringIn', 'rename', 'sort', 'convert', 'fix', 'rewriteHeads', 'addSheet'];

    /** @var list<Note> what was not done, and why; known once it was done */
    public array $notes = [];

    /** @var list<string> what was done, in words */
    public array $done = [];

    /**
     * @param  list<int>  $sheets  numbers of all sheets of the workbook
     * @param  Closure(Step, Workbook, int): list<Act>  $make  the acts of a step on a sheet
     * @param  NewData|null  $data  for a step that brings newer data in
     */
    public function __construct(
        private readonly Routine $routine,
        private readonly array $sheets,
        private readonly Closure $make,
        private readonly Pipeline $pipeline,
        private readonly ?NewData $data = null,
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        $this->notes = $this->done = [];
        foreach ($this->routine->steps as $index => $step) {
            $workbook = $this->step($workbook, $step, $index + 1);
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        $isOfData = array_filter($this->routine->steps, fn (Step $step) => in_array($step->does, self::DATA, true)) !== [];

        return Reach::whole(...$this->sheets)->withFormulas()->settled($isOfData);
    }

    public function words(Workbook $workbook): string
    {
        $left = count($this->notes);

        return "Routine {$this->routine->name}".($left === 0 ? ''
            : ", $left ".($left === 1 ? 'step' : 'steps').' not done');
    }

    private function step(Workbook $workbook, Step $step, int $number): Workbook
    {
        if ($step->does === 'handOver') {
            return $workbook;
        }
        $sheets = $this->sheetsOf($workbook, $step);
        if ($sheets === []) {
            $this->notes[] = new Note($number, $step->words(), null, RoutineIsWrong::noSheets()->getMessage());

            return $workbook;
        }
        $faults = [];
        $done = 0;
        // Looked for once, and not for each sheet: a look goes through all sheets.
        $found = $step->does === 'fix' ? self::found($workbook, $step) : [];
        foreach ($sheets as $sheet) {
            try {
                foreach ($this->acts($workbook, $step, $sheet, $found[$sheet] ?? []) as $act) {
                    $workbook = $this->pipeline->run($act, $workbook)->after;
                }
                $done++;
            } catch (Refusal $refusal) {
                $faults[$workbook->sheet($sheet)->name] = $refusal->getMessage();
            }
        }
        if ($done > 0) {
            $this->done[] = $step->words();
        }
        // A place that some of the sheets do not have is asked for on those alone that are named.
        foreach ($done > 0 && $step->sheets === null && $step->at !== null ? [] : $faults as $name => $message) {
            $this->notes[] = new Note($number, $step->words(), $name, $message);
        }

        return $workbook;
    }

    /** @return list<int> */
    private function sheetsOf(Workbook $workbook, Step $step): array
    {
        $isOfBook = Doing::ALL[$step->does] === Doing::Book;
        $wanted = $step->sheets === null ? null : array_map(mb_strtolower(...), $step->sheets);
        $numbers = [];
        foreach ($workbook->sheets as $number => $sheet) {
            $isWanted = $wanted === null || in_array(mb_strtolower($sheet->name), $wanted, true);
            if ($isWanted && ($step->does !== 'bringIn' || $wanted !== null || $this->hasRows($workbook, $number))) {
                $numbers[] = $number;
            }
        }

        return $isOfBook || $step->does === 'bringIn' ? array_slice($numbers, 0, 1) : $numbers;
    }

    private function hasRows(Workbook $workbook, int $number): bool
    {
        foreach ($workbook->sheet($number)->reading->tables as $table) {
            if ($table->firstBodyRow() !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Finding>  $found  what is to be mended on the sheet
     * @return list<Act>
     *
     * @throws Refusal
     */
    private function acts(Workbook $workbook, Step $step, int $sheet, array $found): array
    {
        return match ($step->does) {
            'bringIn' => [$this->bringIn($workbook, $step, $sheet)],
            'rename' => [self::rename($workbook, $step, $sheet)],
            'fix' => $found === [] ? [] : [new MendFindings($found)],
            default => ($this->make)($step, $workbook, $sheet),
        };
    }

    private function bringIn(Workbook $workbook, Step $step, int $number): Act
    {
        $data = $this->data ?? throw RoutineIsWrong::noData();
        $sheet = $workbook->sheet($number);
        $table = null;
        foreach (($step->at ?? new Place)->tables($sheet) as $one) {
            $table ??= $one->firstBodyRow() === null ? null : $one;
        }
        $table ?? throw RoutineIsWrong::noPlace('A table with rows', $sheet->name);
        $key = $step->with['key'] ?? null;
        $flag = fn (string $name) => ($step->with[$name] ?? null) === true;

        return new BringAnew($number, $table->range->top, $table->range->left, $data, new Choices(
            is_array($key) ? array_values(array_filter($key, is_string(...))) : null,
            keepGone: $flag('keepGone'), keepChanged: $flag('keepChanged'), below: $flag('below'),
        ));
    }

    private static function rename(Workbook $workbook, Step $step, int $number): Act
    {
        $sheet = $workbook->sheet($number);
        $heading = is_string($step->with['heading'] ?? null) ? $step->with['heading'] : '';
        $to = is_string($step->with['to'] ?? null) ? $step->with['to'] : '';
        foreach ($sheet->reading->tables as $table) {
            foreach ($table->columns as $column) {
                if ($column->isHeaded($heading) && $table->lastHeadRow() !== null) {
                    return new EditCells($number, [$table->lastHeadRow() => [$column->column => self::plain($to)]]);
                }
            }
        }
        throw RoutineIsWrong::noHeading($heading, $sheet->name);
    }

    /** A heading is a text, and no formula. */
    private static function plain(string $text): string
    {
        return str_starts_with($text, '=') || str_starts_with($text, "'") ? "'$text" : $text;
    }

    /** @return array<int, non-empty-list<Finding>> what can be mended, by the number of its sheet */
    private static function found(Workbook $workbook, Step $step): array
    {
        $names = is_array($step->with['checks'] ?? null) ? array_filter($step->with['checks'], is_string(...)) : [];
        $checks = array_values(array_filter(Checks::all(), fn ($check) => $names === [] || in_array($check->about()->name, $names, true)));
        $found = [];
        foreach (Checks::on($workbook, $checks) as $one) {
            $one->mend === null || $found[$one->number][] = $one;
        }

        return $found;
    }
}
