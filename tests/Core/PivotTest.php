<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use DOMElement;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\MoveCells;
use Rilvet\Grid\Shift;
use Rilvet\Reading\RowRun;
use Rilvet\Stylebook\Builtin;
use Tests\AtWork;
use ZipArchive;

/**
 * Pivot tables that come in an xlsx: read by their definition, dressed like any table, and dressed still after they are
 * refreshed elsewhere.
 */
final class PivotTest extends TestCase
{
    private const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    /** The definition of a pivot table in compact form: customers, orders within them, amounts; written after ISO/IEC 29500-1 18.10. */
    private static function definition(string $formats = ''): string
    {
        return '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n".'<pivotTableDefinition xmlns="'.
            self::MAIN.'" name="Sums" cacheId="7" '
            .'dataCaption="Values" applyNumberFormats="0" preserveFormatting="1"><location ref="A3:C10" firstHeaderRow="0" '
                .'firstDataRow="1" '
            .'firstDataCol="1"/><pivotFields count="3"><pivotField axis="axisRow" showAll="0"><items count="3"><item x="0"/><item x="1"/>'
            .'<item t="default"/></items></pivotField><pivotField axis="axisRow" showAll="0"><items count="3"><item x="0"/><item x="1"/>'
            .'<item t="default"/></items></pivotField><pivotField dataField="1" showAll="0"/></pivotFields><rowFields '
                .'count="2"><field x="0"/>'
            .'<field x="1"/></rowFields><rowItems count="7"><i><x/></i><i r="1"><x/></i><i r="1"><x v="1"/></i><i><x v="1"/></i><i '
                .'r="1"><x/></i>'
            .'<i t="default"><x v="1"/></i><i t="grand"><x/></i></rowItems><colFields count="1"><field x="-2"/></colFields><colItems '
                .'count="2"><i><x/></i>'
            .'<i i="1"><x v="1"/></i></colItems><dataFields count="2"><dataField name="Sum of Amount" fld="2"/><dataField '
                .'name="Count" fld="2" '
            .'subtotal="count"/></dataFields>'.
                $formats.'<pivotTableStyleInfo name="PivotStyleLight16" showRowHeaders="1"/></pivotTableDefinition>';
    }

