<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act\AddSheet;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\Dress;
use Rilvet\Act\FollowRoles;
use Rilvet\Act\GiveRole;
use Rilvet\Act\MoveSheet;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\RoleReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What sheets are for, what follows from it, and the sheets that are made. */
final class RolesTest extends OrderCase
{
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
}
