<?php

declare(strict_types=1);

namespace App\Wire\Repeat;

use App\Models\Workbook as WorkbookRow;
use App\Wire\Arguments;
use App\Wire\Wiring;
use Closure;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\Pipeline;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\NewData;
use Rilvet\Routine\Doing;
use Rilvet\Routine\Place;
use Rilvet\Routine\Replay;
use Rilvet\Routine\Routine;
use Rilvet\Routine\RoutineIsWrong;
use Rilvet\Routine\Step;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The acts of a routine's steps on a sheet: their places looked for there, and said as the acts are asked for. */
final readonly class Replayer
{
    /** @param  Closure(string): (array{Stylebook, StylebookReference|null}|null)  $shelf  a stylebook by its name, where there is one */
    private function __construct(private Routine $routine, private Closure $shelf)
    {
    }

    /**
     * @param  list<int>  $sheets  numbers of all sheets of the workbook
     * @param  Closure(string): (array{Stylebook, StylebookReference|null}|null)  $shelf
     */
    public static function of(Routine $routine, array $sheets, Pipeline $pipeline, Closure $shelf, ?NewData $data = null): Replay
    {
        return new Replay($routine, $sheets, (new self($routine, $shelf))->acts(...), $pipeline, $data);
    }

    /** @return list<Act> */
    private function acts(Step $step, Workbook $workbook, int $number): array
    {
        if ($step->does === 'dress') {
            return [$this->dress($step, $number)];
        }
        $sheet = $workbook->sheet($number);
        $row = new WorkbookRow(['name' => $workbook->name, 'from1904' => $workbook->from1904]);
        $acts = [];
        foreach ($this->given($step, $sheet) as $given) {
            $acts[] = (new Wiring)->act($step->does)->act(new Arguments($given, $number, $row));
        }

        return $acts;
    }

    private function dress(Step $step, int $number): Act
    {
        $name = $step->with['stylebook'] ?? null;
        $clean = ($step->with['clean'] ?? false) === true;
        if (! is_string($name)) {
            return new Dress([$number], null, $clean);
        }
        $found = ($this->shelf)($name);
        $stylebook = $found[0] ?? $this->routine->stylebooks[$name] ?? throw RoutineIsWrong::noStylebook($name);

        return new Dress([$number], $stylebook, $clean, null, $found[1] ?? null);
    }

    /** @return list<array<string, mixed>> the arguments of each act */
    private function given(Step $step, Worksheet $sheet): array
    {
        $with = $step->with;
        $place = $step->at ?? new Place;

        return match (Doing::ALL[$step->does]) {
            Doing::Cells => [($step->at === null ? ['ranges' => 'A1']
                : ['ranges' => (string) $place->on($sheet)]) + $this->keyed($with, $place, $sheet)],
            Doing::Table => $this->onTables($step, $place, $sheet),
            Doing::Lines => [['spans' => self::spans($step, $sheet)] + $with],
            Doing::Rule => [($step->at === null ? [] : ['where' => ['cells' => (string) $place->on($sheet)]]) + ['id' => null] + $with],
            default => [$with],
        };
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function keyed(array $with, Place $place, Worksheet $sheet): array
    {
        if (! is_string($with['key'] ?? null)) {
            return $with;
        }
        foreach ($this->tables($place, $sheet) as $table) {
            foreach ($table->columns as $column) {
                if ($column->isHeaded($with['key'])) {
                    return ['key' => $column->column] + $with;
                }
            }
        }
        throw RoutineIsWrong::noHeading($with['key'], $sheet->name);
    }

    /** @return non-empty-list<TableReading> with rows */
    private function tables(Place $place, Worksheet $sheet): array
    {
        $tables = array_values(array_filter($place->tables($sheet), fn (TableReading $table) => $table->firstBodyRow() !== null));

        return $tables === [] ? throw RoutineIsWrong::noPlace('A table with rows', $sheet->name) : $tables;
    }

    /**
     * A table without the columns is left as it is where another one has them.
     *
     * @return list<array<string, mixed>>
     */
    private function onTables(Step $step, Place $place, Worksheet $sheet): array
    {
        $given = [];
        $fault = null;
        foreach ($this->tables($place, $sheet) as $table) {
            try {
                $given[] = $this->onTable($step, $table, $sheet);
            } catch (RoutineIsWrong $wrong) {
                $fault ??= $wrong;
            }
        }

        return $given === [] && $fault !== null ? throw $fault : $given;
    }

    /** @return array<string, mixed> */
    private function onTable(Step $step, TableReading $table, Worksheet $sheet): array
    {
        $given = ['row' => (int) $table->firstBodyRow(), 'column' => $table->range->left] + $step->with;
        if ($step->does !== 'sort') {
            return $given + ['axis' => 'columns'];
        }
        $keys = [];
        foreach (is_array($step->with['keys'] ?? null) ? $step->with['keys'] : [] as $key) {
            $heading = is_array($key) && is_string($key[0] ?? null) ? $key[0] : '';
            $at = null;
            foreach ($table->columns as $column) {
                $at ??= $column->isHeaded($heading) ? $column->column : null;
            }
            $keys[] = [$at ?? throw RoutineIsWrong::noHeading($heading, $sheet->name), is_array($key) && ($key[1] ?? false) === true];
        }

        return ['keys' => $keys] + $given;
    }

    /** @return list<array{int, int}> */
    private static function spans(Step $step, Worksheet $sheet): array
    {
        $isOfColumns = ($step->with['axis'] ?? null) !== 'rows';
        if ($step->at === null) {
            return [[1, $isOfColumns ? min(Address::COLUMNS, max(1, $sheet->cells->columns())) : min(Address::ROWS, max(1,
                $sheet->cells->rows()))]];
        }
        $spans = array_map(fn (Range $range) => $isOfColumns ? [$range->left, $range->right] : [$range->top, $range->bottom],
            $step->at->on($sheet)->all());

        return array_values(array_unique($spans, SORT_REGULAR));
    }
}
