<?php

declare(strict_types=1);

namespace Tests;

use Closure;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Cell\DataValidation;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Style\Border;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Workbooks with nothing wrong in them, made by the general-purpose spreadsheet library, and one fault planted into each at a
 * time: what a check finds there, and what it does not, is known. The kinds of faults are those of the literature on
 * spreadsheet errors: mechanical, logic, omission (Panko and Halverson 1996, "Spreadsheets on trial", from memory), and of
 * formatting.
 */
final class Corpus
{
    public const SHAPES = ['orders', 'budget', 'people', 'measures', 'months', 'log'];

    private Randomizer $random;

    public function __construct(int $seed = 11)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * @return iterable<string, array{Bed, string|null, list<string>, 3?: string}> a workbook, the check that must find its fault, others
     *     that may; the check that must not
     */
    public function all(): iterable
    {
        foreach (self::SHAPES as $shape) {
            foreach ([8, 21, 34] as $rows) {
                yield "$shape, $rows rows, nothing wrong" => [$this->bed($shape, $rows), null, []];
            }
        }
        foreach (self::faults() as $name => [$check, $shapes, $plant, $may]) {
            foreach ($shapes as $shape) {
                foreach ([12, 27] as $rows) {
                    $bed = $this->bed($shape, $rows);
                    $plant($bed, $bed->sheet);
                    yield "$name in $shape of $rows rows" => [$bed, $check, $may];
                }
            }
        }
        foreach (self::alikes() as $name => [$check, $shape, $plant, $may]) {
            $bed = $this->bed($shape, 14);
            $plant($bed, $bed->sheet);
            yield "$name in $shape" => [$bed, null, $may, $check];
        }
    }

