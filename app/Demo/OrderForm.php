<?php

declare(strict_types=1);

namespace App\Demo;

use PhpOffice\PhpSpreadsheet\Cell\DataValidation;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;

/** A made-up form to be filled in: lines with choices and formulas, prices that they look up, and lists that they offer. */
final readonly class OrderForm
{
    private const PRICES = ['Alder' => [1.8, 3.4], 'Aspen' => [2.1, 3.9], 'Bird cherry' => [2.6, 4.8], 'Black poplar' => [3.2, 6.1],
        'Crack willow' => [1.6, 2.9], 'Downy birch' => [1.9, 3.5], 'Grey sallow' => [1.5, 2.8], 'Osier' => [1.4, 2.6]];

    private const LINES = [['Osier', 'small', 240, 'waiting'], ['Alder', 'large', 60, 'sent'], ['Downy birch', 'small', 120, 'paid'],
        ['Black poplar', 'large', 12, 'waiting'], ['Aspen', 'small', 80, null]];

    private const ROWS = 14;

    public function book(): Spreadsheet
    {
        $book = new Spreadsheet;
        $book->removeSheetByIndex(0);
        $this->form($book->addSheet(new Worksheet($book, 'Order')));
        $this->prices($book->addSheet(new Worksheet($book, 'Prices')));
        $this->steps($book->addSheet(new Worksheet($book, 'Price steps')));
        $this->lists($book->addSheet(new Worksheet($book, 'Lists')));
        $book->setActiveSheetIndex(0);

        return $book;
    }

    private function form(Worksheet $sheet): void
    {
        $sheet->fromArray(['Order of young trees'], null, 'A1');
        $sheet->fromArray(['Line', 'Species', 'Size', 'Count', 'Status', 'Price', 'Value'], null, 'A3');
        $last = 3 + self::ROWS;
        for ($row = 4; $row <= $last; $row++) {
            [$species, $size, $count, $status] = self::LINES[$row - 4] ?? [null, null, null, null];
            $price = "=IF(B$row=\"\",0,VLOOKUP(B$row,Prices!\$A\$2:\$C\$9,IF(C$row=\"large\",3,2),FALSE))";
            $sheet->fromArray([$row - 3, $species, $size, $count, $status, $price, "=D$row*F$row"], null, "A$row");
        }
        $total = $last + 1;
        $sheet->fromArray(['Total', null, null, "=SUM(D4:D$last)", null, null, "=SUM(G4:G$last)"], null, "A$total");
        $sheet->getStyle("F4:G$total")->getNumberFormat()->setFormatCode('#,##0.00');
        $this->offer($sheet, "B4:B$last", 'Lists!$A$2:$A$9', 'Species', 'As it stands in the list of prices');
        $this->offer($sheet, "C4:C$last", '"small,large"', 'Size', 'Small up to 60 cm, large above');
        $this->count($sheet, "D4:D$last");
    }

    private function offer(Worksheet $sheet, string $cells, string $from, string $title, string $prompt): void
    {
        $sheet->setDataValidation($cells, (new DataValidation)->setType(DataValidation::TYPE_LIST)->setFormula1($from)->setAllowBlank(true)
            ->setShowDropDown(true)->setShowInputMessage(true)->setPromptTitle($title)->setPrompt($prompt)->setShowErrorMessage(true)
            ->setErrorTitle("No $title")->setError('Choose one of the list'));
    }

    private function count(Worksheet $sheet, string $cells): void
    {
        $sheet->setDataValidation($cells, (new DataValidation)->setType(DataValidation::TYPE_WHOLE)->setOperator(
            DataValidation::OPERATOR_BETWEEN)->setFormula1('1')->setFormula2('5000')->setAllowBlank(true)->setShowErrorMessage(true)
            ->setErrorTitle('Count')->setError('Whole trees, from 1 to 5,000'));
    }

    private function prices(Worksheet $sheet): void
    {
        $sheet->fromArray(['Species', 'Small', 'Large'], null, 'A1');
        $row = 2;
        foreach (self::PRICES as $species => [$small, $large]) {
            $sheet->fromArray([$species, $small, $large], null, 'A'.$row++);
        }
        $sheet->getStyle('B2:C9')->getNumberFormat()->setFormatCode('0.00');
    }

    private function steps(Worksheet $sheet): void
    {
        $sheet->fromArray(['Trees from', 'Share off', 'Small Osier', 'Large Osier'], null, 'A1');
        foreach (range(0, 5) as $step) {
            $row = $step + 2;
            $sheet->fromArray([$step === 0 ? 1 : '=A'.($row - 1).'*2', '=ROUND(LOG10(A'.$row.')/20,3)',
                "=ROUND(Prices!\$B\$9*(1-B$row),2)", "=ROUND(Prices!\$C\$9*(1-B$row),2)"], null, "A$row");
        }
    }

    private function lists(Worksheet $sheet): void
    {
        $sheet->fromArray(['Species'], null, 'A1');
        foreach (array_keys(self::PRICES) as $index => $species) {
            $sheet->setCellValue('A'.($index + 2), $species);
        }
    }
}
