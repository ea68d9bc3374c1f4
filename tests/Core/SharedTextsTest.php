<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Cell;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Xlsx\CellXml;
use Tests\AtWork;
use Tests\HandMade;

/** The list of texts of a package (ISO/IEC 29500-1 18.4.9), in each shape that is legal, and in some that are not. */
final class SharedTextsTest extends TestCase
{
    private const ROWS = '<row r="1"><c r="A1" t="s"><v>0</v></c><c r="B1" t="s"><v>1</v></c><c r="C1" t="s"><v>2</v></c></row>';

    /** @return iterable<string, array{string, list<string>}> the part, its texts */
    public static function shapes(): iterable
    {
        $main = HandMade::MAIN;
        $list = fn (string $items) => "<sst xmlns=\"$main\">$items</sst>";
        yield 'plain ones' => [$list('<si><t>Rowan</t></si><si><t xml:space="preserve"> Elm </t></si><si><t/></si>'), ['Rowan', ' Elm ',
            '']];
        yield 'signs of xml, and characters by number' => [
            $list('<si><t>a &lt; b &amp;amp; c</t></si><si><t>&#x41;&#66;</t></si><si><t>_x0041_</t></si>'), ['a < b &amp; c', 'AB', 'A'],
        ];
        yield 'runs' => [
            $list('<si><r><rPr><b/></rPr><t>Ro</t></r><r><t xml:space="preserve">wan </t></r></si><si><t>x</t></si><si><t>y</t></si>'),
            ['Rowan ', 'x', 'y'],
        ];
        // How it is spoken is no part of it (18.4.6).
        yield 'with readings' => [
            $list('<si><t>課</t><rPh sb="0" eb="1"><t>カ</t></rPh><phoneticPr fontId="1"/></si><si><t>x</t></si><si><t>y</t></si>'),
            ['課', 'x', 'y'],
        ];
        yield 'blank ones at the end' => [$list('<si><t>Rowan</t></si><si/> <si />'), ['Rowan', '', '']];
        yield 'a blank one in the middle' => [$list('<si><t>Rowan</t></si><si/><si><t>Elm</t></si>'), ['Rowan', '', 'Elm']];
        yield 'what is to come behind them' => [
            $list('<si><t>a</t></si><si><t>b</t></si><si><t>c</t></si><extLst><ext uri="x"/></extLst>'), ['a', 'b', 'c'],
        ];
        yield 'a remark among them' => [
            $list('<si><t>Ro<!-- no text -->wan</t></si><si><t>b</t></si><!-- si --><si><t>c</t></si>'), ['Rowan', 'b', 'c'],
        ];
        yield 'text that is marked as such' => [
            $list('<si><t><![CDATA[a <b> & c]]></t></si><si><t>b</t></si><si><t>c</t></si>'), ['a <b> & c', 'b', 'c'],
        ];
        yield 'a prefix' => [
            "<x:sst xmlns:x=\"$main\"><x:si><x:t>a</x:t></x:si><x:si><x:r><x:t>b</x:t></x:r></x:si><x:si><x:t>c</x:t></x:si></x:sst>",
            ['a', 'b', 'c'],
        ];
        yield 'a mark of the encoding, and a declaration' => [
            "\xEF\xBB\xBF<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n".
                $list('<si><t>a</t></si><si><t>b</t></si><si><t>é</t></si>'), ['a', 'b', 'é'],
        ];
        yield 'another encoding' => [
            '<?xml version="1.0" encoding="ISO-8859-1"?>'.$list('<si><t>a</t></si><si><t>b</t></si><si><t>'."\xE9".'</t></si>'),
            ['a', 'b', 'é'],
        ];
        $wide = fn (string $xml) => "\xFF\xFE".mb_convert_encoding($xml, 'UTF-16LE', 'UTF-8');
        yield 'two bytes a character' => [
            $wide('<?xml version="1.0" encoding="UTF-16"?>'.$list('<si><t>a</t></si><si><t>b</t></si><si><t>Ω</t></si>')),
            ['a', 'b', 'Ω'],
        ];
        yield 'lines between them' => [$list("\n  <si>\n <t>a</t>\n</si>\n<si><t>b</t></si>\n<si><t>c</t></si>\n"), ['a', 'b', 'c']];
        yield 'much before them' => [
            '<?xml version="1.0"?>'.str_repeat(' ', 70_000).$list('<si><t>a</t></si><si><t>b</t></si><si><t>c</t></si>'), ['a', 'b', 'c'],
        ];
    }

