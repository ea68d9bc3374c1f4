<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\Reached;
use App\Files\Writing\FormatLosses;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Grid\Address;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspects;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** How far an ods follows checks and conditional looks beside and below what is filled, and where it stops. */
final class ReachedTest extends TestCase
{
    public function test_it_follows_them_beside_and_below(): void
    {
        $reached = new Reached([Range::parse('B2:F4'), Range::parse('C3:G3'), Range::parse('A8:B12'), Range::parse('A11:J30')], 10, 3);
        self::assertSame([0, 6, 7, 6, 0, 0], array_map($reached->columnsOf(...), [1, 2, 3, 4, 5, 8]));
        self::assertSame([[11, 2], [13, 18]], $reached->below);
        self::assertSame(10, $reached->columns);
        self::assertSame(10, $reached->columnsOf(11));
        self::assertTrue($reached->isWhole);
    }

    /** Law: beside a plain search through all ranges. */
    public function test_it_is_what_a_plain_search_finds(): void
    {
        mt_srand(7_301);
        for ($round = 0; $round < 200; $round++) {
            $ranges = [];
            for ($count = mt_rand(0, 6); $count > 0; $count--) {
                [$top, $left] = [mt_rand(1, 14), mt_rand(1, 9)];
                $ranges[] = Range::of($top, $left, $top + mt_rand(0, 6), $left + mt_rand(0, 5));
            }
            $reached = new Reached($ranges, 9, 4);
            for ($row = 1; $row <= 9; $row++) {
                $right = max([0, ...array_map(fn (Range $range) => $range->top <= $row && $range->bottom >= $row && $range->right > 4
                    ? $range->right : 0, $ranges)]);
                self::assertSame($right, $reached->columnsOf($row), implode(' ', $ranges)." in row $row");
            }
            // Each row below that one reaches stands in one stretch, none of whose rows differs from its first.
            $meets = fn (int $row) => array_keys(array_filter($ranges, fn (Range $range) => $range->top <= $row && $range->bottom >= $row));
            $next = 10;
            foreach ($reached->below as [$first, $count]) {
                for ($row = $next; $row < $first; $row++) {
                    self::assertSame([], $meets($row));
                }
                for ($row = $first; $row < $first + $count; $row++) {
                    self::assertSame($meets($first), $meets($row));
                }
                $next = $first + $count;
            }
            self::assertSame([], $meets($next));
        }
    }

    public function test_it_stops_where_that_would_be_too_much(): void
    {
        // 256 columns beside the last one, half a million cells in all, a thousand ranges below.
        $all = new Reached([Range::of(1, 1, Address::ROWS, Address::COLUMNS)], 1_000, 20);
        self::assertSame([276, false], [$all->columnsOf(1_000), $all->isWhole]);
        self::assertTrue((new Reached([Range::of(1, 1, 9, 276)], 10, 20))->isWhole);
        self::assertFalse((new Reached([Range::of(1, 1, 9, 277)], 10, 20))->isWhole);
        self::assertTrue((new Reached([Range::of(11, 1, 12, 277)], 10, 20))->isWhole, 'below there is room');
        $some = new Reached([Range::parse('A1:Y100000'), Range::parse('A1:Y2')], 100_000, 20);
        self::assertSame([25, 25], [$some->columnsOf(1), $some->columnsOf(100_000)]);
        $much = new Reached([Range::parse('A1:Z100000'), Range::parse('A1:Y2')], 100_000, 20);
        self::assertSame([25, 0, false], [$much->columnsOf(1), $much->columnsOf(100_000), $much->isWhole]);
        $ranges = array_map(fn (int $row) => Range::of($row, 1, $row, 2), range(11, 2_010));
        $thousand = new Reached($ranges, 10, 3);
        self::assertSame([1_000, false], [count($thousand->below), $thousand->isWhole]);
        self::assertTrue((new Reached(array_slice($ranges, 0, 1_000), 10, 3))->isWhole);
        self::assertCount(0, (new Reached([Range::parse('A1:C10')], 10, 3))->below);
    }

    public function test_who_hands_over_an_ods_is_told_where_they_end(): void
    {
        $told = function (string $cells): bool {
            $sheet = MemorySheet::of('Beds', [['Lot', 'Count'], ['L1', 4], ['L2', 5]]);
            $condition = Condition::of(['id' => 'a', 'where' => ['cells' => $cells], 'test' => ['is' => 'below', 'of' => ['0']],
                'look' => ['bold' => true]]);
            $workbook = new Workbook('Book', [1 => new Worksheet($sheet, 'Beds', Finder::read(SheetFacts::of($sheet)),
                aspects: Aspects::of(new Conditions([$condition])))], new LookBook);

            return str_contains(implode(' ', FormatLosses::of($workbook, 1, 'ods', false, false)), 'end where they reach far');
        };
        self::assertSame([false, false, true], array_map($told, ['B2:B3', 'B2:J900', '2:3']));
    }
}
