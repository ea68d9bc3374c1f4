<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Look\Look;
use Rilvet\Number\NumberFormat;
use Rilvet\Ods\CellStyles;
use Rilvet\Ods\DataStylesIn;
use Rilvet\Ods\DataStylesOut;
use Rilvet\Ods\Ns;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OpenFormula;
use Rilvet\Ods\StylesXml;
use Rilvet\Package\PackageXml;
use ZipArchive;

/** Formulas, number formats and lengths between the two families of formats. */
final class OdsTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function formulas(): iterable
    {
        // ISO/IEC 26300-2: 5.8 references, 5.13 inline arrays, 6 functions; the examples are written after its grammar.
        yield ['SUM(A1:B2)', 'of:=SUM([.A1:.B2])'];
        yield ['A1+$B$2*2', 'of:=[.A1]+[.$B$2]*2'];
        yield ['IF(A1>0,"a;b,c",Sheet2!C3)', 'of:=IF([.A1]>0;"a;b,c";[$Sheet2.C3])'];
        yield ["'Beds & rows'!A1:B2", "of:=[$'Beds & rows'.A1:.B2]"];
        yield ["'it''s'!A1", "of:=[$'it''s'.A1]"];
        yield ['SUM({1,2;3,4})', 'of:=SUM({1;2|3;4})'];
        yield ['SUM(A:A)', 'of:=SUM([.A:.A])'];
        yield ['SUM(2:3)', 'of:=SUM([.2:.3])'];
        yield ['LOG10(Prices)+1E5', 'of:=LOG10(Prices)+1E5'];
        yield ['A1&"[.B2]"', 'of:=[.A1]&"[.B2]"'];
        yield ['NOT(TRUE)', 'of:=NOT(TRUE)'];
    }

    #[DataProvider('formulas')]
    public function test_formulas_go_there_and_back(string $plain, string $open): void
    {
        self::assertSame($open, OpenFormula::of($plain));
        self::assertSame($plain, OpenFormula::plain($open));
    }

    public function test_formulas_of_other_grammars(): void
    {
        self::assertSame('SUM(A1:B2)', OpenFormula::plain('msoxl:=SUM(A1:B2)'));
        self::assertSame('A1+1', OpenFormula::plain('oooc:=[.A1]+1'));
        // Without a prefix it is the document's own grammar (ISO/IEC 26300-1, 19.642).
        self::assertSame('SQRT(A1)', OpenFormula::plain('=SQRT([.A1])'));
        self::assertSame('IF(A1>2,1,{1,2;3,4})', OpenFormula::plain('=IF([.A1]>2;1;{1;2|3;4})'));
        self::assertNull(OpenFormula::plain('else:=A1'));
        self::assertSame('#REF!+1', OpenFormula::plain('of:=[.#REF!]+1'));
    }

    /** @return iterable<string, array{string, string|null}> code, and what comes back where it is another */
    public static function codes(): iterable
    {
        $same = [
            '0',
            '0.00',
            '#,##0',
            '#,##0.00',
            '0%',
            '0.0%',
            '0.00E+00',
            '# ?/?',
            '# ?/8',
            'yyyy-mm-dd',
            'dd mmm yyyy',
            'ddd d mmmm yy',
            'hh:mm',
            'hh:mm:ss',
            '[h]:mm',
            'mm:ss.0',
            'h:mm AM/PM',
            '@',
            '#,##0,',
            '0.0##',
            '#,##0;-#,##0',
            '0.00;[Red]-0.00',
            '0;-0;"none"',
            '[<100]0.0;0',
            '000',
            'd/m/yyyy hh:mm',
        ];
        foreach ($same as $code) {
            yield $code => [$code, null];
        }
        yield 'a pad becomes a blank' => ['#,##0_);(#,##0)', '#,##0 ;(#,##0)'];
        yield 'a quoted sign' => ['"£"#,##0.00', '£#,##0.00'];
        yield 'text in its own section' => ['0;-0;0;"is "@', '0;-0;0;"is "@'];
        yield 'a question mark' => ['0.0?', '0.0#'];
    }

    #[DataProvider('codes')]
    public function test_number_formats_go_there_and_back(string $code, ?string $else): void
    {
        $styles = [];
        $tree = PackageXml::root(
            PackageXml::tree(
                '<office:automatic-styles'.
                    Ns::declared('office', 'style', 'number', 'fo').
                    '>'.
                    DataStylesOut::xml($code, 'N1').
                    '</office:automatic-styles>',
                'styles',
            ),
        );
        foreach ($tree->childNodes as $style) {
            assert($style instanceof \DOMElement);
            $styles[$style->getAttributeNS(Ns::STYLE, 'name')] = $style;
        }
        $back = DataStylesIn::code($styles['N1'], fn (string $name) => $styles[$name] ?? null);
        self::assertSame($else ?? $code, $back);
        // What comes back shows the same, but for the blank that a pad leaves.
        foreach ([0.0, 1.0, -1234.5, 0.256, 46095.52] as $value) {
            $shown = fn (string $each) => trim(str_replace(["\u{A0}", "\u{2007}"], ' ', NumberFormat::of($each)->number($value)->text));
            self::assertSame($shown($code), $shown($back), "$value");
        }
    }

    public function test_lengths_and_styles_of_parents(): void
    {
        // ISO/IEC 26300-1, 18.3.18: an inch is 2.54 cm, 72 pt, 6 pc.
        self::assertSame(
            [96, 96, 96, 96, 96, null, null],
            array_map(CellStyles::px(...), ['1in', '2.54cm', '25.4mm', '72pt', '6pc', '1em', '']),
        );
        $xml =
            '<office:styles'.
            Ns::declared('office', 'style', 'fo', 'number').
            '><style:default-style style:family="table-cell"><style:text-properties fo:font-family="Gelasio" '
            .'fo:font-size="12pt"/></style:default-style>'.
            '<style:style style:name="A" style:family="table-cell"><style:text-properties '
            .'fo:font-weight="bold"/><style:table-cell-properties fo:border="0.75pt solid #112233" '
            .'style:cell-protect="none"/></style:style>'.
            '<style:style style:name="B" style:family="table-cell" style:parent-style-name="A"><style:text-properties '
            .'fo:font-size="9pt"/><style:paragraph-properties fo:text-align="end" fo:margin-left="20pt"/></style:style>'.
            '<style:style style:name="C" style:family="table-cell" style:parent-style-name="D"/><style:style style:name="D" '
            .'style:family="table-cell" style:parent-style-name="C"/></office:styles>';
        $styles = new CellStyles(PackageXml::root(PackageXml::tree($xml, 'styles')));
        self::assertEquals(
            [
                'font' => 'Gelasio',
                'size' => 9.0,
                'bold' => true,
                'horizontal' => 'right',
                'indent' => 2,
                'top' => 'thin #112233',
                'right' => 'thin #112233',
                'bottom' => 'thin #112233',
                'left' => 'thin #112233',
                'locked' => false,
            ],
            $styles->look('B')->toArray(),
        );
        self::assertEquals(['font' => 'Gelasio', 'size' => 12.0], $styles->look('C')->toArray(), 'a circle of parents ends');
    }

    /** Attributes one by one, as ISO/IEC 26300-1 names them (20.182 and the following), and what takes a parent's back. */
    public function test_each_attribute_of_a_style_is_the_one_of_a_look(): void
    {
        $look = function (string $properties, string $own = ''): array {
            $style = fn (string $name, string $parent, string $inner) => "<style:style style:name=\"$name\" style:family=\"table-cell\""
                .($parent === '' ? '' : " style:parent-style-name=\"$parent\"").">$inner</style:style>";
            $xml = '<office:styles'.Ns::declared('office', 'style', 'fo', 'number').'>'.$style('P', '', $properties).$style('S', 'P', $own)
                .'</office:styles>';

            return (new CellStyles(PackageXml::root(PackageXml::tree($xml, 'styles'))))->look('S')->toArray();
        };
        $text = fn (string $says) => "<style:text-properties $says/>";
        $cell = fn (string $says) => "<style:table-cell-properties $says/>";
        self::assertSame(['italic' => true], $look($text('fo:font-style="italic"')));
        self::assertSame(['italic' => true], $look($text('fo:font-style="oblique"')));
        self::assertSame([], $look($text('fo:font-style="italic"'), $text('fo:font-style="normal"')));
        self::assertSame(['bold' => true], $look($text('fo:font-weight="700"')));
        self::assertSame([], $look($text('fo:font-weight="bold"'), $text('fo:font-weight="normal"')));
        // 20.384: a word or a height in percent, above the line or (below nought) under it, and the size of the letters.
        self::assertSame(['script' => 'super'], $look($text('style:text-position="super 58%"')));
        self::assertSame(['script' => 'super'], $look($text('style:text-position="33% 58%"')));
        self::assertSame(['script' => 'sub'], $look($text('style:text-position="sub 58%"')));
        self::assertSame(['script' => 'sub'], $look($text('style:text-position="-33% 58%"')));
        self::assertSame([], $look($text('style:text-position="super 58%"'), $text('style:text-position="0% 100%"')));
        self::assertSame(['strike' => true], $look($text('style:text-line-through-style="solid"')));
        self::assertSame([], $look($text('style:text-line-through-style="solid"'), $text('style:text-line-through-style="none"')));
        self::assertSame(['vertical' => 'center'], $look($cell('style:vertical-align="middle"')));
        self::assertSame(['vertical' => 'top'], $look($cell('style:vertical-align="middle"'), $cell('style:vertical-align="top"')));
        self::assertSame([], $look($cell('style:vertical-align="middle"'), $cell('style:vertical-align="bottom"')), 'taken back');
        self::assertSame([], $look($cell('style:vertical-align="bottom"')));
        self::assertSame(['fill' => '#AABBCC'], $look($cell('fo:background-color="#aabbcc"')));
        self::assertSame([], $look($cell('fo:background-color="#aabbcc"'), $cell('fo:background-color="transparent"')));
        self::assertSame([], $look($cell('fo:border-top="0.75pt solid #112233"'), $cell('fo:border-top="none"')));
        self::assertSame([], $look($cell('fo:border-top="0.75pt hidden #112233"')));
        self::assertSame(['wrap' => true], $look($cell('fo:wrap-option="wrap"')));
        self::assertSame([], $look($cell('fo:wrap-option="wrap"'), $cell('fo:wrap-option="no-wrap"')));
        self::assertSame(['rotation' => 45], $look($cell('style:rotation-angle="45"')));
        self::assertSame(['rotation' => -45], $look($cell('style:rotation-angle="315"')));
        self::assertSame([], $look($cell('style:rotation-angle="180"')), 'upside down is nothing that a look can say');
    }

    /** @return iterable<string, array{string, array{freezeRow: int, freezeColumn: int, gridlines: bool, zoom: int}}> */
    public static function views(): iterable
    {
        $item = fn (string $name, string $value) => "<config:config-item config:name=\"$name\">$value</config:config-item>";
        $opens = fn (int $row, int $column, bool $gridlines, int $zoom) => [
            'freezeRow' => $row, 'freezeColumn' => $column, 'gridlines' => $gridlines, 'zoom' => $zoom,
        ];
        yield 'nothing said' => ['', $opens(0, 0, true, 100)];
        yield 'frozen' => [
            $item('VerticalSplitMode', '2').$item('VerticalSplitPosition', '3').$item('HorizontalSplitMode', '2')
                .$item('HorizontalSplitPosition', '1'),
            $opens(3, 1, true, 100),
        ];
        yield 'a split that moves' => [$item('VerticalSplitMode', '1').$item('VerticalSplitPosition', '300'), $opens(0, 0, true, 100)];
        yield 'more than a screen' => [$item('VerticalSplitMode', '2').$item('VerticalSplitPosition', '90000'), $opens(200, 0, true, 100)];
        yield 'no gridlines, larger' => [$item('ShowGrid', 'false').$item('ZoomValue', '150'), $opens(0, 0, false, 150)];
        yield 'a zoom of nothing' => [$item('ZoomValue', '0'), $opens(0, 0, true, 100)];
        yield 'a zoom past its end' => [$item('ZoomValue', '9000'), $opens(0, 0, true, 400)];
        yield 'a zoom below its end' => [$item('ZoomValue', '-7'), $opens(0, 0, true, 10)];
    }

    /**
     * How tables open is no part of the standard; the words of the settings are common practice of programs that write ods.
     *
     * @param  array{freezeRow: int, freezeColumn: int, gridlines: bool, zoom: int}  $opens
     */
    #[DataProvider('views')]
    public function test_how_tables_open(string $items, array $opens): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'ods');
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path, ZipArchive::OVERWRITE));
        $zip->addFromString('mimetype', 'application/vnd.oasis.opendocument.spreadsheet');
        $zip->addFromString('content.xml', '<office:document-content'.Ns::declared('office', 'table').'/>');
        $zip->addFromString('settings.xml', '<office:document-settings'.Ns::declared('office', 'config')
            .'><office:settings><config:config-item-map-named config:name="Tables"><config:config-item-map-entry config:name="Beds">'
            .$items.'</config:config-item-map-entry></config:config-item-map-named></office:settings></office:document-settings>');
        $zip->close();
        $stream = fopen($path, 'rb') ?: self::fail();
        try {
            self::assertSame(['Beds' => $opens], (new OdsBook($stream))->views());
        } finally {
            fclose($stream);
            unlink($path);
        }
    }

    /** A cell that wears a named style and lacks some of what it says takes it back: it would stand there else. */
    public function test_what_a_cell_lacks_of_its_named_style_is_taken_back(): void
    {
        $styles = new StylesXml(Look::none());
        $total = ['bold' => true, 'fill' => '#F1E4C6', 'top' => 'thin #6E4312', 'bottom' => 'double #6E4312', 'italic' => true];
        $parent = $styles->named('Total', Look::of($total));
        $own = [
            $styles->cell(Look::of(['bold' => true, 'number' => '0']), $parent), $styles->cell(Look::of($total), $parent),
            $styles->cell(Look::of(['bold' => true]), null),
        ];
        $xml = (string) preg_replace('~<office:automatic-styles>~', '<office:automatic-styles'.Ns::declared(
            'office', 'style', 'fo', 'number', 'svg', 'text', 'table',
        ).'>', $styles->automatic());
        $root = fn (string $part) => PackageXml::root(PackageXml::tree($part, 'styles'));
        $looks = new CellStyles($root($styles->part()), $root($xml));
        $seen = fn (string $name) => array_diff_key($looks->look($name)->toArray(), ['number' => 1]);
        self::assertEquals(['bold' => true], $seen($own[0]));
        self::assertEquals($total, $seen($own[1]));
        self::assertEquals(['bold' => true], $seen($own[2]));
    }

    /** @return iterable<string, array{string, string}> what a fraction says (ISO/IEC 26300-3, 19.343 and the following), its code */
    public static function fractions(): iterable
    {
        $digits = fn (int $whole, int $top, int $bottom) => "number:min-integer-digits=\"$whole\" number:min-numerator-digits=\"$top\""
            ." number:min-denominator-digits=\"$bottom\"";
        yield 'digits' => [$digits(0, 2, 3), '# ??/???'];
        yield 'a whole number of two' => [$digits(2, 1, 1), '00 ?/?'];
        yield 'no whole number' => ['number:min-numerator-digits="1" number:min-denominator-digits="2"', '?/??'];
        yield 'nothing said' => ['', '?/?'];
        yield 'nought digits are one' => [$digits(0, 0, 0), '# ?/?'];
        yield 'nine are the most' => [$digits(1, 12, 9), '0 ?????????/?????????'];
        yield 'a denominator' => ['number:min-integer-digits="0" number:min-numerator-digits="2" number:denominator-value="16"', '# ??/16'];
        yield 'a denominator that is no number' => ['number:min-numerator-digits="1" number:denominator-value="x"', '?/?'];
    }

    #[DataProvider('fractions')]
    public function test_fractions_as_they_are_said(string $says, string $code): void
    {
        $xml = '<number:number-style'.Ns::declared('number', 'style')." style:name=\"N1\"><number:fraction $says/></number:number-style>";
        self::assertSame($code, DataStylesIn::code(PackageXml::root(PackageXml::tree($xml, 'styles')), fn () => null));
    }
}
