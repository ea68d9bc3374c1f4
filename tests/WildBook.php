<?php

declare(strict_types=1);

namespace Tests;

use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Cell\DataValidation;
use PhpOffice\PhpSpreadsheet\NamedRange;
use PhpOffice\PhpSpreadsheet\RichText\RichText;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Style\Borders;
use PhpOffice\PhpSpreadsheet\Style\Color;
use PhpOffice\PhpSpreadsheet\Style\Conditional;
use PhpOffice\PhpSpreadsheet\Style\ConditionalFormatting\ConditionalColorScale;
use PhpOffice\PhpSpreadsheet\Style\ConditionalFormatting\ConditionalFormatValueObject;
use PhpOffice\PhpSpreadsheet\Worksheet\PageSetup;
use PhpOffice\PhpSpreadsheet\Worksheet\Table;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;

/**
 * Workbooks of a general-purpose library by chance: tables with formulas, touches of every attribute, merged cells, sizes, panes,
 * pages, conditions, checks on entry, protection. Each is the same for the same seed.
 */
final class WildBook
{
    private const CODES = ['General', '0', '0.00', '#,##0', '#,##0.00 "kg"', '0%', '0.0%', '#,##0.00;[Red]-#,##0.00', 'yyyy-mm-dd',
        'd mmm yyyy', 'h:mm', '[h]:mm', '0.00E+00', '# ?/?', '@', '000000', '#,##0,', '"No. "0', '0.00;-0.00;"none"', '_-* #,##0.00_-'];

    private const LINES = ['thin', 'medium', 'thick', 'dashed', 'dotted', 'double', 'hair', 'mediumDashDot', 'slantDashDot'];

    /** @param  int  $last  number of rows of the table */
    private function __construct(private readonly Worksheet $sheet, private readonly int $last)
    {
    }

    public static function of(int $seed): Spreadsheet
    {
        mt_srand($seed);
        $book = new Spreadsheet;
        $book->getDefaultStyle()->getFont()->setName(self::pick(['Carlito', 'Liberation Sans', 'Tinos']))->setSize(mt_rand(9, 12));
        $sheets = mt_rand(1, 3);
        for ($number = 1; $number <= $sheets; $number++) {
            $sheet = $number === 1 ? $book->getActiveSheet() : $book->createSheet();
            $sheet->setTitle(['Beds', 'Spring & autumn', "Late '26"][$number - 1]);
            (new self($sheet, mt_rand(4, 14)))->fill($number);
        }
        $book->setActiveSheetIndex(mt_rand(0, $sheets - 1));
        $book->addNamedRange(new NamedRange('Counts', $book->getSheet(0), '$C$3:$C$5'));
        mt_srand();

        return $book;
    }

