<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Limits;
use App\Files\Opening;
use PhpOffice\PhpSpreadsheet\RichText\RichText;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Style\Borders;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Look\Attribute;
use Rilvet\Work\Workbook;

/** What comes with a file is kept: values as they are, looks as layer 1, sizes and the way a sheet opens. */
final class OpeningTest extends TestCase
{
    private string $path = '';

    protected function tearDown(): void
    {
        @unlink($this->path);
    }

    public function test_looks_of_an_xlsx_are_layer_1(): void
    {
        $workbook = $this->open(self::book(), 'xlsx');
        $expected = [
            'A1' => ['font' => 'Gelasio', 'size' => 16, 'bold' => true, 'ink' => '#1F4E3D', 'horizontal' => 'center'],
            'A2' => ['fill' => '#FFD54A', 'italic' => true, 'underline' => 'double', 'top' => 'thin #112233', 'bottom' => 'double #000000'],
            'B2' => ['wrap' => true, 'vertical' => 'top', 'indent' => 2, 'horizontal' => 'left'],
            'C2' => ['rotation' => 45, 'strike' => true],
            'D2' => ['rotation' => -90, 'script' => 'super'],
            'B3' => ['number' => '"£"#,##0.00', 'locked' => false],
            'C3' => ['horizontal' => 'span'],
            'D3' => ['shrink' => true, 'concealed' => true],
            'A7' => ['rising' => 'thin #112233', 'vertical' => 'distributed'],
            'B7' => ['rising' => 'dashed #000000', 'falling' => 'dashed #000000'],
        ];
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks);
        foreach ($expected as $address => $look) {
            $place = \Rilvet\Grid\Address::parse($address);
            $worn = $dressed->at($place->row, $place->column);
            foreach ($look as $name => $value) {
                self::assertSame($value, $worn->look->get(Attribute::from($name)), "$address $name");
                self::assertSame(Layer::File, $worn->from(Attribute::from($name)));
            }
        }
        self::assertNull($dressed->at(2, 2)->look->get(Attribute::Bold), 'what is as every cell is anyway is left unsaid');
    }

    #[DataProvider('formats')]
    public function test_values_formulas_and_set_up_are_kept(string $ending): void
    {
        $workbook = $this->open(self::book(), $ending);
        $sheet = $workbook->sheet(1);
        self::assertSame(['Stock', 'Put away'], array_values(array_map(fn ($each) => $each->name, $workbook->sheets)));
        $rows = iterator_to_array($sheet->cells->read(1, 9));
        self::assertSame('00412', $rows[4][0]->value, 'a code that came as text stays text');
        self::assertSame([3, 4.5], [$rows[4][1]->value, $rows[4][2]->value]);
        self::assertSame(['B4*C4', 13.5], [$rows[4][3]->formula, (float) $rows[4][3]->number()]);
        self::assertSame("two\nlines", $rows[5][0]->value);
        self::assertTrue($rows[5][1]->value);
        self::assertSame('<b>&"é', $rows[5][2]->value);
        self::assertSame(['A1:D1'], array_map(strval(...), $sheet->setup->merges));
        // 20 characters of 7 px, by the formula of ISO/IEC 29500-1 18.3.1.13; ods widths are the library's own conversion.
        $ending === 'xlsx' && self::assertSame(140, $sheet->setup->sizes->widthOf(1));
        self::assertSame('hidden', $workbook->sheet(2)->setup->tab->state);
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'xlsx' => ['xlsx'];
        yield 'ods' => ['ods'];
    }

    public function test_how_an_xlsx_opens_and_its_rich_text_and_names(): void
    {
        $workbook = $this->open(self::book(), 'xlsx');
        $setup = $workbook->sheet(1)->setup;
        self::assertSame(
            [3, 1, false, 85, '#2C6E66'],
            [
                $setup->opening->freezeRow,
                $setup->opening->freezeColumn,
                $setup->opening->gridlines,
                $setup->opening->zoom,
                $setup->tab->colour,
            ],
        );
        self::assertSame(40, $setup->sizes->heightOf(2));
        self::assertSame([[4], [6]], [$setup->sizes->hiddenColumns, $setup->sizes->hiddenRows]);
        self::assertSame('plain and bold', iterator_to_array($workbook->sheet(1)->cells->read(6, 6))[6][0]->value);
        self::assertSame(['Counts'], array_keys($workbook->names));
        self::assertTrue($workbook->sheet(2)->setup->tab->protected);
    }

    public function test_typed_text_carries_the_format_of_what_it_was_read_as(): void
    {
        $this->path = sys_get_temp_dir().'/rilvet-open-'.getmypid().'.csv';
        file_put_contents($this->path, "Day,Paid,Share\n03.04.2024,£5.00,12.5%\n05.04.2024,£7.50,8%\n");
        $workbook = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($this->path, 'days.csv');
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks);
        $codes = array_map(fn (int $column) => $dressed->at(2, $column)->look->text(Attribute::Number), [1, 2, 3]);
        self::assertSame(['yyyy-mm-dd', '"£"#,##0.00', '0.0%'], $codes);
        self::assertSame(
            [45385, 5.0, 0.125],
            array_map(fn (Cell $cell) => $cell->value, iterator_to_array($workbook->sheet(1)->cells->read(2, 2))[2]),
        );
    }

    public function test_a_sheet_with_a_stray_cell_far_below_comes_in_with_all_its_cells(): void
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4]]);
        $book->getActiveSheet()->setCellValue('Z30000', 'stray');
        $sheet = $this->open($book, 'xlsx')->sheet(1);
        self::assertSame([30_000, 26], [$sheet->cells->rows(), $sheet->cells->columns()]);
        self::assertSame('stray', iterator_to_array($sheet->cells->read(30_000, 30_000))[30_000][25]->value);
        self::assertSame(
            ['Aspen', 4],
            array_map(fn (Cell $cell) => $cell->value, array_slice(iterator_to_array($sheet->cells->read(3, 3))[3], 0, 2)),
        );
        self::assertSame('A1:B3', (string) $sheet->reading->tables[0]->range);
    }

    public function test_limits_are_those_that_are_set(): void
    {
        $this->path = sys_get_temp_dir().'/rilvet-open-'.getmypid().'.csv';
        file_put_contents($this->path, str_repeat("1,2,3\n", 1_000));
        foreach ([new Limits(bytes: 100), new Limits(cells: 500)] as $limits) {
            try {
                (new Opening(fn (int $sheet) => new MemoryBlockStore, $limits))->open($this->path, 'x.csv');
                self::fail('the limit does not hold');
            } catch (FileIsWrong $wrong) {
                self::assertMatchesRegularExpression('/limit|at most/', $wrong->getMessage());
            }
        }
    }

    private function open(Spreadsheet $book, string $ending): Workbook
    {
        $this->path = sys_get_temp_dir().'/rilvet-open-'.getmypid().".$ending";
        ($ending === 'xlsx' ? new Xlsx($book) : new Ods($book))->save($this->path);

        return (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($this->path, "Stock list.$ending");
    }

    private static function book(): Spreadsheet
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->setTitle('Stock');
        $sheet->fromArray([['Stock', null, null, null], ['Lot', 'Count', 'Price', 'Worth'], ['x', 1, 2, 2]]);
        $sheet->setCellValueExplicit('A4', '00412', 's');
        $sheet->fromArray([3, 4.5, '=B4*C4'], null, 'B4');
        $sheet->setCellValueExplicit('A5', "two\nlines", 's');
        $sheet->setCellValue('B5', true);
        $sheet->setCellValueExplicit('C5', '<b>&"é', 's');
        $rich = new RichText;
        $rich->createText('plain and ');
        $rich->createTextRun('bold');
        $sheet->setCellValue('A6', $rich);
        $sheet->mergeCells('A1:D1');
        $style = fn (string $range, array $values) => $sheet->getStyle($range)->applyFromArray($values);
        $style('A1', [
            'font' => ['name' => 'Gelasio', 'size' => 16, 'bold' => true, 'color' => ['rgb' => '1F4E3D']],
            'alignment' => ['horizontal' => 'center'],
        ]);
        $style('A2', [
            'font' => ['italic' => true, 'underline' => 'double'],
            'fill' => ['fillType' => 'solid', 'startColor' => ['rgb' => 'FFD54A']],
            'borders' => ['top' => ['borderStyle' => 'thin', 'color' => ['rgb' => '112233']], 'bottom' => ['borderStyle' => 'double']],
        ]);
        $style('B2', ['alignment' => ['wrapText' => true, 'vertical' => 'top', 'indent' => 2, 'horizontal' => 'left']]);
        $style('C2', ['alignment' => ['textRotation' => 45], 'font' => ['strikethrough' => true]]);
        $style('D2', ['alignment' => ['textRotation' => -90], 'font' => ['superscript' => true]]);
        $style('B3', ['numberFormat' => ['formatCode' => '"£"#,##0.00'], 'protection' => ['locked' => 'unprotected']]);
        $style('C3', ['alignment' => ['horizontal' => 'centerContinuous']]);
        $style('D3', ['alignment' => ['shrinkToFit' => true], 'protection' => ['hidden' => 'protected']]);
        $sheet->setCellValue('A7', 1);
        $sheet->setCellValue('B7', 2);
        $style('A7', [
            'borders' => [
                'diagonal' => ['borderStyle' => 'thin', 'color' => ['rgb' => '112233']],
                'diagonalDirection' => Borders::DIAGONAL_UP,
            ],
            'alignment' => ['vertical' => 'distributed'],
        ]);
        $style('B7', ['borders' => ['diagonal' => ['borderStyle' => 'dashed'], 'diagonalDirection' => Borders::DIAGONAL_BOTH]]);
        $sheet->getColumnDimension('A')->setWidth(20);
        $sheet->getColumnDimension('D')->setVisible(false);
        $sheet->getRowDimension(2)->setRowHeight(30);
        $sheet->getRowDimension(6)->setVisible(false);
        $sheet->freezePane('B4');
        $sheet->setShowGridlines(false);
        $sheet->getSheetView()->setZoomScale(85);
        $sheet->getTabColor()->setRGB('2C6E66');
        $book->addNamedRange(new \PhpOffice\PhpSpreadsheet\NamedRange('Counts', $sheet, '$B$4:$B$5'));
        $other = $book->createSheet()->setTitle('Put away');
        $other->setCellValue('A1', 'x');
        $other->setSheetState('hidden');
        $other->getProtection()->setSheet(true);

        return $book;
    }
}
