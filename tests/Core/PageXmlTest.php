<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Ods\PageMarks;
use Rilvet\Ods\PagesIn;
use Rilvet\Xlsx\PageXml;

/**
 * What a worksheet says of pages, attribute by attribute (ISO/IEC 29500-1 18.3.1.46, 18.3.1.62 to 18.3.1.65, 18.3.1.70; lengths
 * 22.9.2.12), and what a page layout of ods does (ISO/IEC 26300-3 20.321 ff., lengths 18.3.17).
 */
final class PageXmlTest extends TestCase
{
    private static function root(string $inner): DOMElement
    {
        $tree = new DOMDocument;
        $tree->loadXML('<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main">'.$inner.'</worksheet>');
        assert($tree->documentElement !== null);

        return $tree->documentElement;
    }

    /** @return iterable<string, array{string, array<string, mixed>}> xml, and what is found in it */
    public static function sheets(): iterable
    {
        $sides = fn (string $width, string $height, string $more = '') => "<pageSetup paperWidth=\"$width\" paperHeight=\"$height\"$more/>";
        yield 'the code of a paper' => ['<pageSetup paperSize="9"/>', ['paper' => 'A4']];
        yield 'a code that nobody knows' => ['<pageSetup paperSize="999"/>', ['paper' => null]];
        yield 'no paper' => ['<pageSetup/>', ['paper' => null]];
        yield 'the sides of a paper go before its code' => [$sides('148mm', '210mm', ' paperSize="9"'), ['paper' => 'A5']];
        yield 'sides in centimetres' => [$sides('21cm', '29.7cm'), ['paper' => 'A4']];
        yield 'sides in inches' => [$sides('8.5in', '11in'), ['paper' => 'Letter']];
        yield 'sides in points' => [$sides('612pt', '792pt'), ['paper' => 'Letter']];
        yield 'sides in picas' => [$sides('51pc', '66pi'), ['paper' => 'Letter']];
        yield 'half a millimetre is rounding' => [$sides('209.5mm', '296.5mm'), ['paper' => 'A4']];
        yield 'more is a paper of its own' => [$sides('209.3mm', '297mm'), ['paper' => '209.3 x 297 mm']];
        yield 'the least side' => [$sides('50mm', '50mm'), ['paper' => '50 x 50 mm']];
        yield 'a smaller one is no paper' => [$sides('49.9mm', '300mm', ' paperSize="9"'), ['paper' => 'A4']];
        yield 'the greatest side' => [$sides('300mm', '1999.9mm'), ['paper' => '300 x 1999.9 mm']];
        yield 'a greater one is no paper' => [$sides('300mm', '2000mm', ' paperSize="9"'), ['paper' => 'A4']];
        yield 'one side alone' => ['<pageSetup paperWidth="300mm" paperSize="9"/>', ['paper' => 'A4']];
        yield 'the other alone' => ['<pageSetup paperHeight="300mm" paperSize="9"/>', ['paper' => 'A4']];
        yield 'a side without a unit' => [$sides('300', '300', ' paperSize="9"'), ['paper' => 'A4']];
        yield 'what is usual' => ['<pageSetup/>', ['turn' => 'upright', 'wide' => 0, 'tall' => 0, 'scale' => 100, 'order' => 'down',
            'mono' => false, 'errors' => 'shown']];
        yield 'what is not' => ['<pageSetup orientation="landscape" scale="55" pageOrder="overThenDown" blackAndWhite="1" errors="dash"/>',
            ['turn' => 'turned', 'scale' => 55, 'order' => 'across', 'mono' => true, 'errors' => 'dashes']];
        yield 'errors as blanks' => ['<pageSetup errors="blank" blackAndWhite="true"/>', ['errors' => 'blank', 'mono' => true]];
        yield 'errors as #N/A' => ['<pageSetup errors="NA" blackAndWhite="0"/>', ['errors' => 'na', 'mono' => false]];
        yield 'too small a scale' => ['<pageSetup scale="9"/>', ['scale' => 10]];
        yield 'too large a scale' => ['<pageSetup scale="401"/>', ['scale' => 400]];
        $fit = '<sheetPr><pageSetUpPr fitToPage="1"/></sheetPr>';
        yield 'pages are fitted only where the sheet says so' => ['<pageSetup fitToWidth="2" fitToHeight="3"/>',
            ['wide' => 0, 'tall' => 0]];
        yield 'pages that are fitted' => [$fit.'<pageSetup fitToWidth="2" fitToHeight="3"/>', ['wide' => 2, 'tall' => 3]];
        yield 'one page each way unless said' => [$fit.'<pageSetup/>', ['wide' => 1, 'tall' => 1]];
        yield 'as many as it takes' => [$fit.'<pageSetup fitToHeight="0"/>', ['wide' => 1, 'tall' => 0]];
        yield 'so many pages nobody prints' => [$fit.'<pageSetup fitToWidth="1001" fitToHeight="10001"/>', ['wide' => 1_000,
            'tall' => 10_000]];
        yield 'the fit is not of this sheet' => ['<sheetPr><pageSetUpPr/></sheetPr><pageSetup fitToWidth="2"/>', ['wide' => 0]];
        yield 'margins, inches' => ['<pageMargins left="0.5" right="1" top="0" bottom="-1" header="20" footer="much"/>',
            ['left' => 12.7, 'right' => 25.4, 'top' => 0.0, 'bottom' => 0.0, 'head' => 250.0, 'foot' => null]];
        yield 'nothing is said of margins' => ['', ['left' => null, 'across' => null, 'turn' => null]];
        yield 'what is printed' => ['<printOptions horizontalCentered="1" gridLines="true"/>', ['across' => true, 'down' => false,
            'gridlines' => true, 'numbers' => false]];
        yield 'what else is' => ['<printOptions verticalCentered="1" headings="1" gridLines="false"/>', ['across' => false, 'down' => true,
            'gridlines' => false, 'numbers' => true]];
    }

