<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Paper\Reader;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Setup;
use Rilvet\Work\Worksheet;

/** Which cells a page reads aloud as a row of a table (ISO 32000-1, 14.8.4.3.4: tables, their rows, headings and data). */
final class PaperReaderTest extends TestCase
{
    /**
     * A table in C2:F5 below its title: a row of groups over the headings, and two rows.
     *
     * @param  list<Range>  $merges
     */
    private static function reader(array $merges = []): Reader
    {
        $columns = [new ColumnReading(3, 'Tree', ColumnKind::Text, 1.0, ColumnRole::Label)];
        for ($column = 4; $column <= 6; $column++) {
            $columns[] = new ColumnReading($column, "Bed $column", ColumnKind::Integer, 1.0, ColumnRole::Data);
        }
        $table = new TableReading(Range::of(1, 3, 5, 6), 1.0, [new RowRun(1, 1, Part::Title), new RowRun(2, 2, Part::ColumnGroup),
            new RowRun(3, 3, Part::Heading), new RowRun(4, 5, Part::Body)], $columns, groups: [Range::of(2, 5, 2, 6)]);
        $cells = MemorySheet::of('Beds', array_fill(0, 5, array_fill(0, 6, 'x')));

        return new Reader(new Worksheet($cells, 'Beds', new Reading([$table]), came: new Setup(merges: $merges)));
    }

    /** @return array<int, array{bool, string, int, int}> */
    private static function cells(Reader $reader, int $row, int $left, int $right): array
    {
        return array_values($reader->rows($row, $left, $right, '1'))[0]->cells ?? [];
    }

    public function test_a_row_has_the_cells_of_its_table_that_stand_on_the_page(): void
    {
        $label = [true, 'Row', 1, 1];
        $data = [false, '', 1, 1];
        self::assertSame([3 => $label, 4 => $data, 5 => $data, 6 => $data], self::cells(self::reader(), 4, 1, 9));
        self::assertSame([3 => $label, 4 => $data], self::cells(self::reader(), 4, 1, 4), 'a page that ends within it');
        self::assertSame([5 => $data, 6 => $data], self::cells(self::reader(), 5, 5, 9), 'and the one beside that');
        self::assertSame([], self::reader()->rows(4, 7, 9, '1'), 'a page that has nothing of it');
        self::assertSame([], self::reader()->rows(1, 1, 9, '1'), 'a title is a heading of its own');
        self::assertSame(['H1', 'P'], [self::reader()->role(1, 3), self::reader()->role(1, 1)]);
    }

    public function test_headings_say_how_many_columns_they_stand_over(): void
    {
        $head = fn (int $columns) => [true, 'Column', $columns, 1];
        self::assertSame([3 => $head(1), 4 => $head(1), 5 => $head(2)], self::cells(self::reader(), 2, 1, 9));
        self::assertSame([3 => $head(1), 4 => $head(1), 5 => $head(1)], self::cells(self::reader(), 2, 1, 5), 'as far as the page goes');
        self::assertSame([3 => $head(1), 4 => $head(1), 5 => $head(1), 6 => $head(1)], self::cells(self::reader(), 3, 1, 9));
    }

    public function test_merged_cells_are_one(): void
    {
        $reader = self::reader([Range::of(4, 4, 5, 5)]);
        self::assertSame([3 => [true, 'Row', 1, 1], 4 => [false, '', 2, 2], 6 => [false, '', 1, 1]], self::cells($reader, 4, 1, 9));
        self::assertSame([3 => [true, 'Row', 1, 1], 6 => [false, '', 1, 1]], self::cells($reader, 5, 1, 9), 'what it covers is not read');
    }
}
