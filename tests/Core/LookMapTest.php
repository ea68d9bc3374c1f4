<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookMap;

/** Looks as runs down columns, beside a plain grid of cells that does the same one by one; fixed seeds. */
final class LookMapTest extends TestCase
{
    private const ROWS = 24;

    private const COLUMNS = 6;

    /** @var array<int, array<int, int>> looks by row and column, of as much as is looked at */
    private array $grid;

    private LookMap $map;

    protected function setUp(): void
    {
        $this->map = new LookMap;
        $this->grid = array_fill(1, self::ROWS, array_fill(1, self::COLUMNS, 0));
    }

    private static function range(): Range
    {
        [$a, $b, $c, $d] = [mt_rand(1, self::ROWS), mt_rand(1, self::ROWS), mt_rand(1, self::COLUMNS), mt_rand(1, self::COLUMNS)];

        return Range::of(min($a, $b), min($c, $d), max($a, $b), max($c, $d));
    }

    private function paint(int $times): void
    {
        for (; $times > 0; $times--) {
            $range = self::range();
            $look = mt_rand(0, 3);
            $this->map->set($range, $look);
            $this->each($range, fn () => $look);
        }
    }

    /** @param  callable(int, int, int): int  $change */
    private function each(Range $range, callable $change): void
    {
        for ($row = $range->top; $row <= $range->bottom; $row++) {
            for ($column = $range->left; $column <= $range->right; $column++) {
                $this->grid[$row][$column] = $change($row, $column, $this->grid[$row][$column]);
            }
        }
    }

    private function assertSameLooks(string $when): void
    {
        foreach ($this->grid as $row => $line) {
            foreach ($line as $column => $look) {
                self::assertSame($look, $this->map->at($row, $column), "$when: row $row, column $column");
            }
        }
        $this->assertTidy($when);
    }

    /** Runs are sorted and disjoint, say something, and neighbours that say the same are one. */
    private function assertTidy(string $when): void
    {
        $count = 0;
        foreach ($this->map->runs() as $column => $runs) {
            self::assertNotSame([], $runs, "$when: column $column");
            $count += count($runs);
            $before = [0, 0, 0];
            foreach ($runs as [$first, $last, $look]) {
                self::assertTrue($look !== 0 && $first <= $last && $first > $before[1], "$when: column $column");
                self::assertFalse($before[2] === $look && $before[1] === $first - 1, "$when: column $column, runs $before[0] and $first");
                $before = [$first, $last, $look];
            }
        }
        self::assertSame($count, $this->map->count());
        self::assertSame($count === 0, $this->map->isEmpty());
    }

    public function test_what_is_painted_over_each_other_is_what_cells_wear_last(): void
    {
        mt_srand(101);
        for ($round = 0; $round < 60; $round++) {
            $this->setUp();
            $this->paint(mt_rand(1, 12));
            $this->assertSameLooks("round $round");
            $range = self::range();
            $turn = fn (int $look) => [0, 2, 1, 0][$look];
            $this->map->map($range, $turn);
            $this->each($range, fn (int $row, int $column, int $look) => $turn($look));
            $this->assertSameLooks("round $round, mapped");
            $one = fn (int $row, int $column, int $look) => ($row * 3 + $column + $look) % 4;
            $range = self::range();
            $this->map->mapEach($range, $one);
            $this->each($range, $one);
            $this->assertSameLooks("round $round, mapped one by one");
        }
    }

    public function test_runs_between_two_rows_are_cut_to_them(): void
    {
        mt_srand(102);
        for ($round = 0; $round < 60; $round++) {
            $this->setUp();
            $this->paint(8);
            [$column, $top, $bottom] = [mt_rand(1, self::COLUMNS), mt_rand(1, 12), mt_rand(12, self::ROWS)];
            $seen = [];
            foreach ($this->map->within($column, $top, $bottom) as [$first, $last, $look]) {
                for ($row = $first; $row <= $last; $row++) {
                    $seen[$row] = $look;
                }
            }
            $wanted = array_filter(array_map(fn (array $line) => $line[$column], array_filter($this->grid,
                fn (int $row) => $row >= $top && $row <= $bottom, ARRAY_FILTER_USE_KEY)));
            self::assertSame($wanted, $seen, "round $round");
        }
    }

