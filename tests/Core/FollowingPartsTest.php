<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\EditCells;
use Rilvet\Act\MoveCells;
use Rilvet\Grid\Shift;
use Tests\AtWork;
use Tests\HandMade;

/** All that a package says of places goes along when rows and columns come, go, or a sheet takes another name. */
final class FollowingPartsTest extends TestCase
{
    private const CHART = 'http://schemas.openxmlformats.org/drawingml/2006/chart';

    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const LINK = 'lin'.'kedCell';

    private const BEFORE = [
        'xl/charts/chart1.xml' => [
            "<c:f>'Tree lots'!\$A\$2:\$A\$4</c:f>",
            "<c:f>'Tree lots'!\$B\$2:\$B\$4</c:f>",
            '<c:ptCount val="3"/><c:pt idx="0"><c:v>30</c:v></c:pt>',
        ],
        'xl/drawings/drawing1.xml' => ["textlink=\"'Tree lots'!\$B\$4\"", '<xdr:row>3</xdr:row>'],
        'xl/drawings/_rels/drawing1.xml.rels' => ["Target=\"#'Tree lots'!B4\""],
        'xl/ctrlProps/ctrlProp1.xml' => ['fmlaLink="$B$4"', "fmlaRange=\"'Tree lots'!\$A\$2:\$A\$4\""],
        'xl/pivotCache/pivotCacheDefinition1.xml' => ['<worksheetSource ref="A1:B4" sheet="Tree lots"/>'],
        'xl/worksheets/sheet2.xml' => [
            "<f>SUM('Tree lots'!B2:B4)</f>",
            "<formula>'Tree lots'!\$B\$3&gt;1</formula>",
            "<formula1>'Tree lots'!\$A\$2:\$A\$4</formula1>",
            "location=\"'Tree lots'!B4\"",
            "<xm:f>'Tree lots'!B2:B4</xm:f>",
        ],
        'xl/worksheets/sheet1.xml' => [
            '<formula>$B3&gt;$B$2</formula>',
            'location="B4"',
            self::LINK.'="$B$4"',
            '<inputCells r="B4" val="5"/>',
            '<cellWatch r="B3"/>',
        ],
        'xl/workbook.xml' => [
            "'Tree lots'!\$A\$1:\$B\$4</definedName>",
            "<definedName name=\"Counts\">'Tree lots'!\$B\$2:\$B\$4</definedName>",
        ],
        'xl/tables/table1.xml' => ['ref="A1:B4"', '<calculatedColumnFormula>$B$2*2</calculatedColumnFormula>'],
    ];

