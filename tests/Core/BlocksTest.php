<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\BlockIndex;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\FilledRows;
use Rilvet\Grid\FreshBlocks;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookMap;
use Rilvet\Window\Figures;
use RuntimeException;
use Tests\Spent;

/** Row blocks that are never moved, the index over them, and what is kept beside them. */
final class BlocksTest extends TestCase
{
    /** Law: after any changes the sheet holds what the same changes make of a plain list of rows. */
    public function test_rows_and_columns_in_and_out_edits_and_orders_are_those_of_a_plain_list(): void
    {
        mt_srand(41);
        for ($round = 0; $round < 12; $round++) {
            $rows = array_map(fn (int $row) => [$row, "t$row", ['f' => "A$row*2", 'v' => 2 * $row]], range(1, mt_rand(200, 1_400)));
            $sheet = self::sheet($rows);
            for ($step = 0; $step < 12; $step++) {
                [$sheet, $rows] = match (mt_rand(0, 3)) {
                    0 => self::shift($sheet, $rows, mt_rand(0, 1) === 1),
                    1 => self::columns($sheet, $rows, mt_rand(0, 1) === 1),
                    2 => self::edit($sheet, $rows),
                    default => self::order($sheet, $rows),
                };
                self::assertSame(count($rows), $sheet->rows());
                self::assertSame(self::trimmed($rows), self::stored($sheet), "round $round, step $step");
            }
        }
    }

    public function test_one_row_put_into_a_sheet_of_half_a_million_makes_one_new_block(): void
    {
        $store = new MemoryBlockStore;
        $store->put(0, Block::encode(array_fill(0, Block::ROWS, [1])));
        $sheet = new BlockSheet('S', 500_000, 1, $store);
        $began = Spent::now();
        $moved = BlockChange::shifted($sheet, new Shift(true, 5, 1, true));
        self::assertLessThan(0.05, Spent::now() - $began);
        assert($moved instanceof BlockSheet);
        $fresh = $moved->store();
        assert($fresh instanceof FreshBlocks);
        self::assertCount(1, $fresh->fresh);
        self::assertSame([257, Block::ROWS], [$moved->index()->runs[0][2], $moved->index()->runs[1][2]]);
        self::assertCount(2, $moved->index()->toArray() ?? []);
        self::assertNull(BlockIndex::even()->toArray(), 'a sheet as it came needs no word');
    }

    public function test_an_index_always_covers_a_whole_worksheet(): void
    {
        $index = BlockIndex::even()->with(1, 257, [], 1 << 40);
        self::assertSame(1_048_576, array_sum(array_map(fn (array $run) => $run[1] * $run[2], $index->runs)));
        self::assertSame([[1, 1, 256]], iterator_to_array($index->blocks(1, 200)));
        self::assertSame([[1 << 40, 1_048_321, 256]], iterator_to_array($index->blocks(1_048_576, 1_048_576)));
    }

    public function test_an_order_of_rows_takes_ranges_along_and_comes_back_from_json(): void
    {
        $order = new RowOrder(1, 3, [2 => 4, 3 => 2, 4 => 3]);
        self::assertSame(['A3'], self::texts($order->ranges(Range::parse('A2'))));
        self::assertSame(['A2', 'A4'], self::texts($order->ranges(Range::parse('A3:A4'))));
        self::assertSame(['A2:C4'], self::texts($order->ranges(Range::parse('A2:C4'))), 'all of the rows are the same in any order');
        self::assertSame(['E3'], self::texts($order->ranges(Range::parse('E3'))), 'outside of the columns nothing moves');
        self::assertSame(
            ['A1:A2', 'A4:A9'],
            self::texts(RangeSet::of(...$order->ranges(Range::parse('A1:A9')))->without(Range::parse('A3'))->all()),
        );
        self::assertSame([3, 2, 7], [$order->row(2, 1), $order->row(4, 3), $order->row(7, 1)]);
        self::assertEquals($order, RowOrder::fromArray($order->toArray()));
        $looks = new LookMap([1 => [[2, 2, 5], [4, 4, 6]], 2 => [[1, 9, 7]]]);
        self::assertSame([1 => [[2, 2, 6], [3, 3, 5]], 2 => [[1, 9, 7]]], $looks->ordered(Range::parse('A2:C4'), $order->from)->runs());
    }

