<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Look\Look;
use Rilvet\Package\PackageXml;
use Rilvet\Xlsx\CellFormats;
use Rilvet\Xlsx\StyleElements;
use Rilvet\Xlsx\ThemeColours;

/** Looks of a style sheet, element by element (ISO/IEC 29500-1 18.8), and looks as elements of one. */
final class StyleXmlTest extends TestCase
{
    private static function root(string $inner): DOMElement
    {
        $tree = new DOMDocument;
        $tree->loadXML('<styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main">'.$inner.'</styleSheet>');
        assert($tree->documentElement !== null);

        return $tree->documentElement;
    }

    /** @return array<string, mixed> what cells look like that name a format with one font, fill, border and alignment */
    private static function look(string $font = '', string $fill = '', string $border = '', string $inner = '', string $numbers = '',
        int $number = 0): array
    {
        $root = self::root("<numFmts>$numbers</numFmts><fonts><font>$font</font></fonts><fills><fill>$fill</fill></fills>"
            ."<borders>$border</borders><cellXfs><xf fontId=\"0\" fillId=\"0\" borderId=\"0\" numFmtId=\"$number\">$inner</xf></cellXfs>");

        return (new CellFormats($root, new ThemeColours(null, $root)))->looks()[0]->toArray();
    }

    /** @return iterable<array{string, array<string, mixed>}> */
    public static function fonts(): iterable
    {
        yield ['', ['size' => 11.0]];
        yield ['<name val="IBM Plex Sans"/><sz val="9.5"/>', ['font' => 'IBM Plex Sans', 'size' => 9.5]];
        yield ['<rFont val="Carlito"/>', ['font' => 'Carlito', 'size' => 11.0]];
        yield ['<name val="a&lt;b"/>', ['size' => 11.0]];
        yield ['<name val="'.str_repeat('a', 64).'"/>', ['font' => str_repeat('a', 64), 'size' => 11.0]];
        yield ['<name val="'.str_repeat('a', 65).'"/>', ['size' => 11.0]];
        yield ['<sz val="0"/>', ['size' => 11.0]];
        yield ['<sz val="0.5"/>', ['size' => 1.0]];
        yield ['<sz val="409.5"/>', ['size' => 409.0]];
        yield ['<b/><i val="1"/><strike val="true"/>', ['size' => 11.0, 'bold' => true, 'italic' => true, 'strike' => true]];
        yield ['<b val="0"/><i val="false"/><strike val="0"/>', ['size' => 11.0]];
        yield ['<b val="on"/><i val="off"/><strike val="maybe"/>', ['size' => 11.0, 'bold' => true, 'strike' => true]];
        yield ['<u/>', ['size' => 11.0, 'underline' => 'single']];
        yield ['<u val="singleAccounting"/>', ['size' => 11.0, 'underline' => 'single']];
        yield ['<u val="double"/>', ['size' => 11.0, 'underline' => 'double']];
        yield ['<u val="doubleAccounting"/>', ['size' => 11.0, 'underline' => 'double']];
        yield ['<u val="none"/>', ['size' => 11.0]];
        yield ['<vertAlign val="superscript"/>', ['size' => 11.0, 'script' => 'super']];
        yield ['<vertAlign val="subscript"/>', ['size' => 11.0, 'script' => 'sub']];
        yield ['<vertAlign val="baseline"/>', ['size' => 11.0]];
        yield ['<color rgb="FF112233"/>', ['size' => 11.0, 'ink' => '#112233']];
        yield ['<color rgb="112233"/>', ['size' => 11.0, 'ink' => '#112233']];
        yield ['<color rgb="FF000000"/>', ['size' => 11.0]];
        yield ['<color rgb="none"/>', ['size' => 11.0]];
        yield ['<color auto="1"/>', ['size' => 11.0]];
        // 18.8.27: 2 is red; 0 to 7 are those of 8 to 15.
        yield ['<color indexed="2"/>', ['size' => 11.0, 'ink' => '#FF0000']];
        yield ['<color indexed="10"/>', ['size' => 11.0, 'ink' => '#FF0000']];
        yield ['<color indexed="65"/>', ['size' => 11.0, 'ink' => '#FFFFFF']];
        // Half way to white and to black, of grey: no hue, so that the sum can be done by hand (18.8.19).
        yield ['<color rgb="FF808080" tint="0.5"/>', ['size' => 11.0, 'ink' => '#BFBFBF']];
        yield ['<color rgb="FF808080" tint="-0.5"/>', ['size' => 11.0, 'ink' => '#404040']];
        yield ['<color rgb="FF808080" tint="-2"/>', ['size' => 11.0]];
        yield ['<color rgb="FF808080" tint="2"/>', ['size' => 11.0, 'ink' => '#FFFFFF']];
        foreach (['FF0000' => '#FF7F7F', '00FF00' => '#7FFF7F', '0000FF' => '#7F7FFF', 'FFFF00' => '#FFFF7F', '00FFFF' => '#7FFFFF',
            'FF00FF' => '#FF7FFF'] as $full => $half) {
            yield ["<color rgb=\"FF$full\" tint=\"0.5\"/>", ['size' => 11.0, 'ink' => $half]];
        }
    }

