<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Act\TouchesOver;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** A sheet with hand touches is put into another stylebook: what of them goes, and what stays. */
final class TouchesOverTest extends TestCase
{
    public function test_they_are_kept_unless_somebody_says_otherwise(): void
    {
        $workbook = self::workbook();
        foreach ([null, TouchesOver::keep()] as $touches) {
            $dressed = (new Dress([1], Builtin::named('River ledger'), touches: $touches))->on($workbook);
            self::assertSame($workbook->sheet(1)->hand, $dressed->sheet(1)->hand);
        }
    }

    public function test_what_the_stylebook_says_anyway_goes_and_the_rest_stays(): void
    {
        $book = Stylebook::of([
            'name' => 'T', 'ground' => ['font' => 'Carlito'], 'parts' => ['heading' => ['fill' => '#224466'], 'body' => ['bold' => false]],
            'kinds' => ['integer' => ['horizontal' => 'right']], 'stripes' => ['fill' => '#EEEEEE'],
        ]);
        $dressed = (new Dress([1], $book, touches: TouchesOver::dropSaid()))->on(self::workbook());
        $hand = fn (string $cell) => self::hand($dressed, $cell);
        self::assertSame(['italic' => true], $hand('A1'), 'the heading’s fill is said, its slant is not');
        self::assertSame(['ink' => '#AA0000'], $hand('B3'), 'bold, alignment and fill of the body are said: stripes say all fills');
        self::assertSame(['ink' => '#AA0000'], $hand('B4'));
        self::assertSame(['bold' => true], $hand('D9'), 'outside of tables the ground alone speaks');
        self::assertSame([], $hand('D8'), 'a font that the ground says goes too');
    }

    public function test_facets_go_as_they_are_named_and_all_of_them_leave_nothing(): void
    {
        $dressed = (new Dress([1], Builtin::named('Plain rule'), touches: TouchesOver::drop(Facet::Fill, Facet::Place)))
            ->on(self::workbook());
        self::assertSame(['italic' => true], self::hand($dressed, 'A1'));
        self::assertSame(['bold' => true, 'ink' => '#AA0000'], self::hand($dressed, 'B3'));
        $dressed = (new Dress([1], Builtin::named('Plain rule'), touches: TouchesOver::dropAll()))->on(self::workbook());
        self::assertTrue($dressed->sheet(1)->hand->isEmpty());
        self::assertStringEndsWith(', hand touches dropped', (new Dress([1], null,
            touches: TouchesOver::dropAll()))->words(self::workbook()));
    }

    /** Law: after "what it says anyway", every attribute that the stylebook says is seen as it says it. */
    public function test_nothing_that_the_stylebook_says_is_covered_any_more(): void
    {
        foreach (['River ledger', 'Bed calendar', 'Open form'] as $name) {
            $plain = self::workbook();
            $plain = $plain->withSheet(1, $plain->sheet(1)->touched(new LookMap));
            $pure = (new Dress([1], Builtin::named($name)))->on($plain);
            $dressed = (new Dress([1], Builtin::named($name), touches: TouchesOver::dropSaid()))->on(self::workbook());
            [$is, $should] = [new DressedSheet($dressed->sheet(1), $dressed->looks), new DressedSheet($pure->sheet(1), $pure->looks)];
            for ($row = 1; $row <= 10; $row++) {
                for ($column = 1; $column <= 4; $column++) {
                    foreach ($should->at($row, $column)->look->toArray() as $attribute => $value) {
                        self::assertSame($value, $is->at($row, $column)->look->get(Attribute::from($attribute)),
                            "$name $row.$column $attribute");
                    }
                }
            }
        }
    }

    public function test_cells_are_counted_and_named(): void
    {
        $sheet = self::workbook()->sheet(1);
        self::assertSame(11, TouchesOver::count($sheet));
        self::assertSame(['A1', 'B3:B4', 'C1:C6'], array_slice(TouchesOver::places($sheet, 3), 0, 3));
        self::assertCount(2, TouchesOver::places($sheet, 2));
    }

