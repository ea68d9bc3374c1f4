<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Act\BringAnew;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Growth;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Refusal;
use Rilvet\Renew\Choices;
use Rilvet\Renew\NewData;
use Rilvet\Renew\Pair;
use Rilvet\Renew\RenewIsWrong;
use Rilvet\Work\Worksheet;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\UnifiedDiffOutputBuilder;

/** Newer data in a table that is dressed already: what it changes, and all that it leaves as it is. */
final class RenewTest extends RenewCase
{
    /** Lots with what is worked out of them: a value, a share of all, and a running total. */
    private const LOTS = [
        ['Lot', 'Tree', 'Count', 'Price', 'Value', 'Share', 'So far', 'Note'],
        ['L-102', 'Oak', 2, 3.5, '=C2*D2', '=E2/SUM($E$2:$E$6)', '=E2', 'low shelf'],
        ['L-103', 'Ash', 3, 4.25, '=C3*D3', '=E3/SUM($E$2:$E$6)', '=G2+E3', null],
        ['L-104', 'Elm', 4, 6.75, '=C4*D4', '=E4/SUM($E$2:$E$6)', '=G3+E4', 'by the door'],
        ['L-105', 'Fir', 5, 7.5, '=C5*D5', '=E5/SUM($E$2:$E$6)', '=G4+E5', null],
        ['L-106', 'Yew', 6, 9.25, '=C6*D6', '=E6/SUM($E$2:$E$6)', '=G5+E6', null],
        ['Total', null, '=SUM(C2:C6)', null, '=SUM(E2:E6)', null, null, null],
    ];

    public function test_rows_follow_their_key_and_what_is_worked_out_goes_on(): void
    {
        $book = self::book(self::LOTS, ['amounts' => 'S!$E$2:$E$6'], [['=SUM(S!E2:E6)', '=S!C4', '=AVERAGE(S!C4:C5)']]);
        [$after, $plan] = self::bring($book, [
            ['Lot', 'Tree', 'Count', 'Price'], ['L-101', 'Box', 1, 2.25], ['L-102', 'Oak', 2, 3.5], ['L-104', 'Elm', 40, 6.75],
            ['L-106', 'Yew', 6, 9.25], ['L-107', 'Bay', 7, 1.75], ['L-108', 'Nut', 8, 2.5],
        ]);
        self::assertSame('3 new rows, 2 rows gone, 1 row changed', $plan->words());
        self::assertSame(['Lot'], array_map(fn (Pair $pair) => $pair->heading, $plan->key));
        self::assertSame([['L-104', 'Count', 4, 40]], array_map(fn (array $one) => [$one['key'], $one['heading'], $one['was'], $one['is']],
            $plan->changes));
        self::assertSame([
            ['Lot', 'Tree', 'Count', 'Price', 'Value', 'Share', 'So far', 'Note'],
            ['L-101', 'Box', 1, 2.25, '=C2*D2', '=E2/SUM($E$2:$E$7)', '=E2', null],
            ['L-102', 'Oak', 2, 3.5, '=C3*D3', '=E3/SUM($E$2:$E$7)', '=G2+E3', 'low shelf'],
            ['L-104', 'Elm', 40, 6.75, '=C4*D4', '=E4/SUM($E$2:$E$7)', '=G3+E4', 'by the door'],
            ['L-106', 'Yew', 6, 9.25, '=C5*D5', '=E5/SUM($E$2:$E$7)', '=G4+E5', null],
            ['L-107', 'Bay', 7, 1.75, '=C6*D6', '=E6/SUM($E$2:$E$7)', '=G5+E6', null],
            ['L-108', 'Nut', 8, 2.5, '=C7*D7', '=E7/SUM($E$2:$E$7)', '=G6+E7', null],
            ['Total', null, '=SUM(C2:C7)', null, '=SUM(E2:E7)', null, null, null],
        ], self::says($after->sheet(1)));
        self::assertSame([['=SUM(S!E2:E7)', '=S!C4', '=AVERAGE(S!C4:C4)']], self::says($after->sheet(2)),
            'all rows stay all rows, one row stays that row, two of which one is gone are one');
        self::assertSame(['amounts' => 'S!$E$2:$E$7'], $after->names);
        self::assertSame(['1-1 heading row', '2-7 body row', '8-8 total row'], self::parts($after->sheet(1)));
    }