    public function test_a_row_put_in_is_followed_by_every_part_and_taken_out_again_all_bytes_are_back(): void
    {
        $workbook = $this->workbook();
        $came = $workbook->written();
        $this->assertSays($came, self::BEFORE);
        $workbook->do(new MoveCells(1, new Shift(true, 3, 1, true)));
        $this->assertSays($workbook->written(), [
            'xl/charts/chart1.xml' => [
                "<c:f>'Tree lots'!\$A\$2:\$A\$5</c:f>",
                "<c:f>'Tree lots'!\$B\$2:\$B\$5</c:f>",
                '<c:ptCount val="4"/><c:pt idx="0"><c:v>30</c:v></c:pt><c:pt idx="2"><c:v>4</c:v></c:pt><c:pt idx="3">',
                '<c:pt idx="0"><c:v>Rowan</c:v></c:pt><c:pt idx="2"><c:v>Ash</c:v>',
            ],
            'xl/drawings/drawing1.xml' => ["textlink=\"'Tree lots'!\$B\$5\"", '<xdr:row>4</xdr:row>'],
            'xl/drawings/_rels/drawing1.xml.rels' => ["Target=\"#'Tree lots'!B5\""],
            'xl/ctrlProps/ctrlProp1.xml' => ['fmlaLink="$B$5"', "fmlaRange=\"'Tree lots'!\$A\$2:\$A\$5\""],
            'xl/pivotCache/pivotCacheDefinition1.xml' => ['<worksheetSource ref="A1:B5" sheet="Tree lots"/>'],
            'xl/worksheets/sheet2.xml' => [
                "<f>SUM('Tree lots'!B2:B5)</f>",
                "<formula>'Tree lots'!\$B\$4&gt;1</formula>",
                "<formula1>'Tree lots'!\$A\$2:\$A\$5</formula1>",
                "location=\"'Tree lots'!B5\"",
                "<xm:f>'Tree lots'!B2:B5</xm:f>",
            ],
            'xl/worksheets/sheet1.xml' => [
                '<formula>$B4&gt;$B$2</formula>',
                'location="B5"',
                self::LINK.'="$B$5"',
                '<inputCells r="B5" val="5"/>',
                '<cellWatch r="B4"/>',
            ],
            'xl/workbook.xml' => [
                "'Tree lots'!\$A\$1:\$B\$5</definedName>",
                "<definedName name=\"Counts\">'Tree lots'!\$B\$2:\$B\$5</definedName>",
            ],
            'xl/tables/table1.xml' => ['ref="A1:B5"', '<calculatedColumnFormula>$B$2*2</calculatedColumnFormula>'],
        ]);
        $workbook->do(new MoveCells(1, new Shift(true, 3, 1, false)));
        $back = $workbook->written();
        foreach (self::BEFORE as $part => $says) {
            $part === 'xl/workbook.xml' || $part === 'xl/worksheets/sheet1.xml' || $part === 'xl/worksheets/sheet2.xml'
                ? $this->assertSays($back, [$part => $says])
                : $this->assertXmlStringEqualsXmlString($came[$part], $back[$part], $part);
        }
        $workbook->undo();
        $workbook->undo();
        $this->assertSame($came, $workbook->written(), 'undone, every byte is as it came');
    }

    public function test_a_column_put_in_and_a_sheet_renamed_are_followed(): void
    {
        $workbook = $this->workbook();
        $workbook->do(new MoveCells(1, new Shift(false, 1, 1, true)));
        $workbook->do(new ArrangeSheet(1, 'Lots'));
        $written = $workbook->written();
        $this->assertSays($written, [
            'xl/charts/chart1.xml' => [
                '<c:f>Lots!$B$2:$B$4</c:f>',
                '<c:f>Lots!$C$2:$C$4</c:f>',
                '<c:ptCount val="3"/><c:pt idx="0"><c:v>30</c:v></c:pt>',
            ],
            'xl/drawings/drawing1.xml' => ['textlink="Lots!$C$4"', '<xdr:col>3</xdr:col>'],
            'xl/ctrlProps/ctrlProp1.xml' => ['fmlaLink="$C$4"', 'fmlaRange="Lots!$B$2:$B$4"'],
            'xl/pivotCache/pivotCacheDefinition1.xml' => ['<worksheetSource ref="B1:C4" sheet="Lots"/>'],
            'xl/worksheets/sheet2.xml' => [
                '<formula>Lots!$C$3&gt;1</formula>',
                '<formula1>Lots!$B$2:$B$4</formula1>',
                'location="Lots!C4"',
                '<xm:f>Lots!C2:C4</xm:f>',
            ],
            'xl/workbook.xml' => ['Lots!$B$1:$C$4</definedName>'],
        ]);
    }

    public function test_a_value_typed_is_in_what_the_chart_keeps(): void
    {
        $workbook = $this->workbook();
        $came = $workbook->written();
        $workbook->do(new EditCells(1, [9 => [5 => 'far away']]));
        $this->assertSame($came['xl/charts/chart1.xml'], $workbook->written()['xl/charts/chart1.xml']);
        $workbook->do(new EditCells(1, [3 => [2 => '41', 1 => 'Ash & elm']]));
        $this->assertSays($workbook->written(), [
            'xl/charts/chart1.xml' => [
                '<c:pt idx="1"><c:v>41</c:v></c:pt>',
                '<c:pt idx="1"><c:v>Ash &amp; elm</c:v></c:pt>',
                '<c:formatCode>General</c:formatCode><c:ptCount val="3"/>',
            ],
        ]);
    }

