<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Grid\MemorySheet;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\SheetFacts;

/** Rows that are all alike are their own mean, least and greatest; that makes none of them a total. */
final class EqualRowsTest extends TestCase
{
    public function test_twelve_equal_rows_are_a_body(): void
    {
        $rows = [['Tree', 'Count', 'Height', 'Worth'], ...array_map(fn (int $row) => ["Tree $row", 5, 12, 3.5], range(1, 12))];
        self::assertSame([[Part::Body, 2, 13]], self::runs($rows));
    }

    public function test_a_row_of_means_without_a_word_is_still_found_where_the_rows_differ(): void
    {
        $rows = [
            ['Tree', 'Count', 'Height', 'Worth'],
            ...array_map(fn (int $row) => ["Tree $row", 4 * $row, 10 + $row * $row, 100.25 - 7 * $row], range(1, 4)),
            ['', 10, 17.5, 82.75],
        ];
        self::assertSame([[Part::Body, 2, 5], [Part::Total, 6, 6]], self::runs($rows));
    }

    /**
     * The runs below the headings.
     *
     * @param  list<list<float|int|string>>  $rows
     * @return list<array{Part|null, int, int}>
     */
    private static function runs(array $rows): array
    {
        $table = Finder::read(SheetFacts::of(MemorySheet::of('S', $rows)))->tables[0];

        return array_map(fn (RowRun $run) => [$run->part, $run->first, $run->last], array_slice($table->runs, 1));
    }
}
