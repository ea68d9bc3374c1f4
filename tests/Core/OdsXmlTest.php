<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Ods\CellStyles;
use Rilvet\Ods\DataStylesIn;
use Rilvet\Ods\IsoMoments;
use Rilvet\Ods\Ns;
use Rilvet\Package\PackageXml;

/** Number styles, lines and lengths of an ods, element by element (ISO/IEC 26300-3 16.27 ff., 18.3, 20.182 ff.). */
final class OdsXmlTest extends TestCase
{
    /** @return iterable<array{string, string, string}> the style, its elements, the code that says the same */
    public static function codes(): iterable
    {
        $n = fn (string $says) => "<number:number $says/>";
        $places = fn (int $of, int $least = -1) => "number:decimal-places=\"$of\""
            .($least < 0 ? '' : " number:min-decimal-places=\"$least\"");
        yield ['number', $n(''), 'General'];
        yield ['number', $n($places(0)), '#'];
        yield ['number', $n($places(2).' number:min-integer-digits="1"'), '0.00'];
        yield ['number', $n($places(3, 1).' number:min-integer-digits="2"'), '00.0##'];
        yield ['number', $n($places(2, 5).' number:min-integer-digits="1"'), '0.00'];
        yield ['number', $n($places(31).' number:min-integer-digits="31"'), str_repeat('0', 30).'.'.str_repeat('0', 30)];
        yield ['number', $n($places(0).' number:grouping="true"'), '#,###'];
        yield ['number', $n('number:grouping="true" number:min-integer-digits="1"'), '#,##0'];
        yield ['number', $n('number:grouping="true" number:min-integer-digits="4"'), '0,000'];
        yield ['number', $n('number:grouping="true" number:min-integer-digits="7"'), '0,000,000'];
        yield ['number', $n($places(0).' number:min-integer-digits="1" number:display-factor="1000"'), '0,'];
        yield ['number', $n($places(1).' number:min-integer-digits="1" number:display-factor="1000000"'), '0.0,,'];
        yield ['number', $n($places(0).' number:min-integer-digits="1" number:display-factor="100"'), '0'];
        yield ['percentage', $n($places(1).' number:min-integer-digits="1"').'<number:text>%</number:text>', '0.0%'];
        yield ['percentage', $n($places(1).' number:min-integer-digits="1"').'<number:text> %</number:text>', '0.0 %'];
        yield ['number', $n($places(1).' number:min-integer-digits="1"').'<number:text> %</number:text>', '0.0" %"'];
        yield ['currency', '<number:currency-symbol>€</number:currency-symbol>'.$n($places(2).' number:min-integer-digits="1"'),
            '€0.00'];
        yield ['currency', $n($places(2).' number:min-integer-digits="1"').'<number:currency-symbol>Fr.</number:currency-symbol>',
            '0.00"Fr."'];
        yield ['number', '<number:text>a"b</number:text>'.$n($places(0)), '\a\"\b#'];
        yield ['number', '<number:text>x</number:text>'.$n($places(0)), '\x#'];
        yield ['number', '<number:text>-</number:text>'.$n($places(0)), '-#'];
        yield ['number', '<number:text>.</number:text>'.$n($places(0)), '\.#'];
        yield ['number', '<number:text>,</number:text>'.$n($places(0)), '\,#'];
        yield ['number', '<number:text/>'.$n($places(0)), '#'];
        yield ['number', '<number:fill-character>-</number:fill-character>'.$n($places(0)), '*-#'];
        yield ['number', '<style:text-properties fo:color="#FF0000"/>'.$n($places(0)), '[Red]#'];
        yield ['number', '<style:text-properties fo:color="#FF0001"/>'.$n($places(0)), '#'];
        yield ['text', '<number:text-content/><number:text> kg</number:text>', '@" kg"'];
        $s = fn (string $says) => "<number:scientific-number $says/>";
        yield ['number', $s($places(2).' number:min-integer-digits="1" number:min-exponent-digits="2"'), '0.00E+00'];
        yield ['number', $s('number:min-integer-digits="1"'), '0E+0'];
        yield ['number', $s('number:min-exponent-digits="12"'), '#E+000000000'];
        yield ['date', '<number:year number:style="long"/><number:text>-</number:text><number:month number:style="long"/>'
            .'<number:text>-</number:text><number:day number:style="long"/>', 'yyyy-mm-dd'];
        yield ['date', '<number:day/><number:text>/</number:text><number:month/><number:text>/</number:text><number:year/>', 'd/m/yy'];
        yield ['date', '<number:day-of-week/><number:text> </number:text><number:month number:textual="true"/>', 'ddd mmm'];
        yield ['date', '<number:day-of-week number:style="long"/><number:text> </number:text><number:month number:textual="true"'
            .' number:style="long"/>', 'dddd mmmm'];
        yield ['time', '<number:hours number:style="long"/><number:text>:</number:text><number:minutes number:style="long"/>'
            .'<number:text>:</number:text><number:seconds number:style="long" number:decimal-places="2"/>', 'hh:mm:ss.00'];
        yield ['time', '<number:hours/><number:text>:</number:text><number:minutes/><number:text> </number:text><number:am-pm/>',
            'h:m AM/PM'];
        yield ['time', '<number:seconds number:decimal-places="12"/>', 's.000000000'];
        yield ['time" number:truncate-on-overflow="false', '<number:hours number:style="long"/><number:text>:</number:text>'
            .'<number:minutes number:style="long"/>', '[h]:mm'];
        yield ['time" number:truncate-on-overflow="false', '<number:minutes/><number:text>:</number:text><number:seconds'
            .' number:style="long"/>', '[m]:ss'];
        yield ['time" number:truncate-on-overflow="true', '<number:hours/>', 'h'];
        yield ['number', '<number:era/>', 'General'];
    }

