<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Formula\Spans;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeIndex;

/** Many ranges, and rows as stretches, beside the slow way of asking each; fixed seeds. */
final class RangeIndexTest extends TestCase
{
    public function test_the_first_range_that_holds_a_cell_is_found(): void
    {
        mt_srand(111);
        for ($round = 0; $round < 20; $round++) {
            $index = new RangeIndex;
            $ranges = [];
            for ($number = 0, $all = mt_rand(1, 60); $number < $all; $number++) {
                $top = mt_rand(1, 3_000);
                $left = mt_rand(1, 60);
                // Small ones, tall ones, and such that reach over many rows and many columns.
                [$rows, $columns] = [[mt_rand(0, 70), mt_rand(0, 5)], [mt_rand(2_500, 9_000), mt_rand(0, 39)],
                    [mt_rand(2_500, 9_000), mt_rand(40, 90)]][mt_rand(0, 2)];
                $ranges[] = Range::of($top, $left, $top + $rows, $left + $columns);
                $index->add($number, $ranges[$number]);
            }
            for ($ask = 0; $ask < 400; $ask++) {
                $range = $ranges[array_rand($ranges)];
                // Corners, and cells just outside of them.
                $row = max(1, [$range->top, $range->bottom, $range->top - 1, $range->bottom + 1, mt_rand(1, 12_000)][mt_rand(0, 4)]);
                $column = max(1, [$range->left, $range->right, $range->left - 1, $range->right + 1, mt_rand(1, 150)][mt_rand(0, 4)]);
                $wanted = null;
                foreach ($ranges as $number => $one) {
                    $wanted ??= $one->contains($row, $column) ? $number : null;
                }
                self::assertSame($wanted, $index->first($row, $column), "round $round: row $row, column $column");
            }
        }
        self::assertNull((new RangeIndex)->first(1, 1));
    }

    public function test_the_least_number_goes_before_all_in_whatever_order_they_were_added(): void
    {
        $index = new RangeIndex;
        foreach ([7 => 'A1:C9', 3 => 'A1:A9000', 5 => 'A1:XFD1048576', 9 => 'A1'] as $number => $range) {
            $index->add($number, Range::parse($range));
        }
        self::assertSame([3, 5, 7, 5], [$index->first(1, 1), $index->first(10, 2), (function () {
            $one = new RangeIndex;
            $one->add(9, Range::parse('A1'));
            $one->add(7, Range::parse('A1:C9'));

            return $one->first(1, 1);
        })(), $index->first(9_001, 1)]);
    }

    public function test_rows_that_are_added_are_told_where_they_are_new(): void
    {
        mt_srand(112);
        for ($round = 0; $round < 200; $round++) {
            $spans = new Spans;
            $set = [];
            for ($step = mt_rand(1, 12); $step > 0; $step--) {
                $first = mt_rand(1, 40);
                $last = $first + mt_rand(0, 9);
                $fresh = [];
                foreach ($spans->add($first, $last) as [$top, $bottom]) {
                    self::assertLessThanOrEqual($bottom, $top);
                    array_push($fresh, ...range($top, $bottom));
                }
                self::assertSame(array_values(array_diff(range($first, $last), array_keys($set))), $fresh, "round $round");
                $set += array_fill_keys(range($first, $last), true);
            }
            ksort($set);
            $rows = array_keys($set);
            self::assertSame($rows, iterator_to_array($spans->within(1, 60), false));
            self::assertSame(array_values(array_filter($rows, fn (int $row) => $row >= 12 && $row <= 30)),
                iterator_to_array($spans->within(12, 30), false));
            self::assertSame(count($rows), $spans->count());
            foreach (range(1, 52) as $row) {
                self::assertSame(isset($set[$row]), $spans->has($row), "round $round: row $row");
            }
            // Stretches are sorted, and neighbours are one.
            foreach (array_slice($spans->list, 1) as $at => [$top]) {
                self::assertGreaterThan($spans->list[$at][1] + 1, $top);
            }
        }
    }
}
