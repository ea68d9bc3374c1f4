<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use Tests\HandMade;
use Tests\TestCase;
use ZipArchive;

/**
 * The two date systems (ISO/IEC 29500-1 18.17.4.1) through everything that shows or writes a date: 1 May 2026 is day 44,681
 * where days count from 1904, and 46,143 otherwise.
 */
final class DateSystemTest extends TestCase
{
    private const DAYS = [1904 => 44_681, 1900 => 46_143];

    public function test_a_date_is_shown_fitted_and_written_the_same_in_both_systems(): void
    {
        $seen = [];
        foreach (array_keys(self::DAYS) as $system) {
            $workbook = $this->planted($system);
            $this->act($workbook, 'format', ['ranges' => 'B2:B3', 'look' => ['number' => 'dddd, d mmmm yyyy']]);
            $this->act($workbook, 'resize', ['axis' => 'columns', 'spans' => [[1, 2]]]);
            $window = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/window?top=1&left=1&bottom=4&right=3"))->assertOk();
            $figures = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/number?row=2&column=2"))->assertOk();
            $seen[$system] = [
                $this->texts($workbook)['2.2'], $window->json('widths'), $figures->json('shown'),
                $this->file($workbook, 'csv'), preg_match('~Friday, 1 May 2026~', $this->file($workbook, 'html')),
            ];
            $this->assertStringContainsString(
                $system === 1904 ? 'from 1 January 1904' : 'from the end of 1899',
                $figures->json('explained'),
            );
            $parts = $this->written($workbook);
            $this->assertSame($system === 1904, str_contains($parts['xl/workbook.xml'], 'date1904="1"'));
            $this->assertStringContainsString('<v>'.self::DAYS[$system].'</v>', $parts['xl/worksheets/sheet1.xml']);
            $this->assertStringContainsString('office:date-value="2026-05-01', $this->contents($this->file($workbook, 'ods')));
        }
        $this->assertSame('Friday, 1 May 2026', $seen[1904][0]);
        $this->assertSame($seen[1900], $seen[1904]);
    }

    public function test_a_date_that_is_typed_is_one_of_the_workbooks_own_days(): void
    {
        foreach (self::DAYS as $system => $day) {
            $workbook = $this->planted($system);
            $this->act($workbook, 'edit', ['cells' => [[3, 2, '1 May 2026']]]);
            $this->act($workbook, 'format', ['ranges' => 'B3', 'look' => ['number' => 'General']]);
            $this->assertSame((string) $day, $this->texts($workbook)['3.2'], "$system");
        }
    }

    private function planted(int $system): Workbook
    {
        $day = self::DAYS[$system];
        $parts = HandMade::parts(
            '<row r="1"><c r="A1" t="inlineStr"><is><t>Tree</t></is></c><c r="B1" t="inlineStr"><is><t>Planted</t></is></c></row>'
            ."<row r=\"2\"><c r=\"A2\" t=\"inlineStr\"><is><t>Rowan</t></is></c><c r=\"B2\"><v>$day</v></c></row>"
            .'<row r="3"><c r="A3" t="inlineStr"><is><t>Aspen</t></is></c><c r="B3"><v>'.($day + 30).'</v></c></row>',
        );
        if ($system === 1904) {
            $parts['xl/workbook.xml'] = str_replace('<sheets>', '<workbookPr date1904="1"/><sheets>', $parts['xl/workbook.xml']);
        }
        $workbook = $this->bringIn("$system.xlsx", (string) file_get_contents(HandMade::package($parts)));
        $this->assertSame($system === 1904, (bool) $workbook->from1904);

        return $workbook;
    }

    private function file(Workbook $workbook, string $format): string
    {
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), [
            'format' => $format,
            'sheet' => 1,
        ])->assertCreated();
        $this->assertSame('done', $handover->json('status'), (string) $handover->json('message'));

        return (string) $this->get($this->url("handovers/{$handover->json('id')}/file"))->assertOk()->streamedContent();
    }

    private function contents(string $ods): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'rilvet');
        file_put_contents($file, $ods);
        $zip = new ZipArchive;
        $this->assertTrue($zip->open($file));
        $contents = (string) $zip->getFromName('content.xml');
        $zip->close();
        unlink($file);

        return $contents;
    }
}
