<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;

/** Reads a sheet: where its tables are, and in each the parts and the column kinds. */
final class Finder
{
    public static function read(SheetFacts $facts): Reading
    {
        $tables = [];
        foreach ((new Regions($facts))->find() as $range) {
            $region = new Region($facts, $range);
            $notes = Beside::notes($region);
            $kept = $notes === [] ? $region : $region->part(Range::of($range->top, $range->left, $range->bottom, $notes[0]->left - 2));
            $tables[] = Prose::is($kept) ? self::lines($kept) : self::table($kept)->withAsides($notes);
        }
        $tables = self::withAsides($tables);
        usort($tables, fn (TableReading $a, TableReading $b) => [$a->range->top, $a->range->left] <=> [$b->range->top, $b->range->left]);

        return new Reading($tables);
    }

    /** A letter: its rows are no parts of a table, and can be said to be some by hand. */
    private static function lines(Region $region): TableReading
    {
        $range = $region->range;
        $column = ColumnJudge::judge($region, $range->left, $region->sample($range->top, $range->bottom), null);
        $lines = new RowRun($range->top, $range->bottom, null, why: 'lines that end as sentences do, no table', ground: Ground::Sentences);
        $runs = (new Weighing($region, [$lines], [$column]))->weighed();

        return new TableReading($range, Weighing::table($runs), $runs, [$column]);
    }

    /** Reads one rectangle as one table. */
    public static function table(Region $region): TableReading
    {
        $range = $region->range;
        $head = HeadJudge::judge($region);
        $body = $head['body'];
        // A rectangle of lines only: a title, or notes that belong to nothing.
        if ($body > $range->bottom) {
            $body = $range->bottom + 1;
        }
        $labels = self::labels($region, $body);
        $below = $body <= $range->bottom ? BodyJudge::judge($region, $body, $labels, $head['isKeys']) : [];
        $runs = [...self::headRuns($range, $head['rows'], $body), ...$below];
        [$columns, $lines] = self::columns($region, $runs);
        $runs = (new Weighing($region, $runs, $columns))->weighed();
        $groups = self::groups($region, $runs, $columns);

        return new TableReading($range, Weighing::table($runs), $runs, $columns, groups: $groups, lines: $lines);
    }

    /** A table whose rows are known: its columns, and what its column groups stand over, are read by them. */
    public static function again(SheetFacts $facts, TableReading $table): TableReading
    {
        $region = new Region($facts, $table->range);
        [$columns, $lines] = self::columns($region, $table->runs);
        $columns = array_map(fn (ColumnReading $column) => $column->withLongest(
            $column->longest === [] ? $table->column($column->column)->longest ?? [] : $column->longest,
        ), $columns);
        $groups = self::groups($region, $table->runs, $columns);

        return new TableReading($table->range, $table->confidence, $table->runs, $columns, $table->asides, $groups, $lines);
    }

    /**
     * @param  list<RowRun>  $runs
     * @return array{list<ColumnReading>, array<int, ColumnReading>} the columns; what each row of a turned table holds, by the row
     */
    private static function columns(Region $region, array $runs): array
    {
        $range = $region->range;
        $headings = self::headings($region, self::heads($runs));
        $rows = self::bodyRows($region, $runs);
        $columns = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            $columns[] = ColumnJudge::judge($region, $column, $rows, $headings[$column] ?? null);
        }
        $lines = Turned::lines($region, $runs);
        if ($lines !== []) {
            $columns[0] = $columns[0]->withRole(ColumnRole::Heading, 'names what each row holds');

            return [$columns, $lines];
        }
        $labels = LabelJudge::judge($region, $columns, $rows);
        $columns = array_map(
            fn (ColumnReading $column) => match (true) {
                in_array($column->column, $labels, true) => $column->withRole(
                    ColumnRole::Label,
                    'leading column of '.($column->kind->isWordy() ? 'names or codes' : 'identifiers'),
                ),
                $column->kind === ColumnKind::None && $column->heading === null => $column->withRole(ColumnRole::Spacer, 'blank'),
                default => $column,
            },
            $columns,
        );
        foreach (AcrossJudge::judge($region, $columns, $rows) as $column => $why) {
            $columns[$column - $range->left] = $columns[$column - $range->left]->withRole(ColumnRole::Total, $why);
        }

