<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Library;
use Rilvet\Formula\Expression\NotKnown;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Formula\Scope;
use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Tests\InLibrary;

/** Formulas of conditions, against the general-purpose spreadsheet library and the examples of ISO/IEC 29500-1 18.17.7. */
final class ExpressionTest extends TestCase
{
    private const ROWS = 30;

    /** Formulas of cell H1, looked at from each row; the library gives the same, but where it is said why not. */
    private const FORMULAS = [
        'A1>0', 'AND(A1>0,B1="late")', 'OR(B1="late",B1="paid")', 'OR(B1={"late","paid"})', 'LEN(B1)', 'MOD(ROW(),2)=0', 'MOD(ROW()-2,3)',
        'COUNTIF($B$1:$B$30,B1)>1', 'COUNTIF(B$1:B1,B1)', 'COUNTIF($A$1:$A$30,">5")', 'COUNTIFS($B$1:$B$30,B1,$A$1:$A$30,">0")',
        'SUMIF($B$1:$B$30,B1,$A$1:$A$30)', 'SUMIFS($A$1:$A$30,$B$1:$B$30,B1)', 'A1=MAX($A$1:$A$30)', 'LARGE($A$1:$A$30,3)',
        'PERCENTILE($A$1:$A$30,0.3)', 'STDEV($A$1:$A$30)', 'MEDIAN($A$1:$A$30)', 'AVERAGE($A$1:$A$30)', 'ISBLANK(A1)', 'ISNUMBER(B1)',
        'ISTEXT(B1)', 'A1=""', 'B1=""', 'A1=0', 'B1<"m"', 'YEAR(C1)', 'MONTH(C1)', 'DAY(C1)', 'WEEKDAY(C1)', 'WEEKDAY(C1,2)>5', 'C1-45000',
        'DATE(2024,2,30)', 'EOMONTH(C1,1)', 'EDATE(C1,-1)', 'LEFT(B1,2)', 'RIGHT(E1,1)', 'MID(E1,2,3)', 'SEARCH("t",E1)', 'FIND("x",E1)',
        'ISERROR(SEARCH("late",B1))', 'NOT(ISERROR(SEARCH("LATE",B1)))', 'SUBSTITUTE(E1,"T","x")', 'TRIM("  a   b ")', 'UPPER(B1)',
        'ROUND(A1,0)', 'ROUND(A1,1)', 'ROUNDUP(A1,0)', 'ROUNDDOWN(A1,1)', 'INT(A1)', 'ABS(A1)', 'TRUNC(A1)', '2^-1', '5%', 'A1/0',
        'IF(A1>0,"p","n")', 'IFERROR(A1/0,7)', 'VLOOKUP("Text 4",$E$1:$E$30,1,FALSE)', 'MATCH("Text 4",$E$1:$E$30,0)',
        'INDEX($A$1:$A$30,5)',
        'SUMPRODUCT(($B$1:$B$30=B1)*($A$1:$A$30>0))', 'SUM(A1:A3)', 'COUNT(A1:D3)', 'COUNTA(A1:D3)', 'COUNTBLANK(A1:D3)', 'SUM($A:$A)',
        'A1&"x"&D1', 'CEILING(A1,0.5)', 'EXACT(B1,"late")', 'AVERAGEIF($B$1:$B$30,"late",$A$1:$A$30)', 'COUNTIF($B$1:$B$30,"l*")',
        'COUNTIF($B$1:$B$30,"a~*b")', 'COUNTIF($A$1:$A$30,12)', 'HOUR(0.75)', 'MINUTE(0.51)', 'SMALL($A$1:$A$30,2)',
        'QUARTILE($A$1:$A$30,1)', 'VARP($A$1:$A$30)', 'AND(A1:A3)', 'TIME(1,30,0)', 'CONCATENATE(B1,"-",A1)', 'MAX(A1,3)', 'VALUE("12.5")',
        'N(B1)', 'A1<>A2', 'CHOOSE(2,"a","b")', 'PROPER("ab cd")', 'SIGN(A1)', 'POWER(2,3)', 'SQRT(2)', 'DAYS(C1,45000)', 'ISOWEEKNUM(C1)',
        'REPT("x",3)', '$B1="late"', 'SUM(A$1:A1)', '1=1=TRUE',
        'AVERAGEIFS($A$1:$A$30,$B$1:$B$30,"late",$C$1:$C$30,">45100")', 'CODE(E1)', 'EXP(2)', 'EXP(A1/10)', 'IFNA(A1/0,7)', 'IFNA(A1,7)',
        'IFNA(MATCH("none",$E$1:$E$30,0),7)', 'ISERR(A1/0)', 'ISERR(NA())', 'ISERR(A1)', 'ISNA(NA())', 'ISNA(A1/0)', 'ISNA(A1)',
        'ISEVEN(C1)', 'ISODD(C1)', 'ISLOGICAL(D1)', 'ISNONTEXT(A1)', 'ISNONTEXT(B1)', 'ISNONTEXT(D1)', 'LOWER(E1)', 'PI()',
        'PRODUCT(A1:A3)', 'T(A1)', 'T(B1)', 'T(D1)', 'TRUE()', 'FALSE()', 'VAR($A$1:$A$30)', 'XOR(A1>0,C1>45200)', 'XOR(TRUE,TRUE,TRUE)',
        'TRUE()=FALSE()', 'NA()', 'MIN($A$1:$A$30)', 'MIN(A1,3)', 'STDEV.S($A$1:$A$30)', 'STDEVP($A$1:$A$30)', 'STDEV.P($A$1:$A$30)',
        'VAR.S($A$1:$A$30)', 'VAR.P($A$1:$A$30)', 'PERCENTILE.INC($A$1:$A$30,0.3)', 'RANK.EQ(C1,$C$1:$C$30)', 'SECOND(0.7001)',
        'CONCAT(B1,"-",A1)', 'COUNTIF($A$1:$A$30,"<>")', 'COUNTIF($B$1:$B$30,">=paid")', 'COUNTIF($B$1:$B$30,"<=Late")',
        'COUNTIF($B$1:$B$30,"?ate")', 'COUNTIF($A$1:$A$30,A1)',
    ];

