<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use App\Files\Xlsx\PackageWriter;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\EditCells;
use Rilvet\Act\Format;
use Rilvet\Act\Merge;
use Rilvet\Act\MoveCells;
use Rilvet\Act\MoveSheet;
use Rilvet\Act\NameSelection;
use Rilvet\Act\Resize;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;
use Rilvet\Work\Workbook;
use Tests\HandMade;

/** What a person changed stands in the package that goes back, and what hangs on it goes along. */
final class ChangedPartsTest extends LosslessCase
{
    public function test_edited_cells_are_written_in_their_place_and_a_group_of_formulas_stays_whole(): void
    {
        $source = self::fixture('npm');
        $workbook = (new EditCells(1, [2 => [6 => '=B2*5'], 4 => [1 => 'A new <name>', 2 => ''], 60 => [3 => '12,5']]))->on(
            self::open($source),
        );
        $written = self::written($workbook, $source, [1]);
        $sheet = self::library($written)->getActiveSheet();
        self::assertSame(
            ['=B2*5', '=B3*2', '=B4*2', 'A new <name>', null],
            [
                $sheet->getCell('F2')->getValue(),
                $sheet->getCell('F3')->getValue(),
                $sheet->getCell('F4')->getValue(),
                (string) $sheet->getCell('A4')->getValue(),
                $sheet->getCell('B4')->getValue(),
            ],
        );
        self::assertSame('12,5', (string) $sheet->getCell('C60')->getValue());
        self::assertSame('dd/mm/yyyy', $sheet->getStyle('C5')->getNumberFormat()->getFormatCode());
        self::assertTrue((new PackageWriter($source, [1]))->prove($workbook, $written)->holds());
        array_map(unlink(...), [$source, $written]);
    }

    public function test_what_is_anchored_to_cells_goes_along_with_rows_and_columns(): void
    {
        $origins = ['composer' => ['B5:B7', 'B5', 'A4:D7', 'F'], 'npm' => ['B4:B43', 'B5', null, null]];
        foreach ($origins as $origin => [$condition, $checked, $filter]) {
            $source = self::fixture($origin);
            $workbook = (new MoveCells(1, new Shift(true, 2, 2, true)))->on(self::open($source));
            $written = self::written($workbook, $source, null);
            $sheet = self::library($written)->getActiveSheet();
            self::assertSame([$condition], array_keys($sheet->getConditionalStylesCollection()), $origin);
            self::assertSame([$checked], array_keys($sheet->getDataValidationCollection()));
            self::assertSame([$origin === 'composer' ? 'B5' : 'A7'], array_keys($sheet->getComments()));
            $filter === null || self::assertSame($filter, $sheet->getAutoFilter()->getRange());
            $filter === null
                ? self::assertSame('https://example.org/', $sheet->getCell('E4')->getHyperlink()->getUrl())
                : self::assertSame('F4', $sheet->getChartByIndex(0)->getTopLeftPosition()['cell']);
            self::assertTrue((new PackageWriter($source))->prove($workbook, $written)->holds());
            array_map(unlink(...), [$source, $written]);
        }
    }

    public function test_a_table_goes_along_and_is_a_range_once_a_column_is_put_into_it(): void
    {
        $source = self::fixture('Debian');
        $table = fn (string $path) => self::library($path)->getSheetByName('Keys')?->getTableCollection()[0] ?? null;
        self::assertSame('A1:B3', $table($source)?->getRange());
        $down = self::written((new MoveCells(2, new Shift(true, 1, 4, true)))->on(self::open($source)), $source, null);
        self::assertSame('A5:B7', $table($down)?->getRange());
        $along = self::written((new MoveCells(2, new Shift(false, 1, 1, true)))->on(self::open($source)), $source, null);
        self::assertSame('B1:C3', $table($along)?->getRange());
        $cut = self::written((new MoveCells(2, new Shift(false, 2, 1, true)))->on(self::open($source)), $source, null);
        self::assertNull($table($cut));
        self::assertStringNotContainsString(
            'table',
            implode(array_keys(self::parts($cut))).
                self::parts($cut)['[Content_Types].xml'].
                self::parts($cut)['xl/worksheets/sheet2.xml'],
        );
        array_map(unlink(...), [$source, $down, $along, $cut]);
    }

