<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\PlainRows;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Look\Overlay;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspect\HandTouches;
use Rilvet\Work\Aspects;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What works on runs is the same as what goes cell by cell; with a fixed seed. */
final class RunsTest extends TestCase
{
    private const ROWS = 40;

    private const COLUMNS = 6;

    public function test_two_maps_meet_in_the_pairs_that_a_grid_shows(): void
    {
        mt_srand(17);
        for ($round = 0; $round < 200; $round++) {
            [$lower, $upper] = [self::map(), self::map()];
            $pairs = [];
            for ($row = 1; $row <= self::ROWS + 5; $row++) {
                for ($column = 1; $column <= self::COLUMNS; $column++) {
                    $pair = [$lower->at($row, $column), $upper->at($row, $column)];
                    if ($pair !== [0, 0]) {
                        $pairs[$pair[0]][$pair[1]] = true;
                    }
                }
            }
            $found = Overlay::of($lower, $upper);
            self::assertSame(self::sorted($pairs), self::sorted($found));
        }
    }

    public function test_where_a_look_is_are_the_ranges_that_a_grid_shows_each_as_wide_as_it_can_be(): void
    {
        mt_srand(29);
        for ($turn = 0; $turn < 60; $turn++) {
            $map = new LookMap;
            $grid = [];
            for ($piece = 0; $piece < 6; $piece++) {
                [$top, $left, $look] = [mt_rand(1, 12), mt_rand(1, 8), mt_rand(0, 2)];
                $range = Range::of($top, $left, $top + mt_rand(0, 5), $left + mt_rand(0, 3));
                $map->set($range, $look);
                for ($row = $range->top; $row <= $range->bottom; $row++) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $grid["$row.$column"] = $look;
                    }
                }
            }
            foreach ([1, 2] as $look) {
                $found = [];
                foreach ($map->ranges($look) as $range) {
                    for ($row = $range->top; $row <= $range->bottom; $row++) {
                        for ($column = $range->left; $column <= $range->right; $column++) {
                            self::assertArrayNotHasKey("$row.$column", $found, 'no cell is in two of them');
                            $found["$row.$column"] = $look;
                        }
                    }
                    $isBeside = fn (Range $other) => $other->top === $range->top && $other->bottom === $range->bottom
                        && $other->left === $range->right + 1;
                    self::assertSame([], array_filter($map->ranges($look), $isBeside), 'two that are one');
                }
                self::assertEquals(array_filter($grid, fn (int $one) => $one === $look), $found);
            }
        }
    }

    public function test_runs_within_rows_and_differences_are_those_that_a_grid_shows(): void
    {
        mt_srand(19);
        for ($round = 0; $round < 200; $round++) {
            [$one, $two] = [self::map(), self::map()];
            [$top, $bottom] = [$first = mt_rand(1, self::ROWS), mt_rand($first, self::ROWS)];
            [$rows, $columns] = [[], []];
            for ($column = 1; $column <= self::COLUMNS; $column++) {
                $found = [];
                foreach ($one->within($column, $top, $bottom) as [$from, $to, $look]) {
                    $found += array_fill($from, $to - $from + 1, $look);
                }
                self::assertSame(
                    array_filter(
                        array_combine(range($top, $bottom), array_map(fn (int $row) => $one->at($row, $column), range($top, $bottom))),
                    ),
                    $found,
                );
                for ($row = 1; $row <= self::ROWS; $row++) {
                    if ($one->at($row, $column) !== $two->at($row, $column)) {
                        $rows[$row] = true;
                        $columns[$column] = true;
                    }
                }
            }
            // Runs that end elsewhere may name a row too many, never one too few.
            self::assertSame([], array_diff_key($rows, $one->differs($two, self::ROWS, 1_000) ?? []));
            self::assertEqualsCanonicalizing(array_keys($columns), $one->columnsOther($two));
            self::assertSame([], $one->differs(clone $one, self::ROWS, 1_000));
        }
    }

    public function test_a_whole_row_wears_what_its_cells_wear(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 60; $round++) {
            $rows = [['Tree', 'Count', 'Price', 'Worth', 'Bed', 'Note']];
            for ($row = 2; $row < self::ROWS; $row++) {
                $rows[] = [
                    "Birch $row",
                    mt_rand(1, 99),
                    mt_rand(1, 999) / 10,
                    mt_rand(1, 999) / 10,
                    'north',
                    mt_rand(0, 3) === 0 ? 'dry' : null,
                ];
            }
            $rows[] = ['Total', 4_711, null, 4_711, null, null];
            $cells = new MemorySheet('S', array_map(fn (array $row) => array_map(Cell::of(...), $row), $rows));
            $looks = new LookBook;
            foreach (['#EFE7EE', '#FFEEAA', '#DDEEFF', '#EEEEEE'] as $fill) {
                $looks->number(Look::of(['fill' => $fill]));
            }
            $sheet = new Worksheet(
                $cells,
                'S',
                Finder::read(SheetFacts::of($cells)),
                came: new Setup(),
                aspects: Aspects::of(new FileLooks(self::map()), new HandTouches(self::map())),
            );
            $workbook = new Workbook('B', [1 => $sheet], $looks);
            if (mt_rand(0, 2) > 0) {
                $workbook = (new Dress(
                    [1],
                    Builtin::named(['River ledger', 'Plain rule', 'Long list'][mt_rand(0, 2)]),
                    mt_rand(0, 1) === 0,
                ))->on($workbook);
            }
            $whole = new DressedSheet($workbook->sheet(1), $looks);
            $single = new DressedSheet($workbook->sheet(1), $looks);
            foreach ([...range(1, self::ROWS + 3), ...array_rand(array_flip(range(1, self::ROWS)), 10)] as $row) {
                foreach ($whole->row($row, self::COLUMNS) as $index => $worn) {
                    self::assertSame(
                        $single->at($row, $index + 1)->look->key(),
                        $worn->look->key(),
                        "round $round, row $row, column $index",
                    );
                }
            }
        }
    }

    public function test_rows_taken_plainly_hold_what_the_cells_hold(): void
    {
        $cells = new MemorySheet('S', [
            [Cell::of('a'), Cell::of(1.5)],
            [],
            [Cell::formula('A1&1', 'a1'), Cell::error('#N/A'), Cell::of(true)],
        ]);
        $plain = iterator_to_array(PlainRows::of($cells));
        self::assertSame(['a', 1.5], array_slice($plain[1], 0, 2));
        self::assertSame([['f' => 'A1&1', 'v' => 'a1'], ['e' => '#N/A'], true], array_slice($plain[3], 0, 3));
    }

    public function test_runs_that_are_added_are_the_runs_that_single_cells_make(): void
    {
        mt_srand(29);
        for ($round = 0; $round < 100; $round++) {
            [$runs, $single] = [new LookMap, new LookMap];
            for ($row = 1; $row < self::ROWS; $row = $end + 1) {
                $end = $row + mt_rand(0, 6);
                $look = mt_rand(0, 3);
                $runs->appendRun($row, $end, 2, $look);
                for ($each = $row; $each <= $end; $each++) {
                    $single->append($each, 2, $look);
                }
            }
            self::assertSame($single->runs(), $runs->runs());
        }
    }

    private static function map(): LookMap
    {
        $map = new LookMap;
        for ($count = mt_rand(0, 8); $count > 0; $count--) {
            [$top, $left] = [mt_rand(1, self::ROWS), mt_rand(1, self::COLUMNS)];
            $map->set(
                Range::of($top, $left, min(self::ROWS + 4, $top + mt_rand(0, 15)), min(self::COLUMNS, $left + mt_rand(0, 3))),
                mt_rand(0, 4),
            );
        }

        return $map;
    }

    /**
     * @param  array<int, array<int, true>>  $pairs
     * @return list<string>
     */
    private static function sorted(array $pairs): array
    {
        $list = [];
        foreach ($pairs as $one => $others) {
            foreach (array_keys($others) as $other) {
                $list[] = "$one.$other";
            }
        }
        sort($list);

        return $list;
    }
}
