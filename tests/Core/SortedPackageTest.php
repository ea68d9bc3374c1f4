<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\SortTable;
use Tests\AtWork;
use Tests\HandMade;

/** What belongs to a row goes along when rows are sorted: notes, links, conditions, checks, parts of texts. */
final class SortedPackageTest extends TestCase
{
    public function test_notes_links_conditions_and_checks_go_with_their_rows_and_come_back_with_undo(): void
    {
        $text = fn (string $cell, string $text) => "<c r=\"$cell\" t=\"inlineStr\"><is><t>$text</t></is></c>";
        $parts = HandMade::parts(
            '<row r="1">'.
                $text('A1', 'Tree').
                $text('B1', 'Count').
                $text('C1', 'Worth').
                '</row>'.
                '<row r="2">'.
                $text('A2', 'Rowan').
                '<c r="B2"><v>30</v></c><c r="C2"><f>B2*2</f><v>60</v></c></row>'.
                '<row r="3"><c r="A3" t="inlineStr"><is><r><rPr><i/></rPr><t>Ash</t></r><r><t> tree</t></r></is></c><c '
                .'r="B3"><v>4</v></c><c r="C3"><f>B3*2</f><v>8</v></c></row>'.
                '<row r="4">'.
                $text('A4', 'Elm').
                '<c r="B4"><v>12</v></c><c r="C4"><f>B4*2</f><v>24</v></c></row>',
        );
        $relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $parts['xl/worksheets/sheet1.xml'] = str_replace(
            '</sheetData>',
            '</sheetData><conditionalFormatting sqref="B2"><cfRule type="expression" dxfId="0" '
            .'priority="1"><formula>C2&gt;50</formula></cfRule></conditionalFormatting><dataValidations count="1"><dataValidation '
            .'type="whole" sqref="B3"><formula1>1</formula1></dataValidation></dataValidations><hyperlinks><hyperlink ref="A3" '
            .'location="B1"/></hyperlinks><legacyDrawing xmlns:r="'.
                $relations.
                '" r:id="rId2"/>',
            $parts['xl/worksheets/sheet1.xml'],
        );
        $parts[
            'xl/worksheets/_rels/sheet1.xml.rels'
        ] = '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" '
            ."Type=\"$relations/comments\" Target=\"../comments1.xml\"/><Relationship Id=\"rId2\" Type=\"$relations/vmlDrawing\" "
            .'Target="../drawings/vml1.vml"/></Relationships>';
        $parts['xl/comments1.xml'] =
            '<comments xmlns="'.
            HandMade::MAIN.
            '"><authors><author>A</author></authors><commentList><comment ref="B2" authorId="0"><text><t>many</t></text></comment>'
            .'</commentList></comments>';
        $parts['xl/drawings/vml1.vml'] =
            '<xml xmlns:v="urn:example:shapes" xmlns:x="urn:example:notes"><v:shape><x:ClientData ObjectType="Note"><x:Anchor>2, 15, 0, '
            .'10, 4, 15, 4, 4</x:Anchor><x:Row>1</x:Row><x:Column>1</x:Column></x:ClientData></v:shape></xml>';
        $workbook = AtWork::on($parts);
        $workbook->do(new SortTable(1, 2, 2, [[2, false]]));
        $written = $workbook->written();
        $sheet = $written['xl/worksheets/sheet1.xml'];
        $this->assertStringContainsString(
            '<c r="A2" t="inlineStr"><is><r><rPr><i/></rPr><t>Ash</t></r><r><t> tree</t></r></is></c><c r="B2"><v>4</v></c><c '
            .'r="C2"><f>B2*2</f><v>8</v></c>',
            $sheet,
        );
        $this->assertMatchesRegularExpression('~<conditionalFormatting sqref="B4">.*<formula>C4&gt;50</formula>~s', $sheet);
        $this->assertStringContainsString('sqref="B2"><formula1>1</formula1>', $sheet);
        $this->assertStringContainsString('<hyperlink ref="A2" location="B1"/>', $sheet);
        $this->assertStringContainsString('<comment ref="B4"', $written['xl/comments1.xml']);
        $this->assertMatchesRegularExpression(
            '~<x:Anchor>2, 15, 2, 10, 4, 15, 6, 4</x:Anchor><x:Row>3</x:Row><x:Column>1</x:Column>~',
            $written['xl/drawings/vml1.vml'],
        );
        $workbook->undo();
        $this->assertSame($parts['xl/worksheets/sheet1.xml'], $workbook->written()['xl/worksheets/sheet1.xml']);
    }
}
