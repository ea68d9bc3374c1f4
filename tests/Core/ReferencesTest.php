<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\MoveCells;
use Rilvet\Change\Change;
use Rilvet\Change\Patch;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Growth;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Intake\SheetTyping;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Formulas keep meaning the same cells (grammar: ISO/IEC 29500-1 18.17.2; what is taken out becomes #REF!, 18.17.3). */
final class ReferencesTest extends TestCase
{
    /**
     * @return iterable<string, array{string, Shift, bool, string}> formula, what moves in "My list", on that sheet or not, formula
     *     after
     */
    public static function formulas(): iterable
    {
        $in = new Shift(true, 2, 1, true);
        $out = new Shift(true, 5, 2, false);
        yield 'rows put in above' => ['SUM(B2:B4)*$C$9', new Shift(true, 2, 2, true), true, 'SUM(B4:B6)*$C$11'];
        yield 'rows put in inside a range' => ['SUM(B2:B9)', new Shift(true, 5, 1, true), true, 'SUM(B2:B10)'];
        yield 'rows below' => ['A1+A2', new Shift(true, 5, 1, true), true, 'A1+A2'];
        yield 'columns put in' => ['SUM(B2:D2)', new Shift(false, 3, 1, true), true, 'SUM(B2:E2)'];
        yield 'rows taken out above' => ['SUM(B5:B9)', new Shift(true, 1, 2, false), true, 'SUM(B3:B7)'];
        yield 'rows taken out of a range' => ['SUM(B2:B9)', $out, true, 'SUM(B2:B7)'];
        yield 'a cell that is taken out' => ['A5+A7', $out, true, '#REF!+A5'];
        yield 'a range that is taken out' => ['SUM(A5:C6)+1', $out, true, 'SUM(#REF!)+1'];
        yield 'corners the other way round' => ['SUM(C$9:$B2)', $in, true, 'SUM(C$10:$B3)'];
        yield 'whole rows' => ['SUM(3:5)', $in, true, 'SUM(4:6)'];
        yield 'whole columns stay when rows move' => ['SUM(A:C)', $in, true, 'SUM(A:C)'];
        yield 'whole columns' => ['SUM($B:C)', new Shift(false, 1, 2, true), true, 'SUM($D:E)'];
        yield 'on another sheet, by name' => ["'My list'!A5+A5", $in, false, "'My list'!A6+A5"];
        yield 'whole rows of another sheet' => ["SUM('My list'!3:5)", $in, false, "SUM('My list'!4:6)"];
        yield 'the name in other letters' => ["'MY LIST'!A5", $in, false, "'MY LIST'!A6"];
        yield 'a sheet that is not meant' => ["'My lists'!A5+Lists!A5", $in, true, "'My lists'!A5+Lists!A5"];
        yield 'several sheets at once' => ['SUM(First:Last!A5)', $in, true, 'SUM(First:Last!A5)'];
        yield 'another workbook' => ["[1]Sheet1!A5+'[1]My list'!A5", $in, true, "[1]Sheet1!A5+'[1]My list'!A5"];
        yield 'texts are no references' => ['"A5"&A5&"say ""A5"""', $in, true, '"A5"&A6&"say ""A5"""'];
        yield 'a text with a name in it' => ["\"'My list'!A5\"&'My list'!A5", $in, false, "\"'My list'!A5\"&'My list'!A6"];
        yield 'functions with figures in their names' => ['LOG10(A5)+ATAN2(A5,B5)', $in, true, 'LOG10(A6)+ATAN2(A6,B6)'];
        yield 'names with figures' => ['rate.2024*Rate_A5+XFE5', $in, true, 'rate.2024*Rate_A5+XFE5'];
        yield 'columns of a table' => ['SUM(Tab1[A5])+SUM(Tab1[[#Totals],[A5]])', $in, true, 'SUM(Tab1[A5])+SUM(Tab1[[#Totals],[A5]])'];
        yield 'numbers' => ['1.5E5+5+A5%', $in, true, '1.5E5+5+A6%'];
        yield 'an error' => ['IFERROR(A5,#N/A)', $in, true, 'IFERROR(A6,#N/A)'];
        yield 'pushed off the sheet' => ['A1048576+A5', $in, true, '#REF!+A6'];
        yield 'several areas' => ['SUM((A5,B5:B6))', $in, true, 'SUM((A6,B6:B7))'];
    }

    #[DataProvider('formulas')]
    public function test_formulas_keep_meaning_the_same_cells(string $formula, Shift $shift, bool $own, string $moved): void
    {
        self::assertSame($moved, (new References($shift, 'My list'))->moved($formula, $own));
    }

    public function test_a_sheet_whose_name_has_an_apostrophe(): void
    {
        self::assertSame("'Bob''s'!A6", (new References(new Shift(true, 2, 1, true), "Bob's"))->moved("'Bob''s'!A5", false));
    }

    public function test_random_references_go_where_their_cells_go(): void
    {
        mt_srand(18_172);
        for ($round = 0; $round < 3_000; $round++) {
            $shift = new Shift(mt_rand(0, 1) === 1, mt_rand(1, 12), mt_rand(1, 4), mt_rand(0, 1) === 1);
            [$row, $column] = [mt_rand(1, 15), mt_rand(1, 15)];
            $dollar = fn () => mt_rand(0, 1) === 1 ? '$' : '';
            $formula = $dollar().Address::columnName($column).$dollar().$row;
            $to = $shift->place($shift->rows ? $row : $column);
            $moved = (new References($shift, 'S'))->moved("2*$formula", true);
            $expected = $to === null ? '#REF!'
                : ($shift->rows ? Address::columnName($column).$to : Address::columnName($to).$row);
            self::assertSame("2*$expected", str_replace('$', '', $moved));
            if ($shift->in) {
                self::assertSame(
                    "2*$formula",
                    (new References($shift->inverse(), 'S'))->moved($moved, true),
                    'putting in and taking out again changes nothing',
                );
            }
        }
    }

    public function test_formulas_in_a_long_table_of_text_and_on_other_sheets_follow(): void
    {
        $rows = 25_000;
        $store = new MemoryBlockStore;
        $lines = array_map(fn (int $row) => ["text $row", (string) $row], range(1, $rows));
        $lines[] = ['All {"f": is no formula', ['f' => "SUM(B2:B$rows)", 'v' => 7]];
        foreach (array_chunk($lines, Block::ROWS) as $number => $chunk) {
            $store->put($number, Block::encode($chunk));
        }
        $long = new BlockSheet('Long', $rows + 1, 2, $store);
        $other = new MemorySheet('Other', [[Cell::formula("Long!B20000+'Long'!B1", 1), Cell::of(3)]]);
        $workbook = new Workbook('W', [1 => self::worksheet($long, 'Long'), 2 => self::worksheet($other, 'Other')], new LookBook);
        $moved = ($act = new MoveCells(1, new Shift(true, 10_000, 3, true)))->on($workbook);
        self::assertSame(['SUM(B2:B25003)'], self::formulasOf($moved->sheet(1)->cells));
        self::assertSame(['Long!B20003+\'Long\'!B1'], self::formulasOf($moved->sheet(2)->cells));
        self::assertSame(
            ['blocks', 'cells'],
            array_map(fn (Patch $patch) => $patch->toArray()[1], Change::between($workbook, $moved, '')->patches),
            'each change of cells is recorded, so that it can be undone',
        );
    }

    /** @return list<string> */
    private static function formulasOf(Sheet $sheet): array
    {
        $found = [];
        foreach ($sheet->formulas() as $cells) {
            array_push($found, ...array_map(fn (Cell $cell) => (string) $cell->formula, array_values($cells)));
        }

        return $found;
    }

    private static function worksheet(Sheet $cells, string $name): Worksheet
    {
        return new Worksheet($cells, $name, Reading::none(), typing: $name === 'Long' ? new SheetTyping([]) : null);
    }

    public function test_references_at_the_edge_of_a_sheet(): void
    {
        $on = fn (string $formula, int $rows, int $columns) => References::translated($formula, $rows, $columns);
        self::assertSame('XFD1', $on('XFC1', 0, 1));
        self::assertSame('#REF!', $on('XFC1', 0, 2));
        self::assertSame('A1', $on('B1', 0, -1));
        self::assertSame('#REF!', $on('B1', 0, -2));
        self::assertSame('A1048576', $on('A1048575', 1, 0));
        self::assertSame('#REF!', $on('A1048575', 2, 0));
        self::assertSame('A1', $on('A2', -1, 0));
        self::assertSame('Beds!#REF!', $on('Beds!A2', -2, 0));
        self::assertSame('$XFD1048576', $on('$XFD1048575', 1, 5));
        self::assertSame('SUM(2:3,$A:B,B$1:C$9)', $on('SUM(1:2,$A:A,A$1:B$9)', 1, 1));
        self::assertSame('#REF!', $on('1048575:1048576', 1, 0));
        $moved = fn (string $formula, Shift $shift) => (new References($shift, 'Beds'))->moved($formula, true);
        // Rows that are put in push those at the end of a sheet out of it.
        self::assertSame('A1:A1048576', $moved('A1:A1048576', new Shift(true, 5, 3, true)));
        self::assertSame('A1048576', $moved('A1048573', new Shift(true, 5, 3, true)));
        self::assertSame('#REF!', $moved('A1048574', new Shift(true, 5, 3, true)));
        self::assertSame('A1048577', $moved('A1048577', new Shift(true, 5, 3, true)), 'beyond the sheet it is a name');
        self::assertSame('XFD1', $moved('XFD1', new Shift(true, 5, 3, true)));
        self::assertSame('XFE9', $moved('XFE9', new Shift(true, 5, 3, true)));
        self::assertSame('A0', $moved('A0', new Shift(true, 1, 3, true)));
        self::assertSame('4:8', $moved('1:5', new Shift(true, 1, 3, true)));
        self::assertSame('8:4', $moved('5:1', new Shift(true, 1, 3, true)), 'ends stay in their order');
    }

    public function test_ranges_over_a_table_that_grows(): void
    {
        // Two rows put in below row 6 of a table over B2:C6.
        $moved = fn (string $formula, bool $isWithin = false) => (function (References $of) use ($formula, $isWithin) {
            return ($isWithin ? $of->within() : $of)->moved($formula, true);
        })(new References(new Shift(true, 7, 2, true, new Growth(2, 3, 2, 6)), 'Beds'));
        self::assertSame('SUM(B2:B8)', $moved('SUM(B2:B6)'));
        self::assertSame('SUM(B1:B8)', $moved('SUM(B1:B6)'));
        self::assertSame('SUM(C2:B8)', $moved('SUM(C2:B6)'));
        self::assertSame('SUM($B$2:$B$8)', $moved('SUM($B$2:$B$6)'));
        self::assertSame('SUM(B3:B6)', $moved('SUM(B3:B6)'), 'some of its rows');
        self::assertSame('SUM(B2:B5)', $moved('SUM(B2:B5)'));
        self::assertSame('SUM(D2:D6)', $moved('SUM(D2:D6)'), 'beside it');
        self::assertSame('SUM(A2:B8)', $moved('SUM(A2:B6)'));
        self::assertSame('SUM(C2:D8)', $moved('SUM(C2:D6)'));
        self::assertSame('SUM(B6:B2)', $moved('SUM(B6:B2)'), 'the wrong way round it is what it is');
        self::assertSame('SUM(B2:B6)', $moved('SUM(B2:B6)', true), 'in the table it goes along with its row');
        self::assertSame('SUM(B$2:B6)', $moved('SUM(B$2:B6)', true));
        self::assertSame('SUM(B$2:B$8)', $moved('SUM(B$2:B$6)', true));
    }
}
