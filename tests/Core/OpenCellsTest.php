<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\MarkCells;
use Rilvet\Act\MoveCells;
use Rilvet\Act\SayCells;
use Rilvet\Dressed\CellParts;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\OpenCells;
use Rilvet\Entry\EntryCheck;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Guard\SaidCells;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Entry, choice and formula cells: what they are by themselves, how they look, and which is the next open one. */
final class OpenCellsTest extends OrderCase
{
    public function test_what_single_cells_are_is_found_by_itself(): void
    {
        $parts = self::parts(self::order());
        $says = fn (string $cell) => $parts->at(Address::parse($cell)->row, Address::parse($cell)->column)?->value;
        self::assertSame('formula_cell', $says('E4'));
        self::assertSame('formula_cell', $says('C14'), 'a sum in a total too');
        self::assertSame('choice_cell', $says('B9'));
        self::assertSame('entry_cell', $says('C9'));
        self::assertSame('entry_cell', $says('D13'));
        self::assertNull($says('C3'), 'a heading is no entry');
        self::assertNull($says('A1'));
        self::assertNull($says('E8'), 'a value in a column of formulas is named, and no entry');
        self::assertEquals([1, [Range::parse('E8')]], $parts->constants(5));
        self::assertNull($says('A4'), 'a label is none');
        self::assertSame(['C14', 'E4:E7', 'E9:E14'], array_map(strval(...), self::sorted($parts->ranges(Part::FormulaCell))));
        self::assertSame(['B4:B13'], array_map(strval(...), $parts->ranges(Part::ChoiceCell)));
        $entries = $parts->ranges(Part::EntryCell, self::order()->sheet(1)->reading->tables[0]);
        self::assertSame(['C4:D13'], array_slice(array_map(strval(...), $parts->ranges(Part::EntryCell)), 0, 1));
        self::assertSame([], $entries === [] ? [] : array_filter($entries, fn (Range $range) => $range->contains(8, 5)));
        // A table without formulas and prompts asks for nothing.
        $lists = new CellParts(self::order()->sheet(3), new LookBook);
        self::assertNull($lists->at(3, 1));
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<Range>
     */
    private static function sorted(array $ranges): array
    {
        usort($ranges, fn (Range $one, Range $other) => [$one->left, $one->top] <=> [$other->left, $other->top]);

        return $ranges;
    }

    public function test_cells_that_came_unlocked_are_entries_and_a_person_may_say_otherwise(): void
    {
        $workbook = self::order();
        $looks = new LookMap;
        $looks->set(Range::parse('A4:A6'), $workbook->looks->number(Look::of(['locked' => false])));
        $workbook = $workbook->withSheet(1, $workbook->sheet(1)->withAspects(new FileLooks($looks)));
        self::assertSame(Part::EntryCell, self::parts($workbook)->at(5, 1));
        self::assertNull(self::parts($workbook)->at(7, 1));
        $said = (new SayCells(self::targets('A7:A8'), true))->on($workbook);
        $said = (new SayCells(self::targets('C5:D5'), false))->on($said);
        self::assertSame(Part::EntryCell, self::parts($said)->at(8, 1));
        self::assertNull(self::parts($said)->at(5, 4));
        self::assertSame(['A7:A8', 'C4:D4', 'C6:D13'], array_map(strval(...), array_values(array_filter(self::sorted(self::parts($said)
            ->ranges(Part::EntryCell)), fn (Range $range) => $range->right < 5))));
        $back = (new SayCells(self::targets('A1:F20'), null))->on($said);
        self::assertNull($back->sheet(1)->aspect(SaidCells::class)->toJson());
        // They go along with rows that come.
        $moved = (new MoveCells(1, new Shift(true, 2, 3, true)))->on($said);
        self::assertSame(Part::EntryCell, self::parts($moved)->at(11, 1));
        self::assertNull(self::parts($moved)->at(8, 4));
    }

    public function test_their_looks_are_seen_where_it_is_wished_and_give_way_to_a_hand(): void
    {
        $workbook = self::order();
        self::assertSame('none', self::look($workbook, 'E5')->text(Attribute::Fill, 'none'), 'not unless asked for');
        $marked = (new MarkCells([1, 2], Part::FormulaCell, true))->on($workbook);
        self::assertSame('#EFEDE8', self::look($marked, 'E5')->text(Attribute::Fill));
        self::assertSame('#EFEDE8', self::look($marked, 'B5', 2)->text(Attribute::Fill));
        self::assertSame('none', self::look($marked, 'C5')->text(Attribute::Fill, 'none'));
        self::assertSame('none', self::look($marked, 'E14')->text(Attribute::Fill, 'none'), 'a total is told by its own look');
        $touched = (new Format(self::targets('E5'), Look::of(['fill' => '#112233'])))->on($marked);
        self::assertSame('#112233', self::look($touched, 'E5')->text(Attribute::Fill));
        $dressed = (new Dress([1, 2, 3], Builtin::named('River ledger'), true))->on($marked);
        self::assertSame('#EEECE6', self::look($dressed, 'E5')->text(Attribute::Fill), 'the stylebook says how, over its stripes');
        self::assertSame('#EEECE6', self::look($dressed, 'E6')->text(Attribute::Fill));
        $own = (new FormatPart([1], Part::FormulaCell, null, Look::of(['italic' => true])))->on($workbook);
        self::assertTrue(self::look($own, 'E5')->is(Attribute::Italic));
        self::assertFalse(self::look($own, 'C5')->is(Attribute::Italic));
        $off = (new MarkCells([1, 2], Part::FormulaCell, false))->on($marked);
        self::assertSame('none', self::look($off, 'E5')->text(Attribute::Fill, 'none'));
        self::assertNull($off->sheet(1)->aspect(SaidCells::class)->toJson(), 'and nothing is left of it');
    }

    public function test_a_stylebook_marks_on_every_sheet_and_lets_headings_say_so(): void
    {
        $stylebook = Stylebook::of(['name' => 'Forms', 'marks' => ['entry_cell' => true], 'heads' => ['formula_cell' => 'formula',
            'choice_cell' => 'choose'], 'parts' => ['entry_cell' => ['fill' => '#FFEEAA', 'locked' => false]],
            'kinds' => ['amount' => ['number' => '#,##0{places}', 'sign' => 'heading']]]);
        $workbook = (new Dress([1], $stylebook, true))->on(self::order());
        self::assertSame('#FFEEAA', self::look($workbook, 'C5')->text(Attribute::Fill));
        self::assertFalse(self::look($workbook, 'C5')->get(Attribute::Locked));
        self::assertSame("@\"\nformula\"", self::look($workbook, 'E3')->text(Attribute::Number), 'as a display: the text stays');
        self::assertTrue(self::look($workbook, 'E3')->is(Attribute::Wrap));
        self::assertSame("@\"\nchoose\"", self::look($workbook, 'B3')->text(Attribute::Number));
        self::assertSame('', self::look($workbook, 'C3')->text(Attribute::Number));
        $everywhere = $stylebook->saying(Part::FormulaCell, null, Look::of(['italic' => true]));
        self::assertContains(Part::FormulaCell, $everywhere->marks, 'what is said of them is meant to be seen');
        self::assertNotContains(Part::ChoiceCell, $stylebook->saying(Part::ChoiceCell, null, Look::of(['locked' => false]))->marks);
        foreach ([['marks' => ['body' => true]], ['marks' => 'all'], ['heads' => ['total' => 'x']],
            ['heads' => ['formula_cell' => 'say "so"']],
            ['roles' => ['boss' => []]], ['roles' => ['entry' => ['colour' => 7]]], ['roles' => ['entry' => ['zoom' => 5]]],
            ['entries' => ['e1' => ['kind' => 'list', 'of' => ['$A$2:$A$5'], 'where' => ['part' => 'body']]]],
            ['entries' => ['e1' => ['kind' => 'whole', 'of' => ['1', '2'], 'where' => ['cells' => 'B2']]]],
            ['entries' => ['E 1' => ['kind' => 'any', 'where' => ['part' => 'body']]]]] as $wrong) {
            try {
                Stylebook::of(['name' => 'Forms'] + $wrong);
                self::fail(json_encode($wrong) ?: '');
            } catch (StylebookIsWrong) {
            }
        }
        $rules = Stylebook::of(['name' => 'Forms', 'entries' => ['e1' => ['kind' => 'list', 'of' => ['"late,paid"'],
            'where' => ['part' => 'body', 'heading' => 'Status']]]]);
        $dressed = (new Dress([1], $rules, true))->on(self::order());
        $ids = array_map(fn (EntryCheck $one) => $one->id, $dressed->sheet(1)->entries());
        self::assertSame(['n1', 'e1'], $ids, 'the sheet\'s own go first');
    }

    /** Against a plain walk over every cell, from random places, both ways. */
    public function test_the_next_open_cell_is_the_one_that_a_plain_walk_finds(): void
    {
        mt_srand(7);
        $open = Look::of(['locked' => false]);
        $workbook = (new Format(self::targets('B5:C5,C9,F3,A14'), $open))->on(self::order());
        $sheet = $workbook->sheet(1);
        $dressed = new DressedSheet($sheet, $workbook->looks);
        $places = [];
        for ($at = 0; $at < 14 * 6; $at++) {
            $dressed->at(intdiv($at, 6) + 1, $at % 6 + 1)->look->get(Attribute::Locked) === false && $places[] = $at;
        }
        self::assertCount(5, $places);
        $cells = new OpenCells($sheet, $workbook->looks);
        for ($try = 0; $try < 200; $try++) {
            [$row, $column, $isBack] = [mt_rand(1, 14), mt_rand(1, 6), mt_rand(0, 1) === 1];
            $from = ($row - 1) * 6 + $column - 1;
            $ahead = array_filter($places, fn (int $place) => $isBack ? $place < $from : $place > $from);
            $wanted = $isBack
                ? ($ahead === [] ? max($places) : max($ahead))
                : ($ahead === [] ? min($places) : min($ahead));
            $found = $cells->next($row, $column, $isBack);
            self::assertSame([intdiv($wanted, 6) + 1, $wanted % 6 + 1], [$found?->row, $found?->column], "$row, $column");
        }
        self::assertSame('F3', (string) $cells->next(500, 9, false), 'from beyond the data on, around');
        self::assertSame('A14', (string) $cells->next(500, 9, true));
        $sheet = self::order();
        self::assertNull((new OpenCells($sheet->sheet(2), $sheet->looks))->next(1, 1, false), 'all of it is locked');
    }

    /** 150,000 rows that are locked lie between two open cells. */
    public function test_an_open_cell_far_below_is_found_without_looking_at_each_on_the_way(): void
    {
        $cells = new MemorySheet('Far', [
            array_map(Cell::of(...), ['Lot', 'Count', 'Value']), ...array_fill(0, 150_000, [Cell::of('L'), Cell::of(7), Cell::of(1)])]);
        $sheet = new Worksheet($cells, 'Far', Finder::read(SheetFacts::of($cells)));
        $workbook = (new Format(self::targets('B2,C150001'), Look::of(['locked' => false])))->on(new Workbook('Far', [1 => $sheet],
            new LookBook));
        $open = new OpenCells($workbook->sheet(1), $workbook->looks);
        self::assertSame(['C150001', 'B2', 'C150001'], array_map(strval(...), [$open->next(2, 2, false), $open->next(150_001, 3, false),
            $open->next(2, 2, true)]));
    }
}
