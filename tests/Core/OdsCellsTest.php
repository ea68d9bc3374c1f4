<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Work\Workbook;
use Tests\AtWork;

/** Cells of an ods as ISO/IEC 26300-1 writes them (19.385 office:value-type and its kin), and files that are none. */
final class OdsCellsTest extends TestCase
{
    /** @return iterable<string, array{string, bool|float|int|string|null}> the cell, what it holds */
    public static function cells(): iterable
    {
        $cell = fn (string $says, string $text = '') => "<table:table-cell $says>".($text === '' ? '' : "<text:p>$text</text:p>")
            .'</table:table-cell>';
        $type = fn (string $type, string $value, string $name = 'value') => "office:value-type=\"$type\" office:$name=\"$value\"";
        yield 'a figure' => [$cell($type('float', '12.50'), '12,50'), 12.5];
        yield 'a share' => [$cell($type('percentage', '0.125'), '12.5 %'), 0.125];
        yield 'money' => [$cell($type('currency', '3').' office:currency="EUR"', '3 €'), 3];
        yield 'a figure that is none' => [$cell($type('float', 'INF'), 'x'), null];
        yield 'yes' => [$cell($type('boolean', 'true', 'boolean-value'), 'WAHR'), true];
        yield 'no' => [$cell($type('boolean', 'false', 'boolean-value'), 'FALSCH'), false];
        yield 'a text' => [$cell('office:value-type="string"', 'Rowan'), 'Rowan'];
        yield 'a text that says otherwise than it is shown' => [$cell($type('string', 'Ash', 'string-value'), 'shown'), 'Ash'];
        yield 'a text without a type' => [$cell('', 'Rowan'), 'Rowan'];
        $two = str_replace('</table', '<text:p>two</text:p></table', $cell('office:value-type="string"', 'one'));
        yield 'several lines' => [$two, "one\ntwo"];
        yield 'blanks and tabs that are said' => [
            $cell('office:value-type="string"', 'a<text:s text:c="3"/>b<text:tab/>c<text:line-break/>d'), "a   b\tc\nd",
        ];
        // Serial days by ISO/IEC 29500-1 18.17.4: 2026-05-01 is day 46,143; durations by ISO 8601.
        yield 'a day' => [$cell($type('date', '2026-05-01', 'date-value'), '1 May'), 46_143.0];
        yield 'a day with its time' => [$cell($type('date', '2026-05-01T18:00:00', 'date-value'), 'x'), 46_143.75];
        yield 'with parts of seconds' => [$cell($type('date', '2026-05-01T00:00:30.5', 'date-value'), 'x'), 46_143 + 30.5 / 86_400];
        yield 'a day that is none' => [$cell($type('date', '2026-02-30', 'date-value'), 'x'), '2026-02-30'];
        yield 'no day' => [$cell($type('date', 'May', 'date-value'), 'x'), 'May'];
        yield 'a time' => [$cell($type('time', 'PT14H30M00S', 'time-value'), '14:30'), 14.5 / 24];
        yield 'days of it' => [$cell($type('time', 'P2DT6H', 'time-value'), 'x'), 2.25];
        yield 'before nought' => [$cell($type('time', '-PT6H', 'time-value'), 'x'), -0.25];
        yield 'parts of seconds with a comma' => [$cell($type('time', 'PT0H0M1,5S', 'time-value'), 'x'), 1.5 / 86_400];
        yield 'no time' => [$cell($type('time', 'soon', 'time-value'), 'x'), 'soon'];
        yield 'nothing' => ['<table:table-cell/>', null];
        yield 'behind what is no cell' => ['<text:soft-page-break/><table:table-cell office:value-type="float" office:value="5"/>', 5];
        yield 'a type of its own kind' => [$cell('office:value-type="void"'), null];
    }

