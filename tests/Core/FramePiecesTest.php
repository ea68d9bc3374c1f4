<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use App\Files\Xlsx\XlsxWriter;
use DOMDocument;
use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\BreakPages;
use Rilvet\Act\Hide;
use Rilvet\Act\LiftProtection;
use Rilvet\Act\Merge;
use Rilvet\Act\ProtectSheet;
use Rilvet\Act\Resize;
use Rilvet\Act\SayPages;
use Rilvet\Act\SetCondition;
use Rilvet\Act\SetEntry;
use Rilvet\Act\SetOpening;
use Rilvet\Act\Targets;
use Rilvet\Condition\Condition;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Protection;
use Rilvet\Look\LookBook;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\SheetSkeleton;
use Tests\AtWork;
use Tests\HandMade;
use Tests\RandomSheet;

/**
 * What stands around the rows of a worksheet: in the order of ISO/IEC 29500-1 18.3.1.99, read as it is written, and nothing
 * else touched.
 */
final class FramePiecesTest extends TestCase
{
    /** The order of CT_Worksheet, as the standard's schema (sml.xsd, annex A.2) has it; from memory. */
    private const ORDER = [
        'sheetPr', 'dimension', 'sheetViews', 'sheetFormatPr', 'cols', 'sheetData', 'sheetCalcPr', 'sheetProtection', 'protectedRanges',
        'scenarios', 'autoFilter', 'sortState', 'dataConsolidate', 'customSheetViews', 'mergeCells', 'phoneticPr', 'conditionalFormatting',
        'dataValidations', 'hyperlinks', 'printOptions', 'pageMargins', 'pageSetup', 'headerFooter', 'rowBreaks', 'colBreaks',
        'customProperties', 'cellWatches', 'ignoredErrors', 'smartTags', 'drawing', 'legacyDrawing', 'legacyDrawingHF', 'drawingHF',
        'picture', 'oleObjects', 'controls', 'webPublishItems', 'tableParts', 'extLst',
    ];

    private const FULL = '<sheetPr><tabColor rgb="FF336699"/></sheetPr><dimension ref="A1:C4"/><sheetViews><sheetView zoomScale="90"'
        .' workbookViewId="0"><pane ySplit="1" topLeftCell="A2" activePane="bottomLeft" state="frozen"/><selection pane="bottomLeft"/>'
        .'</sheetView></sheetViews><sheetFormatPr defaultRowHeight="15"/><cols><col min="1" max="2" width="12" customWidth="1"/></cols>'
        .'<sheetData><row r="1"><c r="A1" t="inlineStr"><is><t>Lot</t></is></c><c r="B1" t="inlineStr"><is><t>Count</t></is></c></row>'
        .'<row r="2"><c r="A2" t="inlineStr"><is><t>L1</t></is></c><c r="B2"><v>4</v></c></row><row r="3"><c r="A3" t="inlineStr"><is>'
        .'<t>L2</t></is></c><c r="B3"><v>-2</v></c></row></sheetData><sheetCalcPr fullCalcOnLoad="1"/>'
        .'<protectedRanges><protectedRange sqref="C1" name="r"/></protectedRanges><autoFilter ref="A1:B3"/>'
        .'<mergeCells count="1"><mergeCell ref="A5:B5"/></mergeCells><phoneticPr fontId="0"/>'
        .'<conditionalFormatting sqref="B2:B3"><cfRule type="cellIs" priority="1" operator="lessThan"><formula>0</formula></cfRule>'
        .'</conditionalFormatting><dataValidations count="1"><dataValidation type="whole" operator="greaterThan" sqref="B2:B3"><formula1>1'
        .'</formula1></dataValidation></dataValidations><printOptions gridLines="1"/>'
        .'<pageMargins left="0.5" right="0.5" top="0.75" bottom="0.75" header="0.3" footer="0.3"/>'
        .'<pageSetup paperSize="9" orientation="landscape"/><headerFooter><oddFooter>&amp;Cfoot</oddFooter></headerFooter>'
        .'<rowBreaks count="1" manualBreakCount="1"><brk id="2" max="16383" man="1"/></rowBreaks>'
        .'<ignoredErrors><ignoredError sqref="A1" numberStoredAsText="1"/></ignoredErrors>'
        .'<extLst><ext uri="{0}"><x:kept xmlns:x="urn:kept"/></ext></extLst>';

