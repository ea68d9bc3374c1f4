<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act\BringAnew;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Renew\Choices;

/** Which columns of newer data go into which of a table, and what is new among them. */
final class RenewColumnsTest extends RenewCase
{
    public function test_columns_are_found_by_their_heading_or_by_what_they_hold(): void
    {
        $book = self::book([['Id', 'Place', 'Sum', 'Remark'], ['a1', 'North', 10.5, 'keep'], ['b2', 'South', 20.5, null],
            ['c3', 'West', 30.5, 'this'], ['d4', 'East', 40.5, null]]);
        [$after, $plan] = self::bring($book, [['Sum', 'ID', 'Region', 'Since'], [11.5, 'a1', 'North', 2021], [20.5, 'b2', 'South', 2022],
            [30.5, 'c3', 'West', 2023], [40.5, 'd4', 'East', 2024]]);
        $states = [];
        foreach ($plan->pairs as $pair) {
            $states[$pair->other ?? $pair->heading] = $pair->state();
        }
        self::assertSame(['Sum' => 'same', 'Id' => 'same', 'Region' => 'renamed', 'Since' => 'new', 'Remark' => 'missing'], $states);
        self::assertSame([['Id', 'Place', 'Since', 'Sum', 'Remark'], ['a1', 'North', 2021, 11.5, 'keep'], ['b2', 'South', 2022, 20.5, null],
            ['c3', 'West', 2023, 30.5, 'this'], ['d4', 'East', 2024, 40.5, null]], self::says($after->sheet(1)),
            'a new column stands behind the one that it follows');
        self::assertSame(range(1, 5), array_map(fn ($column) => $column->column, $after->sheet(1)->reading->tables[0]->columns));
    }

    public function test_a_new_last_column_looks_like_the_one_before_it_from_the_title_to_the_last_note_and_no_further(): void
    {
        $book = self::book([['Trees of the park'], [null], ['Id', 'Place', 'Sum'], ['a1', 'North', 10.5], ['b2', 'South', 20.5],
            ['c3', 'West', 30.5], [null], [null, null, 'Counted in May']]);
        $sheet = $book->sheet(1);
        $file = clone $sheet->file;
        foreach ([[1, 1, '#FF0000'], [3, 3, '#2A4A3A'], [4, 6, '#EEFFEE'], [8, 8, '#FFCC00'],
            [9, 12, '#000000']] as [$first, $last, $fill]) {
            $file->set(Range::of($first, 3, $last, 3), $book->looks->number(Look::of(['fill' => $fill])));
        }
        $book = $book->withSheet(1, $sheet->withoutFileLooks($file));
        $act = new BringAnew(1, 4, 1, self::data([['Id', 'Place', 'Sum', 'Tax'], ['a1', 'North', 10.5, 1], ['b2', 'South', 20.5, 2],
            ['c3', 'West', 30.5, 3]]), new Choices);
        $after = $act->on($book);
        $fill = fn (int $row) => $after->looks->look($after->sheet(1)->file->at($row, 4))->toArray()['fill'] ?? null;
        self::assertSame(['#FF0000', null, '#2A4A3A', '#EEFFEE', '#EEFFEE', '#EEFFEE', null, '#FFCC00', null],
            array_map($fill, range(1, 9)));
    }

    public function test_columns_without_headings_go_by_their_place(): void
    {
        $book = self::book([['Tree', 'Count', 'Height'], ['ash', 1, 12.5], ['elm', 2, 14], ['oak', 3, 9.5]]);
        [$after, $plan] = self::bring($book, [['fir', 7, 20.5], ['yew', 8, 3.5], ['box', 9, 1.5]]);
        self::assertSame(['same', 'same', 'same'], array_map(fn ($pair) => $pair->state(), $plan->pairs));
        self::assertSame([['Tree', 'Count', 'Height'], ['fir', 7, 20.5], ['yew', 8, 3.5], ['box', 9, 1.5]],
            self::says($after->sheet(1)));
        $this->expectExceptionMessage('Pair the columns by hand');
        self::bring($book, [['fir', 7], ['yew', 8], ['box', 9]]);
    }

    public function test_a_new_column_has_a_heading_only_where_its_data_and_the_table_have_one(): void
    {
        $book = self::book([['Id', 'Tree', 'Sum'], ['a1', 'Oak', 1.5], ['b2', 'Ash', 3.5], ['c3', 'Elm', 5.5]]);
        [$after] = self::bring($book, [['Id', 'Tree', 'Sum', null, 'Since'], ['a1', 'Oak', 1.5, 'tall', 2021],
            ['b2', 'Ash', 3.5, 'low', 2022], ['c3', 'Elm', 5.5, 'tall', 2023]]);
        self::assertSame([['Id', 'Tree', 'Sum', null, 'Since'], ['a1', 'Oak', 1.5, 'tall', 2021]],
            array_slice(self::says($after->sheet(1)), 0, 2));
        $bare = self::book([[1, 2.5, 3], [2, 4.5, 6], [3, 6.5, 9], [4, 8.5, 12]]);
        [$after, $plan] = self::bring($bare, [[1, 2.5, 3, 'x'], [2, 4.5, 6, 'y'], [3, 7.5, 9, 'z'], [4, 8.5, 12, 'w']],
            new Choices(pairs: [1 => 1, 2 => 2, 3 => 3]));
        self::assertSame([[1, 2.5, 3, 'x'], [2, 4.5, 6, 'y'], [3, 7.5, 9, 'z'], [4, 8.5, 12, 'w']], self::says($after->sheet(1)));
        self::assertCount(1, $plan->newColumns());
    }

    public function test_two_columns_of_one_heading_go_in_their_order(): void
    {
        $book = self::book([['Id', 'Tree', 'Sum', 'Sum'], ['a1', 'Oak', 1.5, 2], ['b2', 'Ash', 3.5, 4], ['c3', 'Elm', 5.5, 6]]);
        [$after] = self::bring($book, [['Id', 'Tree', 'Sum', 'Sum'], ['a1', 'Oak', 10.5, 20], ['b2', 'Ash', 3.5, 4], ['c3', 'Elm',
            5.5, 60]],
            new Choices(key: ['Id']));
        self::assertSame([['a1', 'Oak', 10.5, 20], ['b2', 'Ash', 3.5, 4], ['c3', 'Elm', 5.5, 60]],
            array_slice(self::says($after->sheet(1)), 1));
    }
}
