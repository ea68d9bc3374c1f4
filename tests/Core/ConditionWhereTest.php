<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Condition\Where;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;
use Tests\Spent;

/** Where conditional looks hold, what they follow, and how many cells they reach. */
final class ConditionWhereTest extends ConditionCase
{
    public function test_one_on_a_part_holds_on_its_columns_and_grows_with_the_body(): void
    {
        $reading = self::sheet()->reading;
        $ranges = fn (array $where) => implode(' ', Where::of($where)->ranges($reading));
        self::assertSame('C2:D4', $ranges(['part' => 'body', 'kind' => 'amount']));
        self::assertSame('D2:D4', $ranges(['part' => 'body', 'heading' => ' paid ']));
        self::assertSame('C2:C4', $ranges(['column' => 'C1']));
        self::assertSame('A2:A4', $ranges(['part' => 'row_label']));
        self::assertSame('A5:D5', $ranges(['part' => 'total']));
        self::assertSame('', $ranges(['column' => 'K40']));
        self::assertSame('', $ranges(['part' => 'body', 'kind' => 'date']));
        // A row is put in: the body grows, and so does where it holds.
        $pipeline = new Pipeline(new Recalculate(new LibraryCalculator));
        $sheet = self::sheet()->conditioned([Condition::of(['id' => 'n1', 'test' => ['is' => 'below', 'of' => ['2']],
            'where' => ['column' => 'C1'],
            'look' => ['bold' => true]])]);
        $after = $pipeline->run(new MoveCells(1, new Shift(true, 3, 2, true)), new Workbook('W', [1 => $sheet], new LookBook))->after
            ->sheet(1);
        self::assertSame('C2:C6', implode(' ', $after->conditions()[0]->where->ranges($after->reading)));
        $after = $pipeline->run(new MoveCells(1, new Shift(false, 2, 1, true)), new Workbook('W', [1 => $sheet], new LookBook))->after
            ->sheet(1);
        self::assertSame('D2:D4', implode(' ', $after->conditions()[0]->where->ranges($after->reading)));
        $after = $pipeline->run(new MoveCells(1, new Shift(false, 3, 1, false)), new Workbook('W', [1 => $sheet], new LookBook))->after
            ->sheet(1);
        self::assertSame([], $after->conditions(), 'with its column it goes');
    }

    public function test_formulas_follow_rows_and_columns_and_sorted_rows(): void
    {
        $one = self::condition(['is' => 'formula', 'of' => ['$B4>$F$2']], 'A4:C9');
        $moved = fn (Shift|RowOrder $move) => ($after = $one->moved($move)) === null ? null : [(string) $after->where->cells[0],
            $after->test->of[0]];
        self::assertSame(['A6:C11', '$B6>$F$4'], $moved(new Shift(true, 1, 2, true)));
        self::assertSame(['A4:C10', '$B4>$F$2'], $moved(new Shift(true, 6, 1, true)));
        self::assertSame(['B4:D9', '$C4>$G$2'], $moved(new Shift(false, 1, 1, true)));
        // Its first row goes: it is said from the first one that stays.
        self::assertSame(['A4:C7', '$B4>$F$2'], $moved(new Shift(true, 4, 2, false)));
        self::assertNull($moved(new Shift(true, 4, 6, false)));
        self::assertSame(['A3:C8', '$B3>#REF!'], $moved(new Shift(true, 2, 1, false)));
        // A part of it is sorted elsewhere: it goes with its cells, said from where the first of them is now.
        $sorted = self::condition(['is' => 'formula', 'of' => ['$B4>1']], 'A4:C4')->moved(new RowOrder(1, 3, [4 => 8, 8 => 4]));
        self::assertSame(['A8:C8', '$B8>1'], [(string) $sorted?->where->cells[0], $sorted?->test->of[0]]);
        $whole = self::condition(['is' => 'formula', 'of' => ['$B4>1']], 'A4:C9')->moved(new RowOrder(1, 3, [4 => 8, 8 => 4]));
        self::assertSame(['A4:C9', '$B4>1'], [(string) $whole?->where->cells[0], $whole?->test->of[0]]);
    }

    public function test_it_follows_a_sheet_that_is_called_otherwise_and_rows_of_another(): void
    {
        $conditions = new Conditions([self::condition(['is' => 'above', 'of' => ["'Price list'!\$B\$4"]], 'A1:A9')]);
        $renamed = $conditions->following(fn (string $formula) => str_replace("'Price list'", 'Prices', $formula));
        self::assertSame(['Prices!$B$4'], $renamed->all[0]->test->of);
        self::assertSame($conditions, $conditions->following(fn (string $formula) => $formula) === $conditions ? $conditions : $conditions);
        self::assertTrue($conditions->looksAway([]));
        self::assertFalse((new Conditions([self::condition(['is' => 'equal', 'of' => ['"gone!"']],
            'A1')]))->looksAway(['Limit' => 'S!$A$1']));
        self::assertTrue((new Conditions([self::condition(['is' => 'equal', 'of' => ['Limit']], 'A1')]))->looksAway(['Limit' => 'S!$A$1']));
    }

