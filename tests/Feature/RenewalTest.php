<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Import;
use App\Models\Workbook;
use Illuminate\Http\UploadedFile;
use PhpOffice\PhpSpreadsheet\Cell\DataValidation;
use PhpOffice\PhpSpreadsheet\Chart\Chart;
use PhpOffice\PhpSpreadsheet\Chart\DataSeries;
use PhpOffice\PhpSpreadsheet\Chart\DataSeriesValues;
use PhpOffice\PhpSpreadsheet\Chart\PlotArea;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\NamedRange;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Style\Conditional;
use PhpOffice\PhpSpreadsheet\Worksheet\Table;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Tests\TestCase;

/** Newer data through HTTP: as a plan, as one step, in the package that goes out. */
final class RenewalTest extends TestCase
{
    private const FIRST = "Lot;Baum;Anzahl;Wert\nL-101;Eiche;3;1,50\nL-102;Esche;4;2,50\nL-103;Ulme;5;3,50\nL-104;Tanne;6;4,50\n";

    private const NEXT = "Lot;Art;Anzahl;Wert\nL-101;Eiche;3;1,50\nL-102;Esche;40;2,50\nL-104;Tanne;6;4,50\nL-105;Eibe;7;5,25\n";

    /** @return int id of the workbook that holds it */
    private function newer(Workbook $for, string $name, string $bytes): int
    {
        $import = $this->post($this->url('imports'), ['dataFor' => $for->id,
            'file' => UploadedFile::fake()->createWithContent($name, $bytes)])
            ->assertCreated()->json();
        $this->assertSame('done', $import['status'], 'delimited text is not asked about: what it says is seen in the plan');

        return (int) Import::query()->findOrFail($import['id'])->workbook_id;
    }

    public function test_it_is_seen_before_it_is_kept_and_one_undo_takes_it_back(): void
    {
        $workbook = $this->bringIn('lots.csv', self::FIRST);
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        $before = $this->texts($workbook);
        $from = $this->newer($workbook, 'next.csv', self::NEXT);
        $this->assertSame([$workbook->id], array_column($this->get($this->url('shelf'))->json('workbooks'), 'id'),
            'what came for a workbook is none of its own');
        $plan = $this->postJson($this->url("workbooks/$workbook->id/sheets/1/renewal"), ['row' => 1, 'column' => 1, 'from' => $from])
            ->assertOk()->json();
        $this->assertSame('1 new row, 1 row gone, 1 row changed', $plan['words']);
        $this->assertSame(['Lot'], $plan['key']);
        $this->assertSame([['key' => 'L-102', 'row' => 3, 'heading' => 'Anzahl', 'was' => '4', 'is' => '40']], $plan['changes']);
        $this->assertSame(['same', 'renamed', 'same', 'same'], array_column($plan['columns'], 'state'));
        $this->assertSame($before, $this->texts($workbook));
        $this->act($workbook, 'bringAnew', ['row' => 1, 'column' => 1, 'from' => $from]);
        $after = $this->texts($workbook);
        $this->assertSame(['L-101', 'L-102', 'L-104', 'L-105'], array_map(fn (int $row) => $after["$row.1"], [2, 3, 4, 5]));
        $this->assertSame(['Baum', '40', 'Eibe', '5.25'], [$after['1.2'], $after['3.3'], $after['5.2'], $after['5.4']],
            'in the heading and the format of the sheet');
        $words = $this->get($this->url("workbooks/$workbook->id/history"))->json('0.words');
        $this->assertSame('Data: 1 new row, 1 row gone, 1 row changed from next, lots', $words);
        $this->undo($workbook);
        $this->assertSame($before, $this->texts($workbook));
        // The data may be gone by then: a step on needs nothing of it.
        $this->delete($this->url("workbooks/$from"))->assertOk();
        $this->postJson($this->url("workbooks/$workbook->id/redo"), ['revision' => $workbook->refresh()->revision,
            'sheet' => 1])->assertOk();
        $this->assertSame($after, $this->texts($workbook));
    }

    public function test_what_cannot_be_is_said_and_changes_nothing(): void
    {
        $workbook = $this->bringIn('lots.csv', self::FIRST);
        $from = $this->newer($workbook, 'next.csv', self::NEXT);
        $ask = fn (array $more) => $this->postJson($this->url("workbooks/$workbook->id/sheets/1/renewal"),
            $more + ['row' => 1, 'column' => 1, 'from' => $from])->assertUnprocessable()->json('message');
        $this->assertStringContainsString('no column "Shelf"', $ask(['key' => ['Shelf']]));
        $this->assertStringContainsString('No table with rows', $ask(['row' => 90]));
        $this->assertStringContainsString('there no longer', $ask(['from' => 4711]));
        $this->assertStringContainsString('sheet', $ask(['fromSheet' => 9]));
        $other = $this->newer($workbook, 'words.csv', "nothing but words\n");
        $this->assertStringContainsString('No column of the new data', $ask(['from' => $other]));
        $this->act($workbook, 'protect', ['allowed' => []]);
        $this->refused($workbook, 'bringAnew', ['row' => 1, 'column' => 1, 'from' => $from], 'protected');
    }

