<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use App\Files\Opening;
use Closure;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Table;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\EditCells;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Shift;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Aspect\Filter;
use Rilvet\Work\Workbook;

/** Tables that a file names (ISO/IEC 29500-1 18.5.1.2) say which rows are headings and totals, whatever these look like. */
final class SaidTablesTest extends TestCase
{
    /** Nothing but the file tells the headings of words over words. */
    private const WORDS = [['Rowan', 'moist', 'north'], ['Aspen', 'dry', 'south'], ['Hazel', 'moist', 'south'], ['Alder', 'wet', 'north']];

    public function test_the_row_of_headings_is_the_one_that_the_file_names(): void
    {
        self::assertSame('bbbb', self::parts(self::read(self::WORDS)));
        self::assertSame('hbbb', self::parts($table = self::read(self::WORDS, 'A1:C4')));
        self::assertSame('the file names it as the headings of a table', $table->runAt(1)?->why);
        self::assertGreaterThan(0.9, $table->runAt(1)->confidence);
        self::assertSame(['Rowan', 'moist', 'north'], array_map(fn ($column) => $column->heading, $table->columns));
    }

    public function test_a_row_that_looks_like_headings_is_body_where_the_file_says_that_there_are_none(): void
    {
        $rows = [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5]];
        self::assertSame('hbbb', self::parts(self::read($rows)));
        self::assertSame('hbbb', self::parts(self::read($rows, 'A1:B4')));
        self::assertSame('bbbb', self::parts(self::read($rows, 'A1:B4', heads: false)));
    }

    public function test_a_title_and_groups_above_the_table_stay_what_they_are(): void
    {
        $rows = [
            ['Stock of the nursery'], ['', 'Spring', '', 'Autumn', ''], ['Tree', 'Sown', 'Sold', 'Grown', 'Lost'],
            ['Rowan', 3, 5, 7, 1], ['Aspen', 4, 8, 2, 2], ['Hazel', 5, 1, 4, 9],
        ];
        self::assertSame(
            'tghbbb',
            self::parts(self::read($rows, 'A3:E6')),
        );
    }

    public function test_a_table_made_over_its_title_has_its_headings_where_they_look_to_be(): void
    {
        $rows = [['Stock of the nursery'], ['Tree', 'Sown', 'Sold'], ['Rowan', 3, 5], ['Aspen', 4, 8], ['Hazel', 5, 1]];
        self::assertSame('thbbb', self::parts(self::read($rows, 'A1:C5')));
    }

    public function test_the_row_of_totals_needs_neither_a_word_nor_a_sum(): void
    {
        $rows = [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5], ['Nursery', 9]];
        self::assertSame('hbbbb', self::parts(self::read($rows, 'A1:B5')));
        self::assertSame('hbbbT', self::parts($table = self::read($rows, 'A1:B5', totals: true)));
        self::assertSame('the file names it as the totals of a table', $table->runAt(5)?->why);
    }

    /** However close they stand, without a blank row or column between; what stands between belongs to the one that follows. */
    public function test_two_tables_that_are_named_are_two(): void
    {
        $ranges = fn (Workbook $book) => array_map(fn (TableReading $table) => (string) $table->range, $book->sheet(1)->reading->tables);
        $rows = [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Shrub', 'Count'], ['Elder', 5], ['Alder', 9]];
        self::assertSame(['A1:B3', 'A4:B6'], $ranges($book = self::book($rows, [['A4:B6'], ['A1:B3']])));
        self::assertSame(['hbb', 'hbb'], array_map(self::parts(...), $book->sheet(1)->reading->tables));
        $titled = [...array_slice($rows, 0, 3), ['Shrubs of the yard', ''], ...array_slice($rows, 3)];
        self::assertSame(['A1:B3', 'A4:B7'], $ranges($book = self::book($titled, [['A1:B3'], ['A5:B7']])));
        self::assertSame(['hbb', 'thbb'], array_map(self::parts(...), $book->sheet(1)->reading->tables));
        $beside = [['Tree', 'Count', 'Shrub', 'Lost'], ['Rowan', 3, 'Elder', 5], ['Aspen', 4, 'Alder', 9], ['Hazel', 8, 'Spindle', 2]];
        self::assertSame(['A1:B4', 'C1:D4'], $ranges(self::book($beside, [['A1:B4'], ['C1:D4']])));
        self::assertSame(['A1:D4'], $ranges(self::book($beside, [['A1:B4']])), 'one of them says nothing of the other');
    }

    public function test_it_holds_after_an_edit_as_well(): void
    {
        $book = self::book(self::WORDS, [['A1:C4']]);
        $after = (new Pipeline(new Recalculate(new LibraryCalculator)))->run(new EditCells(1, [3 => [2 => 'damp']]), $book)->after;
        self::assertSame('damp', iterator_to_array($after->sheet(1)->cells->read(3, 3))[3][1]->text());
        self::assertSame('hbbb', self::parts($after->sheet(1)->reading->tables[0]));
    }

    /** What is filtered has its headings in the first row (18.3.1.2), also after rows came above, and not where a table is named. */
    public function test_a_filter_says_where_the_headings_are(): void
    {
        $filter = fn (string $range) => fn (Worksheet $sheet) => $sheet->setAutoFilter($range);
        self::assertSame('hbbb', self::parts(self::book(self::WORDS, [], $filter('A1:C4'))->sheet(1)->reading->tables[0]));
        $book = self::book([['Stock'], ...self::WORDS], [], $filter('A2:C5'));
        self::assertSame('thbbb', self::parts($book->sheet(1)->reading->tables[0]));
        $pipeline = new Pipeline(new Recalculate(new LibraryCalculator));
        $moved = $pipeline->run(new MoveCells(1, new Shift(true, 1, 2, true)), $book)->after;
        self::assertSame('A4:C7', (string) $moved->sheet(1)->aspect(Filter::class)->range);
        $typed = $pipeline->run(new EditCells(1, [6 => [2 => 'damp']]), $moved)->after->sheet(1);
        self::assertSame([4, Part::Heading], [$typed->reading->tables[0]->heads()[0]->first, $typed->reading->tables[0]->partAt(4, 1)]);
        $both = self::book(self::WORDS, [['A1:C4', false]], $filter('A1:C4'))->sheet(1)->reading->tables[0];
        self::assertSame('bbbb', self::parts($both), 'a table that is named says more');
        self::assertNull(self::book(self::WORDS, [])->sheet(1)->aspect(Filter::class)->toJson());
    }

    public function test_rows_that_are_kept_in_sight_are_headings(): void
    {
        $frozen = fn (string $cell) => fn (Worksheet $sheet) => $sheet->freezePane($cell);
        $read = fn (array $rows, string $cell) => self::book($rows, [], $frozen($cell))->sheet(1)->reading->tables[0];
        self::assertSame('hbbb', self::parts($table = $read(self::WORDS, 'A2')));
        self::assertSame('the sheet keeps it in sight', $table->runAt(1)?->why);
        self::assertGreaterThan(0.6, $table->confidence);
        self::assertSame('bbbb', self::parts($read(self::WORDS, 'B1')), 'columns say nothing of rows');
        $two = [['Tree', 'Soil', 'Side'], ['name', 'of the bed', 'of the yard'], ...self::WORDS];
        self::assertSame('hhbbbb', self::parts($read($two, 'A3')));
        self::assertSame('thbbbb', self::parts($read([['Stock of the nursery'], ['Tree', 'Soil', 'Side'], ...self::WORDS], 'A3')));
        $figures = [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5], ['Elm', 7]];
        self::assertSame('hbbbb', self::parts($read($figures, 'A4')), 'figures are no headings, whatever is kept in sight');
        self::assertSame('hbbbb', self::parts($read($figures, 'A2')));
    }

    /** Whole figures that the file shows with places are decimals, or money under a word for it; counts stay counts. */
    public function test_whole_figures_shown_with_places_are_no_counts(): void
    {
        $kind = function (string $heading, string $code): array {
            $rows = [['Tree', $heading], ['Rowan', 30], ['Aspen', 42], ['Hazel', 51], ['Elm', 7], ['Oak', 12]];
            $format = fn (Worksheet $sheet) => $sheet->getStyle('B2:B6')->getNumberFormat()->setFormatCode($code);
            $column = self::book($rows, [], $format)->sheet(1)->reading->tables[0]->column(2);

            return [$column?->kind->value, $column?->decimals];
        };
        self::assertSame(['decimal', 2], $kind('Girth', '#,##0.00'));
        self::assertSame(['decimal', 1], $kind('Girth', '0.0'));
        self::assertSame(['amount', 2], $kind('Price', '#,##0.00'));
        self::assertSame(['integer', 0], $kind('Girth', '#,##0'));
        self::assertSame(['integer', 0], $kind('Girth', 'General'));
    }

    /** A letter for each row: title, group of columns, heading, body, Total. */
    private static function parts(TableReading $table): string
    {
        $letter = fn (?Part $part) => match ($part) {
            Part::Title => 't',
            Part::ColumnGroup => 'g',
            Part::Heading => 'h',
            Part::Body => 'b',
            Part::Total => 'T',
            default => '?',
        };
        $rows = array_map(fn (RowRun $run) => str_repeat($letter($run->part), $run->last - $run->first + 1), $table->runs);

        return implode('', $rows);
    }

    /** @param  list<list<int|string>>  $rows */
    private static function read(array $rows, ?string $range = null, bool $heads = true, bool $totals = false): TableReading
    {
        return self::book($rows, $range === null ? [] : [[$range, $heads, $totals]])->sheet(1)->reading->tables[0];
    }

    /**
     * @param  list<list<int|string>>  $rows
     * @param  list<array{0: string, 1?: bool, 2?: bool}>  $tables  range, whether it has headings, whether it has totals
     * @param  Closure(Worksheet): mixed|null  $more  what else is done to the sheet
     */
    private static function book(array $rows, array $tables, ?Closure $more = null): Workbook
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->fromArray($rows);
        foreach ($tables as $number => [$range]) {
            $table = new Table($range, "Stock$number");
            $table->setShowHeaderRow($tables[$number][1] ?? true);
            $table->setShowTotalsRow($tables[$number][2] ?? false);
            $sheet->addTable($table);
        }
        $more === null || $more($sheet);
        $file = tempnam(sys_get_temp_dir(), 'rilvet');
        (new Xlsx($book))->save($file);
        try {
            return (new Opening(fn () => new MemoryBlockStore))->open($file, 'stock.xlsx');
        } finally {
            unlink($file);
        }
    }
}
