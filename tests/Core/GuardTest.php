<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Opening;
use App\Files\Xlsx\XlsxWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\AddSheet;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\ClearCells;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Act\FollowRoles;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\GiveRole;
use Rilvet\Act\GuardFormulas;
use Rilvet\Act\Hide;
use Rilvet\Act\LiftProtection;
use Rilvet\Act\MarkCells;
use Rilvet\Act\MoveCells;
use Rilvet\Act\MoveSheet;
use Rilvet\Act\ProtectOrder;
use Rilvet\Act\ProtectSheet;
use Rilvet\Act\Resize;
use Rilvet\Act\RewriteHeads;
use Rilvet\Act\SayCells;
use Rilvet\Act\SetEntry;
use Rilvet\Act\SortTable;
use Rilvet\Act\Targets;
use Rilvet\Dressed\CellParts;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\OpenCells;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeIndex;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Guard\Role;
use Rilvet\Guard\SaidCells;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\RoleReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Entry, choice and formula cells; what is locked and protected; what sheets are for. */
final class GuardTest extends TestCase
{
    /** An order: line, status, count, price, and what they come to. */
    private static function order(): Workbook
    {
        $rows = [['Order of trees'], [], ['Line', 'Status', 'Count', 'Price', 'Value', 'Note']];
        for ($row = 4; $row <= 13; $row++) {
            $rows[] = ['L'.($row - 3), ['late', 'paid'][$row % 2], $row, 1.5 + $row, Cell::formula("C$row*D$row", $row * (1.5 + $row)),
                null];
        }
        $rows[] = ['Total', null, Cell::formula('SUM(C4:C13)', 85), null, Cell::formula('SUM(E4:E13)', 812.5), null];
        // One value stands where its whole column is worked out.
        $rows[7][4] = 99;
        $prices = [['Step', 'From', 'Off']];
        for ($row = 2; $row <= 9; $row++) {
            $prices[] = [Cell::formula("ROW()-1+$row", $row), Cell::formula("A$row*2", $row * 2), Cell::formula("B$row*2", $row * 4)];
        }
        $lists = [['Status'], ['late'], ['paid'], ['sent'], ['waiting']];
        $sheets = [];
        foreach (['Order' => $rows, 'Steps' => $prices, 'Lists' => $lists] as $name => $lines) {
            $cells = new MemorySheet($name, array_map(fn (array $line) => array_map(fn ($value) => $value instanceof Cell ? $value
                : Cell::of($value), $line), $lines));
            $sheets[count($sheets) + 1] = new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
        }
        $check = EntryCheck::of(['id' => 'n1', 'kind' => 'list', 'of' => ['Lists!$A$2:$A$5'], 'where' => ['cells' => 'B4:B13'],
            'prompt' => 'How it stands']);
        $sheets[1] = $sheets[1]->withAspects(new EntryChecks([$check]));

        return new Workbook('Trees', $sheets, new LookBook);
    }

    private static function parts(Workbook $workbook): CellParts
    {
        return new CellParts($workbook->sheet(1), $workbook->looks);
    }

    private static function look(Workbook $workbook, string $cell, int $sheet = 1): Look
    {
        $at = Address::parse($cell);

        return (new DressedSheet($workbook->sheet($sheet), $workbook->looks))->at($at->row, $at->column)->look;
    }

