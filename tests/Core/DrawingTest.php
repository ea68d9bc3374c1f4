<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Shift;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\Drawing;
use Rilvet\Xlsx\Moves;
use Tests\HandMade;

/** Where what lies over a sheet stands (ISO/IEC 29500-1 20.5.2; lengths in English Metric Units, 914,400 an inch, 20.1.10.16). */
final class DrawingTest extends TestCase
{
    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    public function test_kinds_names_corners_and_sizes_are_those_of_the_part(): void
    {
        $drawings = self::drawings(
            '<xdr:twoCellAnchor>'.self::corner('from', 2, 1, 9_525, 19_050).self::corner('to', 9, 4).self::named('graphicFrame',
                'Lots by month')
                .'</xdr:twoCellAnchor>'
            .'<xdr:oneCellAnchor>'.self::corner('from', 0, 0).'<xdr:ext cx="952500" cy="476250"/>'.self::picture('rId1')
                .'</xdr:oneCellAnchor>'
            .'<xdr:oneCellAnchor>'.self::corner('from', 0, 0).'<xdr:ext cx="9524" cy="9525"/>'.self::picture('rId2').'</xdr:oneCellAnchor>'
            .'<xdr:oneCellAnchor>'.self::corner('from', 0, 0).'<xdr:ext cx="1" cy="1"/>'.self::picture('rId3').'</xdr:oneCellAnchor>'
            .'<xdr:absoluteAnchor><xdr:pos x="0" y="0"/><xdr:ext cx="19050" cy="28575"/>'.self::named('sp', 'Note').'</xdr:absoluteAnchor>'
            .'<xdr:twoCellAnchor>'.self::corner('from', 4, 4).self::corner('to', 6, 6).self::named('cxnSp', 'Arrow').'</xdr:twoCellAnchor>'
            .'<xdr:twoCellAnchor>'.self::corner('from', 4, 4).self::corner('to', 6, 6).'<xdr:contentPart/></xdr:twoCellAnchor>'
            .'<xdr:somethingElse/>',
        );
        self::assertSame(['chart', 'picture', 'picture', 'picture', 'shape', 'shape', 'other'], array_column($drawings, 'kind'));
        self::assertSame(['Lots by month', 'Weir', 'Weir', 'Weir', 'Note', 'Arrow', ''], array_column($drawings, 'name'));
        self::assertSame([3, 2, 1, 2], $drawings[0]->from, 'rows and columns from 1, and whole px into them');
        self::assertSame([[10, 5, 0, 0], null], [$drawings[0]->to, $drawings[1]->to]);
        self::assertSame([[0, 0], [100, 50], [0, 1], [0, 0], [2, 3]], array_column(array_slice($drawings, 0, 5), 'size'));
        self::assertSame('xl/media/image1.png', $drawings[1]->image);
        self::assertNull($drawings[2]->image, 'a picture that is not in the package');
        self::assertNull($drawings[3]->image, 'a picture from elsewhere');
        self::assertNull($drawings[0]->image);
        self::assertSame([1, 1, 0, 0], $drawings[4]->from, 'what stands at no cell');
    }

    /** What an application offers in two ways stands in an envelope (ISO/IEC 29500-3, 10.3). */
    public function test_of_two_ways_the_first_is_taken(): void
    {
        $anchor = fn (string $name) => '<xdr:twoCellAnchor>'.self::corner('from', 1, 1).self::corner('to', 2, 2).self::named('sp', $name)
            .'</xdr:twoCellAnchor>';
        $drawings = self::drawings('<mc:AlternateContent xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006"><mc:Choice '
            .'Requires="a14">'.$anchor('new').'</mc:Choice><mc:Fallback>'.$anchor('old').'</mc:Fallback></mc:AlternateContent>'
            .'<mc:AlternateContent xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006"><mc:Fallback>'.$anchor('old')
            .'</mc:Fallback></mc:AlternateContent>');
        self::assertSame(['new'], array_column($drawings, 'name'));
    }