    /** @return list<list<bool|float|int|string|null>> */
    private static function rows(): array
    {
        mt_srand(7);
        $rows = [];
        for ($row = 0; $row < self::ROWS; $row++) {
            $rows[] = [
                $row % 7 === 3 ? null : mt_rand(-50, 50) / 4, ['late', 'paid', 'Late', 'sent', null, 'a*b', '12'][mt_rand(0, 6)],
                45_000 + mt_rand(0, 400), $row % 5 === 0 ? true
                    : ($row % 5 === 1 ? false : mt_rand(0, 9)), "Text $row",
            ];
        }

        return $rows;
    }

    /** @param  list<list<bool|float|int|string|null>>  $rows */
    private static function at(array $rows): At
    {
        $sheet = new MemorySheet('Data', array_map(fn (array $line) => array_map(Cell::of(...), $line), $rows));

        return new At(new Values([1 => $sheet], INF), 1, 1, 8, 46_353.5);
    }

    private static function scope(): Scope
    {
        return new Scope([1 => 'Data'], ['Limit' => 'Data!$A$1', 'Rate' => '0.25'], []);
    }

    private static function value(string $formula, ?At $at = null): mixed
    {
        $value = Parser::read($formula, self::scope(), 1, 1, 8)->value($at ?? self::at(self::rows()));

        return $value instanceof Fault ? $value->code : $value;
    }

    public function test_formulas_give_what_the_library_gives_from_each_row(): void
    {
        $rows = self::rows();
        $library = new InLibrary($rows);
        $at = self::at($rows);
        $compared = 0;
        foreach (self::FORMULAS as $formula) {
            $node = Parser::read($formula, self::scope(), 1, 1, 8);
            for ($row = 1; $row <= self::ROWS; $row += 3) {
                $own = $node->value($at->go($row, 8));
                $theirs = $library->value($formula, $row);
                $own = $own instanceof Fault ? $own->code : $own ?? 0;
                if (is_numeric($own) && is_numeric($theirs) && ! is_string($own)) {
                    self::assertEqualsWithDelta($theirs, $own, 1e-9 * max(1.0, abs((float) $own)), "$formula in row $row");
                } else {
                    self::assertSame($theirs, $own, "$formula in row $row");
                }
                $compared++;
            }
        }
        self::assertSame(10 * count(self::FORMULAS), $compared);
    }

