<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Xlsx\PackageWriter;
use DOMDocument;
use DOMElement;
use DOMXPath;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Act\Dress;
use Rilvet\Act\Format;
use Rilvet\Look\Look;
use Rilvet\Stylebook\Builtin;
use Tests\HandMade;

/** A workbook that came as xlsx goes back into its own package, and nothing is lost. Fixtures come from three independent libraries. */
final class LosslessTest extends LosslessCase
{
    /** What a change of looks may touch: the looks of cells, rows and columns, their sizes, and how the sheet opens. */
    private const ALLOWED = [
        '//m:c/@s',
        '//m:row/@s',
        '//m:row/@customFormat',
        '//m:row/@ht',
        '//m:row/@customHeight',
        '//m:row/@spans',
        '//m:cols',
        '//m:sheetViews',
        '//m:sheetFormatPr',
        '//m:mergeCells',
        // What the stylebook says of pages; margins and options it says nothing of.
        '//m:pageSetup', '//m:headerFooter', '//m:rowBreaks', '//m:colBreaks', '//m:pageSetUpPr', '//m:sheetPr[not(*) and not(@*)]',
    ];

    /** @return iterable<string, array{string}> */
    public static function fixtures(): iterable
    {
        foreach (['composer', 'npm', 'Debian'] as $origin) {
            yield "from $origin" => [$origin];
        }
    }

    #[DataProvider('fixtures')]
    public function test_without_a_change_every_part_has_the_same_bytes(string $origin): void
    {
        $source = self::fixture($origin);
        foreach ([[], null] as $edited) {
            $written = self::written(self::open($source), $source, $edited);
            self::assertSame(self::parts($source), self::parts($written));
            unlink($written);
        }
        unlink($source);
    }

    #[DataProvider('fixtures')]
    public function test_one_touched_cell_changes_one_attribute_and_appends_to_the_styles(string $origin): void
    {
        $source = self::fixture($origin);
        $workbook = (new Format(
            self::at('B3'),
            Look::of([
                'italic' => true,
                'fill' => '#FFEEAA',
                'number' => '0.000',
                'top' => 'double #112233',
                'wrap' => true,
                'locked' => false,
            ]),
        ))->on(self::open($source));
        $written = self::written($workbook, $source, []);
        [$before, $after] = [self::parts($source), self::parts($written)];
        $changed = array_keys(array_filter($before, fn (string $bytes, string $name) => $after[$name] !== $bytes, ARRAY_FILTER_USE_BOTH));
        sort($changed);
        self::assertSame(['xl/styles.xml', 'xl/worksheets/sheet1.xml'], $changed);
        $strip = fn (string $xml) => self::canonical($xml, ['//m:c[@r="B3"]/@s']);
        self::assertSame($strip($before['xl/worksheets/sheet1.xml']), $strip($after['xl/worksheets/sheet1.xml']));
        self::assertAppended($before['xl/styles.xml'], $after['xl/styles.xml']);
        $style = self::library($written)->getActiveSheet()->getStyle('B3');
        self::assertSame(
            [true, 'FFFFEEAA', '0.000', 'double', true, 'unprotected'],
            [
                $style->getFont()->getItalic(),
                $style->getFill()->getStartColor()->getARGB(),
                $style->getNumberFormat()->getFormatCode(),
                $style->getBorders()->getTop()->getBorderStyle(),
                $style->getAlignment()->getWrapText(),
                $style->getProtection()->getLocked(),
            ],
        );
        array_map(unlink(...), [$source, $written]);
    }

    #[DataProvider('fixtures')]
    public function test_a_dressed_workbook_differs_only_in_what_looks_are_said_with(string $origin): void
    {
        $source = self::fixture($origin);
        $workbook = self::open($source);
        $workbook = (new Dress(array_keys($workbook->sheets), Builtin::named('River ledger')))->on($workbook);
        $written = self::written($workbook, $source, []);
        [$before, $after] = [self::parts($source), self::parts($written)];
        self::assertSame(array_keys($before), array_keys($after));
        foreach ($before as $name => $bytes) {
            if (preg_match('~^xl/worksheets/sheet\d+\.xml$~', $name) === 1) {
                self::assertSame(self::canonical($bytes, self::ALLOWED), self::canonical($after[$name], self::ALLOWED), $name);
            } elseif ($name === 'xl/styles.xml') {
                self::assertAppended($bytes, $after[$name]);
            } elseif ($name === 'xl/workbook.xml') {
                self::assertSame(
                    self::canonical($bytes, ['//m:definedName[@name="_xlnm.Print_Titles"]', '//m:definedNames[not(*)]']),
                    self::canonical($after[$name], ['//m:definedName[@name="_xlnm.Print_Titles"]', '//m:definedNames[not(*)]']),
                );
            } else {
                self::assertSame($bytes, $after[$name], $name);
            }
        }
        self::sameData(self::library($source), self::library($written));
        $proof = (new PackageWriter($source, []))->prove($workbook, $written);
        self::assertTrue($proof->holds());
        self::assertGreaterThan(50, $proof->cells);
        // Brought in and dressed once more, it is what it is.
        $again = self::written(
            (new Dress(array_keys($workbook->sheets), Builtin::named('River ledger')))->on(self::open($written)),
            $written,
            [],
        );
        self::assertSame(substr_count($after['xl/styles.xml'], '<xf '), substr_count(self::parts($again)['xl/styles.xml'], '<xf '));
        array_map(unlink(...), [$source, $written, $again]);
    }

