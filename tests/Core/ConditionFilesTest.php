<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Writing\FormatLosses;
use App\Files\Writing\HtmlWriter;
use App\Files\Xlsx\PackageWriter;
use App\Files\Xlsx\XlsxWriter;
use DOMDocument;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\Style\Conditional;
use PhpOffice\PhpSpreadsheet\Style\ConditionalFormatting\CellMatcher;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\MoveCells;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Facts;
use Rilvet\Condition\Is;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Look\Attribute;
use Rilvet\Work\AsItCame;
use Rilvet\Work\Workbook;

/**
 * Conditional looks in files: what came is read, what is written is read by others, and what did not change stays as it is,
 * byte by byte.
 */
final class ConditionFilesTest extends TestCase
{
    use FolderOfFiles;

    private static function written(): void
    {
        self::ran('/usr/bin/python3', 'write-conditions.py', self::$folder.'/kinds.xlsx');
    }

    /** @return list<Condition> */
    private static function conditions(Workbook $workbook): array
    {
        return $workbook->sheet(1)->aspect(Conditions::class)->all;
    }

    public function test_all_kinds_of_a_file_are_read_in_the_order_of_their_priorities(): void
    {
        $conditions = self::conditions(self::open('kinds.xlsx'));
        self::assertSame([
            'repeated', 'single', 'below', 'between', 'atLeast', 'greatest', 'least', 'aboveMean', 'belowMean', 'error', 'period',
            'holds', 'begins',
            'ends', 'lacks', 'blank', 'formula', 'formula', 'always', 'always', 'always', 'always', 'formula',
        ], array_map(fn (Condition $one) => $one->test->is->value, $conditions));
        self::assertSame('B2:B25', $conditions[4]->where->words());
        self::assertTrue($conditions[4]->stops);
        self::assertSame(['bold' => true, 'ink' => '#9B2335'], $conditions[2]->look->toArray());
        self::assertSame(['italic' => true, 'bottom' => 'thin #000000'], $conditions[16]->look->toArray());
        self::assertSame(['#F4C7B8', '#FFFFFF', '#B7D8C5'], array_column($conditions[18]->scale->points ?? [], 1));
        // What the extension list says of the bar goes before what stands in the sheet.
        self::assertSame(['auto', '#C98A6B', '#2A2230'], [$conditions[19]->bar?->from->at, $conditions[19]->bar?->below,
            $conditions[19]->bar?->axisColour]);
        self::assertSame([['4Rating', true], '6', true], [[$conditions[21]->marks?->set, $conditions[21]->marks?->isReversed],
            $conditions[21]->marks->points[3]->value, $conditions[21]->marks->points[3]->isAbove]);
    }