    #[DataProvider('cells')]
    public function test_each_kind_of_cell_is_read(string $cell, null|bool|int|float|string $value): void
    {
        foreach (self::opened("<table:table-row>$cell<table:table-cell office:value-type=\"float\" office:value=\"7\"/></table:table-row>")
            ->sheet(1)->cells->read(1, 1) as $cells) {
            is_float($value) ? self::assertEqualsWithDelta($value, $cells[0]->value, 1e-9) : self::assertSame($value, $cells[0]->value);
            self::assertSame(7, $cells[1]->value, 'the cell behind it');
        }
    }

    public function test_days_are_counted_from_1904_where_the_file_says_so(): void
    {
        $day = '<table:table-row><table:table-cell office:value-type="date" office:date-value="2026-05-01"/></table:table-row>';
        $workbook = self::opened($day, '<table:calculation-settings><table:null-date '
            .'table:date-value="1904-01-01"/></table:calculation-settings>');
        self::assertTrue($workbook->from1904);
        foreach ($workbook->sheet(1)->cells->read(1, 1) as $cells) {
            self::assertEquals(46_143 - 1_462, $cells[0]->value);
        }
    }

    /** @return iterable<string, array{string, list<int>, list<int>}> column elements, widths of the first six, hidden ones */
    public static function columns(): iterable
    {
        $column = fn (string $style, string $says = '') => "<table:table-column table:style-name=\"$style\"$says/>";
        $many = fn (int $count) => " table:number-columns-repeated=\"$count\"";
        yield 'one after the other' => [$column('wide').$column('slim').$column('wide'), [200, 40, 200, 64, 64, 64], []];
        yield 'repeated' => [$column('slim', $many(2)).$column('wide', $many(3)), [40, 40, 200, 200, 200, 64], []];
        yield 'hidden and filtered' => [$column('slim').$column('wide', ' table:visibility="collapse"').$column('wide',
            $many(2).' table:visibility="filter"'), [40, 0, 0, 0, 64, 64], [2, 3, 4]];
        yield 'in groups and as titles' => ['<table:table-header-columns>'.$column('wide').'</table:table-header-columns>'
            .'<table:table-column-group>'.$column('slim', $many(2)).'</table:table-column-group>', [200, 40, 40, 64, 64, 64], []];
        yield 'a style that says no width' => [$column('none').$column('wide'), [64, 200, 64, 64, 64, 64], []];
        yield 'none of them' => ['', [64, 64, 64, 64, 64, 64], []];
        yield 'to the end of a sheet and beyond' => [$column('slim').$column('wide', $many(99_999)), [40, 200, 200, 200, 200, 200], []];
    }

    /**
     * @param  list<int>  $widths  px
     * @param  list<int>  $hidden
     */
    #[DataProvider('columns')]
    public function test_columns_are_as_wide_as_their_styles_say(string $columns, array $widths, array $hidden): void
    {
        // 150 pt are 200 px, 30 pt are 40.
        $style = fn (string $name, string $says) => "<style:style style:name=\"$name\" style:family=\"table-column\">"
            ."<style:table-column-properties $says/></style:style>";
        $styles = '<office:automatic-styles>'.$style('wide', 'style:column-width="150pt"').$style('slim', 'style:column-width="30pt"')
            .$style('none', 'fo:break-before="auto"').'</office:automatic-styles>';
        $row = '<table:table-row><table:table-cell office:value-type="float" office:value="7"/></table:table-row>';
        $sizes = self::opened($columns.$row, styles: $styles)->sheet(1)->setup->sizes;
        self::assertSame($widths, array_map($sizes->widthOf(...), range(1, 6)));
        self::assertSame($hidden, $sizes->hiddenColumns);
        self::assertLessThanOrEqual(16_384, max([1, ...array_keys($sizes->widths)]));
    }

