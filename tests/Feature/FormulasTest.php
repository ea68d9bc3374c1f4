<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\RowReader;
use Rilvet\Xlsx\SheetStream;
use Tests\HandMade;
use Tests\TestCase;

/** What formulas gave stays what they gave, unless something that they look at has changed. */
final class FormulasTest extends TestCase
{
    /**
     * Formulas that a calculation here knows nothing of, or not enough: with the result that their file says.
     *
     * @return iterable<string, array{string}>
     */
    public static function shapes(): iterable
    {
        $shapes = [
            'a name' => '<f>Rate*B2</f><v>26</v>',
            'a name of a table' => '<f>SUM(Stock[Count])</f><v>12</v>',
            'another workbook' => '<f>[1]Prices!$A$1*2</f><v>8.5</v>',
            'sheets from one to another' => '<f>SUM(One:Two!B2)</f><v>20</v>',
            'a function of a person\'s own' => '<f>TREEHEIGHT(B2)</f><v>4.25</v>',
            'LET' => '<f>_xlfn.LET(_xlpm.x,B2,_xlpm.x*2)</f><v>26</v>',
            'LAMBDA' => '<f>_xlfn.LAMBDA(_xlpm.x,_xlpm.x+1)(B2)</f><v>14</v>',
            'AGGREGATE' => '<f>AGGREGATE(9,5,B2:B3)</f><v>12</v>',
            'XMATCH' => '<f>_xlfn.XMATCH(8,B2:B3)</f><v>2</v>',
            'CELL' => '<f>CELL("row",B3)</f><v>3</v>',
            'GETPIVOTDATA' => '<f>GETPIVOTDATA("Count",$F$1)</f><v>77</v>',
            'CUBEVALUE' => '<f>CUBEVALUE("Stock","[Count]")</f><v>99</v>',
            'INDIRECT' => '<f>INDIRECT("B"&amp;2)</f><v>4</v>',
            'OFFSET' => '<f>OFFSET(B1,1,0)</f><v>4</v>',
            'an array' => '<f t="array" ref="D2">SUM(B2:B3*B2:B3)</f><v>80</v>',
            'a date' => '<f>DATE(2026,5,1)</f><v>44681</v>',
            'an error of its own' => '<f>NA()</f><v>7</v>',
            'a circle' => '<f>D2+1</f><v>3</v>',
            'something that is no formula' => '<f>B2+)(</f><v>5</v>',
        ];
        foreach ($shapes as $name => $cell) {
            yield $name => [$cell];
        }
    }

