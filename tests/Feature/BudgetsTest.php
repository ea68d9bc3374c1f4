<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Files\FileKind;
use App\Files\Opening;
use App\Files\PastedTable;
use App\Files\Writing\Writers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Package\ZipWriter;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Tests\HandMade;
use Tests\Spent;
use Tests\TestCase;

/** Small inputs with a huge cost are refused by name, soon and in little memory; sound ones that only reach far are taken. */
final class BudgetsTest extends TestCase
{
    /** @return iterable<string, array{callable(): string, string}> a file, and what is said of it */
    public static function costly(): iterable
    {
        yield 'sizes of columns many times over' => [
            fn () => self::sheet(
                '<cols>'.str_repeat('<col min="1" max="16384" width="9"/>', 20_000).'</cols>',
                '<row r="1"><c r="A1"><v>1</v></c></row>',
            ),
            'sizes of its columns many times over',
        ];
        yield 'a long formula that thousands share' => [
            function () {
                $rows =
                    '<row r="1"><c r="A1"><f t="shared" ref="A1:A51000" si="0">'.
                    substr(str_repeat('B1+', 2_700), 0, -1).
                    '</f><v>1</v></c></row>';
                for ($row = 2; $row <= 51_000; $row++) {
                    $rows .= "<row r=\"$row\"><c r=\"A$row\"><f t=\"shared\" si=\"0\"/><v>1</v></c></row>";
                }

                return self::sheet('', $rows);
            }, 'shares formulas'];
        yield 'millions of blank texts' => [function () {
            $parts = HandMade::parts('<row r="1"><c r="A1" t="s"><v>0</v></c></row>', '<si><t>a</t></si>'.str_repeat('<si/>', 6_000_000));

            return HandMade::package($parts);
        },
            '400-fold',
        ];
        yield 'filled rows repeated a million times' => [
            fn () => self::ods(
                '<table:table-row table:number-rows-repeated="1000000">'.
                    str_repeat('<table:table-cell office:value-type="float" office:value="1"/>', 38).
                    '</table:table-row>',
            ),
            'repeats filled rows',
        ];
        yield 'blanks without an end' => [
            fn () => self::ods(
                '<table:table-row><table:table-cell office:value-type="string"><text:p>'.
                    str_repeat('<text:s text:c="32767"/>', 60_000).
                    '</text:p></table:table-cell></table:table-row>',
            ),
            'characters',
        ];
    }

    /** @param  callable(): string  $make */
    #[DataProvider('costly')]
    public function test_it_is_refused_by_name_soon(callable $make, string $words): void
    {
        $path = $make();
        $began = Spent::now();
        $memory = memory_get_peak_usage();
        try {
            (new Opening(fn (int $sheet) => new MemoryBlockStore()))->open(
                $path,
                str_contains($words, 'rows') || str_contains($words, 'characters') ? 'a.ods' : 'a.xlsx',
            );
            $this->fail('it was taken');
        } catch (Refusal $refusal) {
            $this->assertStringContainsString($words, $refusal->getMessage());
        } finally {
            unlink($path);
        }
        $this->assertLessThan(15, Spent::now() - $began, 'seconds');
        $this->assertLessThan(400, (memory_get_peak_usage() - $memory) / 1e6, 'MB');
    }

    #[TestWith(['XFD400000'])]
    #[TestWith(['ALL60000'])]
    public function test_a_few_cells_far_apart_are_taken_dressed_and_written_sparse(string $far): void
    {
        preg_match('/\d+/', $far, $row);
        $path = self::sheet(
            '',
            '<row r="1"><c r="A1" t="inlineStr"><is><t>Tree</t></is></c><c r="B1" t="inlineStr"><is><t>Count</t></is></c></row><row '
            .'r="2"><c r="A2" t="inlineStr"><is><t>Ash</t></is></c><c r="B2"><v>3</v></c></row><row r="'.
                $row[0].
                '"><c r="'.
                $far.
                '"><v>5</v></c></row>',
        );
        $workbook = (new Opening(fn (int $sheet) => new MemoryBlockStore()))->open($path, 'a.xlsx');
        $workbook = (new Dress([1], Builtin::named('River ledger')))->on($workbook);
        $workbook = (new EditCells(1, [3 => [1 => 'Elm']]))->on($workbook);
        $this->assertInstanceOf(EditedSheet::class, $workbook->sheet(1)->cells);
        $faulty = (new EditCells(1, [(int) $row[0] => [1 => Cell::error('#N/A')]]))->on($workbook);
        $this->assertSame(["A$row[0]"], array_map(fn (Finding $one) => $one->range, Checks::on($faulty, Checks::all())));
        foreach (['xlsx' => 20_000, 'ods' => 20_000, 'csv' => 2_000_000, 'html' => 30_000_000] as $format => $most) {
            $writer = Writers::for($format, false, 1, $format === 'xlsx' ? $path : null, [1]);
            assert($writer !== null);
            $writer->write($workbook, "$path.$format");
            $this->assertTrue($writer->prove($workbook, "$path.$format")->holds(), $format);
            $this->assertLessThan($most, filesize("$path.$format"), $format);
            unlink("$path.$format");
        }
        unlink($path);
    }

