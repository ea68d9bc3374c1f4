<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\LayNamed;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Act\ReviseOwn;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\Targets;
use Rilvet\Act\WearersOfLook;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Named looks of a workbook itself: what is laid follows when the look is changed, in size too, and nothing else does. */
final class OwnLooksTest extends TestCase
{
    private static function workbook(): Workbook
    {
        $sheet = function (string $name) {
            $cells = MemorySheet::of($name, [['Lot', 'Count'], ['L1', 4], ['L2', 7], ['L3', 5]]);

            return new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
        };

        return new Workbook('Book', [1 => $sheet('Beds'), 2 => $sheet('Lists'), 3 => $sheet('Rest')], new LookBook);
    }

    private static function done(Act $act, Workbook $workbook): Workbook
    {
        return (new Pipeline(new Recalculate(new LibraryCalculator, 30.0)))->run($act, $workbook)->after;
    }

    /** @param  array<string, bool|int|float|string>|null  $look */
    private static function says(string $name, ?array $look, ?WearersOfLook $wearers = null): ReviseOwn
    {
        return new ReviseOwn(fn (Stylebook $own) => new ReviseStylebook(
            $own->naming($name, $look === null ? null : Look::of($look)), 'Look kept', false, $wearers,
        ), 'Look "loud" kept', [1, 2, 3]);
    }

    private static function lay(string $ranges, string $name, int ...$sheets): LayNamed
    {
        return new LayNamed(new Targets($sheets === [] ? [1] : array_values($sheets), RangeSet::parse($ranges)), $name);
    }

    private static function worn(Workbook $workbook, int $sheet, int $row, int $column): Look
    {
        return (new DressedSheet($workbook->sheet($sheet), $workbook->looks))->at($row, $column)->look;
    }

    public function test_a_look_that_is_laid_is_worn_and_follows_when_it_is_changed(): void
    {
        $kept = self::done(self::says('loud', ['fill' => '#FFE08A']), self::workbook());
        self::assertSame(['fill' => '#FFE08A'], $kept->own?->named('loud')?->toArray());
        $laid = self::done(self::lay('B2:B3', 'loud', 1, 2), $kept);
        self::assertSame('#FFE08A', self::worn($laid, 1, 2, 2)->text(Attribute::Fill));
        self::assertSame('', self::worn($laid, 1, 4, 2)->text(Attribute::Fill));
        $changed = self::done(self::says('loud', ['fill' => '#112233', 'bold' => true]), $laid);
        foreach ([1, 2] as $sheet) {
            self::assertSame('#112233', self::worn($changed, $sheet, 3, 2)->text(Attribute::Fill));
            self::assertTrue(self::worn($changed, $sheet, 3, 2)->is(Attribute::Bold));
        }
        // What wears nothing of it stays the very sheet that it was.
        self::assertSame($laid->sheet(3), $changed->sheet(3));
        self::assertNotSame($laid->sheet(1), $changed->sheet(1));
    }

    public function test_rows_are_as_high_as_a_look_that_grows_wants_and_no_others(): void
    {
        $laid = self::done(self::lay('A3', 'loud'), self::done(self::says('loud', ['size' => 11]), self::workbook()));
        $before = $laid->sheet(1)->setup->sizes;
        $grown = self::done(self::says('loud', ['size' => 30]), $laid)->sheet(1)->setup->sizes;
        self::assertGreaterThan($before->heightOf(3) + 15, $grown->heightOf(3));
        self::assertSame([$before->heightOf(2), $before->heightOf(4)], [$grown->heightOf(2), $grown->heightOf(4)]);
        $back = self::done(self::says('loud', ['size' => 11]), self::done(self::says('loud', ['size' => 30]), $laid));
        self::assertSame($before->heightOf(3), $back->sheet(1)->setup->sizes->heightOf(3));
    }

    public function test_it_is_taken_off_again_and_a_look_that_is_none_is_refused(): void
    {
        $kept = self::done(self::says('loud', ['fill' => '#FFE08A']), self::workbook());
        $laid = self::done(self::lay('A2:B4', 'loud'), $kept);
        $off = self::done(self::lay('A3:B3', ''), $laid);
        $fill = fn (int $row) => self::worn($off, 1, $row, 1)->text(Attribute::Fill);
        self::assertSame(['#FFE08A', '', '#FFE08A'], array_map($fill, [2, 3, 4]));
        $act = self::lay('A2', 'quiet');
        self::assertSame('Look "quiet" laid, A2', $act->words($kept));
        self::assertSame('Named look taken off, A2', self::lay('A2', '')->words($kept));
        self::assertTrue($act->reach()->ofSizes);
        self::assertSame([[1], false], [$act->reach()->sheets, $act->reach()->needsAll]);
        $this->expectException(NoSuchLook::class);
        $this->expectExceptionMessageMatches('/quiet/');
        self::done($act, $kept);
    }

    public function test_a_look_of_that_name_in_a_stylebook_is_another_one(): void
    {
        $stylebook = Builtin::named('River ledger')->naming('loud', Look::of(['fill' => '#445566']));
        $kept = self::done(self::says('loud', ['fill' => '#FFE08A']), self::workbook());
        $kept = $kept->withSheet(2, $kept->sheet(2)->wearing($stylebook, false));
        $laid = self::done(self::lay('B2', 'loud', 1, 2), $kept);
        self::assertSame(['#FFE08A', '#445566'], [self::worn($laid, 1, 2, 2)->text(Attribute::Fill),
            self::worn($laid, 2, 2, 2)->text(Attribute::Fill)]);
        $changed = self::done(self::says('loud', ['fill' => '#112233']), $laid);
        self::assertSame(['#112233', '#445566'], [self::worn($changed, 1, 2, 2)->text(Attribute::Fill),
            self::worn($changed, 2, 2, 2)->text(Attribute::Fill)]);
        self::assertTrue($laid->sheet(1)->isOwn('loud'));
        self::assertFalse($laid->sheet(2)->isOwn('loud'));
    }

    public function test_wearers_take_another_name_along_or_keep_what_a_look_said_that_is_gone(): void
    {
        $laid = self::done(self::lay('B2', 'loud'), self::done(self::says('loud', ['fill' => '#FFE08A']), self::workbook()));
        $renamed = self::done(new ReviseOwn(fn (Stylebook $own) => new ReviseStylebook($own->renaming('loud', 'lively'), 'renamed', false,
            WearersOfLook::renamed('loud', 'lively')), 'renamed', [1, 2, 3]), $laid);
        self::assertNull($renamed->own?->named('loud'));
        self::assertSame('#FFE08A', self::worn($renamed, 1, 2, 2)->text(Attribute::Fill));
        self::assertTrue($renamed->sheet(1)->isOwn('lively'));
        $gone = self::done(self::says('loud', null, WearersOfLook::keeping('loud', Look::of(['fill' => '#FFE08A']))), $laid);
        self::assertNull($gone->own?->named('loud'));
        self::assertSame('#FFE08A', self::worn($gone, 1, 2, 2)->text(Attribute::Fill));
        self::assertSame(['fill' => '#FFE08A'], $gone->looks->look($gone->sheet(1)->hand->at(2, 2))->toArray());
    }

    public function test_it_reaches_all_sheets_and_says_what_was_done(): void
    {
        $act = self::says('loud', ['fill' => '#FFE08A']);
        self::assertSame('Look "loud" kept, in this workbook', $act->words(self::workbook()));
        self::assertSame([[1, 2, 3], true], [$act->reach()->sheets, $act->reach()->ofSizes]);
    }
}
