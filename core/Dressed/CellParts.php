<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Formula\FormulaRuns;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeIndex;
use Rilvet\Grid\RangeSet;
use Rilvet\Guard\SaidCells;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/**
 * Which single cells are formulas, choices or entries. Formulas are found by the runs that are kept of them, choices by the checks
 * on entry; entries are the other cells of the body of a table that has formulas or prompts too, and cells that came unlocked.
 */
final class CellParts
{
    /** Share of the filled cells of a column that are formulas, from which on it is a column of formulas. */
    private const MOSTLY = 0.5;

    /** @var array<int, list<array{int, int}>> first and last row of formulas, by column */
    private readonly array $formulas;

    private readonly RangeIndex $tables;

    private readonly RangeIndex $choices;

    private readonly SaidCells $said;

    /** @var array<int, array<int, true>> columns of formulas, as keys, by the number of their table; tables without entries are left out */
    private array $asking = [];

    /** @var array<int, bool> whether what came with the file opens a cell, by the number of the look */
    private array $unlocked = [];

    /** @var list<Range> */
    private array $choiceRanges = [];

    public function __construct(private readonly Worksheet $sheet, private readonly LookBook $looks)
    {
        $this->said = $sheet->aspect(SaidCells::class);
        $this->tables = new RangeIndex;
        $this->choices = new RangeIndex;
        foreach ($sheet->reading->tables as $number => $table) {
            $this->tables->add($number, $table->range);
        }
        $this->formulas = FormulaRuns::places($sheet->cells);
        $this->formulaColumns();
        foreach ($sheet->entries() as $number => $check) {
            foreach ($check->isChoice() || $check->hasPrompt() ? $check->where->ranges($sheet->reading) : [] as $range) {
                if ($check->isChoice()) {
                    $this->choices->add($number, $range);
                    $this->choiceRanges[] = $range;
                }
                $table = $check->hasPrompt() ? $this->tables->first($range->top, $range->left) : null;
                $table === null || $this->asking[$table] ??= [];
            }
        }
    }

    /** Whether anything of a sheet's look depends on it. */
    public static function areSeen(Worksheet $sheet): bool
    {
        if (($sheet->stylebook->heads ?? []) !== []) {
            return true;
        }
        foreach ($sheet->rules as $rule) {
            if ($rule->part->isOfCells()) {
                return true;
            }
        }
        foreach (Part::OF_CELLS as $part) {
            if ($sheet->isMarked($part) || $sheet->stylebook?->part($part)->get(Attribute::Locked) !== null
                || $sheet->stylebook?->part($part)->get(Attribute::Concealed) !== null) {
                return true;
            }
        }

        return false;
    }

    public function at(int $row, int $column): ?Part
    {
        if ($this->isFormula($row, $column)) {
            return Part::FormulaCell;
        }
        foreach ($this->said->plain as $range) {
            if ($range->contains($row, $column)) {
                return null;
            }
        }
        if ($this->choiceRanges !== [] && $this->choices->first($row, $column) !== null) {
            return Part::ChoiceCell;
        }
        foreach ($this->said->entries as $range) {
            if ($range->contains($row, $column)) {
                return Part::EntryCell;
            }
        }
        if ($this->isUnlocked($row, $column)) {
            return Part::EntryCell;
        }
        $number = $this->asking === [] ? null : $this->tables->first($row, $column);
        if ($number === null || ! isset($this->asking[$number]) || isset($this->asking[$number][$column])) {
            return null;
        }
        $table = $this->sheet->reading->tables[$number];

        return $table->column($column)?->role === ColumnRole::Data && $table->partAt($row, $column) === Part::Body ? Part::EntryCell : null;
    }

    /** What the body cells of a column of a table are, where most of them are the same. */
    public function ofColumn(TableReading $table, int $column): ?Part
    {
        $row = $table->firstBodyRow();
        if ($row === null) {
            return null;
        }
        $number = $this->tables->first($row, $column);
        $isFormulas = $number !== null && isset($this->asking[$number][$column]);

        return $isFormulas ? Part::FormulaCell
            : ($this->isFormula($row, $column) ? null : $this->at($row, $column));
    }

