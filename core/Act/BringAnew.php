<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Address;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Sheet;
use Rilvet\Guard\Allowance;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\Choices;
use Rilvet\Renew\NewData;
use Rilvet\Renew\Pair;
use Rilvet\Renew\Plain;
use Rilvet\Renew\Plan;
use Rilvet\Renew\Planner;
use Rilvet\Renew\RenewIsWrong;
use Rilvet\Work\FileHints;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Brings newer data of the same kind into a table. Its parts grow and shrink; what was given to a row follows that row;
 * formulas go on over the rows that are new, and what looked at all rows looks at all of them still.
 */
final class BringAnew implements Act
{
    /** Edits that lie over the blocks of a sheet; of more, blocks are written. */
    private const EDITS = 100_000;

    private ?Worksheet $planned = null;

    private ?Plan $plan = null;

    /**
     * @param  int  $row  of a cell of the table, best of its headings
     */
    public function __construct(
        private readonly int $sheet,
        private readonly int $row,
        private readonly int $column,
        private readonly NewData $data,
        private readonly Choices $choices = new Choices,
    ) {
    }

    /** What it would come to, for a person to see before it is kept. */
    public function plan(Workbook $workbook): Plan
    {
        $sheet = $workbook->sheet($this->sheet);
        if ($this->plan === null || $this->planned !== $sheet) {
            $this->plan = Planner::plan($sheet, $this->table($sheet), $workbook->from1904, $this->data, $this->choices);
            $this->planned = $sheet;
        }

        return $this->plan;
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet, Allowance::PutRows, Allowance::TakeRows, Allowance::DressCells);
        $plan = $this->plan($workbook);
        if ($plan->isNothing()) {
            return $workbook;
        }
        $rows = $sheet->cells->rows() + $plan->countNew() - count($plan->gone);
        $rows <= Address::ROWS || throw RenewIsWrong::tooLong($rows, Address::ROWS);
        $into = array_filter($plan->pairs, fn (Pair $pair) => $pair->carries() && $pair->to !== null);
        $sums = TypedSums::of($sheet, $this->table($sheet), array_values(array_map(fn (Pair $pair) => (int) $pair->to, $into)));
        $filled = FilledDown::of($sheet, $this->table($sheet), $plan);
        $places = NewPlaces::of($this->table($sheet), $plan);
        $moved = MovedTable::rows($workbook, $this->sheet, $this->row, $this->column, $plan, $places, $filled);
        $columns = NewColumns::of($this->table($sheet), $plan);
        $moved = MovedTable::columns($moved, $this->sheet, $this->row, $this->column, $columns);
        $sheet = $moved->sheet($this->sheet);
        $first = (int) $this->table($workbook->sheet($this->sheet))->firstBodyRow();
        $new = array_fill_keys(array_intersect_key($places->byNew, $places->isNew), true);
        $formulas = $filled->edits($sheet, $this->table($sheet), $columns, $new, $places->where($first, $plan));
        $cells = $this->written($sheet, $plan, $places, $columns, $workbook->from1904, $formulas);
        $sheet = $sheet->readAs($sheet->found, $cells, $sheet->typing);
        $sheet = $sums->on($sheet, $this->table($sheet), $columns);
        $moved = $moved->withSheet($this->sheet, $sheet);

