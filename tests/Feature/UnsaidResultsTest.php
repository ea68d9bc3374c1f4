<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\HandMade;
use Tests\TestCase;

/** Formulas that came without what they give (18.3.1.96: the value is optional) are calculated once the workbook stands. */
final class UnsaidResultsTest extends TestCase
{
    public function test_results_that_the_file_does_not_say_are_calculated_and_go_out_with_it(): void
    {
        $parts = HandMade::parts(
            '<row r="1"><c r="A1"><v>2</v></c><c r="B1"><f>A1*3</f></c><c r="C1"><f>B1+1</f></c></row><row r="2"><c '
            .'r="A2"><v>5</v></c><c r="B2"><f>A2*3</f></c><c r="C2"><f>UNKNOWN(A2)</f></c><c r="D2"><f>A2*9</f><v>44</v></c></row>',
        );
        $workbook = $this->bringIn('t.xlsx', (string) file_get_contents(HandMade::package($parts)));
        $texts = $this->texts($workbook);
        $this->assertSame(
            ['6', '7', '15', '44'],
            [$texts['1.2'], $texts['1.3'], $texts['2.2'], $texts['2.4']],
            'what the file says of D2 stays, right or wrong',
        );
        $this->assertSame('', $texts['2.3'] ?? '');
        $detail = $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1"))->json();
        $this->assertSame([0, 1], [$detail['waiting'], $detail['notCalculated']]);
        $written = $this->written($workbook)['xl/worksheets/sheet1.xml'];
        $this->assertStringContainsString('<f>A1*3</f><v>6</v>', $written);
        $this->assertStringContainsString('<f>A2*9</f><v>44</v>', $written);
        $this->assertSame([], $this->getJson($this->url("workbooks/{$workbook->id}/history"))->json(), 'nobody took a step yet');
        $this->act($workbook, 'edit', ['cells' => [[1, 1, '4']]]);
        $this->assertSame('12', $this->texts($workbook)['1.2']);
        $this->undo($workbook);
        $this->assertSame('6', $this->texts($workbook)['1.2']);
    }

    public function test_a_file_that_says_all_has_no_history(): void
    {
        $workbook = $this->bringIn(
            't.xlsx',
            (string) file_get_contents(
                HandMade::package(HandMade::parts('<row r="1"><c r="A1"><v>2</v></c><c r="B1"><f>A1*3</f><v>6</v></c></row>')),
            ),
        );
        $this->assertSame([], $this->getJson($this->url("workbooks/{$workbook->id}/history"))->json());
    }
}