    public function test_a_selection_that_comes_apart_into_millions_of_pieces_is_refused(): void
    {
        $workbook = $this->bringIn('t.csv', "a,b\n1,2\n");
        $ranges = implode(
            ',',
            array_merge(
                ...array_map(
                    fn (int $at) => ['A'. 2 * $at.':XFD'. 2 * $at, chr(65 + ($at % 26)).'1:'.chr(65 + ($at % 26)).'1048576'],
                    range(1, 900),
                ),
            ),
        );
        $this->get($this->url("workbooks/{$workbook->id}/sheets/1/figures?ranges=".urlencode($ranges)))
            ->assertUnprocessable()
            ->assertJsonPath('message', fn (string $words) => str_contains($words, 'ranges'));
    }

    public function test_a_pasted_table_of_spans_and_a_palette_of_thousands_are_refused(): void
    {
        foreach (
            [
                fn () => PastedTable::rows('', '<table>'.str_repeat('<tr><td colspan="16384">x</td></tr>', 20_000).'</table>'),
                fn () => Stylebook::fromJson(
                    (string) json_encode([
                        'name' => 'Many',
                        'palette' => array_combine(
                            array_map(fn (int $at) => 'Colour '.$at, range(1, 30_000)),
                            array_fill(0, 30_000, '#123456'),
                        ),
                    ]),
                ),
            ] as $try
        ) {
            try {
                $try();
                $this->fail('it was taken');
            } catch (Refusal $refusal) {
                $this->assertMatchesRegularExpression('/more than|at most/', $refusal->getMessage());
            }
        }
    }

    public function test_what_looks_like_a_formula_in_a_pasted_table_is_a_text(): void
    {
        $workbook = $this->bringIn(
            't.xlsx',
            (string) file_get_contents(HandMade::package(HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row>'))),
        );
        $this->act($workbook, 'paste', [
            'row' => 3,
            'column' => 1,
            'text' => "=1+1\t5",
            'html' => '<table><tr><td>=1+1</td><td>5</td></tr></table>',
        ]);
        $this->assertSame('=1+1', $this->texts($workbook)['3.1']);
        $this->assertSame('=1+1', $this->get($this->url("workbooks/{$workbook->id}/sheets/1/content?row=3&column=1"))->json('text'));
    }

    public function test_a_name_that_is_no_text_is_cleaned(): void
    {
        $workbook = $this->bringIn("Gr\xFCn.csv", "a,b\n1,2\n");
        $this->assertTrue(mb_check_encoding($workbook->name, 'UTF-8'));
        $this->get($this->url('shelf'))->assertOk();
    }

    public function test_pages_from_elsewhere_read_nothing(): void
    {
        $this->withHeader('Sec-Fetch-Site', 'cross-site')->get($this->url('shelf'))->assertForbidden();
        $answer = $this->withHeader('Sec-Fetch-Site', 'same-origin')->get($this->url('shelf'))->assertOk();
        $answer->assertHeaderMissing('Access-Control-Allow-Origin')->assertHeader('Cross-Origin-Resource-Policy', 'same-origin');
    }

    private static function sheet(string $before, string $rows): string
    {
        $parts = HandMade::parts($rows);
        $parts['xl/worksheets/sheet1.xml'] = str_replace('<sheetData>', "$before<sheetData>", $parts['xl/worksheets/sheet1.xml']);

        return HandMade::package($parts);
    }

    private static function ods(string $rows): string
    {
        $namespaces =
            'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
            .'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"';
        $path = (string) tempnam(sys_get_temp_dir(), 'ods');
        $out = fopen($path, 'w+b');
        assert($out !== false);
        $zip = new ZipWriter($out);
        $zip->add('mimetype', 'application/vnd.oasis.opendocument.spreadsheet');
        $zip->add(
            'content.xml',
            "<?xml version=\"1.0\"?><office:document-content $namespaces office:version=\"1.3\"><office:body><office:spreadsheet>"
            ."<table:table table:name=\"T\">$rows</table:table></office:spreadsheet></office:body></office:document-content>",
        );
        $zip->finish();
        fclose($out);
        assert(FileKind::of($path, 'a.ods') === FileKind::Ods);

        return $path;
    }
}
