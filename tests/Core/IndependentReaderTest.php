<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Demo\Nursery;
use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use App\Files\Xlsx\XlsxWriter;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Look\Attribute;
use Rilvet\Stylebook\Builtin;
use Rilvet\Text\Fonts;
use Rilvet\Work\Merges;
use Rilvet\Work\Workbook;
use ZipArchive;

/** The xlsx that is handed over, read back by an independent library from the npm registry, attribute by attribute. */
final class IndependentReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, bool}> */
    public static function books(): iterable
    {
        foreach (['River ledger', 'Plain rule', 'Long list'] as $stylebook) {
            foreach (['anew' => false, 'into its own package' => true] as $how => $back) {
                yield "year in $stylebook, written $how" => ['year', $stylebook, $back];
                yield "site in $stylebook, written $how" => ['site', $stylebook, $back];
            }
        }
    }

    #[DataProvider('books')]
    public function test_it_says_what_the_cascade_says(string $which, string $stylebook, bool $back): void
    {
        [$workbook, $path] = self::written($which, $stylebook, $back);
        $sheets = self::read($path);
        self::assertCount(count($workbook->sheets), $sheets);
        $compared = 0;
        foreach (array_values($workbook->sheets) as $index => $sheet) {
            $found = $sheets[$index];
            self::assertSame($sheet->name, $found['name']);
            $dressed = new DressedSheet($sheet, $workbook->looks);
            $merges = new Merges($sheet->setup->merges);
            foreach ($sheet->cells->read(1, 80) as $row => $cells) {
                foreach ($cells as $at => $cell) {
                    $address = Address::columnName($at + 1).$row;
                    $there = $found['cells'][$address] ?? null;
                    if ($merges->hides($row, $at + 1)) {
                        continue;
                    }
                    $look = $dressed->at($row, $at + 1)->look;
                    // A blank cell outside of tables wears the ground alone; none is made for it in the package.
                    if ($there === null || $there['font'] === null && $cell->isBlank()) {
                        self::assertTrue($cell->isBlank(), "{$sheet->name}!$address is in the file");
                        self::assertSame('none', $look->text(Attribute::Fill, 'none'), "{$sheet->name}!$address is filled in the file");

                        continue;
                    }
                    $horizontal = $look->text(Attribute::Horizontal, 'general');
                    $expected = [
                        'font' => $look->text(Attribute::Font, 'Carlito'),
                        'size' => $look->get(Attribute::Size) ?? 11,
                        'bold' => $look->is(Attribute::Bold),
                        'italic' => $look->is(Attribute::Italic),
                        'ink' => $look->text(Attribute::Ink, '#000000'),
                        'fill' => $look->text(Attribute::Fill, 'none'),
                        'top' => $look->text(Attribute::Top, 'none'),
                        'right' => $look->text(Attribute::Right, 'none'),
                        'bottom' => $look->text(Attribute::Bottom, 'none'),
                        'left' => $look->text(Attribute::Left, 'none'),
                        'horizontal' => $horizontal === 'span' ? 'centerContinuous' : $horizontal,
                        'vertical' => ['center' => 'middle'][$look->text(Attribute::Vertical, 'bottom')] ??
                            $look->text(Attribute::Vertical, 'bottom'),
                        'wrap' => $look->is(Attribute::Wrap),
                        'number' => $look->text(Attribute::Number, 'General'),
                    ];
                    foreach ($expected as $name => $value) {
                        self::assertEquals($value, $there[$name], "{$sheet->name}!$address $name");
                        $compared++;
                    }
                    if ($cell->formula !== null) {
                        self::assertSame($cell->formula, $there['value'], "{$sheet->name}!$address");
                    } elseif (is_string($cell->value)) {
                        self::assertSame($cell->value, $there['value'], "{$sheet->name}!$address");
                    } elseif ($cell->isNumber() && is_numeric($there['value'])) {
                        self::assertEqualsWithDelta($cell->number(), (float) $there['value'], 1e-9, "{$sheet->name}!$address");
                    }
                }
            }
            self::assertSame(array_map(strval(...), $sheet->setup->merges), $found['merges']);
            // Widths are said in digits of the workbook's default type: that of the package, or of the stylebook.
            $digit = $back
                ? 7
                : Fonts::shipped()
                    ->face($sheet->stylebook?->ground->text(Attribute::Font) ?? '')
                    ->digitWidth(($sheet->stylebook?->ground->number(Attribute::Size) ?? 11) * Fonts::PX);
            foreach ($found['widths'] as $at => $width) {
                // A column that is as wide as all are says nothing of it.
                self::assertEqualsWithDelta(
                    $sheet->setup->sizes->widthOf($at + 1),
                    $width === null ? $sheet->setup->sizes->width : $width * $digit,
                    1.0,
                    "width of column $at",
                );
            }
            foreach ($found['heights'] as $at => $height) {
                if ($height !== null) {
                    self::assertEqualsWithDelta($sheet->setup->sizes->heightOf((int) $at), $height * 96 / 72, 0.5, "height of row $at");
                }
            }
            self::assertSame($sheet->setup->opening->freezeRow, $found['view']['ySplit'] ?? 0);
            self::assertSame($sheet->setup->opening->freezeColumn, $found['view']['xSplit'] ?? 0);
        }
        self::assertGreaterThan(1_000, $compared);
        unlink($path);
    }

    #[DataProvider('ways')]
    public function test_parts_are_named_cell_styles_and_headings_repeat_on_each_page(bool $back): void
    {
        [, $path] = self::written('year', 'River ledger', $back);
        $zip = new ZipArchive;
        $zip->open($path);
        $styles = (string) $zip->getFromName('xl/styles.xml');
        foreach (['title', 'column headings', 'body', 'row groups', 'subtotals', 'total', 'notes'] as $part) {
            self::assertStringContainsString("<cellStyle name=\"River ledger: $part\"", $styles);
        }
        $book = (string) $zip->getFromName('xl/workbook.xml');
        self::assertStringContainsString("'Stock'!\$A:\$C,'Stock'!\$4:\$5", $book);
        $zip->close();
        unlink($path);
    }

    /** @return iterable<string, array{bool}> */
    public static function ways(): iterable
    {
        yield 'anew' => [false];
        yield 'into its own package' => [true];
    }

    /** @return array{Workbook, string} */
    private static function written(string $which, string $stylebook, bool $back = false): array
    {
        $nursery = new Nursery;
        $source = (string) tempnam(sys_get_temp_dir(), 'demo');
        (new Xlsx($which === 'year' ? $nursery->year() : $nursery->site()))->save($source);
        $workbook = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($source, 'demo.xlsx');
        $workbook = (new Dress(array_keys($workbook->sheets), Builtin::named($stylebook)))->on($workbook);
        $path = sys_get_temp_dir().'/rilvet-written-'.getmypid().'.xlsx';
        ($back ? new PackageWriter($source, []) : new XlsxWriter)->write($workbook, $path);
        unlink($source);

        return [$workbook, $path];
    }

    /** @return list<array<string, mixed>> */
    private static function read(string $path): array
    {
        exec('node '.escapeshellarg(__DIR__.'/read-xlsx.mjs').' '.escapeshellarg($path), $out, $code);
        self::assertSame(0, $code);

        return json_decode(implode("\n", $out), true);
    }
}
