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
}