    /**
     * @return array<string, array{string, list<string>, Closure(Bed, Worksheet): mixed, list<string>}> check, shapes, planting, others
     *     that may find it
     */
    public static function faults(): array
    {
        $figures = ['orders', 'budget', 'months'];

        return [
            'an error value' => ['error-value', $figures, fn (Bed $bed, Worksheet $on) => $on->setCellValue($bed->at('formula', 3), '=1/0'),
                ['formula-differs']],
            'a lost reference' => ['lost-reference', $figures, fn (Bed $bed, Worksheet $on) => $on->setCellValue($bed->at('formula',
                3), '=#REF!+1'),
                ['error-value', 'formula-differs']],
            'a typed total that is off' => ['total-not-the-sum', ['orders', 'budget'],
                fn (Bed $bed, Worksheet $on) => $on->setCellValue($bed->at('count', $bed->total), $bed->sum('count') + 7), []],
            'a typed total' => ['total-typed', ['orders', 'budget'],
                fn (Bed $bed, Worksheet $on) => $on->setCellValue($bed->at('count', $bed->total), $bed->sum('count')), []],
            'a sum that stops short' => ['sum-stops-short', ['orders', 'budget'], fn (Bed $bed, Worksheet $on) => $on->setCellValue(
                $bed->at('count', $bed->total), '=SUM('.$bed->at('count', 0).':'.$bed->at('count', $bed->rows - 2).')'), []],
            'a formula unlike its neighbours' => ['formula-differs', $figures,
                fn (Bed $bed, Worksheet $on) => $on->setCellValue($bed->at('formula', 4), '='.$bed->at('count', 4).'+1'), []],
            'a constant among formulas' => ['constant-among-formulas', $figures,
                fn (Bed $bed, Worksheet $on) => $on->setCellValue($bed->at('formula', 4), 12), []],
            'a hidden row in a sum' => ['hidden-in-sum', ['orders', 'budget'],
                fn (Bed $bed, Worksheet $on) => $on->getRowDimension($bed->row(2))->setVisible(false), []],
            'a figure kept as a text' => ['number-as-text', $figures, fn (Bed $bed, Worksheet $on) => $on->setCellValueExplicit(
                $bed->at('count', 2), '41', DataType::TYPE_STRING), ['mixed-alignment', 'error-value']],
            'a day kept as a text' => ['date-as-text', ['orders', 'log'], fn (Bed $bed, Worksheet $on) => $on->setCellValueExplicit(
                $bed->at('day', 2), '25/03/2026', DataType::TYPE_STRING), ['mixed-alignment']],
            'whole percents' => ['whole-percents', ['measures'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('share', $row), 20 + $row);
                }
            }, ['cut-texts']],
            'whole percents among shares' => ['percents-mixed', ['measures'], fn (Bed $bed, Worksheet $on) => $on->setCellValue(
                $bed->at('share', 3), 12), ['cut-texts']],
            'a sign in every cell' => ['sign-in-every-cell', ['orders', 'budget'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row <= $bed->rows; $row++) {
                    $on->getStyle($bed->at('price', $row))->getNumberFormat()->setFormatCode('"£"#,##0.00');
                }
            }, ['cut-texts']],
            'units in cells' => ['unit-in-cells', ['measures'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('weight', $row), (10 + $row).'.5 kg');
                }
            }, ['cut-texts', 'number-as-text']],
            'long numbers' => ['long-number', ['people'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('phone', $row), 440_000_000_000 + 7_919 * $row);
                }
                $on->getStyle($bed->body('phone'))->getNumberFormat()->setFormatCode('General');
            }, ['cut-texts']],
            'codes without their noughts' => ['lost-noughts', ['people'], function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('phone', -1), 'Postcode');
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('phone', $row), $row % 6 === 2 ? 1_069 + $row : 20_457 + 37 * $row);
                }
                $on->getStyle($bed->body('phone'))->getNumberFormat()->setFormatCode('0');
            }, []],
            'hours beyond a day' => ['duration-cut', ['measures'], function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('weight', -1), 'Hours');
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('weight', $row), 0.3 + $row / 8);
                }
                $on->getStyle($bed->body('weight'))->getNumberFormat()->setFormatCode('hh:mm');
            }, []],
            'days in two orders' => ['mixed-formats', ['orders', 'log'], fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->at('day', 3))
                ->getNumberFormat()->setFormatCode('dd/mm/yyyy'), []],
            'two currencies' => ['mixed-formats', ['orders', 'budget'], fn (Bed $bed,
                Worksheet $on) => $on->getStyle($bed->at('formula', 3))
                ->getNumberFormat()->setFormatCode('"£"#,##0.00'), ['cut-texts']],
            'decimals that differ' => ['mixed-decimals', ['orders', 'budget', 'measures'], fn (Bed $bed, Worksheet $on) => $on->getStyle(
                $bed->at(isset($bed->columns['weight']) ? 'weight' : 'formula', 3))->getNumberFormat()->setFormatCode('0.0'),
                ['mixed-formats', 'rounded-total']],
            'shown parts that do not add up' => ['rounded-total', ['orders'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('count', $row), 10.4);
                }
                $on->getStyle($bed->body('count'))->getNumberFormat()->setFormatCode('0');
                $on->getStyle($bed->at('count', $bed->total))->getNumberFormat()->setFormatCode('0');
            }, []],
            'figures shown as nought' => ['rounded-to-nought', ['measures'], function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('weight', 2), 0.0004);
            }, []],
            'tails of decimals' => ['false-precision', ['measures'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('weight', $row), (10 + $row) / 7);
                }
                $on->getStyle($bed->body('weight'))->getNumberFormat()->setFormatCode('General');
            }, ['cut-texts']],
            'whole thousands' => ['too-many-noughts', ['budget'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('count', $row), 1_000 * (50 + 13 * $row));
                }
            }, ['cut-texts']],
            'a heading twice' => ['heading-repeated', self::SHAPES, fn (Bed $bed, Worksheet $on) => $on->setCellValue(
                $bed->at($bed->last(), -1), $on->getCell($bed->at('name', -1))->getValue()), ['cut-texts']],
            'a heading missing' => ['heading-missing', ['orders', 'people', 'budget'], fn (Bed $bed, Worksheet $on) => $on->setCellValue(
                $bed->at($bed->last(), -1), null), []],
            'a blank row' => ['blank-rows', ['people', 'log', 'measures'], fn (Bed $bed,
                Worksheet $on) => $on->insertNewRowBefore($bed->row(5)),
                ['headings-out-of-sight', 'broken-stripes']],
            'a cell far away' => ['far-away', self::SHAPES, fn (Bed $bed, Worksheet $on) => $on->setCellValue('B900', 'x'), ['cut-texts']],
            'pale ink' => ['contrast', self::SHAPES, fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->at('name',
                2))->getFont()->getColor()
                ->setRGB('DDDDCC'), ['near-colours']],
            'nearly the same fill' => ['near-colours', self::SHAPES, function (Bed $bed, Worksheet $on) {
                foreach ([1, 2, 3] as $row) {
                    $on->getStyle($bed->at('name', $row))->getFill()->setFillType('solid')->getStartColor()->setRGB($row === 3
                        ? 'DCEBF5' : 'DDEBF7');
                }
            }, []],
            'nearly the same size' => ['near-sizes', self::SHAPES, fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->at('name',
                2))->getFont()
                ->setSize(10), []],
            'many fonts' => ['many-kinds', ['people', 'orders'], function (Bed $bed, Worksheet $on) {
                foreach (['Arimo', 'Tinos', 'Cousine', 'Gelasio'] as $row => $font) {
                    $on->getStyle($bed->at('name', $row))->getFont()->setName($font);
                }
            }, ['cut-texts']],
            'figures that are cut' => ['cut-texts', $figures, fn (Bed $bed,
                Worksheet $on) => $on->getColumnDimension($bed->columns['formula'])
                ->setWidth(2), []],
            'figures at the left' => ['figures-at-left', ['orders', 'budget', 'measures'], fn (Bed $bed, Worksheet $on) => $on->getStyle(
                $bed->body(isset($bed->columns['count']) ? 'count' : 'weight'))->getAlignment()->setHorizontal('left'), []],
            'two alignments' => ['mixed-alignment', self::SHAPES, fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->at('name', 3))
                ->getAlignment()->setHorizontal('center'), []],
            'merged among the data' => ['merged-in-body', ['people', 'log'], fn (Bed $bed, Worksheet $on) => $on->mergeCells(
                $bed->at('name', 2).':'.$bed->at('name', 3)), []],
            'thick lines' => ['heavy-borders', self::SHAPES, function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->getStyle($bed->line($row))->getBorders()->getBottom()->setBorderStyle(Border::BORDER_MEDIUM);
                }
            }, []],
            'stripes out of step' => ['broken-stripes', ['people', 'measures', 'log'], function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $isDark = ($row + ($row > 6 ? 1 : 0)) % 2 === 0;
                    $on->getStyle($bed->line($row))->getFill()->setFillType('solid')->getStartColor()->setRGB($isDark ? 'E4DCEB'
                        : 'FFFFFF');
                }
            }, []],
            'a wide column' => ['wide-columns', self::SHAPES, fn (Bed $bed, Worksheet $on) => $on->getColumnDimension($bed->columns['name'])
                ->setWidth(120), []],
            'a hidden column' => ['hidden-data', ['people', 'measures', 'orders'], fn (Bed $bed, Worksheet $on) => $on->getColumnDimension(
                $bed->columns[$bed->last()])->setVisible(false), []],
            'headings that scroll away' => ['headings-out-of-sight', ['log'], fn (Bed $bed, Worksheet $on) => $on->unfreezePane(), []],
            'one name, two spellings' => ['spelled-twice', ['people', 'orders'], function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('group', 2), 'Ash Ltd');
                $on->setCellValue($bed->at('group', 3), 'Ash Ltd.');
            }, ['cut-texts']],
            'a space behind a name' => ['stray-spaces', ['people', 'orders'], function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('group', 2), 'Upper beds');
                $on->setCellValue($bed->at('group', 3), 'Upper beds ');
            }, []],
            'against its check' => ['against-check', ['orders', 'budget'], function (Bed $bed, Worksheet $on) {
                $check = $on->getCell($bed->at('count', 2))->getDataValidation();
                $check->setType(DataValidation::TYPE_WHOLE)->setOperator(DataValidation::OPERATOR_LESSTHAN)->setFormula1('0');
            }, []],
            'an open formula on a closed sheet' => ['formula-unlocked', ['orders', 'budget'], function (Bed $bed, Worksheet $on) {
                $on->getProtection()->setSheet(true);
                $on->getStyle($bed->at('formula', 3))->getProtection()->setLocked('unprotected');
            }, []],
            'a name that says nothing' => ['sheet-name', self::SHAPES, fn (Bed $bed, Worksheet $on) => $on->setTitle('Sheet1'), []],
        ];
    }

    /** @return array<string, array{string, string, Closure(Bed, Worksheet): mixed, list<string>}> what only looks like a fault, by check */
    public static function alikes(): array
    {
        $stripes = function (Bed $bed, Worksheet $on) {
            for ($row = 0; $row < $bed->rows; $row++) {
                $on->getStyle($bed->line($row))->getFill()->setFillType('solid')->getStartColor()->setRGB($row % 2 === 0 ? 'E4DCEB'
                    : 'FFFFFF');
            }
        };

        return [
            'a text that spells an error' => ['error-value', 'people', fn (Bed $bed, Worksheet $on) => $on->setCellValueExplicit(
                $bed->at('name', 2), '#DIV/0!', DataType::TYPE_STRING), []],
            'a text that speaks of a lost place' => ['lost-reference', 'people', fn (Bed $bed, Worksheet $on) => $on->setCellValueExplicit(
                $bed->at('name', 2), 'see #REF!', DataType::TYPE_STRING), []],
            'a first row that begins' => ['formula-differs', 'budget', fn (Bed $bed,
                Worksheet $on) => $on->setCellValue($bed->at('formula', 0),
                    '=C2-B2+0'), []],
            'a hidden row below the total' => ['hidden-in-sum', 'budget', fn (Bed $bed, Worksheet $on) => $on->getRowDimension(
                $bed->row($bed->rows + 2))->setVisible(false), []],
            'a word in a column of days' => ['date-as-text', 'log', fn (Bed $bed,
                Worksheet $on) => $on->setCellValue($bed->at('day', 3), 'spring'),
                ['mixed-alignment', 'cut-texts']],
            'growth of three times' => ['percents-mixed', 'measures', fn (Bed $bed,
                Worksheet $on) => $on->setCellValue($bed->at('share', 3), 3.1), []],
            'a sign that the heading says' => ['sign-in-every-cell', 'budget', function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('price', -1), 'Actual, £');
                for ($row = 0; $row <= $bed->rows; $row++) {
                    $on->getStyle($bed->at('price', $row))->getNumberFormat()->setFormatCode('"£"#,##0.00');
                }
            }, ['cut-texts']],
            'growth beyond a hundred percent' => ['whole-percents', 'measures', fn (Bed $bed, Worksheet $on) => $on->setCellValue(
                $bed->at('share', 3), 1.5), []],
            'house numbers' => ['unit-in-cells', 'people', function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('town', $row), (3 + $row).' Mill Lane');
                }
            }, []],
            'long numbers kept as texts' => ['long-number', 'people', function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValueExplicit($bed->at('phone', $row), (string) (4_400_000_000_000_000 + 7 * $row), DataType::TYPE_STRING);
                }
            }, ['number-as-text', 'cut-texts']],
            'codes that count up' => ['lost-noughts', 'people', function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('phone', -1), 'Code');
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('phone', $row), 997 + $row);
                }
            }, []],
            'times of a day' => ['duration-cut', 'measures', function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('weight', $row), 0.3 + $row / 48);
                }
                $on->getStyle($bed->body('weight'))->getNumberFormat()->setFormatCode('hh:mm');
            }, []],
            'a blank cell of another format' => ['mixed-formats', 'log', function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('day', 3), null);
                $on->getStyle($bed->at('day', 3))->getNumberFormat()->setFormatCode('dd/mm/yyyy');
            }, []],
            'a blank cell of other decimals' => ['mixed-decimals', 'measures', function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('weight', 3), null);
                $on->getStyle($bed->at('weight', 3))->getNumberFormat()->setFormatCode('0.0');
            }, []],
            'whole figures that add up' => ['rounded-total', 'orders', fn () => null, []],
            'nought itself' => ['rounded-to-nought', 'measures', fn (Bed $bed,
                Worksheet $on) => $on->setCellValue($bed->at('weight', 3), 0), []],
            'tails that are not shown' => ['false-precision', 'measures', function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('weight', $row), (10 + $row) / 7);
                }
            }, []],
            'thousands but for one' => ['too-many-noughts', 'budget', function (Bed $bed, Worksheet $on) {
                for ($row = 0; $row < $bed->rows; $row++) {
                    $on->setCellValue($bed->at('count', $row), 1_000 * (150 + 13 * $row) + ($row === 4 ? 250 : 0));
                }
            }, ['cut-texts']],
            'a remark below a gap' => ['blank-rows', 'people', fn (Bed $bed, Worksheet $on) => $on->setCellValue('A'.
                $bed->row($bed->rows + 1),
                'Counted in spring'), []],
            'a remark some rows below' => ['far-away', 'people', fn (Bed $bed, Worksheet $on) => $on->setCellValue('A'.
                $bed->row($bed->rows + 9),
                'Counted in spring'), []],
            'ink of the colour of its fill' => ['contrast', 'people', fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->at('name',
                2))->getFont()
                ->getColor()->setRGB('FFFFFF'), []],
            'fills that differ' => ['near-colours', 'people', function (Bed $bed, Worksheet $on) {
                $on->getStyle($bed->at('name', 2))->getFill()->setFillType('solid')->getStartColor()->setRGB('DDEBF7');
                $on->getStyle($bed->at('name', 3))->getFill()->setFillType('solid')->getStartColor()->setRGB('F7DDDD');
            }, []],
            'a size that is meant' => ['near-sizes', 'people', fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->at('name', 2))->getFont()
                ->setSize(14), ['cut-texts']],
            'two fonts' => ['many-kinds', 'people', fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->at('name',
                2))->getFont()->setName('Tinos'), []],
            'a text that goes on over blank cells' => ['cut-texts', 'people', fn (Bed $bed, Worksheet $on) => $on->setCellValue(
                'A'.$bed->row($bed->rows + 2), 'Counted in spring, and again in autumn after the flood'), []],
            'codes at the left' => ['figures-at-left', 'people', function (Bed $bed, Worksheet $on) {
                $on->getStyle($bed->body('phone'))->getAlignment()->setHorizontal('left');
            }, []],
            'right by kind and right by hand' => ['mixed-alignment', 'orders', fn (Bed $bed,
                Worksheet $on) => $on->getStyle($bed->at('count', 3))
                ->getAlignment()->setHorizontal('right'), []],
            'a merged title' => ['merged-in-body', 'people', function (Bed $bed, Worksheet $on) {
                $on->insertNewRowBefore(1, 2);
                $on->setCellValue('A1', 'Who works where');
                $on->mergeCells('A1:D1');
                $on->freezePane('A4');
            }, []],
            'a thick line around' => ['heavy-borders', 'people', fn (Bed $bed, Worksheet $on) => $on->getStyle($bed->whole())->getBorders()
                ->getOutline()->setBorderStyle(Border::BORDER_MEDIUM), []],
            'stripes in step' => ['broken-stripes', 'people', $stripes, []],
            'a wide column that is full' => ['wide-columns', 'people', function (Bed $bed, Worksheet $on) {
                $on->getColumnDimension('A')->setWidth(60);
                $on->setCellValue($bed->at('name', 3), 'Hazel, grafted in the second spring after the flood');
            }, []],
            'a hidden column of nothing' => ['hidden-data', 'people', fn (Bed $bed,
                Worksheet $on) => $on->getColumnDimension('J')->setVisible(false), []],
            'a short list' => ['headings-out-of-sight', 'people', fn (Bed $bed, Worksheet $on) => $on->unfreezePane(), []],
            'two names' => ['spelled-twice', 'people', function (Bed $bed, Worksheet $on) {
                $on->setCellValue($bed->at('group', 2), 'Ash Ltd');
                $on->setCellValue($bed->at('group', 3), 'Ash Co');
            }, []],
            'a name of its own' => ['sheet-name', 'people', fn (Bed $bed, Worksheet $on) => $on->setTitle('Sheet metal'), []],
            'a total that follows' => ['total-typed', 'budget', fn () => null, []],
        ];
    }

    /** A workbook of one sheet with nothing wrong in it. */
    public function bed(string $shape, int $rows): Bed
    {
        $book = new Spreadsheet;
        $book->getDefaultStyle()->getFont()->setName('Carlito')->setSize(11);
        $sheet = $book->getActiveSheet();
        $sheet->setTitle(ucfirst($shape));
        $columns = match ($shape) {
            'orders' => ['name' => 'Order', 'group' => 'Customer', 'day' => 'Ordered', 'count' => 'Trees', 'price' => 'Price',
                'formula' => 'Worth'],
            'budget' => ['name' => 'Item', 'count' => 'Planned', 'price' => 'Actual', 'formula' => 'Difference'],
            'people' => ['name' => 'Name', 'group' => 'Team', 'town' => 'Town', 'phone' => 'Phone'],
            'measures' => ['name' => 'Sample', 'weight' => 'Weight', 'share' => 'Share'],
            'months' => ['name' => 'Species', 'count' => 'January', 'price' => 'February', 'march' => 'March', 'formula' => 'Quarter'],
            default => ['name' => 'Station', 'day' => 'Day', 'warmth' => 'Warmth'],
        };
        $rows = $shape === 'log' ? $rows + 40 : $rows;
        $bed = new Bed($book, $sheet, $rows, array_combine(array_keys($columns), array_slice(range('A', 'H'), 0, count($columns))));
        $sheet->fromArray(array_values($columns), null, 'A1');
        $sheet->getStyle('A1:'.$bed->columns[$bed->last()].'1')->getFont()->setBold(true);
        for ($row = 0; $row < $rows; $row++) {
            foreach (array_keys($columns) as $what) {
                $this->fill($bed, $shape, $what, $row);
            }
        }
        $this->total($bed, $shape);
        foreach (['day' => 'yyyy-mm-dd', 'formula' => $shape === 'months' ? '#,##0' : '#,##0.00', 'price' => $shape === 'months'
            ? '#,##0' : '#,##0.00',
            'weight' => '0.00', 'share' => '0%', 'warmth' => '0.0', 'count' => '#,##0'] as $what => $code) {
            if (isset($bed->columns[$what])) {
                $sheet->getStyle($bed->at($what, 0).':'.$bed->at($what, $rows))->getNumberFormat()->setFormatCode($code);
            }
        }
        foreach ($bed->columns as $what => $letter) {
            $sheet->getColumnDimension($letter)->setWidth(in_array($what, ['name', 'group', 'town', 'phone'], true) ? 19 : 13);
        }
        $sheet->freezePane('A2');

        return $bed;
    }

    private function fill(Bed $bed, string $shape, string $what, int $row): void
    {
        $towns = ['Aldham', 'Birlow', 'Corrick', 'Dunmere', 'Eskham'];
        $names = ['Alder', 'Birch', 'Cherry', 'Dogwood', 'Elder', 'Fir', 'Gean', 'Hazel', 'Ivy', 'Juniper', 'Larch', 'Maple'];
        $teams = ['Upper beds', 'Lower beds', 'Frames'];
        $at = $bed->at($what, $row);
        $line = $bed->row($row);
        $value = match ($what) {
            'name' => match ($shape) {
                'orders' => sprintf('N-%04d', 1_000 + 3 * $row),
                'measures' => sprintf('S-%03d', 100 + $row),
                'log' => $towns[$row % 5],
                default => $names[$row % 12].' '.chr(65 + intdiv($row, 12)),
            },
            'group' => $teams[$this->random->getInt(0, 2)],
            'town' => $towns[$this->random->getInt(0, 4)],
            'phone' => sprintf('0%d %06d', $this->random->getInt(11, 19), $this->random->getInt(100_000, 999_999)),
            'day' => 46_000 + 2 * $row + $this->random->getInt(0, 1),
            'count', 'march' => $this->random->getInt(11, 940),
            'price' => $shape === 'months' ? $this->random->getInt(11, 940) : $this->random->getInt(105, 9_900) / 100,
            'weight' => $this->random->getInt(1_000, 9_000) / 100,
            'share' => $this->random->getInt(5, 95) / 100,
            'warmth' => $this->random->getInt(-40, 240) / 10,
            default => match ($shape) {
                'orders' => "=D$line*E$line",
                'budget' => "=C$line-B$line",
                default => "=SUM(B$line:D$line)",
            },
        };
        is_string($value) && $what !== 'formula' ? $bed->sheet->setCellValueExplicit($at, $value, DataType::TYPE_STRING)
            : $bed->sheet->setCellValue($at, $value);
    }

    private function total(Bed $bed, string $shape): void
    {
        if (! in_array($shape, ['orders', 'budget'], true)) {
            return;
        }
        $bed->total = $bed->rows;
        $bed->sheet->setCellValue($bed->at('name', $bed->rows), 'Total');
        foreach ($shape === 'orders' ? ['count', 'formula'] : ['count', 'price', 'formula'] as $what) {
            $bed->sheet->setCellValue($bed->at($what, $bed->rows), '=SUM('.$bed->at($what, 0).':'.$bed->at($what, $bed->rows - 1).')');
        }
        $bed->sheet->getStyle($bed->line($bed->rows))->getFont()->setBold(true);
    }
}
