<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Exception\LayIsWrong;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Act\FormatWhere;
use Rilvet\Act\LayStripes;
use Rilvet\Act\Targets;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stripes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** One colour for another where cells look so: over stripes without end, and in more pieces than can be kept. */
final class FormatWhereTest extends TestCase
{
    private static function striped(string $cells, int $rows, int $columns = 2): Workbook
    {
        $sheet = new Worksheet(MemorySheet::of('Beds', array_fill(0, $rows, array_fill(0, $columns, 7))), 'Beds', Reading::none());

        return (new LayStripes(new Targets([1], RangeSet::parse($cells)), Stripes::of(['fill' => '#EEEEEE'], Builtin::all()[0]->palette)))
            ->on(new Workbook('Book', [1 => $sheet], new LookBook));
    }

    private static function swapped(Workbook $book, string $cells, string $from, string $to = '#FFCC00'): Workbook
    {
        return (new FormatWhere(new Targets([1], RangeSet::parse($cells)), Look::of(['fill' => $from]),
            Look::of(['fill' => $to])))->on($book);
    }

    /** @return list<string> fills of column A from the first row on */
    private static function fills(Workbook $book, int ...$rows): array
    {
        $dressed = new DressedSheet($book->sheet(1), $book->looks);

        return array_map(fn (int $row) => $dressed->at($row, 1)->look->paper()->toHex(), array_values($rows));
    }

    public function test_stripes_of_whole_columns_are_swapped_as_far_as_there_is_data_and_a_little_below(): void
    {
        $book = self::striped('A:B', 30);
        // Each piece through all pieces before it would be a quarter of a million by itself.
        $after = self::swapped($book, 'A:B', '#EEEEEE');
        self::assertSame(['#FFFFFF', '#FFCC00', '#FFFFFF', '#FFCC00'], self::fills($after, 1, 2, 29, 30));
        self::assertSame(['#FFCC00', '#EEEEEE'], self::fills($after, 1_000, 900_000), 'a pattern without end has one');
        self::assertSame(515 * 2, array_sum(array_map(count(...), $after->sheet(1)->hand->runs())));
        // And there and back it looks as before.
        self::assertSame(self::fills($book, 1, 2, 29, 30, 1_000), self::fills(self::swapped($after, 'A:B', '#FFCC00', '#EEEEEE'), 1, 2,
            29, 30,
            1_000));
    }

    public function test_what_is_the_same_to_the_end_of_the_sheet_is_one_piece(): void
    {
        $book = new Workbook('Book', [1 => new Worksheet(MemorySheet::of('Beds', [['Oak']]), 'Beds', Reading::none())], new LookBook);
        $after = self::swapped($book, 'A:C', '#FFFFFF');
        self::assertSame([1 => [[1, 1_048_576]], 2 => [[1, 1_048_576]], 3 => [[1, 1_048_576]]], array_map(
            fn (array $runs) => array_map(fn (array $run) => [$run[0], $run[1]], $runs), $after->sheet(1)->hand->runs()));
        $this->expectException(NothingToChange::class);
        self::swapped($book, 'A:C', '#123456');
    }

    public function test_more_pieces_than_can_be_kept_are_refused_in_words(): void
    {
        $book = self::striped('A1:ALL402', 402, 1_000);
        self::assertSame(['#FFCC00'], self::fills(self::swapped($book, 'A1:ALK400', '#EEEEEE'), 400), '999 columns of 200 stripes');
        $this->expectException(LayIsWrong::class);
        $this->expectExceptionMessage('more than 200,000 pieces');
        self::swapped($book, 'A1:ALL402', '#EEEEEE');
    }

    public function test_what_has_no_gap_below_the_data_goes_on_to_the_end_of_the_sheet(): void
    {
        $sheet = new Worksheet(MemorySheet::of('Beds', array_fill(0, 5, ['Oak', 7, 8])), 'Beds', Reading::none());
        $stripes = Stripes::of(['by' => 'columns', 'fill' => '#EEEEEE'], Builtin::all()[0]->palette);
        $book = (new LayStripes(new Targets([1], RangeSet::parse('A:C')), $stripes))->on(new Workbook('Book', [1 => $sheet], new LookBook));
        $after = self::swapped($book, 'A:C', '#EEEEEE');
        self::assertSame([2 => [[1, 1_048_576]]], array_map(fn (array $runs) => array_map(fn (array $run) => [$run[0], $run[1]], $runs),
            $after->sheet(1)->hand->runs()));
        $below = self::swapped($book, 'A100:C1048576', '#EEEEEE');
        self::assertSame([[100, 1_048_576]], array_map(fn (array $run) => [$run[0], $run[1]], $below->sheet(1)->hand->runs()[2]));
        // What begins below the data, or ends before the last row that is looked at, stays within it.
        $some = self::swapped($book, 'A1:C400', '#EEEEEE');
        self::assertSame([[1, 400]], array_map(fn (array $run) => [$run[0], $run[1]], $some->sheet(1)->hand->runs()[2]));
    }
}