    /** @return iterable<string, array{Act, list<string>}> an act, and the elements that it may write */
    public static function acts(): iterable
    {
        $cells = fn (string $range) => new Targets([1], RangeSet::of(Range::parse($range)));
        yield 'a colour of the tab' => [new ArrangeSheet(1, colour: '#112233'), ['sheetPr']];
        yield 'a zoom' => [new SetOpening([1], zoom: 70), ['sheetViews']];
        yield 'a frozen column' => [new SetOpening([1], freezeColumn: 1), ['sheetViews']];
        yield 'no grid lines' => [new SetOpening([1], gridlines: false), ['sheetViews']];
        yield 'a width' => [new Resize([1], true, [[2, 2]], 140), ['cols']];
        yield 'a hidden column' => [new Hide([1], true, 2, 2, true), ['cols']];
        yield 'a merge' => [new Merge($cells('A7:B8'), 'ask'), ['mergeCells']];
        yield 'protected' => [new ProtectSheet([1], [Allowance::Sort], null), ['sheetProtection']];
        yield 'a conditional look' => [new SetCondition(1, Condition::of(['id' => 'x', 'test' => ['is' => 'above', 'of' => ['3']],
            'where' => ['cells' => 'B2:B3'], 'look' => ['bold' => true]])), ['conditionalFormatting']];
        yield 'a check' => [new SetEntry(1, EntryCheck::of(['id' => 'x', 'kind' => 'length', 'is' => 'atMost', 'of' => ['9'],
            'where' => ['cells' => 'A2:A3']])), ['dataValidations']];
        yield 'a margin' => [new SayPages([1], PageRules::of(['left' => 30])), ['pageMargins']];
        yield 'paper' => [new SayPages([1], PageRules::of(['paper' => 'A5'])), ['pageSetup']];
        yield 'one page wide' => [new SayPages([1], PageRules::of(['wide' => 1])), ['sheetPr', 'pageSetup']];
        yield 'a foot' => [new SayPages([1], PageRules::of(['footer' => ['left' => 'Beds']])), ['headerFooter']];
        yield 'an end of a page' => [new BreakPages(1, true, null, 3), ['rowBreaks']];
        yield 'an end of a page across' => [new BreakPages(1, false, null, 1), ['colBreaks']];
    }

    /** @param  list<string>  $may */
    #[DataProvider('acts')]
    public function test_an_act_writes_its_own_elements_and_leaves_all_others_as_the_bytes_they_were(Act $act, array $may): void
    {
        $work = self::work(self::worksheet(self::FULL));
        $before = self::elements(self::worksheet(self::FULL));
        $after = self::elements($work->do($act)->written()['xl/worksheets/sheet1.xml']);
        $changed = array_keys(array_filter($after + $before, fn (string $name) => ($after[$name] ?? '') !== ($before[$name] ?? ''),
            ARRAY_FILTER_USE_KEY));
        self::assertNotSame([], $changed);
        self::assertSame([], array_values(array_diff($changed, $may)));
        self::assertInOrder(array_keys($after));
        // Taken back, nothing of it is left.
        self::assertSame(self::worksheet(self::FULL), $work->undo()->written()['xl/worksheets/sheet1.xml']);
    }

    /** @param  list<string>  $may */
    #[DataProvider('acts')]
    public function test_a_sheet_that_said_nothing_gets_them_at_the_place_that_the_standard_gives_them(Act $act, array $may): void
    {
        $bare = '<sheetData><row r="2"><c r="A2" t="inlineStr"><is><t>L1</t></is></c><c r="B2"><v>4</v></c></row></sheetData>'
            .'<extLst><ext uri="{0}"><x:kept xmlns:x="urn:kept"/></ext></extLst>';
        $after = self::elements(self::work(self::worksheet($bare))->do($act)
            ->written()['xl/worksheets/sheet1.xml']);
        self::assertInOrder(array_keys($after));
        self::assertSame([], array_values(array_diff(array_keys($after), [...$may, 'sheetData', 'extLst'])));
        self::assertStringContainsString('urn:kept', $after['extLst']);
    }

    public function test_protection_that_is_lifted_is_gone_and_nothing_else(): void
    {
        $xml = self::worksheet(str_replace('<protectedRanges>', '<sheetProtection sheet="1" objects="1" scenarios="1"/><protectedRanges>',
            self::FULL));
        $after = self::elements(self::work($xml)->do(new LiftProtection(1, ''))
            ->written()['xl/worksheets/sheet1.xml']);
        self::assertSame(array_diff_key(self::elements($xml), ['sheetProtection' => 0]), $after);
    }

