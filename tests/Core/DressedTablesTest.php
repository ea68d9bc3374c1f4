<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Writing\Writers;
use DOMDocument;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\WildSheet;
use ZipArchive;

/**
 * Dressed tables as tables of the format (ISO/IEC 29500-1 18.5.1.2), read back by the general-purpose library and by a reader of the
 * standard's words.
 */
final class DressedTablesTest extends TestCase
{
    use FolderOfFiles;

    private static function written(): void
    {
    }

    private const ROWS = [['Orders of "May"'], [], ['Order', 'Customer & co', 'Worth'], ['A1', 'Wick Farm', 1.5], ['A2', 'Brook '
        .'Cottage', 2.5],
        ['A3', 'Tolland School', 3.5], ['A4', 'Mossdale', 4.5], ['Total', null, 12]];

    public function test_a_table_is_one_of_the_format_with_a_style_of_its_stylebook(): void
    {
        [$parts, $book, $python] = self::handedOver(['May' => self::ROWS, 'May 2' => self::ROWS]);
        $sheet = $book->getSheetByNameOrThrow('May');
        $tables = iterator_to_array($sheet->getTableCollection());
        self::assertSame([['Table_May', 'A3:C7', 'River ledger', true]], array_map(fn ($table) => [$table->getName(), $table->getRange(),
            $table->getStyle()->getTheme(), $table->getStyle()->getShowRowStripes()], $tables), 'the total stands below it');
        self::assertSame(['name' => 'Table_May', 'ref' => 'A3:C7', 'columns' => ['Order', 'Customer & co', 'Worth'], 'headings' => 1,
            'style' => 'River ledger', 'is_own' => true, 'stripes' => true], $python['May']['tables'][0]);
        self::assertSame(['Table_May_2'], array_column($python['May 2']['tables'], 'name'));
        self::assertStringContainsString('name="Customer &amp; co"', $parts['xl/tables/table1.xml']);
        self::assertStringContainsString('name="Table_May_2"', $parts['xl/tables/table2.xml']);
        self::assertStringContainsString('<tableParts count="1"><tablePart r:id="rId1"/></tableParts></worksheet>',
            $parts['xl/worksheets/sheet1.xml']);
        $styles = new DOMDocument;
        self::assertTrue($styles->loadXML($parts['xl/styles.xml']));
        $order = [];
        foreach ($styles->documentElement->childNodes ?? [] as $child) {
            $order[] = $child->nodeName;
        }
        self::assertSame(['dxfs', 'tableStyles'], array_slice($order, (int) array_search('dxfs', $order, true), 2), 'in the sequence '
            .'of 18.8.39');
        $dxfs = $styles->getElementsByTagName('dxf')->length;
        $elements = iterator_to_array($styles->getElementsByTagName('tableStyleElement'));
        self::assertSame(['wholeTable', 'headerRow', 'secondRowStripe'],
            array_map(fn ($one) => $one->getAttribute('type'), $elements));
        foreach ($elements as $element) {
            $element->hasAttribute('dxfId') && self::assertLessThan($dxfs, (int) $element->getAttribute('dxfId'));
        }
        [$plain] = self::handedOver(['May' => self::ROWS], false);
        self::assertArrayNotHasKey('xl/tables/table1.xml', $plain);
    }

    public function test_what_the_format_cannot_have_as_a_table_is_a_plain_range(): void
    {
        $twice = self::ROWS;
        $twice[2][1] = 'order';
        $figure = self::ROWS;
        $figure[2][2] = 2026;
        [$parts] = self::handedOver(['Twice' => $twice, 'Figure' => $figure]);
        self::assertSame([], array_filter(array_keys($parts), fn (string $name) => str_contains($name, 'tables/')));
        [$merged] = self::handedOver(['Merged' => self::ROWS], true, [Range::parse('A5:B5')]);
        self::assertArrayNotHasKey('xl/tables/table1.xml', $merged);
    }

    /**
     * @param  array<string, list<list<mixed>>>  $sheets
     * @param  list<Range>  $merges
     * @return array{array<string, string>, \PhpOffice\PhpSpreadsheet\Spreadsheet, array<string, array<string, mixed>>}
     */
    private static function handedOver(array $sheets, bool $asTables = true, array $merges = []): array
    {
        $made = [];
        foreach ($sheets as $name => $rows) {
            $cells = MemorySheet::of($name, $rows);
            $made[count($made) + 1] = new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)), came: new Setup(merges: $merges));
        }
        $workbook = (new Dress(array_keys($made), Builtin::named('River ledger')))->on(new Workbook('Book', $made, new LookBook));
        $path = self::$folder.'/tables.xlsx';
        $writer = Writers::for('xlsx', tables: $asTables) ?? self::fail('it is written');
        $writer->write($workbook, $path);
        self::assertTrue($writer->prove($workbook, $path)->holds());
        $zip = new ZipArchive;
        $zip->open($path);
        $parts = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $parts[(string) $zip->getNameIndex($at)] = (string) $zip->getFromIndex($at);
        }
        $zip->close();
        $read = IOFactory::load($path);

        return [$parts, $read, json_decode(self::ran('/usr/bin/python3', 'read-tables.py', $path), true)];
    }

    /** A law: what is said to look the same down to a row has the same in common with each row on the way, between tables too. */
    public function test_rows_that_are_the_same_until_a_row_are_the_same(): void
    {
        $stretches = 0;
        for ($seed = 3_001; $seed <= 3_200; $seed++) {
            mt_srand($seed);
            $rows = array_map(fn (string $line) => str_getcsv($line, escape: ''), explode("\n", WildSheet::csv($seed)));
            $cells = MemorySheet::of('Wild', $rows);
            $looks = new LookBook;
            $hand = new LookMap;
            $hand->set(Range::of($row = mt_rand(1, 9), 1, $row + mt_rand(0, 4), 2), $looks->number(Look::of(['bold' => true])));
            $sheet = (new Worksheet($cells, 'Wild', Finder::read(SheetFacts::of($cells))))->touched($hand);
            $dressed = new DressedSheet($sheet->wearing(Builtin::all()[$seed % count(Builtin::all())], false), $looks);
            for ($row = 1; $row <= $cells->rows() + 3; $row++) {
                $until = $dressed->sameUntil($row);
                $key = $dressed->key($row);
                for ($next = $row + 1; $next <= min($until, $cells->rows() + 9); $next++) {
                    self::assertSame($key, $dressed->key($next), "sheet $seed, row $row to $until, at $next");
                    $stretches++;
                }
            }
        }
        mt_srand();
        self::assertGreaterThan(1_000, $stretches);
    }
}
