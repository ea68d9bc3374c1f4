<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Range;
use Rilvet\Paper\BandEnd;
use Rilvet\Paper\Banding;
use Rilvet\Paper\PageBand;
use Rilvet\Paper\RowBreaks;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/** Rows put on pages by their sizes alone, and what of a table would come apart. */
final class BandingTest extends TestCase
{
    private const HEAD = Part::Heading;

    /**
     * @param  list<int>  $sizes
     * @param  list<int>  $breaks
     * @param  array{int, int}|null  $repeated  before pages that begin behind it
     * @return list<string> "first-last end size"
     */
    private static function bands(array $sizes, float $room, array $breaks = [], ?array $repeated = null, ?int $think = null): array
    {
        $banding = new Banding(fn (int $at) => $sizes[$at - 1],
            fn (int $at) => $repeated !== null && $at > $repeated[1] ? $repeated : null, $breaks,
            fn (int $first, int $last) => $think === null || $think < $first || $think > $last ? null : [$think, BandEnd::Group]);

        return array_map(fn (PageBand $one) => "$one->first-$one->last {$one->end->name} ".round($one->size, 2)
            .($one->skip > 0 ? " from $one->skip" : ''), $banding->bands(1, count($sizes), $room));
    }

    public function test_rows_fill_a_page_to_its_last_px(): void
    {
        self::assertSame(['1-3 Full 30', '4-4 Last 10'], self::bands([10, 10, 10, 10], 30));
        self::assertSame(['1-2 Full 20', '3-4 Last 20'], self::bands([10, 10, 10, 10], 29.9));
        self::assertSame(['1-4 Last 40'], self::bands([10, 10, 10, 10], 40));
        self::assertSame([], self::bands([], 40));
        self::assertSame(['1-4 Last 0'], self::bands([0, 0, 0, 0], 10), 'hidden rows take no room');
    }

    public function test_one_that_is_larger_than_a_page_goes_on(): void
    {
        self::assertSame(['1-1 Slice 30', '1-1 Slice 30 from 30', '2-2 Last 10'], self::bands([60, 10], 30),
            'two pages, and no third of nothing');
        self::assertSame(['1-1 Slice 30', '1-1 Slice 30 from 30', '1-1 Slice 1 from 60', '2-2 Last 10'], self::bands([61, 10], 30));
        self::assertSame(['1-1 Full 10', '2-2 Slice 30', '2-2 Slice 1 from 30'], self::bands([10, 31], 30));
        self::assertSame(['1-1 Full 10', '2-2 Last 30'], self::bands([10, 30], 30));
    }

    public function test_what_is_repeated_takes_its_room_up_to_half_of_a_page(): void
    {
        self::assertSame(['1-2 Full 30', '3-3 Full 15', '4-4 Last 15'], self::bands([15, 15, 15, 15], 30, [], [1, 1]), 'half of a page');
        self::assertSame(['1-1 Full 16', '2-4 Last 30'], self::bands([16, 15, 5, 10], 30, [], [1, 1]), 'more is not repeated');
        self::assertSame(['1-3 Full 30', '4-4 Full 15', '5-5 Last 15'], self::bands([5, 10, 15, 15, 15], 30, [], [1, 2]));
    }

    public function test_pages_that_a_person_ends(): void
    {
        $sizes = array_fill(0, 6, 10);
        self::assertSame(['1-2 Person 20', '3-5 Full 30', '6-6 Last 10'], self::bands($sizes, 30, [2]));
        self::assertSame(['1-3 Person 30', '4-6 Last 30'], self::bands($sizes, 30, [3]), 'where it would have ended');
        self::assertSame(['1-3 Full 30', '4-4 Person 10', '5-6 Last 20'], self::bands($sizes, 30, [4]));
        self::assertSame(['1-3 Full 30', '4-6 Last 30'], self::bands($sizes, 30, [6]), 'after the last there is nothing');
        self::assertSame(['1-1 Person 10', '2-2 Person 10', '3-5 Full 30', '6-6 Last 10'], self::bands($sizes, 30, [1, 2]));
        self::assertSame(['1-2 Group 20', '3-5 Full 30', '6-6 Last 10'], self::bands($sizes, 30, [], null, 2));
    }