    public function test_a_table_of_which_no_row_is_left_keeps_what_it_works_out(): void
    {
        $rows = array_map(fn (int $at) => ["N-$at", 'Fir', $at, 2.5], range(1, 60));
        [$after, $plan] = self::bring(self::book(self::LOTS), [['Lot', 'Tree', 'Count', 'Price'], ...$rows]);
        self::assertSame('60 new rows, 5 rows gone', $plan->words());
        $says = self::says($after->sheet(1));
        self::assertSame(['N-1', 'Fir', 1, 2.5, '=C2*D2', '=E2/SUM($E$2:$E$61)', '=E2', null], $says[1]);
        self::assertSame(['N-60', 'Fir', 60, 2.5, '=C61*D61', '=E61/SUM($E$2:$E$61)', '=G60+E61', null], $says[60]);
        self::assertSame(['Total', null, '=SUM(C2:C61)', null, '=SUM(E2:E61)', null, null, null], $says[61]);
        // And a table that shrinks to one row grows again.
        [$one] = self::bring($after, [['Lot', 'Tree', 'Count', 'Price'], ['N-7', 'Fir', 7, 2.5]]);
        self::assertSame([['N-7', 'Fir', 7, 2.5, '=C2*D2', '=E2/SUM($E$2:$E$2)', '=E2', null],
            ['Total', null, '=SUM(C2:C2)', null, '=SUM(E2:E2)', null, null, null]], array_slice(self::says($one->sheet(1)), 1));
        [$again] = self::bring($one, [['Lot', 'Tree', 'Count', 'Price'], ['N-7', 'Fir', 7, 2.5], ['N-8', 'Fir', 8, 2.5]]);
        self::assertSame('=SUM(E2:E3)', self::says($again->sheet(1))[3][4]);
    }

    /**
     * In any order of coming and going the table is what the newer data says, and a general-purpose diff of the two, line by
     * line, counts the same rows. What was given to a row by hand is on that row still.
     */
    #[DataProvider('seeds')]
    public function test_the_table_becomes_the_newer_data_and_touches_follow_their_rows(int $seed, int $rows): void
    {
        mt_srand($seed);
        $old = $new = [];
        for ($at = 1; $at <= $rows; $at++) {
            $row = ['K'.str_pad((string) $at, 5, '0', STR_PAD_LEFT), ['red', 'blue', 'grey'][mt_rand(0, 2)], mt_rand(1, 900) / 4];
            mt_rand(0, 5) === 0 ?: $old[] = $row;
            if (mt_rand(0, 5) !== 0) {
                $new[] = mt_rand(0, 4) === 0 ? [$row[0], $row[1], $row[2] + 1] : $row;
            }
        }
        $book = self::book([['Key', 'Colour', 'Size'], ...$old]);
        $touched = [];
        foreach (array_rand($old, 5) as $index) {
            $touched[$old[$index][0]] = true;
            $book = (new Format(new Targets([1], RangeSet::parse('B'.($index + 2))), Look::of(['bold' => true])))->on($book);
        }
        [$after, $plan] = self::bring($book, [['Key', 'Colour', 'Size'], ...$new]);
        $sheet = $after->sheet(1);
        self::assertSame($new, array_slice(self::says($sheet), 1));
        foreach ($new as $index => [$key]) {
            $isBold = $after->looks->look($sheet->hand->at($index + 2, 2))->is(Attribute::Bold);
            self::assertSame(isset($touched[$key]), $isBold, "row of $key");
        }
        $lines = fn (array $rows) => implode("\n", array_map(json_encode(...), $rows))."\n";
        $diff = (new Differ(new UnifiedDiffOutputBuilder('', false)))->diffToArray($lines($old), $lines($new));
        $count = fn (int $kind) => count(array_filter($diff, fn (array $line) => $line[1] === $kind));
        self::assertSame($count(Differ::REMOVED), count($plan->gone) + count($plan->changed));
        self::assertSame($count(Differ::ADDED), $plan->countNew() + count($plan->changed));
        self::assertTrue((new BringAnew(1, 1, 1, self::data([['Key', 'Colour', 'Size'], ...$new])))->plan($after)->isNothing());
    }

