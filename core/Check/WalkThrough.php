<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Check\Facts\CellFacts;
use Rilvet\Check\Facts\FactsWatch;
use Rilvet\Dressed\RowTables;
use Rilvet\Grid\FilledRows;
use Rilvet\Reading\TableReading;

/** What one walk through the cells of a sheet came to: it stands as long as the cells and their reading do. */
final readonly class WalkThrough
{
    /** Tables of a sheet up to which their cells are looked at one by one. */
    private const TABLES = 10_000;

    /** @param  array<string, list<Finding>>  $found  by the name of the check */
    private function __construct(public CellFacts $facts, public array $found)
    {
    }

    /** @param  list<Check>  $checks */
    public static function through(Checked $sheet, array $checks): self
    {
        $tables = array_slice($sheet->sheet->reading->tables, 0, self::TABLES);
        $watches = $whole = [];
        /** @var array<int, list<Watch>> $of by the object of the table */
        $of = [];
        $facts = [];
        foreach ($tables as $at => $table) {
            $facts[$at] = new FactsWatch($table);
            $of[spl_object_id($table)][] = $facts[$at];
        }
        foreach ($checks as $check) {
            if (! $check instanceof RowCheck) {
                continue;
            }
            foreach ([null, ...$tables] as $table) {
                $watch = $check->watch($sheet, $table);
                if ($watch !== null) {
                    $watches[$check->about()->name][] = $watch;
                    $table === null ? $whole[] = $watch : $of[spl_object_id($table)][] = $watch;
                }
            }
        }
        $rows = new RowTables(array_values(array_filter($tables, fn (TableReading $table) => isset($of[spl_object_id($table)]))));
        $cells = $sheet->sheet->cells;
        foreach (FilledRows::isSparse($cells) ? FilledRows::of($cells) : $cells->read(1, $cells->rows()) as $row => $line) {
            foreach ($whole as $watch) {
                $watch->see($row, null, $line);
            }
            foreach ($of === [] ? [] : $rows->at($row) as [$table, $part]) {
                foreach ($of[spl_object_id($table)] as $watch) {
                    $watch->see($row, $part, $line);
                }
            }
        }

        return new self(
            new CellFacts(array_map(fn (FactsWatch $watch) => $watch->facts(), $facts)),
            array_map(fn (array $of) => self::findings($of), $watches),
        );
    }

    /**
     * @param  list<Watch>  $watches
     * @return list<Finding>
     */
    private static function findings(array $watches): array
    {
        $found = [];
        foreach ($watches as $watch) {
            foreach ($watch->findings() as $finding) {
                $found[] = $finding;
            }
        }

        return $found;
    }
}