    public function isFormula(int $row, int $column): bool
    {
        $runs = $this->formulas[$column] ?? null;
        if ($runs === null) {
            return false;
        }
        [$low, $high] = [0, count($runs)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $runs[$middle][0] <= $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low > 0 && $runs[$low - 1][1] >= $row;
    }

    /**
     * The cells of a part, in the bodies and totals of one table and, without one, on the whole sheet.
     *
     * @return list<Range>
     */
    public function ranges(Part $part, ?TableReading $table = null): array
    {
        $within = $table->range ?? Range::of(1, 1, Address::ROWS, Address::COLUMNS);
        $ranges = match ($part) {
            Part::FormulaCell => $this->formulaRanges(),
            Part::ChoiceCell => $this->choiceRanges,
            Part::EntryCell => $table !== null ? $this->entries($table)
                : array_merge(...array_map($this->entries(...), $this->sheet->reading->tables)),
            default => [],
        };

        return array_values(array_filter(array_map(fn (Range $range) => $range->clip($within), $ranges)));
    }

    /**
     * Rows from which on single cells are of other parts than above.
     *
     * @return list<int>
     */
    public function starts(): array
    {
        $starts = [];
        foreach ($this->formulas as $runs) {
            foreach ($runs as [$first, $last]) {
                array_push($starts, $first, $last + 1);
            }
        }
        foreach ([...$this->choiceRanges, ...$this->said->entries, ...$this->said->plain] as $range) {
            array_push($starts, $range->top, $range->bottom + 1);
        }

        return $starts;
    }

    /**
     * Cells that hold something by themselves where their whole column is formulas.
     *
     * @return array{int, list<Range>} how many, and the first of them
     */
    public function constants(int $most): array
    {
        [$count, $found] = [0, []];
        foreach ($this->asking as $number => $columns) {
            $table = $this->sheet->reading->tables[$number];
            foreach (array_keys($columns) as $column) {
                foreach ($table->runs as $run) {
                    if ($run->part !== Part::Body) {
                        continue;
                    }
                    foreach ($this->gaps($column, $run->first, $run->last) as [$first, $last]) {
                        foreach ($this->sheet->cells->read($first, $last, $column, $column) as $row => $cells) {
                            if (! ($cells[$column - 1]->isBlank()) && ++$count <= $most) {
                                $found[] = Range::of($row, $column, $row, $column);
                            }
                        }
                    }
                }
            }
        }

        return [$count, $found];
    }

    private function isUnlocked(int $row, int $column): bool
    {
        $look = $this->sheet->clean ? 0 : $this->sheet->file->at($row, $column);

        return $look !== 0 && ($this->unlocked[$look] ??= $this->looks->look($look)->get(Attribute::Locked) === false);
    }

    private function formulaColumns(): void
    {
        $counts = [];
        foreach ($this->formulas as $column => $runs) {
            foreach ($runs as [$first, $last]) {
                $number = $this->tables->first($first, $column);
                if ($number !== null) {
                    $counts[$number][$column] = ($counts[$number][$column] ?? 0) + $last - $first + 1;
                }
            }
        }
        foreach ($counts as $number => $columns) {
            $table = $this->sheet->reading->tables[$number];
            $body = array_sum(array_map(fn ($run) => $run->part === Part::Body ? $run->last - $run->first + 1 : 0, $table->runs));
            foreach ($columns as $column => $count) {
                // A formula that is a total alone says nothing of the cells above it.
                if ($body > 0 && $count / $body > self::MOSTLY) {
                    $this->asking[$number][$column] = true;
                } else {
                    $this->asking[$number] ??= [];
                }
            }
        }
    }

    /** @return list<Range> */
    private function formulaRanges(): array
    {
        $ranges = [];
        foreach ($this->formulas as $column => $runs) {
            $open = null;
            foreach ($runs as [$first, $last]) {
                if ($open !== null && $first <= $open[1] + 1) {
                    $open[1] = max($open[1], $last);

                    continue;
                }
                $open === null || $ranges[] = Range::of($open[0], $column, $open[1], $column);
                $open = [$first, $last];
            }
            $open === null || $ranges[] = Range::of($open[0], $column, $open[1], $column);
        }

        return self::joined($ranges);
    }

    /**
     * Columns side by side that reach over the same rows are one range.
     *
     * @param  list<Range>  $ranges
     * @return list<Range>
     */
    private static function joined(array $ranges): array
    {
        $byRows = [];
        foreach ($ranges as $range) {
            $byRows["$range->top.$range->bottom"][] = $range;
        }
        $joined = [];
        foreach ($byRows as $alike) {
            usort($alike, fn (Range $one, Range $other) => $one->left <=> $other->left);
            $open = array_shift($alike);
            foreach ($alike as $range) {
                if ($range->left === $open->right + 1) {
                    $open = Range::of($open->top, $open->left, $open->bottom, $range->right);
                } else {
                    $joined[] = $open;
                    $open = $range;
                }
            }
            $joined[] = $open;
        }
        usort($joined, fn (Range $one, Range $other) => [$one->top, $one->left] <=> [$other->top, $other->left]);

        return $joined;
    }

    /** @return list<Range> entries of a table, as far as whole stretches of columns are such */
    private function entries(TableReading $table): array
    {
        $number = array_search($table, $this->sheet->reading->tables, true);
        $ranges = array_values(array_filter(array_map(fn (Range $range) => $range->clip($table->range), $this->said->entries)));
        foreach ($number === false || ! isset($this->asking[$number]) ? [] : $table->columns as $column) {
            if ($column->role !== ColumnRole::Data || isset($this->asking[$number][$column->column])) {
                continue;
            }
            foreach ($table->runs as $run) {
                foreach ($run->part === Part::Body ? $this->gaps($column->column, $run->first, $run->last) : [] as [$first, $last]) {
                    $ranges[] = Range::of($first, $column->column, $last, $column->column);
                }
            }
        }
        foreach ([...$this->said->plain, ...$this->choiceRanges] as $taken) {
            if ($taken->meets($table->range)) {
                $ranges = self::minus($ranges, $taken);
            }
        }

        return self::joined($ranges);
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<Range>
     */
    private static function minus(array $ranges, Range $taken): array
    {
        $left = [];
        foreach ($ranges as $range) {
            array_push($left, ...($range->meets($taken) ? RangeSet::of($range)->without($taken)->all() : [$range]));
        }

        return $left;
    }

    /** @return list<array{int, int}> rows of a column without a formula */
    private function gaps(int $column, int $first, int $last): array
    {
        $gaps = [];
        foreach ($this->formulas[$column] ?? [] as [$from, $to]) {
            if ($to < $first) {
                continue;
            }
            if ($from > $last) {
                break;
            }
            $from > $first && $gaps[] = [$first, $from - 1];
            $first = $to + 1;
        }
        $first <= $last && $gaps[] = [$first, $last];

        return $gaps;
    }
}