    /** Cell values and formulas by the PHP library's own evaluation. */
    public function test_the_library_finds_the_same_cells(): void
    {
        $workbook = self::open('kinds.xlsx');
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks, $workbook->around(1));
        $sheet = (new Xlsx)->load(self::$folder.'/kinds.xlsx')->getSheet(0);
        $conditions = [];
        foreach (self::conditions($workbook) as $condition) {
            $conditions[$condition->where->words()][] = $condition;
        }
        $compared = 0;
        foreach ($sheet->getConditionalStylesCollection() as $where => $styles) {
            usort($styles, fn (Conditional $one, Conditional $other) => $one->getPriority() <=> $other->getPriority());
            foreach ($styles as $index => $style) {
                $condition = $conditions[$where][$index] ?? null;
                self::assertNotNull($condition, $where);
                if (! in_array($condition->test->is, [Is::Below, Is::Between, Is::AtLeast, Is::Formula, Is::Error, Is::Blank,
                    Is::Holds, Is::Begins, Is::Ends, Is::Lacks], true)) {
                    continue;
                }
                $judge = array_values(array_filter($dressed->judges()?->all() ?? [], fn ($judge) => $judge->condition === $condition))[0];
                foreach (Range::parse($where)->rows() > 0 ? range(2, 25) : [] as $row) {
                    $column = Range::parse($where)->left;
                    $cell = $sheet->getCell([$column, $row]);
                    $own = $judge->holds($row, $column, self::cell($workbook, $row, $column));
                    $library = (new CellMatcher($cell, $where))->evaluateConditional($style);
                    // A text that is not there contains no other: the library says so only of cells that are filled.
                    // An end that stands before its beginning is no range to it (common practice takes them either way round).
                    // It calculates ROW() as if it stood in the first cell, and finds no other sheet from there.
                    $isOdd = ($condition->test->is === Is::Between) || preg_match('/ROW\(\)|!/', $condition->test->of[0] ?? '') === 1
                        || ($condition->test->is === Is::Lacks && $cell->getValue() === null);
                    $isOdd || self::assertSame($library, $own, "{$condition->test->is->value} at row $row of $where");
                    $compared++;
                }
            }
        }
        self::assertGreaterThan(250, $compared);
    }

    private static function cell(Workbook $workbook, int $row, int $column): Cell
    {
        foreach ($workbook->sheet(1)->cells->read($row, $row) as $cells) {
            return $cells[$column - 1] ?? Cell::blank();
        }

        return Cell::blank();
    }

    public function test_a_package_goes_back_byte_by_byte_and_only_what_changed_is_written(): void
    {
        $workbook = self::open('kinds.xlsx');
        $sheet = $workbook->sheet(1);
        self::assertTrue(AsItCame::is($sheet));
        (new PackageWriter(self::$folder.'/kinds.xlsx'))->write($workbook, self::$folder.'/same.xlsx');
        foreach (['xl/worksheets/sheet1.xml', 'xl/styles.xml'] as $part) {
            self::assertSame(self::part('kinds.xlsx', $part), self::part('same.xlsx', $part));
        }
        // One taken out: the others stay as they are, and so do the styles.
        $less = $workbook->withSheet(1, $sheet->withAspects($sheet->aspect(Conditions::class)->without('f3')));
        (new PackageWriter(self::$folder.'/kinds.xlsx', []))->write($less, self::$folder.'/less.xlsx');
        [$was, $is] = [self::rules('kinds.xlsx'), self::rules('less.xlsx')];
        self::assertSame(count($was) - 1, count($is));
        self::assertSame([], array_diff($is, $was), 'those that stay are as they were');
        self::assertSame(self::part('kinds.xlsx', 'xl/styles.xml'), self::part('less.xlsx', 'xl/styles.xml'));
        // The bar taken out takes what the extension list says of it along; all taken out leave nothing behind.
        $none = $workbook->withSheet(1, $sheet->withAspects($sheet->aspect(Conditions::class)->holding([])));
        (new PackageWriter(self::$folder.'/kinds.xlsx', []))->write($none, self::$folder.'/none.xlsx');
        self::assertStringNotContainsString('cfRule', self::part('none.xlsx', 'xl/worksheets/sheet1.xml'));
        self::assertStringNotContainsString('conditionalFormattings', self::part('none.xlsx', 'xl/worksheets/sheet1.xml'));
        self::assertSame([], self::conditions(self::open('none.xlsx')));
    }

    /** @return list<string> rules of a sheet, each as xml */
    private static function rules(string $name): array
    {
        $tree = new DOMDocument;
        $tree->loadXML(self::part($name, 'xl/worksheets/sheet1.xml'));
        $rules = [];
        foreach ($tree->getElementsByTagName('cfRule') as $rule) {
            $rules[] = (string) $tree->saveXML($rule);
        }

        return $rules;
    }

    /** @return list<Condition> one of each kind that can be set */
    private static function each(): array
    {
        $look = ['look' => ['bold' => true, 'ink' => '#9B2335', 'fill' => '#F7E3E6', 'number' => '0.00" !"', 'bottom' => 'thin #112233']];
        $made = [];
        foreach ([
            ['is' => 'below', 'of' => ['0']], ['is' => 'between', 'of' => ['1', '$B$3']], ['is' => 'oneOf', 'of' => ['"late"', '3']],
            ['is' => 'holds', 'of' => ['"a & b"']], ['is' => 'lacks', 'of' => ['"x"']], ['is' => 'begins', 'of' => ['"p"']],
            ['is' => 'ends', 'of' => ['"d"']],
            ['is' => 'blank'], ['is' => 'filled'], ['is' => 'error'], ['is' => 'sound'], ['is' => 'period', 'period' => 'lastWeek'],
            ['is' => 'greatest', 'count' => 5, 'percent' => true], ['is' => 'least', 'count' => 2], ['is' => 'aboveMean',
                'deviations' => 2],
            ['is' => 'belowMean', 'orEqual' => true], ['is' => 'repeated'], ['is' => 'single'], ['is' => 'formula', 'of' => ['$A2<>"<&>"']],
        ] as $number => $test) {
            $made[] = Condition::of(['id' => "n$number", 'test' => $test,
                'where' => ['cells' => 'B2:C25 E2:E9']] + $look + ($number === 3 ? ['stops' => true] : []));
        }
        $always = ['test' => ['is' => 'always'], 'where' => ['cells' => 'G2:G25']];
        $made[] = Condition::of(['id' => 's', 'scale' => [['colour' => '#FFFFFF', 'point' => ['at' => 'number', 'value' => '0']],
            ['colour' => '#8E5A8A', 'point' => ['at' => 'greatest']]]] + $always);
        $made[] = Condition::of(['id' => 'b', 'bar' => ['colour' => '#8FA6BF', 'from' => ['at' => 'least'],
            'to' => ['at' => 'greatest'], 'shortest' => 10,
            'longest' => 90, 'gradient' => true]] + $always);
        $made[] = Condition::of(['id' => 'm', 'marks' => ['set' => '5Quarters', 'reversed' => true]] + $always);

        return $made;
    }

    public function test_a_new_file_says_each_kind_and_others_read_it(): void
    {
        $workbook = self::open('kinds.xlsx');
        $each = self::each();
        $said = $workbook->withSheet(1, $workbook->sheet(1)->conditioned($each));
        (new XlsxWriter)->write($said, self::$folder.'/new.xlsx');
        $back = self::conditions(self::open('new.xlsx'));
        self::assertSame(array_map(fn (Condition $one) => $one->key(), $each), array_map(fn (Condition $one) => $one->key(), $back),
            'read again it is the same');
        $python = json_decode(self::ran('/usr/bin/python3', 'read-conditions.py', self::$folder.'/new.xlsx'), true)['Kinds'];
        $npm = json_decode(self::ran('node', 'read-conditions.mjs', self::$folder.'/new.xlsx'), true)['Kinds'];
        self::assertSame(range(1, count($each)), array_column($python, 'priority'));
        // The one from npm calls what asks for blanks and errors a text, with the formula that says it.
        self::assertCount(count($python), $npm);
        foreach ($python as $index => $rule) {
            $isText = in_array($rule['type'], ['containsBlanks', 'notContainsBlanks', 'containsErrors', 'notContainsErrors'], true);
            self::assertSame([$isText ? 'containsText' : $rule['type'], $rule['where'], $rule['priority']],
                [$npm[$index]['type'], $npm[$index]['where'], $npm[$index]['priority']]);
        }
        self::assertSame([
            'cellIs', 'cellIs', 'expression', 'containsText', 'notContainsText', 'beginsWith', 'endsWith', 'containsBlanks',
            'notContainsBlanks', 'containsErrors',
            'notContainsErrors', 'timePeriod', 'top10', 'top10', 'aboveAverage', 'aboveAverage', 'duplicateValues', 'uniqueValues',
            'expression', 'colorScale',
            'dataBar', 'iconSet',
        ], array_column($python, 'type'));
        $library = [];
        foreach (IOFactory::load(self::$folder.'/new.xlsx')->getSheetByNameOrThrow('Kinds')->getConditionalStylesCollection() as $styles) {
            foreach ($styles as $style) {
                $library[$style->getPriority()] = $style->getConditionType();
            }
        }
        ksort($library);
        // The one from composer leaves out ranks and means.
        self::assertSame(array_values(array_diff(array_column($python, 'type'), ['top10', 'aboveAverage'])), array_values($library));
        self::assertSame('B2:C25 E2:E9', $python[0]['where']);
        self::assertSame(['lessThan', ['0']], [$python[0]['operator'], $python[0]['formulas']]);
        self::assertSame(['bold' => true, 'ink' => '#9B2335', 'fill' => '#F7E3E6'], $python[0]['look']);
        self::assertSame(['OR(B2="late",B2=3)'], $python[2]['formulas']);
        self::assertSame(['NOT(ISERROR(SEARCH("a & b",B2)))'], $python[3]['formulas']);
        self::assertTrue($python[3]['stops']);
        self::assertSame([5, true, false], [$python[12]['rank'], $python[12]['percent'], $python[12]['bottom']]);
        self::assertSame('5Quarters', $python[21]['set']);
        // One differential format for all that look alike (18.8.15).
        self::assertSame(1, substr_count(self::part('new.xlsx', 'xl/styles.xml'), '<dxf>'));
        $first = self::part('new.xlsx', 'xl/worksheets/sheet1.xml');
        (new XlsxWriter)->write($said, self::$folder.'/new.xlsx');
        self::assertSame($first, self::part('new.xlsx', 'xl/worksheets/sheet1.xml'), 'the same again gives the same bytes');
    }

    public function test_set_in_a_package_they_stand_where_the_standard_wants_them_with_their_priorities(): void
    {
        $workbook = self::open('kinds.xlsx');
        $sheet = $workbook->sheet(1);
        $all = $sheet->aspect(Conditions::class);
        $new = [...self::each(), Condition::of(['id' => 'away', 'test' => ['is' => 'above', 'of' => ['Limits!$A$1']],
            'where' => ['cells' => 'B2:B9'],
            'look' => ['italic' => true]]), Condition::of(['id' => 'signed', 'test' => ['is' => 'always'], 'where' => ['cells' => 'G2:G9'],
                'bar' => ['colour' => '#8FA6BF', 'below' => '#C98A6B', 'axis' => 'middle', 'axisColour' => '#000000',
                    'border' => '#112233', 'mirrored' => true]])];
        $said = $workbook->withSheet(1, $sheet->withAspects($all->holding([...array_slice($all->all, 0, 3), ...$new,
            ...array_slice($all->all, 3)])));
        (new PackageWriter(self::$folder.'/kinds.xlsx', []))->write($said, self::$folder.'/more.xlsx');
        $back = self::conditions(self::open('more.xlsx'));
        $wanted = self::conditions($said);
        self::assertSame(array_map(fn (Condition $one) => $one->key(), $wanted), array_map(fn (Condition $one) => $one->key(), $back));
        $python = json_decode(self::ran('/usr/bin/python3', 'read-conditions.py', self::$folder.'/more.xlsx'), true)['Kinds'];
        // One that looks at another sheet stands in the extension list, which this reader leaves out.
        self::assertCount(count($wanted) - 1, $python);
        $xml = self::part('more.xlsx', 'xl/worksheets/sheet1.xml');
        self::assertGreaterThan((int) strrpos($xml, '</conditionalFormatting><'), (int) strpos($xml, '<pageMargins'));
    }

    public function test_one_that_moved_with_its_rows_is_read_where_it_went(): void
    {
        $workbook = self::open('kinds.xlsx');
        $moved = (new MoveCells(1, new Shift(true, 5, 3, true)))->on($workbook);
        (new PackageWriter(self::$folder.'/kinds.xlsx', [1]))->write($moved, self::$folder.'/moved.xlsx');
        $back = self::conditions(self::open('moved.xlsx'));
        self::assertSame(array_map(fn (Condition $one) => [$one->key(), $one->where->words()], self::conditions($moved)),
            array_map(fn (Condition $one) => [$one->key(), $one->where->words()], $back));
        self::assertSame('B2:B28', $back[2]->where->words());
        self::assertSame(['$B$8'], $back[4]->test->of, 'the cell that it is compared with went down');
        // A limit on another sheet follows, too.
        $limit = (new MoveCells(2, new Shift(true, 1, 2, true)))->on($workbook);
        self::assertSame(['$B2>Limits!$A$3/2'], self::conditions($limit)[17]->test->of);
    }

    public function test_an_ods_carries_looks_and_says_what_it_cannot(): void
    {
        $workbook = self::open('kinds.xlsx');
        // A deviation of cells among which there are errors is none in a formula; here they are left out of it.
        $left = array_values(array_filter(self::conditions($workbook), fn (Condition $one) => $one->test->deviations === 0));
        $workbook = $workbook->withSheet(1, $workbook->sheet(1)->conditioned($left));
        (new OdsWriter)->write($workbook, self::$folder.'/kinds.ods');
        $back = self::open('kinds.ods');
        $dressed = [];
        foreach ([$workbook, $back] as $number => $each) {
            $bare = array_values(array_filter(self::conditions($each), fn (Condition $one) => $one->test->is !== Is::Always));
            $dressed[$number] = new DressedSheet($each->sheet(1)->conditioned($bare), $each->looks, $each->around(1));
        }
        $seen = 0;
        foreach ($workbook->sheet(1)->cells->read(1, 25) as $row => $cells) {
            foreach ($cells as $index => $cell) {
                $look = fn (DressedSheet $of) => $of->holding($of->at($row, $index + 1), $row, $index + 1, $cell)->look
                    ->only(Attribute::Bold, Attribute::Ink,
                        Attribute::Fill, Attribute::Italic)->toArray();
                self::assertSame($look($dressed[0]), $look($dressed[1]), "row $row, column ".($index + 1));
                $seen += $look($dressed[0]) === [] ? 0 : 1;
            }
        }
        self::assertGreaterThan(80, $seen);
        // Read as xml by itself: the first condition of a cell names its look and the cell that it is said for (16.3).
        $content = self::part('kinds.ods', 'content.xml');
        self::assertStringContainsString('style:condition="cell-content()&lt;0"', $content);
        self::assertMatchesRegularExpression('~style:map style:condition="is-true-formula\(AND\(\[\.A2\]&lt;&gt;&quot;&quot;;'
            .'COUNTIF\(\[\.\$A\$2:\.\$A\$25\];IF\(ISNUMBER\(\[\.A2\]\);\[\.A2\];&quot;=&quot;&amp;\[\.A2\]\)\)&gt;1\)\)" '
            .'style:apply-style-name="cf\d+" style:base-cell-address="\'Kinds\'\.A2"~', $content);
        self::assertStringContainsString('Some bars and marks have no word', implode(' ', FormatLosses::of($workbook, 1, 'xlsx', false,
            false)));
        self::assertStringNotContainsString('Some bars and marks', implode(' ', FormatLosses::of($workbook, 1, 'xlsx', true, false)));
        $losses = FormatLosses::of($workbook, 1, 'ods', true, false);
        self::assertContains('Scales, bars and marks have no word in the format, and are left out.', $losses);
        self::assertContains('Of several conditional looks that hold on one cell, the first alone is worn.', $losses);
    }

    public function test_html_shows_them_as_they_are_seen(): void
    {
        $workbook = self::open('kinds.xlsx');
        $writer = new HtmlWriter;
        $writer->write($workbook, self::$folder.'/kinds.html');
        self::assertSame(0, $writer->prove($workbook, self::$folder.'/kinds.html')->values);
        $html = (string) file_get_contents(self::$folder.'/kinds.html');
        $tree = new DOMDocument;
        self::assertTrue($tree->loadXML((string) preg_replace('/^<!DOCTYPE html>\n/', '', $html)), 'it is well-formed xml');
        self::assertSame(48, substr_count($html, '<svg class="m"'));
        self::assertStringContainsString('linear-gradient(to right,transparent 20%,#8FA6BF 20%,#8FA6BF40 25%,transparent 25%)', $html);
        self::assertStringContainsString('background:#F4C7B8', $html);
        preg_match('/<td class="(\w+)" data-c="2"><data value="-5">/', $html, $found);
        self::assertMatchesRegularExpression('/\.'.($found[1] ?? 'x').'\{font:700 [^}]*color:#9B2335/', $html);
    }

    /** Percentiles (18.17.7.247), deviations and ranks against a statistics library from npm. */
    public function test_figures_of_a_column_are_those_of_a_statistics_library(): void
    {
        mt_srand(5);
        $numbers = array_map(fn () => mt_rand(-4_000, 9_000) / 8, range(1, 57));
        $wanted = json_decode(self::ran('node', 'percentiles.mjs', (string) json_encode($numbers)), true);
        $facts = new Facts(new MemorySheet('S', array_map(fn (float $number) => [Cell::of($number)], $numbers)));
        $all = [Range::parse('A1:A57')];
        foreach ([0, 0.1, 0.25, 0.333, 0.5, 0.9, 1] as $index => $share) {
            self::assertEqualsWithDelta($wanted['percentiles'][$index], $facts->percentile($all, $share), 1e-9);
        }
        self::assertEqualsWithDelta([$wanted['mean'], $wanted['deviation']], array_slice($facts->mean($all), 0, 2), 1e-9);
        foreach ([1, 3, 10] as $index => $count) {
            self::assertEqualsWithDelta([$wanted['greatest'][$index]], $facts->rank($all, $count, false, false), 1e-12);
        }
    }

    public function test_a_file_with_more_than_can_be_managed_keeps_them_as_they_are(): void
    {
        $rule = '<conditionalFormatting sqref="A1"><cfRule type="expression" priority="1"><formula>A1&gt;1</formula>'
            .'</cfRule></conditionalFormatting>';
        $workbook = self::spoiled('kinds.xlsx', 'many.xlsx',
            fn (string $xml) => str_replace('<pageMargins', str_repeat($rule, 65_600).'<pageMargins', $xml));
        $all = $workbook->sheet(1)->aspect(Conditions::class);
        self::assertSame([0, true], [count($all->all), $all->kept > 65_600]);
        (new PackageWriter(self::$folder.'/many.xlsx'))->write($workbook, self::$folder.'/same.xlsx');
        self::assertSame(hash('xxh3', self::part('many.xlsx', 'xl/worksheets/sheet1.xml')), hash('xxh3', self::part('same.xlsx',
            'xl/worksheets/sheet1.xml')));
    }

    public function test_what_is_broken_in_a_file_is_kept_and_harms_nothing(): void
    {
        $rules = '';
        foreach ([
            '<cfRule type="cellIs" operator="heavier" priority="1"><formula>1</formula></cfRule>',
            '<cfRule type="cellIs" operator="between" priority="1"><formula>1</formula></cfRule>',
            '<cfRule type="expression" priority="1"/>', '<cfRule type="expression" priority="1"><formula>SUM(A1</formula></cfRule>',
            '<cfRule type="expression" priority="1"><formula>#REF!&gt;1</formula></cfRule>', '<cfRule type="moonPhase" priority="x"/>',
            '<cfRule/>',
            '<cfRule type="expression" priority="1" dxfId="999"><formula>'.str_repeat('A1+', 2_900).'1</formula></cfRule>',
            '<cfRule type="colorScale" priority="1"><colorScale><cfvo type="max"/><cfvo type="min"/>'
                .'<color rgb="FF000000"/><color rgb="FFFFFFFF"/></colorScale></cfRule>',
            '<cfRule type="colorScale" priority="1"><colorScale><cfvo type="max"/></colorScale></cfRule>',
            '<cfRule type="iconSet" priority="1"><iconSet iconSet="9Moons"><cfvo type="num" val="x"/></iconSet></cfRule>',
            '<cfRule type="dataBar" priority="1"><dataBar minLength="-5" maxLength="900">'
                .'<cfvo type="percent" val="-3"/><cfvo type="num" val=""/></dataBar></cfRule>',
            '<cfRule type="top10" rank="0" priority="1"/>', '<cfRule type="timePeriod" timePeriod="nextEon" priority="1"/>',
        ] as $number => $rule) {
            $where = $number === 6 ? 'nowhere' : 'A1:B9';
            $rules .= "<conditionalFormatting sqref=\"$where\">$rule</conditionalFormatting>";
        }
        $workbook = self::spoiled('kinds.xlsx', 'odd.xlsx', fn (string $xml) => str_replace('<pageMargins', "$rules<pageMargins", $xml));
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks, $workbook->around(1));
        foreach ($workbook->sheet(1)->cells->read(1, 9) as $row => $cells) {
            foreach ($cells as $index => $cell) {
                $dressed->verdict($row, $index + 1, $cell);
            }
        }
        self::assertGreaterThan(22, count(self::conditions($workbook)));
        (new PackageWriter(self::$folder.'/odd.xlsx'))->write($workbook, self::$folder.'/same.xlsx');
        self::assertSame(self::part('odd.xlsx', 'xl/worksheets/sheet1.xml'), self::part('same.xlsx', 'xl/worksheets/sheet1.xml'));
    }
}