    private static function file(string $definition): string
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->setTitle('Report')->fromArray([['Orders by customer'], [], ['Orders', 'Sum of Amount',
            'Count'], ['Wick Farm', null, null],
            ['A1', 10.5, 1], ['A2', 20.25, 2], ['Brook Cottage', null, null], ['B1', 5.5, 1], ['Brook Cottage Total', 5.5, 1],
            ['All', 36.25, 4]]);
        $path = (string) tempnam(sys_get_temp_dir(), 'pivot');
        (new Xlsx($book))->save($path);
        $zip = new ZipArchive;
        $zip->open($path);
        $relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $package = 'http://schemas.openxmlformats.org/package/2006/';
        $zip->addFromString('xl/pivotTables/pivotTable1.xml', $definition);
        $zip->addFromString('xl/workbook.xml', str_replace('</workbook>',
            '<pivotCaches><pivotCache cacheId="7" r:id="rIdC"/></pivotCaches></workbook>',
            (string) $zip->getFromName('xl/workbook.xml')));
        $zip->addFromString('xl/_rels/workbook.xml.rels', str_replace('</Relationships>', '<Relationship Id="rIdC" '
            ."Type=\"$relations/pivotCacheDefinition\" Target=\"pivotCache/pivotCacheDefinition1.xml\"/></Relationships>",
            (string) $zip->getFromName('xl/_rels/workbook.xml.rels')));
        $zip->addFromString('xl/pivotCache/pivotCacheDefinition1.xml', '<pivotCacheDefinition xmlns="'.
            self::MAIN.'" refreshOnLoad="1"><cacheSource '
            .'type="worksheet"><worksheetSource ref="A1:C9" sheet="Elsewhere"/></cacheSource><cacheFields '
                .'count="0"/></pivotCacheDefinition>');
        $zip->addFromString('xl/pivotTables/_rels/pivotTable1.xml.rels',
            "<Relationships xmlns=\"{$package}relationships\"><Relationship Id=\"rId1\" "
            ."Type=\"$relations/pivotCacheDefinition\" Target=\"../pivotCache/pivotCacheDefinition1.xml\"/></Relationships>");
        $zip->addFromString('xl/worksheets/_rels/sheet1.xml.rels',
            "<Relationships xmlns=\"{$package}relationships\"><Relationship Id=\"rId9\" "
            ."Type=\"$relations/pivotTable\" Target=\"../pivotTables/pivotTable1.xml\"/></Relationships>");
        $types = (string) $zip->getFromName('[Content_Types].xml');
        $zip->addFromString('[Content_Types].xml', str_replace('</Types>', '<Override PartName="/xl/pivotTables/pivotTable1.xml" '
            .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.pivotTable+xml"/>'
            .'<Override PartName="/xl/pivotCache/pivotCacheDefinition1.xml" '
            .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.pivotCacheDefinition+xml"/></Types>', $types));
        $zip->close();

        return $path;
    }

    /** @return list<string> */
    private function rows(AtWork $workbook): array
    {
        return array_map(fn (RowRun $run) => "$run->first-$run->last {$run->part?->value} rows",
            $workbook->workbook->sheet(1)->reading->tables[0]->runs);
    }

    public function test_its_parts_are_those_of_its_definition_whatever_is_typed(): void
    {
        $workbook = AtWork::at(self::file(self::definition()));
        $said = ['1-1 title rows', '2-2  rows', '3-3 heading rows', '4-4 row_group rows', '5-6 body rows', '7-7 row_group rows',
            '8-8 body rows', '9-9 subtotal rows', '10-10 total rows'];
        $this->assertSame($said, $this->rows($workbook));
        $workbook->do(new EditCells(1, [1 => [1 => 'Orders of the year'], 5 => [5 => 'late']]));
        $this->assertSame($said, $this->rows($workbook));
        $workbook->do(new MoveCells(1, new Shift(true, 2, 1, true)));
        $workbook->do(new EditCells(1, [1 => [1 => 'Orders']]));
        $this->assertSame(['2-3  rows', '4-4 heading rows', '5-5 row_group rows', '6-7 body rows', '8-8 row_group rows', '9-9 body rows',
            '10-10 subtotal rows', '11-11 total rows'],
            array_slice($this->rows($workbook), -8));
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'without formats' => [''];
        yield 'with one of somebody' => ['<formats count="1"><format dxfId="0"><pivotArea field="1" dataOnly="0"/></format></formats>'];
        yield 'with none in a list' => ['<formats count="0"/>'];
    }

    #[DataProvider('formats')]
    public function test_the_looks_stand_in_its_own_formats_and_nothing_else_of_it_is_changed(string $own): void
    {
        $before = self::definition($own);
        $workbook = AtWork::at(self::file($before));
        $this->assertSame($before, $workbook->written()['xl/pivotTables/pivotTable1.xml'], 'what nobody dressed stays as it is');
        $workbook->do(new Dress([1], Builtin::named('River ledger')));
        $parts = $workbook->written();
        $after = $parts['xl/pivotTables/pivotTable1.xml'];
        $plain = fn (string $xml) => (string) preg_replace('~<formats.*</formats>|<formats[^>]*/>~s', '', $xml);
        $this->assertSame($plain($before), $plain($after));
        $this->assertStringContainsString('refreshOnLoad="1"', $parts['xl/pivotCache/pivotCacheDefinition1.xml']);
        $tree = new DOMDocument;
        $this->assertTrue($tree->loadXML($after));
        $formats = iterator_to_array($tree->getElementsByTagName('format'));
        $this->assertSame((string) count($formats), $tree->getElementsByTagName('formats')->item(0)?->getAttribute('count'));
        $this->assertSame(str_contains($own, 'field="1"'), str_contains($after, '<pivotArea field="1" dataOnly="0"/>'));
        $styles = new DOMDocument;
        $styles->loadXML($parts['xl/styles.xml']);
        $dxfs = iterator_to_array($styles->getElementsByTagName('dxf'));
        $of = function (string $area) use ($formats, $dxfs): string {
            foreach ($formats as $format) {
                $is = $format->getElementsByTagName('pivotArea')->item(0);
                if ($is instanceof DOMElement && $is->getAttribute($area) === '1') {
                    $dxf = $dxfs[(int) $format->getAttribute('dxfId')];

                    return (string) $dxf->ownerDocument?->saveXML($dxf);
                }
            }
            self::fail("no format for $area");
        };
        $this->assertStringContainsString('<b', $of('grandRow'), 'the total of River ledger is bold');
        $python = $this->python($parts);
        $this->assertSame(['Sums', 'A3:C10', [0, 1], count($formats)], [$python['name'], $python['ref'], $python['rows'],
            count($python['formats'])]);
        $totals = array_filter($python['formats'], fn (array $one) => ($one['area']['grandRow'] ?? '0') === '1');
        $this->assertNotSame([], $totals);
        $this->assertSame([true], array_values(array_unique(array_map(fn (array $one) => $one['look']['bold'], $totals))));
        // Brought in again and dressed again, its formats do not multiply.
        $again = AtWork::at(AtWork::zipped($parts));
        $again->do(new Dress([1], Builtin::named('Plain rule')));
        $twice = $again->written()['xl/pivotTables/pivotTable1.xml'];
        $this->assertLessThanOrEqual(count($formats), substr_count($twice, '<format '));
        $this->assertSame($plain($before), $plain($twice));
    }

    /**
     * The pivot table as an independent reading of the standard has it.
     *
     * @param  array<string, string>  $parts
     * @return array<string, mixed>
     */
    private function python(array $parts): array
    {
        $path = AtWork::zipped($parts);
        exec('/usr/bin/python3 '.escapeshellarg(__DIR__.'/read-tables.py').' '.escapeshellarg($path).' 2>&1', $said, $code);
        unlink($path);
        $this->assertSame(0, $code, implode("\n", $said));

        return json_decode(implode("\n", $said), true)['Report']['pivots'][0];
    }
}