        return [array_values($columns), []];
    }

    /**
     * The rows of headings above the body, each with its part.
     *
     * @param  list<RowRun>  $runs
     * @return list<array{int, Part}>
     */
    private static function heads(array $runs): array
    {
        $heads = [];
        foreach ($runs as $run) {
            if ($run->part === Part::Body) {
                break;
            }
            if ($run->part === Part::Heading || $run->part === Part::ColumnGroup) {
                array_push($heads, ...array_map(fn (int $row) => [$row, $run->part], range($run->first, $run->last)));
            }
        }

        return $heads;
    }

    /**
     * The text of each column's heading: the heading rows from above down, joined.
     *
     * @param  list<array{int, Part}>  $head
     * @return array<int, string>
     */
    private static function headings(Region $region, array $head): array
    {
        $texts = [];
        foreach ($head as [$row, $part]) {
            if ($part !== Part::Heading) {
                continue;
            }
            for ($column = $region->range->left; $column <= $region->range->right; $column++) {
                $text = $region->text($row, $column);
                if ($text !== '') {
                    $texts[$column] = isset($texts[$column]) ? $texts[$column].' '.$text : $text;
                }
            }
        }
        // A label that reaches down over both rows is written in the group row.
        foreach ($head as [$row, $part]) {
            if ($part === Part::ColumnGroup) {
                for ($column = $region->range->left; $column <= $region->range->right; $column++) {
                    $text = $region->text($row, $column);
                    if ($text !== '' && ! isset($texts[$column])) {
                        $texts[$column] = $text;
                    }
                }
            }
        }

        return $texts;
    }

    /**
     * A first guess at the label columns, enough to judge rows by.
     *
     * @return list<int>
     */
    private static function labels(Region $region, int $body): array
    {
        $labels = [];
        for ($column = $region->range->left; $column <= $region->range->right; $column++) {
            $majority = $region->majority($column, $body, $region->range->bottom);
            if ($majority !== 't' && $majority !== '.') {
                break;
            }
            $labels[] = $column;
        }

        return $labels;
    }

    /**
     * @param  list<array{int, Part, Ground, string}>  $head
     * @return list<RowRun>
     */
    private static function headRuns(Range $range, array $head, int $body): array
    {
        $byRow = [];
        foreach ($head as [$row, $part, $ground, $why]) {
            $byRow[$row] = new RowRun($row, $row, $part, why: $why, ground: $ground);
        }
        $runs = [];
        for ($row = $range->top; $row < min($body, $range->bottom + 1); $row++) {
            $run = $byRow[$row] ?? new RowRun($row, $row, null, 1.0, 'blank');
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last]->part === $run->part) {
                $runs[$last] = $runs[$last]->over($runs[$last]->first, $row);
            } else {
                $runs[] = $run;
            }
        }

        return $runs;
    }

    /**
     * @param  list<RowRun>  $runs
     * @return list<int> body rows, an even choice where there are many
     */
    private static function bodyRows(Region $region, array $runs): array
    {
        $rows = [];
        foreach ($runs as $run) {
            if ($run->part === Part::Body) {
                array_push($rows, ...$region->sample($run->first, $run->last, 500));
            }
        }

        return count($rows) > 3_000
            ? array_values(array_filter($rows, fn (int $at) => $at % intdiv(count($rows), 1_500) === 0, ARRAY_FILTER_USE_KEY))
            : $rows;
    }

    /**
     * @param  list<RowRun>  $runs
     * @param  list<ColumnReading>  $columns
     * @return list<Range>
     */
    private static function groups(Region $region, array $runs, array $columns): array
    {
        $groups = [];
        $head = self::heads($runs);
        $last = max([0, ...array_column($head, 0)]);
        foreach ($head as [$row, $part]) {
            if ($part !== Part::ColumnGroup) {
                continue;
            }
            $start = null;
            $label = '';
            for ($column = $region->range->left; $column <= $region->range->right + 1; $column++) {
                $text = $column > $region->range->right ? '' : $region->text($row, $column);
                $ends =
                    $column > $region->range->right ||
                    ($text !== '' && $text !== $label) ||
                    ($text === '' &&
                        (self::reachesDown($region, $row, $last, $column, $start) ||
                            self::leavesFigures($columns, $region->range->left, $start, $column)));
                if ($ends && $start !== null) {
                    if ($column - 1 > $start) {
                        $groups[] = Range::of($row, $start, $row, $column - 1);
                    }
                    $start = null;
                }
                if ($text !== '' && $start === null) {
                    $start = $column;
                    $label = $text;
                }
            }
        }

        return $groups;
    }

    /**
     * A group of figures does not take in the column of remarks at its right.
     *
     * @param  list<ColumnReading>  $columns
     */
    private static function leavesFigures(array $columns, int $left, ?int $start, int $column): bool
    {
        $first = $start === null ? null : $columns[$start - $left] ?? null;
        $here = $columns[$column - $left] ?? null;

        return $first !== null &&
            $here !== null &&
            $first->kind->isNumeric() &&
            ($here->kind === ColumnKind::LongText || $here->kind === ColumnKind::Text);
    }

    /** A blank under which the headings down to the last of them are blank too ends a group. */
    private static function reachesDown(Region $region, int $row, int $last, int $column, ?int $start): bool
    {
        foreach ($region->facts->hints->merges() as $merge) {
            if ($start !== null && $merge->contains($row, $start) && $merge->columns() > 1) {
                return ! $merge->contains($row, $column);
            }
        }

        for ($below = $row + 1; $below <= max($last, $row + 1); $below++) {
            if ($region->text($below, $column) !== '') {
                return false;
            }
        }

        return true;
    }

    /**
     * A rectangle that is only a line or two of text beside a table is a note to it.
     *
     * @param  list<TableReading>  $tables
     * @return list<TableReading>
     */
    private static function withAsides(array $tables): array
    {
        $kept = [];
        $asides = [];
        foreach ($tables as $table) {
            $numeric = array_filter($table->columns, fn (ColumnReading $column) => $column->kind->isNumeric());
            if ($table->range->columns() === 1 && $table->range->rows() <= 3 && $numeric === [] && count($tables) > 1) {
                $asides[] = $table;
            } else {
                $kept[] = $table;
            }
        }
        foreach ($asides as $aside) {
            $best = null;
            foreach ($kept as $at => $table) {
                $distance =
                    max(0, $aside->range->left - $table->range->right, $table->range->left - $aside->range->right) +
                    max(0, $aside->range->top - $table->range->bottom, $table->range->top - $aside->range->bottom);
                if ($best === null || $distance < $best[1]) {
                    $best = [$at, $distance];
                }
            }
            if ($best === null) {
                $kept[] = $aside;
            } else {
                $table = $kept[$best[0]];
                $kept[$best[0]] = new TableReading(
                    $table->range,
                    $table->confidence,
                    $table->runs,
                    $table->columns,
                    [...$table->asides, $aside->range],
                    $table->groups,
                    $table->lines,
                );
            }
        }

        return array_values($kept);
    }
}