    #[DataProvider('shapes')]
    public function test_an_unrelated_typed_cell_and_a_row_put_in_leave_what_every_formula_gave(string $cell): void
    {
        $workbook = $this->workbook($cell);
        $before = $this->texts($workbook)['2.4'];
        $this->act($workbook, 'edit', ['cells' => [[6, 6, '17']]]);
        $this->assertSame($before, $this->texts($workbook)['2.4']);
        $this->assertSame($this->given($cell), $this->handedOver($workbook)['D2']['v'] ?? null);
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 5, 'count' => 1, 'in' => true]);
        $this->assertSame($this->given($cell), $this->handedOver($workbook)['D2']['v'] ?? null);
        $this->undo($workbook);
        $this->undo($workbook);
        $this->assertSame($before, $this->texts($workbook)['2.4']);
    }

    public function test_what_depends_on_a_typed_cell_is_calculated_through_names_tables_and_sheets(): void
    {
        $workbook = $this->workbook(
            '<f>SUM(Stock[Count])*Rate</f><v>24</v>',
            two: '<row r="1"><c r="A1"><f>One!D2+1</f><v>25</v></c><c r="B1"><f>VLOOKUP("Ash",One!A2:B3,2,FALSE)</f><v>8</v></c></row>',
        );
        $this->act($workbook, 'edit', ['cells' => [[3, 2, '10']]]);
        $this->assertSame('28', $this->texts($workbook)['2.4']);
        $other = $this->get($this->url("workbooks/{$workbook->id}/sheets/2/window?top=1&left=1&bottom=1&right=2"))->json('cells');
        $this->assertSame(['29', '10'], array_column($other, 'text'));
        $this->undo($workbook);
        $this->assertSame('24', $this->texts($workbook)['2.4']);
    }

    public function test_what_cannot_be_calculated_keeps_its_value_and_is_marked_and_asks_for_a_calculation(): void
    {
        $workbook = $this->workbook('<f>TREEHEIGHT(B2)</f><v>4.25</v>', '<c r="E2"><f>D2*2</f><v>8.5</v></c>');
        $answer = $this->act($workbook, 'edit', ['cells' => [[2, 2, '5']]]);
        $this->assertSame(['4.25', '8.5'], [$this->texts($workbook)['2.4'], $this->texts($workbook)['2.5']]);
        $this->assertSame([2, 0], [$answer->json('sheet.notCalculated'), $answer->json('sheet.waiting')]);
        $book = $this->written($workbook);
        $this->assertStringContainsString('fullCalcOnLoad="1"', $book['xl/workbook.xml']);
        $this->undo($workbook);
        $this->assertSame(0, $this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->json('notCalculated'));
        $this->assertStringNotContainsString('fullCalcOnLoad', $this->written($workbook)['xl/workbook.xml']);
    }

    /** The library's answer is believed only where it gives, from the state before, what the file says. */
    public function test_a_result_that_the_calculation_here_would_not_have_given_is_not_replaced_by_its_next_one(): void
    {
        // A formula of the file's own program that rounds in a way of its own.
        $workbook = $this->workbook('<f>ROUND(B2/3,1)</f><v>1.5</v>');
        $answer = $this->act($workbook, 'edit', ['cells' => [[2, 2, '9']]]);
        $this->assertSame('1.5', $this->texts($workbook)['2.4']);
        $this->assertSame(1, $answer->json('sheet.notCalculated'));
    }

    /** Dates count from 1 January 1904 (ISO/IEC 29500-1 18.17.4.1): 1 May 2026 is day 44,681 there, and 46,143 otherwise. */
    public function test_dates_that_count_from_1904_are_calculated_so(): void
    {
        $parts = $this->parts('<f>DATE(2026,5,B2)</f><v>44684</v>');
        $parts['xl/workbook.xml'] = str_replace('<sheets>', '<workbookPr date1904="1"/><sheets>', $parts['xl/workbook.xml']);
        $workbook = $this->bringIn('t.xlsx', (string) file_get_contents(HandMade::package($parts)));
        $this->act($workbook, 'edit', ['cells' => [[2, 2, '1']]]);
        $this->assertSame('44681', $this->texts($workbook)['2.4']);
    }

    public function test_arrays_stay_arrays_and_shared_formulas_mean_the_same_where_rows_and_columns_come_and_go(): void
    {
        $parts = HandMade::parts(
            '<row r="1"><c r="A1"><v>1</v></c><c r="B1"><v>2</v></c></row><row r="2"><c r="A2"><v>3</v></c><c r="B2"><v>4</v></c></row>'.
                '<row r="4"><c r="A4" cm="1"><f t="array" ref="A4:B5">A1:B2*2</f><v>2</v></c><c r="B4"><v>4</v></c></row><row r="5"><c '
                .'r="A5"><v>6</v></c><c r="B5"><v>8</v></c></row>'.
                '<row r="7"><c r="A7"><f t="shared" ref="A7:C7" si="0">A1+A2</f><v>4</v></c><c r="B7"><f t="shared" '
                .'si="0"/><v>6</v></c><c r="C7" t="inlineStr"><is><r><rPr><b/></rPr><t>bold</t></r><r><t> not</t></r></is></c></row>',
        );
        $workbook = $this->bringIn('t.xlsx', (string) file_get_contents(HandMade::package($parts)));
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 3, 'count' => 2, 'in' => true]);
        $sheet = $this->written($workbook)['xl/worksheets/sheet1.xml'];
        $this->assertStringContainsString(
            '<c r="A6" cm="1"><f t="array" ref="A6:B7">A1:B2*2</f><v>2</v></c><c r="B6"><v>4</v></c>',
            $sheet,
        );
        $this->assertStringContainsString('<c r="B9"><f t="shared" si="0"/><v>6</v></c>', $sheet);
        $this->assertStringContainsString(
            '<c r="C9" t="inlineStr"><is><r><rPr><b/></rPr><t>bold</t></r><r><t> not</t></r></is></c>',
            $sheet,
            'parts of texts with looks of their own go along',
        );
        $this->act($workbook, 'move', ['axis' => 'columns', 'at' => 1, 'count' => 1, 'in' => true]);
        $this->assertStringContainsString(
            '<c r="B6" cm="1"><f t="array" ref="B6:C7">B1:C2*2</f><v>2</v></c><c r="C6"><v>4</v></c>',
            $this->written($workbook)['xl/worksheets/sheet1.xml'],
        );
        $this->undo($workbook);
        $this->undo($workbook);
        $this->assertSame(
            $parts['xl/worksheets/sheet1.xml'],
            $this->written($workbook)['xl/worksheets/sheet1.xml'],
            'what was put in and taken out again leaves the same bytes',
        );
    }

    public function test_more_than_fits_into_an_act_is_calculated_behind_the_screen_and_undone_with_it(): void
    {
        $rows = 3_000;
        $lines = implode("\n", array_map(fn (int $row) => "$row,2", range(1, $rows)));
        $workbook = $this->bringIn('t.csv', "Count,Each\n$lines\n");
        $cells = array_map(fn (int $row) => [$row, 3, "=A$row*\$B\$2+SUM(B$row:B".($row + 5).')'], range(2, $rows));
        $this->act($workbook, 'edit', ['cells' => $cells]);
        // The queue runs at once in tests: what waited is done.
        $sheet = $this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->json();
        $this->assertSame([0, 0], [$sheet['waiting'], $sheet['notCalculated']]);
        $this->assertSame(2 * ($rows - 1) + 2, (int) $this->textAt($workbook, $rows, 3) - 2);
        $this->undo($workbook);
        $this->assertSame('', $this->textAt($workbook, 50, 3));
    }

    public function test_the_proof_tells_results_that_were_calculated_anew(): void
    {
        $workbook = $this->workbook('<f>B2*2</f><v>8</v>');
        $this->act($workbook, 'edit', ['cells' => [[2, 2, '5']]]);
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx', 'sheet' => 1])
            ->assertCreated()
            ->json();
        $this->assertSame('done', $handover['status'], (string) $handover['message']);
        $this->assertSame([1, ['One!D2'], 0], [$handover['results'], $handover['resultPlaces'], $handover['values']]);
    }

    private function textAt(Workbook $workbook, int $row, int $column): string
    {
        return (string) ($this->get(
            $this->url("workbooks/{$workbook->id}/sheets/1/window?top=$row&left=$column&bottom=$row&right=$column"),
        )->json('cells.0.text') ?? '');
    }

    /** @return array<string, string> */
    private function parts(string $cell, string $more = '', string $two = ''): array
    {
        $start = str_starts_with($cell, '<c') ? $cell : "<c r=\"D2\">$cell</c>";
        $parts = HandMade::parts(
            '<row r="1"><c r="A1" t="inlineStr"><is><t>Tree</t></is></c><c r="B1" t="inlineStr"><is><t>Count</t></is></c><c '
            .'r="C1"><v>2</v></c></row><row r="2"><c r="A2" t="inlineStr"><is><t>Rowan</t></is></c><c '
            ."r=\"B2\"><v>4</v></c>$start$more</row><row r=\"3\"><c r=\"A3\" t=\"inlineStr\"><is><t>Ash</t></is></c><c "
            .'r="B3"><v>8</v></c></row>',
        );
        $parts['xl/workbook.xml'] = str_replace(
            '</sheets>',
            '<sheet name="Two" sheetId="2" r:id="rId9"/></sheets><definedNames><definedName '
            .'name="Rate">One!$C$1</definedName></definedNames>',
            $parts['xl/workbook.xml'],
        );
        $parts['xl/_rels/workbook.xml.rels'] = str_replace(
            '</Relationships>',
            '<Relationship Id="rId9" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" '
            .'Target="worksheets/sheet2.xml"/></Relationships>',
            $parts['xl/_rels/workbook.xml.rels'],
        );
        $parts['xl/worksheets/sheet2.xml'] = '<worksheet xmlns="'.HandMade::MAIN."\"><sheetData>$two</sheetData></worksheet>";
        $parts['xl/worksheets/_rels/sheet1.xml.rels'] =
            '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" '
            .'Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/table" '
            .'Target="../tables/table1.xml"/></Relationships>';
        $parts['xl/tables/table1.xml'] =
            '<table xmlns="'.
            HandMade::MAIN.
            '" id="1" name="Stock" displayName="Stock" ref="A1:B3"><tableColumns count="2"><tableColumn id="1" '
            .'name="Tree"/><tableColumn id="2" name="Count"/></tableColumns></table>';

        return $parts;
    }

    private function workbook(string $cell, string $more = '', string $two = ''): Workbook
    {
        return $this->bringIn('t.xlsx', (string) file_get_contents(HandMade::package($this->parts($cell, $more, $two))));
    }

    private function given(string $cell): int|float
    {
        return preg_match('~<v>([^<]+)</v>~', $cell, $found) === 1 ? $found[1] + 0 : 0;
    }

    /** @return array<string, array<string, mixed>> formulas of the first sheet as stored, by address */
    private function handedOver(Workbook $workbook): array
    {
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx', 'sheet' => 1])
            ->assertCreated()
            ->json();
        $this->assertSame('done', $handover['status'], (string) $handover['message']);
        $stream = fopen((string) \App\Models\Handover::query()->findOrFail($handover['id'])->file()->local(), 'rb');
        assert($stream !== false);
        $book = new Book($stream);
        $reader = new RowReader($book->texts(), [], 'sheet');
        $found = [];
        foreach ((new SheetStream($book->package, $book->sheets[0]->part))->rows() as $row => [, $xml]) {
            foreach ($reader->cells($row, $xml)[0] as $index => $stored) {
                if (is_array($stored)) {
                    $found[chr(65 + $index).$row] = $stored;
                }
            }
        }
        fclose($stream);

        return $found;
    }
}
