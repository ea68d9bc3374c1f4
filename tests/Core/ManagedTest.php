<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\ArrangeConditions;
use Rilvet\Act\Covering;
use Rilvet\Act\DropBreaks;
use Rilvet\Act\Exception\LeaveIsWrong;
use Rilvet\Act\Format;
use Rilvet\Act\FormatWhere;
use Rilvet\Act\LayNamed;
use Rilvet\Act\LeaveFindings;
use Rilvet\Act\RenameWorkbook;
use Rilvet\Act\SayCells;
use Rilvet\Act\Targets;
use Rilvet\Act\WearersOfLook;
use Rilvet\Act\Wipe;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\SaidCells;
use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Aspect\LeftFinding;
use Rilvet\Work\Aspect\LeftFindings;
use Rilvet\Work\PartRule;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** What a person keeps in order on a sheet: conditional looks, named ones, findings that were let be, entries, page ends. */
final class ManagedTest extends TestCase
{
    public function test_conditional_looks_are_ordered_turned_off_and_taken_out(): void
    {
        $look = fn (string $id) => Condition::of(['id' => $id, 'test' => ['is' => 'below', 'of' => ['4']], 'where' => ['cells' => 'B3:B5'],
            'look' => ['bold' => true]]);
        $workbook = self::workbook();
        $workbook = $workbook->withSheet(1, $workbook->sheet(1)->conditioned(array_map($look, ['a', 'b', 'c', 'd'])));
        $ids = fn (Workbook $of) => implode('', array_map(fn (Condition $one) => $one->id.($one->isOn ? '' : '-'),
            $of->sheet(1)->aspect(Conditions::class)->all));
        foreach ([
            ['bacd', new ArrangeConditions(1, ['b'], 'move', 0), 'Conditional look moved to place 1, S'],
            ['acdb', new ArrangeConditions(1, ['b'], 'move', 99), 'Conditional look moved to place 100, S'],
            ['cabd', new ArrangeConditions(1, ['a', 'b'], 'move', 1), '2 conditional looks moved to place 2, S'],
            ['a-bcd', new ArrangeConditions(1, ['a'], 'off'), 'Conditional look turned off, S'],
            ['abcd', new ArrangeConditions(1, ['a'], 'on'), 'Conditional look turned on, S'],
            ['bd', new ArrangeConditions(1, ['a', 'c'], 'drop'), '2 conditional looks taken out, S'],
        ] as [$order, $act, $words]) {
            self::assertSame([$order, $words], [$ids($act->on($workbook)), $act->words($workbook)]);
            self::assertSame([1], $act->reach()->sheets);
        }
        $this->refuses(new ArrangeConditions(1, ['a', 'gone'], 'drop'), $workbook);
    }

