<?php

declare(strict_types=1);

namespace App\Demo;

use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\PageSetup;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The demo: Alder Reach Tree Nursery, an invented nursery on an invented river. People, lots and money are made up, by a
 * generator with a fixed seed, so that every machine has the same.
 */
final class Nursery
{
    private const SPECIES = [
        ['Silver birch', 'Betula pendula'],
        ['Downy birch', 'Betula pubescens'],
        ['Rowan', 'Sorbus aucuparia'],
        ['Bird cherry', 'Prunus padus'],
        ['Common alder', 'Alnus glutinosa'],
        ['Grey alder', 'Alnus incana'],
        ['Osier willow', 'Salix viminalis'],
        ['Goat willow', 'Salix caprea'],
        ['Aspen', 'Populus tremula'],
        ['Hazel', 'Corylus avellana'],
        ['Field maple', 'Acer campestre'],
        ['Wild service', 'Torminalis glaberrima'],
        ['Hornbeam', 'Carpinus betulus'],
        ['Sessile oak', 'Quercus petraea'],
        ['Small-leaved lime', 'Tilia cordata'],
        ['Yew', 'Taxus baccata'],
    ];

    private const NOTES = [
        'Slugs in row 3, netted again',
        'Late to leaf, keep shaded',
        'Best stand this year',
        'Cuttings from bed 12',
        'Two trays lost to frost',
        'Root suckers, count again',
        'Moved to the upper frame after the flood in March; the roots were dry but sound, and the labels were written anew.',
        null,
        null,
        null,
        'Half the lot is promised to the river board',
        'Needs potting on before the end of May',
    ];

    private const CUSTOMERS = [
        'Wick Farm',
        'Harrow Parish',
        'Tolland School',
        'The Ferry Trust',
        'Mossdale Estate',
        'Lower Weir Council',
        'Ash & Sons Hedging',
        'Brook Cottage',
    ];

    private Randomizer $random;

    public function __construct(int $seed = 1871)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** "Nursery year": five sheets, as a careful hand keeps them but without any dress. */
    public function year(): Spreadsheet
    {
        $book = new Spreadsheet;
        $book->getDefaultStyle()->getFont()->setName('Carlito')->setSize(11);
        $book->removeSheetByIndex(0);
        $this->stock($this->sheet($book, 'Stock'));
        $this->plantings($this->sheet($book, 'Plantings by month'));
        $this->orders($this->sheet($book, 'Orders'));
        $this->germination($this->sheet($book, 'Germination lab'));
        $this->budget($this->sheet($book, 'Budget'));
        $book->setActiveSheetIndex(0);

        return $book;
    }