    public function test_figures_of_blocks_are_those_of_cells(): void
    {
        mt_srand(8);
        $rows = array_map(
            fn () => array_map(
                fn () => [
                    null, 'x', mt_rand(-500, 500) / 4, mt_rand(0, 9), ['f' => 'A1', 'v' => 2.5], true, ['e' => '#N/A'],
                ][mt_rand(0, 6)],
                range(1, 4),
            ),
            range(1, 900),
        );
        $sheet = self::sheet($rows);
        foreach (['A1:D900', 'B200:C700', 'D1,A256:B257', 'A899:D5000', 'C1:C1048576'] as $ranges) {
            $numbers = [];
            $filled = 0;
            foreach (RangeSet::parse($ranges) as $range) {
                foreach (array_slice($rows, $range->top - 1, $range->rows()) as $line) {
                    foreach (array_slice($line, $range->left - 1, $range->columns()) as $value) {
                        $filled += $value === null ? 0 : 1;
                        $number = is_array($value) ? $value['v'] ?? null : $value;
                        is_int($number) || is_float($number) ? $numbers[] = $number : null;
                    }
                }
            }
            $figures = Figures::of($sheet, RangeSet::parse($ranges));
            self::assertSame([$filled, count($numbers)], [$figures->filled, $figures->numbers], $ranges);
            self::assertEqualsWithDelta(array_sum($numbers), (float) str_replace(',', '', (string) $figures->sum), 0.006);
            self::assertEqualsWithDelta(min($numbers), (float) str_replace(',', '', (string) $figures->least), 0.006);
            self::assertEqualsWithDelta(max($numbers), (float) str_replace(',', '', (string) $figures->greatest), 0.006);
        }
    }

    public function test_filled_rows_are_those_that_hold_something(): void
    {
        $sheet = self::sheet([[], [1, null, 'b', null], [], [null, ['f' => 'A1', 'v' => 1]]]);
        $found = array_map(
            fn (array $cells) => array_map(fn (Cell $cell) => $cell->stored(), $cells),
            iterator_to_array(FilledRows::of($sheet)),
        );
        self::assertSame([2 => [1, null, 'b'], 4 => [null, ['f' => 'A1', 'v' => 1]]], $found);
        self::assertFalse(FilledRows::isSparse($sheet));
        self::assertTrue(FilledRows::isSparse(new BlockSheet('S', 1_048_576, 16_384, new MemoryBlockStore)));
    }

    /**
     * @param  list<list<mixed>>  $rows
     * @return array{BlockSheet, list<list<mixed>>}
     */
    private static function shift(BlockSheet $sheet, array $rows, bool $in): array
    {
        $at = mt_rand(1, count($rows));
        $count = mt_rand(1, 700);
        $in ? array_splice($rows, $at - 1, 0, array_fill(0, $count, [])) : array_splice($rows, $at - 1, $count);
        $moved = BlockChange::shifted($sheet, new Shift(true, $at, $count, $in));
        assert($moved instanceof BlockSheet);

        return $rows === [] ? self::edit($sheet, self::stored($sheet)) : [$moved, $rows];
    }

    /**
     * @param  list<list<mixed>>  $rows
     * @return array{BlockSheet, list<list<mixed>>}
     */
    private static function columns(BlockSheet $sheet, array $rows, bool $in): array
    {
        if (! $in && $sheet->columns() < 3) {
            return [$sheet, $rows];
        }
        $at = mt_rand(1, $sheet->columns());
        foreach ($rows as $index => $line) {
            $line = array_pad($line, $sheet->columns(), null);
            array_splice($line, $at - 1, $in ? 0 : 1,
                $in ? [null] : []);
            $rows[$index] = $line;
        }
        $moved = BlockChange::shifted($sheet, new Shift(false, $at, 1, $in));
        assert($moved instanceof BlockSheet);

        return [$moved, $rows];
    }

    /**
     * @param  list<list<mixed>>  $rows
     * @return array{BlockSheet, list<list<mixed>>}
     */
    private static function edit(BlockSheet $sheet, array $rows): array
    {
        $edits = [];
        for ($count = mt_rand(1, 30); $count > 0; $count--) {
            [$row, $column] = [mt_rand(1, count($rows)), mt_rand(1, $sheet->columns())];
            $edits[$row][$column] = mt_rand(0, 3) === 0 ? Cell::blank() : Cell::of("e$count");
            $rows[$row - 1] = array_pad($rows[$row - 1], $column, null);
            $rows[$row - 1][$column - 1] = $edits[$row][$column]->stored();
        }

        return [BlockChange::edited($sheet, $edits, $sheet->rows(), $sheet->columns()), array_map(array_values(...), $rows)];
    }

