<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Formula\FormulaRun;
use Rilvet\Formula\Graph;
use Rilvet\Formula\Meaning;
use Rilvet\Formula\Reference;
use Rilvet\Formula\Scope;
use Rilvet\Formula\Spans;
use Rilvet\Grid\Range;

/**
 * Which formulas have to be calculated after some cells have changed, beside the slow way: every formula is asked cell by
 * cell what it looks at, until nothing is added any more.
 */
final class DependantsTest extends TestCase
{
    private static function scope(): Scope
    {
        return new Scope([1 => 'Beds', 2 => 'Lists'], ['rate' => 'Lists!$A$2', 'all' => 'Beds!$A$1:$A$12'], []);
    }

    /** @param  list<FormulaRun>  $runs */
    private static function graph(array $runs, int $sheet = 1): Graph
    {
        return new Graph([$sheet => $runs], self::scope());
    }

    /**
     * @param  array<int, Spans>  $found
     * @param  list<FormulaRun>  $runs
     * @return list<string> "column.row"
     */
    private static function cells(array $found, array $runs): array
    {
        $cells = [];
        foreach ($found as $number => $spans) {
            foreach ($spans->list as [$first, $last]) {
                for ($row = $first; $row <= $last; $row++) {
                    $cells["{$runs[$number]->column}.$row"] = true;
                }
            }
        }
        $cells = array_keys($cells);
        sort($cells);

        return array_map(strval(...), $cells);
    }

    /**
     * @param  list<FormulaRun>  $runs  all on sheet 1
     * @param  array<int, list<Range>>  $changed
     * @return list<string>
     */
    private static function slowly(array $runs, array $changed): array
    {
        $dirty = [];
        $isDirty = function (int $sheet, Range $range) use (&$dirty, $changed) {
            foreach ($changed[$sheet] ?? [] as $one) {
                if ($one->meets($range)) {
                    return true;
                }
            }
            foreach ($sheet === 1 ? array_keys($dirty) : [] as $cell) {
                [$column, $row] = array_map(intval(...), explode('.', (string) $cell));
                if ($range->contains($row, $column)) {
                    return true;
                }
            }

            return false;
        };
        do {
            $before = count($dirty);
            foreach ($runs as $run) {
                for ($row = $run->first; $row <= $run->last; $row++) {
                    foreach (Meaning::of($run->at($row), self::scope(), 1, $row, $run->column)->references as $reference) {
                        if ($isDirty($reference->sheet, $reference->range)) {
                            $dirty["$run->column.$row"] = true;
                        }
                    }
                }
            }
        } while (count($dirty) > $before);
        $cells = array_map(strval(...), array_keys($dirty));
        sort($cells);

        return $cells;
    }

    /** Random sheets, fixed seed: formulas that look at other columns of their own row, at fixed cells, at ranges and at names. */
    public function test_all_that_looks_at_what_changed_is_found_and_nothing_else(): void
    {
        mt_srand(71);
        $forms = [
            fn (int $row, string $left, string $more) => "$left$row+1",
            fn (int $row, string $left, string $more) => "$left$row*$more$row",
            fn (int $row, string $left, string $more) => "SUM($left$row:$more".($row + 2).')',
            fn (int $row, string $left, string $more) => "SUM($left\$2:$left\$9)",
            fn (int $row, string $left, string $more) => "{$left}\$3+$more$row",
            fn (int $row, string $left, string $more) => "Lists!A$row",
            fn (int $row, string $left, string $more) => "$left$row*rate",
            fn (int $row, string $left, string $more) => 'COUNT(all)',
            fn (int $row, string $left, string $more) => "SUM(\$A$row:$left$row)",
            fn (int $row, string $left, string $more) => $row > 1 ? $left.($row - 1) : "{$left}1",
        ];
        for ($round = 0; $round < 150; $round++) {
            $runs = [];
            for ($column = 3; $column <= 8; $column++) {
                $first = mt_rand(1, 6);
                $last = mt_rand($first, 12);
                // Columns before its own alone: a formula that looks at its own column is told together with those around it.
                [$left, $more] = [chr(64 + mt_rand(1, $column - 1)), chr(64 + mt_rand(1, $column - 1))];
                [$left, $more] = $left < $more ? [$left, $more] : [$more, $left];
                $runs[] = new FormulaRun($column, $first, $last, $forms[array_rand($forms)]($first, $left, $more));
            }
            $top = mt_rand(1, 12);
            $changed = mt_rand(0, 3) === 0 ? [2 => [Range::of($top, 1, $top, 1)]]
                : [1 => [Range::of($top, mt_rand(1, 2), mt_rand($top, 12), mt_rand(2, 3))]];
            $said = array_map(fn (FormulaRun $run) => "$run->column.$run->first-$run->last=$run->formula", $runs);
            self::assertSame(self::slowly($runs, $changed), self::cells(self::graph($runs)->dependants($changed), $runs),
                "round $round: ".implode(' ', $said));
        }
    }

