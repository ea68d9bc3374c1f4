<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Shift;

/**
 * A stretch of formulas as it reads after rows or columns were put in or taken out. Found by the ends of a run, since what
 * goes along with its row passes the place of the move once: a hundred thousand formulas are a few stretches.
 */
final readonly class MovedRun
{
    /**
     * @param  FormulaRun  $run  where it stands and what it says now
     * @param  bool  $isResized  it looks at more or fewer cells than before
     * @param  bool  $isSaidAnew  its words are others than before
     */
    private function __construct(public FormulaRun $run, public bool $isResized, public bool $isSaidAnew)
    {
    }

    /**
     * @param  list<FormulaRun>  $runs  of one sheet, before the move
     * @param  bool  $own  the sheet is the one that moves
     * @return list<self> those that are said anew, or whose arrays go along
     */
    public static function of(array $runs, References $references, Shift $shift, bool $own): array
    {
        $moved = [];
        foreach ($runs as $run) {
            foreach (self::pieces($run, $shift, $own) as [$first, $last, $row, $column]) {
                foreach (self::parted($run, $shift, $own, $first, $last) as [$from, $to, $isWithin]) {
                    $says = $isWithin ? $references->within() : $references;
                    self::stretch($moved, $run, $from, $to, $row - $first, $column, $says, $own);
                }
            }
        }

        return $moved;
    }

    /** @return list<array{int, int, bool}> rows of a piece, and whether they are of a table that grows */
    private static function parted(FormulaRun $run, Shift $shift, bool $own, int $first, int $last): array
    {
        $growth = $own ? $shift->growth : null;
        if ($growth === null || ! $growth->hasColumn($run->column)) {
            return [[$first, $last, false]];
        }
        $parts = [];
        foreach ([[1, $growth->first - 1, false], [$growth->first, $growth->last, true], [$growth->last + 1, PHP_INT_MAX,
            false]] as [$from, $to, $isWithin]) {
            if (max($first, $from) <= min($last, $to)) {
                $parts[] = [max($first, $from), min($last, $to), $isWithin];
            }
        }

        return $parts;
    }

    /** @return list<array{int, int, int, int}> first and last row before, first row and column afterwards */
    private static function pieces(FormulaRun $run, Shift $shift, bool $own): array
    {
        if (! $own) {
            return [[$run->first, $run->last, $run->first, $run->column]];
        }
        if (! $shift->rows) {
            $column = $shift->place($run->column);

            return $column === null ? [] : [[$run->first, $run->last, $run->first, $column]];
        }
        $from = $shift->in ? $shift->at : $shift->at + $shift->count;
        $pieces = [];
        if ($run->first < $shift->at) {
            $pieces[] = [$run->first, min($run->last, $shift->at - 1), $run->first, $run->column];
        }
        if ($run->last >= $from) {
            $first = max($run->first, $from);
            $pieces[] = [$first, $run->last, (int) $shift->place($first), $run->column];
        }

        return $pieces;
    }

    /** @param  list<self>  $moved */
    private static function stretch(
        array &$moved,
        FormulaRun $run,
        int $first,
        int $last,
        int $down,
        int $column,
        References $references,
        bool $own,
    ): void {
        $text = $run->at($first);
        $top = $references->moved($text, $own);
        $isResized = $references->resizes($text, $own);
        if ($last > $first) {
            $end = $run->at($last);
            if (
                $isResized !== $references->resizes($end, $own) ||
                References::translated($top, $last - $first, 0) !== $references->moved($end, $own)
            ) {
                $middle = intdiv($first + $last, 2);
                self::stretch($moved, $run, $first, $middle, $down, $column, $references, $own);
                self::stretch($moved, $run, $middle + 1, $last, $down, $column, $references, $own);

                return;
            }
        }
        $array = $run->array === null || ! $own ? $run->array : $references->moved($run->array, true);
        if ($top !== $text || $isResized || $array !== $run->array) {
            $moved[] = new self(
                new FormulaRun($column, $first + $down, $last + $down, $top, $array),
                $isResized,
                $top !== $text || $array !== $run->array,
            );
        }
    }
}
