<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Formula\Calculator;
use Rilvet\Formula\Evaluation;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\Graph;
use Rilvet\Formula\Meaning;
use Rilvet\Formula\Scope;
use Rilvet\Formula\Spans;
use Rilvet\Formula\Unsettled;
use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Brings formulas up to date after an act: those that depend on what it changed, and no others. */
final readonly class Recalculate
{
    /** Seconds that a calculation may take within an act; what is left waits for the job behind the screen. */
    public const WITHIN_ACT = 0.3;

    /** Functions that give something else each time, so that what they gave before proves nothing. */
    private const VOLATILE = ['NOW', 'TODAY', 'RAND', 'RANDBETWEEN', 'RANDARRAY'];

    public function __construct(private Calculator $calculator, private float $seconds = self::WITHIN_ACT)
    {
    }

    public function taking(float $seconds): self
    {
        return new self($this->calculator, $seconds);
    }

    public function after(Reach $reach, Workbook $before, Workbook $after): Workbook
    {
        $changes = new ChangedCells($reach, $before, $after);
        if ($changes->isNothing()) {
            return $after;
        }
        // What was typed over is a formula no longer, and needs no mark.
        foreach ($changes->cells as $number => $ranges) {
            $sheet = $after->sheet($number);
            if (! $sheet->unsettled->isEmpty()) {
                $was = $sheet->unsettled;
                $left = new Unsettled(
                    self::replaced($was->waiting, $ranges, []),
                    self::replaced($was->kept, $ranges, []),
                    self::replaced($was->circles, $ranges, []),
                );
                $after =
                    $left->toArray() === $sheet->unsettled->toArray() ? $after : $after->withSheet($number, $sheet->withUnsettled($left));
            }
        }
        $graph = self::graph($after);

        return $graph->isEmpty() ? $after : $this->settled($after, $graph, $changes->cells, $changes->formulas($graph), $changes, $before);
    }

    /** Calculates what waits, until the time is over. */
    public function waiting(Workbook $workbook): Workbook
    {
        $graph = self::graph($workbook);
        $own = [];
        foreach ($graph->runs as $number => [$sheet, $run]) {
            foreach ($workbook->sheet($sheet)->unsettled->waiting as $range) {
                if ($range->hasColumn($run->column) && $range->meetsRows($run->first, $run->last)) {
                    ($own[$number] ??= new Spans())->add(max($range->top, $run->first), min($range->bottom, $run->last));
                }
            }
        }

        return $this->settled($workbook, $graph, [], $own, null, $workbook);
    }

    private static function graph(Workbook $workbook): Graph
    {
        return new Graph(array_map(fn (Worksheet $sheet) => FormulaRuns::of($sheet->cells), $workbook->sheets), $workbook->scope());
    }

    private static function values(Workbook $workbook, float $deadline): Values
    {
        $hiding = array_keys(array_filter($workbook->sheets, fn (Worksheet $sheet) => $sheet->setup->sizes->hiddenRows !== []));

        return new Values(array_map(fn (Worksheet $sheet) => $sheet->cells, $workbook->sheets), $deadline, $hiding);
    }

    /**
     * @param  array<int, list<Range>>  $cells  that changed, by sheet
     * @param  array<int, Spans>  $own  formulas that are to be calculated themselves, by run
     * @param  ChangedCells|null  $changes  null where only what waits is calculated: then nothing before proves anything
     */
    private function settled(Workbook $workbook, Graph $graph, array $cells, array $own, ?ChangedCells $changes, Workbook $before): Workbook
    {
        $affected = $graph->dependants($cells, $own, $changes->sorted ?? []);
        if ($affected === []) {
            return $workbook;
        }
        $deadline = microtime(true) + $this->seconds;
        $values = self::values($workbook, $deadline);
        $old = self::values($before, $deadline);
        $scope = $before->scope();
        $this->calculator->begin($workbook->from1904);
        $evaluation = new Evaluation(
            $graph, $affected, $this->calculator, $values,
            array_map(fn (Worksheet $sheet) => $sheet->unsettled, $workbook->sheets),
            fn (int $sheet, int $row, int $column) => $changes === null || ! $workbook->hasResults
                ? null
                : $this->claimed($changes, $before, $scope, $old, $values, $sheet, $row, $column),
            function (Cell $cell, int $sheet, int $row, int $column) use ($changes, $scope, $old) {
                [$row, $column] = $changes?->place($sheet, $row, $column) ?? [$row, $column];
                $meaning = Meaning::of((string) $cell->formula, $scope, $sheet, $row, $column);

                return $this->calculator->calculate($meaning->text, $meaning, $sheet, $row, $column, $old);
            },
        );
        $evaluation->run();

        return self::written($workbook, $graph, $affected, $values, $evaluation);
    }

    /**
     * What the same formula held before, where that says something of how it is calculated.
     *
     * @return Cell|false|null false where it was kept for no other reason than that calculating it here gives something else
     */
    private function claimed(
        ChangedCells $changes,
        Workbook $before,
        Scope $scope,
        Values $old,
        Values $new,
        int $sheet,
        int $row,
        int $column,
    ): Cell|false|null {
        $place = $changes->place($sheet, $row, $column);
        $was = $place === null ? Cell::blank() : $old->at($sheet, ...$place);
        if (
            $was->formula === null ||
            ($was->value === null && $was->error === null) ||
            ! $changes->isSameFormula($was, $new->at($sheet, $row, $column), $sheet)
        ) {
            return null;
        }
        $meaning = Meaning::of($was->formula, $scope, $sheet, ...$place ?? [$row, $column]);
        if (
            $place !== null &&
            $before->sheet($sheet)->unsettled->keeps(...$place) &&
            ! $meaning->isForeign &&
            $this->calculator->knows($meaning) &&
            ! self::looksAtUnsettled($before, $meaning)
        ) {
            return false;
        }

        return array_intersect(self::VOLATILE, array_keys($meaning->calls)) !== [] ||
            ($place !== null && $before->sheet($sheet)->unsettled->holds(...$place))
            ? null
            : $was;
    }

    private static function looksAtUnsettled(Workbook $workbook, Meaning $meaning): bool
    {
        foreach ($meaning->references as $reference) {
            if (
                ($workbook->sheets[$reference->sheet] ?? null)?->unsettled->meets(
                    $reference->range->top,
                    $reference->range->bottom,
                    $reference->range->left,
                    $reference->range->right,
                ) === true
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<int, Spans>  $affected */
    private static function written(Workbook $workbook, Graph $graph, array $affected, Values $values, Evaluation $evaluation): Workbook
    {
        $touched = [];
        foreach ($affected as $number => $spans) {
            [$sheet, $run] = $graph->runs[$number];
            foreach ($spans->list as [$first, $last]) {
                $touched[$sheet][] = Range::of($first, $run->column, $last, $run->column);
            }
        }
        [$waiting, $kept] = [$evaluation->waiting(), $evaluation->kept()];
        foreach ($touched as $number => $ranges) {
            $sheet = $workbook->sheet($number);
            $edits = [];
            $there = new Values([$number => $sheet->cells], INF);
            foreach ($values->results[$number] ?? [] as $row => $cells) {
                foreach ($cells as $column => $result) {
                    $was = $there->at($number, $row, $column);
                    $now = $was->giving($result->value, $result->error);
                    if (! $now->sameDataAs($was)) {
                        $edits[$row][$column] = $now;
                    }
                }
            }
            $now = new Unsettled(
                self::replaced($sheet->unsettled->waiting, $ranges, $waiting[$number] ?? []),
                self::replaced($sheet->unsettled->kept, $ranges, $kept[$number] ?? []),
                self::replaced($sheet->unsettled->circles, $ranges, $evaluation->circles[$number] ?? []),
            );
            if ($edits !== []) {
                $sheet = $sheet->readAs($sheet->found, new EditedSheet($sheet->cells, $edits), $sheet->typing);
            }
            $workbook = $workbook->withSheet(
                $number,
                $now->toArray() === $sheet->unsettled->toArray() ? $sheet : $sheet->withUnsettled($now),
            );
        }

        return $workbook;
    }

    /**
     * @param  list<Range>  $old
     * @param  list<Range>  $gone
     * @param  array<int, Spans>  $new  by column
     * @return list<Range>
     */
    private static function replaced(array $old, array $gone, array $new): array
    {
        $left = RangeSet::of(...$old);
        foreach ($old === [] ? [] : $gone as $range) {
            $left = $left->without($range);
        }
        $ranges = $left->all();
        foreach ($new as $column => $spans) {
            foreach ($spans->list as [$first, $last]) {
                $ranges[] = Range::of($first, $column, $last, $column);
            }
        }

        return $ranges;
    }
}
