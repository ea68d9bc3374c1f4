<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\Graph;
use Rilvet\Formula\Meaning;
use Rilvet\Formula\MovedRun;
use Rilvet\Formula\Reference;
use Rilvet\Formula\References;
use Rilvet\Formula\Scope;
use Rilvet\Formula\Spans;
use Rilvet\Formula\Values;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Intake\SheetTyping;
use Rilvet\Work\Aspect\Origin;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Which cells hold something else after an act than before, as formulas see it. */
final class ChangedCells
{
    /** Functions that say where something stands. */
    private const PLACES = ['ROW', 'COLUMN', 'CELL', 'SHEET', 'SHEETS', 'ADDRESS', 'FORMULATEXT'];

    /** @var array<int, list<Range>> by sheet */
    public array $cells = [];

    /** @var array<int, Range> cells whose rows have changed places, by sheet */
    public array $sorted = [];

    /** @var array<int, array<int, array<int, true>>> formulas that are new, or look at more or fewer cells: by sheet, row, column */
    private array $formulas = [];

    private readonly ?Shift $shift;

    /** @var list<int> sheets on which it moves places */
    private readonly array $moved;

    /**
     * What was done, the last thing first, by sheet that new data has come into; null where that is not known.
     *
     * @var array<int, list<Shift|RowOrder>|null>
     */
    private readonly array $renewed;

    private readonly Scope $was;

    private readonly Scope $is;

    public function __construct(Reach $reach, private readonly Workbook $before, private readonly Workbook $after)
    {
        $shift = $this->shift = $reach->shift;
        $this->moved = $reach->moved;
        $this->was = $before->scope();
        $this->is = $after->scope();
        $renewed = [];
        foreach ($reach->renewed as $sheet => $cell) {
            $renewed[$sheet] = self::moves($before->sheet($sheet), $after->sheet($sheet));
            // What looks at all rows of it looks at others now, though none of them may say something else.
            $body = $renewed[$sheet] === [] ? null : $after->sheet($sheet)->reading->tableAt($cell->row, $cell->column)?->bodyRange();
            if ($body !== null) {
                $this->cells[$sheet][] = $body;
            }
        }
        $this->renewed = $renewed;
        foreach ($reach->sorted as $sheet => $cell) {
            $body = $before->sheet($sheet)->reading->tableAt($cell->row, $cell->column)?->bodyRange();
            if ($body !== null) {
                $this->cells[$sheet][] = $this->sorted[$sheet] = $body;
            }
        }
        if ($shift !== null) {
            array_map(fn (int $moving) => $this->resizedBy($moving, $shift), $this->moved);
        }
        foreach ($after->sheets as $number => $sheet) {
            $old = $before->sheets[$number] ?? null;
            if ($old === null || $old === $sheet) {
                continue;
            }
            $old->cells === $sheet->cells || $this->compare($number, $sheet);
            if ($old->typing !== $sheet->typing && $this->shift === null && $sheet->cells->rows() > 0) {
                $this->typed($number, $old->typing, $sheet);
            }
        }
    }

    public function isNothing(): bool
    {
        return $this->cells === [] && $this->formulas === [] && $this->shift === null;
    }

    /**
     * Where a cell stood before.
     *
     * @return array{int, int}|null row and column; null where it was not there
     */
    public function place(int $sheet, int $row, int $column): ?array
    {
        if (array_key_exists($sheet, $this->renewed)) {
            return self::back($this->renewed[$sheet], $row, $column);
        }
        if ($this->shift === null || ! in_array($sheet, $this->moved, true)) {
            return [$row, $column];
        }
        $place = $this->shift->inverse()->place($this->shift->rows ? $row : $column);

        return $place === null ? null
            : ($this->shift->rows ? [$place, $column] : [$row, $place]);
    }

    /** Whether a formula means what it meant: it is the same, or says the same of places that moved. */
    public function isSameFormula(Cell $was, Cell $is, int $sheet): bool
    {
        return $is->formula !== null &&
            ($was->formula === $is->formula
                || (($this->shift !== null || $this->renewed !== []) && $is->value === $was->value && $is->error === $was->error));
    }