    /**
     * What charts, tables, names, conditions, checks and filters of the package say of all rows, they say of all rows afterwards; a
     * comment stays with its row. Read back by the general-purpose library.
     */
    public function test_what_the_package_says_of_the_rows_grows_along(): void
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->setTitle('Stock');
        $sheet->fromArray([['Lot', 'Count', 'Worth'], ['A-1', 3, 1.5], ['A-2', 4, 2.5], ['A-3', 5, 3.5], ['A-4', 6, 4.5]]);
        $sheet->setCellValue('A7', 'All')->setCellValue('B7', '=SUM(B2:B5)');
        $sheet->addTable((new Table('A1:C5', 'Lots')));
        $sheet->getComment('A4')->getText()->createText('of the third lot');
        $rule = (new Conditional)->setConditionType(Conditional::CONDITION_CELLIS)->setOperatorType(Conditional::OPERATOR_GREATERTHAN)
            ->addCondition('4');
        $sheet->getStyle('B2:B5')->setConditionalStyles([$rule]);
        $check = $sheet->getDataValidation('C2:C5');
        $check->setType(DataValidation::TYPE_DECIMAL)->setOperator(DataValidation::OPERATOR_GREATERTHAN)->setFormula1('0');
        $check->setSqref('C2:C5');
        $book->addNamedRange(new NamedRange('counts', $sheet, '$B$2:$B$5'));
        $series = new DataSeries(DataSeries::TYPE_BARCHART, DataSeries::GROUPING_CLUSTERED, [0], [], [
            new DataSeriesValues(DataSeriesValues::DATASERIES_TYPE_STRING, 'Stock!$A$2:$A$5', null, 4)], [
                new DataSeriesValues(DataSeriesValues::DATASERIES_TYPE_NUMBER, 'Stock!$B$2:$B$5', null, 4)]);
        $sheet->addChart((new Chart('counts', null, null, new PlotArea(null,
            [$series])))->setTopLeftPosition('F2')->setBottomRightPosition('K12'));
        $path = (string) tempnam(sys_get_temp_dir(), 'stock');
        (new Xlsx($book))->setIncludeCharts(true)->save($path);
        $workbook = $this->bringIn('Stock.xlsx', (string) file_get_contents($path));
        $from = $this->newer($workbook, 'next.csv', "Lot,Count,Worth\nA-1,3,1.5\nA-3,50,3.5\nA-4,6,4.5\nA-5,7,5.5\nA-6,8,6.5\nA-7,9,7.5\n");
        $this->act($workbook, 'bringAnew', ['row' => 1, 'column' => 1, 'from' => $from]);
        $parts = $this->written($workbook);
        $xml = implode("\n", $parts);
        foreach (['ref="A1:C7"', 'sqref="B2:B7"', 'sqref="C2:C7"', '$B$2:$B$7', '<c:f>Stock!$A$2:$A$7</c:f>', '<c:f>Stock!$B$2:$B$7</c:f>',
            '<f>SUM(B2:B7)</f>'] as $wanted) {
            $this->assertStringContainsString($wanted, $xml);
        }
        file_put_contents($path, $this->handed($workbook));
        $read = IOFactory::load($path)->getSheetByNameOrThrow('Stock');
        unlink($path);
        $this->assertSame(['A3'], array_keys($read->getComments()), 'the comment went along with its lot');
        $this->assertSame(83, (int) $read->getCell('B9')->getOldCalculatedValue(), '3 + 50 + 6 + 7 + 8 + 9');
        $this->assertSame(83, (int) $read->getCell('B9')->getCalculatedValue());
    }

    private function handed(Workbook $workbook): string
    {
        $id = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx', 'sheet' => 1])->json('id');

        return (string) $this->get($this->url("handovers/$id/file"))->streamedContent();
    }

    public function test_data_that_nobody_kept_is_taken_away(): void
    {
        $workbook = $this->bringIn('lots.csv', self::FIRST);
        $from = $this->newer($workbook, 'next.csv', self::NEXT);
        Workbook::query()->whereKey($from)->update(['updated_at' => now()->subDays(2)]);
        $this->artisan('rilvet:tidy')->assertSuccessful();
        $this->assertNull(Workbook::query()->find($from));
        $again = $this->newer($workbook, 'next.csv', self::NEXT);
        $this->delete($this->url("workbooks/$workbook->id"))->assertOk();
        $this->assertNull(Workbook::query()->find($again), 'and goes with the workbook that it came for');
    }
}
