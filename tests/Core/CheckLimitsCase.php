<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Tables with a fault in them, and what one check finds. */
abstract class CheckLimitsCase extends TestCase
{
    /** @return list<array{string, int, string}> ranges, counts, words of what one check finds */
    protected static function found(string $check, Sheet $cells, TableReading ...$tables): array
    {
        $sheet = new Worksheet($cells, 'Beds', new Reading(array_values($tables)));
        $found = Checks::on(new Workbook('Book', [1 => $sheet], new LookBook),
            array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === $check)));

        return array_map(fn (Finding $one) => [$one->range, $one->count, $one->words], $found);
    }

    /**
     * A table of one column of figures below a heading.
     *
     * @param  list<int|float|string|null>  $values
     * @return array{Sheet, TableReading}
     */
    protected static function figures(array $values, bool $grouped = true, ColumnKind $kind = ColumnKind::Integer): array
    {
        $rows = [['Lot', 'Sold'], ...array_map(fn (int $at) => ["L$at", $values[$at]], array_keys($values))];
        $runs = [new RowRun(1, 1, Part::Heading), new RowRun(2, count($rows), Part::Body)];
        $columns = [new ColumnReading(1, 'Lot', ColumnKind::Code, 1.0, ColumnRole::Label),
            new ColumnReading(2, 'Sold', $kind, 1.0, ColumnRole::Data, grouped: $grouped)];

        return [MemorySheet::of('Beds', $rows), new TableReading(Range::of(1, 1, count($rows), 2), 1.0, $runs, $columns)];
    }
}