    /** "Hollin Lane site": the same kinds of tables, kept by another hand. */
    public function site(): Spreadsheet
    {
        $book = new Spreadsheet;
        $book->getDefaultStyle()->getFont()->setName('Arimo')->setSize(10);
        $book->removeSheetByIndex(0);
        $stock = $this->sheet($book, 'Stock list');
        $stock->fromArray(['HOLLIN LANE STOCK'], null, 'A1');
        $stock->mergeCells('A1:G1');
        $stock->getStyle('A1')->getFont()->setBold(true)->setSize(16)->getColor()->setRGB('1F4E3D');
        $stock->fromArray(['Lot', 'Tree', 'Sown', 'Count', 'Alive %', 'Each', 'Worth'], null, 'A3');
        $row = 4;
        foreach (array_slice(self::SPECIES, 0, 12) as $index => [$name]) {
            $count = $this->random->getInt(60, 2400);
            $stock->setCellValueExplicit("A$row", sprintf('%04d', 300 + 7 * $index), 's');
            $stock->fromArray(
                [
                    $name,
                    45200 + $this->random->getInt(0, 300),
                    $count,
                    $this->random->getInt(55, 99) / 100,
                    $this->random->getInt(100, 750) / 100,
                    "=D$row*F$row",
                ],
                null,
                "B$row",
            );
            $stock
                ->getStyle("C$row")
                ->getNumberFormat()
                ->setFormatCode($index % 3 === 0 ? 'd/m/yy' : 'dd.mm.yyyy');
            $stock
                ->getStyle("E$row")
                ->getNumberFormat()
                ->setFormatCode($index % 4 === 0 ? '0.0%' : '0%');
            $stock
                ->getStyle("F$row:G$row")
                ->getNumberFormat()
                ->setFormatCode($index % 2 === 0 ? '"£"#,##0.00' : '0.0');
            $stock
                ->getStyle("A$row:G$row")
                ->getFill()
                ->setFillType('solid')
                ->getStartColor()
                ->setRGB($index % 2 === 0 ? 'E8F1EA' : 'E6F0E9');
            $row++;
        }
        $stock->fromArray(['Total', null, null, '=SUM(D4:D'.($row - 1).')', null, null, '=SUM(G4:G'.($row - 1).')'], null, "A$row");
        $stock->getStyle("A$row:G$row")->getFont()->setBold(true)->setName('Gelasio');
        $stock->getColumnDimension('B')->setWidth(9);
        $stock->getColumnDimension('G')->setWidth(6);
        $beds = $this->sheet($book, 'Beds');
        // As such books are: shares typed as whole figures, and some figures and days that are only text.
        $beds->fromArray(['Bed', 'Half', 'Rows', 'Trees', 'Checked', 'Dry'], null, 'A1');
        for ($bed = 1; $bed <= 6; $bed++) {
            $top = 2 * $bed;
            $beds->fromArray(
                ["Bed $bed", 'north', $this->random->getInt(4, 12), $this->random->getInt(80, 900), 45350 + $bed],
                null,
                "A$top",
            );
            $beds->fromArray(
                [null, 'south', $this->random->getInt(4, 12), $this->random->getInt(80, 900), 45350 + $bed],
                null,
                'A'.($top + 1),
            );
            $beds->mergeCells("A$top:A".($top + 1));
        }
        for ($row = 2; $row <= 13; $row++) {
            $beds->setCellValue("F$row", $this->random->getInt(2, 30));
        }
        $beds->getStyle('F2:F13')->getNumberFormat()->setFormatCode('0%');
        foreach ([5, 9] as $row) {
            $beds->setCellValueExplicit("D$row", (string) $this->random->getInt(80, 900), 's');
        }
        $beds->setCellValueExplicit('E7', '04.05.2024', 's');
        $beds->getStyle('A1:F1')->getFill()->setFillType('solid')->getStartColor()->setRGB('FFD54A');
        $beds->getStyle('E2:E13')->getNumberFormat()->setFormatCode('d-mmm');
        $book->setActiveSheetIndex(0);

        return $book;
    }

    /** A list of orders as a till writes it: semicolons, decimal commas, dates with points. */
    public function spring(): string
    {
        $text = "Beleg;Datum;Kunde;Art;Menge;Einzelpreis;Betrag;Bezahlt\r\n";
        for ($line = 0; $line < 618; $line++) {
            $count = $this->random->getInt(1, 120);
            $price = $this->random->getInt(90, 980);
            $text .= sprintf(
                "%06d;%02d.%02d.2026;%s;%s;%d;%s;%s;%s\r\n",
                4100 + $line,
                $this->random->getInt(1, 28),
                $this->random->getInt(2, 5),
                $this->pick(self::CUSTOMERS),
                $this->pick(self::SPECIES)[0],
                $count,
                number_format($price / 100, 2, ',', '.'),
                number_format(($count * $price) / 100, 2, ',', '.'),
                $this->random->getInt(0, 3) > 0 ? 'ja' : 'nein',
            );
        }

        return $text;
    }

    /** Hourly temperatures of a frost watch, tab-separated. */
    public function frost(): string
    {
        $text = "Time\tSensor\tAir °C\tSoil °C\tHumidity\tFan on\n";
        for ($hour = 0; $hour < 24 * 90; $hour++) {
            $air = 4 + 7 * sin(($hour / 24) * 2 * M_PI - 2) + $this->random->getInt(-30, 30) / 10;
            $text .= sprintf(
                "2026-%02d-%02dT%02d:00\t%s\t%.1f\t%.1f\t%d%%\t%s\n",
                1 + intdiv($hour, 24 * 30),
                1 + (intdiv($hour, 24) % 28),
                $hour % 24,
                $hour % 2 === 0 ? 'Upper frame' : 'Lower frame',
                $air,
                3 + $air / 3,
                $this->random->getInt(48, 96),
                $air < 1 ? 'yes' : 'no',
            );
        }

        return $text;
    }

    private function sheet(Spreadsheet $book, string $title): Worksheet
    {
        $sheet = $book->addSheet(new Worksheet($book, $title));
        $sheet->getPageSetup()->setPaperSize(PageSetup::PAPERSIZE_A4);

        return $sheet;
    }