    public function test_a_stylebook_says_conditions_of_parts_and_none_of_cells(): void
    {
        $rule = ['test' => ['is' => 'below', 'of' => ['0']], 'where' => ['part' => 'body', 'kind' => 'amount'],
            'look' => ['ink' => '@alarm', 'bold' => true]];
        $book = ['name' => 'House', 'palette' => ['alarm' => '#9B2335']];
        $stylebook = Stylebook::of($book + ['conditions' => ['c1' => $rule]]);
        self::assertSame('#9B2335', $stylebook->conditions[0]->look->text(Attribute::Ink), 'colours of the palette are said by name');
        self::assertSame($rule, json_decode($stylebook->toJson(), true)['conditions']['c1'], 'and stay so where it is written');
        $sheet = self::sheet([['Tree', 'Count', 'Worth'], ['Rowan', 3, -4.25], ['Aspen', 4, 2.5], ['Hazel', 5, 1.25], ['All', 12, -0.5]]);
        $dressed = new DressedSheet($sheet->wearing($stylebook, false), new LookBook);
        self::assertTrue($dressed->holding($dressed->at(2, 3), 2, 3, Cell::of(-4.25))->look->is(Attribute::Bold));
        self::assertFalse($dressed->holding($dressed->at(5, 3), 5, 3, Cell::of(-0.5))->look->is(Attribute::Bold),
            'a total is another part');
        foreach ([
            ['test' => ['is' => 'formula', 'of' => ['A1>1']]], ['test' => ['is' => 'below', 'of' => ['$B$1']]],
            ['where' => ['cells' => 'A1']],
            ['where' => ['column' => 'A1']], ['look' => ['ink' => '@nowhere']], ['test' => ['is' => 'below']], ['colour' => '#112233'],
        ] as $wrong) {
            try {
                Stylebook::of($book + ['conditions' => ['c1' => $wrong + $rule]]);
                self::fail('taken: '.json_encode($wrong));
            } catch (StylebookIsWrong $refusal) {
                self::assertStringContainsString('conditions.c1', $refusal->getMessage());
            }
        }
        foreach ([['C 1' => $rule], array_fill_keys(array_map(fn (int $number) => "c$number", range(1, 101)), $rule)] as $wrong) {
            try {
                Stylebook::of($book + ['conditions' => $wrong]);
                self::fail('taken');
            } catch (StylebookIsWrong $refusal) {
                self::assertStringContainsString('conditions', $refusal->getMessage());
            }
        }
    }

    public function test_what_a_condition_reaches_of_a_large_sheet_is_found_without_asking_all_of_them(): void
    {
        $conditions = [];
        for ($number = 0; $number < 20_000; $number++) {
            $row = 1 + $number * 3;
            $conditions[] = self::condition(['is' => 'above', 'of' => ['1']], "A$row:C$row", [], "n$number");
        }
        $conditions[] = self::condition(['is' => 'above', 'of' => ['1']], 'A1:XFD1048576', ['look' => ['italic' => true]], 'wide');
        $judges = self::judges($conditions, [[5]]);
        $start = Spent::now();
        self::assertSame(['n19999', 'wide'], array_map(fn (array $one) => $one[0]->id, $judges->at(59_998, 2, Cell::of(5))->looks ?? []));
        self::assertSame(['wide'], array_map(fn (array $one) => $one[0]->id, $judges->at(59_999, 16_384, Cell::of(5))->looks ?? []));
        for ($row = 30_000; $row < 30_060; $row++) {
            for ($column = 1; $column <= 20; $column++) {
                $judges->at($row, $column, Cell::of(5));
            }
        }
        // A window of 1,200 cells asks a few thousand times; all of them for each cell would be 24 million.
        self::assertLessThan(1.0, Spent::now() - $start);
        self::assertSame(Address::COLUMNS, Range::parse('XFD1')->left);
        $this->expectException(ConditionIsWrong::class);
        (new Conditions([]))->holding(array_fill(0, 65_537, $conditions[0]));
    }

    public function test_how_many_wear_it_is_counted_within_its_time(): void
    {
        $rows = array_map(fn (int $row) => [$row % 7], range(1, 700));
        $judges = self::judges([self::condition(['is' => 'equal', 'of' => ['3']], 'A1:A1048576')], $rows);
        self::assertSame([100, 700, true], $judges->count($judges->all()[0], 5));
        self::assertSame([100, 700, true], $judges->count($judges->all()[0], 0), 'what was counted is known');
        $fresh = self::judges([self::condition(['is' => 'equal', 'of' => ['3']], 'A1:A1048576')], $rows);
        [$worn, $asked, $isAll] = $fresh->count($fresh->all()[0], 0);
        self::assertFalse($isAll);
        self::assertLessThan(700, $asked);
        self::assertGreaterThan(0, $worn);
        self::assertSame(Part::Body, Where::of(['part' => 'body'])->part);
    }
}
