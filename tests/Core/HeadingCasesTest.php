<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Opening;
use App\Files\Xlsx\XlsxWriter;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Act\RewriteHeads;
use Rilvet\Dressed\ShownHeads;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\LetterCase;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Headings and column groups in capitals or sentence case: as they are shown, and as texts. */
final class HeadingCasesTest extends OrderCase
{
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

    /** Each takes a number format of its own, which has 255 characters at most and of which there are a few hundred (common practice). */
    public function test_long_headings_and_very_many_are_shown_as_they_are_written(): void
    {
        $shown = fn (array $row) => (new ShownHeads(MemorySheet::of('S', [$row]), ['heading' => LetterCase::Capitals]))
            ->shown(Part::Heading, row: 1, column: 1);
        self::assertSame('TREE', $shown(array_fill(0, 200, 'Tree')));
        self::assertNull($shown(array_fill(0, 201, 'Tree')));
        self::assertSame(str_repeat('É', 100), $shown([str_repeat('é', 100)]));
        self::assertNull($shown([str_repeat('é', 101)]));
        self::assertNull($shown([12]));
        self::assertNull($shown(['TREE']), 'it is so already');
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
}