    public function test_names_order_state_merges_and_sizes_go_into_the_package(): void
    {
        $source = self::fixture('Debian');
        $workbook = self::open($source);
        $workbook = (new ArrangeSheet(2, "Keys' end", null, '#2C6E66'))->on($workbook);
        $workbook = (new MoveSheet(2, 1))->on($workbook);
        $workbook = (new NameSelection(1, 'Prices', RangeSet::parse('C2:C31')))->on($workbook);
        $workbook = (new Merge(self::at('A33:C33'), 'first'))->on($workbook);
        $workbook = (new Resize([1], true, [[2, 2], [5, 5]], 130))->on($workbook);
        $workbook = (new Resize([1], false, [[9, 9]], 44))->on($workbook);
        $written = self::written($workbook, $source, null);
        $book = self::library($written);
        self::assertSame(["Keys' end", 'Beds & rows'], $book->getSheetNames());
        self::assertSame('2C6E66', substr($book->getSheet(0)->getTabColor()->getARGB(), -6));
        $sheet = $book->getSheet(1);
        self::assertSame(['A33:C33'], array_values($sheet->getMergeCells()));
        self::assertEqualsWithDelta(130 / 7, $sheet->getColumnDimension('B')->getWidth(), 0.01);
        // The library adds the room beside the digits to the 24 characters that it was told (18.3.1.13).
        self::assertEqualsWithDelta(24 + 5 / 7, $sheet->getColumnDimension('A')->getWidth(), 0.01);
        self::assertSame(
            [false, 33.0, 30.0],
            [
                $sheet->getColumnDimension('C')->getVisible(),
                $sheet->getRowDimension(9)->getRowHeight(),
                $sheet->getRowDimension(4)->getRowHeight(),
            ],
        );
        self::assertSame(
            '$C$2:$C$31',
            $book->getNamedRange('Prices')?->getValue() === null
                ? null
                : substr((string) $book->getNamedRange('Prices')->getValue(), -11 + 1),
        );
        array_map(unlink(...), [$source, $written]);
    }

    public function test_what_a_format_can_say_for_all_its_cells_changes_the_styles_alone(): void
    {
        $parts = HandMade::parts(
            '<row r="1"><c r="A1" s="1"><v>1</v></c><c r="B1" s="1"><v>2</v></c></row><row r="2"><c r="A2"><v>2</v></c><c r="B2" '
            .'s="2"><v>3</v></c></row>',
        );
        $source = HandMade::package($parts);
        $look = Look::of(['italic' => true, 'fill' => '#FFEEAA']);
        $changed = function (string $ranges) use ($source, $look) {
            $workbook = (new Format(self::at($ranges), $look))->on(self::open($source));
            $written = self::written($workbook, $source, []);
            self::assertTrue((new PackageWriter($source))->prove($workbook, $written)->holds());
            $style = self::library($written)->getActiveSheet()->getStyle('B1');
            self::assertSame(
                [true, 'FFFFEEAA', true],
                [$style->getFont()->getItalic(), $style->getFill()->getStartColor()->getARGB(), $style->getFont()->getBold()],
            );
            [$before, $after] = [self::parts($source), self::parts($written)];
            unlink($written);

            return array_keys(array_filter($before, fn (string $bytes, string $name) => $after[$name] !== $bytes, ARRAY_FILTER_USE_BOTH));
        };
        self::assertSame(['xl/styles.xml'], $changed('A1:B1'));
        self::assertSame(['xl/styles.xml'], $changed('A1:B2'));
        // One of two cells of a format, or a cell that is not there, has to say it itself.
        self::assertSame(['xl/styles.xml', 'xl/worksheets/sheet1.xml'], $changed('B1'));
        self::assertSame(['xl/styles.xml', 'xl/worksheets/sheet1.xml'], $changed('A1:C1'));
        unlink($source);
    }

