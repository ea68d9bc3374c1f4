<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Act\Act;
use Rilvet\Act\AddSheet;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\ClearCells;
use Rilvet\Act\EditCells;
use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Act\FollowRoles;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\GuardFormulas;
use Rilvet\Act\Hide;
use Rilvet\Act\LiftProtection;
use Rilvet\Act\MoveCells;
use Rilvet\Act\MoveSheet;
use Rilvet\Act\ProtectOrder;
use Rilvet\Act\ProtectSheet;
use Rilvet\Act\Resize;
use Rilvet\Act\SetEntry;
use Rilvet\Act\SortTable;
use Rilvet\Entry\EntryCheck;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;
use Rilvet\Refusal;

/** What is locked and protected: what a protected sheet refuses, its password, the order of the sheets. */
final class ProtectionTest extends OrderCase
{
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
}