    public function test_rows_and_columns_that_differ_are_told_and_too_many_are_not(): void
    {
        mt_srand(103);
        for ($round = 0; $round < 60; $round++) {
            $this->setUp();
            $this->paint(5);
            [$was, $map] = [$this->grid, clone $this->map];
            $this->paint(mt_rand(0, 2));
            $rows = $columns = [];
            foreach ($this->grid as $row => $line) {
                foreach ($line as $column => $look) {
                    if ($look !== $was[$row][$column]) {
                        $rows[$row] = true;
                        $columns[$column] = $column;
                    }
                }
            }
            sort($columns);
            $others = $map->columnsOther($this->map);
            sort($others);
            self::assertSame($columns, $others, "round $round");
            $told = $map->differs($this->map, self::ROWS, 1_000) ?? self::fail('too many');
            // Runs that have changed are told whole: all that differs is among them.
            self::assertSame([], array_diff_key($rows, $told), "round $round");
            self::assertSame($rows === [], $told === [], "round $round");
            $above = $map->differs($this->map, 10, 1_000) ?? self::fail('too many');
            self::assertSame([], array_filter(array_keys($above), fn (int $row) => $row > 10));
            count($told) < 2 || self::assertNull($map->differs($this->map, self::ROWS, count($told) - 1), "round $round");
        }
        self::assertSame([], (new LookMap)->differs(new LookMap, 9, 1));
    }

    public function test_where_a_look_is_comes_as_ranges_that_hold_its_cells_and_no_others(): void
    {
        mt_srand(104);
        for ($round = 0; $round < 60; $round++) {
            $this->setUp();
            $this->paint(9);
            foreach ([1, 2, 3] as $look) {
                $cells = [];
                foreach ($this->map->ranges($look) as $range) {
                    for ($row = $range->top; $row <= $range->bottom; $row++) {
                        for ($column = $range->left; $column <= $range->right; $column++) {
                            self::assertArrayNotHasKey("$row.$column", $cells, 'a cell stands in two ranges');
                            $cells["$row.$column"] = true;
                        }
                    }
                }
                $wanted = [];
                foreach ($this->grid as $row => $line) {
                    foreach (array_keys($line, $look, true) as $column) {
                        $wanted["$row.$column"] = true;
                    }
                }
                ksort($cells);
                ksort($wanted);
                self::assertSame($wanted, $cells, "round $round, look $look");
            }
            $reach = [0, 0];
            foreach ($this->grid as $row => $line) {
                foreach (array_keys(array_filter($line)) as $column) {
                    $reach = [max($reach[0], $row), max($reach[1], $column)];
                }
            }
            self::assertSame($reach, $this->map->reach(), "round $round");
        }
    }

    public function test_looks_go_along_with_rows_and_columns_that_come_and_go(): void
    {
        mt_srand(105);
        for ($round = 0; $round < 80; $round++) {
            $this->setUp();
            $this->paint(7);
            $rows = mt_rand(0, 1) === 1;
            $shift = new Shift($rows, mt_rand(1, $rows ? 20 : 5), mt_rand(1, 3), mt_rand(0, 1) === 1);
            $moved = $this->map->moved($shift);
            foreach ($this->grid as $row => $line) {
                foreach ($line as $column => $look) {
                    $place = $shift->place($rows ? $row : $column);
                    if ($place !== null) {
                        self::assertSame($look, $rows ? $moved->at($place, $column) : $moved->at($row, $place), "round $round");
                    }
                }
            }
            $this->map = $moved;
            $this->assertTidy("round $round");
            // Rows that come in between two that wear the same wear it too; columns that come in wear nothing.
            foreach ($shift->in ? range($shift->at, $shift->at + $shift->count - 1) : [] as $new) {
                for ($other = 1; $other <= ($rows ? self::COLUMNS : self::ROWS); $other++) {
                    [$before, $after] = [$this->grid[$shift->at - 1][$other] ?? 0, $this->grid[$shift->at][$other] ?? 0];
                    $between = $rows && $before === $after ? $after : 0;
                    self::assertSame($between, $rows ? $moved->at($new, $other) : $moved->at($other, $new), "round $round");
                }
            }
        }
    }

