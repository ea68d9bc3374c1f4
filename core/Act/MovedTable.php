<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Growth;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\Plan;
use Rilvet\Renew\RenewIsWrong;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A table that gets more and fewer rows and columns, with all that looks at them. */
final class MovedTable
{
    /**
     * Places up to which rows are put in and taken out one place after the other, as a person would do it. Where they are more,
     * all that is new is put in at the end, all that is gone is brought there, and the rows are put in order in between: whatever
     * names single rows of such a table names their places afterwards, as after a sort.
     */
    private const PLACES = 24;

    /** Places in a table whose rows stand in groups, which cannot be put in order as a whole. */
    private const GROUPED = 1_000;

    public static function rows(Workbook $workbook, int $number, int $row, int $column, Plan $plan, NewPlaces $places,
        FilledDown $filled): Workbook
    {
        $table = self::table($workbook, $number, $row, $column);
        $stretches = self::stretches($plan->gone);
        $body = array_values(array_filter($table->runs, fn ($run) => $run->part === Part::Body));
        $count = count($stretches) + count($plan->put);
        if ($count > self::PLACES && count($body) === 1) {
            return self::inOrder($workbook, $number, $row, $column, $plan, $places, $filled);
        }
        $count <= self::GROUPED || throw RenewIsWrong::scattered($count, self::GROUPED);
        $steps = [];
        foreach ($plan->put as $below => $rows) {
            $at = $below === 0 ? (int) $table->firstBodyRow() : $below + 1;
            $steps[] = [$at, count($rows)];
        }
        foreach ($stretches as [$first, $last]) {
            $steps[] = [$first, $first - $last - 1];
        }
        // From below, so that what stands above is where it was; at one place rows are taken out before others are put in.
        usort($steps, fn (array $one, array $other) => [$other[0], $one[1]] <=> [$one[0], $other[1]]);
        foreach ($steps as [$at, $size]) {
            $workbook = $size > 0 ? self::filled(self::putIn($workbook, $number, $row, $column, $at, $size), $number, $row, $column, $plan,
                $filled, $at, $size) : MoveCells::shifted($workbook, $number, new Shift(true, $at, -$size, false));
        }

        return $workbook;
    }

    /** Rows put in at a place; at an edge of the body it grows. */
    private static function putIn(Workbook $workbook, int $number, int $row, int $column, int $at, int $count): Workbook
    {
        $table = self::table($workbook, $number, $row, $column);
        $growth = null;
        foreach ($table->runs as $run) {
            if ($run->part === Part::Body && ($run->first === $at || $run->last === $at - 1)) {
                $growth ??= new Growth($table->range->left, $table->range->right, $run->first, $run->last);
            }
        }
        $before = $workbook->sheet($number);
        $workbook = MoveCells::shifted($workbook, $number, new Shift(true, $at, $count, true, $growth));

        $sheet = self::likeNeighbours($workbook->sheet($number), $table, $at, $count, $growth);

        return $workbook->withSheet($number, self::untouched($sheet, $before, $table, $at, $count));
    }

    /** Where no row stays, those that come take over what is worked out before the others go. */
    private static function filled(Workbook $workbook, int $number, int $row, int $column, Plan $plan, FilledDown $filled, int $at,
        int $count): Workbook
    {
        if ($plan->same !== [] || $plan->gone === []) {
            return $workbook;
        }
        $sheet = $workbook->sheet($number);
        $rows = array_fill_keys(range($at, $at + $count - 1), true);
        $edits = $filled->edits($sheet, self::table($workbook, $number, $row, $column), null, $rows, null);
        $cells = $edits === [] ? $sheet->cells : new EditedSheet($sheet->cells, $edits);

        return $workbook->withSheet($number, $sheet->readAs($sheet->found, $cells, $sheet->typing));
    }

    /** What was given to the rows above and below by hand is not given to those that come between; what was given to all is. */
    private static function untouched(Worksheet $sheet, Worksheet $before, TableReading $table, int $at, int $count): Worksheet
    {
        $body = $table->bodyRange();
        if ($body === null) {
            return $sheet;
        }
        $maps = [$sheet->hand, $sheet->named];
        foreach ([$before->hand, $before->named] as $which => $map) {
            $changed = null;
            foreach (array_keys($map->runs()) as $column) {
                $isOf = $table->range->hasColumn($column);
                $runs = $isOf ? [...$map->within($column, $body->top, $body->bottom)] : [];
                $isAll = count($runs) === 1 && $runs[0][0] <= $body->top && $runs[0][1] >= $body->bottom;
                $look = $isAll ? $runs[0][2] : 0;
                if ($runs !== [] && $maps[$which]->at($at, $column) !== $look) {
                    $changed ??= clone $maps[$which];
                    $changed->set(Range::of($at, $column, $at + $count - 1, $column), $look);
                }
            }
            $maps[$which] = $changed ?? $maps[$which];
        }
        $sheet = $maps[0] === $sheet->hand ? $sheet : $sheet->touched($maps[0]);

        return $maps[1] === $sheet->named ? $sheet : $sheet->laid($maps[1], $sheet->wears);
    }

    /** What the file says of looks is said of rows that are put in as of those beside them. */
    private static function likeNeighbours(Worksheet $sheet, TableReading $table, int $at, int $count, ?Growth $growth): Worksheet
    {
        if ($sheet->file->isEmpty()) {
            return $sheet;
        }
        $like = $growth !== null && $growth->first === $at ? $at + $count : $at - 1;
        $file = null;
        for ($column = $table->range->left; $column <= $table->range->right; $column++) {
            $look = $sheet->file->at($like, $column);
            if ($look !== 0 && $sheet->file->at($at, $column) !== $look) {
                $file ??= clone $sheet->file;
                $file->set(Range::of($at, $column, $at + $count - 1, $column), $look);
            }
        }

        return $file === null ? $sheet : $sheet->withoutFileLooks($file);
    }