    /** @param  list<array{int, int, Part|null}>  $runs */
    private static function table(array $runs): TableReading
    {
        return new TableReading(Range::of($runs[0][0], 1, $runs[count($runs) - 1][1], 2), 1.0,
            array_map(fn (array $run) => new RowRun(...$run), $runs), [new ColumnReading(1, 'Tree', ColumnKind::Text, 1.0,
                ColumnRole::Label)]);
    }

    public function test_merges_that_touch_are_one_and_others_are_not(): void
    {
        $parted = fn (string ...$merges) => array_values(array_filter(range(1, 12),
            fn (int $row) => (new RowBreaks([], array_map(Range::parse(...), $merges)))->parted($row) === BandEnd::Merge));
        self::assertSame([3, 4], $parted('A3:B5'));
        self::assertSame([3, 4, 6, 7], $parted('A3:B5', 'A6:B8'), 'a page may end between them');
        self::assertSame([3, 4, 5, 6, 7], $parted('A3:B5', 'D5:D8'), 'beside each other they hold together');
        self::assertSame([3, 4, 5], $parted('A3:B6', 'D4:D5'), 'one within the other');
        self::assertSame([3, 4, 8], $parted('A8:B9', 'A3:B5'), 'in any order');
        self::assertSame([], $parted('A3:D3'), 'across they hold no rows');
    }

    public function test_what_would_come_apart(): void
    {
        $breaks = new RowBreaks([self::table([[1, 1, Part::Title], [2, 3, self::HEAD], [4, 4, Part::RowGroup], [5, 7, Part::Body],
            [8, 8, Part::Subtotal], [9, 11, Part::Body], [12, 12, Part::Total]])], []);
        self::assertSame(array_fill(1, 4, BandEnd::Heading) + [7 => BandEnd::Total, 11 => BandEnd::Total],
            array_filter(array_combine(range(1, 13), array_map($breaks->parted(...), range(1, 13)))));
    }

    public function test_groups_and_where_they_begin(): void
    {
        $breaks = new RowBreaks([self::table([[1, 1, self::HEAD], [2, 2, Part::RowGroup], [3, 5, Part::Body], [6, 6, Part::RowGroup],
            [7, 9, Part::Body], [10, 10, Part::Total]])], []);
        self::assertSame([null, [2, 5], [2, 5], [2, 5], [2, 5], [6, 9], [6, 9], [6, 9], [6, 9], null],
            array_map($breaks->group(...), range(1, 10)));
        self::assertSame([2, 6], $breaks->starts(1, 10));
        self::assertSame([2, 6], $breaks->starts(2, 6));
        self::assertSame([6], $breaks->starts(3, 6));
        self::assertSame([], $breaks->starts(3, 5));
        self::assertSame([], $breaks->starts(7, 99));
        // Groups that only their sums end, and a note behind them.
        $sums = new RowBreaks([self::table([[1, 1, self::HEAD], [2, 4, Part::Body], [5, 5, Part::Subtotal], [6, 8, Part::Body],
            [9, 9, Part::Subtotal], [10, 10, Part::Note], [11, 11, Part::Note]])], []);
        self::assertSame([[2, 5], [6, 9], null], array_map($sums->group(...), [2, 9, 10]));
        $plain = new RowBreaks([self::table([[1, 1, self::HEAD], [2, 4, Part::Body]])], []);
        self::assertSame([null, []], [$plain->group(3), $plain->starts(1, 9)]);
        $open = new RowBreaks([self::table([[1, 1, Part::RowGroup], [2, 2, Part::RowGroup], [3, 4, Part::Body]])], []);
        self::assertSame([[1, 4], [1, 4]], [$open->group(1), $open->group(4)], 'to the end of the table');
    }
}