    private static function targets(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

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

    public function test_formulas_are_locked_and_entries_open_in_one_act(): void
    {
        $workbook = (new GuardFormulas([1]))->on(self::order());
        $locked = fn (string $cell) => self::look($workbook, $cell)->get(Attribute::Locked);
        self::assertSame([true, true, false, false, null], array_map($locked, ['E5', 'E14', 'C5', 'B5', 'C3']));
        self::assertSame('none', self::look($workbook, 'E5')->text(Attribute::Fill, 'none'), 'a guard is not seen');
    }

    /** @return iterable<string, array{callable(): Act, Allowance|null}> acts, and what allows each on a protected sheet */
    public static function guarded(): iterable
    {
        $look = Look::of(['bold' => true]);
        yield 'a look' => [fn () => new Format(self::targets('C5'), $look), Allowance::DressCells];
        yield 'a look of a part' => [fn () => new FormatPart([1], Part::Body, null, $look), Allowance::DressCells];
        yield 'a width' => [fn () => new Resize([1], true, [[2, 2]], 90), Allowance::SizeColumns];
        yield 'a height' => [fn () => new Resize([1], false, [[2, 2]], 40), Allowance::SizeRows];
        yield 'a hidden column' => [fn () => new Hide([1], true, 2, 2, true), Allowance::SizeColumns];
        yield 'rows in' => [fn () => new MoveCells(1, new Shift(true, 5, 1, true)), Allowance::PutRows];
        yield 'rows out' => [fn () => new MoveCells(1, new Shift(true, 5, 1, false)), Allowance::TakeRows];
        yield 'columns in' => [fn () => new MoveCells(1, new Shift(false, 2, 1, true)), Allowance::PutColumns];
        yield 'columns out' => [fn () => new MoveCells(1, new Shift(false, 2, 1, false)), Allowance::TakeColumns];
        yield 'another order' => [fn () => new SortTable(1, 5, 3, [[3, true]]), Allowance::Sort];
        yield 'typing into what is locked' => [fn () => new EditCells(1, [5 => [5 => '7']]), null];
        yield 'clearing what is locked' => [fn () => new ClearCells(self::targets('E5')), null];
        yield 'a check' => [fn () => new SetEntry(1, EntryCheck::of(['id' => 'n2', 'kind' => 'any', 'where' => ['cells' => 'C5']])),
            Allowance::DressCells];
    }

    #[DataProvider('guarded')]
    public function test_a_protected_sheet_refuses_what_is_not_allowed_and_says_the_way(callable $act, ?Allowance $needs): void
    {
        $workbook = (new GuardFormulas([1]))->on(self::order());
        $protected = (new ProtectSheet([1], Protection::USUAL, null))->on($workbook);
        try {
            $act()->on($protected);
            self::fail('refused');
        } catch (SheetIsClosed $refusal) {
            self::assertStringContainsString('"Order"', $refusal->getMessage());
            self::assertStringContainsString('lifted in the menu of the sheet', $refusal->getMessage());
        }
        $act()->on($workbook);
        if ($needs !== null) {
            $act()->on((new ProtectSheet([1], [...Protection::USUAL, $needs], null))->on($workbook));
        }
        // What is open is filled in all the same, and other sheets are not concerned.
        (new EditCells(1, [5 => [3 => '8'], 6 => [2 => 'paid']]))->on($protected);
        (new EditCells(2, [2 => [2 => '8']]))->on($protected);
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

    public function test_protection_is_lifted_with_its_password_alone(): void
    {
        $workbook = (new ProtectSheet([1], [Allowance::Sort], Password::made('Osier 7')))->on(self::order());
        foreach (['', 'osier 7', 'x'] as $wrong) {
            try {
                (new LiftProtection(1, $wrong))->on($workbook);
                self::fail('refused');
            } catch (GuardIsWrong $refusal) {
                self::assertStringNotContainsString('osier', $refusal->getMessage());
            }
        }
        foreach ([[Allowance::Sort], Allowance::cases()] as $allowed) {
            $own = (new ProtectSheet([1], $allowed, Password::made('Osier 7')))->on(self::order());
            try {
                (new ProtectSheet([1], Protection::USUAL, null))->on($own);
                self::fail('what somebody protected by a password is not protected anew without it, whatever it allows');
            } catch (SheetIsClosed $refusal) {
                self::assertStringContainsString('protected by a password', $refusal->getMessage());
            }
        }
        $lifted = (new LiftProtection(1, 'Osier 7'))->on($workbook);
        self::assertFalse($lifted->sheet(1)->setup->tab->protected);
        self::assertNull($lifted->sheet(1)->aspect(Protection::class)->password);
        self::assertStringNotContainsString('Osier', (new ProtectSheet([1], [], Password::made('Osier 7')))->words($workbook));
        $this->expectException(GuardIsWrong::class);
        (new LiftProtection(1, 'Osier 7'))->on($lifted);
    }

    public function test_the_order_of_the_sheets_is_protected(): void
    {
        $workbook = (new ProtectOrder(true, Password::made('Elm')))->on(self::order());
        foreach ([new MoveSheet(1, 2), new ArrangeSheet(1, name: 'Other'), new ArrangeSheet(2, hidden: true), new AddSheet(Role::Looks, 1),
            new FollowRoles([1], true), new ProtectOrder(false, null, 'Oak')] as $act) {
            try {
                $act->on($workbook);
                self::fail($act::class);
            } catch (Refusal) {
            }
        }
        // The colour of a tab is no part of the order, nor are cells.
        (new ArrangeSheet(1, colour: '#112233'))->on($workbook);
        (new EditCells(1, [5 => [3 => '8']]))->on($workbook);
        $lifted = (new ProtectOrder(false, null, 'Elm'))->on($workbook);
        self::assertFalse($lifted->guard?->isOn);
        $moved = (new MoveSheet(1, 2))->on($lifted);
        self::assertSame(['Steps', 'Order', 'Lists'], array_values(array_map(fn ($sheet) => $sheet->name, $moved->sheets)));
    }

    public function test_what_sheets_are_for_is_read_and_may_be_said(): void
    {
        $workbook = self::order();
        $roles = fn (Workbook $of) => array_values(array_map(fn (RoleReading $one) => $one->role, RoleReading::all($of)));
        self::assertSame([Role::Entry, Role::Calculation, Role::Lists], $roles($workbook));
        $plain = $workbook->withSheet(1, $workbook->sheet(1)->withAspects(new EntryChecks));
        self::assertSame([Role::Report, Role::Calculation, Role::Lists], $roles($plain), 'sums make a report, short words a list');
        foreach ([[false, Role::Entry], [true, Role::Report]] as [$isLocked, $role]) {
            $looks = new LookMap;
            $looks->set(Range::parse('C5'), $plain->looks->number(Look::of(['locked' => $isLocked])));
            self::assertSame($role, $roles($plain->withSheet(1, $plain->sheet(1)->withAspects(new FileLooks($looks))))[0],
                'one cell that the file says is open');
        }
        $said = (new GiveRole([1], Role::Data, 'Kept by the yard'))->on($workbook);
        self::assertSame(Role::Data, $roles($said)[0]);
        self::assertSame(Role::Entry, $roles((new GiveRole([1], null))->on($said))[0]);
        $notes = new MemorySheet('Notes', [[Cell::of('Some words about this workbook, which nobody would call a table at all.')]]);
        $more = $workbook->adding(4, new Worksheet($notes, 'Notes', Finder::read(SheetFacts::of($notes))));
        self::assertSame(Role::Notes, $roles($more)[3]);
    }

    public function test_colour_visibility_protection_and_order_follow_from_roles(): void
    {
        $workbook = (new FollowRoles([1, 2, 3], true))->on((new MoveSheet(1, 3))->on(self::order()));
        self::assertSame(['Order', 'Steps', 'Lists'], array_values(array_map(fn ($sheet) => $sheet->name, $workbook->sheets)));
        $tabs = array_values(array_map(fn ($sheet) => [$sheet->setup->tab->colour, $sheet->setup->tab->state,
            $sheet->setup->tab->protected], $workbook->sheets));
        self::assertSame([['#C08A2B', 'visible', true], ['#8A8192', 'hidden', false], ['#8A8192', 'hidden', false]], $tabs);
        self::assertFalse(self::look($workbook, 'C5')->get(Attribute::Locked), 'what is to be filled in is open');
        // A stylebook says otherwise; and one sheet at least is seen.
        $stylebook = Stylebook::of(['name' => 'Plain', 'palette' => ['moss' => '#446644'], 'roles' => [
            'entry' => ['colour' => '@moss', 'protected' => false, 'hidden' => true, 'zoom' => 90, 'gridlines' => true],
            'calculation' => ['colour' => 'none', 'hidden' => true]]]);
        $dressed = (new FollowRoles([1, 2, 3]))->on((new Dress([1, 2, 3], $stylebook, true))->on(self::order()));
        self::assertSame(['#446644', 'hidden', false, 90], [$dressed->sheet(1)->setup->tab->colour, $dressed->sheet(1)->setup->tab->state,
            $dressed->sheet(1)->setup->tab->protected, $dressed->sheet(1)->setup->opening->zoom]);
        self::assertNull($dressed->sheet(2)->setup->tab->colour);
        self::assertNotSame([], array_filter($dressed->sheets, fn ($sheet) => $sheet->setup->tab->state === 'visible'));
    }

    public function test_a_sheet_of_looks_and_one_of_contents_are_made_and_kept_up_to_date(): void
    {
        $dressed = (new Dress([1, 2, 3], Builtin::named('River ledger'), true))->on(self::order());
        $workbook = (new AddSheet(Role::Contents, 1))->on((new AddSheet(Role::Looks, 1))->on($dressed));
        self::assertSame(['Contents', 'Order', 'Steps', 'Lists', 'Looks'], array_values(array_map(fn ($sheet) => $sheet->name,
            $workbook->sheets)));
        $texts = function (int $number) use (&$workbook): array {
            $rows = [];
            foreach ($workbook->sheet($number)->cells->read(1, 99) as $cells) {
                $rows[] = array_map(fn (Cell $cell) => $cell->text(), array_slice($cells, 0, 3));
            }

            return $rows;
        };
        $looks = $texts(4);
        self::assertSame(['Looks of River ledger', '', ''], $looks[0]);
        self::assertContains(['Total', 'Total', 'Sum of all'], $looks);
        self::assertContains(['Formula cells', 'Formula cells', 'Worked out; leave it as it is'], $looks);
        $row = (int) array_search(['Total', 'Total', 'Sum of all'], $looks, true) + 1;
        $total = Builtin::named('River ledger')->part(Part::Total);
        self::assertSame($total->text(Attribute::Fill), self::look($workbook, "B$row", 4)->text(Attribute::Fill), 'the sample wears it');
        self::assertContains(['Order', 'Order of trees', 'To be filled in'], $texts(5));
        self::assertNotContains('Contents', array_column(array_slice($texts(5), 2), 0));
        // A sheet that is hidden, and a purpose in a person's own words, are seen where it is made anew.
        $workbook = (new GiveRole([1], Role::Entry, 'Filled in by the yard'))->on((new ArrangeSheet(2, hidden: true))->on($workbook));
        $workbook = AddSheet::refreshed($workbook);
        self::assertContains(['Order', 'Order of trees', 'Filled in by the yard'], $texts(5));
        self::assertNotContains('Steps', array_column($texts(5), 0));
        self::assertSame($workbook, AddSheet::refreshed($workbook), 'what is so already is left as it is');
    }

    public function test_headings_are_put_in_capitals_or_sentence_case_as_texts(): void
    {
        $heads = function (Act $act): array {
            $workbook = $act->on(self::order());
            foreach ($workbook->sheet(1)->cells->read(3, 3) as $cells) {
                return array_map(fn (Cell $cell) => $cell->text(), $cells);
            }

            return [];
        };
        self::assertSame(['LINE', 'STATUS', 'COUNT', 'PRICE', 'VALUE', 'NOTE'],
            $heads(new RewriteHeads([1, 2], Part::Heading, 'capitals')));
        self::assertSame(['Line', 'Status', 'Count', 'Price', "Value\nformula", 'Note'],
            $heads(new RewriteHeads([1], Part::Heading, 'says', 'formula', Part::FormulaCell)));
        $shouted = (new RewriteHeads([1], Part::Heading, 'capitals'))->on(self::order());
        $back = (new RewriteHeads([1], Part::Heading, 'sentence'))->on((new EditCells(1, [3 => [4 => 'NET PRICE, EUR']]))->on($shouted));
        foreach ($back->sheet(1)->cells->read(3, 3) as $cells) {
            self::assertSame('Net price, eur', $cells[3]->text(), 'where all is shouted nothing stands out');
        }
        $words = (new RewriteHeads([1], Part::Heading, 'capitals'))->words(self::order());
        self::assertStringStartsWith('Data: ', $words, 'told as a change of data');
        $this->expectException(NothingToChange::class);
        (new RewriteHeads([1], Part::Heading, 'capitals'))->on($shouted);
    }

    public function test_a_stylebook_shows_headings_in_other_letters_and_their_texts_stay(): void
    {
        $dressed = function (string $case): Workbook {
            $stylebook = Stylebook::of(['name' => 'Loud', 'cases' => ['heading' => $case], 'heads' => ['formula_cell' => 'formula']]);

            return (new Dress([1], $stylebook, true))->on((new EditCells(1, [3 => [6 => 'said "so"']]))->on(self::order()));
        };
        $loud = $dressed('capitals');
        $capitals = ['LINE', 'STATUS', 'COUNT', 'PRICE', "VALUE\nformula", 'SAID "SO"'];
        self::assertSame($capitals, self::shownHeads($loud));
        foreach ($loud->sheet(1)->cells->read(3, 3) as $cells) {
            self::assertSame(['Line', 'Status', 'Count', 'Price', 'Value', 'said "so"'],
                array_map(fn (Cell $cell) => $cell->text(), $cells), 'no text is changed by a display');
        }
        $path = tempnam(sys_get_temp_dir(), 'heads');
        foreach (['xlsx' => new XlsxWriter, 'ods' => new OdsWriter] as $format => $writer) {
            $writer->write($loud, $path);
            $back = (new Opening(fn () => new MemoryBlockStore))->open($path, "heads.$format");
            self::assertSame($capitals, self::shownHeads($back), $format);
            foreach ($back->sheet(1)->cells->read(3, 3) as $cells) {
                self::assertSame('Line', $cells[0]->text(), $format);
            }
        }
        unlink($path);

        $typed = (new EditCells(1, [3 => [1 => 'Number', 2 => str_repeat('long ', 30), 3 => 'COUNT']]))->on($loud);
        self::assertSame(['NUMBER', str_repeat('long ', 30), 'COUNT'], array_slice(self::shownHeads($typed), 0, 3),
            'what is typed over is shown so; what a format cannot hold stays as it is written');
        $wide = (new EditCells(1, [3 => array_fill(7, 300, 'Day')]))->on($loud);
        self::assertSame('Line', self::shownHeads($wide)[0], 'and a row of headings beyond number stays, too');
        $calm = (new EditCells(1, [3 => [1 => 'NUMBER OF LINES', 2 => 'Paid To VAT']]))->on($dressed('sentence'));
        self::assertSame(['Number of lines', 'Paid to VAT'], array_slice(self::shownHeads($calm), 0, 2));

        $this->expectException(StylebookIsWrong::class);
        $this->expectExceptionMessage('cases.body');
        Stylebook::of(['name' => 'Loud', 'cases' => ['body' => 'capitals']]);
    }

    public function test_column_groups_go_into_other_letters_in_the_same_two_ways(): void
    {
        $rows = [['Lot', 'Stock', null, 'Worth', null], [null, 'Bags', 'Weight', 'Price', 'Value']];
        for ($row = 3; $row <= 12; $row++) {
            $rows[] = ["L$row", $row * 7 % 11, $row * 13 % 17, $row + 0.25, $row * 3.5];
        }
        $cells = new MemorySheet('Stock', array_map(fn (array $line) => array_map(Cell::of(...), $line), $rows));
        $found = Finder::read(SheetFacts::of($cells));
        self::assertSame(Part::ColumnGroup, $found->tables[0]->runAt(1)?->part);
        $workbook = new Workbook('Stock', [1 => new Worksheet($cells, 'Stock', $found)], new LookBook);
        $shown = fn (Workbook $of) => array_map(fn ($cell) => $cell->text, (new Painter($of->sheet(1), $of->looks, Fonts::shipped()))
            ->paint(1, Range::parse('A1:E2'))->cells);
        $written = fn (Workbook $of) => array_map(fn (Cell $cell) => $cell->text(), [...$of->sheet(1)->cells->read(1, 1)][0]);

        $loud = Stylebook::of(['name' => 'Loud', 'cases' => ['column_group' => 'capitals']]);
        $dressed = (new Dress([1], $loud, true))->on($workbook);
        self::assertContains('STOCK', $shown($dressed));
        self::assertContains('Bags', $shown($dressed), 'the headings below them stay');
        self::assertContains('Stock', $written($dressed));
        $rewritten = (new RewriteHeads([1], Part::ColumnGroup, 'capitals'))->on($workbook);
        self::assertContains('STOCK', $written($rewritten));
        self::assertContains('Bags', $shown($rewritten));
    }

    /** @return list<string> the texts of row 3 as they are shown */
    private static function shownHeads(Workbook $workbook): array
    {
        $painter = new Painter($workbook->sheet(1), $workbook->looks, Fonts::shipped());

        return array_map(fn ($cell) => $cell->text, $painter->paint(1, Range::parse('A3:F3'))->cells);
    }

    /** Of many ranges the first that holds a cell is found, as a plain search finds it. */
    public function test_many_ranges_are_asked_as_a_plain_search_would(): void
    {
        mt_srand(18);
        $index = new RangeIndex;
        $all = [];
        for ($number = 0; $number < 600; $number++) {
            [$top, $left] = [mt_rand(1, 3_000), mt_rand(1, 120)];
            $all[] = Range::of($top, $left, $top + [0, 40, 9_000][$number % 3], $left + [0, 3, 90][intdiv($number, 3) % 3]);
        }
        foreach ($all as $number => $range) {
            $index->add($number, $range);
        }
        for ($try = 0; $try < 2_000; $try++) {
            [$row, $column] = [mt_rand(1, 4_000), mt_rand(1, 220)];
            $wanted = null;
            foreach ($all as $number => $range) {
                if ($range->contains($row, $column)) {
                    $wanted = $number;

                    break;
                }
            }
            self::assertSame($wanted, $index->first($row, $column), "$row, $column");
        }
    }
}