    /** @return iterable<string, array{int, int}> few places, where rows are put in one by one, and many, where they are put in order */
    public static function seeds(): iterable
    {
        foreach (range(1, 25) as $seed) {
            yield "few places, seed $seed" => [$seed, 24];
            yield "many places, seed $seed" => [$seed + 100, 400];
        }
    }

    public function test_a_person_decides_otherwise(): void
    {
        $book = self::book([['Id', 'Place', 'Sum'], ['a1', 'North', 10.5], ['b2', 'South', 20.5], ['c3', 'West', 30.5]]);
        $new = [['Id', 'Site', 'Sum', 'Tax'], ['a1', 'X', 11.5, 1], ['e5', 'Y', 50.5, 2]];
        $says = fn (Choices $choices) => self::says(self::bring($book, $new, $choices)[0]->sheet(1));
        self::assertSame([['Id', 'Place', 'Sum', 'Tax'], ['a1', 'X', 11.5, 1], ['e5', 'Y', 50.5, 2]],
            $says(new Choices(pairs: [2 => 2])), 'paired by hand, and a new column at the end');
        self::assertSame([['Id', 'Place', 'Sum'], ['a1', 'North', 10.5], ['e5', null, 50.5], ['b2', 'South', 20.5], ['c3', 'West', 30.5]],
            $says(new Choices(pairs: [2 => Choices::LEAVE, 4 => Choices::LEAVE], keepGone: true, keepChanged: true)));
        self::assertSame([['Id', 'Sum'], ['a1', 11.5], ['e5', 50.5]],
            $says(new Choices(pairs: [2 => Choices::LEAVE, 4 => Choices::LEAVE], without: [2])));
        self::assertSame([['Id', 'Place', 'Sum'], ['a1', 'North', 10.5], ['b2', 'South', 20.5], ['c3', 'West', 30.5], ['a1', null, 11.5],
            ['e5', null, 50.5]], $says(new Choices(pairs: [2 => Choices::LEAVE, 4 => Choices::LEAVE], below: true)));
        self::assertSame([['Id', 'Place', 'Sum'], ['a1', 'North', 11.5], ['e5', 'South', 50.5]],
            $says(new Choices(key: [], pairs: [2 => Choices::LEAVE, 4 => Choices::LEAVE])), 'as a whole, in their order');
    }

    public function test_rows_in_an_order_of_their_own_keep_it(): void
    {
        $book = self::book([['Id', 'Sum'], ['c3', 30.5], ['a1', 10.5], ['b2', 20.5]]);
        [$after, $plan] = self::bring($book, [['Id', 'Sum'], ['a1', 11.5], ['aa', 5.5], ['b2', 20.5], ['c3', 30.5]]);
        self::assertTrue($plan->isReordered);
        self::assertSame([['c3', 30.5], ['a1', 11.5], ['b2', 20.5], ['aa', 5.5]], array_slice(self::says($after->sheet(1)), 1));
    }

