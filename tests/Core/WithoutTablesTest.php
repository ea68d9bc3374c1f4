<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Formula\Scope;
use Rilvet\Formula\TableRange;
use Rilvet\Formula\WithoutTables;
use Rilvet\Grid\Range;

/** What formulas say of a table's columns (ISO/IEC 29500-1 18.17.2.7, structured references), said as ranges of cells. */
final class WithoutTablesTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> */
    public static function formulas(): iterable
    {
        yield 'none' => ['SUM(A1:A3)', 'SUM(A1:A3)'];
        yield 'a column' => ['SUM(Lots[Count])', 'SUM(Lots!$B$4:$B$9)'];
        yield 'the whole table' => ['ROWS(Lots[])', 'ROWS(Lots!$A$4:$C$9)'];
        yield 'its headings' => ['COUNTA(Lots[#Headers])', 'COUNTA(Lots!$A$3:$C$3)'];
        yield 'its total' => ['Lots[[#Totals],[Worth]]*2', 'Lots!$C$10*2'];
        yield 'all of a column' => ['COUNTA(Lots[[#All],[Tree]])', 'COUNTA(Lots!$A$3:$A$10)'];
        yield 'two columns and those between' => ['SUM(Lots[[Tree]:[Worth]])', 'SUM(Lots!$A$4:$C$9)'];
        yield 'this row, which goes along' => ['Lots[@Count]+1', 'Lots!$B6+1'];
        yield 'this row of two columns' => ['SUM(Lots[[#This Row],[Count]:[Worth]])', 'SUM(Lots!$B6:$C6)'];
        yield 'brackets alone, within the table' => ['[@Count]*[Worth]', 'Lots!$B6*Lots!$C$4:$C$9'];
        yield 'capitals make no difference' => ['SUM(lOTS[cOUNT])', 'SUM(Lots!$B$4:$B$9)'];
        yield 'a text with brackets' => ['"Lots[Count]"&A1', '"Lots[Count]"&A1'];
        yield 'two tables' => ['SUM(Lots[Count])/SUM(Rates[Rate])', "SUM(Lots!\$B\$4:\$B\$9)/SUM('All rates'!\$A\$2:\$A\$5)"];
        yield 'a column that is not there' => ['SUM(Lots[Weight])', null];
        yield 'a table that is not there' => ['SUM(Plants[Count])', null];
        yield 'another workbook' => ['[1]Lots!A1', null];
        yield 'a total where the table has none' => ['Rates[[#Totals],[Rate]]', null];
    }

    #[DataProvider('formulas')]
    public function test_columns_are_ranges(string $formula, ?string $plain): void
    {
        $scope = new Scope([1 => 'Lots', 2 => 'All rates'], [], [
            'Lots' => new TableRange(1, Range::of(3, 1, 10, 3), 1, 1, ['Tree', 'Count', 'Worth']),
            'Rates' => new TableRange(2, Range::of(1, 1, 5, 1), 1, 0, ['Rate']),
        ]);
        self::assertSame($plain, WithoutTables::of($formula, $scope, 1, 6, 2));
    }
}
