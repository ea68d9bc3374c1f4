<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\EditCells;
use Rilvet\Act\Format;
use Rilvet\Act\Resize;
use Rilvet\Act\Settle;
use Rilvet\Act\Targets;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A row that nobody sized is as high as what it holds wants, also on a sheet without a stylebook (ISO/IEC 29500-1 18.3.1.73). */
final class GrownRowsTest extends TestCase
{
    public function test_a_larger_type_a_wrap_a_line_break_and_a_turned_heading_grow_their_rows_and_no_others(): void
    {
        $book = self::book();
        $usual = $book->sheet(1)->setup->sizes->height;
        $after = $this->done($book, self::look('A1', ['size' => 18]));
        self::assertGreaterThan($usual, $after->sheet(1)->setup->sizes->heightOf(1));
        self::assertSame([1], array_keys($after->sheet(1)->setup->sizes->heights));
        $after = $this->done($after, self::look('A1', ['size' => 10]));
        self::assertSame([], $after->sheet(1)->setup->sizes->heights, 'and shrink again');

        $after = $this->done($book, self::look('A3', ['wrap' => true]));
        self::assertGreaterThan(2 * $usual, $after->sheet(1)->setup->sizes->heightOf(3));
        $after = $this->done($book, new EditCells(1, [4 => [2 => "two\nlines\nor three"]]));
        $after = $this->done($after, self::look('B4', ['wrap' => true]));
        self::assertGreaterThan(2 * $usual, $after->sheet(1)->setup->sizes->heightOf(4));
        $after = $this->done($book, self::look('B2', ['rotation' => 90]));
        self::assertGreaterThan(2 * $usual, $after->sheet(1)->setup->sizes->heightOf(2));
    }

    public function test_a_format_that_needs_more_room_widens_its_column_unless_somebody_sized_it(): void
    {
        $cells = MemorySheet::of('S', [['Tree', 'Worth'], ...array_map(fn (int $row) => ["Tree $row", 12_345.5 * $row], range(2, 9))]);
        $book = new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
        $format = self::look('B2:B9', ['number' => '"about" #,##0.00 "pounds"']);
        $after = $this->done($book, $format);
        self::assertGreaterThan($book->sheet(1)->setup->sizes->widthOf(2), $after->sheet(1)->setup->sizes->widthOf(2));
        self::assertSame($book->sheet(1)->setup->sizes->widthOf(1), $after->sheet(1)->setup->sizes->widthOf(1));
        $held = $this->done($book, new Resize([1], true, [[2, 2]], 40));
        self::assertSame(40, $this->done($held, $format)->sheet(1)->setup->sizes->widthOf(2));
    }

    public function test_a_slanted_heading_widens_its_column_as_its_box_wants(): void
    {
        $cells = MemorySheet::of('S', [['Tree', 'Held back for the reserve', 'No'], ['Rowan', 1, 2], ['Aspen', 3, 4]]);
        $book = new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
        $usual = $book->sheet(1)->setup->sizes->widthOf(2);
        $after = $this->done($book, self::look('B1:C1', ['rotation' => 45]))->sheet(1)->setup->sizes;
        self::assertGreaterThan($usual + 40, $after->widthOf(2));
        self::assertSame($usual, $after->widthOf(3), 'a short one fits as it is');
        self::assertEqualsWithDelta($after->widthOf(2), $after->heightOf(1), 12, 'at 45 degrees a box is about as wide as high');
        self::assertSame(
            $usual,
            $this->done($book, self::look('B1', ['rotation' => 90]))->sheet(1)->setup->sizes->widthOf(2),
            'upright it needs no width',
        );
        $held = $this->done($book, new Resize([1], true, [[2, 2]], 30));
        self::assertSame(30, $this->done($held, self::look('B1', ['rotation' => 45]))->sheet(1)->setup->sizes->widthOf(2));
    }

    public function test_a_row_sized_by_hand_stays_and_thousands_are_left_alone(): void
    {
        $sized = $this->done(self::book(), new Resize([1], false, [[1, 1]], 30));
        self::assertSame(30, $this->done($sized, self::look('A1', ['size' => 30]))->sheet(1)->setup->sizes->heightOf(1));
        $long = self::book(5_000);
        self::assertSame([], $this->done($long, self::look('A1:B5000', ['size' => 30]))->sheet(1)->setup->sizes->heights);
    }

    private function done(Workbook $book, Act $act): Workbook
    {
        return Settle::after($act->reach(), $book, $act->on($book));
    }

    /** @param  array<string, bool|int|string>  $look */
    private static function look(string $range, array $look): Act
    {
        return new Format(new Targets([1], RangeSet::parse($range)), Look::of($look));
    }

    private static function book(int $rows = 6): Workbook
    {
        $cells = MemorySheet::of('S', [
            ['Lengths of hedge by the ford', ''],
            ['Tree', 'Length of hedge in metres'],
            ['Rowan and ash, planted in the wet spring of the long year', '3'],
            ...array_map(fn (int $row) => ["Tree $row", (string) $row], range(4, $rows)),
        ]);

        return new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
    }
}