    #[DataProvider('codes')]
    public function test_a_number_style_says(string $style, string $inner, string $code): void
    {
        [$name, $more] = explode('"', "$style\"") + [1 => ''];
        $more = $more === '' && ! str_contains($style, '"') ? '' : substr($style, strlen($name) + 1).'"';
        $xml = "<number:$name-style$more".Ns::declared('number', 'style', 'fo')." style:name=\"N1\">$inner</number:$name-style>";
        self::assertSame($code, DataStylesIn::code(PackageXml::root(PackageXml::tree($xml, 'styles')), fn () => null));
    }

    /** @return iterable<array{string, string|null}> a line, and what it is; null for none */
    public static function lines(): iterable
    {
        yield ['0.75pt solid #112233', 'thin #112233'];
        yield ['0.3pt solid #112233', 'hair #112233'];
        yield ['0.31pt solid #112233', 'thin #112233'];
        yield ['1.39pt solid #112233', 'thin #112233'];
        yield ['1.4pt solid #112233', 'medium #112233'];
        yield ['2.19pt solid #112233', 'medium #112233'];
        yield ['2.2pt solid #112233', 'thick #112233'];
        yield ['thin solid #112233', 'thin #112233'];
        yield ['medium solid #112233', 'medium #112233'];
        yield ['thick solid #aabbcc', 'thick #AABBCC'];
        yield ['solid', 'thin #000000'];
        yield ['0.75pt dotted #112233', 'dotted #112233'];
        yield ['1.3pt dashed #112233', 'dashed #112233'];
        yield ['1.4pt dashed #112233', 'mediumDashed #112233'];
        yield ['0.75pt dash-dot #112233', 'dashDot #112233'];
        yield ['1.75pt dash-dot #112233', 'mediumDashDot #112233'];
        yield ['0.75pt dash-dot-dot #112233', 'dashDotDot #112233'];
        yield ['1.75pt dash-dot-dot #112233', 'mediumDashDotDot #112233'];
        yield ['2.5pt double #112233', 'double #112233'];
        yield ['0.2pt double-thin #112233', 'double #112233'];
        yield ['0.05cm solid #112233', 'medium #112233'];
        yield ['0.5mm solid #112233', 'medium #112233'];
        yield ['0.02in solid #112233', 'medium #112233'];
        yield ['2px solid #112233', 'medium #112233'];
        yield ['none', null];
        yield ['0.75pt none', null];
        yield ['wide and blue', null];
    }

    #[DataProvider('lines')]
    public function test_a_line(string $says, ?string $edge): void
    {
        $of = fn (string $attribute) => self::look("<style:table-cell-properties $attribute=\"$says\"/>");
        self::assertSame(array_fill_keys($edge === null ? [] : ['top', 'right', 'bottom', 'left'], $edge), $of('fo:border'));
        foreach (['fo:border-left' => 'left', 'style:diagonal-bl-tr' => 'rising', 'style:diagonal-tl-br' => 'falling'] as $name => $side) {
            self::assertSame($edge === null ? [] : [$side => $edge], $of($name));
        }
    }

