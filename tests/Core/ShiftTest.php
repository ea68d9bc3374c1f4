<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Exception\MoveIsWrong;
use Rilvet\Act\MoveCells;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Reading;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Putting rows or columns in and taking the same ones out again changes nothing; a naive grid agrees at every step. */
final class ShiftTest extends TestCase
{
    /** Rows and columns come and go by 1 to 10,000, inside of a worksheet, which ends where it ends. */
    public function test_what_cannot_be_put_in_or_taken_out_is_refused(): void
    {
        $sheet = new Worksheet(MemorySheet::of('S', [['Tree', 1], ['Ash', 2]]), 'S', Reading::none());
        $workbook = new Workbook('W', [1 => $sheet], new LookBook);
        $move = fn (bool $rows, int $at, int $count, bool $in) => (new MoveCells(1, new Shift($rows, $at, $count, $in)))->on($workbook);
        $wrong = [
            [true, 1, 0, true], [true, 1, -3, false], [true, 1, 10_001, true], [true, 0, 1, true], [true, Address::ROWS + 1, 1, false],
            [false, Address::COLUMNS + 1, 1, false], [false, 0, 1, false],
        ];
        foreach ($wrong as $one) {
            try {
                $move(...$one);
                self::fail(json_encode($one).' is refused');
            } catch (MoveIsWrong $refused) {
                self::assertStringContainsString('Between 1 and 10,000 rows or columns', $refused->getMessage());
            }
        }
        $right = [[true, 1, 10_000, true], [true, Address::ROWS, 1, false], [false, Address::COLUMNS, 1, false], [true, 1, 1, false]];
        foreach ($right as $one) {
            self::assertInstanceOf(Workbook::class, $move(...$one));
        }
        $this->expectExceptionMessage('The sheet would grow beyond 16,384 columns.');
        $wide = new Worksheet(MemorySheet::of('S', [array_fill(0, Address::COLUMNS, 1)]), 'S', Reading::none());
        (new MoveCells(1, new Shift(false, 1, 1, true)))->on(new Workbook('W', [1 => $wide], new LookBook));
    }

    public function test_look_maps_move_as_a_naive_grid_does(): void
    {
        mt_srand(71);
        for ($round = 0; $round < 120; $round++) {
            $map = new LookMap;
            $grid = [];
            for ($act = 0; $act < 6; $act++) {
                [$top, $left] = [mt_rand(1, 12), mt_rand(1, 6)];
                $range = Range::of($top, $left, $top + mt_rand(0, 6), $left + mt_rand(0, 3));
                $look = mt_rand(0, 3);
                $map->set($range, $look);
                for ($row = $range->top; $row <= $range->bottom; $row++) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $grid[$row][$column] = $look;
                    }
                }
            }
            $shift = new Shift(mt_rand(0, 1) === 1, mt_rand(1, 14), mt_rand(1, 4), mt_rand(0, 1) === 1);
            $moved = $map->moved($shift);
            for ($row = 1; $row <= 24; $row++) {
                for ($column = 1; $column <= 14; $column++) {
                    [$fromRow, $fromColumn, $isNew] = self::origin($shift, $row, $column);
                    if ($isNew) {
                        // New rows inside a run belong to it; elsewhere they are bare.
                        continue;
                    }
                    self::assertSame(
                        $grid[$fromRow][$fromColumn] ?? 0,
                        $moved->at($row, $column),
                        "round $round, row $row, column $column",
                    );
                }
            }
        }
    }

    public function test_in_and_out_again_leaves_looks_sizes_and_merges_as_they_were(): void
    {
        mt_srand(72);
        for ($round = 0; $round < 100; $round++) {
            $map = new LookMap;
            for ($act = 0; $act < 5; $act++) {
                $top = mt_rand(1, 20);
                $map->set(Range::of($top, mt_rand(1, 5), $top + mt_rand(0, 9), mt_rand(5, 8)), mt_rand(1, 4));
            }
            $setup = new Setup(
                new Sizes(
                    [1 => 80, 3 => mt_rand(20, 200), 7 => 44],
                    [2 => 33, 9 => mt_rand(10, 90)],
                    [4],
                    [5, 6],
                    heldColumns: [3],
                    heldRows: [9],
                ),
                new Opening(3, 1),
                [Range::of(3, 2, 3, 5), Range::of(8, 1, 10, 2)],
            );
            $rows = mt_rand(0, 1) === 1;
            [$at, $count] = [mt_rand(1, 15), mt_rand(1, 5)];
            [$in, $out] = [new Shift($rows, $at, $count, true), new Shift($rows, $at, $count, false)];
            self::assertSame($map->runs(), $map->moved($in)->moved($out)->runs(), "round $round");
            self::assertSame(
                $setup->toArray(),
                $setup->moved($in)->moved($out)->toArray(),
                "round $round, ".($rows ? 'rows' : 'columns')." at $at, $count",
            );
        }
    }

    public function test_references_come_back_too(): void
    {
        mt_srand(73);
        $formulas = ['A1+B2*$C$3', 'SUM(A1:D20)', "'My sheet'!B4:B9&\"A1\"", 'IF(LOG10(A7)>2,B$3,$C9)', '3:7', 'SUM(B:D)+A12'];
        for ($round = 0; $round < 200; $round++) {
            $rows = mt_rand(0, 1) === 1;
            [$at, $count] = [mt_rand(1, 15), mt_rand(1, 5)];
            foreach ($formulas as $formula) {
                $there = (new References(new Shift($rows, $at, $count, true), 'My sheet'))->moved($formula, true);
                self::assertSame($formula, (new References(new Shift($rows, $at, $count, false), 'My sheet'))->moved($there, true));
            }
        }
    }

    /** @return array{int, int, bool} where a cell came from, and whether it is new */
    private static function origin(Shift $shift, int $row, int $column): array
    {
        $at = $shift->rows ? $row : $column;
        $isNew = $shift->in && $at >= $shift->at && $at < $shift->at + $shift->count;
        $from = $at < $shift->at ? $at
            : ($shift->in ? $at - $shift->count : $at + $shift->count);

        return [$shift->rows ? $from : $row,
            $shift->rows ? $column : $from, $isNew];
    }
}