    public function test_groups_keep_their_rows_and_their_sums(): void
    {
        $book = self::book([
            ['Bed', 'Count', 'Worth'], ['North', null, null], ['N1', 3, 1.5], ['N2', 4, 2.5], ['Subtotal', '=SUM(B3:B4)=7',
                '=SUM(C3:C4)=4'],
            ['South', null, null], ['S1', 5, 3.5], ['S2', 6, 4.5], ['Subtotal', '=SUM(B7:B8)=11', '=SUM(C7:C8)=8'],
            ['Total', '=B5+B9=18', '=C5+C9=12'],
        ]);
        [$after] = self::bring($book, [['Bed', 'Count', 'Worth'], ['N1', 3, 1.5], ['N2', 4, 2.5], ['N3', 9, 9.5], ['S1', 5, 3.5]],
            new Choices(key: ['Bed']));
        self::assertSame([['North', null, null], ['N1', 3, 1.5], ['N2', 4, 2.5], ['N3', 9, 9.5], ['Subtotal', '=SUM(B3:B5)', '=SUM(C3:C5)'],
            ['South', null, null], ['S1', 5, 3.5], ['Subtotal', '=SUM(B8:B8)', '=SUM(C8:C8)'], ['Total', '=B6+B9', '=C6+C9']],
            array_slice(self::says($after->sheet(1)), 1));
    }

    public function test_a_total_that_was_typed_goes_on_being_the_sum(): void
    {
        $rows = [['Tree', 'Count', 'Best'], ['Oak', 3, 7], ['Ash', 4, 9], ['Elm', 5, 2], ['Total', 12, 99]];
        [$after] = self::bring(self::book($rows), [['Tree', 'Count', 'Best'], ['Oak', 3, 7], ['Ash', 40, 9], ['Fir', 2, 8]]);
        self::assertSame(['Total', 45, 99], self::says($after->sheet(1))[4], 'what was no sum is left');
    }

    /** 1 January 2026 is day 46023 where days count from 1900, and 44561 from 1904 (ISO/IEC 29500-1 18.17.4.1: 1,462 apart). */
    public function test_a_typed_total_of_parts_is_no_whole_number_and_a_wrong_one_stays(): void
    {
        $rows = [['Lot', 'Count', 'Worth'], ['L1', 3, 1.25], ['L2', 4, 2.5], ['L3', 5, 0.1], ['Total', 12, 3.85]];
        $new = [['Lot', 'Count', 'Worth'], ['L1', 3, 1.25], ['L2', 4, 2.5], ['L4', 6, 0.2], ['L5', 7, 0.15]];
        [$after] = self::bring(self::book($rows), $new);
        self::assertSame(['Total', 20, 4.1], self::says($after->sheet(1))[5]);
        // What was no sum before is nobody's sum afterwards.
        $rows[4] = ['Total', 13, 3.85];
        [$after] = self::bring(self::book($rows), $new);
        self::assertSame(['Total', 13, 4.1], self::says($after->sheet(1))[5]);
    }

    public function test_dates_are_counted_as_the_table_counts_them(): void
    {
        $rows = [['Day', 'Sum'], [46023, 1.5], [46024, 2.5], [46025, 3.5]];
        $book = self::book($rows, dates: true);
        $newer = self::book([['Day', 'Sum'], [46023 - 1462, 1.5], [46024 - 1462, 7.5], [46025 - 1462, 3.5]], dates: true, from1904: true);
        $act = new BringAnew(1, 1, 1, NewData::of($newer, 1));
        self::assertSame('1 row changed', $act->plan($book)->words());
        self::assertSame([[46023, 1.5], [46024, 7.5], [46025, 3.5]], array_slice(self::says($act->on($book)->sheet(1)), 1));
    }

    public function test_codes_are_the_same_as_numbers_and_as_texts(): void
    {
        $book = self::book([['Code', 'Sum'], ['0042', 1.5], ['0043', 2.5], ['0044', 3.5]]);
        [, $plan] = self::bring($book, [['Code', 'Sum'], ['0042 ', 1.5], ['0043', 2.5], ['0044', 4.5]], new Choices(key: ['Code']));
        self::assertSame([0, 0], [$plan->countNew(), count($plan->gone)], 'spaces around a key tell nothing apart');
    }