    private function stock(Worksheet $sheet): void
    {
        $sheet->fromArray(['Stock at the river beds'], null, 'A1');
        $sheet->fromArray(['Money in pounds; counted 14 March'], null, 'A2');
        $sheet->fromArray(['Lot', null, null, null, 'Standing', null, null, 'Worth'], null, 'A4');
        $sheet->fromArray(
            ['Lot', 'Species', 'Latin name', 'Sown', 'Pot, l', 'Count', 'Alive', 'Unit', 'Value', 'Grower\'s note'],
            null,
            'A5',
        );
        $row = 6;
        $sums = [];
        $species = 0;
        foreach (['Upper beds' => 4, 'Lower beds' => 5, 'Frames' => 7] as $bed => $lots) {
            $sheet->setCellValue("A$row", $bed);
            $first = ++$row;
            for ($lot = 0; $lot < $lots; $lot++, $row++) {
                [$name, $latin] = self::SPECIES[$species++ % count(self::SPECIES)];
                $sheet->setCellValueExplicit("A$row", sprintf('%05d', 400 + $species * 11 + $this->random->getInt(1, 9)), 's');
                $sheet->fromArray(
                    [
                        $name,
                        $latin,
                        45230 + $this->random->getInt(0, 140),
                        $this->random->getInt(1, 3),
                        $this->random->getInt(200, 3400),
                        $this->random->getInt(62, 98) / 100,
                        $this->random->getInt(32, 160) / 20,
                        "=ROUND(F$row*H$row,2)",
                        $this->pick(self::NOTES),
                    ],
                    null,
                    "B$row",
                );
            }
            $last = $row - 1;
            $sums[] = $row;
            $sheet->fromArray(
                ["$bed together", null, null, null, null, "=SUM(F$first:F$last)", "=AVERAGE(G$first:G$last)", null, "=SUM(I$first:I$last)"],
                null,
                "A$row",
            );
            $row++;
        }
        $sheet->fromArray(
            [
                'All beds',
                null,
                null,
                null,
                null,
                '='.implode('+', array_map(fn (int $at) => "F$at", $sums)),
                null,
                null,
                '='.implode('+', array_map(fn (int $at) => "I$at", $sums)),
            ],
            null,
            "A$row",
        );
        $sheet->setCellValue('A'.($row + 2), 'Alive is the share of the sown lot that stood at the count.');
        $sheet->getStyle("D6:D$row")->getNumberFormat()->setFormatCode('yyyy-mm-dd');
        $sheet->getStyle("G6:G$row")->getNumberFormat()->setFormatCode('0%');
        $sheet->getStyle("H6:I$row")->getNumberFormat()->setFormatCode('"£"#,##0.00');
    }

    private function plantings(Worksheet $sheet): void
    {
        $sheet->fromArray(['Plantings by month'], null, 'A1');
        $months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
        $sheet->fromArray([null, 'Winter', null, null, 'Spring', null, null, 'Summer', null, null, 'Autumn', null, null], null, 'A3');
        $sheet->fromArray(['Species', ...$months, 'Total', 'Mean'], null, 'A4');
        $row = 5;
        foreach (['Upper beds', 'Lower beds'] as $bed) {
            $sheet->setCellValue("A$row", $bed);
            $first = ++$row;
            foreach (array_slice(self::SPECIES, $bed === 'Upper beds' ? 0 : 6, 6) as [$name]) {
                $sheet->setCellValue("A$row", $name);
                foreach (range(0, 11) as $month) {
                    $sheet->setCellValue([$month + 2, $row], $this->random->getInt(0, 4) === 0 ? 0 : $this->random->getInt(5, 480));
                }
                $sheet->setCellValue("N$row", "=SUM(B$row:M$row)");
                $sheet->setCellValue("O$row", "=ROUND(AVERAGE(B$row:M$row),1)");
                $row++;
            }
            $sheet->setCellValue("A$row", "Subtotal, $bed");
            foreach (range('B', 'N') as $column) {
                $sheet->setCellValue("$column$row", "=SUM($column$first:$column".($row - 1).')');
            }
            $row++;
        }
        $sheet->setCellValue("A$row", 'Whole year');
        foreach (range('B', 'N') as $column) {
            $sheet->setCellValue("$column$row", "={$column}12+{$column}20");
        }
    }

