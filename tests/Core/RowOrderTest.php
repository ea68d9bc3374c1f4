<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;

/** Rows that change places as far as some columns go: where cells and ranges go, beside each cell that is asked by itself. */
final class RowOrderTest extends TestCase
{
    private static function random(): RowOrder
    {
        [$first, $left] = [mt_rand(1, 6), mt_rand(1, 3)];
        $rows = range($first, $first + mt_rand(1, 9));
        $from = $rows;
        shuffle($from);

        return new RowOrder($left, $left + mt_rand(0, 4), array_combine($rows, $from));
    }

    /** @return list<string> */
    private static function cells(Range ...$ranges): array
    {
        $cells = [];
        foreach ($ranges as $range) {
            for ($row = $range->top; $row <= $range->bottom; $row++) {
                for ($column = $range->left; $column <= $range->right; $column++) {
                    $cells[] = "$column.$row";
                }
            }
        }
        sort($cells, SORT_STRING);

        return $cells;
    }

    public function test_each_cell_goes_where_its_row_goes_and_comes_from_there(): void
    {
        mt_srand(121);
        for ($round = 0; $round < 80; $round++) {
            $order = self::random();
            $range = $order->range();
            self::assertSame([$order->first(), $order->left, $order->last(), $order->right],
                [$range->top, $range->left, $range->bottom, $range->right]);
            for ($row = 1; $row <= 20; $row++) {
                for ($column = 1; $column <= 9; $column++) {
                    $to = $order->row($row, $column);
                    self::assertSame($row, $range->contains($row, $column) ? $order->from[$to] : $to);
                }
            }
        }
    }

    public function test_a_range_goes_where_its_cells_go_but_one_of_all_rows_stays(): void
    {
        mt_srand(122);
        for ($round = 0; $round < 300; $round++) {
            $order = self::random();
            [$a, $b, $c, $d] = [mt_rand(1, 18), mt_rand(1, 18), mt_rand(1, 8), mt_rand(1, 8)];
            $range = Range::of(min($a, $b), min($c, $d), max($a, $b), max($c, $d));
            $moved = $order->ranges($range);
            if ($range->top <= $order->first() && $range->bottom >= $order->last()) {
                self::assertEquals([$range], $moved, "round $round");

                continue;
            }
            $wanted = [];
            foreach (self::cells($range) as $cell) {
                [$column, $row] = array_map(intval(...), explode('.', $cell));
                $wanted[] = "$column.".$order->row($row, $column);
            }
            sort($wanted, SORT_STRING);
            self::assertSame($wanted, self::cells(...$moved), "round $round: $range");
            // From the top down, and as few as rows beside each other allow.
            $tops = array_map(fn (Range $one) => [$one->top, $one->left], $moved);
            $sorted = $tops;
            sort($sorted);
            self::assertSame($sorted, $tops, "round $round: $range");
        }
    }

    public function test_it_is_stored_and_read_again(): void
    {
        mt_srand(123);
        for ($round = 0; $round < 40; $round++) {
            $order = self::random();
            $json = json_decode((string) json_encode($order->toArray()), true);
            self::assertEquals($order, RowOrder::fromArray($json));
        }
        // Ten thousand rows in their turned order are a few bytes a row at most.
        $rows = range(2, 10_001);
        $order = new RowOrder(1, 9, array_combine($rows, array_reverse($rows)));
        self::assertLessThan(80_000, strlen((string) json_encode($order->toArray())));
        self::assertSame(10_001, RowOrder::fromArray($order->toArray())->row(2, 1));
    }
}