    public function test_what_is_repeated_stands_so_often(): void
    {
        $seven = fn (string $says = '') => "<table:table-cell office:value-type=\"float\" office:value=\"7\"$says/>";
        $workbook = self::opened('<table:table-row table:number-rows-repeated="3">'.$seven(' table:number-columns-repeated="2"')
            .'<table:table-cell table:number-columns-repeated="3"/>'.$seven().'</table:table-row>'
            .'<table:table-row table:number-rows-repeated="2"><table:table-cell/></table:table-row><table:table-row>'.$seven()
                .'</table:table-row>'
            .'<table:table-row table:number-rows-repeated="1048570"><table:table-cell '
            .'table:number-columns-repeated="16384"/></table:table-row>');
        $sheet = $workbook->sheet(1)->cells;
        self::assertSame([6, 6], [$sheet->rows(), $sheet->columns()]);
        $rows = [];
        foreach ($sheet->read(1, 6) as $row => $cells) {
            $rows[$row] = implode(',', array_map(fn (Cell $cell) => $cell->text(), $cells));
        }
        self::assertSame([1 => '7,7,,,,7', '7,7,,,,7', '7,7,,,,7', ',,,,,', ',,,,,', '7,,,,,'], $rows);
    }

    /** ISO/IEC 26300-1, 9.4.12 and 9.4.13: a name has a name, and says a range or a formula; what lacks either is no name. */
    public function test_names_of_ranges_and_formulas_are_known(): void
    {
        $parts = self::parts('<table:table-row><table:table-cell office:value-type="float" office:value="2"/></table:table-row>');
        $names = '<table:named-range table:name="Count" table:cell-range-address="$A.$A$1:.$B$9"/>'
            .'<table:named-expression table:name="Twice" table:expression="of:=2*[$A.$A$1]"/>'
            .'<table:named-range table:name="" table:cell-range-address="$A.$A$1"/>'
            .'<table:named-expression table:name="Bare"/>';
        $parts['content.xml'] = str_replace('</office:spreadsheet>', "<table:named-expressions>$names</table:named-expressions>"
            .'</office:spreadsheet>', $parts['content.xml']);
        self::assertSame(['Count' => 'A!$A$1:$B$9', 'Twice' => '2*A!$A$1'], self::open($parts)->names);
    }

    /** @return iterable<string, array{array<string, string>, string}> parts, words of the refusal */
    public static function faults(): iterable
    {
        $one = '<table:table-cell office:value-type="float" office:value="1"/>';
        yield 'rows without an end' => [
            self::parts("<table:table-row table:number-rows-repeated=\"1048577\">$one</table:table-row>"), 'a filled row 1,048,577',
        ];
        yield 'filled rows again and again' => [
            self::parts('<table:table-row table:number-rows-repeated="1000000">'.str_repeat($one, 1).'<table:table-cell '
                .'office:value-type="float" office:value="1" table:number-columns-repeated="900"/></table:table-row>'), 'more than',
        ];
        yield 'columns without an end' => [
            self::parts('<table:table-row><table:table-cell office:value-type="float" office:value="1" '
                .'table:number-columns-repeated="16385"/></table:table-row>'), 'more than 16,384 columns',
        ];
        yield 'a long text' => [
            self::parts('<table:table-row><table:table-cell office:value-type="string"><text:p>'.str_repeat('é', 40_000)
                .'</text:p></table:table-cell></table:table-row>'), '32,767',
        ];
        yield 'a text without an end' => [
            self::parts('<table:table-row><table:table-cell office:value-type="string">'.str_repeat('<text:p>Rowan and elm</text:p>',
                20_000)
                .'</table:table-cell></table:table-row>'), 'a cell takes at most 32,767',
        ];
        yield 'no content' => [['mimetype' => 'application/vnd.oasis.opendocument.spreadsheet', 'other.xml' => '<a/>'],
            'no spreadsheet is in it'];
        yield 'an archive in it' => [self::parts('') + ['inner.zip' => 'PK'], 'holds another archive, "inner.zip"'];
        yield 'a password' => [self::parts('') + ['META-INF/manifest.xml' => '<m><encryption-data/></m>'], 'protected by a password'];
        yield 'entities' => [
            ['content.xml' => '<!DOCTYPE x [<!ENTITY a "aa">]><x>&a;</x>'] + self::parts(''), 'document type or entities',
        ];
        yield 'no well-formed xml' => [['content.xml' => '<a><b></a>'] + self::parts(''), 'no well-formed xml'];
        yield 'nested without an end' => [
            ['content.xml' => str_repeat('<a>', 250).str_repeat('</a>', 250)] + self::parts(''), 'nested too deeply',
        ];
    }