    /** Examples of the standard, with the values that it states; those of dates by 18.17.4. */
    public static function examples(): iterable
    {
        yield '18.17.7.63 COUNTIF' => ['COUNTIF({"apples","oranges","peaches","apples"},"apples")', 2];
        yield '18.17.7.215 MOD, the sign is that of the divisor' => ['MOD(-3,2)', 1];
        yield '18.17.7.215 MOD of a negative divisor' => ['MOD(3,-2)', -1];
        yield '18.17.7.277 ROUND to tens' => ['ROUND(21.5,-1)', 20];
        yield '18.17.7.277 ROUND away from nought' => ['ROUND(-1.475,2)', -1.48];
        yield '18.17.7.291 SEARCH, the case makes no difference' => ['SEARCH("e","Statements",6)', 7];
        yield '18.17.7.247 PERCENTILE between two' => ['PERCENTILE({1,3,2,4},0.3)', 1.9];
        yield '18.17.7.266 RANK' => ['RANK(3.5,{7,3.5,3.5,1,2},1)', 3];
        yield '18.17.2.2 a sign binds closer than a power' => ['-2^2', 4];
        yield '18.17.2.2 a percent sign' => ['20%*50', 10.0];
        yield '18.17.2.2 texts joined before they are compared' => ['"a"&"b"="ab"', true];
        yield 'numbers come before texts, texts before truths (18.17.2.6)' => ['AND(9<"a","z"<FALSE)', true];
        yield 'a text in a sum that is written out is no number' => ['SUM("x",1)', '#VALUE!'];
        yield 'an error goes through' => ['1+#N/A', '#N/A'];
        yield 'names' => ['Limit*0+Rate', 0.25];
        yield 'a day' => ['TODAY()', 46_353];
        yield 'a moment' => ['NOW()', 46_353.5];
        yield 'DATE runs on' => ['DATE(2026,14,1)', 46_419];
        yield 'the 29 February that never was (18.17.4.1)' => ['DAY(60)', 29];
        yield 'ISO 8601 puts 1 January 2027 into week 53' => ['ISOWEEKNUM(DATE(2027,1,1))', 53];
        yield 'five days of work in a week' => ['NETWORKDAYS(DATE(2026,11,23),DATE(2026,11,29))', 5];
        yield 'five days of work, the other way' => ['NETWORKDAYS(DATE(2026,11,29),DATE(2026,11,23))', -5];
        yield 'a blank cell is chosen' => ['CHOOSE(1,$A$4,7)+1', 1];
        yield 'none is chosen' => ['CHOOSE(3,$A$4,7)', '#VALUE!'];
        yield 'one value or another among others' => ['MAX(IF(FALSE,9,2),1,SUM(IF(TRUE,SUM(A1:A2)*0,1),0))', 2];
        yield 'an argument left out' => ['IF(TRUE,,1)', 0];
        yield 'brackets and blanks' => [" ( 1 +\t2 ) * 3 ", 9];
        yield 'letters are the same large and small, those beyond English too' => ['"ÄPFEL"="äpfel"', true];
        yield 'the last cell of a range' => ['ISERROR(INDEX($A$1:$B$2,2,2))', false];
        yield 'a row beyond it' => ['INDEX($A$1:$B$2,3,1)', '#REF!'];
        yield 'a column beyond it' => ['INDEX($A$1:$B$2,2,3)', '#REF!'];
        yield 'a quote in a text' => ['"say ""so"""', 'say "so"'];
        // At the edge of what a function takes (ISO/IEC 29500-1 18.17.7; "common practice" where it is silent).
        yield '18.17.7.195 LOG10 of nought' => ['LOG10(0)', '#NUM!'];
        yield '18.17.7.195 LOG10 of one' => ['LOG10(1)', 0.0];
        yield 'LN of nought' => ['LN(0)', '#NUM!'];
        yield 'SQRT of nought' => ['SQRT(0)', 0.0];
        yield 'nought to the power of nought, common practice' => ['0^0', 1];
        yield 'nought to a negative power' => ['0^-1', '#DIV/0!'];
        yield 'two to a negative power' => ['2^-1', 0.5];
        yield 'MOD by nought' => ['MOD(1,0)', '#DIV/0!'];
        yield 'QUOTIENT cuts towards nought' => ['QUOTIENT(-7,2)', -3];
        yield 'a step below nought for a number above it' => ['CEILING(2.5,-1)', '#NUM!'];
        yield 'a step below nought for nought' => ['CEILING(0,-1)', 0.0];
        yield 'both below nought' => ['CEILING(-2.5,-1)', -3.0];
        yield 'nought in steps of nought' => ['CEILING(2.5,0)', 0];
        yield 'FLOOR in steps of nought' => ['FLOOR(2.5,0)', '#DIV/0!'];
        yield 'rounded at three hundred places' => ['ROUND(1.5,301)', 1.5];
        yield 'rounded at three hundred places before the point' => ['ROUND(1.5,-301)', 0];
        yield 'EVEN goes away from nought' => ['EVEN(-1)', -2];
        yield '18.17.4.1 the day before the one that never was' => ['DATE(1900,2,28)', 59];
        yield '18.17.4.1 the day after it' => ['DATE(1900,3,1)', 61];
        yield 'the first year that is written out' => ['DATE(1900,1,1)', 1];
        yield 'a year of two figures' => ['DATE(99,1,1)', 36_161];
        yield 'the last day there is' => ['DATE(9999,12,31)', 2_958_465];
        yield 'the day after the last' => ['DATE(9999,12,32)', '#NUM!'];
        yield 'CHAR of the last' => ['CHAR(255)', 'ÿ'];
        yield 'CHAR beyond it' => ['CHAR(256)', '#VALUE!'];
        yield 'CHAR of nought' => ['CHAR(0)', '#VALUE!'];
        yield 'REPT of as much as a cell holds' => ['LEN(REPT("a",32767))', 32_767];
        yield 'REPT of one more' => ['REPT("a",32768)', '#VALUE!'];
        yield 'REPT of nothing' => ['REPT("ab",0)', ''];
        yield 'MID from the first' => ['MID("abc",1,1)', 'a'];
        yield 'MID from before the first' => ['MID("abc",0,1)', '#VALUE!'];
        yield 'FIND from one beyond the end' => ['FIND("","abc",4)', 4];
        yield 'FIND from two beyond it' => ['FIND("","abc",5)', '#VALUE!'];
        yield 'a text of a percentage' => ['VALUE("12 %")', 0.12];
        yield 'a text that ends with a percent sign and is none' => ['VALUE("a%")', '#VALUE!'];
        yield 'fewer, of texts' => ['COUNTIF({"a","b","c"},"<b")', 1];
        yield 'as many or fewer, of texts' => ['COUNTIF({"a","b","c"},"<=b")', 2];
        yield 'more, of texts' => ['COUNTIF({"a","b","c"},">b")', 1];
        yield 'as many or more, of texts' => ['COUNTIF({"a","b","c"},">=b")', 2];
        yield 'as many or fewer, of numbers' => ['COUNTIF({1,2,3},"<=2")', 2];
        yield 'as many or more, of numbers' => ['COUNTIF({1,2,3},">=2")', 2];
        yield 'numbers are not compared with texts' => ['COUNTIF({1,"b",3},">=a")', 1];
        yield 'of those that rise, the last that is not above' => ['MATCH(2,{1,2,2,3},1)', 3];
        yield 'none is not above' => ['MATCH(0,{1,2,2,3},1)', '#N/A'];
        yield 'of those that fall, the first of the same' => ['MATCH(2,{3,2,2,1},-1)', 2];
        yield 'of those that fall, the last that is not below' => ['MATCH(2,{4,3,1},-1)', 2];
        yield 'none is not below' => ['MATCH(5,{4,3,1},-1)', '#N/A'];
        yield 'a column before the first' => ['VLOOKUP("Text 4",$E$1:$E$30,0,FALSE)', '#VALUE!'];
        yield 'a column beyond the last' => ['VLOOKUP("Text 4",$E$1:$E$30,2,FALSE)', '#REF!'];
        yield 'a list of a row is asked by its place alone' => ['INDEX({7,8,9},3)', 9];
        yield 'a number below nought in a list' => ['SUM({-1,2;-3,4})', 2];
        yield 'the last cell of a sheet' => ['COLUMN(XFD1048576)+ROW(XFD1048576)', 1_064_960];
        yield 'EVEN of three' => ['EVEN(3)', 4];
        yield 'EVEN of nought' => ['EVEN(0)', 0];
        yield 'ROWS of a range' => ['ROWS($A$1:$B$3)', 3];
        yield 'COLUMNS of a range' => ['COLUMNS($A$1:$B$3)', 2];
        yield 'any letters' => ['MATCH("c*",{"ab","abc","cab","cb"},0)', 3];
        yield 'any letter' => ['MATCH("?b",{"abc","ab","cb"},0)', 2];
        yield 'a star that is meant' => ['MATCH("a~*",{"ab","a*"},0)', 2];
        yield 'none like it' => ['MATCH("x*",{"ab","cb"},0)', '#N/A'];
        yield 'faults are not looked for' => ['MATCH(1,{#N/A,2,1},0)', 3];
        yield 'blank cells are not looked for' => ['MATCH(0,$A$1:$A$30,0)', '#N/A'];
        yield 'of others there is no order' => ['MATCH(2,{1,"x",2,#N/A,TRUE,3},1)', 3];
        yield 'of texts that rise' => ['MATCH("b",{"a",7,"b","c"},1)', 3];
        yield 'of truths that rise' => ['MATCH(TRUE,{FALSE,7,TRUE},1)', 3];
        yield 'a blank cell is nought, and even' => ['ISEVEN($A$4)', true];
        yield 'a blank cell is not odd' => ['ISODD($A$4)', false];
        yield 'digits after the point do not count' => ['ISODD(-2.9)', false];
        yield 'a text is neither odd nor even' => ['ISODD("x")', '#VALUE!'];
        yield 'texts and truths of a range are no factors' => ['PRODUCT($D$1:$E$2,2)', 2];
        yield 'LOWER leaves figures' => ['LOWER("ÄB 12")', 'äb 12'];
        yield 'no letter has no code' => ['CODE("")', '#VALUE!'];
        yield 'a blank is truly blank, and no text' => ['AND(ISBLANK($A$4),ISNONTEXT($A$4))', true];
        yield 'another error is not what IFNA is for' => ['IFNA(1/0,7)', '#DIV/0!'];
        // What a criterion fits where the library takes blank cells and truths for other values than they are ("common practice").
        yield 'a blank cell fits an empty text' => ['COUNTIF($A$4:$A$4,"")', 1];
        yield 'a blank cell fits an equals sign alone' => ['COUNTIF($A$4:$A$4,"=")', 1];
        yield 'a blank cell is not unequal to nothing' => ['COUNTIF($A$4:$A$4,"<>")', 0];
        yield 'a blank cell is another than a number' => ['COUNTIF($A$4:$A$4,"<>5")', 1];
        yield 'a blank cell is not below a number' => ['COUNTIF($A$4:$A$4,"<5")', 0];
        yield 'a blank cell is no text of any letters' => ['COUNTIF($A$4:$A$4,"*")', 0];
        yield 'what is not like it' => ['COUNTIF({"late","paid","lost"},"<>l*")', 1];
        yield 'nothing is below nothing' => ['COUNTIF({1,"a",TRUE},"<")', 0];
        yield 'a truth is no number' => ['COUNTIF({TRUE,FALSE,1,"x"},TRUE)', 1];
        yield 'a truth that is written out' => ['COUNTIF({TRUE,FALSE,0},"FALSE")', 1];
        yield 'a number is no truth' => ['COUNTIF({TRUE,1,"1"},1)', 2];
        yield 'all but a truth' => ['COUNTIF({TRUE,FALSE,1},"<>TRUE")', 2];
        yield 'a tilde alone' => ['COUNTIF({"a~b","ab"},"a~b")', 1];
        yield 'texts of a range say neither' => ['XOR($E$1:$E$3)', '#VALUE!'];
    }