    private static function one(int $in): bool
    {
        return mt_rand(1, $in) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private static function pick(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }

    private static function colour(): string
    {
        return sprintf('FF%06X', self::one(3) ? self::pick([0, 0xFFFFFF, 0x224466]) : mt_rand(0, 0xFFFFFF));
    }

    private function fill(int $number): void
    {
        $sheet = $this->sheet;
        $sheet->fromArray(['Deliveries of spring'], null, 'A1');
        $sheet->fromArray(['Lot', 'Tree', 'Count', 'Price', 'Worth', 'Due', 'Share', 'Open'], null, 'A2');
        $bottom = $this->last + 2;
        for ($row = 3; $row <= $bottom; $row++) {
            $sheet->setCellValueExplicit("A$row", sprintf('%s%03d', self::pick(['L', 'L', '0']), $row), DataType::TYPE_STRING);
            $sheet->setCellValue("B$row", self::pick(['Ash', 'Birch', "Grey\nalder", ' Rowan', 'Yew & thorn', '<i>', '']));
            $sheet->setCellValue("C$row", self::one(9) ? null : mt_rand(-4, 900));
            $sheet->setCellValue("D$row", mt_rand(-100, 9_999) / 100);
            $sheet->setCellValue("E$row", self::one(8) ? 17.5 : "=C$row*D$row");
            $sheet->setCellValue("F$row", 46_000 + mt_rand(0, 400) + (self::one(5) ? 0.25 : 0));
            $sheet->setCellValue("G$row", self::pick([0.25, 0.125, "=C$row/C\$".($bottom + 1), 1]));
            $sheet->setCellValue("H$row", self::pick([true, false, null, '#N/A', "=IF(C$row>9,\"yes\",\"no\")"]));
        }
        $total = $bottom + 1;
        $sheet->setCellValue("A$total", 'Total');
        foreach (['C', 'D', 'E'] as $column) {
            self::one(6) || $sheet->setCellValue("$column$total", "=SUM({$column}3:$column$bottom)");
        }
        $number > 1 && $sheet->setCellValue('J3', '=Beds!C3+SUM(Counts)');
        $sheet->getStyle("F3:F$bottom")->getNumberFormat()->setFormatCode(self::pick(['yyyy-mm-dd', 'd.m.yyyy', 'd mmm yyyy h:mm']));
        self::one(3) && $sheet->getStyle("D3:E$total")->getNumberFormat()->setFormatCode('#,##0.00 [$€-407]');
        for ($touches = mt_rand(2, 9); $touches > 0; $touches--) {
            $this->touch();
        }
        $this->around();
        $this->rules();
        $sheet->setSelectedCells('A1');
    }

    private function range(): string
    {
        [$left, $top] = [mt_rand(1, 8), mt_rand(1, $this->last + 3)];

        return chr(64 + $left).$top.':'.chr(64 + min(9, $left + mt_rand(0, 3))).($top + mt_rand(0, 4));
    }

    private function touch(): void
    {
        $style = $this->sheet->getStyle($this->range());
        $font = $style->getFont();
        match (mt_rand(1, 12)) {
            1 => $font->setBold(true)->getColor()->setARGB(self::colour()),
            2 => $font->setItalic(true)->setUnderline(self::pick(['single', 'double', 'none'])),
            3 => $font->setSize(mt_rand(7, 22))->setName(self::pick(['Carlito', 'Tinos', 'Liberation Mono'])),
            4 => $font->setStrikethrough(true),
            5 => $style->getFill()->setFillType(self::pick(['solid', 'solid', 'gray125', 'linear']))->getStartColor()
                ->setARGB(self::colour()),
            6 => $style->getAlignment()->setHorizontal(self::pick(['left', 'center', 'right', 'justify', 'centerContinuous', 'fill']))
                ->setIndent(mt_rand(0, 2)),
            7 => $style->getAlignment()->setVertical(self::pick(['top', 'center', 'bottom', 'justify']))->setWrapText(self::one(2)),
            8 => $style->getAlignment()->setTextRotation(self::pick([45, 90, -30, -165]))->setShrinkToFit(self::one(3)),
            9 => $style->getNumberFormat()->setFormatCode(self::pick(self::CODES)),
            10 => self::lines($style->getBorders()),
            11 => $style->getBorders()->getOutline()->setBorderStyle(self::pick(self::LINES)),
            default => $style->getProtection()->setLocked(self::pick(['protected', 'unprotected']))->setHidden(self::pick(['inherit',
                'protected'])),
        };
    }

    /** A line on two sides and one across, each of its own. */
    private static function lines(Borders $borders): void
    {
        foreach ([$borders->getBottom(), $borders->getRight(), $borders->getDiagonal()] as $line) {
            $line->setBorderStyle(self::pick(self::LINES))->getColor()->setARGB(self::colour());
        }
        $borders->setDiagonalDirection(Borders::DIAGONAL_UP);
    }

    /** What stands around the rows. */
    private function around(): void
    {
        $sheet = $this->sheet;
        self::one(2) && $sheet->mergeCells('A1:'.self::pick(['D1', 'H1', 'B1']));
        self::one(4) && $sheet->mergeCells('I4:'.self::pick(['I5', 'K4', 'J6']));
        for ($column = 1; $column <= 9; $column++) {
            self::one(3) && $sheet->getColumnDimensionByColumn($column)->setWidth(mt_rand(20, 400) / 10);
            self::one(15) && $sheet->getColumnDimensionByColumn($column)->setVisible(false);
        }
        for ($row = 1; $row <= $this->last; $row++) {
            self::one(6) && $sheet->getRowDimension($row)->setRowHeight(mt_rand(90, 500) / 10);
            self::one(20) && $sheet->getRowDimension($row)->setVisible(false);
            self::one(15) && $sheet->getRowDimension($row)->setOutlineLevel(1);
        }
        self::one(2) && $sheet->freezePane(self::pick(['A3', 'B3', 'C1', 'D6']));
        $sheet->setShowGridlines(! self::one(3))->getSheetView()->setZoomScale(self::pick([100, 85, 140]));
        $sheet->setRightToLeft(self::one(8));
        self::one(3) && $sheet->getTabColor()->setARGB(self::colour());
        self::one(4) && $sheet->setAutoFilter('A2:H'.($this->last + 2));
        self::one(5) && $sheet->getProtection()->setSheet(true)->setSort(false);
        self::one(4) && $sheet->addTable(new Table('A2:H'.($this->last + 2), 'Table_'.strlen($sheet->getTitle())));
        self::one(3) && $sheet->getCell('B3')->getHyperlink()->setUrl('https://example.org/tree?a=1&b=2');
        self::one(3) && $sheet->getComment('C3')->getText()->createTextRun('counted twice');
        if (self::one(3)) {
            $text = new RichText;
            $text->createText('Grey ');
            $text->createTextRun('alder')->getFont()?->setBold(true);
            $sheet->setCellValue('B4', $text);
        }
        if (self::one(2)) {
            $page = $sheet->getPageSetup()->setOrientation(self::pick([PageSetup::ORIENTATION_LANDSCAPE, PageSetup::ORIENTATION_PORTRAIT]));
            $page->setPaperSize(self::pick([PageSetup::PAPERSIZE_A4, PageSetup::PAPERSIZE_A3]))->setFitToWidth(mt_rand(0, 1));
            self::one(2) && $page->setRowsToRepeatAtTopByStartAndEnd(1, 2);
            self::one(2) && $page->setPrintArea('A1:E9');
            $sheet->getPageMargins()->setTop(mt_rand(3, 15) / 10)->setLeft(0.4);
            $sheet->getHeaderFooter()->setOddHeader("&L&\"Tinos,Bold\"Beds\nof spring&R&D")->setOddFooter('&C&P of &N');
            self::one(2) && $sheet->setBreak('A'.mt_rand(3, 9), Worksheet::BREAK_ROW);
        }
    }

    private static function scale(): ConditionalColorScale
    {
        return (new ConditionalColorScale)
            ->setMinimumConditionalFormatValueObject(new ConditionalFormatValueObject('min'))->setMinimumColor(new Color(self::colour()))
            ->setMaximumConditionalFormatValueObject(new ConditionalFormatValueObject('max'))->setMaximumColor(new Color(self::colour()));
    }

    private function rules(): void
    {
        $sheet = $this->sheet;
        $conditions = [];
        for ($number = mt_rand(0, 3); $number > 0; $number--) {
            $condition = (new Conditional)->setStopIfTrue(self::one(4));
            match (mt_rand(1, 5)) {
                1 => $condition->setConditionType(Conditional::CONDITION_CELLIS)->setOperatorType(self::pick(['lessThan', 'equal',
                    'greaterThanOrEqual']))->addCondition((string) mt_rand(-2, 300)),
                2 => $condition->setConditionType(Conditional::CONDITION_EXPRESSION)->addCondition('$C3>AVERAGE($C$3:$C$9)'),
                3 => $condition->setConditionType(Conditional::CONDITION_CONTAINSBLANKS)->setConditions(['LEN(TRIM(C3))=0']),
                4 => $condition->setConditionType(Conditional::CONDITION_DUPLICATES),
                default => $condition->setConditionType(Conditional::CONDITION_COLORSCALE)->setColorScale(self::scale()),
            };
            $condition->getStyle()->getFont()->setBold(true)->getColor()->setARGB(self::colour());
            $conditions[] = $condition;
        }
        $conditions === [] || $sheet->getStyle('C3:D'.($this->last + 2))->setConditionalStyles($conditions);
        if (self::one(2)) {
            $check = $sheet->getCell('C3')->getDataValidation();
            $check->setType(self::pick([DataValidation::TYPE_WHOLE, DataValidation::TYPE_DECIMAL]));
            $check->setOperator(self::pick([DataValidation::OPERATOR_BETWEEN, DataValidation::OPERATOR_GREATERTHAN]));
            $check->setFormula1('0')->setFormula2((string) mt_rand(5, 900))->setAllowBlank(self::one(2))->setShowErrorMessage(true);
            $check->setErrorTitle('Count')->setError('A count is wanted.')->setSqref('C3:C'.($this->last + 2));
        }
        if (self::one(3)) {
            $sheet->getCell('H3')->getDataValidation()->setType(DataValidation::TYPE_LIST)->setFormula1('"yes,no,later"')
                ->setShowDropDown(true)->setSqref('H3:H9');
        }
    }
}