    /** @return array<string, mixed> */
    private static function look(string $properties): array
    {
        $xml = '<office:styles'.Ns::declared('office', 'style', 'fo', 'number').'><style:style style:name="S" style:family="table-cell">'
            .$properties.'</style:style></office:styles>';

        return (new CellStyles(PackageXml::root(PackageXml::tree($xml, 'styles'))))->look('S')->toArray();
    }

    public function test_what_is_said_in_other_words(): void
    {
        $text = fn (string $says) => self::look("<style:text-properties $says/>");
        $cell = fn (string $says, string $paragraph = '') => self::look("<style:table-cell-properties $says/>"
            ."<style:paragraph-properties $paragraph/>");
        self::assertSame([[], ['bold' => true]], [$text('fo:font-weight="599"'), $text('fo:font-weight="600"')]);
        self::assertEquals([['size' => 1], ['size' => 409], []],
            [$text('fo:font-size="0.2pt"'), $text('fo:font-size="500pt"'), $text('fo:font-size="120%"')]);
        self::assertSame([['font' => 'Gelasio'], ['font' => 'Own'], []], [$text("fo:font-family=\"'Gelasio', serif\""),
            $text('style:font-name="Own"'), $text('style:font-name="a;b"')]);
        self::assertSame([['underline' => 'double'], ['underline' => 'single'], []], [
            $text('style:text-underline-style="solid" style:text-underline-type="double"'), $text('style:text-underline-style="wave"'),
            $text('style:text-underline-style="none"')]);
        self::assertSame([['rotation' => 90], [], [], ['rotation' => -90], ['rotation' => -1], ['rotation' => 255]], [
            $cell('style:rotation-angle="90"'), $cell('style:rotation-angle="91"'), $cell('style:rotation-angle="269"'),
            $cell('style:rotation-angle="270"'), $cell('style:rotation-angle="-1"'), $cell('style:direction="ttb"')]);
        self::assertSame([['horizontal' => 'left'], ['horizontal' => 'right'], ['horizontal' => 'center'], ['horizontal' => 'justify'], []],
            array_map(fn (string $way) => $cell('', "fo:text-align=\"$way\""), ['start', 'end', 'center', 'justify', 'auto']));
        self::assertSame(['horizontal' => 'fill'], $cell('style:repeat-content="true"', 'fo:text-align="end"'));
        self::assertSame([['indent' => 1], ['indent' => 15], ['indent' => 0]], [$cell('', 'fo:margin-left="10pt"'), $cell('',
            'fo:margin-left="9in"'),
            $cell('', 'fo:margin-left="0pt"')]);
        self::assertSame([['shrink' => true], []], [$cell('style:shrink-to-fit="true"'), $cell('style:shrink-to-fit="false"')]);
        self::assertSame([['locked' => false], ['locked' => false, 'concealed' => true], ['concealed' => true], ['concealed' => true], []],
            array_map(fn (string $guard) => $cell("style:cell-protect=\"$guard\""),
                ['none', 'formula-hidden', 'protected formula-hidden', 'hidden-and-protected', 'protected']));
    }

    public function test_lengths_days_and_durations(): void
    {
        self::assertSame([96, 96, 96, 96, 96, 96, -96, null, null], array_map(CellStyles::px(...),
            ['1in', '2.54cm', '25.4mm', '72pt', '6pc', '96px', '-1in', '96', '1em']));
        $day = fn (string $text) => IsoMoments::serial($text, false);
        self::assertSame([45_000.0, 45_000.5, 45_000.75, 1.0, 61.0, null, null, null], array_map($day, ['2023-03-15', '2023-03-15T12:00:00',
            '2023-03-15T18:00:00.000', '1900-01-01', '1900-03-01', '2023-02-30', '2023', 'today']));
        self::assertSame(43_538.0, IsoMoments::serial('2023-03-15', true));
        self::assertEqualsWithDelta(1 / 86_400, $day('2023-03-15T00:00:01') - 45_000, 1e-9);
        self::assertEqualsWithDelta(1 / 1_440, $day('2023-03-15T00:01:00') - 45_000, 1e-9);
        self::assertSame([0.5, -0.5, 1.25, 2.0, 0.0], array_map(IsoMoments::days(...), ['PT12H', '-PT12H', 'P1DT6H', 'P2D', 'PT0S']));
        self::assertEqualsWithDelta(61.5 / 86_400, IsoMoments::days('PT1M1,5S'), 1e-12);
        self::assertSame([null, null], [IsoMoments::days('12:00'), IsoMoments::days('P1Y')]);
    }
}