    /** @param  list<list<mixed>>  $new */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_brought_in_is_said(string $message, array $new, Choices $choices): void
    {
        $book = self::book([['Id', 'Place', 'Sum', 'Twice'], ['a1', 'North', 10, '=C2*2'], ['b2', 'North', 20, '=C3*2'],
            ['c3', 'West', 30, '=C4*2']]);
        try {
            self::bring($book, $new, $choices);
            self::fail("Nothing was refused: $message");
        } catch (Refusal $refusal) {
            self::assertStringContainsString($message, $refusal->getMessage());
        }
    }

    /** @return iterable<string, array{string, list<list<mixed>>, Choices}> */
    public static function wrong(): iterable
    {
        $good = [['Id', 'Place', 'Sum'], ['a1', 'North', 10], ['b2', 'North', 20], ['d4', 'West', 30]];
        yield 'a key that repeats on the sheet' => ['"North" stands in rows 2 and 3 of the sheet',
            [['Id', 'Place', 'Sum'], ['a1', 'North', 10], ['d4', 'West', 30]], new Choices(key: ['Place'])];
        yield 'one that repeats in the new data' => ['"a1" stands in rows 2 and 3 of the new data',
            [['Id', 'Place', 'Sum'], ['a1', 'X', 1], ['a1', 'Y', 2]], new Choices(key: ['Id'])];
        yield 'a key that is not there' => ['no column "Shelf" in both tables', $good, new Choices(key: ['Shelf'])];
        yield 'one that is worked out' => ['worked out by formulas', [['Id', 'Twice'], ['a1', 3], ['b2', 4]], new Choices(key: ['Twice'])];
        yield 'two columns into one' => ['Two columns of the new data would go into "Place"', $good, new Choices(pairs: [1 => 2, 3 => 2])];
        yield 'a column that is none' => ['Column 9 is no column', $good, new Choices(pairs: [9 => 1])];
        yield 'nothing in common' => ['No column of the new data', [['Foo', 'Bar'], ['x', 'y'], ['z', 'w']], new Choices];
        yield 'no table at all' => ['No table with rows was read in the new data', [[null]], new Choices];
    }

    /** @param  list<list<mixed>>  $rows */
    #[DataProvider('owns')]
    public function test_its_own_data_brought_in_anew_changes_nothing(array $rows): void
    {
        $book = self::book($rows);
        [$after, $plan] = self::bring($book, $rows);
        self::assertSame([0, 0, 0], [$plan->countNew(), count($plan->gone), count($plan->changed)]);
        self::assertSame(self::says($book->sheet(1)), self::says($after->sheet(1)));
        self::assertEquals($book->sheet(1)->hand, $after->sheet(1)->hand);
    }

    /** @return iterable<string, array{list<list<mixed>>}> */
    public static function owns(): iterable
    {
        yield 'figures without headings' => [[[1, 2, 3], [2, 4, 6], [3, 6, 9], [4, 8, 12], [5, 10, 15]]];
        yield 'texts without headings' => [[['ash', 'wood', 1], ['elm', 'wood', 2], ['oak', 'hill', 3], ['fir', 'hill', 4]]];
        yield 'a corner without a heading' => [[[null, 'May', 'June'], ['North', 1, 2], ['South', 3, 4], ['West', 5, 6]]];
        yield 'two without a heading' => [[['Day', null, 'Rain', null], ['Mon', 1, 2, 'a'], ['Tue', 3, 4, 'b'], ['Wed', 5, 6, 'c']]];
        yield 'rows that are worked out' => [[['Item', 'Count', 'Twice'], ['ash', 1, '=B2*2=2'], ['elm', 2, '=B3*2=4'], ['Total',
            '=SUM(B2:B3)=3', '=SUM(C2:C3)=6']]];
    }