    /**
     * @param  list<list<mixed>>  $rows
     * @return array{BlockSheet, list<list<mixed>>}
     */
    private static function order(BlockSheet $sheet, array $rows): array
    {
        $first = mt_rand(1, count($rows));
        $last = mt_rand($first, min(count($rows), $first + 400));
        $from = range($first, $last);
        shuffle($from);
        $to = array_combine(range($first, $last), $from);
        $left = mt_rand(1, $sheet->columns());
        $right = mt_rand(0, 1) === 1 ? $sheet->columns() : mt_rand($left, $sheet->columns());
        $new = $rows;
        foreach ($to as $row => $comes) {
            $line = array_pad($rows[$row - 1], $sheet->columns(), null);
            $other = array_pad($rows[$comes - 1], $sheet->columns(), null);
            for ($column = $left; $column <= $right; $column++) {
                $line[$column - 1] = $other[$column - 1];
            }
            $new[$row - 1] = $line;
        }

        return [BlockChange::ordered($sheet, new RowOrder($left, $right, $to), fn (string $formula) => $formula), $new];
    }

    public function test_a_block_whose_bytes_are_damaged_is_told(): void
    {
        $this->expectException(RuntimeException::class);
        $this->expectExceptionMessage('A row block cannot be read');
        Block::decode('no deflated bytes');
    }

    /** @param  list<list<mixed>>  $rows */
    private static function sheet(array $rows): BlockSheet
    {
        $store = new MemoryBlockStore;
        foreach (array_chunk($rows, Block::ROWS) as $number => $chunk) {
            /** @phpstan-ignore argument.type (rows of stored cells, made above) */
            $store->put($number, Block::encode(Block::trimmed($chunk)));
        }

        return new BlockSheet('S', count($rows), max(array_map(count(...), $rows)), $store);
    }

    /** @return list<list<mixed>> */
    private static function stored(BlockSheet $sheet): array
    {
        $rows = array_fill(0, $sheet->rows(), []);
        foreach ($sheet->stored() as $row => $line) {
            $rows[$row - 1] = $line;
        }

        return self::trimmed($rows);
    }

    /**
     * @param  array<int, list<mixed>>  $rows
     * @return list<list<mixed>>
     */
    private static function trimmed(array $rows): array
    {
        return array_values(array_map(function (array $line) {
            while ($line !== [] && end($line) === null) {
                array_pop($line);
            }

            return array_values($line);
        }, $rows));
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<string>
     */
    private static function texts(array $ranges): array
    {
        return array_map(strval(...), $ranges);
    }

    public function test_a_block_that_was_read_is_read_anew_when_it_holds_something_else(): void
    {
        foreach ([3, 500] as $columns) {
            $store = new MemoryBlockStore;
            $rows = fn (int $from) => array_map(fn (int $row) => array_fill(0, $columns, $from + $row), range(1, 20));
            $sheet = new BlockSheet('S', 20, $columns, $store);
            foreach ([0, 100, 0, 200, 300, 400, 500, 0] as $from) {
                $store->put(0, Block::encode($rows($from)));
                $other = new BlockSheet('T', 20, $columns, $store);
                foreach ([$sheet, $other, $sheet] as $one) {
                    foreach ($one->read(7, 7) as $cells) {
                        self::assertSame([$from + 7, $from + 7], [$cells[0]->value, $cells[$columns - 1]->value], "$columns columns");
                    }
                }
            }
        }
    }

    /** Law: what was read of a sheet before makes no difference to what it gives, in whatever pieces it is read. */
    public function test_rows_are_the_same_whatever_was_read_before(): void
    {
        mt_srand(40_417);
        $value = fn (int $row, int $column) => $row * $column % 7 === 0 ? null
            : ($column % 3 === 0 ? "t$row" : $row * 100 + $column);
        foreach ([4, 90, 401] as $columns) {
            $rows = array_map(fn (int $row) => array_map(fn (int $column) => $value($row, $column), range(1, $columns)), range(1, 900));
            $sheet = self::sheet($rows);
            for ($round = 0; $round < 60; $round++) {
                $first = mt_rand(1, 900);
                $last = min(900, $first + [0, 3, 40, 400][mt_rand(0, 3)]);
                [$left, $right] = mt_rand(0, 2) > 0 ? [1, $columns + mt_rand(0, 1)] : [mt_rand(1, $columns), $columns];
                $given = [];
                foreach ($sheet->read($first, $last, $left, $right) as $row => $cells) {
                    $given[$row] = array_map(fn (Cell $cell) => $cell->value, $cells);
                }
                $wanted = [];
                for ($row = $first; $row <= $last; $row++) {
                    $wanted[$row] = array_map(fn (int $column) => $column < $left ? null : $value($row, $column), range(1, $columns));
                }
                self::assertSame($wanted, $given, "$columns columns, $first to $last from column $left");
            }
        }
    }
}
