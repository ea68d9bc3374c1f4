<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Bench;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Formula\References;
use Tests\TestCase;

/** Names, colours and visibility of sheets; sizes and sorting through the server. */
final class SheetsTest extends TestCase
{
    public function test_a_sheet_gets_another_name_and_formulas_say_it(): void
    {
        $workbook = $this->bringIn('two.xlsx', self::book());
        $this->act($workbook, 'sheet', ['name' => "Lots & beds' end x"]);
        $sheets = fn () => array_column($this->getJson($this->url("workbooks/{$workbook->id}"))->json('sheets'), 'name');
        $this->assertSame(["Lots & beds' end x", 'Sums'], $sheets());
        $content = fn () => $this->getJson($this->url("workbooks/{$workbook->id}/sheets/2/content?row=1&column=1"))->json('text');
        $this->assertSame("='Lots & beds'' end x'!A2*2", $content());
        $this->undo($workbook);
        $this->assertSame([['Lots', 'Sums'], '=Lots!A2*2'], [$sheets(), $content()]);
    }

    public function test_a_sheet_is_hidden_and_coloured_but_never_the_last_one(): void
    {
        $workbook = $this->bringIn('two.xlsx', self::book());
        $this->act($workbook, 'sheet', ['hidden' => true, 'colour' => '#2c6e66']);
        $sheet = $this->getJson($this->url("workbooks/{$workbook->id}"))->json('sheets.0');
        $this->assertSame(['hidden', '#2C6E66'], [$sheet['state'], $sheet['tab']]);
        $answer = $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => 'sheet',
            'revision' => $workbook->refresh()->revision,
            'sheet' => 2,
            'arguments' => ['hidden' => true],
        ])->assertUnprocessable();
        $this->assertStringContainsString('one sheet at least', (string) $answer->json('message'));
        $this->act($workbook, 'sheet', ['hidden' => false, 'colour' => 'none']);
        $sheet = $this->getJson($this->url("workbooks/{$workbook->id}"))->json('sheets.0');
        $this->assertSame(['visible', null], [$sheet['state'], $sheet['tab']]);
    }

    public function test_wrong_names_are_refused(): void
    {
        $workbook = $this->bringIn('two.xlsx', self::book());
        foreach (
            [
                '' => '31 characters',
                'a/b' => '31 characters',
                "'x" => '31 characters',
                str_repeat('x', 32) => '31 characters',
                'SUMS' => 'already',
            ] as $name => $words
        ) {
            $this->refused($workbook, 'sheet', ['name' => $name], $words);
        }
        $this->refused($workbook, 'sheet', ['colour' => 'sky'], 'colour');
    }

    /** @return iterable<array{string, string}> */
    public static function formulas(): iterable
    {
        yield ['Lots!A1+lots!B2', 'New!A1+New!B2'];
        yield ["'Lots'!A1:B2", 'New!A1:B2'];
        yield ['SUM(Lots!A:A,Lotsa!A1)', 'SUM(New!A:A,Lotsa!A1)'];
        yield ['"Lots!A1"&Lots!C3', '"Lots!A1"&New!C3'];
        yield ['A1+B2', 'A1+B2'];
    }

    #[DataProvider('formulas')]
    public function test_references_to_a_sheet_say_its_new_name(string $formula, string $expected): void
    {
        $this->assertSame($expected, References::toSheet($formula, 'Lots', 'New'));
    }

    public function test_sizes_sorting_and_how_a_sheet_opens_go_through_the_server(): void
    {
        $workbook = $this->bringIn('a.csv', "Tree,Count\nRowan,30\nAsh,4\nElm,12\n");
        $this->act($workbook, 'resize', ['axis' => 'columns', 'spans' => [[1, 2]], 'size' => '20 mm']);
        $detail = $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1"))->json();
        $this->assertSame([[76, 76], [1, 2]], [array_slice($detail['widths'], 0, 2), $detail['heldColumns']]);
        $this->act($workbook, 'sort', ['row' => 2, 'column' => 1, 'keys' => [[2, false]]]);
        $texts = $this->texts($workbook);
        $this->assertSame(['Ash', 'Elm', 'Rowan'], [$texts['2.1'], $texts['3.1'], $texts['4.1']]);
        $this->undo($workbook);
        $this->assertSame('Rowan', $this->texts($workbook)['2.1']);
        $this->act($workbook, 'opening', ['parts' => true, 'zoom' => 85]);
        $detail = $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1"))->json();
        $this->assertSame([1, 85], [$detail['freezeRow'], $detail['zoom']]);
        $this->act($workbook, 'share', ['axis' => 'columns', 'row' => 2, 'column' => 1, 'size' => '300 px']);
        $this->act($workbook, 'equal', ['axis' => 'columns', 'spans' => [[1, 2]]]);
        $this->assertSame(0, $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1/cut"))->assertOk()->json('count'));
        $wrong = [
            ['resize', ['axis' => 'columns', 'spans' => [[1, 1]], 'size' => '0'], '1 to'],
            ['resize', ['axis' => 'columns', 'spans' => [[2, 1]]], 'first and last'],
            ['resize', ['axis' => 'sideways', 'spans' => [[1, 1]]], 'columns, rows'],
            ['resize', ['axis' => 'rows', 'spans' => [[1, 1_048_577]]], 'first and last'],
            ['hide', ['axis' => 'columns', 'spans' => [[1, 99]]], 'in sight'],
            ['opening', ['zoom' => 5], '10 to 400'],
            ['opening', ['freezeRow' => 5_000], 'leave room'],
            ['sort', ['row' => 2, 'column' => 1, 'keys' => []], '1 to 16'],
            ['sort', ['row' => 2, 'column' => 1, 'keys' => [['B', false]]], 'columns'],
            ['share', ['axis' => 'columns', 'row' => 2, 'column' => 1, 'size' => '20 px'], 'longest words'],
        ];
        foreach ($wrong as [$act, $arguments, $words]) {
            $this->refused($workbook, $act, $arguments, $words);
        }
    }

    public function test_order_spacers_headings_and_widths_of_a_heading_go_through_the_server(): void
    {
        $workbook = $this->bringIn('two.xlsx', self::book());
        $names = fn () => array_column($this->getJson($this->url("workbooks/{$workbook->id}"))->json('sheets'), 'name');
        $this->act($workbook, 'order', ['to' => 2]);
        $this->assertSame(['Sums', 'Lots'], $names());
        // Its number is still the one that acts name it by, and the file has the new order.
        $this->assertSame('Lots', $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1"))->json('name'));
        $this->assertSame(
            ['Sums', 'Lots'],
            array_values(array_map(fn ($sheet) => $sheet->name, app(Bench::class)->whole($workbook->refresh())->sheets)),
        );
        $this->undo($workbook);
        $this->assertSame(['Lots', 'Sums'], $names());
        $this->act($workbook, 'spacer', ['axis' => 'rows', 'at' => 2, 'count' => 1, 'in' => true]);
        $this->assertSame([[2, 2, 8]], $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1"))->json('heights'));
        $this->assertSame(
            '=Lots!A3*2',
            $this->getJson($this->url("workbooks/{$workbook->id}/sheets/2/content?row=1&column=1"))->json('text'),
        );
        $this->undo($workbook);
        $this->assertSame([], $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1"))->json('heights'));
        $table = $this->bringIn('a.csv', "Tree,Seedlings counted in the spring\nRowan,30\nAsh,4\nElm,12\n");
        $this->act($table, 'dress', ['stylebook' => 'River ledger']);
        $this->act($table, 'sameWidth', ['axis' => 'columns', 'heading' => 'tree', 'size' => '90 px']);
        $this->act($table, 'headings', ['how' => 'turn']);
        $this->assertSame(90, $this->getJson($this->url("workbooks/{$table->id}/sheets/1"))->json('widths.0'));
        $this->postJson($this->url("workbooks/{$table->id}/acts"), [
            'act' => 'fit',
            'revision' => $table->refresh()->revision,
            'sheet' => 1,
            'arguments' => ['scope' => 'everywhere', 'fit' => ['air' => 30], 'opens' => ['zoom' => 75]],
        ])->assertOk();
        $detail = $this->getJson($this->url("workbooks/{$table->id}/sheets/1"))->json();
        $this->assertSame([75, 30, 3], [$detail['zoom'], $detail['rules']['air'], count($detail['screens'])]);
        $this->postJson($this->url("workbooks/{$table->id}/acts"), [
            'act' => 'fit',
            'revision' => $table->refresh()->revision,
            'sheet' => 1,
            'arguments' => ['scope' => 'everywhere', 'fit' => ['air' => 'much'], 'opens' => []],
        ])->assertUnprocessable();
        $wrong = [
            ['order', ['to' => 9], 'no place 9'],
            ['order', [], 'no place 0'],
            ['headings', ['how' => 'upside'], 'wrap, turn, line'],
            ['sameWidth', ['axis' => 'columns', 'heading' => 'Weight', 'size' => '90 px'], 'No column headed'],
            ['sameWidth', ['axis' => 'columns', 'heading' => 'Tree'], 'a width'],
            ['opening', ['firstRow' => 0], 'first cell'],
            ['spacer', ['axis' => 'rows', 'at' => 0, 'in' => true], 'row'],
        ];
        foreach ($wrong as [$act, $arguments, $words]) {
            $this->refused($table, $act, $arguments, $words);
        }
    }

    private static function book(): string
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->setTitle('Lots')->fromArray([['Count'], [3], [4]]);
        $book->createSheet()->setTitle('Sums')->setCellValue('A1', '=Lots!A2*2');
        $path = (string) tempnam(sys_get_temp_dir(), 'two');
        (new Xlsx($book))->save($path);
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