    public function test_corners_follow_rows_and_columns(): void
    {
        $xml = '<xdr:twoCellAnchor>'.self::corner('from', 2, 1).self::corner('to', 9, 4).self::named('sp', 'Note').'</xdr:twoCellAnchor>';
        [$moved] = self::drawings($xml, [new Shift(true, 2, 3, true), new Shift(false, 1, 1, true)]);
        self::assertSame([[6, 3, 0, 0], [13, 6, 0, 0]], [$moved->from, $moved->to]);
        [$moved] = self::drawings($xml, [new Shift(true, 1, 1, false)]);
        self::assertSame([[2, 2, 0, 0], [9, 5, 0, 0]], [$moved->from, $moved->to]);
    }

    public function test_places_beyond_the_sheet_and_names_without_an_end_are_held(): void
    {
        [$far] = self::drawings('<xdr:twoCellAnchor>'.self::corner('from', -4, -1, -9_525, -9_525).self::corner('to', 9_999_999, 99_999)
            .self::named('sp', str_repeat('long ', 40)).'</xdr:twoCellAnchor>');
        self::assertSame([[1, 1, 0, 0], [1_048_576, 16_384, 0, 0]], [$far->from, $far->to]);
        self::assertSame(80, mb_strwidth($far->name));
        self::assertStringEndsWith('…', $far->name);
        $many = str_repeat('<xdr:oneCellAnchor>'.self::corner('from', 0, 0).'</xdr:oneCellAnchor>', 501);
        self::assertCount(500, self::drawings($many));
    }

    public function test_a_sheet_without_a_drawing_has_none(): void
    {
        $stream = fopen(HandMade::package(HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row>')), 'rb');
        assert($stream !== false);
        $book = new Book($stream);
        self::assertSame([], Drawing::of($book, $book->sheets[0], new Moves([], 'One')));
    }

    /**
     * @param  list<Shift>  $shifts
     * @return list<Drawing>
     */
    private static function drawings(string $anchors, array $shifts = []): array
    {
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row>');
        $parts['xl/worksheets/sheet1.xml'] = str_replace('</sheetData>',
            '</sheetData><drawing xmlns:r="'.self::RELATIONS.'" r:id="rId1"/>', $parts['xl/worksheets/sheet1.xml']);
        $package = 'http://schemas.openxmlformats.org/package/2006/relationships';
        $rels = fn (string $each) => "<Relationships xmlns=\"$package\">$each</Relationships>";
        $rel = fn (string $id, string $kind, string $target, string $more = '') => "<Relationship Id=\"$id\" Type=\"".self::RELATIONS
            ."/$kind\" Target=\"$target\"$more/>";
        $parts['xl/worksheets/_rels/sheet1.xml.rels'] = $rels($rel('rId1', 'drawing', '../drawings/drawing1.xml'));
        $parts['xl/drawings/_rels/drawing1.xml.rels'] = $rels($rel('rId1', 'image', '../media/image1.png')
            .$rel('rId2', 'image', '../media/image2.png').$rel('rId3', 'image', 'https://example.org/a.png', ' TargetMode="External"'));
        $parts['xl/media/image1.png'] = 'a picture';
        $parts['xl/drawings/drawing1.xml'] = '<xdr:wsDr xmlns:xdr="http://schemas.openxmlformats.org/drawingml/2006/spreadsheetDrawing">'
            ."$anchors</xdr:wsDr>";
        $stream = fopen(HandMade::package($parts), 'rb');
        assert($stream !== false);
        $book = new Book($stream);

        return Drawing::of($book, $book->sheets[0], new Moves($shifts, 'One'));
    }

    private static function corner(string $name, int $row, int $column, int $down = 0, int $across = 0): string
    {
        return "<xdr:$name><xdr:col>$column</xdr:col><xdr:colOff>$across</xdr:colOff><xdr:row>$row</xdr:row><xdr:rowOff>$down</xdr:rowOff>"
            ."</xdr:$name>";
    }

    private static function named(string $kind, string $name): string
    {
        return "<xdr:$kind><xdr:nvPr><xdr:cNvPr id=\"2\" name=\"$name\"/></xdr:nvPr></xdr:$kind>";
    }

    private static function picture(string $id): string
    {
        return '<xdr:pic><xdr:nvPicPr><xdr:cNvPr id="4" name="Weir"/></xdr:nvPicPr><xdr:blipFill><a:blip '
            .'xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main" xmlns:r="'
                .self::RELATIONS."\" r:embed=\"$id\"/></xdr:blipFill>"
            .'</xdr:pic>';
    }
}
