<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Survey;
use Rilvet\Intake\Tokeniser;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Correction\JoinBelow;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Correction\SplitAt;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\PartRange;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TableReading;
use Rilvet\Reading\TypingHints;

/** What a reading finds. The small tables are made for one sign each; their truth is by inspection. */
final class ReadingTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> text with bars, parts as "part range" */
    public static function tables(): iterable
    {
        yield 'title, units, headings, total' => [
            "Sales||\nin thousands||\nItem|2023|2024\nTrees|5|7\nSeed|2|3\nAll|7|10\n",
            ['title A1:C1', 'units A2:C2', 'heading A3:C3', 'row_label A4:A5', 'body B4:C5', 'total A6:C6'],
        ];
        yield 'years as headings' => [
            "Item|2021|2022|2023\nA|5|3|9\nB|4|8|1\nC|2|2|6\n",
            ['heading A1:D1', 'row_label A2:A4', 'body B2:D4'],
        ];
        yield 'sizes as headings' => [
            "Item|Size|10|20|50\nPot|round|1.5|2.5|4.0\nPot|square|1.7|2.8|4.4\nTray|round|2.0|3.1|5.0\n",
            ['heading A1:E1', 'row_label A2:B4', 'body C2:E4'],
        ];
        yield 'a parent over indented rows' => [
            "Account|Jan|Feb\nRevenue|1000|1200\n  Product|800|900\n  Service|200|300\nCosts|-600|-700\nResult|400|500\n",
            ['heading A1:C1', 'subtotal A2:C2', 'row_label A3:A5', 'body B3:C5', 'total A6:C6'],
        ];
        yield 'no heading' => ["Rowan|5|2.5\nAspen|7|1.5\nHazel|9|3.5\n", ['row_label A1:A3', 'body B1:C3']];
        yield 'a total without a word' => [
            "Bed|Trees|Worth\nNorth|10|50\nSouth|20|70\nEast|5|30\nEverything there is|35|150\n",
            ['heading A1:C1', 'row_label A2:A4', 'body B2:C4', 'total A5:C5'],
        ];
        yield 'a total within rounding' => [
            "Bed|a|b\nN|1.3|2.4\nS|1.4|2.4\nE|1.4|2.3\nX|4.0|7.2\n",
            ['heading A1:C1', 'row_label A2:A4', 'body B2:C4', 'total A5:C5'],
        ];
        yield 'groups and subtotals' => [
            "Item|Count|Worth\nUpper||\nRowan|1|10\nAspen|2|20\nSubtotal|3|30\nLower||\nHazel|4|40\nYew|5|50\nSubtotal|9|90\nTotal|"
            ."12|120\n",
            [
                'heading A1:C1',
                'row_group A2:C2',
                'row_label A3:A4',
                'body B3:C4',
                'subtotal A5:C5',
                'row_group A6:C6',
                'row_label A7:A8',
                'body B7:C8',
                'subtotal A9:C9',
                'total A10:C10',
            ],
        ];
        yield 'totals across' => [
            "Tree|Jan|Feb|Mar|Whole\nRowan|1|2|3|6\nAspen|4|5|6|15\nHazel|7|8|9|24\n",
            ['heading A1:E1', 'row_label A2:A4', 'body B2:D4', 'total E2:E4'],
        ];
        yield 'a mean line' => [
            "Tree|a|b|c\nRowan|1|4|2\nAspen|2|5|4\nHazel|6|9|9\nMean|3|6|5\n",
            ['heading A1:D1', 'row_label A2:A4', 'body B2:D4', 'total A5:D5'],
        ];
        yield 'column groups over headings' => [
            "|Spring||Autumn|\nTree|Sown|Up|Sown|Up\nRowan|1|2|3|4\nAspen|5|6|7|8\n",
            ['column_group A1:E1', 'heading A2:E2', 'row_label A3:A4', 'body B3:E4'],
        ];
        yield 'notes below' => [
            "Tree|Count\nRowan|1\nAspen|2\n\nSource: the nursery's own count|\n* provisional|\n",
            ['heading A1:B1', 'row_label A2:A3', 'body B2:B3', 'note A5:B6'],
        ];
        yield 'German words' => [
            "Sorte|Menge|Betrag\nEsche|2|5\nErle|3|7\nSumme|5|12\n",
            ['heading A1:C1', 'row_label A2:A3', 'body B2:C3', 'total A4:C4'],
        ];
        yield 'a table that starts elsewhere' => [
            "||\n|Tree|Count\n|Rowan|1\n|Aspen|2\n",
            ['heading B2:C2', 'row_label B3:B4', 'body C3:C4'],
        ];
        yield 'a table of words' => ["Name|Town\nAda|Wick\nBen|Harrow\nCy|Tolland\n", ['heading A1:B1', 'row_label A2:A4', 'body B2:B4']];
        yield 'headings said again' => [
            "Tree|1996|1997|1998\nRowan|5.5|7.1|9.2\nAspen|1.2|8.8|3.1\nElm|1.7|2.8|4.1\nTree|1996|1997|1998\nHazel|4.4|6.1|2.5\nYew|"
            ."3.2|1.1|1.2\n",
            ['heading A1:D1', 'row_label A2:A4', 'body B2:D4', 'heading A5:D5', 'row_label A6:A7', 'body B6:D7'],
        ];
        yield 'a blank spacer row inside' => [
            "Tree|Count|Worth\nRowan|1|3\n||\nAspen|2|9\nHazel|4|7\n",
            ['heading A1:C1', 'row_label A2', 'body B2:C2', 'row_label A4:A5', 'body B4:C5'],
        ];
    }

    /** @param  list<string>  $parts */
    #[DataProvider('tables')]
    public function test_parts(string $text, array $parts): void
    {
        $reading = self::read($text);
        self::assertCount(1, $reading->tables);
        self::assertSame($parts, self::parts($reading->tables[0]));
    }

    public function test_headings_said_again_are_no_part_of_what_is_frozen(): void
    {
        $table = self::read("Tree|Share|Count\nRowan|5%|7\nAspen|1%|8\nTree|Share|Count\nHazel|4%|6\nYew|3%|1\n")->tables[0];
        self::assertSame(1, $table->lastHeadRow());
        self::assertSame(ColumnKind::Percent, $table->column(2)?->kind);
        self::assertSame(ColumnKind::Integer, $table->column(3)?->kind);
    }

    public function test_several_tables_on_one_sheet(): void
    {
        $below = self::read(
            "Income||\nItem|Plan|Done\nTrees|5|6\nSeed|2|2\nTotal|7|8\n||\nCosts||\nItem|Plan|Done\nWages|3|4\nFuel|1|1\nTotal|4|5\n",
        );
        self::assertSame(['A1:C5', 'A7:C11'], array_map(fn (TableReading $table) => (string) $table->range, $below->tables));
        $beside = self::read("Tree|Count||Bed|Rows\nRowan|1||North|4\nAspen|2||South|5\nHazel|3||East|6\nYew|4||West|9\n");
        self::assertSame(['A1:B5', 'D1:E5'], array_map(fn (TableReading $table) => (string) $table->range, $beside->tables));
        $spaced = self::read("Tree|Count||Worth\nRowan|1||4\nAspen|2||5\n");
        self::assertCount(1, $spaced->tables, 'a blank column inside a table does not cut it');
    }

    public function test_what_stands_far_off_is_no_part_of_a_table(): void
    {
        $table = "Tree|Count\nRowan|1\nAspen|2\n";
        self::assertSame(
            ['A1:B3', 'A84:B86'],
            array_map(fn (TableReading $each) => (string) $each->range, self::read($table.str_repeat("|\n", 80).$table)->tables),
        );
        $stray = self::read($table.str_repeat("|\n", 80)."||||stray\n");
        self::assertSame('A1:B3', (string) $stray->tables[0]->range);
        $beside = self::read("Tree|Count\nRowan|1".str_repeat('|', 40)."stray\nAspen|2\n");
        self::assertSame('A1:B3', (string) $beside->tables[0]->range);
    }

    /** @return iterable<string, array{string, string}> column text, kind */
    public static function kinds(): iterable
    {
        yield 'integer' => ["Count\n5\n7\n-\nn/a\n9\n", 'integer'];
        yield 'decimal' => ["Size\n5.25\n7.5\n9\n", 'decimal'];
        yield 'amount by sign' => ["Paid\n£5.00\n£7.20\n", 'amount'];
        yield 'amount by heading' => ["Price\n5.00\n7.20\n", 'amount'];
        yield 'percent' => ["Alive\n91%\n76%\n", 'percent'];
        yield 'percent by heading' => ["Share\n0.91\n0.76\n", 'percent'];
        yield 'date' => ["When\n2024-03-01\n2024-03-05\n", 'date'];
        yield 'datetime' => ["When\n2024-03-01 10:30\n2024-03-05 11:00\n", 'datetime'];
        yield 'time' => ["At\n10:30\n11:00\n", 'time'];
        yield 'duration' => ["Took\n30:30\n11:00\n", 'duration'];
        yield 'code' => ["Lot\n00412\n00415\n", 'code'];
        yield 'code of letters and digits' => ["Ref\nR-1001\nR-1002\nR-1003\n", 'code'];
        yield 'category' => ["State\npaid\nsent\npaid\nsent\npaid\npaid\nsent\npaid\n", 'category'];
        yield 'boolean' => ["Paid\nyes\nno\nyes\n", 'boolean'];
        yield 'longtext' => [
            "Note\n".str_repeat('a long remark about the beds ', 4)."\n".str_repeat('and another one of the kind ', 3)."\n",
            'longtext',
        ];
        yield 'text' => ["Name\nAda\nBen\nCy\nDot\n", 'text'];
        yield 'stray values do not change it' => ["Count\n5\n7\n8\nabout 9\n9\n4\n3\n2\n1\n6\n", 'integer'];
    }

    #[DataProvider('kinds')]
    public function test_kinds(string $text, string $kind): void
    {
        $lines = explode("\n", trim($text));
        $table =
            implode(
                "\n",
                array_map(fn (string $line, int $at) => ($at === 0 ? 'Key' : "row $at").'|'.$line, $lines, array_keys($lines)),
            )."\n";
        self::assertSame($kind, self::read($table)->tables[0]->columns[1]->kind->value);
    }

    /** The title of a joined table becomes a group of rows, its headings stay, and the blank rows between are rows of the table. */
    public function test_two_tables_are_joined_with_all_that_is_theirs(): void
    {
        $text = "Tree|Count\nRowan|1\nAspen|2\nElm|5\n|\n|\nShrubs of the yard|\nShrub|Count\nElder|4\nHazel|3\nSloe|8\n";
        $reading = self::read($text);
        self::assertSame(['A1:B4', 'A7:B11'], array_map(fn (TableReading $table) => (string) $table->range, $reading->tables));
        $joined = (new JoinBelow(2, 1))->on($reading);
        self::assertCount(1, $joined->tables);
        $letters = ['heading' => 'h', 'body' => 'b', 'row_group' => 'g'];
        $line = fn (RowRun $run) => str_repeat($letters[$run->part->value ?? ''] ?? '.', $run->rows());
        self::assertSame('hbbb..ghbbb', implode('', array_map($line, $joined->tables[0]->runs)));
        self::assertSame($reading->toArray(), (new JoinBelow(8, 1))->on($reading)->toArray(), 'nothing stands below the last');
        self::assertSame($reading->toArray(), (new JoinBelow(40, 9))->on($reading)->toArray(), 'no table stands there');
    }

    public function test_corrections_hold_and_survive_a_new_reading(): void
    {
        $text = "Tree|Count|Worth\nRowan|1|3\nAspen|2|9\nHazel|4|7\n";
        $reading = (new RowsAre(4, 1, 4, 4, Part::Total))->on(self::read($text));
        self::assertSame(['heading A1:C1', 'row_label A2:A3', 'body B2:C3', 'total A4:C4'], self::parts($reading->tables[0]));
        $reading = (new ColumnIs(2, 2, ColumnKind::Code, null))->on($reading);
        self::assertSame(ColumnKind::Code, $reading->tables[0]->column(2)?->kind);
        $split = (new SplitAt(3, 1))->on($reading);
        self::assertSame(['A1:C2', 'A3:C4'], array_map(fn (TableReading $table) => (string) $table->range, $split->tables));
        self::assertSame('A1:C4', (string) (new JoinBelow(1, 1))->on($split)->tables[0]->range);
        $corrections = [
            new RowsAre(4, 1, 4, 4, Part::Total), new ColumnIs(2, 2, ColumnKind::Code, null), new SplitAt(3, 1), new JoinBelow(1, 1),
        ];
        foreach ($corrections as $correction) {
            self::assertEquals($correction, Corrections::of($correction->toArray()));
        }
    }

    public function test_a_reading_survives_storing(): void
    {
        $reading = self::read("Sales||\nItem|2023|2024\nTrees|5|7\nAll|5|7\n");
        /** @phpstan-ignore argument.type */
        $stored = Reading::fromArray(json_decode((string) json_encode($reading->toArray()), true));
        self::assertSame($reading->toArray(), $stored->toArray());
        self::assertSame(Part::RowGroup, $stored->tables[0]->runs[0]->second);
    }

    /** @return iterable<string, array{string, array{range: string, parts: list<string>, kinds: string}}> */
    public static function openTables(): iterable
    {
        /** @var array<string, array{range: string, parts: list<string>, kinds: string}> $truth */
        $truth = json_decode((string) file_get_contents(__DIR__.'/open-tables.json'), true);
        foreach ($truth as $file => $expected) {
            yield $file => [dirname(__DIR__, 2)."/node_modules/vega-datasets/data/$file", $expected];
        }
    }

    /**
     * Open tables from the npm package vega-datasets; the truth in open-tables.json was written by a person who looked.
     *
     * @param  array{range: string, parts: list<string>, kinds: string}  $expected
     */
    #[DataProvider('openTables')]
    public function test_open_tables(string $path, array $expected): void
    {
        $reading = self::readFile($path);
        self::assertCount(1, $reading->tables);
        self::assertSame($expected['range'], (string) $reading->tables[0]->range);
        self::assertSame($expected['parts'], self::parts($reading->tables[0]));
        self::assertSame($expected['kinds'], implode(' ', array_map(fn ($column) => $column->kind->value, $reading->tables[0]->columns)));
    }

    private static function read(string $text): Reading
    {
        $survey = new Survey($blocks = new MemoryBlockStore);
        $survey->take(Tokeniser::ofText($text, '|')->rows());

        return self::find($survey, $blocks);
    }

    private static function readFile(string $path): Reading
    {
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $survey = new Survey($blocks = new MemoryBlockStore);
        $survey->take(Tokeniser::ofStream($stream, Dialect::detect($stream))->rows());

        return self::find($survey, $blocks);
    }

    private static function find(Survey $survey, MemoryBlockStore $blocks): Reading
    {
        $typing = $survey->typing();

        return Finder::read(
            new SheetFacts(
                new BlockSheet('x', $survey->rows(), $survey->columns(), $blocks, $typing),
                $survey->signatures(),
                new TypingHints($typing),
                $survey->longest(),
            ),
        );
    }

    /** @return list<string> */
    private static function parts(TableReading $table): array
    {
        return array_map(fn (PartRange $part) => "{$part->part->value} {$part->range}", $table->parts());
    }

    public function test_words_beside_words_are_one_table_where_their_rows_are_the_same(): void
    {
        $ranges = fn (string $text) => array_map(fn (TableReading $table) => (string) $table->range, self::read($text)->tables);
        self::assertSame(['A1:E5'], $ranges("Tree|Bark||Bed|Soil\nRowan|grey||North|chalk\nAspen|pale||South|clay\nHazel|brown||East|loam\n"
            ."Yew|red||West|sand\n"));
        self::assertSame(['A1:B4', 'D1:E6'], $ranges("Tree|Bark||Bed|Soil\nRowan|grey||North|chalk\nAspen|pale||South|clay\n"
            ."Hazel|brown||East|loam\n|||West|sand\n|||Yard|peat\n"));
    }
}