    public function test_a_running_total_takes_all_that_follow_along_and_none_before(): void
    {
        $runs = [new FormulaRun(3, 3, 60, 'C2+B3')];
        self::assertSame(array_map(fn (int $row) => "3.$row", range(20, 60)),
            self::cells(self::graph($runs)->dependants([1 => [Range::parse('B20')]]), $runs));
        $up = [new FormulaRun(3, 2, 30, 'C3+B2')];
        $found = self::cells(self::graph($up)->dependants([1 => [Range::parse('B20')]]), $up);
        sort($found, SORT_NATURAL);
        self::assertSame(array_map(fn (int $row) => "3.$row", range(2, 20)), $found);
    }

    public function test_what_may_look_anywhere_is_calculated_whenever_anything_changed(): void
    {
        $runs = [new FormulaRun(3, 1, 2, 'INDIRECT("B"&ROW())'), new FormulaRun(4, 1, 1, 'A1')];
        self::assertSame(['3.1', '3.2'], self::cells(self::graph($runs)->dependants([1 => [Range::parse('H9')]]), $runs));
        self::assertSame([], self::graph($runs)->dependants([]));
        $own = new Spans;
        $own->add(1, 1);
        self::assertSame(['3.1', '3.2', '4.1'], self::cells(self::graph($runs)->dependants([], [1 => $own]), $runs));
        self::assertFalse(self::graph($runs)->isEmpty());
        self::assertTrue(self::graph([])->isEmpty());
    }

    public function test_rows_that_were_sorted_as_a_whole_need_nothing_that_came_along_with_them(): void
    {
        $runs = [new FormulaRun(3, 2, 9, 'A2*B2'), new FormulaRun(5, 2, 9, 'A2*B2'), new FormulaRun(4, 11, 11, 'SUM(C2:C9)')];
        $rows = Range::parse('A2:C9');
        $found = self::cells(self::graph($runs)->dependants([1 => [$rows]], [], [1 => $rows]), $runs);
        // The formulas of column C lie within what was sorted; those of column E stand still while their rows changed.
        self::assertSame(['4.11', ...array_map(fn (int $row) => "5.$row", range(2, 9))], $found);
    }

    public function test_ranges_over_many_columns_are_met_from_each_of_them(): void
    {
        $runs = [new FormulaRun(300, 1, 1, 'SUM(B2:IV9)'), new FormulaRun(301, 1, 1, 'SUM(B:B)')];
        $meets = fn (string $range) => self::cells(self::graph($runs)->dependants([1 => [Range::parse($range)]]), $runs);
        self::assertSame(['300.1', '301.1'], $meets('B2'));
        self::assertSame(['300.1'], $meets('IV9'));
        self::assertSame([], $meets('IW9'));
        self::assertSame(['301.1'], $meets('B10'));
        self::assertSame(['300.1', '301.1'], $meets('A5:KM5'));
    }

    /** What a reference looks at from further down, and from where it looks at some rows, beside each row that is asked. */
    public function test_a_reference_goes_along_but_for_the_edges_that_stand_still(): void
    {
        mt_srand(72);
        for ($round = 0; $round < 300; $round++) {
            [$top, $bottom] = [mt_rand(5, 15), mt_rand(15, 25)];
            [$topFixed, $bottomFixed] = [mt_rand(0, 1) === 1, mt_rand(0, 1) === 1];
            $reference = new Reference(1, Range::of($top, 1, $bottom, 1), $topFixed, $bottomFixed);
            foreach ([-4, 0, 3, 12] as $down) {
                $ends = [
                    $topFixed ? $top : $top + $down,
                    $bottomFixed ? $bottom : $bottom + $down,
                ];
                sort($ends);
                self::assertSame($ends, $reference->rows($down), "round $round");
            }
            [$first, $last] = [mt_rand(1, 20), mt_rand(20, 40)];
            $downs = $reference->downs($first, $last);
            for ($down = -4; $down < 30; $down++) {
                [$from, $to] = $reference->rows($down);
                $looks = $from <= $last && $to >= $first;
                $isTold = $downs !== null && $down >= $downs[0] && $down <= $downs[1];
                // All that look are told; where both edges go along, or stand still, no others.
                self::assertTrue($isTold || ! $looks, "round $round, $down");
                $topFixed !== $bottomFixed || self::assertSame($looks, $isTold, "round $round, $down");
            }
        }
    }
}