    /**
     * @param  array<string, string>  $parts
     * @param  array<string, list<string>>  $says
     */
    private function assertSays(array $parts, array $says): void
    {
        foreach ($says as $part => $texts) {
            foreach ($texts as $text) {
                $this->assertStringContainsString($text, str_replace('&apos;', "'", $parts[$part]), $part);
            }
        }
    }

    private function workbook(): AtWork
    {
        $text = fn (string $cell, string $text) => "<c r=\"$cell\" t=\"inlineStr\"><is><t>$text</t></is></c>";
        $parts = HandMade::parts(
            '<row r="1">'.
                $text('A1', 'Tree').
                $text('B1', 'Count').
                '</row><row r="2">'.
                $text('A2', 'Rowan').
                '<c r="B2"><v>30</v></c></row><row r="3">'.
                $text('A3', 'Ash').
                '<c r="B3"><v>4</v></c></row><row r="4">'.
                $text('A4', 'Elm').
                '<c r="B4"><v>12</v></c></row>',
        );
        $main = HandMade::MAIN;
        $r = 'xmlns:r="'.self::RELATIONS.'"';
        $rels = fn (string ...$each) => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'.
            implode('', $each).
            '</Relationships>';
        $rel = fn (string $id, string $kind, string $target) => "<Relationship Id=\"$id\" Type=\"".
            self::RELATIONS.
            "/$kind\" Target=\"$target\"/>";
        $parts['xl/worksheets/sheet1.xml'] = str_replace(
            '</sheetData>',
            '</sheetData><scenarios><scenario name="more"><inputCells r="B4" val="5"/></scenario></scenarios><conditionalFormatting '
            .'sqref="A3:B4"><cfRule type="expression" priority="1"><formula>$B3&gt;$B$2</formula></cfRule></conditionalFormatting>'
            .'<hyperlinks><hyperlink ref="A2" location="B4"/></hyperlinks><cellWatches><cellWatch r="B3"/></cellWatches><drawing '.
                $r.
                ' r:id="rId1"/><controls><control shapeId="1" '.
                $r.
                ' r:id="rId2"><controlPr '.
                self::LINK.
                '="$B$4"/></control></controls><tableParts count="1"><tablePart '.
                $r.
                ' r:id="rId3"/></tableParts>',
            $parts['xl/worksheets/sheet1.xml'],
        );
        $parts['xl/worksheets/_rels/sheet1.xml.rels'] = $rels(
            $rel('rId1', 'drawing', '../drawings/drawing1.xml'),
            $rel('rId2', 'ctrlProp', '../ctrlProps/ctrlProp1.xml'),
            $rel('rId3', 'table', '../tables/table1.xml'),
        );
        $parts[
            'xl/worksheets/sheet2.xml'
        ] = "<worksheet xmlns=\"$main\"><sheetData><row r=\"1\"><c r=\"A1\"><f>SUM('Tree "
            ."lots'!B2:B4)</f><v>46</v></c></row></sheetData><conditionalFormatting sqref=\"A1\"><cfRule type=\"expression\" "
            ."priority=\"1\"><formula>'Tree lots'!\$B\$3&gt;1</formula></cfRule></conditionalFormatting><dataValidations "
            ."count=\"1\"><dataValidation type=\"list\" sqref=\"B1\"><formula1>'Tree lots'!\$A\$2:\$A\$4</formula1></dataValidation>"
            ."</dataValidations><hyperlinks><hyperlink ref=\"A1\" location=\"'Tree lots'!B4\"/></hyperlinks><extLst><ext "
            ."xmlns:xm=\"urn:example:main\"><xm:f>'Tree lots'!B2:B4</xm:f></ext></extLst></worksheet>";
        $parts[
            'xl/workbook.xml'
        ] = "<workbook xmlns=\"$main\" $r><sheets><sheet name=\"Tree lots\" sheetId=\"1\" r:id=\"rId1\"/><sheet name=\"Sums\" "
            ."sheetId=\"2\" r:id=\"rId4\"/></sheets><definedNames><definedName name=\"_xlnm.Print_Area\" localSheetId=\"0\">'Tree "
            ."lots'!\$A\$1:\$B\$4</definedName><definedName name=\"Counts\">'Tree lots'!\$B\$2:\$B\$4</definedName></definedNames>"
            .'</workbook>';
        $parts['xl/_rels/workbook.xml.rels'] = str_replace(
            '</Relationships>',
            $rel('rId4', 'worksheet', 'worksheets/sheet2.xml').
                $rel('rId5', 'pivotCacheDefinition', 'pivotCache/pivotCacheDefinition1.xml').
                '</Relationships>',
            $parts['xl/_rels/workbook.xml.rels'],
        );
        $cache = fn (string $kind, string ...$values) => "<c:{$kind}Cache>".
            ($kind === 'num' ? '<c:formatCode>General</c:formatCode>' : '').
            '<c:ptCount val="3"/>'.
            implode(
                '',
                array_map(fn (int $index, string $value) => "<c:pt idx=\"$index\"><c:v>$value</c:v></c:pt>", array_keys($values), $values),
            ).
            "</c:{$kind}Cache>";
        $parts['xl/charts/chart1.xml'] =
            '<c:chartSpace xmlns:c="'.
            self::CHART.
            "\"><c:chart><c:plotArea><c:barChart><c:ser><c:cat><c:strRef><c:f>'Tree lots'!\$A\$2:\$A\$4</c:f>".
            $cache('str', 'Rowan', 'Ash', 'Elm').
            "</c:strRef></c:cat><c:val><c:numRef><c:f>'Tree lots'!\$B\$2:\$B\$4</c:f>".
            $cache('num', '30', '4', '12').
            '</c:numRef></c:val></c:ser></c:barChart></c:plotArea></c:chart></c:chartSpace>';
        $parts['xl/drawings/drawing1.xml'] =
            '<xdr:wsDr xmlns:xdr="http://schemas.openxmlformats.org/drawingml/2006/spreadsheetDrawing"><xdr:twoCellAnchor><xdr:from>'
            .'<xdr:col>2</xdr:col><xdr:row>3</xdr:row></xdr:from><xdr:to><xdr:col>4</xdr:col><xdr:row>9</xdr:row></xdr:to><xdr:sp '
            .'textlink="\'Tree lots\'!$B$4"/></xdr:twoCellAnchor></xdr:wsDr>';
        $parts['xl/drawings/_rels/drawing1.xml.rels'] = $rels(
            $rel('rId1', 'chart', '../charts/chart1.xml'),
            $rel('rId2', 'hyperlink', "#'Tree lots'!B4"),
        );
        $parts['xl/ctrlProps/ctrlProp1.xml'] =
            "<formControlPr xmlns=\"urn:example:controls\" objectType=\"Drop\" fmlaLink=\"\$B\$4\" fmlaRange=\"'Tree "
            ."lots'!\$A\$2:\$A\$4\"/>";
        $parts[
            'xl/pivotCache/pivotCacheDefinition1.xml'
        ] = "<pivotCacheDefinition xmlns=\"$main\"><cacheSource type=\"worksheet\"><worksheetSource ref=\"A1:B4\" sheet=\"Tree "
            .'lots"/></cacheSource></pivotCacheDefinition>';
        $parts[
            'xl/tables/table1.xml'
        ] = "<table xmlns=\"$main\" id=\"1\" name=\"Lots\" displayName=\"Lots\" ref=\"A1:B4\"><tableColumns count=\"2\"><tableColumn "
            .'id="1" name="Tree"/><tableColumn id="2" name="Count"><calculatedColumnFormula>$B$2*2</calculatedColumnFormula>'
            .'</tableColumn></tableColumns></table>';

        return AtWork::on($parts);
    }
}