    /** Random sheets, fixed seed: what a new file says is read as it was meant, and written back into itself not a byte changes. */
    public function test_a_new_sheet_is_read_back_as_it_was_and_written_back_it_keeps_every_byte(): void
    {
        mt_srand(2911);
        for ($round = 0; $round < 40; $round++) {
            $sheet = RandomSheet::of();
            $path = sys_get_temp_dir().'/rilvet-frame-'.getmypid().'.xlsx';
            (new XlsxWriter)->write(new Workbook('W', [1 => $sheet], new LookBook), $path);
            $work = AtWork::at($path);
            $read = $work->workbook->sheet(1);
            self::assertEquals($sheet->setup->tab, $read->setup->tab, "round $round");
            self::assertEquals($sheet->setup->opening, $read->setup->opening, "round $round");
            self::assertSame(array_map(strval(...), $sheet->setup->merges), array_map(strval(...), $read->setup->merges));
            foreach (range(1, 8) as $column) {
                self::assertSame($sheet->setup->sizes->widthOf($column), $read->setup->sizes->widthOf($column), "round $round, $column");
            }
            self::assertSame($sheet->setup->sizes->hiddenColumns, $read->setup->sizes->hiddenColumns);
            self::assertSame($sheet->setup->sizes->height, $read->setup->sizes->height);
            $said = fn (Worksheet $one) => array_map(fn (Condition $each) => [$each->key(), implode(' ', $each->where->cells)],
                $one->conditions());
            self::assertSame($said($sheet), $said($read), "round $round");
            $checks = fn (Worksheet $one) => array_map(fn (EntryCheck $each) => [$each->key(), implode(' ', $each->where->cells)],
                $one->aspect(EntryChecks::class)->all());
            self::assertSame($checks($sheet), $checks($read), "round $round");
            // Objects and scenarios are not told of a file that allows them.
            $allowed = fn (Worksheet $one) => array_values(array_filter($one->aspect(Protection::class)->allowed,
                fn (Allowance $each) => ! in_array($each, [Allowance::Objects, Allowance::Scenarios], true)));
            $sheet->setup->tab->protected && self::assertEqualsCanonicalizing($allowed($sheet), $allowed($read));
            self::assertSame($sheet->aspect(PageSetup::class)->rows, $read->aspect(PageSetup::class)->rows);
            $parts = AtWork::parts($path);
            self::assertInOrder(array_keys(self::elements($parts['xl/worksheets/sheet1.xml'])));
            self::assertSame($parts, $work->written(), "round $round");
            unlink($path);
        }
    }

    /** A sheet that is made here goes into the package of another workbook with all that stands around its rows. */
    public function test_a_sheet_that_was_added_takes_its_looks_by_condition_and_its_checks_along(): void
    {
        $work = self::work(self::worksheet(self::FULL));
        mt_srand(7);
        do {
            $sheet = RandomSheet::of();
        } while ($sheet->conditions() === [] || $sheet->aspect(EntryChecks::class)->all() === []);
        $work->workbook = $work->workbook->withSheet(2, $sheet);
        $path = AtWork::zipped($work->written());
        $read = (new Opening(fn () => new MemoryBlockStore))->open($path, 'a.xlsx')->sheet(2);
        unlink($path);
        self::assertEquals($sheet->setup->opening, $read->setup->opening);
        self::assertEquals($sheet->setup->tab, $read->setup->tab);
        self::assertCount(count($sheet->conditions()), $read->conditions());
        self::assertCount(count($sheet->aspect(EntryChecks::class)->all()), $read->aspect(EntryChecks::class)->all());
        self::assertSame(array_map(strval(...), $sheet->setup->merges), array_map(strval(...), $read->setup->merges));
    }

    private static function work(string $worksheet): AtWork
    {
        return AtWork::on(['xl/worksheets/sheet1.xml' => $worksheet] + HandMade::parts(''));
    }

    private static function worksheet(string $inner): string
    {
        return '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n"
            ."<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\">$inner</worksheet>";
    }

    /** @return array<string, string> all elements of a name, as canonical xml */
    private static function elements(string $xml): array
    {
        $tree = new DOMDocument;
        self::assertTrue($tree->loadXML($xml));
        $elements = [];
        foreach ($tree->documentElement->childNodes ?? [] as $child) {
            if ($child instanceof DOMElement) {
                $elements[$child->localName] = ($elements[$child->localName] ?? '').$child->C14N();
            }
        }

        return $elements;
    }