    /** @param  array<string, string>  $parts */
    #[DataProvider('faults')]
    public function test_what_is_wrong_is_refused_by_name(array $parts, string $words): void
    {
        $this->expectException(FileIsWrong::class);
        $this->expectExceptionMessage($words);
        self::open($parts);
    }

    /** A check on a cell that is repeated is on all of these and on no other (19.601 table:content-validation-name, 19.675). */
    public function test_a_check_is_on_as_many_cells_as_its_cell_is_repeated(): void
    {
        $rules = '<table:content-validations><table:content-validation table:name="v1" table:condition="cell-content-is-whole-number()'
            .' and cell-content()&gt;3"/></table:content-validations>';
        $cell = fn (int $count, string $more = '') => "<table:table-cell table:number-columns-repeated=\"$count\"$more/>";
        $row = $cell(2).$cell(3, ' table:content-validation-name="v1"').$cell(4);
        $book = self::opened("<table:table-row>$row</table:table-row>", $rules);
        $checks = $book->sheet(1)->aspect(EntryChecks::class)->all();
        self::assertSame(['C1:E1'], array_map(fn (EntryCheck $one) => implode(',', array_map(strval(...), $one->where->cells)), $checks));
    }

    /** A sheet has 16,384 columns and 1,048,576 rows here; what would reach over their ends is not merged. */
    public function test_cells_are_merged_as_far_as_the_sheet_goes(): void
    {
        $merges = function (int $before, int $above, string $spans): array {
            $cells = "<table:table-cell table:number-columns-repeated=\"$before\"/><table:table-cell $spans office:value-type=\"string\">"
                .'<text:p>x</text:p></table:table-cell>';
            $rows = $above === 0 ? '' : "<table:table-row table:number-rows-repeated=\"$above\"><table:table-cell/></table:table-row>";

            return array_map(strval(...), self::opened("$rows<table:table-row>$cells</table:table-row>")->sheet(1)->setup->merges);
        };
        self::assertSame(['XFC1:XFD1'], $merges(16_382, 0, 'table:number-columns-spanned="2"'));
        self::assertSame([], $merges(16_382, 0, 'table:number-columns-spanned="3"'));
        self::assertSame(['B1048575:B1048576'], $merges(1, 1_048_574, 'table:number-rows-spanned="2"'));
        self::assertSame([], $merges(1, 1_048_574, 'table:number-rows-spanned="3"'));
    }

    private static function opened(string $rows, string $before = '', string $styles = ''): Workbook
    {
        return self::open(self::parts($rows, $before, $styles));
    }

    /** @param  array<string, string>  $parts */
    private static function open(array $parts): Workbook
    {
        return (new Opening(fn (int $sheet) => new MemoryBlockStore))->open(AtWork::zipped($parts), 'a.ods');
    }

    /** @return array<string, string> */
    private static function parts(string $rows, string $before = '', string $styles = ''): array
    {
        $name = fn (string $prefix) => "xmlns:$prefix=\"urn:oasis:names:tc:opendocument:xmlns:$prefix:1.0\"";

        return [
            'mimetype' => 'application/vnd.oasis.opendocument.spreadsheet',
            'content.xml' => '<?xml version="1.0"?><office:document-content '.$name('office').' '.$name('table').' '.$name('text')
                .' '.$name('style')." xmlns:fo=\"urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0\">$styles<office:body>"
                ."<office:spreadsheet>$before<table:table table:name=\"A\">$rows</table:table></office:spreadsheet>"
                .'</office:body>'
                .'</office:document-content>',
        ];
    }
}