    public function test_sides_of_a_border_that_nobody_touched_stay_as_the_file_says_them(): void
    {
        $parts = HandMade::parts('<row r="1"><c r="A1" s="3"><v>1</v></c></row>');
        $parts['xl/styles.xml'] = (string) preg_replace(
            ['~<borders.*?</borders>~s', '~(<cellXfs[^>]*>.*?)</cellXfs>~s'],
            ['<borders count="2"><border><left/><right/><top/><bottom/><diagonal/></border><border outline="0">'
                .'<left style="thin"><color theme="4" tint="0.4"/></left><right/><top/>'
                .'<bottom style="double"><color indexed="10"/></bottom><diagonal/></border></borders>',
                '$1<xf numFmtId="0" fontId="0" fillId="0" borderId="1" xfId="0" applyBorder="1"/></cellXfs>'],
            $parts['xl/styles.xml'],
        );
        preg_match('~<cellXfs[^>]*>(.*?)</cellXfs>~s', $parts['xl/styles.xml'], $formats);
        $own = substr_count($formats[1], '<xf ') - 1;
        $parts['xl/worksheets/sheet1.xml'] = str_replace('s="3"', "s=\"$own\"", $parts['xl/worksheets/sheet1.xml']);
        $source = HandMade::package($parts);
        $written = self::written((new Format(self::at('A1'), Look::of(['top' => 'thin #2A2230'])))->on(self::open($source)), $source, []);
        preg_match_all('~<border\b.*?</border>~s', self::parts($written)['xl/styles.xml'], $borders);
        // Colours of a theme and of the palette are no others than they were: ISO/IEC 29500-1, 18.8.4 and 18.3.1.15.
        $new = end($borders[0]);
        self::assertStringContainsString('outline="0"', (string) $new);
        self::assertStringContainsString('<left style="thin"><color theme="4" tint="0.4"/></left>', (string) $new);
        self::assertStringContainsString('<bottom style="double"><color indexed="10"/></bottom>', (string) $new);
        self::assertStringContainsString('<top style="thin"><color rgb="FF2A2230"/></top>', (string) $new);
        array_map(unlink(...), [$source, $written]);
    }

    public function test_looks_of_whole_columns_and_rows_are_read_and_stay(): void
    {
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row><row r="2" s="2" customFormat="1"><c r="A2"><v>2</v></c></row>');
        $parts['xl/worksheets/sheet1.xml'] = str_replace(
            '<sheetData>',
            '<dimension ref="A1:C2"/><cols><col min="2" max="3" width="12" style="1" customWidth="1"/></cols><sheetData>',
            $parts['xl/worksheets/sheet1.xml'],
        );
        $source = HandMade::package($parts);
        $workbook = self::open($source);
        $fill = fn (Workbook $book, int $row, int $column) => $book->looks->look($book->sheet(1)->file->at($row, $column))->toArray();
        self::assertSame('#FFFF00', $fill($workbook, 1, 2)['fill']);
        self::assertSame('#FFFF00', $fill($workbook, 900_000, 3)['fill']);
        self::assertSame(['mm-dd-yy', false], [$fill($workbook, 2, 2)['number'], isset($fill($workbook, 2, 2)['fill'])]);
        $touched = (new Format(self::at('B1:B1048576'), Look::of(['italic' => true])))->on($workbook);
        $written = self::written($touched, $source, []);
        $sheet = self::parts($written)['xl/worksheets/sheet1.xml'];
        self::assertMatchesRegularExpression(
            '~<col min="2" max="2" width="[\d.]+" style="[3-9]" customWidth="1"/><col min="3" max="3" width="12" style="1" '
            .'customWidth="1"/>~',
            $sheet,
        );
        $again = self::open($written);
        self::assertSame([true, '#FFFF00'], [$fill($again, 900_000, 2)['italic'], $fill($again, 900_000, 2)['fill']]);
        array_map(unlink(...), [$source, $written]);
    }

    public function test_a_signature_is_left_out_with_a_word_and_only_when_something_changed(): void
    {
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>1</v></c></row>');
        $parts['_rels/.rels'] = str_replace(
            '</Relationships>',
            '<Relationship Id="rId7" Type="http://schemas.openxmlformats.org/package/2006/relationships/digital-signature/origin" '
            .'Target="_xmlsignatures/origin.sigs"/></Relationships>',
            $parts['_rels/.rels'],
        );
        $parts += [
            '_xmlsignatures/origin.sigs' => '',
            '_xmlsignatures/sig1.xml' => '<Signature/>',
            '_xmlsignatures/_rels/origin.sigs.rels' => '<Relationships '
                .'xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
                .'<Relationship Id="rId1" '
                .'Type="http://schemas.openxmlformats.org/package/2006/relationships/digital-signature/signature" '
                .'Target="sig1.xml"/></Relationships>',
        ];
        $source = HandMade::package($parts);
        $opening = new Opening(fn (int $sheet) => new MemoryBlockStore);
        $workbook = $opening->open($source, 'a.xlsx');
        self::assertStringContainsString('signed', implode(' ', $opening->notices()));
        $same = self::written($workbook, $source, []);
        self::assertSame(self::parts($source), self::parts($same));
        $written = self::written((new Format(self::at('A1'), Look::of(['bold' => true])))->on($workbook), $source, []);
        self::assertSame([], preg_grep('~_xmlsignatures~', array_keys(self::parts($written))));
        self::assertStringNotContainsString('origin', self::parts($written)['_rels/.rels']);
        array_map(unlink(...), [$source, $same, $written]);
    }
}
