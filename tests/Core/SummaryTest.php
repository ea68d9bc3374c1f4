<?php

declare(strict_types=1);

namespace Tests\Core;

use PDO;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\BringAnew;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\Format;
use Rilvet\Act\Summarise;
use Rilvet\Act\Targets;
use Rilvet\Check\Checks;
use Rilvet\Check\Truth\SummaryOld;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Renew\NewData;
use Rilvet\Stylebook\Builtin;
use Rilvet\Summary\Summary;
use Rilvet\Summary\SummaryIsWrong;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Summaries: their figures beside those of a database and of a calculating library, and the looks that they keep. */
final class SummaryTest extends TestCase
{
    private const SALES = [
        ['Day', 'Customer', 'Paid', 'Count', 'Worth'],
        [46023, 'Wick Farm', 'yes', 3, 10.5], [46024, 'wick farm', 'no', 4, 20.25], [46054, 'Brook Cottage', 'yes', 5, 30.75],
        [46113, 'Tolland School', 'no', 6, 40.5], [46023, 'Brook Cottage', 'yes', 7, 50.25], [46390, 'Wick Farm', 'no', 8, null],
    ];

    public function test_groups_stand_in_order_and_capitals_make_no_other_group(): void
    {
        self::assertSame([
            ['Worth and Rows by Customer'], [], ['Customer', 'Worth', 'Rows'], ['Brook Cottage', 81, 2], ['Tolland School', 40.5, 1],
            ['Wick Farm', 30.75, 3], ['Total', 152.25, 6],
        ], self::summed(['rows' => [['heading' => 'Customer']], 'values' => [['heading' => 'Worth'], ['heading' => null,
            'figure' => 'count']]]));
    }

    /** Day 46023 is 1 January 2026, 46054 1 February, 46113 1 April, 46390 3 January 2027 (ISO/IEC 29500-1 18.17.4.1). */
    public function test_days_come_by_month_quarter_and_year_and_figures_in_bands(): void
    {
        $by = fn (string $by, string $heading = 'Day', float $size = 0) => array_column(array_slice(self::summed(['rows' => [
            ['heading' => $heading, 'by' => $by] + ($size > 0 ? ['size' => $size] : [])],
            'values' => [['heading' => null, 'figure' => 'count']]]), 3), 1, 0);
        self::assertSame(['Jan 2026' => 3, 'Feb 2026' => 1, 'Apr 2026' => 1, 'Jan 2027' => 1, 'Total' => 6], $by('month'));
        self::assertSame(['Q1 2026' => 4, 'Q2 2026' => 1, 'Q1 2027' => 1, 'Total' => 6], $by('quarter'));
        self::assertSame(['2026' => 5, '2027' => 1, 'Total' => 6], $by('year'));
        self::assertSame(['0 to under 20' => 1, '20 to under 40' => 2, '40 to under 60' => 2, '(blank)' => 1, 'Total' => 6],
            $by('band', 'Worth', 20));
    }