    /** @return list<Shift|RowOrder>|null the last thing first */
    private static function moves(Worksheet $before, Worksheet $after): ?array
    {
        return $after->aspect(Origin::class)->fingerprint === null ? null
            : array_reverse(array_slice($after->moves, count($before->moves)));
    }

    /**
     * @param  list<Shift|RowOrder>|null  $moves
     * @return array{int, int}|null
     */
    private static function back(?array $moves, int $row, int $column): ?array
    {
        if ($moves === null) {
            return null;
        }
        foreach ($moves as $move) {
            if ($move instanceof RowOrder) {
                $row = $move->hasColumn($column) ? $move->from[$row] ?? $row : $row;

                continue;
            }
            $place = $move->inverse()->place($move->rows ? $row : $column);
            if ($place === null) {
                return null;
            }
            [$row, $column] = $move->rows ? [$place, $column] : [$row, $place];
        }

        return [$row, $column];
    }

    /**
     * Formulas that have to be calculated for their own sake.
     *
     * @return array<int, Spans> rows by run
     */
    public function formulas(Graph $graph): array
    {
        $own = [];
        $names = $this->resized();
        // By column and in order, so that thousands of runs do not look at thousands of formulas each.
        $rows = [];
        foreach ($this->formulas as $sheet => $lines) {
            ksort($lines);
            foreach ($lines as $row => $columns) {
                foreach ($columns as $column => $_) {
                    $rows[$sheet][$column][] = $row;
                }
            }
        }
        foreach ($graph->runs as $number => [$sheet, $run, $meaning]) {
            $list = $rows[$sheet][$run->column] ?? [];
            for ($at = self::firstFrom($list, $run->first); $at < count($list) && $list[$at] <= $run->last; $at++) {
                ($own[$number] ??= new Spans)->add($list[$at], $list[$at]);
            }
            $saysPlaces = array_intersect(self::PLACES, array_keys($meaning->calls)) !== [];
            $cameAlong =
                $saysPlaces &&
                isset($this->sorted[$sheet]) &&
                $this->sorted[$sheet]->meets(Range::of($run->first, $run->column, $run->last, $run->column));
            $all =
                $cameAlong ||
                ($this->shift !== null && ($saysPlaces || (! $this->shift->in && $this->losesWithin($meaning)))) ||
                ($names !== '' && preg_match($names, $run->formula) === 1);
            $all && ($own[$number] ??= new Spans())->add($run->first, $run->last);
        }

        return $own;
    }