    /** @param  array<string, mixed>  $look */
    #[DataProvider('fonts')]
    public function test_a_font(string $font, array $look): void
    {
        self::assertEquals($look, self::look($font));
    }

    /** @return iterable<array{string, array<string, mixed>}> */
    public static function places(): iterable
    {
        foreach (['left', 'center', 'right', 'justify', 'fill', 'distributed'] as $way) {
            yield ["horizontal=\"$way\"", ['horizontal' => $way]];
        }
        yield ['horizontal="centerContinuous"', ['horizontal' => 'span']];
        yield ['horizontal="general" vertical="bottom"', []];
        foreach (['top', 'center', 'justify', 'distributed'] as $way) {
            yield ["vertical=\"$way\"", ['vertical' => $way]];
        }
        yield ['wrapText="1" shrinkToFit="true"', ['wrap' => true, 'shrink' => true]];
        yield ['wrapText="0" shrinkToFit="false"', []];
        yield ['indent="1"', ['indent' => 1]];
        yield ['indent="15"', ['indent' => 15]];
        yield ['indent="16"', ['indent' => 15]];
        yield ['indent="-1"', []];
        // 18.8.1: 0 to 90 up, 91 to 180 down, 255 one letter below the other.
        yield ['textRotation="90"', ['rotation' => 90]];
        yield ['textRotation="91"', ['rotation' => -1]];
        yield ['textRotation="180"', ['rotation' => -90]];
        yield ['textRotation="200"', ['rotation' => -90]];
        yield ['textRotation="255"', ['rotation' => 255]];
        yield ['textRotation="0"', []];
    }

    /** @param  array<string, mixed>  $look */
    #[DataProvider('places')]
    public function test_where_texts_stand(string $attributes, array $look): void
    {
        self::assertEquals(['size' => 11] + $look, self::look(inner: "<alignment $attributes/>"));
    }

    public function test_fills_lines_numbers_and_locks(): void
    {
        $look = fn (string ...$of) => array_diff_key(self::look(...$of), ['size' => 0]);
        $pattern = fn (string $type, string $inner = '') => "<patternFill patternType=\"$type\">$inner</patternFill>";
        self::assertSame(['fill' => '#FFCC00'], $look(fill: $pattern('solid', '<fgColor rgb="FFFFCC00"/><bgColor rgb="FF112233"/>')));
        self::assertSame(['fill' => '#000000'], $look(fill: $pattern('solid')), '18.8.32: what is not said is black');
        self::assertSame([], $look(fill: $pattern('none', '<fgColor rgb="FFFFCC00"/>')));
        self::assertSame([], $look(fill: $pattern('gray125', '<fgColor rgb="FFFFCC00"/>')));
        $line = fn (string $side, string $style, string $colour = '') => "<$side style=\"$style\">$colour</$side>";
        $ink = '<color rgb="FF445566"/>';
        self::assertSame(['top' => 'thin #445566', 'right' => 'double #000000', 'left' => 'hair #445566'],
            $look(border: '<border>'.$line('left', 'hair', $ink).$line('right', 'double').$line('top', 'thin', $ink)
                .$line('bottom', 'none', $ink).'</border>'));
        self::assertSame(['right' => 'thin #000000', 'left' => 'medium #000000'],
            $look(border: '<border>'.$line('start', 'medium').$line('end', 'thin').$line('top', 'odd').'</border>'), 'strict packages');
        $diagonal = $line('diagonal', 'thin', $ink);
        self::assertSame(['rising' => 'thin #445566'], $look(border: "<border diagonalUp=\"1\">$diagonal</border>"));
        self::assertSame(['falling' => 'thin #445566'], $look(border: "<border diagonalDown=\"true\">$diagonal</border>"));
        self::assertSame([], $look(border: "<border>$diagonal</border>"));
        $code = fn (string $code, int $number = 164) => array_diff_key(self::look(
            numbers: "<numFmt numFmtId=\"164\" formatCode=\"$code\"/>", number: $number), ['size' => 0]);
        self::assertSame(['number' => '0.0" kg"'], $code('0.0&quot; kg&quot;'));
        self::assertSame([], $code('general'));
        self::assertSame([], $code('0&quot;'), 'a code that breaks the standard is no format');
        self::assertSame(['number' => '0%'], $code('', 9), '18.8.30, the built-in ones');
        self::assertSame([], $code('', 163));
        self::assertSame(['locked' => false], $look(inner: '<protection locked="0"/>'));
        self::assertSame(['concealed' => true], $look(inner: '<protection locked="1" hidden="1"/>'));
        self::assertSame([], $look(inner: '<protection/>'));
    }