    /** @param  array<string, mixed>  $says */
    #[DataProvider('sheets')]
    public function test_a_worksheet_says(string $xml, array $says): void
    {
        $rules = PageXml::of(self::root($xml))->says;
        self::assertSame($says, array_combine(array_keys($says), array_map(fn (string $rule) => $rules[$rule] ?? null, array_keys($says))));
    }

    public function test_breaks_of_a_person_are_read_in_order_and_each_once(): void
    {
        $breaks = fn (string $inner, bool $ofRows = true) => PageXml::breaks(self::root($inner), $ofRows);
        $break = fn (int $at, string $man = '1') => "<brk id=\"$at\" man=\"$man\"/>";
        self::assertSame([1, 7, 20], $breaks('<rowBreaks>'.$break(20).$break(7).$break(1, 'true').$break(7).$break(9, '0').$break(0)
            .$break(-3).'<brk id="30"/></rowBreaks>'));
        self::assertSame([], $breaks('<rowBreaks>'.$break(20).'</rowBreaks>', false));
        self::assertSame([4], $breaks('<colBreaks>'.$break(4).'</colBreaks>', false));
        self::assertSame(range(1, 1_026), $breaks('<rowBreaks>'.implode(array_map($break, range(1, 1_027))).'</rowBreaks>'));
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> properties of a layout, more of it, and what is found */
    public static function layouts(): iterable
    {
        $sides = fn (string $width, string $height) => "fo:page-width=\"$width\" fo:page-height=\"$height\"";
        yield 'a paper' => [$sides('21cm', '29.7cm'), '', ['paper' => 'A4', 'turn' => 'upright']];
        yield 'the same, turned' => [$sides('29.7cm', '21cm').' style:print-orientation="landscape"', '',
            ['paper' => 'A4', 'turn' => 'turned']];
        yield 'in inches' => [$sides('8.5in', '11in'), '', ['paper' => 'Letter']];
        yield 'in points' => [$sides('612pt', '792pt'), '', ['paper' => 'Letter']];
        yield 'in picas' => [$sides('51pc', '66pc'), '', ['paper' => 'Letter']];
        yield 'in pixels' => [$sides('816px', '1056px'), '', ['paper' => 'Letter']];
        yield 'the least side' => [$sides('50mm', '50mm'), '', ['paper' => '50 x 50 mm']];
        yield 'a smaller one is no paper' => [$sides('49.9mm', '300mm'), '', ['paper' => null]];
        yield 'the greatest side' => [$sides('300mm', '1999.9mm'), '', ['paper' => '300 x 1999.9 mm']];
        yield 'a greater one is no paper' => [$sides('300mm', '2000mm'), '', ['paper' => null]];
        yield 'one side alone' => ['fo:page-width="300mm"', '', ['paper' => null]];
        yield 'the other alone' => ['fo:page-height="300mm"', '', ['paper' => null]];
        yield 'what is usual' => ['', '', ['turn' => 'upright', 'order' => 'down', 'gridlines' => false, 'numbers' => false,
            'across' => false, 'down' => false, 'scale' => 100, 'wide' => 0, 'tall' => 0, 'left' => null, 'colour' => null]];
        yield 'what is not' => ['style:print-page-order="ltr" style:print="grid objects" style:table-centering="horizontal"'
            .' style:scale-to="55%" fo:background-color="#fff6df"', '', ['order' => 'across', 'gridlines' => true, 'numbers' => false,
                'across' => true, 'down' => false, 'scale' => 55, 'colour' => '#FFF6DF']];
        yield 'headings of rows and columns' => ['style:print="headers" style:table-centering="vertical"', '', ['gridlines' => false,
            'numbers' => true, 'across' => false, 'down' => true]];
        yield 'both ways in the middle' => ['style:table-centering="both" fo:background-color="transparent"', '', ['across' => true,
            'down' => true, 'colour' => null]];
        yield 'too small a scale' => ['style:scale-to="9%"', '', ['scale' => 10]];
        yield 'too large a scale' => ['style:scale-to="401%"', '', ['scale' => 400]];
        yield 'pages that are fitted' => ['style:scale-to-X="2" style:scale-to-Y="1001"', '', ['wide' => 2, 'tall' => 1_000]];
        yield 'margins' => ['fo:margin="2cm" fo:margin-left="1in" fo:margin-top="30cm"', '', ['left' => 25.4, 'right' => 20.0,
            'top' => 250.0, 'bottom' => 20.0]];
        yield 'cells begin below the head' => ['fo:margin="2cm"', '<style:header-style><style:header-footer-properties svg:height="1cm"/>'
            .'</style:header-style>', ['head' => 20.0, 'top' => 30.0, 'bottom' => 20.0, 'foot' => null]];
        yield 'a head as high as it takes' => ['fo:margin="2cm"', '<style:header-style><style:header-footer-properties'
            .' fo:min-height="5mm"/></style:header-style>', ['head' => 20.0, 'top' => 25.0]];
        yield 'a head of no height' => ['fo:margin="2cm"', '', ['head' => 20.0, 'top' => 20.0]];
        yield 'a head without a margin' => ['', '', ['head' => null, 'top' => null]];
    }

    /** @param  array<string, mixed>  $says */
    #[DataProvider('layouts')]
    public function test_a_page_layout_says(string $properties, string $more, array $says): void
    {
        $rules = self::styles($properties, $more, '<style:header><text:p>Beds</text:p></style:header>')->of('Own')->says;
        self::assertSame($says, array_combine(array_keys($says), array_map(fn (string $rule) => $rules[$rule] ?? null, array_keys($says))));
    }

    public function test_heads_that_are_not_shown_and_pages_that_are_not_there_say_nothing(): void
    {
        $edges = fn (string $inner) => self::styles('fo:margin="2cm"', '', $inner)->of('Own')->says;
        self::assertSame(['centre' => 'Beds'], $edges('<style:header><text:p>Beds</text:p></style:header>')['header']);
        self::assertArrayNotHasKey('header', $edges('<style:header style:display="false"><text:p>Beds</text:p></style:header>'));
        self::assertSame(['left' => "Beds\n{page}"], $edges('<style:header><style:region-left><text:p>Beds</text:p><text:p>'
            .'<text:page-number/></text:p></style:region-left><style:region-right><text:p/></style:region-right>'
            .'</style:header>')['header']);
        self::assertSame([], self::styles('', '', '')->of('Another')->says);
        self::assertSame([], (new PagesIn(null))->of('Own')->says);
    }

    private static function styles(string $properties, string $more, string $edges): PagesIn
    {
        $names = '';
        foreach (['office', 'style', 'text'] as $name) {
            $names .= " xmlns:$name=\"urn:oasis:names:tc:opendocument:xmlns:$name:1.0\"";
        }
        foreach (['fo' => 'xsl-fo', 'svg' => 'svg'] as $name => $of) {
            $names .= " xmlns:$name=\"urn:oasis:names:tc:opendocument:xmlns:$of-compatible:1.0\"";
        }
        $tree = new DOMDocument;
        $master = 'style:master-page';
        $tree->loadXML("<office:document-styles$names><office:automatic-styles><style:page-layout style:name=\"L\">"
            ."<style:page-layout-properties $properties/>$more</style:page-layout></office:automatic-styles><office:master-styles>"
            ."<$master style:page-layout-name=\"L\" style:name=\"Own\">$edges</$master></office:master-styles>"
            .'</office:document-styles>');

        return new PagesIn($tree->documentElement);
    }

    public function test_pages_end_within_a_sheet_and_no_more_often_than_it_takes(): void
    {
        $marks = new PageMarks;
        foreach ([0, 1, 1_048_575, 1_048_576] as $row) {
            $marks->breakAfter(true, $row);
        }
        foreach ([0, 1, 16_383, 16_384] as $column) {
            $marks->breakAfter(false, $column);
        }
        self::assertSame([[1, 1_048_575], [1, 16_383]], [$marks->rows, $marks->columns]);
        for ($at = 2; $at <= 1_100; $at++) {
            $marks->breakAfter(true, $at);
            $marks->breakAfter(false, $at);
        }
        self::assertSame([1_026, 1_026], [count($marks->rows), count($marks->columns)]);
    }
}
