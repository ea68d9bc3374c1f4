<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\Opening;
use App\Models\Workbook;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\AtWork;
use Tests\TestCase;
use ZipArchive;

/** Every file is hostile until proven otherwise: a clear message, a 4xx, nothing stored. */
final class BadInputTest extends TestCase
{
    /** @return iterable<string, array{string, callable(): string, string}> name, bytes, words of the message */
    public static function files(): iterable
    {
        $sheet = fn (string $rows) => self::xlsx([
            'xl/worksheets/sheet1.xml' => '<?xml version="1.0"?><worksheet '
            .'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>'.
                $rows.
                '</sheetData></worksheet>',
        ]);
        yield 'empty' => ['a.csv', fn () => '', 'empty'];
        yield 'a picture renamed' => ['a.xlsx', fn () => "\x89PNG\r\n\x1A\nxxxx", 'PNG picture'];
        yield 'an unknown kind' => ['a.docx.exe', fn () => 'MZ....', 'no kind that can be brought in'];
        yield 'no zip at all' => ['a.xlsx', fn () => 'hello', 'does not begin like a zip'];
        yield 'a truncated zip' => ['a.xlsx', fn () => substr(self::xlsx(), 0, -200), 'cut off or damaged'];
        yield 'a zip of something else' => ['a.xlsx', fn () => self::zip(['readme.txt' => 'x']), 'no workbook is in it'];
        yield 'a zip archive as csv' => ['a.csv', fn () => self::zip(['a.csv' => 'a,b']), 'zip archive'];
        yield 'a bomb by ratio' => ['a.xlsx', fn () => self::xlsx(['xl/media/x.bin' => str_repeat("\0", 30_000_000)]), 'zip bombs'];
        yield 'a nested archive' => ['a.xlsx', fn () => self::xlsx(['xl/inner.zip' => self::zip(['a' => 'b'])]), 'another archive'];
        yield 'a path that leaves' => ['a.xlsx', fn () => self::xlsx(['../../etc/x.xml' => '<a/>']), 'leaves it'];
        yield 'external entities' => [
            'a.xlsx',
            fn () => self::xlsx([
                'xl/sharedStrings.xml' => '<?xml version="1.0"?><!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/passwd">]><sst>&e;</sst>',
            ]),
            'document type or entities',
        ];
        yield 'billion laughs' => [
            'a.xlsx',
            fn () => self::xlsx([
                'xl/styles.xml' => '<?xml version="1.0"?>'.str_repeat(' ', 5000).'<!DOCTYPE x [<!ENTITY a "aa"><!ENTITY b '
                .'"&a;&a;">]><x>&b;</x>',
            ]),
            'document type or entities',
        ];
        yield 'xml that is not well formed' => ['a.xlsx', fn () => self::xlsx(['xl/styles.xml' => '<a><b></a>']), 'no well-formed xml'];
        yield 'a password' => ['a.xlsx', fn () => "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1rest", 'password'];
        yield 'an encrypted ods' => [
            'a.ods',
            fn () => self::zip(['content.xml' => '<a/>', 'META-INF/manifest.xml' => '<m><encryption-data/></m>']),
            'password',
        ];
        yield 'column 16,385' => ['a.xlsx', fn () => $sheet('<row r="1"><c r="XFE1"><v>1</v></c></row>'), 'column XFD'];
        yield 'row 1,048,577' => ['a.xlsx', fn () => $sheet('<row r="1048577"><c r="A1048577"><v>1</v></c></row>'), 'row 1,048,57'];
        yield 'a cell of 5 MB' => [
            'a.xlsx',
            fn () => $sheet('<row r="1"><c r="A1" t="inlineStr"><is><t>'.self::noise(5_000_000).'</t></is></c></row>'),
            'at most 32,767',
        ];
        yield 'a cell of 5 MB in a csv' => ['a.csv', fn () => "a,b\n".str_repeat('x', 5_000_000).",1\n", 'at most 32,767'];
        yield 'columns in a csv' => ['a.csv', fn () => str_repeat('a,', 16_384)."b\n", '16,385 columns'];
        $ods = fn (string $rows) => self::zip([
            'mimetype' => 'application/vnd.oasis.opendocument.spreadsheet',
            'content.xml' => '<?xml version="1.0"?><office:document-content '
            .'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
            .'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0">'
            .'<office:body><office:spreadsheet><table:table table:name="A">'.
                $rows.
                '</table:table></office:spreadsheet></office:body></office:document-content>',
        ]);
        $one = fn (string $more = '') => '<table:table-cell office:value-type="float" office:value="1"'.
            $more.
            '><text:p>1</text:p></table:table-cell>';
        yield 'a row of an ods that stands for a million' => [
            'a.ods',
            fn () => $ods('<table:table-row table:number-rows-repeated="1000000">'.str_repeat($one(), 60).'</table:table-row>'),
            'cells',
        ];
        yield 'rows of an ods beyond the sheet' => [
            'a.ods',
            fn () => $ods(
                '<table:table-row table:number-rows-repeated="99999999999999999999"><table:table-cell/></table:table-row><table:table-row>'.
                    $one().
                    '</table:table-row>',
            ),
            'row 1,048,57',
        ];
        yield 'columns of an ods beyond the sheet' => [
            'a.ods',
            fn () => $ods('<table:table-row><table:table-cell table:number-columns-repeated="16384"/>'.$one().'</table:table-row>'),
            '16,384 columns',
        ];
        yield 'binary as csv' => ['a.csv', fn () => random_bytes(2_000), 'no text file'];
        yield 'an open quote' => ['a.csv', fn () => "a,b\n\"1,2\n", 'never closed'];
    }

