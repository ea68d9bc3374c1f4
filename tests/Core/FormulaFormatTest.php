<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\DrawBorders;
use Rilvet\Act\FormulaFormat;
use Rilvet\Act\Targets;
use Rilvet\Act\TypedValue;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Edge;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The format that a typed formula or value brings along, and lines drawn at the edges of a sheet. */
final class FormulaFormatTest extends TestCase
{
    /** Codes of columns: a number, a percentage, money, other money, a day, a time, both, a span, a text. */
    private const CODES = ['A' => '0.0', 'B' => '0%', 'C' => '[$€-407]0.00', 'D' => '[$£-809]0', 'E' => 'yyyy-mm-dd', 'F' => 'hh:mm',
        'G' => 'yyyy-mm-dd hh:mm', 'H' => '[h]:mm', 'I' => '@'];

    /** @return iterable<array{string, string|null}> */
    public static function formulas(): iterable
    {
        foreach (['TODAY()', 'DATE(2026,1,2)', 'EDATE(A1,1)', 'EOMONTH(A1,0)', 'DATEVALUE("2026-01-02")', 'today()'] as $day) {
            yield [$day, 'yyyy-mm-dd'];
        }
        yield ['NOW()', 'yyyy-mm-dd hh:mm'];
        yield ['TIME(1,2,3)', 'hh:mm'];
        yield ['TIMEVALUE("1:02")', 'hh:mm'];
        yield ['TODAY()+1', null];
        yield ['DATE(2026,1,2)-DATE(2025,1,2)', null];
        yield ['1+2', null];
        yield ['"A1"', null];
        yield ['Beds!C1', null];
        yield ['C1A', null];
        foreach (['SUM', 'AVERAGE', 'MIN', 'MAX', 'MEDIAN', 'SUBTOTAL', 'ROUND', 'ABS'] as $function) {
            yield ["$function(C1:C9)", self::CODES['C']];
            yield ["$function(B1:B9)", self::CODES['B']];
            yield ["$function(H1:H9)", self::CODES['H']];
            yield ["$function(F1:F9)", $function === 'SUM' ? '[h]:mm' : self::CODES['F']];
            yield ["$function(E1:E9)", in_array($function, ['MIN', 'MAX', 'MEDIAN', 'AVERAGE'], true) ? self::CODES['E'] : null];
            yield ["$function(A1:A9)", null];
            yield ["$function(C1:E9)", null];
        }
        yield ['SUM(C1:C9)+1', null];
        yield ['SUM(C1:C9)/SUM(C2:C3)', null];
        yield ['SUM((C1),(C2))', self::CODES['C']];
        yield ['COUNT(C1:C9)', null];
        yield ['C1', self::CODES['C']];
        yield ['C1+C2', self::CODES['C']];
        yield ['C1-$C$2', self::CODES['C']];
        yield ['C1+A1', null];
        yield ['C1+D1', null];
        yield ['C1*A1', self::CODES['C']];
        yield ['C1*2', self::CODES['C']];
        yield ['C1/A1', self::CODES['C']];
        yield ['C1/C2', null];
        yield ['C1*D1', null];
        yield ['C1^2', self::CODES['C']];
        yield ['A1*A2', null];
        yield ['E1-E2', '0'];
        yield ['G1-E2', '[h]:mm'];
        yield ['E1+E2', null];
        yield ['E1+A1', self::CODES['E']];
        yield ['E1+7', self::CODES['E']];
        yield ['A1+G1', self::CODES['G']];
        yield ['E1*2', null];
        yield ['F1-F2', '[h]:mm'];
        yield ['F1+H2', '[h]:mm'];
        yield ['F1+A1', null];
        yield ['F1*2', null];
        yield ['E1-E2-A1', null];
        yield ['C1&C2', null];
        yield ['C1>C2', null];
        yield ['C1=C2', null];
        yield ['C1<C2', null];
        yield ['IF(C1>0,C1,C2)', null];
    }

    #[DataProvider('formulas')]
    public function test_a_formula_reads_as_what_it_looks_at(string $formula, ?string $code): void
    {
        self::assertSame($code, FormulaFormat::of($formula, fn (int $row, int $column) => self::CODES[chr(64 + $column)]));
    }