    /** @param  array<string, string>  $parts */
    #[DataProvider('shapes')]
    public function test_any_legal_shape_is_written_back(array $parts): void
    {
        $source = HandMade::package($parts);
        $workbook = self::open($source);
        $written = self::written($workbook, $source, []);
        self::assertSame(self::parts($source), self::parts($written));
        unlink($written);
        $touched = (new Format(self::at('B3,C1,A2'), Look::of(['bold' => true, 'fill' => '#FFEEAA'])))->on($workbook);
        $written = self::written($touched, $source, null);
        self::assertTrue((new PackageWriter($source))->prove($touched, $written)->holds());
        $again = self::open($written);
        foreach (['B3' => [3, 2], 'C1' => [1, 3], 'A2' => [2, 1]] as $address => [$row, $column]) {
            $look = $again->looks->look($again->sheet(1)->file->at($row, $column));
            self::assertSame(['#FFEEAA', true], [$look->toArray()['fill'] ?? null, $look->toArray()['bold'] ?? null], $address);
        }
        // What was not touched wears what it did.
        self::assertSame(
            $workbook->looks->look($workbook->sheet(1)->file->at(1, 1))->toArray(),
            $again->looks->look($again->sheet(1)->file->at(1, 1))->toArray(),
        );
        array_map(unlink(...), [$source, $written]);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function shapes(): iterable
    {
        yield from PackageTest::shapes();
    }

    /** @param  list<string>  $allowed  paths of what may differ */
    private static function canonical(string $xml, array $allowed): string
    {
        $tree = new DOMDocument;
        $tree->preserveWhiteSpace = false;
        $tree->loadXML($xml);
        $path = new DOMXPath($tree);
        $path->registerNamespace('m', HandMade::MAIN);
        foreach ($allowed as $query) {
            foreach (iterator_to_array($path->query($query) ?: []) as $node) {
                $node instanceof \DOMAttr
                    ? $node->ownerElement?->removeAttributeNode($node)
                    : $node instanceof DOMElement && $node->remove();
            }
        }
        // Cells and rows that hold nothing but a look are a look as well.
        foreach (['//m:c[not(*)]', '//m:row[not(*)]'] as $query) {
            foreach (iterator_to_array($path->query($query) ?: []) as $node) {
                $node instanceof DOMElement && $node->remove();
            }
        }

        return (string) $tree->C14N();
    }

    /** All that a styles part held is there, in its place; more may follow. */
    private static function assertAppended(string $before, string $after): void
    {
        $lists = function (string $xml) {
            $tree = new DOMDocument;
            $tree->loadXML($xml);
            $lists = [];
            foreach ($tree->documentElement?->childNodes ?? [] as $group) {
                foreach ($group->childNodes as $index => $item) {
                    $lists[$group->nodeName][] = $item->C14N();
                }
            }

            return $lists;
        };
        $now = $lists($after);
        foreach ($lists($before) as $group => $items) {
            self::assertSame($items, array_slice($now[$group] ?? [], 0, count($items)), $group);
        }
    }

    private static function sameData(Spreadsheet $one, Spreadsheet $other): void
    {
        self::assertSame($one->getSheetNames(), $other->getSheetNames());
        $count = 0;
        foreach ($one->getAllSheets() as $index => $sheet) {
            foreach ($sheet->getCoordinates() as $address) {
                self::assertEquals(
                    $sheet->getCell($address)->getValue(),
                    $other->getSheet($index)->getCell($address)->getValue(),
                    $address,
                );
                $count++;
            }
            self::assertSame(array_keys($sheet->getComments()), array_keys($other->getSheet($index)->getComments()));
            self::assertSame($sheet->getChartCount(), $other->getSheet($index)->getChartCount());
            self::assertSame(
                array_keys($sheet->getConditionalStylesCollection()),
                array_keys($other->getSheet($index)->getConditionalStylesCollection()),
            );
            self::assertSame(
                array_keys($sheet->getDataValidationCollection()),
                array_keys($other->getSheet($index)->getDataValidationCollection()),
            );
        }
        self::assertGreaterThan(20, $count);
    }
}