    public function test_groups_within_groups_have_their_parts(): void
    {
        $sheet = self::of(['rows' => [['heading' => 'Customer'], ['heading' => 'Paid']], 'across' => null,
            'values' => [['heading' => 'Count']]]);
        self::assertSame([['Brook Cottage', null], ['yes', 12], ['Subtotal', 12], ['Tolland School', null], ['no', 6], ['Subtotal', 6],
            ['Wick Farm', null], ['no', 12], ['yes', 3], ['Subtotal', 15], ['Total', 33]], array_slice(self::says($sheet), 3));
        self::assertSame([Part::Title, null, Part::Heading, Part::RowGroup, Part::Body, Part::Subtotal, Part::RowGroup, Part::Body,
            Part::Subtotal, Part::RowGroup, Part::Body, Part::Subtotal, Part::Total],
            array_map(fn ($run) => $run->part, $sheet->reading->tables[0]->runs));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** Beside GROUP BY and window functions of SQLite, over rows at random. */
    #[DataProvider('seeds')]
    public function test_the_figures_are_those_of_a_database(int $seed): void
    {
        mt_srand($seed);
        $rows = [];
        for ($at = 0; $at < 300; $at++) {
            $rows[] = ["N$at", ['red', 'blue', 'grey', null, 'a*b', '=x'][mt_rand(0, 5)], ['S', 'M', 'L'][mt_rand(0, 2)],
                mt_rand(0, 9) === 0 ? null : mt_rand(-400, 4_000) / 4];
        }
        $pdo = new PDO('sqlite::memory:');
        $pdo->exec('create table t (id text, colour text, size text, worth real)');
        $insert = $pdo->prepare('insert into t values (?, ?, ?, ?)');
        array_map($insert->execute(...), $rows);
        $book = self::book([['Id', 'Colour', 'Size', 'Worth'], ...$rows]);
        foreach (['sum' => 'sum', 'count' => 'count', 'mean' => 'avg', 'least' => 'min', 'greatest' => 'max'] as $figure => $sql) {
            $sheet = self::of(['rows' => [['heading' => 'Colour']], 'across' => ['heading' => 'Size'],
                'values' => [['heading' => 'Worth', 'figure' => $figure]]], $book);
            $wanted = $pdo->query("select coalesce(colour, '(blank)'), size, $sql(worth) from t group by colour, size")
                ->fetchAll(PDO::FETCH_NUM);
            $totals = $pdo->query("select 'Total', size, $sql(worth) from t group by size")->fetchAll(PDO::FETCH_NUM);
            $all = $pdo->query("select coalesce(colour, '(blank)'), 'Total', $sql(worth) from t group by colour")->fetchAll(PDO::FETCH_NUM);
            self::assertFigures([...$wanted, ...$totals, ...$all], $sheet, $figure);
        }
        foreach (['row' => 'partition by colour', 'column' => 'partition by size', 'whole' => ''] as $share => $over) {
            $sheet = self::of(['rows' => [['heading' => 'Colour']], 'across' => ['heading' => 'Size'],
                'values' => [['heading' => 'Worth', 'share' => $share]]], $book);
            $wanted = $pdo->query("select coalesce(colour, '(blank)'), size, sum(worth) / sum(sum(worth)) over ($over) "
                .'from t group by colour, size')
                ->fetchAll(PDO::FETCH_NUM);
            self::assertFigures($wanted, $sheet, "share of $share");
        }
    }

    /** @param  list<array{string, string, float|int|null}>  $wanted */
    private static function assertFigures(array $wanted, Worksheet $sheet, string $what): void
    {
        $says = self::says($sheet);
        $columns = array_flip($says[2]);
        $rows = array_flip(array_map(fn (array $row) => (string) ($row[0] ?? ''), $says));
        foreach ($wanted as [$row, $column, $figure]) {
            $is = $says[$rows[$row]][$columns[$column]];
            $figure === null ? self::assertTrue($is === null || $is === '' || $is === 0, "$what of $row, $column")
                : self::assertEqualsWithDelta($figure, $is, 1e-9 * max(1, abs($figure)), "$what of $row, $column");
        }
    }

    /** Each formula, calculated by the general-purpose spreadsheet library, gives what the summary says. */
    public function test_the_formulas_give_the_same_figures(): void
    {
        $rows = [...self::SALES, [46040, 'a*b?', 'yes', 2, 7.5], [46041, 'axby', 'no', 1, 1.25], [46042, '<5', 'yes', 9, 3.5],
            [46043, null, 'yes', 1, 8.25]];
        $book = self::book($rows);
        $count = 0;
        foreach ([
            ['rows' => [['heading' => 'Customer']], 'across' => ['heading' => 'Paid'], 'values' => [['heading' => 'Worth'],
                ['heading' => 'Count', 'figure' => 'mean'], ['heading' => 'Worth', 'figure' => 'count'], ['heading' => 'Worth',
                    'share' => 'whole']]],
            ['rows' => [['heading' => 'Day', 'by' => 'quarter'], ['heading' => 'Paid']], 'values' => [['heading' => 'Count'],
                ['heading' => null, 'figure' => 'count']]],
            // By a column without blank cells: to the library those are noughts, to a criterion they are none (common practice).
            ['rows' => [['heading' => 'Count', 'by' => 'band', 'size' => 4]], 'values' => [['heading' => 'Worth'],
                ['heading' => 'Count', 'share' => 'column']]],
        ] as $of) {
            $sheet = self::of($of, $book);
            $there = new Spreadsheet;
            $there->getActiveSheet()->setTitle('S')->fromArray($rows, null, 'A1', true);
            foreach ([9, 10] as $row) {
                $there->getActiveSheet()->getCell("B$row")->setValueExplicit((string) $rows[$row - 1][1]);
            }
            $there->createSheet()->setTitle('Sum');
            foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
                foreach ($cells as $at => $cell) {
                    if ($cell->formula === null) {
                        continue;
                    }
                    $place = $there->getSheetByNameOrThrow('Sum')->getCell([$at + 1, $row]);
                    $is = $place->setValue("=$cell->formula")->getCalculatedValue();
                    $count++;
                    is_string($cell->value) || $cell->value === null
                        ? self::assertTrue($is === '' || $is === null || (float) $is === 0.0, $cell->formula)
                            : self::assertEqualsWithDelta($cell->value, $is, 1e-9, $cell->formula);
                }
            }
        }
        self::assertGreaterThan(80, $count);
        $least = self::of(['rows' => [['heading' => 'Customer']], 'values' => [['heading' => 'Worth', 'figure' => 'least']]], $book);
        self::assertSame([], iterator_to_array($least->cells->formulas()), 'what formulas cannot ask for is a value');
    }