    public function test_what_reaches_over_all_rows_grows_and_nothing_else_does(): void
    {
        $below = new Shift(true, 7, 3, true, new Growth(2, 4, 3, 6));
        $moved = fn (string $range) => (string) $below->range(Range::parse($range));
        self::assertSame(['B3:B9', 'A1:C9', 'B4:B6', 'F3:F6', 'B3:B13', 'B6'],
            array_map($moved, ['B3:B6', 'A1:C6', 'B4:B6', 'F3:F6', 'B3:B10', 'B6']),
            'from row 4 on it is not all of the rows, column F is beside it');
        $above = new Shift(true, 3, 2, true, new Growth(2, 4, 3, 6));
        self::assertSame(['B3:B8', 'B1:B8', 'B5:B6'], array_map(fn (string $range) => (string) $above->range(Range::parse($range)),
            ['B3:B6', 'B1:B6', 'B3:B4']));
        self::assertEquals($below, Shift::fromArray($below->toArray()));
        self::assertSame('B3:B6', (string) $below->inverse()->range(Range::parse('B3:B9')));
    }

    /** Rows that come may push what stands below as far as the sheet goes, and no further. */
    public function test_new_rows_end_with_the_sheet(): void
    {
        $new = [['Code', 'Sum'], ['a', 1], ['b', 2], ['d', 3], ['e', 4], ['f', 5]];
        foreach ([Address::ROWS - 2 => true, Address::ROWS - 1 => false] as $last => $fits) {
            $book = self::book([['Code', 'Sum'], ['a', 1], ['b', 2], ['c', 9]]);
            $sheet = $book->sheet(1);
            $cells = new EditedSheet($sheet->cells, [$last => [1 => Cell::of('far below')]]);
            $book = $book->withSheet(1, $sheet->readAs($sheet->found, $cells, null));
            try {
                $after = (new BringAnew(1, 1, 1, self::data($new), new Choices(key: ['Code'])))->on($book);
                self::assertTrue($fits, "row $last");
                self::assertSame($last + 2, $after->sheet(1)->cells->rows());
            } catch (RenewIsWrong $wrong) {
                self::assertFalse($fits, "row $last: ".$wrong->getMessage());
            }
        }
    }

    public function test_two_columns_together_tell_rows_apart(): void
    {
        $book = self::book([['Site', 'Bed', 'Count'], ['North', 1, 10], ['North', 2, 20], ['South', 1, 30], ['South', 2, 40]]);
        $new = [['Site', 'Bed', 'Count'], ['North', 1, 10], ['South', 1, 35], ['South', 2, 40], ['South', 3, 50]];
        [$after, $plan] = self::bring($book, $new, new Choices(key: ['Site', 'Bed']));
        self::assertSame([1, 1, 1], [$plan->countNew(), count($plan->gone), count($plan->changed)]);
        self::assertSame($new, self::says($after->sheet(1)));
    }

    public function test_the_rows_of_a_table_are_its_body_once_and_in_order(): void
    {
        mt_srand(77);
        for ($round = 0; $round < 200; $round++) {
            $rows = [];
            $runs = [];
            $body = [];
            $filled = [];
            foreach (range(1, mt_rand(1, 4)) as $stretch) {
                $part = mt_rand(1, 3) === 1 ? Part::Subtotal : Part::Body;
                $first = count($rows) + 1;
                for ($count = mt_rand(1, 4); $count > 0; $count--) {
                    $rows[] = mt_rand(1, 3) === 1 ? [null, null] : ['x', $stretch];
                    if ($part === Part::Body) {
                        $body[] = count($rows);
                        end($rows)[0] === null || $filled[] = count($rows);
                    }
                }
                $runs[] = new RowRun($first, count($rows), $part);
            }
            $cells = MemorySheet::of('S', $rows);
            $sheet = new Worksheet($cells, 'S', Reading::none());
            $table = new TableReading(Range::of(1, 1, count($rows), 2), 1.0, $runs, []);
            $read = fn (bool $blank) => array_map(fn (array $one) => $one[0], iterator_to_array((function () use ($sheet, $table, $blank) {
                foreach (NewData::rowsOf($sheet, $table, $blank) as $row => $cells) {
                    yield [$row, $cells];
                }
            })(), false));
            self::assertSame($filled, $read(false), "round $round");
            self::assertSame($body, $read(true), "round $round, blank ones too");
        }
        mt_srand();
    }
}