    public function test_every_function_is_asked_for_a_value_that_another_source_states(): void
    {
        $asked = implode(' ', [...self::FORMULAS, ...array_map(fn (array $one) => $one[0], iterator_to_array(self::examples()))]);
        preg_match_all('/([A-Z][A-Z0-9.]*)\(/', $asked, $named);
        self::assertSame([], array_values(array_diff(array_keys(Library::all()), $named[1])));
    }

    #[DataProvider('examples')]
    public function test_it_gives_what_is_stated(string $formula, mixed $wanted): void
    {
        is_float($wanted) ? self::assertEqualsWithDelta($wanted, self::value($formula), 1e-12) : self::assertEquals($wanted,
            self::value($formula));
    }

    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'ends too early'];
        yield 'an open bracket' => ['SUM(A1', 'ends too early'];
        yield 'two operators' => ['A1>*2', 'cannot be read at "*2"'];
        yield 'a bracket too many' => ['A1)', 'cannot be read at ")"'];
        yield 'an unknown name' => ['Weather>1', 'not in the workbook'];
        yield 'an unknown sheet' => ["'Gone away'!A1>1", 'not in the workbook'];
        yield 'another workbook' => ['[1]Data!A1>1', 'not'];
        yield 'an unknown function' => ['FORECAST(A1)', 'calls FORECAST'];
        yield 'the wrong number of arguments' => ['MOD(1)', 'takes other arguments'];
        yield 'a text without its end' => ['A1="late', 'cannot be read'];
        yield 'too deep' => [str_repeat('(', 300).'1'.str_repeat(')', 300), 'too deep'];
        yield 'too many signs' => [str_repeat('-', 4_000).'1', 'signs in a row'];
        yield 'too long' => [str_repeat('A1+', 3_000).'1', '8,192 characters'];
        yield 'too long by one' => [str_pad('1', 8_193), '8,192 characters'];
        yield 'a row beyond the sheet' => ['A1048577', 'beyond the sheet'];
        yield 'a column beyond the sheet' => ['XFE1', 'beyond the sheet'];
        yield 'whole rows beyond the sheet' => ['SUM(1:1048577)', 'beyond the sheet'];
        yield 'row nought' => ['SUM(0:1)', 'beyond the sheet'];
        yield 'whole rows of a range' => ['INDEX($A$1:$B$2,0,1)', 'whole rows'];
        yield 'whole columns of a range' => ['INDEX($A$1:$B$2,1,0)', 'whole rows'];
    }

    #[DataProvider('refused')]
    public function test_what_cannot_be_read_is_named(string $formula, string $why): void
    {
        $this->expectException(NotKnown::class);
        $this->expectExceptionMessage($why);
        self::value($formula);
    }

    public function test_rows_and_columns_are_those_of_the_cell_that_looks(): void
    {
        $at = self::at(self::rows());
        foreach ([[1, 8], [1, 11], [7, 3], [30, 20]] as [$row, $column]) {
            self::assertSame($row, Parser::read('ROW()', self::scope(), 1, 1, 8)->value($at->go($row, $column)));
            self::assertSame($column, Parser::read('COLUMN()', self::scope(), 1, 1, 8)->value($at->go($row, $column)));
            self::assertSame($column + 1, Parser::read('COLUMN(I1)', self::scope(), 1, 1, 8)->value($at->go($row, $column)));
            self::assertSame(3, Parser::read('COLUMN($C$2)', self::scope(), 1, 1, 8)->value($at->go($row, $column)));
            self::assertSame($row + 1, Parser::read('ROW(A2)', self::scope(), 1, 1, 8)->value($at->go($row, $column)));
        }
    }

    public function test_what_goes_along_runs_on_at_the_other_edge_of_the_sheet(): void
    {
        // Written for row 1, "the row above" is the last one; from row 2 on it is the one above (common practice).
        $node = Parser::read('A1048576', self::scope(), 1, 1, 1);
        $at = new At(new Values([1 => new MemorySheet('Data', [[Cell::of(5)], [Cell::of(7)]])], INF), 1, 1, 1, 46_353.0);
        self::assertNull($node->value($at->go(1, 1)));
        self::assertSame(5, $node->value($at->go(2, 1)));
    }

    public function test_a_formula_that_looks_at_too_much_from_each_cell_is_given_up(): void
    {
        $rows = array_fill(0, 1_200, [Cell::of(1)]);
        $at = new At(new Values([1 => new MemorySheet('Data', $rows)], INF), 1, 1, 2, 46_353.0, most: 400_000);
        $node = Parser::read('SUM(A$1:A1)', self::scope(), 1, 1, 2);
        $this->expectException(NotKnown::class);
        $this->expectExceptionMessage('too many cells');
        for ($row = 1; $row <= 1_200; $row++) {
            $node->value($at->go($row, 2));
        }
    }

    public function test_counting_a_fixed_column_from_each_of_its_cells_is_no_square(): void
    {
        $rows = array_map(fn (int $row) => [Cell::of("lot $row")], range(1, 20_000));
        $at = new At(new Values([1 => new MemorySheet('Data', $rows)], INF), 1, 1, 2, 46_353.0);
        $node = Parser::read('COUNTIF($A$1:$A$20000,A1)', self::scope(), 1, 1, 2);
        $sum = 0;
        for ($row = 1; $row <= 20_000; $row++) {
            $sum += (int) $node->value($at->go($row, 2));
        }
        // Counted anew from each cell that would be 400 million looks, ten times what is allowed.
        self::assertSame(20_000, $sum);
    }

    /** Serials against intl: every day of three centuries in steps, in either system. */
    public function test_days_are_those_of_the_calendar(): void
    {
        foreach ([false, true] as $from1904) {
            $calendar = Calendar::of($from1904);
            for ($serial = 61; $serial < 110_000; $serial += 37) {
                $unix = ($serial - ($from1904 ? 24_107 : 25_569)) * 86_400;
                $format = new \IntlDateFormatter('en', 0, 0, 'UTC', \IntlDateFormatter::GREGORIAN, 'y-M-d-e-w');
                $format->getCalendar();
                [$year, $month, $day] = array_map(intval(...), explode('-', (string) $format->format($unix)));
                self::assertSame([$year, $month, $day], $calendar->parts($serial));
                self::assertSame($serial, $calendar->serial($year, $month, $day));
                self::assertSame((int) gmdate('N', $unix), $calendar->weekday($serial));
                self::assertSame((int) gmdate('W', $unix), $calendar->week($serial));
            }
        }
        self::assertNull(Calendar::of(false)->parts(-1));
        self::assertSame(Fault::number(), Calendar::of(false)->serial(9999, 13, 1));
        self::assertSame(Fault::number(), Calendar::of(false)->monthsOn(1, -2));
        self::assertSame(46_081, Calendar::of(false)->monthsOn(46_053, 1), '31 January and a month is 28 February');
    }

    public function test_every_function_says_how_many_arguments_it_takes(): void
    {
        self::assertGreaterThan(90, count(Library::all()));
        foreach (Library::all() as $name => [$least, $most]) {
            self::assertLessThanOrEqual($most, $least, $name);
            try {
                Library::call($name, array_fill(0, $most + 1, Parser::read('1', self::scope(), 1, 1, 1)));
                self::fail("$name took one more than it takes");
            } catch (NotKnown $refusal) {
                self::assertStringContainsString($name, $refusal->getMessage());
            }
        }
    }

    /** Functions hold out against whatever they are given: they answer with a value or an error value, or say that they do not know. */
    public function test_no_function_breaks_on_anything(): void
    {
        $given = ['A1', 'A1:C9', '$A:$A', '""', '"x"', '-1', '1E+300', 'TRUE', '#N/A', '{1,2;3,4}', '0', '46000', '"*"', '1048576'];
        mt_srand(17);
        $at = self::at(self::rows());
        foreach (Library::all() as $name => [$least, $most]) {
            for ($try = 0; $try < 25; $try++) {
                $count = mt_rand($least, min($most, $least + 2));
                $arguments = array_map(fn () => $given[mt_rand(0, count($given) - 1)], $count === 0 ? [] : range(1, $count));
                try {
                    $value = Parser::read("$name(".implode(',', $arguments).')', self::scope(), 1, 1, 8)->value($at->go(3, 8));
                    self::assertTrue($value === null || is_scalar($value) || $value instanceof Fault);
                } catch (NotKnown $refusal) {
                    self::assertNotSame('', $refusal->getMessage());
                }
            }
        }
        self::assertSame(8, Range::parse('H1')->left);
    }
}
