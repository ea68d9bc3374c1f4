<?php

declare(strict_types=1);

namespace App\Wire\Repeat;

use App\Wire\Arguments;
use Rilvet\Act\Act;
use Rilvet\Check\MendFindings;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Reading\TableReading;
use Rilvet\Refusal;
use Rilvet\Routine\Doing;
use Rilvet\Routine\Place;
use Rilvet\Routine\Step;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * What an act that was asked for would be as a step of a routine: its addresses said by what stands there, with the reading that
 * the sheet had then.
 */
final readonly class Recorder
{
    /** Arguments that say where, and what belongs to one asking alone. */
    private const WHERE = ['sheets' => 0, 'ranges' => 0, 'row' => 0, 'column' => 0, 'spans' => 0, 'keys' => 0, 'key' => 0, 'where' => 0,
        'id' => 0, 'password' => 0, 'from' => 0, 'fromSheet' => 0, 'pairs' => 0, 'without' => 0, 'version' => 0, 'over' => 0,
        'beside' => 0];

    /** @param  array<int, string>  $names  of all sheets of the workbook, by their number */
    private function __construct(private Act $act, private Workbook $workbook, private int $number, private array $names)
    {
    }

    /**
     * @param  string  $name  by which the act was asked for
     * @param  array<array-key, mixed>  $given  arguments as they came
     * @param  array<int, string>  $names  of all sheets of the workbook, by their number
     * @return Step|null null for what cannot be done again elsewhere
     */
    public static function step(string $name, array $given, Act $act, Workbook $workbook, int $number, array $names): ?Step
    {
        $does = ['bringAnew' => 'bringIn', 'mend' => 'fix'][$name] ?? $name;
        if (! isset(Doing::ALL[$does]) || ($does === 'hide' && ($given['axis'] ?? '') === 'rows')) {
            return null;
        }
        try {
            return (new self($act, $workbook, $number, $names))->made($does, $given);
        } catch (Refusal) {
            return null;
        }
    }

    /** @param  array<array-key, mixed>  $given */
    private function made(string $does, array $given): ?Step
    {
        $sheet = $this->workbook->sheet($this->number);
        $with = array_diff_key(array_combine(array_map(strval(...), array_keys($given)), array_values($given)), self::WHERE);
        $with = array_filter($with, fn (mixed $value) => $value !== null);
        $sheets = $this->sheets($given['sheets'] ?? null);
        $isOfPart = ($given['scope'] ?? null) === 'here';
        if ($does === 'bringIn') {
            $key = $given['key'] ?? null;

            return new Step($does, $this->tablePlace($sheet, $given), $sheets, array_filter($with, fn ($value) => $value !== false)
                + (is_array($key) ? ['key' => array_values($key)] : []));
        }
        if ($does === 'fix') {
            return $this->act instanceof MendFindings ? new Step($does, null, null, ['checks' => $this->act->checks()]) : null;
        }
        if ($does === 'dress') {
            return new Step($does, null, $sheets, ['stylebook' => $given['stylebook'] ?? null] + array_filter($with,
                fn ($one) => $one !== false));
        }

        return match (Doing::ALL[$does]) {
            Doing::Cells => $isOfPart ? new Step($does, null, $sheets, $with) : $this->onCells($does, $sheet, $given, $with, $sheets),
            Doing::Table => new Step($does, $this->tablePlace($sheet, $given), $sheets,
                $with + ($does === 'sort' ? ['keys' => $this->keys($sheet, $given)] : [])),
            Doing::Lines => $this->onLines($does, $sheet, $given, $with, $sheets),
            Doing::Rule => $this->rule($does, $sheet, $given, $with),
            Doing::Sheet => new Step($does, null, $sheets, $does === 'sheet' ? array_diff_key($with, ['name' => 0]) : $with),
            default => new Step($does, null, null, $with),
        };
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  array<string, mixed>  $with
     * @param  list<string>|null  $sheets
     */
    private function onCells(string $does, Worksheet $sheet, array $given, array $with, ?array $sheets): Step
    {
        $ranges = is_string($given['ranges'] ?? null) ? $given['ranges'] : '';
        [$place, $isSure] = Place::of($sheet, Arguments::ranges($ranges));
        if (is_int($given['key'] ?? null)) {
            $with['key'] = $this->heading($sheet, Arguments::ranges($ranges)->all()[0], $given['key']);
        }

        return new Step($does, $place, $sheets, $with, $isSure, mb_strimwidth($ranges, 0, 200, '…'));
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  array<string, mixed>  $with
     * @param  list<string>|null  $sheets
     */
    private function onLines(string $does, Worksheet $sheet, array $given, array $with, ?array $sheets): ?Step
    {
        $isOfColumns = ($given['axis'] ?? null) === 'columns';
        if (($given['all'] ?? false) === true) {
            return new Step($does, null, $sheets, $with);
        }
        $ranges = [];
        foreach (is_array($given['spans'] ?? null) ? $given['spans'] : [] as $span) {
            [$first, $last] = is_array($span) ? array_pad(array_values($span), 2, 0) : [0, 0];
            if (! is_int($first) || ! is_int($last) || $first < 1 || $last < $first) {
                continue;
            }
            foreach ($sheet->reading->tables as $table) {
                $ranges[] = $isOfColumns ? Range::of($table->range->top, $first, $table->range->bottom, $last)->clip($table->range)
                    : Range::of($first, $table->range->left, $last, $table->range->right)->clip($table->range);
            }
        }
        $ranges = array_values(array_filter($ranges));
        if ($ranges === []) {
            return null;
        }
        $cells = RangeSet::of(...$ranges);
        [$place, $isSure] = Place::of($sheet, $cells);

        return $place->cells !== null ? null : new Step($does, $place, $sheets, $with, $isSure, (string) $cells);
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @param  array<string, mixed>  $with
     */
    private function rule(string $does, Worksheet $sheet, array $given, array $with): Step
    {
        $where = is_array($given['where'] ?? null) ? $given['where'] : [];
        $test = is_array($given['test'] ?? null) ? $given['test'] : [];
        $names = $this->sheets([$this->number]);
        if (is_string($where['cells'] ?? null)) {
            [$place, $isSure] = Place::of($sheet, RangeSet::parse((string) preg_replace('/\s+/', ',', trim($where['cells']))));

            return new Step($does, $place, $names, $with, $isSure, $where['cells']);
        }
        if (is_string($where['column'] ?? null)) {
            $cell = Address::parse($where['column']);
            $heading = $sheet->reading->tableAt($cell->row, $cell->column)?->column($cell->column)?->heading;
            $where = $heading === null ? $where : ['part' => 'body', 'heading' => $heading];
        }

        // A formula says addresses, and may mean others elsewhere.
        return new Step($does, null, $names, ['where' => $where] + $with, ($test['is'] ?? null) !== 'formula' && ! isset($where['column']));
    }

    /**
     * @param  array<array-key, mixed>  $given
     */
    private function tablePlace(Worksheet $sheet, array $given): Place
    {
        $tables = $sheet->reading->tables;
        $at = array_search($this->table($sheet, $given), $tables, true);

        return new Place(table: count($tables) > 1 && is_int($at) ? $at + 1 : null);
    }

    /** @param  array<array-key, mixed>  $given */
    private function table(Worksheet $sheet, array $given): ?TableReading
    {
        [$row, $column] = [$given['row'] ?? null, $given['column'] ?? null];

        return is_int($row) && is_int($column) ? $sheet->reading->tableAt($row, $column) : null;
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return list<array{string, bool}> headings of columns, and whether the greatest comes first
     */
    private function keys(Worksheet $sheet, array $given): array
    {
        $table = $this->table($sheet, $given);
        $keys = [];
        foreach (is_array($given['keys'] ?? null) ? $given['keys'] : [] as $key) {
            $heading = is_array($key) && is_int($key[0] ?? null) ? $table?->column($key[0])?->heading : null;
            $heading === null || $keys[] = [$heading, ($key[1] ?? false) === true];
        }

        return $keys;
    }

    private function heading(Worksheet $sheet, Range $range, int $column): ?string
    {
        return $sheet->reading->tableAt($range->top, $column)?->column($column)?->heading;
    }

    /** @return list<string>|null names; null for all */
    private function sheets(mixed $given): ?array
    {
        $numbers = is_array($given) ? array_filter($given, is_int(...))
            : ($given === 'all' ? array_keys($this->names) : [$this->number]);
        if (count($numbers) >= count($this->names)) {
            return null;
        }

        return array_values(array_filter(array_map(fn (int $number) => $this->names[$number] ?? null, array_values($numbers))));
    }
}