    public function test_looks_go_along_with_rows_that_are_sorted(): void
    {
        mt_srand(106);
        for ($round = 0; $round < 60; $round++) {
            $this->setUp();
            $this->paint(8);
            $range = Range::of(mt_rand(1, 8), mt_rand(1, 3), mt_rand(9, self::ROWS), mt_rand(3, self::COLUMNS));
            $from = range($range->top, $range->bottom);
            shuffle($from);
            $order = new RowOrder($range->left, $range->right, array_combine(range($range->top, $range->bottom), $from));
            $sorted = $this->map->ordered($range, $order->from);
            $was = $this->grid;
            $this->each($range, fn (int $row, int $column) => $was[$order->from[$row]][$column]);
            $this->map = $sorted;
            $this->assertSameLooks("round $round");
            // What comes to a row may be joined with what was there.
            $this->setUp();
            $this->paint(6);
            $was = $this->grid;
            $join = fn (int $comes, int $there) => max($comes, $there);
            $this->map = $this->map->ordered($range, $order->from, $join);
            $this->each($range, fn (int $row, int $column) => max($was[$order->from[$row]][$column], $was[$row][$column]));
            foreach ($this->grid as $row => $line) {
                foreach ($line as $column => $look) {
                    // A column that all of its rows wear alike is not gone through.
                    self::assertSame($look, $this->map->at($row, $column), "round $round, joined");
                }
            }
        }
    }

    public function test_readers_that_go_down_the_rows_add_cells_below(): void
    {
        mt_srand(107);
        for ($row = 1; $row <= self::ROWS; $row++) {
            for ($column = 1; $column <= self::COLUMNS; $column++) {
                $this->grid[$row][$column] = $look = mt_rand(0, 2);
                $this->map->append($row, $column, $look);
            }
        }
        $this->assertSameLooks('appended');
        $this->map->appendRun(self::ROWS + 1, self::ROWS + 9, 2, 3);
        $this->map->appendRun(self::ROWS + 10, self::ROWS + 12, 2, 3);
        self::assertSame([3, 3, 0], array_map(fn (int $below) => $this->map->at(self::ROWS + $below, 2), [9, 12, 13]));
        $this->assertTidy('a run appended');
    }

    /** Law: many stretches in one pass come to what each after the other does. Fixed seed. */
    public function test_stretches_in_one_pass_are_those_one_after_the_other(): void
    {
        mt_srand(83);
        for ($round = 0; $round < 400; $round++) {
            $one = new LookMap;
            for ($step = mt_rand(0, 5); $step > 0; $step--) {
                $top = mt_rand(1, 30);
                $one->set(Range::of($top, 2, $top + mt_rand(0, 9), 2), mt_rand(0, 3));
            }
            $other = clone $one;
            $stretches = [];
            for ($row = mt_rand(1, 6); $row < 40; $row += mt_rand(1, 9)) {
                $last = $row + mt_rand(0, 4);
                $stretches[] = [$row, $last];
                $row = $last + 1;
            }
            $change = fn (int $old) => $old === 2 ? 0 : $old + 1;
            $one->mapStretches(2, $stretches, $change);
            foreach ($stretches as [$first, $last]) {
                $other->map(Range::of($first, 2, $last, 2), $change);
            }
            self::assertSame($other->runs(), $one->runs());
        }
    }
}
