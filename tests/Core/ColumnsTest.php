<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Columns;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Sheet;

/** The values of whole columns, read the quick way from where they are stored, are those that reading cell by cell gives. */
final class ColumnsTest extends TestCase
{
    private static function cell(): Cell
    {
        return match (mt_rand(0, 9)) {
            0, 1 => Cell::blank(),
            2 => Cell::of(mt_rand(-9, 9)),
            3 => Cell::of(mt_rand(0, 90) / 8),
            4 => Cell::of(mt_rand(0, 1) === 1),
            5 => Cell::formula('A1+1', mt_rand(0, 99)),
            6 => Cell::formula('1/0', null, '#DIV/0!'),
            7 => Cell::formula('A1&""', ''),
            8 => Cell::error('#N/A'),
            default => Cell::of('text '.mt_rand(0, 4)),
        };
    }

    /** @return array<int, array<int, bool|int|float|string>> */
    private static function slowly(Sheet $sheet, int ...$columns): array
    {
        $found = array_fill_keys($columns, []);
        foreach ($sheet->read(1, $sheet->rows()) as $row => $cells) {
            foreach ($columns as $column) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                if ($cell->error === null && $cell->value !== null && $cell->value !== '') {
                    $found[$column][$row] = $cell->value;
                }
            }
        }

        return $found;
    }

    /**
     * @param  array<int, array<int, bool|int|float|string>>  $columns
     * @return array<int, array<int, bool|int|float|string>> rows in their order
     */
    private static function ordered(array $columns): array
    {
        foreach ($columns as &$lines) {
            ksort($lines);
        }
        unset($lines);
        ksort($columns);

        return $columns;
    }

    public function test_columns_of_blocks_with_edits_over_them_are_read_as_cells_are(): void
    {
        mt_srand(83);
        for ($round = 0; $round < 30; $round++) {
            [$rows, $columns] = [mt_rand(1, 700), mt_rand(1, 9)];
            $store = new MemoryBlockStore;
            $blocks = [];
            for ($row = 1; $row <= $rows; $row++) {
                $blocks[Block::of($row)][] = array_map(fn () => self::cell()->stored(), range(1, $columns));
            }
            foreach ($blocks as $number => $lines) {
                $store->put($number, Block::encode($lines));
            }
            $sheet = new BlockSheet('S', $rows, $columns, $store);
            $edits = [];
            for ($edit = mt_rand(0, 20); $edit > 0; $edit--) {
                $edits[mt_rand(1, $rows)][mt_rand(1, $columns)] = self::cell();
            }
            $more = [mt_rand(1, $rows) => [mt_rand(1, $columns) => self::cell()]];
            $edited = $edits === [] ? $sheet : new EditedSheet(new EditedSheet($sheet, $edits), $more);
            $asked = array_values(array_unique([mt_rand(1, $columns), mt_rand(1, $columns), $columns]));
            self::assertSame(self::ordered(self::slowly($edited, ...$asked)), self::ordered(Columns::of($edited, $asked)), "round $round");
        }
    }

    public function test_sheets_that_are_no_blocks_are_read_too_and_no_columns_are_none(): void
    {
        $sheet = MemorySheet::of('S', [['a', 1, null], ['b', null, true], ['', 2.5, 'c']]);
        self::assertSame(self::slowly($sheet, 1, 2, 3), Columns::of($sheet, [1, 2, 3]));
        self::assertSame([1 => [1 => 'a', 2 => 'b']], Columns::of($sheet, [1]));
        self::assertSame([], Columns::of($sheet, []));
        $edited = new EditedSheet($sheet, [2 => [2 => Cell::of(9), 1 => Cell::blank()]]);
        self::assertSame([2 => [1 => 1, 2 => 9, 3 => 2.5]], self::ordered(Columns::of($edited, [2])));
    }
}