    /** All that is new put in at the end, the rows put in order, all that is gone taken out at the end. */
    private static function inOrder(Workbook $workbook, int $number, int $row, int $column, Plan $plan, NewPlaces $places,
        FilledDown $filled): Workbook
    {
        $table = self::table($workbook, $number, $row, $column);
        $first = (int) $table->firstBodyRow();
        $last = (int) $table->bodyRange()?->bottom;
        $count = $plan->countNew();
        $workbook = $count === 0 ? $workbook : self::filled(self::putIn($workbook, $number, $row, $column, $last + 1, $count),
            $number, $row, $column, $plan, $filled, $last + 1, $count);
        $from = [];
        $fresh = $last + 1;
        foreach ($places->byNew as $new => $to) {
            isset($places->isNew[$new]) || $from[$to] = $places->oldOf[$new];
        }
        // Rows that neither are in the new data nor are taken out keep their place among those that stay.
        self::stayed($plan, $first, $last, $from);
        $end = $last + $count;
        $gone = $plan->gone;
        for ($to = $first; $to <= $end - count($gone); $to++) {
            $from[$to] ??= $fresh++;
        }
        foreach ($gone as $at => $was) {
            $from[$end - count($gone) + 1 + $at] = $was;
        }
        $from = array_filter($from, fn (int $was, int $to) => $was !== $to, ARRAY_FILTER_USE_BOTH);
        if ($from !== []) {
            $sheet = $workbook->sheet($number);
            ksort($from);
            $order = new RowOrder($table->range->left, $table->range->right, $from);
            $workbook = $workbook->withSheet($number,
                $sheet->ordered($order, SortTable::moved($sheet, $order, [[$first, $end]], true), $workbook->looks));
        }

        return $gone === [] ? $workbook
            : MoveCells::shifted($workbook, $number, new Shift(true, $end - count($gone) + 1, count($gone), false));
    }

    /** @param  array<int, int>  $from  where rows come from, by where they go */
    private static function stayed(Plan $plan, int $first, int $last, array &$from): void
    {
        $gone = array_flip($plan->gone);
        $put = $plan->put;
        $offset = count($put[0] ?? []);
        for ($row = $first; $row <= $last; $row++) {
            if (isset($gone[$row])) {
                $offset--;
            } elseif (! isset($plan->same[$row])) {
                $from[$row + $offset] = $row;
            }
            $offset += count($put[$row] ?? []);
        }
    }

    /** Columns put in behind the one that they follow in the new data, and taken out. */
    public static function columns(Workbook $workbook, int $number, int $row, int $column, NewColumns $columns): Workbook
    {
        foreach ($columns->steps() as [$at, $count]) {
            if ($count < 0) {
                $workbook = MoveCells::shifted($workbook, $number, new Shift(false, $at, -$count, false));

                continue;
            }
            $before = self::table($workbook, $number, $row, $column);
            $workbook = MoveCells::shifted($workbook, $number, new Shift(false, $at, $count, true));
            $workbook = $workbook->withSheet($number, self::likeLeft($workbook->sheet($number), $before, $row, $column, $at, $count));
        }

        return $workbook;
    }

    /** The table reaches over columns that stand behind its last one, and what the file says of looks is said of them too. */
    private static function likeLeft(Worksheet $sheet, TableReading $before, int $row, int $column, int $at, int $count): Worksheet
    {
        $found = $sheet->found;
        foreach ($at === $before->range->right + 1 ? $found->tables : [] as $table) {
            if ($table->range->contains($row, $column)) {
                $more = array_map(fn (int $new) => new ColumnReading($new, null, ColumnKind::None, 1.0, ColumnRole::Data),
                    range($at, $at + $count - 1));
                $range = Range::of($table->range->top, $table->range->left, $table->range->bottom, $at + $count - 1);
                $found = $found->replace($table, new TableReading($range, $table->confidence, $table->runs, [...$table->columns, ...$more],
                    $table->asides, $table->groups, $table->lines));
            }
        }
        $sheet = $found === $sheet->found ? $sheet : $sheet->readAs($found, $sheet->cells, $sheet->typing);
        if ($sheet->file->isEmpty()) {
            return $sheet;
        }
        $file = clone $sheet->file;
        foreach ($sheet->file->runs()[$at - 1] ?? [] as [$first, $last, $look]) {
            if ($before->range->meetsRows($first, $last)) {
                $file->set(Range::of(max($first, $before->range->top), $at, min($last, $before->range->bottom), $at + $count - 1), $look);
            }
        }

        return $sheet->withoutFileLooks($file);
    }

    private static function table(Workbook $workbook, int $number, int $row, int $column): TableReading
    {
        return $workbook->sheet($number)->reading->tableAt($row, $column) ?? throw RenewIsWrong::noTable();
    }

    /**
     * @param  list<int>  $rows
     * @return list<array{int, int}>
     */
    private static function stretches(array $rows): array
    {
        $stretches = [];
        foreach ($rows as $row) {
            $end = count($stretches) - 1;
            if ($end >= 0 && $stretches[$end][1] === $row - 1) {
                $stretches[$end][1] = $row;
            } else {
                $stretches[] = [$row, $row];
            }
        }

        return $stretches;
    }
}