    /** @param  list<string>  $texts */
    #[DataProvider('shapes')]
    public function test_each_legal_shape_gives_the_same_texts(string $part, array $texts): void
    {
        $parts = HandMade::parts(self::ROWS);
        $parts['xl/sharedStrings.xml'] = $part;
        foreach (AtWork::on($parts)->workbook->sheet(1)->cells->read(1, 1) as $cells) {
            self::assertSame($texts, array_map(fn (Cell $cell) => $cell->text(), array_slice(array_pad($cells, 3, Cell::blank()), 0, 3)));
        }
    }

    public function test_a_long_list_is_read_across_its_pieces(): void
    {
        // Far more than one piece of the package holds.
        $texts = array_map(fn (int $number) => "Lot $number ".str_repeat(chr(97 + $number % 26), 90), range(0, 9_999));
        $parts = HandMade::parts(str_replace(['<v>1<', '<v>2<'], ['<v>4999<', '<v>9999<'], self::ROWS));
        $parts['xl/sharedStrings.xml'] = '<sst xmlns="'.HandMade::MAIN.'">'.implode('', array_map(
            fn (string $text) => "<si><t>$text</t></si>", $texts)).'</sst>';
        foreach (AtWork::on($parts)->workbook->sheet(1)->cells->read(1, 1) as $cells) {
            self::assertSame([$texts[0], $texts[4_999], $texts[9_999]], array_map(fn (Cell $cell) => $cell->text(), array_slice($cells, 0,
                3)));
        }
    }

    /** @return iterable<string, array{string, string}> the part, words of the refusal */
    public static function faults(): iterable
    {
        $list = fn (string $items) => '<sst xmlns="'.HandMade::MAIN."\">$items</sst>";
        yield 'a text that no cell takes' => [$list('<si><t>'.str_repeat('é', 32_768).'</t></si>'),
            'holds 32,768 characters; a cell takes at most 32,767'];
        yield 'a text without an end' => [
            $list('<si><t>'.implode('', array_map(md5(...), array_map(strval(...), range(1, 140_000))))), 'holds more than 4 MB',
        ];
        yield 'bytes that are no text' => [$list("<si><t>a\xFFb</t></si>"), 'no text in UTF-8'];
        yield 'another root' => ['<workbook/>', 'no list of texts'];
        yield 'no end' => [$list('<si><t>a</t></si>').'x', 'xl/sharedStrings.xml'];
        yield 'entities' => ['<!DOCTYPE x [<!ENTITY a "aa">]>'.$list('<si><t>&a;</t></si>'), 'document type or entities'];
    }

    #[DataProvider('faults')]
    public function test_what_is_no_list_of_texts_is_refused_by_name(string $part, string $words): void
    {
        $parts = HandMade::parts(self::ROWS);
        $parts['xl/sharedStrings.xml'] = $part;
        $this->expectException(FileIsWrong::class);
        $this->expectExceptionMessage($words);
        AtWork::on($parts);
    }

    public function test_a_text_of_as_many_characters_as_a_cell_takes_is_taken(): void
    {
        $parts = HandMade::parts(self::ROWS);
        $parts['xl/sharedStrings.xml'] = '<sst xmlns="'.HandMade::MAIN.'"><si><t>'.str_repeat('é', 32_767).'</t></si><si/><si/></sst>';
        foreach (AtWork::on($parts)->workbook->sheet(1)->cells->read(1, 1) as $cells) {
            self::assertSame(32_767, mb_strlen($cells[0]->text()));
        }
    }

    /** ISO/IEC 29500-1, 22.9.2.19: what xml cannot hold is written with its code, and a text that looks like it is escaped itself. */
    public function test_characters_that_xml_cannot_hold_are_written_by_their_code(): void
    {
        foreach (["\u{FFFE}" => '_xFFFE_', "\u{FFFF}" => '_xFFFF_', "\x01" => '_x0001_', "\r" => '_x000D_', '_x0041_' => '_x005F_x0041_',
            '_x41_' => '_x41_', '<a & b>' => '&lt;a &amp; b&gt;', "\u{FFFE}<" => '_xFFFE_&lt;', "a\tb\nc" => "a\tb\nc"] as $text => $xml) {
            self::assertSame($xml, CellXml::text($text));
        }
    }
}