    public function test_cells_that_look_so_are_turned_and_no_others(): void
    {
        $workbook = self::workbook(Builtin::named('River ledger'));
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks);
        $ink = $dressed->at(3, 1)->look->ink()->toHex();
        $act = new FormatWhere(self::at('A2:C6'), Look::of(['ink' => $ink]), Look::of(['ink' => '#123456', 'bold' => true]));
        $after = $act->on($workbook);
        $now = new DressedSheet($after->sheet(1), $after->looks);
        for ($row = 2; $row <= 6; $row++) {
            for ($column = 1; $column <= 3; $column++) {
                $was = $dressed->at($row, $column)->look;
                $is = $now->at($row, $column)->look;
                $isMeant = $was->ink()->toHex() === $ink;
                self::assertSame($isMeant ? '#123456' : $was->ink()->toHex(), $is->ink()->toHex(), "$row.$column");
                self::assertSame($isMeant || $was->is(Attribute::Bold), $is->is(Attribute::Bold), "$row.$column");
            }
        }
        self::assertSame($dressed->at(1, 1)->look->key(), $now->at(1, 1)->look->key(), 'outside of the selection nothing changes');
        self::assertStringContainsString("$ink to #123456", $act->words($workbook));
        $this->refuses(new FormatWhere(self::at('A2:C6'), Look::of(['ink' => '#010203']), Look::of(['bold' => true])), $workbook);
    }

    /** A reader sees black ink, white paper and the usual type also where nothing says so. */
    public function test_what_is_seen_where_nothing_is_said(): void
    {
        $none = Look::none();
        self::assertSame(['#000000', '#FFFFFF', '11', 'Carlito', ''], array_map(
            fn (Attribute $attribute) => FormatWhere::seen($none, $attribute),
            [Attribute::Ink, Attribute::Fill, Attribute::Size, Attribute::Font, Attribute::Number],
        ));
        self::assertSame('#FFFFFF', FormatWhere::seen(Look::of(['fill' => 'none']), Attribute::Fill));
        $workbook = self::workbook();
        $after = (new FormatWhere(self::at('A1:B2'), Look::of(['fill' => '#FFFFFF', 'size' => 11]), Look::of(['fill' => '#EEEEEE'])))
            ->on($workbook);
        self::assertSame('#EEEEEE', (new DressedSheet($after->sheet(1), $after->looks))->at(2, 2)->look->text(Attribute::Fill));
    }

    public function test_wearers_of_a_named_look_follow_keep_or_fall_back(): void
    {
        [$one, $other] = ['Check', 'Late'];
        $workbook = self::workbook(Builtin::named('River ledger')->naming($one, Look::of(['fill' => '#FFE08A']))
            ->naming($other, Look::of(['bold' => true])));
        $workbook = (new LayNamed(self::at('A3:B3'), $one))->on($workbook);
        $workbook = (new LayNamed(self::at('C3'), $other))->on($workbook);
        $sheet = $workbook->sheet(1);
        $worn = fn (Worksheet $of, int $column) => $of->named->at(3, $column) === 0 ? null : $of->wears[$of->named->at(3, $column) - 1];
        $named = fn (Worksheet $of) => [$worn($of, 1), $worn($of, 2), $worn($of, 3)];
        self::assertSame([$one, $one, $other], $named($sheet));
        self::assertSame(['New name', 'New name', $other], $named(WearersOfLook::renamed($one, 'New name')->on($sheet, $workbook->looks)));
        self::assertSame([$other, $other, $other], $named(WearersOfLook::renamed($one, $other)->on($sheet, $workbook->looks)));
        $wears = array_filter(WearersOfLook::renamed($one, $other)->on($sheet, $workbook->looks)->wears);
        self::assertSame(array_unique($wears), $wears, 'a name that was worn already is not worn a second time');
        self::assertSame([null, null, $other], $named(WearersOfLook::without($one)->on($sheet, $workbook->looks)));
        self::assertSame($sheet, WearersOfLook::without('nobody wears it')->on($sheet, $workbook->looks));
        $said = Look::of(['bold' => true, 'ink' => '#112233']);
        $kept = WearersOfLook::keeping($one, $said)->on($sheet, $workbook->looks);
        self::assertSame([null, null, $other], $named($kept));
        self::assertSame([$said->key(), $said->key(), Look::none()->key()], array_map(
            fn (int $column) => $workbook->looks->look($kept->hand->at(3, $column))->key(), [1, 2, 3]));
    }

    public function test_what_somebody_gave_by_hand_lies_over_a_look_that_is_kept(): void
    {
        $name = 'Check';
        $workbook = self::workbook(Builtin::named('River ledger')->naming($name, Look::of(['fill' => '#FFE08A'])));
        $workbook = (new LayNamed(self::at('A3:B3'), $name))->on($workbook);
        $hand = clone $workbook->sheet(1)->hand;
        $hand->set(Range::of(3, 1, 3, 1), $workbook->looks->number(Look::of(['ink' => '#AA0000'])));
        $kept = WearersOfLook::keeping($name, Look::of(['bold' => true, 'ink' => '#112233']))
            ->on($workbook->sheet(1)->touched($hand), $workbook->looks);
        $look = $workbook->looks->look($kept->hand->at(3, 1));
        self::assertSame(['#AA0000', true], [$look->text(Attribute::Ink), $look->is(Attribute::Bold)]);
    }

    public function test_findings_are_left_with_a_reason_and_looked_for_again(): void
    {
        $workbook = self::workbook();
        $one = new LeftFinding('sum', 'C6', 'C6 is not the sum above it', 'rounded by the bank');
        $other = new LeftFinding('sum', 'B6', 'B6 is not the sum above it', 'counted twice');
        $left = new LeaveFindings([1 => [$one, $other]]);
        self::assertSame('2 findings left as they are', $left->words($workbook));
        $workbook = $left->on($workbook);
        $aspect = $workbook->sheet(1)->aspect(LeftFindings::class);
        self::assertSame('rounded by the bank', $aspect->reason('sum', 'C6', 'C6 is not the sum above it'));
        self::assertNull($aspect->reason('sum', 'C7', 'C6 is not the sum above it'));
        $again = (new LeaveFindings([1 => [new LeftFinding('sum', 'C6', $one->words, 'a better reason')]]))->on($workbook);
        self::assertSame(['counted twice', 'a better reason'], array_column($again->sheet(1)->aspect(LeftFindings::class)->all, 'reason'));
        $act = new LeaveFindings([1 => [$one]], true);
        self::assertSame('1 finding looked for again', $act->words($workbook));
        self::assertSame([$other], $act->on($workbook)->sheet(1)->aspect(LeftFindings::class)->all);
        // It follows its place, and is gone with it; what is said of the sheet as a whole stays.
        $sheet = (new LeftFindings([$one, new LeftFinding('empty', '', 'Nothing stands here', 'a draft')]));
        self::assertSame(['C8', ''], array_column($sheet->moved(new Shift(true, 2, 2, true))->all, 'range'));
        self::assertSame([''], array_column($sheet->moved(new Shift(true, 6, 1, false))->all, 'range'));
        self::assertEquals($sheet, LeftFindings::fromJson($sheet->toJson()));
        self::assertEquals(new LeftFindings([$one]), LeftFindings::fromJson([['sum', 'C6', $one->words, $one->reason], [1, 2], 'x', []]));
    }

    public function test_a_reason_is_wanted_and_is_no_novel(): void
    {
        foreach (['  ', str_repeat('a', 501)] as $reason) {
            try {
                new LeaveFindings([1 => [new LeftFinding('sum', 'C6', 'words', $reason)]]);
                self::fail('taken');
            } catch (LeaveIsWrong $wrong) {
                self::assertNotSame('', $wrong->getMessage());
            }
        }
        self::assertInstanceOf(LeaveFindings::class, new LeaveFindings([1 => [new LeftFinding('sum', 'C6', 'words', str_repeat('é',
            500))]]));
        $many = array_map(fn (int $row) => new LeftFinding('sum', "C$row", 'words', 'why'), range(1, LeftFindings::MOST + 1));
        self::assertCount(LeftFindings::MOST,
            (new LeaveFindings([1 => array_slice($many, 1)]))->on(self::workbook())->sheet(1)->aspect(LeftFindings::class)->all);
        $this->refuses(new LeaveFindings([1 => $many]), self::workbook());
    }

    public function test_cells_are_said_to_be_entries_or_none(): void
    {
        $workbook = self::workbook();
        $say = fn (string $ranges, ?bool $are) => (new SayCells(self::at($ranges),
            $are))->on($workbook)->sheet(1)->aspect(SaidCells::class);
        self::assertSame([['B3:B4'], []], [array_map(strval(...), $say('B3:B4', true)->entries), $say('B3:B4', true)->plain]);
        self::assertSame([[], ['B3:B4']], [$say('B3:B4', false)->entries, array_map(strval(...), $say('B3:B4', false)->plain)]);
        $all = (new SayCells(self::at('B3:B5'), true))->on($workbook);
        $less = (new SayCells(self::at('B4'), false))->on($all)->sheet(1)->aspect(SaidCells::class);
        self::assertSame([['B3', 'B5'], ['B4']], [array_map(strval(...), $less->entries), array_map(strval(...), $less->plain)]);
        $again = (new SayCells(self::at('B3:B5'), null))->on($all)->sheet(1)->aspect(SaidCells::class);
        self::assertNull($again->toJson(), 'what is found again is not stored');
        self::assertStringEndsWith('are what they are found to be', (new SayCells(self::at('B4'), null))->words($workbook));
    }

    public function test_page_ends_that_somebody_set_are_taken_out_of_several_sheets(): void
    {
        $workbook = self::workbook();
        $setup = new PageSetup(PageRules::none(), PageRules::none(), [3], [2]);
        $workbook = $workbook->withSheet(1, $workbook->sheet(1)->withAspects($setup));
        $act = new DropBreaks([1]);
        self::assertNotNull((new SheetDocuments($workbook->sheet(1)))->named('page'));
        $after = $act->on($workbook)->sheet(1)->aspect(PageSetup::class);
        self::assertSame([[], []], [$after->rows, $after->columns]);
        self::assertSame([[1], 'Pages end where they may'], [$act->reach()->sheets, $act->words($workbook)]);
    }

    public function test_hand_touches_and_rules_that_say_otherwise_cover_a_look_for_a_part(): void
    {
        $workbook = self::workbook(Builtin::named('River ledger'));
        $hand = clone $workbook->sheet(1)->hand;
        $hand->set(Range::of(2, 1, 4, 2), $workbook->looks->number(Look::of(['ink' => '#AA0000'])));
        $hand->set(Range::of(5, 2, 5, 2), $workbook->looks->number(Look::of(['italic' => true])));
        $sheet = $workbook->sheet(1)->touched($hand);
        $of = fn (array $look, ?Part $part = Part::Body) => Covering::on($sheet, $workbook->looks,
            new PartRule($part ?? Part::Body, null, Look::of($look)), false)->cells($sheet);
        // Rows 3 and 4 of the column of counts; row 2 is the heading, column A the labels, and row 5 says nothing of the ink.
        self::assertSame(2, $of(['ink' => '#0000AA']));
        self::assertSame(2, $of(['ink' => '#0000AA'], Part::RowLabel));
        self::assertSame(2, $of(['ink' => '#0000AA'], Part::Heading));
        self::assertSame(0, $of(['ink' => '#AA0000']), 'they say the same');
        self::assertSame(0, $of(['bold' => true]), 'they say nothing of it');
        self::assertSame(1, $of(['italic' => false]));
    }

    public function test_a_workbook_takes_a_name_of_as_many_letters_as_it_says(): void
    {
        $workbook = self::workbook();
        self::assertSame(str_repeat('é', 120), (new RenameWorkbook('  '.str_repeat('é', 120).' '))->on($workbook)->name);
        foreach (['', '   ', str_repeat('é', 121), "a\tb"] as $name) {
            $this->refuses(new RenameWorkbook($name), $workbook);
        }
    }

    private function refuses(Act $act, Workbook $workbook): void
    {
        try {
            $act->on($workbook);
        } catch (Refusal $refusal) {
            self::assertNotSame('', $refusal->getMessage());

            return;
        }
        self::fail('It was done: '.$act->words($workbook));
    }

    private static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

    private static function workbook(?Stylebook $stylebook = null): Workbook
    {
        $cells = MemorySheet::of('S', [
            ['Trees', null, null], ['Tree', 'Count', 'Worth'], ['Rowan', 3, 4.5], ['Aspen', 4, 2.25], ['Hazel', 5, 1.75], ['All', 12, 8.5],
        ]);
        $sheet = new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), stylebook: $stylebook);

        return new Workbook('W', [1 => $sheet], new LookBook);
    }

    public function test_names_that_are_numbers_are_told_apart(): void
    {
        $workbook = self::workbook(Builtin::named('River ledger')->naming('1', Look::of(['fill' => '#FFE08A']))
            ->naming('01', Look::of(['bold' => true])));
        $workbook = (new LayNamed(self::at('A3:B3'), '01'))->on((new LayNamed(self::at('C3'), '1'))->on($workbook));
        $sheet = $workbook->sheet(1);
        self::assertSame(['1', '01'], $sheet->wears);
        $renamed = WearersOfLook::renamed('01', 'Later')->on($sheet, $workbook->looks);
        $worn = fn (int $column) => $renamed->wears[$renamed->named->at(3, $column) - 1];
        self::assertSame(['1', 'Later', 'Later'], array_map($worn, [3, 1, 2]));
    }

    public function test_a_facet_that_is_wiped_leaves_named_looks_and_all_of_it_takes_them(): void
    {
        $workbook = self::workbook(Builtin::named('River ledger')->naming('Check', Look::of(['fill' => '#FFE08A'])));
        $workbook = (new Format(self::at('A3'), Look::of(['bold' => true])))->on((new LayNamed(self::at('A3:B3'), 'Check'))->on($workbook));
        $left = fn (?Facet $facet, bool $file = false) => array_map(
            fn (Worksheet $sheet) => [$sheet->hand->at(3, 1) !== 0, $sheet->named->at(3, 1) !== 0],
            (new Wipe(self::at('A3:B3'), $facet, $file))->on($workbook)->sheets,
        )[1];
        self::assertSame([false, true], $left(Facet::Type));
        self::assertSame([true, true], $left(Facet::Fill));
        self::assertSame([false, false], $left(null));
        self::assertSame([true, true], $left(null, true), 'what came with the file is another matter');
    }

    public function test_whole_columns_are_formatted_where_they_look_so_in_no_time(): void
    {
        $act = new FormatWhere(self::at('A:F'), Look::of(['bold' => false]), Look::of(['italic' => true]));
        $workbook = self::workbook();
        self::assertLessThan(0.4, Spent::on(function () use ($act, &$workbook) {
            $workbook = $act->on($workbook);
        }));
        $hand = $workbook->sheet(1)->hand;
        self::assertSame([true, true, false], [$hand->at(1, 1) !== 0, $hand->at(Address::ROWS, 6) !== 0, $hand->at(3, 7) !== 0]);
    }
}
