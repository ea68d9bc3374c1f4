<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Tests\TestCase;

/** Sheets that run from right to left (ISO/IEC 29500-1 18.3.1.87 rightToLeft; ISO/IEC 26300 style:writing-mode). */
final class RightToLeftTest extends TestCase
{
    public function test_texts_start_at_the_right_and_reach_over_what_follows(): void
    {
        $workbook = $this->bringIn('Mirrored.xlsx', self::xlsx());
        $this->assertTrue($this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->json('rightToLeft'));
        $cells = [];
        foreach (
            $this->get($this->url("workbooks/{$workbook->id}/sheets/1/window?top=1&left=1&bottom=6&right=6"))->json('cells') as $cell
        ) {
            $cells["{$cell['row']}.{$cell['column']}"] = $cell;
        }
        $this->assertSame('right', $cells['3.1']['align'], 'a text without an alignment of its own');
        $this->assertSame('right', $cells['3.2']['align'], 'a number stands right (18.18.40)');
        $this->assertSame('left', $cells['4.1']['align'], 'who says left means left');
        $this->assertSame([1, true], [$cells['1.1']['from'], $cells['1.1']['to'] > 1], 'a long title reaches over the columns that follow');
    }

    public function test_every_format_keeps_the_direction(): void
    {
        $workbook = $this->bringIn('Mirrored.xlsx', self::xlsx());
        $ods = $this->bringIn('Again.ods', $this->bytes($workbook, 'ods'));
        $this->assertTrue($this->get($this->url("workbooks/{$ods->id}/sheets/1"))->json('rightToLeft'));
        $path = (string) tempnam(sys_get_temp_dir(), 'rtl').'.xlsx';
        file_put_contents($path, $this->bytes($ods, 'xlsx'));
        $this->assertTrue(IOFactory::load($path)->getSheet(0)->getRightToLeft(), 'a new package, read by another library');
        $this->act($workbook, 'format', ['ranges' => 'A3', 'look' => ['bold' => true]]);
        $this->assertStringContainsString(
            'rightToLeft="true"',
            $this->written($workbook)['xl/worksheets/sheet1.xml'],
            'as the file says it',
        );
        $this->assertStringContainsString('<table dir="rtl">', $this->bytes($workbook, 'html'));
        $this->assertFalse(
            $this->get($this->url("workbooks/{$this->bringIn('Usual.csv', "Tree,Count\nRowan,5\n")->id}/sheets/1"))->json('rightToLeft'),
        );
    }

    private function bytes(Workbook $workbook, string $format): string
    {
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => $format, 'sheet' => 1])
            ->assertCreated()
            ->json();
        $this->assertSame('done', $handover['status'], (string) $handover['message']);

        return (string) file_get_contents(storage_path("app/handovers/{$handover['id']}.$format"));
    }

    private static function xlsx(): string
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->setRightToLeft(true);
        $sheet->fromArray([
            ['أشجار المشتل على ضفة النهر الكبير'],
            ['شجرة', 'عدد', 'حوض'],
            ['صفصاف', 5, 'شمال'],
            ['حور', 7, 'جنوب'],
            ['بتولا', 9, 'شرق'],
        ]);
        $sheet->getStyle('A4')->getAlignment()->setHorizontal('left');
        $path = (string) tempnam(sys_get_temp_dir(), 'rtl');
        (new Xlsx($book))->save($path);

        return (string) file_get_contents($path);
    }
}
