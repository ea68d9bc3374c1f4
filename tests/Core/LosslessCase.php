<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use PhpOffice\PhpSpreadsheet\Cell\DataValidation;
use PhpOffice\PhpSpreadsheet\Chart\Chart;
use PhpOffice\PhpSpreadsheet\Chart\DataSeries;
use PhpOffice\PhpSpreadsheet\Chart\DataSeriesValues;
use PhpOffice\PhpSpreadsheet\Chart\PlotArea;
use PhpOffice\PhpSpreadsheet\Chart\Title;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx as Reader;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Style\Conditional;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Targets;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\RangeSet;
use Rilvet\Work\Workbook;
use ZipArchive;

/** Packages that other libraries wrote, opened, changed and written back. */
abstract class LosslessCase extends TestCase
{
    protected static function open(string $path): Workbook
    {
        return (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, 'a.xlsx');
    }

    /** @param  list<int>|null  $edited */
    protected static function written(Workbook $workbook, string $source, ?array $edited): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'back');
        (new PackageWriter($source, $edited))->write($workbook, $path);

        return $path;
    }

    protected static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

    protected static function library(string $path): Spreadsheet
    {
        $reader = new Reader;
        $reader->setIncludeCharts(true);

        return $reader->load($path);
    }

    /** @return array<string, string> */
    protected static function parts(string $path): array
    {
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path, ZipArchive::CHECKCONS));
        $parts = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $parts[(string) $zip->getNameIndex($index)] = (string) $zip->getFromIndex($index);
        }
        $zip->close();

        return $parts;
    }

    protected static function fixture(string $origin): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'fixture');
        if ($origin === 'composer') {
            self::fromComposer($path);
        } else {
            exec(
                ($origin === 'npm'
                    ? 'node '.escapeshellarg(__DIR__.'/write-fixture.mjs')
                    : '/usr/bin/python3 '.escapeshellarg(__DIR__.'/write-fixture.py')).
                    ' '.
                    escapeshellarg($path),
                $out,
                $code,
            );
            self::assertSame(0, $code, implode("\n", $out));
        }

        return $path;
    }

    protected static function fromComposer(string $path): void
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->setTitle('Lots');
        $sheet->fromArray([
            ['Tree report'],
            ['Tree', 'Count', 'Price', 'Value'],
            ['Rowan', 3, 1.5, '=B3*C3'],
            ['Ash', 4, 2.25, '=B4*C4'],
            ['Elm', 12, 0.75, '=B5*C5'],
            ['Total', '=SUM(B3:B5)', null, '=SUM(D3:D5)'],
        ]);
        $sheet->mergeCells('A1:D1')->getStyle('A2:D2')->getFont()->setBold(true);
        $sheet->getStyle('C3:D6')->getNumberFormat()->setFormatCode('#,##0.00');
        $sheet->getComment('B3')->getText()->createTextRun('counted twice');
        $sheet
            ->getCell('B3')
            ->getDataValidation()
            ->setType(DataValidation::TYPE_WHOLE)
            ->setFormula1('1')
            ->setFormula2('99')
            ->setShowErrorMessage(true);
        $condition = (new Conditional())
            ->setConditionType(Conditional::CONDITION_CELLIS)
            ->setOperatorType(Conditional::OPERATOR_GREATERTHAN)
            ->addCondition('5');
        $condition->getStyle()->getFont()->setBold(true);
        $sheet->getStyle('B3:B5')->setConditionalStyles([$condition]);
        $series = new DataSeries(
            DataSeries::TYPE_BARCHART,
            DataSeries::GROUPING_CLUSTERED,
            [0],
            [new DataSeriesValues('String', 'Lots!$B$2', null, 1)],
            [new DataSeriesValues('String', 'Lots!$A$3:$A$5', null, 3)],
            [new DataSeriesValues('Number', 'Lots!$B$3:$B$5', null, 3)],
        );
        $sheet->addChart(
            (new Chart('counts', new Title('Counts'), null, new PlotArea(null, [$series])))
                ->setTopLeftPosition('F2')
                ->setBottomRightPosition('M15'),
        );
        $sheet->setAutoFilter('A2:D5')->freezePane('B3');
        $book->createSheet()->setTitle('Other')->fromArray(array_map(fn (int $row) => ["key $row", $row], range(1, 30)));
        (new Xlsx($book))->setIncludeCharts(true)->save($path);
    }
}