    /** Subtotals between the rows would be counted by a formula over all of them. */
    public function test_a_table_with_subtotals_between_its_rows_is_summed_up_in_values(): void
    {
        $book = self::book([['Region', 'Tree', 'Worth'], ['North', 'ash', 10], ['North', 'elm', 20], ['Subtotal North', null, 30],
            ['South', 'ash', 1], ['South', 'oak', 2], ['Subtotal South', null, 3], ['Total', null, 33]]);
        $sheet = self::of(['rows' => [['heading' => 'Tree']], 'values' => [['heading' => 'Worth'], ['figure' => 'count']]], $book);
        self::assertSame([], iterator_to_array($sheet->cells->formulas()));
        self::assertSame([['ash', 11, 2], ['elm', 20, 1], ['oak', 2, 1], ['Total', 33, 4]], array_slice(self::says($sheet), 3));
    }

    /** Rows without a category are counted by a formula that the library answers alike. */
    public function test_rows_without_a_category_are_counted(): void
    {
        $rows = [['Tree', 'Worth'], ['ash', 10], [null, 20], ['elm', 30], [null, 40], ['ash', 50]];
        $sheet = self::of(['rows' => [['heading' => 'Tree']], 'values' => [['figure' => 'count'], ['heading' => 'Worth']]],
            self::book($rows));
        $there = new Spreadsheet;
        $there->getActiveSheet()->setTitle('S')->fromArray($rows, null, 'A1', true);
        $blank = array_search('(blank)', array_map(fn (array $row) => $row[0] ?? null, self::says($sheet)), true);
        $cells = iterator_to_array($sheet->cells->read(1, $sheet->cells->rows()))[(int) $blank + 1];
        self::assertSame([2, 60], [$cells[1]->value, $cells[2]->value]);
        foreach ([1 => 2, 2 => 60] as $at => $wanted) {
            $place = $there->getActiveSheet()->getCell("F$at")->setValue('='.$cells[$at]->formula);
            self::assertEquals($wanted, $place->getCalculatedValue());
        }
    }

