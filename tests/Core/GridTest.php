<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Address;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Exception\AddressIsWrong;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Grid\ShiftedSheet;
use Rilvet\Look\LookMap;

final class GridTest extends TestCase
{
    public function test_every_column_name_comes_back(): void
    {
        $seen = [];
        for ($column = 1; $column <= Address::COLUMNS; $column++) {
            $name = Address::columnName($column);
            self::assertSame($column, Address::columnNumber($name));
            $seen[$name] = true;
        }
        self::assertCount(Address::COLUMNS, $seen);
        self::assertSame('XFD', Address::columnName(Address::COLUMNS));
    }

    /** @return iterable<array{string, string}> */
    public static function ranges(): iterable
    {
        yield ['b4', 'B4'];
        yield ['B4:f20', 'B4:F20'];
        yield ['F20:B4', 'B4:F20'];
        yield ['$B$4:$F$20', 'B4:F20'];
        yield ['C:D', 'C1:D1048576'];
        yield ['7:2', 'A2:XFD7'];
    }

    #[DataProvider('ranges')]
    public function test_ranges_are_read(string $text, string $range): void
    {
        self::assertSame($range, (string) Range::parse($text));
    }

    /** @return iterable<array{string}> */
    public static function wrong(): iterable
    {
        yield from [[''], ['A0'], ['XFE1'], ['A1048577'], ['1A'], ['A1:B2:C3'], ['A-1'], ['Sheet1!A1'], [str_repeat('A', 5_000)]];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_range_is_refused(string $text): void
    {
        $this->expectException(AddressIsWrong::class);
        Range::parse($text);
    }

    public function test_a_set_of_ranges_equals_a_naive_grid(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 80; $round++) {
            $set = RangeSet::of();
            $grid = [];
            for ($step = 0; $step < 8; $step++) {
                $range = self::randomRange();
                $add = mt_rand(0, 2) > 0;
                $set = $add ? $set->with($range) : $set->without($range);
                for ($row = $range->top; $row <= $range->bottom; $row++) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $grid["$row.$column"] = $add;
                    }
                }
            }
            for ($row = 1; $row <= 10; $row++) {
                for ($column = 1; $column <= 10; $column++) {
                    self::assertSame($grid["$row.$column"] ?? false, $set->contains($row, $column));
                }
            }
            self::assertSame(count(array_filter($grid)), $set->cells(), 'no cell is in it twice');
        }
    }

    public function test_cells_survive_storing(): void
    {
        $cells = [
            Cell::blank(),
            Cell::of(5),
            Cell::of(5.0),
            Cell::of(0.1 + 0.2),
            Cell::of(-1.5e-300),
            Cell::of(true),
            Cell::of('text'),
            Cell::of("two\nlines \u{1F333}"),
            Cell::formula('A1+1', 3),
            Cell::formula('A1', null, '#REF!'),
            Cell::error('#N/A'),
        ];
        $blocks = new MemoryBlockStore();
        $blocks->put(0, Block::encode([array_map(fn (Cell $cell) => $cell->stored(), $cells)]));
        foreach ((new BlockSheet('S', 1, count($cells), $blocks))->read(1, 1) as $found) {
            foreach ($cells as $index => $cell) {
                self::assertEquals($cell, $found[$index]);
                self::assertTrue($cell->sameDataAs($found[$index]));
            }
        }
        self::assertFalse(Cell::of(5)->sameDataAs(Cell::of('5')), 'a number is not its text');
        self::assertFalse(Cell::formula('A1', 5)->sameDataAs(Cell::of(5)));
    }

    public function test_rows_are_read_across_blocks_and_clipped_to_the_sheet(): void
    {
        $blocks = new MemoryBlockStore;
        $rows = Block::ROWS * 2 + 10;
        foreach (array_chunk(array_map(fn (int $row) => [$row], range(1, $rows)), Block::ROWS) as $number => $chunk) {
            $blocks->put($number, Block::encode($chunk));
        }
        $sheet = new BlockSheet('S', $rows, 1, $blocks);
        $found = [];
        foreach ($sheet->read(Block::ROWS - 1, Block::ROWS * 2 + 2) as $row => $cells) {
            self::assertSame($row, $cells[0]->value);
            $found[] = $row;
        }
        self::assertSame(range(Block::ROWS - 1, Block::ROWS * 2 + 2), $found);
        self::assertCount(10, [...$sheet->read($rows - 9, $rows + 500)]);
    }

    public function test_shifted_and_edited_sheets_equal_a_naive_grid(): void
    {
        mt_srand(17);
        for ($round = 0; $round < 60; $round++) {
            $grid = array_map(fn (int $row) => array_map(fn (int $column) => "$row.$column", range(1, 5)), range(1, 9));
            $sheet = MemorySheet::of('S', $grid);
            for ($step = 0; $step < 4; $step++) {
                $rows = mt_rand(0, 1) === 1;
                $size = $rows ? count($grid) : count($grid[0] ?? []);
                if ($size < 2) {
                    break;
                }
                $shift = new Shift($rows, mt_rand(1, $size), mt_rand(1, 2), mt_rand(0, 1) === 1);
                $sheet = new ShiftedSheet($sheet, $shift);
                $width = count($grid[0]);
                if ($rows) {
                    array_splice(
                        $grid,
                        $shift->at - 1,
                        $shift->in ? 0 : $shift->count,
                        $shift->in ? array_fill(0, $shift->count, array_fill(0, $width, null)) : [],
                    );
                } else {
                    foreach ($grid as &$line) {
                        array_splice(
                            $line,
                            $shift->at - 1,
                            $shift->in ? 0 : $shift->count,
                            $shift->in ? array_fill(0, $shift->count, null) : [],
                        );
                    }
                    unset($line);
                }
                if ($grid === [] || $grid[0] === []) {
                    break;
                }
                $row = mt_rand(1, count($grid));
                $column = mt_rand(1, count($grid[0]));
                $sheet = new EditedSheet($sheet, [
                    $row => [$column => mt_rand(0, 1) === 1 ? Cell::of("new $step") : Cell::formula('A1', "new $step")],
                ]);
                $grid[$row - 1][$column - 1] = "new $step";
            }
            if ($grid !== [] && $grid[0] !== []) {
                self::assertSame($grid, self::values($sheet));
                self::assertSame(self::formulasRead($sheet), self::formulasTold($sheet));
            }
        }
    }

    public function test_looks_move_along_like_a_naive_grid(): void
    {
        mt_srand(23);
        for ($round = 0; $round < 80; $round++) {
            $map = new LookMap;
            for ($step = 0; $step < 5; $step++) {
                $map->set(self::randomRange(), mt_rand(1, 3));
            }
            $shift = new Shift(mt_rand(0, 1) === 1, mt_rand(1, 10), mt_rand(1, 3), mt_rand(0, 1) === 1);
            $moved = $map->moved($shift);
            for ($row = 1; $row <= 10; $row++) {
                for ($column = 1; $column <= 10; $column++) {
                    $to = $shift->place($shift->rows ? $row : $column);
                    if ($to !== null) {
                        self::assertSame($map->at($row, $column), $shift->rows ? $moved->at($to, $column) : $moved->at($row, $to));
                    }
                }
            }
        }
    }

    /** @return list<list<null|bool|int|float|string>> */
    private static function values(Sheet $sheet): array
    {
        $rows = [];
        foreach ($sheet->read(1, $sheet->rows()) as $cells) {
            $rows[] = array_map(fn (Cell $cell) => $cell->value, $cells);
        }

        return $rows;
    }

    /** @return list<string> addresses of formulas, found by reading every cell */
    private static function formulasRead(Sheet $sheet): array
    {
        $found = [];
        foreach ($sheet->read(1, $sheet->rows()) as $row => $cells) {
            foreach ($cells as $index => $cell) {
                if ($cell->formula !== null) {
                    $found[] = (string) Address::of($row, $index + 1);
                }
            }
        }
        sort($found);

        return $found;
    }

    /** @return list<string> addresses of formulas as the sheet tells them */
    private static function formulasTold(Sheet $sheet): array
    {
        $found = [];
        foreach ($sheet->formulas() as $row => $cells) {
            foreach (array_keys($cells) as $column) {
                $found[] = (string) Address::of($row, $column);
            }
        }
        sort($found);

        return $found;
    }

    private static function randomRange(): Range
    {
        [$a, $b, $c, $d] = [mt_rand(1, 10), mt_rand(1, 10), mt_rand(1, 10), mt_rand(1, 10)];

        return Range::of(min($a, $b), min($c, $d), max($a, $b), max($c, $d));
    }
}