    /** @param  callable(): string  $bytes */
    #[DataProvider('files')]
    public function test_a_bad_file_is_refused(string $name, callable $bytes, string $words): void
    {
        $answer = $this->drop($name, $bytes());
        if ($answer->status() === 201 && $answer->json('status') === 'proposed') {
            // Text is shown before it is kept; what is wrong in it is said there, and again when it is kept.
            $answer = $this->postJson($this->url("imports/{$answer->json('id')}/keep"));
            $this->assertSame('failed', $answer->json('status'));
        } else {
            $answer->assertUnprocessable();
        }
        $this->assertStringContainsString($words, (string) $answer->json('message'));
        $this->assertSame(0, Workbook::query()->count(), 'nothing is stored half');
        $this->assertSame([], glob(storage_path('app/imports/*')) ?: []);
    }

    public function test_markup_and_scripts_in_cells_stay_text(): void
    {
        $evil = '<script>alert(1)</script><img src=x onerror=alert(2)>';
        $workbook = $this->bringIn('x.csv', "Name,\"$evil\"\n\"$evil\",\"=HYPERLINK(\"\"http://x\"\")\"\n");
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'html', 'sheet' => 1])->assertCreated();
        $html = (string) $this->get($this->url("handovers/{$handover->json('id')}/file"))->streamedContent();
        $this->assertStringNotContainsString('<script', $html);
        $this->assertStringNotContainsString('<img', $html);
        $this->assertStringContainsString('&lt;script&gt;alert(1)&lt;/script&gt;', $html);
        $this->assertStringContainsString('<th scope="col"', $html);
    }

    public function test_a_csv_is_defused_only_when_asked(): void
    {
        $workbook = $this->bringIn('x.csv', "Name,Sum\na,=1+1\nb,-5\nc,@x\n");
        $this->assertSame(2, $this->get($this->url("workbooks/{$workbook->id}/sheets/1/risk"))->json('risky'));
        foreach ([[false, ",=1+1\r\n"], [true, ",'=1+1\r\n"]] as [$defuse, $expected]) {
            $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), [
                'format' => 'csv',
                'sheet' => 1,
                'defuse' => $defuse,
            ])->assertCreated();
            $text = (string) $this->get($this->url("handovers/{$handover->json('id')}/file"))->streamedContent();
            $this->assertStringContainsString($expected, $text);
            $this->assertStringContainsString(',-5', $text, 'a negative number is no formula');
        }
    }

    public function test_a_sheet_name_with_slashes_becomes_one_that_a_workbook_can_have(): void
    {
        $this->assertSame('a b c', Opening::sheetName('a/b\\c', []));
        $this->assertSame('Sheet', Opening::sheetName('///', []));
        $this->assertSame('X 2', Opening::sheetName('X', ['x']), 'names differ in more than capitals');
        $this->assertSame(31, mb_strlen(Opening::sheetName(str_repeat('é', 60), [])));
    }

    public function test_other_hosts_and_origins_get_403(): void
    {
        $this->withServerVariables(['HTTP_HOST' => 'evil.example'])
            ->get('http://evil.example/api/shelf')
            ->assertForbidden();
        $this->withServerVariables(['HTTP_HOST' => '127.0.0.1:8700'])
            ->withHeader('Origin', 'http://evil.example')
            ->get($this->url('shelf'))
            ->assertForbidden();
        $this->withHeader('Origin', 'http://127.0.0.1:8700')->get($this->url('shelf'))->assertOk();
    }

    public function test_a_change_without_the_token_is_refused(): void
    {
        // The framework lets tests through without a token; outside of them it does not.
        $this->app->detectEnvironment(fn () => 'production');
        $this->postJson($this->url('imports/paste'), ['text' => "a\tb"])->assertStatus(419);
    }

    /** Fourteen looks at once would read, lock and write one session; the one that gives a token writes the cookie of it. */
    public function test_looking_keeps_no_session_and_a_token_is_given_when_it_is_asked_for(): void
    {
        foreach (['shelf', 'imports', 'currencies'] as $path) {
            self::assertSame([], $this->getJson($this->url($path))->assertOk()->headers->getCookies(), $path);
        }
        $given = $this->get($this->url('token'))->assertNoContent();
        $token = $given->getCookie('XSRF-TOKEN', false)?->getValue();
        self::assertNotNull($token);
        $this->app->detectEnvironment(fn () => 'production');
        $this->withUnencryptedCookie(config('session.cookie'), (string) $given->getCookie(config('session.cookie'), false)?->getValue());
        $this->withHeader('X-XSRF-TOKEN', $token)->postJson($this->url('imports/paste'), ['text' => "a\tb"])->assertSuccessful();
    }

    public function test_wrong_requests_never_give_500(): void
    {
        $workbook = $this->bringIn('x.csv', "Name,Sum\na,1\nb,5\n");
        $base = "workbooks/{$workbook->id}";
        $acts = [
            ['act' => 'fly'],
            ['act' => 'dress', 'arguments' => ['stylebook' => 'No such']],
            ['act' => 'dress', 'arguments' => ['stylebook' => 5]],
            ['act' => 'dress', 'arguments' => ['sheets' => ['x']]],
            ['act' => 'dress', 'sheet' => 9, 'arguments' => ['stylebook' => 'Plain rule']],
            ['act' => 'correct'],
            ['act' => 'correct', 'arguments' => ['correction' => ['type' => 'rows', 'row' => -1]]],
            [
                'act' => 'correct',
                'arguments' => [
                    'correction' => ['type' => 'rows', 'row' => 1, 'column' => 1, 'first' => 5, 'last' => 2, 'part' => 'total'],
                ],
            ],
            ['act' => 'correct', 'arguments' => ['correction' => ['type' => 'column', 'row' => 1, 'column' => 1, 'kind' => 'magic']]],
            ['act' => 'type', 'arguments' => ['column' => 'A']],
            ['act' => 'rename', 'arguments' => ['name' => '']],
            ['act' => 'rename', 'arguments' => ['name' => str_repeat('x', 500)]],
        ];
        foreach ($acts as $act) {
            $this->postJson($this->url("$base/acts"), $act + ['revision' => 1, 'sheet' => 1])->assertUnprocessable();
        }
        $this->getJson($this->url("$base/sheets/1/window?top=0&left=1&bottom=5&right=5"))->assertUnprocessable();
        $this->getJson($this->url("$base/sheets/1/window?top=5&left=1&bottom=1&right=5"))->assertUnprocessable();
        $this->getJson($this->url("$base/sheets/1/window"))->assertUnprocessable();
        $this->getJson($this->url("$base/sheets/7/window?top=1&left=1&bottom=5&right=5"))->assertUnprocessable();
        $this->getJson($this->url("$base/sheets/1/figures?ranges=ZZZZ1"))->assertUnprocessable();
        $this->getJson($this->url('workbooks/99999'))->assertNotFound();
        $this->postJson($this->url("$base/handovers"), ['format' => 'exe'])->assertUnprocessable();
        $this->postJson($this->url('stylebooks'), ['json' => '{"name":"x","parts":{"heading":{"fill":"red"}}}'])
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $text) => str_contains($text, 'parts.heading'));
        $this->postJson($this->url('stylebooks'), ['json' => str_repeat('[', 100)])->assertUnprocessable();
    }

    public function test_good_packages_still_come_in(): void
    {
        $this->bringIn('good.xlsx', self::xlsx());
        $path = (string) tempnam(sys_get_temp_dir(), 'ods');
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree', 'Count'], ['Rowan', 3]]);
        (new Ods($book))->save($path);
        $this->bringIn('good.ods', (string) file_get_contents($path));
        unlink($path);
        $this->assertSame(2, Workbook::query()->count());
    }

    /** @param  array<string, string>  $parts added to, or put in the place of, those of a small good workbook */
    private static function xlsx(array $parts = []): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'xlsx');
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4]]);
        (new Xlsx($book))->save($path);
        $zip = new ZipArchive;
        $zip->open($path);
        foreach ($parts as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @param  array<string, string>  $entries */
    private static function zip(array $entries): string
    {
        $path = AtWork::zipped($entries);
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** Text that does not compress away, so that it is not taken for a bomb. */
    private static function noise(int $length): string
    {
        return substr(base64_encode(random_bytes($length)), 0, $length);
    }
}