    public function test_a_category_that_comes_is_found_and_looks_stay_where_they_were_given(): void
    {
        $book = (new Dress([1], Builtin::named('River ledger'), false))->on(self::book(self::SALES));
        $book = (new Summarise(null, Summary::of(['sheet' => 1, 'rows' => [['heading' => 'Customer']],
            'values' => [['heading' => 'Worth']]])))->on($book);
        self::assertSame('Summary of S', $book->sheet(2)->name);
        $book = (new Format(new Targets([2], RangeSet::parse('B6')), Look::of(['italic' => true])))->on($book);
        self::assertSame([], Checks::on($book, [new SummaryOld]));
        $newer = self::book([self::SALES[0], [46023, 'Abbey Wood', 'yes', 1, 100.5], ...array_slice(self::SALES, 1)]);
        $book = (new BringAnew(1, 1, 1, NewData::of($newer, 1), new \Rilvet\Renew\Choices(key: [])))->on($book);
        $found = Checks::on($book, [new SummaryOld]);
        self::assertSame(['One group of the table is missing in the summary.'], array_map(fn ($one) => $one->words, $found));
        $book = $found[0]->mend?->act->on($book) ?? self::fail('it can be mended');
        $sheet = $book->sheet(2);
        self::assertSame([['Abbey Wood', 100.5], ['Brook Cottage', 81], ['Tolland School', 40.5], ['Wick Farm', 30.75], ['Total', 252.75]],
            array_slice(self::says($sheet), 3));
        $dressed = new DressedSheet($sheet, $book->looks);
        $look = fn (int $row, Attribute $attribute) => $dressed->at($row, 2)->look->get($attribute);
        self::assertSame([null, null, null, true, null], array_map(fn (int $row) => $look($row, Attribute::Italic) ?: null, [4, 5,
            6, 7, 8]),
            'the touch is on Wick Farm still');
        self::assertSame([true, false], [$look(8, Attribute::Bold) === true, $look(7, Attribute::Bold) === true],
            'and the total is the total');
        self::assertSame([], Checks::on($book, [new SummaryOld]));
        self::assertSame('SUMIFS(S!$E$2:$E$8,S!$B$2:$B$8,"=Abbey Wood")', iterator_to_array($sheet->cells->formulas())[4][2]->formula);
    }

    public function test_a_nought_that_was_written_over_with_a_word_is_old(): void
    {
        $book = (new Summarise(null, Summary::of(['sheet' => 1, 'rows' => [['heading' => 'Customer']],
            'values' => [['heading' => 'Worth']]])))->on(self::book([...self::SALES, [46390, 'Zeal Mill', 'no', 8, 0]]));
        self::assertSame(['Zeal Mill', 0], self::says($book->sheet(2))[6]);
        self::assertSame([], Checks::on($book, [new SummaryOld]));
        $found = Checks::on((new EditCells(2, [7 => [2 => 'none']]))->on($book), [new SummaryOld]);
        self::assertSame(['One of its cells says something else than the table does now.'], array_map(fn ($one) => $one->words, $found));
    }

    /** @param  array<string, mixed>  $of */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_summed_up_is_said(string $message, array $of): void
    {
        $this->expectException(SummaryIsWrong::class);
        $this->expectExceptionMessage($message);
        self::of($of + ['rows' => [['heading' => 'Customer']], 'values' => [['heading' => 'Worth']]]);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function wrong(): iterable
    {
        yield 'a column that is gone' => ['no column "Shelf"', ['rows' => [['heading' => 'Shelf']]]];
        yield 'no rows' => ['1 to 2 rows', ['rows' => []]];
        yield 'too many' => ['1 to 2 rows', ['rows' => array_fill(0, 3, ['heading' => 'Day'])]];
        yield 'a band of nothing' => ['a band wants a size', ['rows' => [['heading' => 'Worth', 'by' => 'band', 'size' => 0]]]];
        yield 'an unknown figure' => ['a value is a sum', ['values' => [['heading' => 'Worth', 'figure' => 'median']]]];
        yield 'a share of a mean' => ['only sums and counts', ['values' => [['heading' => 'Worth', 'figure' => 'mean', 'share' => 'row']]]];
        yield 'a sum of rows' => ['only counting', ['values' => [['heading' => null]]]];
    }

    public function test_a_hundred_thousand_groups_are_refused_in_words(): void
    {
        $rows = [['Code', 'Worth']];
        for ($at = 0; $at < 100_000; $at++) {
            $rows[] = ["K$at", $at];
        }
        $this->expectExceptionMessage('"Code" has 100,000 different values, and 10,000 is the most');
        self::of(['rows' => [['heading' => 'Code']], 'values' => [['heading' => 'Worth']]], self::book($rows));
    }

    /**
     * @param  array<string, mixed>  $of
     * @return list<list<mixed>>
     */
    private static function summed(array $of): array
    {
        return self::says(self::of($of));
    }

    /** @param  array<string, mixed>  $of */
    private static function of(array $of, ?Workbook $book = null): Worksheet
    {
        return (new Summarise(null, Summary::of(['sheet' => 1] + $of)))->on($book ?? self::book(self::SALES))->sheet(2);
    }

    /** @return list<list<mixed>> */
    private static function says(Worksheet $sheet): array
    {
        $rows = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
            $values = array_map(fn (Cell $cell) => $cell->value, $cells);
            $rows[] = $row < 3 ? array_values(array_filter($values, fn ($value) => $value !== null)) : $values;
        }

        return $rows;
    }

