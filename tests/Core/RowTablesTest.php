<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Dressed\RowTables;
use Rilvet\Grid\Range;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/** Which tables a row crosses, with the slow way as judge: of few tables all are asked, of many those that are near. */
final class RowTablesTest extends TestCase
{
    /** @return list<TableReading> one below the other, two beside each other, with rows between them */
    private static function tables(int $count): array
    {
        $tables = [];
        $row = 1;
        for ($number = 0; $number < $count; $number++) {
            $left = $number % 2 === 0 ? 1 : 8;
            $height = mt_rand(3, 90);
            $runs = [new RowRun($row, $row, Part::Heading), new RowRun($row + 1, $row + $height - 1, Part::Body)];
            $asides = mt_rand(0, 5) === 0 ? [Range::of($row + 1, $left + 5, $row + $height + 2, $left + 6)] : [];
            $tables[] = new TableReading(Range::of($row, $left, $row + $height - 1, $left + 4), 1.0, $runs, [], $asides);
            $row += $number % 2 === 0 ? 0 : $height + mt_rand(1, 70);
        }

        return $tables;
    }

    public function test_every_row_is_told_its_tables_its_part_and_its_place(): void
    {
        mt_srand(51);
        foreach ([1, 3, 7, 40, 120] as $count) {
            $tables = self::tables($count);
            $of = new RowTables($tables);
            $last = max(array_map(fn (TableReading $table) => $table->range->bottom, $tables)) + 80;
            foreach ([...range(1, min($last, 3_000)), 1, 2, 3] as $row) {
                $wanted = [];
                foreach ($tables as $table) {
                    $run = $table->runAt($row);
                    if ($run !== null) {
                        $wanted[] = [$table->range->top, $run->part, $row - $run->first];
                    }
                }
                $found = array_values(array_filter($of->at($row), fn (array $one) => $one[1] !== null));
                self::assertSame($wanted, array_map(fn (array $one) => [$one[0]->range->top, $one[1], $one[2]], $found),
                    "$count, row $row");
                // Beside a table with notes, a row is told it as well.
                foreach ($tables as $table) {
                    foreach ($table->asides as $aside) {
                        if ($row >= $aside->top && $row <= $aside->bottom) {
                            self::assertContains($table, array_map(fn (array $one) => $one[0], $of->at($row)));
                        }
                    }
                }
            }
        }
    }

    public function test_rows_differ_one_by_one_as_far_as_notes_stand_beside_them(): void
    {
        $runs = [new RowRun(1, 9, Part::Body)];
        $bare = new TableReading(Range::of(1, 1, 9, 3), 1.0, $runs, []);
        $noted = new TableReading(Range::of(20, 1, 29, 3), 1.0, [new RowRun(20, 29, Part::Body)], [], [Range::of(21, 5, 33, 5)]);
        $short = new TableReading(Range::of(20, 1, 29, 3), 1.0, [new RowRun(20, 29, Part::Body)], [], [Range::of(21, 5, 22, 5)]);
        self::assertSame([0, 0, 33, 29], array_map(fn (array $tables) => (new RowTables($tables))->lastAside(),
            [[], [$bare], [$bare, $noted], [$short, $bare]]));
    }
}