        return $moved->withSheet($this->sheet, $this->readAnew($sheet, $moved));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->renewing(Address::of($this->row, $this->column))->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return 'Data: '.$this->plan($workbook)->words()." from {$this->data->name}, {$workbook->sheet($this->sheet)->name}";
    }

    private function table(Worksheet $sheet): TableReading
    {
        return $sheet->reading->tableAt($this->row, $this->column) ?? throw RenewIsWrong::noTable();
    }

    /**
     * The cells with the new values in them.
     *
     * @param  array<int, array<int, Cell>>  $formulas  that go on, by row and column
     */
    private function written(Worksheet $sheet, Plan $plan, NewPlaces $places, NewColumns $columns, bool $from1904, array $formulas): Sheet
    {
        $table = $this->table($sheet);
        $cells = $sheet->cells;
        $edits = $this->headings($table, $plan, $columns);
        $carry = $fresh = $into = [];
        foreach ($plan->pairs as $pair) {
            if ($pair->carries() && $pair->from !== null) {
                $kind = $pair->to === null ? null : $table->column($columns->to[$pair->from])?->kind;
                $carry[$pair->from] = Plain::into($kind, $this->data->from1904, $from1904, $sheet->typing !== null);
                $pair->to === null ? $fresh[] = $pair->from : $into[$pair->to] = $pair->from;
            }
        }
        $all = array_keys($carry);
        $count = 0;
        $reads = $this->data->sheet->cells instanceof BlockSheet ? $this->data->sheet->typing : null;
        // A column that reads texts as the other does keeps them as they came.
        $alike = array_filter($columns->to, fn (int $to, int $from) => $reads !== null && $sheet->typing !== null
            && ($reads->columns[$from] ?? null) == ($sheet->typing->columns[$to] ?? null), ARRAY_FILTER_USE_BOTH);
        foreach ($this->data->rawRows() as $from => $line) {
            $row = $places->byNew[$from] ?? null;
            if ($row === null) {
                continue;
            }
            $isNew = isset($places->isNew[$from]);
            $wanted = $isNew ? $all : $fresh;
            foreach ($isNew ? [] : $plan->changed[$places->oldOf[$from] ?? 0] ?? [] as $column) {
                $wanted[] = $into[$column];
            }
            foreach ($wanted as $column) {
                $stored = $line[$column - 1] ?? null;
                if (is_string($stored) && isset($alike[$column])) {
                    $edits[$row][$columns->to[$column]] = $sheet->typing?->cell($alike[$column], $stored) ?? Cell::of($stored);

                    continue;
                }
                $value = is_string($stored) && $reads !== null ? $reads->cell($column, $stored)->value : $stored;
                $edits[$row][$columns->to[$column]] = $carry[$column]->cell($value);
            }
            $count += count($wanted);
            if ($count > self::EDITS) {
                $cells = self::flattened($cells, $edits);
                [$edits, $count] = [[], 0];
            }
        }

        // Formulas lie on top, where it is seen that they are new.
        foreach ($formulas as $row => $line) {
            $edits[$row] = $line + ($edits[$row] ?? []);
        }

        return $edits === [] ? $cells : new EditedSheet($cells, $edits);
    }

    /** @param  array<int, array<int, Cell>>  $edits */
    private static function flattened(Sheet $cells, array $edits): Sheet
    {
        $edited = new EditedSheet($cells, $edits);

        return BlockChange::flat($edited) ?? $edited;
    }

    /** @return array<int, array<int, Cell>> headings of the columns that are new, by row and column */
    private function headings(TableReading $table, Plan $plan, NewColumns $columns): array
    {
        $row = $table->lastHeadRow();
        $edits = [];
        foreach ($plan->newColumns() as $pair) {
            if ($row !== null && $pair->from !== null && $pair->heading !== '') {
                $edits[$row][$columns->to[$pair->from]] = Cell::kept($pair->heading);
            }
        }

        return $edits;
    }

    /** Kinds and lengths follow what the columns hold now; which rows are what is known. */
    private function readAnew(Worksheet $sheet, Workbook $workbook): Worksheet
    {
        $facts = SheetFacts::onDemand($sheet->cells, FileHints::of($sheet, $workbook, $this->sheet));
        $found = $sheet->found;
        foreach ($found->tables as $table) {
            if ($table->range->contains($this->row, $this->column)) {
                $found = $found->replace($table, Finder::again($facts, $table));
            }
        }

        return ReadAnew::columns($sheet->readAs($found, $sheet->cells, $sheet->typing), $workbook, $this->sheet);
    }
}