    private function orders(Worksheet $sheet): void
    {
        $sheet->fromArray(['Order', 'Customer', 'Ordered', 'Collected at', 'Trees', 'Amount', 'Status', 'Due', 'Days overdue'], null, 'A1');
        for ($row = 2; $row <= 181; $row++) {
            $day = 45300 + $this->random->getInt(0, 330);
            $sheet->fromArray(
                [
                    sprintf('R-%04d', 1000 + $row),
                    $this->pick(self::CUSTOMERS),
                    $day,
                    $this->random->getInt(16, 34) / 48,
                    $this->random->getInt(1, 400),
                    $this->random->getInt(900, 98000) / 100,
                    $this->pick(['paid', 'sent', 'waiting', 'returned']),
                    $day + 30,
                    "=MAX(0,45700-H$row)",
                ],
                null,
                "A$row",
            );
        }
        $sheet->getStyle('C2:C181')->getNumberFormat()->setFormatCode('yyyy-mm-dd');
        $sheet->getStyle('H2:H181')->getNumberFormat()->setFormatCode('yyyy-mm-dd');
        $sheet->getStyle('D2:D181')->getNumberFormat()->setFormatCode('hh:mm');
        $sheet->getStyle('F2:F181')->getNumberFormat()->setFormatCode('"£"#,##0.00');
    }

    private function germination(Worksheet $sheet): void
    {
        $sheet->fromArray(['Germination lab'], null, 'A1');
        $sheet->fromArray(['Tray', 'Species', 'Started', 'Warmth, °C', 'Moisture', 'Time in light', 'Share up'], null, 'A3');
        for ($row = 4; $row <= 63; $row++) {
            $sheet->fromArray(
                [
                    sprintf('T%03d', $row * 3),
                    $this->pick(self::SPECIES)[0],
                    45320 + $this->random->getInt(0, 80) + $this->random->getInt(14, 40) / 96,
                    $this->random->getInt(80, 240) / 10,
                    $this->random->getInt(1, 999) / [1000, 100, 10][$this->random->getInt(0, 2)],
                    $this->random->getInt(300, 4200) / 1440,
                    $this->random->getInt(20, 100) / 100,
                ],
                null,
                "A$row",
            );
        }
        $sheet->getStyle('C4:C63')->getNumberFormat()->setFormatCode('yyyy-mm-dd hh:mm');
        $sheet->getStyle('F4:F63')->getNumberFormat()->setFormatCode('[h]:mm');
        $sheet->getStyle('G4:G63')->getNumberFormat()->setFormatCode('0%');
    }

    private function budget(Worksheet $sheet): void
    {
        $sheet->fromArray(['Income'], null, 'A1');
        $sheet->fromArray(['£, year to 31 October'], null, 'A2');
        $sheet->fromArray(['Source', 'Planned', 'Actual', 'Difference'], null, 'A3');
        $row = 4;
        foreach (['Tree sales', 'Seed sales', 'Planting work', 'River board grant', 'Open days'] as $source) {
            $planned = $this->random->getInt(20, 480) * 100;
            $sheet->fromArray([$source, $planned, $planned + $this->random->getInt(-4000, 6000), "=C$row-B$row"], null, "A$row");
            $row++;
        }
        $sheet->fromArray(['Total income', '=SUM(B4:B8)', '=SUM(C4:C8)', '=SUM(D4:D8)'], null, "A$row");
        $row += 3;
        $sheet->fromArray(['Costs'], null, "A$row");
        $head = $row + 1;
        $sheet->fromArray(['Item', 'Planned', 'Actual', 'Difference', 'Paid in euros'], null, "A$head");
        $row = $head + 1;
        $first = $row;
        foreach (['Wages', 'Pots and trays', 'Peat-free compost', 'Water', 'Fuel', 'Insurance', 'Repairs'] as $item) {
            $planned = $this->random->getInt(5, 220) * 100;
            $sheet->fromArray(
                [
                    $item,
                    $planned,
                    $planned + $this->random->getInt(-1500, 1500),
                    "=C$row-B$row",
                    $this->random->getInt(0, 2) === 0 ? $this->random->getInt(100, 9000) / 10 : null,
                ],
                null,
                "A$row",
            );
            $row++;
        }
        $last = $row - 1;
        $sheet->fromArray(
            ['Total costs', "=SUM(B$first:B$last)", "=SUM(C$first:C$last)", "=SUM(D$first:D$last)", "=SUM(E$first:E$last)"],
            null,
            "A$row",
        );
        $sheet
            ->getStyle("B4:D$row")
            ->getNumberFormat()
            ->setFormatCode('"£"#,##0;[Red]-"£"#,##0');
        $sheet
            ->getStyle("E$first:E$row")
            ->getNumberFormat()
            ->setFormatCode('[$€]#,##0.00');
        $sheet->getTabColor()->setRGB('2C6E66');
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private function pick(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }
}