    /**
     * @return iterable<array{string, string, mixed, string|null, string|null}> text and code of a cell; value, format and
     *     what it is read as
     */
    public static function typed(): iterable
    {
        yield ['true', '', true, null, 'yes or no'];
        yield ['False', '', false, null, 'yes or no'];
        yield ["'12", '', '12', null, null];
        yield ['12', '@', '12', null, null];
        yield ['012', '', '012', null, null];
        yield ['0', '', 0, null, null];
        yield ['123456789012345', '', 123_456_789_012_345, null, null];
        yield ['1234567890123456', '', '1234567890123456', null, null];
        yield ['12%', '', 0.12, '0%', 'a percentage'];
        yield ['12.5%', '', 0.125, '0.0%', 'a percentage'];
        yield ['12.5%', '0%', 0.125, null, 'a percentage'];
        yield ['12', '0%', 0.12, null, 'a percentage'];
        yield ['€12', '', 12, '"€"#,##0', 'an amount'];
        yield ['€12.5', '', 12.5, '"€"#,##0.00', 'an amount'];
        yield ['12 €', '', 12, '#,##0 "€"', 'an amount'];
        yield ['-€12', '', -12, '"€"#,##0', 'an amount'];
        yield ['€12', '0.0', 12, null, 'an amount'];
        yield ['1,200', '', 1200, '#,##0', null];
        yield ['1,200.5', '', 1200.5, '#,##0.0', null];
        yield ['1,200', '0', 1200, null, null];
        yield ['9:30', '', 0.395833333333333, 'hh:mm', 'a time'];
        yield ['9:30:15', '', 0.396006944444444, 'hh:mm:ss', 'a time'];
        yield ['24:00', '', 1.0, '[h]:mm', 'a duration'];
        yield ['30:15', '', 1.26041666666667, '[h]:mm', 'a duration'];
        yield ['9:30', 'hh:mm', 0.395833333333333, null, 'a time'];
        yield ['2026-01-02', '', 46_024, 'yyyy-mm-dd', 'a date'];
        yield ['2026-01-02 12:00', '', 46_024.5, 'yyyy-mm-dd hh:mm', 'a date'];
        yield ['2026-01-02', 'd/m/yyyy', 46_024, null, 'a date'];
        yield ['words', '', 'words', null, null];
    }

    #[DataProvider('typed')]
    public function test_a_text_that_is_typed(string $text, string $code, mixed $value, ?string $format, ?string $as): void
    {
        $typed = TypedValue::of($text, $code, 'dmy', '.', false);
        is_float($value) ? self::assertEqualsWithDelta($value, $typed->cell->value, 1e-10)
            : self::assertEquals($value, $typed->cell->value);
        self::assertSame(is_string($value), is_string($typed->cell->value));
        self::assertSame([$format, $as], [$typed->format, $typed->as]);
    }

    public function test_lines_at_the_edges_of_a_sheet_are_drawn_on_the_sheet_alone(): void
    {
        $book = new Workbook('W', [1 => new Worksheet(MemorySheet::of('S', [['a']]), 'S', Reading::none())], new LookBook);
        $pen = Edge::parse('thin #112233');
        $sides = ['top' => $pen, 'right' => $pen, 'bottom' => $pen, 'left' => $pen];
        $drawn = function (string $range, array $sides) use ($book): array {
            $after = (new DrawBorders(new Targets([1], RangeSet::parse($range)), $sides))->on($book);
            $found = [];
            foreach ($after->sheet(1)->hand->runs() as $column => $runs) {
                foreach ($runs as [$first, $last, $number]) {
                    $has = array_filter([Attribute::Top, Attribute::Right, Attribute::Bottom, Attribute::Left, Attribute::Rising],
                        fn (Attribute $side) => $after->looks->look($number)->edge($side) !== null);
                    $number === 0 || $found[(string) Range::of($first, $column, $last, $column)] = implode(' ',
                        array_map(fn (Attribute $side) => $side->value, $has));
                }
            }
            ksort($found);

            return $found;
        };
        self::assertSame(['A1' => 'top right bottom left', 'A2' => 'top', 'B1' => 'left'], $drawn('A1', $sides));
        self::assertSame(['XFC1048576' => 'right', 'XFD1048575' => 'bottom', 'XFD1048576' => 'top right bottom left'],
            $drawn('XFD1048576', $sides));
        self::assertSame(['B2' => 'top right bottom left', 'B1' => 'bottom', 'B3' => 'top', 'A2' => 'right', 'C2' => 'left'],
            array_replace(array_flip(['B2', 'B1', 'B3', 'A2', 'C2']), $drawn('B2', $sides)));
        self::assertSame([], $drawn('B2', ['horizontal' => $pen, 'vertical' => $pen]), 'one cell has no inner lines');
        self::assertSame(['B2' => 'bottom', 'B3' => 'top'], $drawn('B2:B3', ['horizontal' => $pen, 'vertical' => $pen]));
        self::assertSame(['B2' => 'right', 'C2' => 'left'], $drawn('B2:C2', ['horizontal' => $pen, 'vertical' => $pen]));
        self::assertSame(['B2:B3' => 'rising'], $drawn('B2:B3', ['rising' => $pen]));
    }
}
