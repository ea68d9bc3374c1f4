<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Check\Guarded\AgainstCheck;
use Rilvet\Check\Guarded\FormulaUnlocked;
use Rilvet\Check\Layout\HeadingMissing;
use Rilvet\Check\Layout\HeadingRepeated;
use Rilvet\Check\Layout\MergedInBody;
use Rilvet\Check\Truth\ConstantAmongFormulas;
use Rilvet\Check\Truth\ErrorValue;
use Rilvet\Check\Truth\NumberAsText;
use Rilvet\Check\Truth\StraySpaces;
use Rilvet\Check\Truth\SumStopsShort;
use Rilvet\Check\Truth\TotalIsNotTheSum;
use Rilvet\Dressed\RowTables;
use Rilvet\Grid\FilledRows;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;

/** All checks, and how they are gone through: the one place where they are registered. */
final class Checks
{
    /** Tables of a sheet up to which their cells are looked at one by one. */
    private const TABLES = 10_000;

    /** Findings of one check on one sheet that are named; the rest is counted in the last of them. */
    public const NAMED = 200;

    /** @return list<Check> */
    public static function all(): array
    {
        return [
            new ErrorValue, new NumberAsText, new TotalIsNotTheSum, new SumStopsShort, new ConstantAmongFormulas, new StraySpaces,
            new HeadingRepeated, new HeadingMissing, new MergedInBody, new AgainstCheck, new FormulaUnlocked,
        ];
    }

    /**
     * @param  list<Check>  $checks
     * @return list<Finding> the worst first, then in the order of the sheets and of the checks
     */
    public static function on(Workbook $workbook, array $checks): array
    {
        $found = [];
        foreach (array_keys($workbook->sheets) as $number) {
            array_push($found, ...self::onSheet(new Checked($workbook, $number), $checks));
        }
        usort($found, fn (Finding $one, Finding $other) => $other->severity->weight() <=> $one->severity->weight());

        return $found;
    }

    /**
     * @param  list<Check>  $checks
     * @return list<Finding>
     */
    private static function onSheet(Checked $sheet, array $checks): array
    {
        $watches = self::watched($sheet, $checks);
        $found = [];
        foreach ($checks as $at => $check) {
            $findings = $check instanceof SheetCheck ? $check->find($sheet) : [];
            $named = $more = 0;
            foreach ([$findings, ...array_map(fn (Watch $watch) => $watch->findings(), $watches[$at] ?? [])] as $some) {
                foreach ($some as $finding) {
                    ++$named <= self::NAMED ? $found[] = $finding : $more++;
                }
            }
            if ($more > 0) {
                $found[] = $sheet->finding($check, '', $more, number_format($more).' more of this kind on this sheet.');
            }
        }

        return $found;
    }

    /**
     * Goes through the cells once, for all checks that look at them.
     *
     * @param  list<Check>  $checks
     * @return array<int, list<Watch>> by the place of the check in the list
     */
    private static function watched(Checked $sheet, array $checks): array
    {
        $tables = array_slice($sheet->sheet->reading->tables, 0, self::TABLES);
        $watches = $whole = [];
        /** @var array<int, list<Watch>> $of by the object of the table */
        $of = [];
        foreach ($checks as $at => $check) {
            if (! $check instanceof RowCheck) {
                continue;
            }
            foreach ([null, ...$tables] as $table) {
                $watch = $check->watch($sheet, $table);
                if ($watch !== null) {
                    $watches[$at][] = $watch;
                    $table === null ? $whole[] = $watch : $of[spl_object_id($table)][] = $watch;
                }
            }
        }
        if ($watches === []) {
            return [];
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

        return $watches;
    }
}