    /** @param  list<list<mixed>>  $rows */
    private static function book(array $rows): Workbook
    {
        $cells = MemorySheet::of('S', $rows);

        return new Workbook('Book', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
    }

    public function test_as_many_groups_as_there_is_room_for(): void
    {
        $rows = fn (int $count) => self::book([['Code', 'Worth'], ...array_map(fn (int $at) => ["K$at", $at], range(1, $count))]);
        $down = ['rows' => [['heading' => 'Code']], 'values' => [['heading' => 'Worth']]];
        $along = ['rows' => [['heading' => 'Worth', 'by' => 'band', 'size' => 1_000]], 'across' => ['heading' => 'Code'],
            'values' => [['heading' => 'Worth']]];
        foreach ([[$down, 10_000], [$along, 200]] as [$of, $most]) {
            self::assertGreaterThan(3, self::of($of, $rows($most))->cells->rows());
            try {
                self::of($of, $rows($most + 1));
                self::fail('it was summed up');
            } catch (SummaryIsWrong $wrong) {
                self::assertStringContainsString(number_format($most).' is the most', $wrong->getMessage());
            }
        }
    }

    /** Figures by their size, then texts by the alphabet; what is true stands with its word. */
    public function test_groups_of_all_kinds_stand_in_order(): void
    {
        $rows = [['Kind', 'Worth'], ['pear', 1], [10, 1], ['', 1], [2.5, 1], ['Éclair', 1], [true, 1], ['eel', 1], [-3, 1], ['pear', 1],
            [false, 1]];
        $found = array_slice(self::says(self::of(['rows' => [['heading' => 'Kind']], 'values' => [['heading' => null,
            'figure' => 'count']]], self::book($rows))), 3);
        $names = array_map(fn (array $row) => (string) $row[0], $found);
        self::assertContains(['pear', 2], $found);
        self::assertContains(['Total', 10], $found);
        $order = array_map(fn (string $name) => array_search($name, $names, true), ['-3', '2.5', '10', 'Éclair', 'eel', 'pear']);
        $rising = $order;
        sort($rising);
        self::assertSame($rising, $order, implode(', ', $names));
    }

    /** Formatted a little beyond its end, a summary that becomes longer is worked out all the same. */
    public function test_looks_below_the_end_of_a_summary_give_way_to_new_groups(): void
    {
        $rows = fn (int $count) => self::book([['Code', 'Worth'], ...array_map(fn (int $at) => ["K$at", $at], range(1, $count))]);
        $small = (new Summarise(null, Summary::of(['sheet' => 1, 'rows' => [['heading' => 'Code']],
            'values' => [['heading' => 'Worth']]])))->on($rows(3));
        foreach (['B4:B9' => [true, true, true, false], 'B4:B1048576' => [true, true, true, true], 'B6' => [false, false, true, false],
            'B9:B12' => [false, false, false, false]] as $cells => $wanted) {
            $book = (new Format(new Targets([2], RangeSet::parse($cells)), Look::of(['italic' => true])))->on($small);
            $book = $book->withSheet(1, $rows(20)->sheet(1));
            $after = (new Summarise(2, null))->on($book);
            self::assertSame(24, $after->sheet(2)->cells->rows());
            $dressed = new DressedSheet($after->sheet(2), $after->looks);
            $names = array_map(fn (array $row) => $row[0] ?? '', self::says($after->sheet(2)));
            $at = fn (string $name) => (int) array_search($name, $names, true) + 1;
            self::assertSame($wanted, array_map(fn (int $row) => $dressed->at($row, 2)->look->is(Attribute::Italic),
                [$at('K1'), $at('K2'), $at('K3'), 30]), $cells);
        }
    }
}