    /** @return iterable<array{array<string, mixed>, string}> a look, and its differential format (18.8.14) */
    public static function differentials(): iterable
    {
        yield [[], '<dxf/>'];
        yield [['bold' => true, 'italic' => false], '<dxf><font><b/><i val="0"/></font></dxf>'];
        yield [['strike' => false], '<dxf><font><strike val="0"/></font></dxf>'];
        yield [['underline' => 'single'], '<dxf><font><u/></font></dxf>'];
        yield [['underline' => 'double'], '<dxf><font><u val="double"/></font></dxf>'];
        yield [['underline' => 'none'], '<dxf><font><u val="none"/></font></dxf>'];
        yield [['script' => 'super'], '<dxf><font><vertAlign val="superscript"/></font></dxf>'];
        yield [['script' => 'none'], '<dxf><font><vertAlign val="baseline"/></font></dxf>'];
        yield [['size' => 9.5, 'ink' => '#112233', 'font' => 'Carlito'],
            '<dxf><font><sz val="9.5"/><color rgb="FF112233"/><name val="Carlito"/></font></dxf>'];
        yield [['number' => '0.0'], '<dxf><numFmt numFmtId="170" formatCode="0.0"/></dxf>'];
        yield [['fill' => '#FFCC00'], '<dxf><fill><patternFill patternType="solid"><fgColor rgb="FFFFCC00"/><bgColor rgb="FFFFCC00"/>'
            .'</patternFill></fill></dxf>'];
        yield [['fill' => 'none'], '<dxf><fill><patternFill patternType="none"/></fill></dxf>'];
        yield [['left' => 'thin #445566', 'bottom' => 'none'],
            '<dxf><border><left style="thin"><color rgb="FF445566"/></left><bottom/></border></dxf>'];
    }

    /** @param  array<string, mixed>  $says */
    #[DataProvider('differentials')]
    public function test_a_differential_format_says_what_a_look_does_and_is_read_as_that(array $says, string $xml): void
    {
        $root = self::root('');
        $tree = $root->ownerDocument;
        assert($tree !== null);
        $element = (new StyleElements($tree, $root))->differential(Look::of($says), fn () => 170);
        self::assertSame($xml, str_replace(' xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"', '',
            (string) $tree->saveXML($element)));
        $read = (new CellFormats($root, new ThemeColours(null, null)))->differential($element)->toArray();
        self::assertEquals(array_diff_key($says, ['bottom' => 0]), array_intersect_key($read, $says));
    }

    public function test_colours_of_the_theme_and_of_the_file_go_before_the_usual_ones(): void
    {
        $theme = new DOMDocument;
        $theme->loadXML('<a:theme xmlns:a="urn:a"><a:themeElements><a:clrScheme><a:dk1><a:sysClr lastClr="101010"/></a:dk1><a:lt1>'
            .'<a:srgbClr val="F0F0F0"/></a:lt1></a:clrScheme></a:themeElements></a:theme>');
        $colours = new ThemeColours($theme->documentElement, self::root('<colors><indexedColors><rgbColor rgb="FF123456"/><rgbColor'
            .' rgb="654321"/></indexedColors></colors>'));
        $of = fn (string $attributes) => $colours->of(PackageXml::child(self::root("<color $attributes/>"), 'color'));
        // 0 is the paper and 1 the ink, the other way round than in the theme (18.8.3).
        self::assertSame(['#F0F0F0', '#101010', '#000000', '#000000'],
            array_map(fn (int $at) => $of("theme=\"$at\""), [0, 1, 2, 99]));
        self::assertSame(['#123456', '#654321', '#0000FF'], array_map(fn (int $at) => $of("indexed=\"$at\""), [0, 1, 4]));
        self::assertSame('#000000', $of('indexed="99"'));
        self::assertNull($of('auto="1"'));
        self::assertNull($colours->of(null));
    }
}
