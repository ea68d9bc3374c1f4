<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Bench;
use App\Models\Workbook;
use Tests\HandMade;
use Tests\TestCase;
use ZipArchive;

/** Hand-overs through the server: back into the package, as ods, and what a person is told before. */
final class HandingOverTest extends TestCase
{
    /** A figure that was rounded to nothing from below keeps its sign in a text file, and is 0 everywhere else. */
    public function test_a_zero_below_zero_is_handed_over_in_every_format(): void
    {
        $workbook = $this->bringIn('frost.tsv', "When\tLow\tHumid\n2026-01-02\t-1.2\t72%\n2026-01-03\t-0.0\t71%\n2026-01-04\t-4.8\t96%\n");
        foreach (['xlsx', 'ods', 'csv', 'tsv', 'html'] as $format) {
            $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), [
                'format' => $format,
                'sheet' => 1,
            ])->assertCreated();
            $this->assertSame(
                ['done', 0, null],
                [$handover->json('status'), $handover->json('values'), $handover->json('message')],
                $format,
            );
        }
    }

    public function test_an_xlsx_goes_back_into_its_package_with_all_that_came_in_it(): void
    {
        $workbook = $this->bringIn('lots.xlsx', self::package());
        $this->assertFileExists($workbook->package()->local());
        $this->assertStringContainsString(
            'pictures (1)',
            implode(' ', $this->getJson($this->url("workbooks/{$workbook->id}"))->json('notices')),
        );
        $same = $this->parts($this->handedOver($workbook, 'xlsx'));
        $this->assertSame('not to be lost', $same['xl/media/image1.png']);
        $this->act($workbook, 'format', ['ranges' => 'B2', 'look' => ['bold' => true]]);
        $this->assertSame([], app(Bench::class)->edited($workbook));
        $parts = $this->parts($this->handedOver($workbook, 'xlsx'));
        $this->assertSame($same['xl/media/image1.png'], $parts['xl/media/image1.png']);
        $this->assertSame($same['xl/sharedStrings.xml'], $parts['xl/sharedStrings.xml']);
        $this->assertNotSame($same['xl/styles.xml'], $parts['xl/styles.xml']);
        // Taken back, the package is what it was.
        $this->undo($workbook);
        $this->assertSame($same, $this->parts($this->handedOver($workbook, 'xlsx')));
        $this->act($workbook, 'edit', ['cells' => [[2, 2, '77']]]);
        $this->assertSame([1], app(Bench::class)->edited($workbook));
        $parts = $this->parts($this->handedOver($workbook, 'xlsx'));
        $this->assertStringContainsString('<c r="B2"><v>77</v></c>', $parts['xl/worksheets/sheet1.xml']);
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 2, 'count' => 1, 'in' => true]);
        $this->assertStringContainsString(
            '<c r="B3"><v>77</v></c>',
            $this->parts($this->handedOver($workbook, 'xlsx'))['xl/worksheets/sheet1.xml'],
        );
    }

    public function test_a_workbook_goes_out_as_ods_and_comes_in_again(): void
    {
        $workbook = $this->bringIn('lots.xlsx', self::package());
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger']);
        $bytes = $this->handedOver($workbook, 'ods');
        $this->assertStringStartsWith("PK\x03\x04", $bytes);
        // ISO/IEC 26300-3, 3.3: the media type stands first and unpacked, so that it can be read off the file.
        $this->assertSame('mimetypeapplication/vnd.oasis.opendocument.spreadsheet', substr($bytes, 30, 54));
        $this->assertStringContainsString('style:display-name="River ledger: column headings"', $this->parts($bytes)['styles.xml']);
        $again = $this->bringIn('again.ods', $bytes);
        $this->assertSame($this->texts($workbook), $this->texts($again));
    }

    public function test_a_person_is_told_what_a_format_does_not_carry(): void
    {
        $workbook = $this->bringIn('lots.xlsx', self::package());
        $lost = fn () => array_column(
            $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1/formats"))->assertOk()->json(),
            'lost',
            'format',
        );
        $this->assertSame([], $lost()['xlsx']);
        $this->assertSame(['Charts, pictures, comments and the like that came in the xlsx stay in the xlsx.'], $lost()['ods']);
        $this->assertSame(['Looks and sizes are left out.'], $lost()['csv']);
        $this->act($workbook, 'format', ['ranges' => 'A1:B1', 'look' => ['horizontal' => 'span']]);
        $this->act($workbook, 'edit', ['cells' => [[5, 1, '=SUM(B2:B3)']]]);
        $this->act($workbook, 'move', ['axis' => 'columns', 'at' => 1, 'count' => 1, 'in' => true]);
        $this->assertStringContainsString('centred in their own', implode($lost()['ods']));
        $this->assertStringContainsString('results', implode($lost()['html']).implode($lost()['tsv']));
        $this->assertStringContainsString('plain range', implode($lost()['xlsx']));
    }

    private function handedOver(Workbook $workbook, string $format): string
    {
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), [
            'format' => $format,
            'sheet' => 1,
        ])->assertCreated();
        $this->assertSame('done', $handover->json('status'), (string) $handover->json('message'));

        return (string) file_get_contents(storage_path("app/handovers/{$handover->json('id')}.$format"));
    }

    /** @return array<string, string> */
    private function parts(string $bytes): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'out');
        file_put_contents($path, $bytes);
        $zip = new ZipArchive;
        $this->assertTrue($zip->open($path, ZipArchive::CHECKCONS));
        $parts = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $parts[(string) $zip->getNameIndex($index)] = (string) $zip->getFromIndex($index);
        }
        $zip->close();
        unlink($path);

        return $parts;
    }

    private static function package(): string
    {
        $rows =
            '<row r="1"><c r="A1" t="inlineStr"><is><t>Tree</t></is></c><c r="B1" t="inlineStr"><is><t>Count</t></is></c></row><row '
            .'r="2"><c r="A2" t="inlineStr"><is><t>Rowan</t></is></c><c r="B2"><v>12</v></c></row><row r="3"><c r="A3" '
            .'t="inlineStr"><is><t>Ash</t></is></c><c r="B3"><v>30</v></c></row>';
        $path = HandMade::package(HandMade::parts($rows) + ['xl/media/image1.png' => 'not to be lost', 'xl/' => '']);
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