    /** @param  list<int|string>  $names */
    private static function assertInOrder(array $names): void
    {
        $places = array_map(fn (int|string $name) => array_search($name, self::ORDER, true), $names);
        $sorted = $places;
        sort($sorted);
        self::assertNotContains(false, $places, implode(' ', $names));
        self::assertSame($sorted, $places, implode(' ', $names));
    }

    /** What is written into a package that gives the namespace a prefix has it too; else readers would not see it. */
    public function test_new_elements_have_the_prefix_of_their_worksheet(): void
    {
        $main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
        $plain = new SheetSkeleton("<worksheet xmlns=\"$main\"><sheetData>", '</sheetData><pageMargins/></worksheet>', 's');
        $prefixed = new SheetSkeleton("<m:worksheet xmlns:m=\"$main\"><m:sheetData>", '</m:sheetData><m:pageMargins/></m:worksheet>', 's');
        foreach (['' => $plain, 'm:' => $prefixed] as $prefix => $frame) {
            $frame->fill($frame->put('mergeCells'), '<mergeCell ref="A1:B1"/><mergeCell ref="A2:B2"/>');
            $frame->insert('<conditionalFormatting sqref="A1"><cfRule type="x"/></conditionalFormatting>'
                .'<conditionalFormatting sqref="A2"/>', 'conditionalFormatting');
            $frame->insert('<conditionalFormatting sqref="A3"/>', 'conditionalFormatting');
            self::assertStringContainsString(strtr('<_sheetData/><_mergeCells><_mergeCell ref="A1:B1"/><_mergeCell ref="A2:B2"/>'
                .'</_mergeCells><_conditionalFormatting sqref="A1"><_cfRule type="x"/></_conditionalFormatting>'
                .'<_conditionalFormatting sqref="A2"/><_conditionalFormatting sqref="A3"/><_pageMargins/>', ['_' => $prefix]),
                (string) $frame->tree->saveXML());
        }
    }

    /** @return iterable<string, array{string, list<array{int, int, string}>}> elements, and what stands there after column 6 is 140 px */
    public static function columnElements(): iterable
    {
        // 140 px at 7 px a digit (18.3.1.13).
        $width = '20';
        yield 'none' => ['', [[6, 6, $width]]];
        yield 'before and behind' => ['<col min="1" max="5" width="9"/><col min="7" max="9" width="9"/>',
            [[1, 5, '9'], [6, 6, $width], [7, 9, '9']]];
        yield 'inside' => ['<col min="2" max="9" width="9"/>', [[2, 5, '9'], [6, 6, $width], [7, 9, '9']]];
        yield 'the first of one' => ['<col min="6" max="9" width="9"/>', [[6, 6, $width], [7, 9, '9']]];
        yield 'the last of one' => ['<col min="2" max="6" width="9"/>', [[2, 5, '9'], [6, 6, $width]]];
        yield 'itself' => ['<col min="5" max="5" width="9"/><col min="6" max="6" width="9"/>', [[5, 5, '9'], [6, 6, $width]]];
        // Of a damaged file both say it.
        yield 'two over it' => ['<col min="2" max="7" width="9"/><col min="6" max="8" width="7"/>',
            [[2, 5, '9'], [6, 6, $width], [7, 7, '9'], [6, 6, $width], [7, 8, '7']]];
    }

    /** @param  list<array{int, int, string}>  $then */
    #[DataProvider('columnElements')]
    public function test_a_width_parts_the_element_that_it_falls_into(string $cols, array $then): void
    {
        $frame = preg_replace('~<cols>.*</cols>~', $cols === '' ? '' : "<cols>$cols</cols>", self::FULL);
        $written = self::work(self::worksheet((string) $frame))->do(new Resize([1], true, [[6, 6]], 140))
            ->written()['xl/worksheets/sheet1.xml'];
        preg_match_all('~<col [^>]*>~', $written, $found);
        self::assertSame($then, array_map(function (string $col) {
            preg_match_all('~(\w+)="([^"]*)"~', $col, $said);
            $says = array_combine($said[1], $said[2]);

            return [(int) $says['min'], (int) $says['max'], (string) round((float) $says['width'], 2)];
        }, $found[0]));
    }
}