    /** Touches of whole columns, and of thousands of cells, are gone through by stretches. */
    public function test_many_touches_are_gone_through_in_no_time(): void
    {
        $hand = new LookMap;
        $looks = new LookBook;
        $number = $looks->number(Look::of(['bold' => true, 'ink' => '#112233']));
        for ($column = 1; $column <= 4; $column++) {
            for ($row = 1; $row <= 40_000; $row += 2) {
                $hand->append($row, $column, $number);
            }
        }
        $hand->set(Range::parse('E1:J1048576'), $number);
        $workbook = self::workbook();
        $workbook = new Workbook('W', [1 => $workbook->sheet(1)->touched($hand)], $looks);
        $began = Spent::now();
        $dressed = TouchesOver::dropSaid()->on($workbook->sheet(1)->wearing(Builtin::named('River ledger'), false), $looks);
        self::assertLessThan(4, Spent::now() - $began);
        self::assertSame(['bold' => true], $looks->look($dressed->hand->at(900_000, 7))->toArray());
    }

    /** Ten thousand groups and as many touches: each touch looks at the rows that it meets, and at no others. */
    public function test_many_touches_over_many_groups_are_gone_through_in_one_way(): void
    {
        $rows = [['Tree', 'Count', 'Worth']];
        for ($group = 0; $group < 10_000; $group++) {
            array_push($rows, ["Bed $group", null, null], ["Rowan $group", $group, $group / 4]);
        }
        $cells = MemorySheet::of('S', $rows);
        $reading = Finder::read(SheetFacts::of($cells));
        self::assertGreaterThan(10_000, count($reading->tables[0]->runs), 'read as many short runs');
        $looks = new LookBook;
        $hand = new LookMap;
        $number = $looks->number(Look::of(['bold' => true, 'strike' => true]));
        for ($row = 2; $row <= 20_001; $row += 2) {
            $hand->appendRun($row, $row, 2, $number);
        }
        $sheet = (new Worksheet($cells, 'S', $reading))->touched($hand)->wearing(Builtin::named('River ledger'), false);
        $began = Spent::now();
        $left = TouchesOver::dropSaid()->on($sheet, $looks)->hand;
        self::assertLessThan(10, Spent::now() - $began);
        self::assertSame(['strike' => true], $looks->look($left->at(20_000, 2))->toArray());
    }

    private static function workbook(): Workbook
    {
        $cells = MemorySheet::of('S', [
            ['Tree', 'Count', 'Worth'], ['Rowan', 3, 4.5], ['Aspen', 4, 2.5], ['Hazel', 5, 1.25], ['Elm', 7, 2.5], ['All', 19, 10.75],
        ]);
        $looks = new LookBook;
        $hand = new LookMap;
        $hand->set(Range::parse('A1'), $looks->number(Look::of(['italic' => true, 'fill' => '#FFEE00'])));
        $red = ['bold' => true, 'ink' => '#AA0000', 'fill' => '#FFEE00', 'horizontal' => 'center'];
        $hand->set(Range::parse('B3:B4'), $looks->number(Look::of($red)));
        $hand->set(Range::parse('C1:C1048576'), $looks->number(Look::of(['strike' => true])));
        $hand->set(Range::parse('D8'), $looks->number(Look::of(['font' => 'Arimo'])));
        $hand->set(Range::parse('D9'), $looks->number(Look::of(['font' => 'Arimo', 'bold' => true])));
        $sheet = new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)));

        return new Workbook('W', [1 => $sheet->touched($hand)], $looks);
    }

    /** @return array<string, bool|int|float|string> */
    private static function hand(Workbook $workbook, string $cell): array
    {
        $at = Range::parse($cell);

        return $workbook->looks->look($workbook->sheet(1)->hand->at($at->top, $at->left))->toArray();
    }
}
