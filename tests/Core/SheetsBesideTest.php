<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Act\Resize;
use Rilvet\Act\SetOpening;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\MendFindings;
use Rilvet\Look\Look;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Work\Workbook;

/** Sheets beside each other: what most of them have, which stylebook they wear, how they open. */
final class SheetsBesideTest extends CheckAcrossCase
{
    public function test_sheets_of_one_kind_are_told_by_what_most_of_them_have_and_brought_in_line(): void
    {
        $year = self::year(4);
        self::assertSame([], self::found($year, 'sheets-differ'));
        $bold = fn (Workbook $on, int ...$sheets) => (new Format(self::at('A1:C1', ...$sheets), Look::of(['bold' => true,
            'fill' => '#DDEBF7'])))->on($on);
        $three = (new Resize([3], true, [[2, 2]], 140))->on($bold($year, 1, 2, 3));
        [$third, $fourth] = self::found($three, 'sheets-differ');
        self::assertSame(['Sheet C', 'Widths: 140 here, 64 on 3 of 4.'], [$third->sheet, $third->words]);
        self::assertSame(['Sheet D', 'Heading bold: none here, yes on 3 of 4; Heading fill: #FFFFFF here, #DDEBF7 on 3 of 4.'],
            [$fourth->sheet, $fourth->words]);
        // Three are named, and what is more is counted.
        $heads = self::at('A1:C1', 1, 2, 3);
        $said = fn (array $look) => self::found((new Format($heads, Look::of($look)))->on($year), 'sheets-differ')[0]->words;
        $look = ['bold' => true, 'italic' => true, 'fill' => '#DDEBF7', 'ink' => '#224466'];
        self::assertStringEndsNotWith('more.', $said(array_slice($look, 0, 3)));
        self::assertStringEndsWith('; and 1 more.', $said($look));
        $mended = (new MendFindings([$third, $fourth]))->on($three);
        self::assertSame([], self::found($mended, 'sheets-differ'));
        self::assertSame(64, $mended->sheet(3)->setup->sizes->widthOf(2));
        // Of two against two nobody can tell which is meant, and other headings are another kind.
        self::assertSame([], self::found($bold($year, 1, 2), 'sheets-differ'));
        self::assertSame([], self::found($bold(self::year(3, fn (array $rows, int $at) => $at === 2 ? [['Tree', 'Beds', 'Cost'],
            ...array_slice($rows, 1)] : $rows), 1), 'sheets-differ'));
    }

    public function test_sheets_of_several_workbooks_are_compared_each_with_the_workbook_it_stands_in(): void
    {
        $bold = fn (Workbook $on) => (new Format(self::at('A1:C1'), Look::of(['bold' => true])))->on($on);
        $found = Checks::inSeries(['north' => $bold(self::year(1)), 'south' => $bold(self::year(1)), 'west' => self::year(1)],
            Checks::all());
        $differ = fn (string $of) => array_values(array_filter($found[$of], fn (Finding $one) => $one->check === 'sheets-differ'));
        self::assertSame([[], [], ['Heading bold: none here, yes on 2 of 3.']], [$differ('north'), $differ('south'),
            array_map(fn (Finding $one) => $one->words, $differ('west'))]);
    }

    /** A stylebook that no shelf holds cannot be taken from one workbook to another. */
    public function test_a_sheet_in_another_stylebook_is_brought_in_line_where_that_can_be_had(): void
    {
        $dressed = fn (Workbook $on, array $sheets, string $name, ?StylebookReference $from = null) => (new Dress($sheets,
            Builtin::named($name), false, null, $from))->on($on);
        $differ = fn (array $found) => array_values(array_filter($found, fn (Finding $one) => $one->check === 'sheets-differ'));
        $year = $dressed($dressed(self::year(4), [1, 2, 3], 'River ledger'), [4], 'Long list');
        [$odd] = $differ(Checks::on($year, Checks::all()));
        self::assertSame('Sheet D', $odd->sheet);
        $mended = (new MendFindings([$odd]))->on($year);
        self::assertSame('River ledger', $mended->sheet(4)->stylebook?->name);
        self::assertSame([], $differ(Checks::on($mended, Checks::all())));
        $series = fn (?StylebookReference $from) => $differ(Checks::inSeries([
            'north' => $dressed(self::year(1), [1], 'River ledger', $from),
            'south' => $dressed(self::year(1), [1], 'River ledger', $from),
            'west' => $dressed(self::year(1), [1], 'Long list', $from),
        ], Checks::all())['west']);
        self::assertSame([null], array_map(fn (Finding $one) => $one->mend, $series(null)));
        self::assertNotNull($series(new StylebookReference(7, null))[0]->mend);
    }

    public function test_a_sheet_without_the_stylebook_of_the_others_is_told_and_dressed(): void
    {
        $book = Builtin::named('River ledger');
        $year = (new Dress([1, 2], $book))->on(self::year(3));
        [$one] = self::found($year, 'not-wearing');
        self::assertSame(['Sheet C', '2 of 3 sheets wear River ledger, this one wears none.'], [$one->sheet, $one->words]);
        self::assertSame([], self::found((new MendFindings([$one]))->on($year), 'not-wearing'));
        self::assertSame([], self::found((new Dress([1], $book))->on(self::year(3)), 'not-wearing'), 'one of three is no rule');
        self::assertSame([], self::found((new Dress([1], $book))->on(self::year(1)), 'not-wearing'), 'nor is the only one');
        self::assertSame([], self::found((new Dress([1, 2], $book))->on(self::year(4)), 'not-wearing'), 'half of them are not most');
        $two = self::found((new Dress([1, 2, 4], $book))->on(self::year(5)), 'not-wearing');
        self::assertSame(['Sheet C', 'Sheet E'], array_map(fn (Finding $one) => $one->sheet, $two));
        $hidden = (new ArrangeSheet(3, hidden: true))->on($year);
        self::assertSame([], self::found($hidden, 'not-wearing'), 'what is hidden may look as it does');
    }

    public function test_sheets_that_open_otherwise_than_most_are_told(): void
    {
        $year = (new SetOpening([2], gridlines: false, zoom: 130))->on(self::year(4));
        [$one] = self::found($year, 'open-differently');
        self::assertSame(['Sheet B', 'The sheet opens at 130 %, most others at 100 %, and shows no gridlines, most others do.'],
            [$one->sheet, $one->words]);
        self::assertSame([], self::found((new MendFindings([$one]))->on($year), 'open-differently'));
        self::assertSame([], self::found((new SetOpening([2], zoom: 130))->on(self::year(2)), 'open-differently'));
    }
}
