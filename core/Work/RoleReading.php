<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Formula\FormulaRuns;
use Rilvet\Guard\Role;
use Rilvet\Guard\SaidCells;
use Rilvet\Guard\SheetRole;
use Rilvet\Look\Attribute;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/** What a sheet is for, read from what it holds; said by a person it is what they say. */
final readonly class RoleReading
{
    /** Share of the cells of tables that are formulas, from which on a sheet is there to work something out. */
    private const WORKED_OUT = 0.6;

    /** Rows up to which words in a few columns are a list of choices. */
    private const SHORT = 300;

    private function __construct(public Role $role, public string $why, public bool $isSaid = false)
    {
    }

    /** @param  bool  $isOffered  another sheet takes its choices from it */
    public static function of(Worksheet $sheet, Workbook $workbook, bool $isOffered = false): self
    {
        $said = $sheet->aspect(SheetRole::class)->role;
        if ($said !== null) {
            return new self($said, 'as somebody said', true);
        }
        $tables = $sheet->reading->tables;
        if ($isOffered) {
            return new self(Role::Lists, 'other sheets take their choices from it');
        }
        foreach ($sheet->entries() as $check) {
            if (($check->isChoice() || $check->hasPrompt()) && $check->where->ranges($sheet->reading) !== []) {
                return new self(Role::Entry, 'cells of it offer choices or say what is wanted');
            }
        }
        if ($sheet->aspect(SaidCells::class)->entries !== [] || self::isOpened($sheet, $workbook)) {
            return new self(Role::Entry, 'cells of it are open to be filled in');
        }
        $rows = fn (TableReading $table) => $table->range->rows() > 1 && array_filter($table->columns,
            fn (ColumnReading $column) => $column->kind !== ColumnKind::LongText) !== [];
        $tables = array_values(array_filter($tables, $rows));
        if ($tables === []) {
            return new self(Role::Notes, 'it holds words and no table');
        }
        $cells = array_sum(array_map(fn (TableReading $table) => $table->range->cells(), $tables));
        $formulas = array_sum(array_map(fn ($run) => $run->last - $run->first + 1, FormulaRuns::of($sheet->cells)));
        if ($formulas / max(1, $cells) > self::WORKED_OUT) {
            return new self(Role::Calculation, 'most of its cells are formulas');
        }
        if (self::isWords($tables)) {
            return new self(Role::Lists, 'it holds short lists of words');
        }
        foreach ($tables as $table) {
            foreach ($table->runs as $run) {
                if (in_array($run->part, [Part::Total, Part::Subtotal, Part::RowGroup], true)) {
                    return new self(Role::Report, 'its rows are grouped or summed');
                }
            }
        }

        return new self(Role::Data, 'rows of one kind, as they were kept');
    }

    /**
     * Roles of all sheets of a workbook.
     *
     * @return array<int, self> by the number of the sheet
     */
    public static function all(Workbook $workbook): array
    {
        $offered = [];
        foreach ($workbook->sheets as $sheet) {
            foreach ($sheet->entries() as $check) {
                foreach ($check->isChoice() && $check->typed() === null ? $check->of : [] as $formula) {
                    if (preg_match('/^(?:\'((?:[^\']|\'\')+)\'|([^\'!]+))!/', $formula, $found) === 1) {
                        $offered[mb_strtolower(str_replace("''", "'", $found[1] !== '' ? $found[1] : $found[2]))] = true;
                    }
                }
            }
        }
        $roles = [];
        foreach ($workbook->sheets as $number => $sheet) {
            $roles[$number] = self::of($sheet, $workbook, isset($offered[mb_strtolower($sheet->name)]));
        }

        return $roles;
    }

    private static function isOpened(Worksheet $sheet, Workbook $workbook): bool
    {
        foreach ($sheet->file->runs() as $runs) {
            foreach ($runs as [, , $look]) {
                if ($look !== 0 && $workbook->looks->look($look)->get(Attribute::Locked) === false) {
                    return true;
                }
            }
        }

        return array_filter($sheet->rules, fn (PartRule $rule) => $rule->part === Part::EntryCell
            && $rule->look->get(Attribute::Locked) === false) !== [];
    }

    /** @param  non-empty-list<TableReading>  $tables */
    private static function isWords(array $tables): bool
    {
        $wordy = [ColumnKind::Text, ColumnKind::Category, ColumnKind::Code, ColumnKind::None];
        foreach ($tables as $table) {
            $rows = array_sum(array_map(fn (RowRun $run) => $run->rows(), $table->runs));
            $others = array_filter($table->columns, fn (ColumnReading $column) => ! in_array($column->kind, $wordy, true));
            if (count($table->columns) > 3 || $others !== [] || $rows > self::SHORT) {
                return false;
            }
        }

        return true;
    }
}
