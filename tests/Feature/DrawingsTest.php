<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\HandMade;
use Tests\TestCase;

/** What lies over the cells of a package is shown where it is: anchors of ISO/IEC 29500-1 20.5.2. */
final class DrawingsTest extends TestCase
{
    private const PNG = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

    public function test_charts_shapes_and_pictures_stand_at_their_anchors_and_follow_rows(): void
    {
        $relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $corner = fn (
            string $name,
            int $row,
            int $column,
        ) => "<xdr:$name><xdr:col>$column</xdr:col><xdr:colOff>19050</xdr:colOff><xdr:row>$row</xdr:row><xdr:rowOff>9525</xdr:rowOff>"
            ."</xdr:$name>";
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row>');
        $parts['xl/worksheets/sheet1.xml'] = str_replace(
            '</sheetData>',
            "</sheetData><drawing xmlns:r=\"$relations\" r:id=\"rId1\"/>",
            $parts['xl/worksheets/sheet1.xml'],
        );
        $parts[
            'xl/worksheets/_rels/sheet1.xml.rels'
        ] = '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" '
            ."Type=\"$relations/drawing\" Target=\"../drawings/drawing1.xml\"/></Relationships>";
        $parts[
            'xl/drawings/_rels/drawing1.xml.rels'
        ] = '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" '
            ."Type=\"$relations/image\" Target=\"../media/image1.png\"/><Relationship Id=\"rId2\" Type=\"$relations/image\" "
            .'Target="../media/image2.png"/></Relationships>';
        $parts['xl/media/image1.png'] = (string) base64_decode(self::PNG, true);
        $parts['xl/media/image2.png'] = '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>';
        $picture = fn (
            string $id,
        ) => '<xdr:pic><xdr:nvPicPr><xdr:cNvPr id="4" name="Weir"/></xdr:nvPicPr><xdr:blipFill><a:blip '
            ."xmlns:a=\"http://schemas.openxmlformats.org/drawingml/2006/main\" xmlns:r=\"$relations\" "
            ."r:embed=\"$id\"/></xdr:blipFill></xdr:pic>";
        $parts['xl/drawings/drawing1.xml'] =
            '<xdr:wsDr xmlns:xdr="http://schemas.openxmlformats.org/drawingml/2006/spreadsheetDrawing">'.
            '<xdr:twoCellAnchor>'.
            $corner('from', 2, 1).
            $corner('to', 9, 4).
            '<xdr:graphicFrame><xdr:nvGraphicFramePr><xdr:cNvPr id="2" name="Lots by month"/></xdr:nvGraphicFramePr></xdr:graphicFrame>'
            .'</xdr:twoCellAnchor>'.
            '<xdr:oneCellAnchor>'.
            $corner('from', 0, 0).
            '<xdr:ext cx="952500" cy="476250"/>'.
            $picture('rId1').
            '</xdr:oneCellAnchor>'.
            '<xdr:oneCellAnchor>'.
            $corner('from', 0, 0).
            '<xdr:ext cx="952500" cy="476250"/>'.
            $picture('rId2').
            '</xdr:oneCellAnchor>'.
            '<xdr:twoCellAnchor>'.
            $corner('from', 4, 4).
            $corner('to', 6, 6).
            '<xdr:sp><xdr:nvSpPr><xdr:cNvPr id="3" name="Note"/></xdr:nvSpPr></xdr:sp></xdr:twoCellAnchor></xdr:wsDr>';
        $workbook = $this->bringIn('t.xlsx', (string) file_get_contents(HandMade::package($parts)));
        $path = $this->url("workbooks/{$workbook->id}/sheets/1/drawings");
        $drawings = $this->getJson($path)->assertOk()->json();
        $this->assertSame(
            [
                [
                    'kind' => 'chart',
                    'name' => 'Lots by month',
                    'from' => [3, 2, 1, 2],
                    'to' => [10, 5, 1, 2],
                    'size' => [0, 0],
                    'isPicture' => false,
                ],
                ['kind' => 'picture', 'name' => 'Weir', 'from' => [1, 1, 1, 2], 'to' => [], 'size' => [100, 50], 'isPicture' => true],
            ],
            array_slice($drawings, 0, 2),
        );
        $this->assertSame('shape', $drawings[3]['kind']);
        $this->get("$path/1")->assertOk()->assertHeader('Content-Type', 'image/png');
        $this->get("$path/0")->assertNotFound();
        $this->get("$path/2")->assertNotFound();
        $this->get("$path/99")->assertNotFound();
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 2, 'count' => 3, 'in' => true]);
        $this->assertSame([6, 2, 1, 2], $this->getJson($path)->json('0.from'));
        $plain = $this->bringIn('a.csv', "Tree,Count\nRowan,3\n");
        $this->assertSame([], $this->getJson($this->url("workbooks/{$plain->id}/sheets/1/drawings"))->assertOk()->json());
    }
}