    /**
     * Where in a sorted list the first row stands that is not above another.
     *
     * @param  list<int>  $rows
     */
    private static function firstFrom(array $rows, int $row): int
    {
        [$low, $high] = [0, count($rows)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $rows[$middle] < $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low;
    }

    /** Formulas that look at more or fewer cells since rows or columns of a sheet have moved. */
    private function resizedBy(int $moving, Shift $shift): void
    {
        $references = new References($shift, $this->before->sheet($moving)->name);
        foreach ($this->before->sheets as $number => $sheet) {
            foreach (MovedRun::of(FormulaRuns::of($sheet->cells), $references, $shift, $number === $moving) as $moved) {
                for ($row = $moved->run->first; $moved->isResized && $row <= $moved->run->last; $row++) {
                    $this->formulas[$number][$row][$moved->run->column] = true;
                }
            }
        }
    }

    private function compare(int $number, Worksheet $sheet): void
    {
        $edits = [];
        for ($cells = $sheet->cells; $cells instanceof EditedSheet; $cells = $cells->beneath) {
            foreach ($cells->edits as $row => $line) {
                $edits[$row] = ($edits[$row] ?? []) + $line;
            }
        }
        ksort($edits);
        $old = new Values([$number => $this->before->sheet($number)->cells], INF);
        foreach ($edits as $row => $line) {
            foreach ($line as $column => $cell) {
                if (isset($this->sorted[$number]) && $this->sorted[$number]->contains($row, $column)) {
                    continue;
                }
                $place = $this->place($number, $row, $column);
                $was = $place === null ? Cell::blank() : $old->at($number, ...$place);
                if ($cell->formula !== null) {
                    $isOnlySaid =
                        $was->formula !== null &&
                        ($cell->value !== null || $cell->error !== null) &&
                        $cell->value === $was->value &&
                        $cell->error === $was->error;
                    if (! $isOnlySaid || ! $this->looksAtAsMuch($number, $was, $cell, $place ?? [$row, $column], [$row, $column])) {
                        $this->formulas[$number][$row][$column] = true;
                    }
                } elseif (! $cell->sameDataAs($was)) {
                    $this->cells[$number][] = Range::of($row, $column, $row, $column);
                }
            }
        }
        $this->cells[$number] = self::gathered($this->cells[$number] ?? []);
        if ($this->cells[$number] === []) {
            unset($this->cells[$number]);
        }
    }

    /**
     * Many cells as the rectangle around them.
     *
     * @param  list<Range>  $ranges
     * @return list<Range>
     */
    private static function gathered(array $ranges): array
    {
        return count($ranges) <= 2_000
            ? $ranges
            : [array_reduce(array_slice($ranges, 1), fn (Range $all, Range $range) => $all->around($range), $ranges[0])];
    }

    /**
     * Whether a formula that says its places anew looks at as many cells as it did.
     *
     * @param  array{int, int}  $from
     * @param  array{int, int}  $to
     */
    private function looksAtAsMuch(int $sheet, Cell $was, Cell $is, array $from, array $to): bool
    {
        if ($this->shift !== null) {
            // Where places moved, only whether a range grew or shrank matters, and the move itself tells.
            foreach ($this->moved as $moved) {
                if (
                    (new References($this->shift, $this->before->sheet($moved)->name))->resizes((string) $was->formula, $sheet === $moved)
                ) {
                    return false;
                }
            }

            return true;
        }

        return substr_count((string) $is->formula, '#REF!') === substr_count((string) $was->formula, '#REF!') &&
            self::sizes(Meaning::of((string) $was->formula, $this->was, $sheet, ...$from)) ===
                self::sizes(Meaning::of((string) $is->formula, $this->is, $sheet, ...$to));
    }

    /** @return list<array{int, int}> rows and columns of what it looks at */
    private static function sizes(Meaning $meaning): array
    {
        return array_map(fn (Reference $reference) => [$reference->range->rows(), $reference->range->columns()], $meaning->references);
    }

    /** Whether rows or columns were taken out of what it looks at without its text saying so: whole columns are as long as ever. */
    private function losesWithin(Meaning $meaning): bool
    {
        foreach ($meaning->references as $reference) {
            $range = $reference->range;
            if (
                in_array($reference->sheet, $this->moved, true) &&
                ($range->rows() === Address::ROWS || $range->columns() === Address::COLUMNS)
            ) {
                return true;
            }
        }

        return false;
    }

    /** An expression for names and tables that mean more or fewer cells than before; empty where none does. */
    private function resized(): string
    {
        $words = [];
        $sizes = fn (string $refers, Scope $scope) => self::sizes(Meaning::of($refers, $scope, 1, 1, 1));
        foreach ($this->after->names as $name => $refers) {
            $was = $this->before->names[$name] ?? null;
            if (
                $was !== $refers &&
                ($was === null || $sizes($was, $this->was) !== $sizes($refers, $this->is) || str_contains($refers, '#REF!'))
            ) {
                $words[] = preg_quote((string) $name, '~');
            }
        }
        foreach ($this->before->tables as $name => $table) {
            $now = $this->after->tables[$name] ?? null;
            if ($now === null || $now->range->rows() !== $table->range->rows()) {
                $words[] = preg_quote((string) $name, '~');
            }
        }

        return $words === [] ? '' : '~(?<![\p{L}\p{N}_.])(?:'.implode('|', $words).')(?![\p{L}\p{N}_.])~iu';
    }

    private function typed(int $number, ?SheetTyping $old, Worksheet $sheet): void
    {
        for ($column = 1; $column <= $sheet->cells->columns(); $column++) {
            if (($old->columns[$column] ?? null) != ($sheet->typing->columns[$column] ?? null)) {
                $this->cells[$number][] = Range::of(1, $column, $sheet->cells->rows(), $column);
            }
        }
    }
}
