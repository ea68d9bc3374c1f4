<?php

declare(strict_types=1);

namespace Rilvet\Check\Colour;

use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/** What is seen of a sheet: the looks of its filled cells, in the bodies of tables and around them, and where each stands. */
final class Seen
{
    /** Rows outside of bodies that are looked at. */
    private const ROWS = 200;

    /** Columns of them. */
    private const COLUMNS = 200;

    /**
     * @param  callable(ResolvedLook): string  $by  what looks are told apart by; blank for those that are left aside
     * @param  bool  $isAround  headings, titles and totals, too
     * @param  bool  $isFilled  blank cells are looked at, to be left aside
     * @return array<string, array{look: ResolvedLook, count: int, ranges: list<Range>}>
     */
    public static function by(Checked $sheet, callable $by, bool $isFilled = true, bool $isAround = true): array
    {
        $found = [];
        /** @var array<string, array{look: ResolvedLook, count: int, ranges: list<Range>}> $found */
        $add = function (ResolvedLook $look, int $count, Range ...$ranges) use (&$found, $by) {
            $key = $by($look);
            if ($key !== '') {
                $found[$key] ??= ['look' => $look, 'count' => 0, 'ranges' => []];
                $found[$key]['count'] += $count;
                count($found[$key]['ranges']) < 200 && array_push($found[$key]['ranges'], ...array_values($ranges));
            }
        };
        $rows = 0;
        foreach ($sheet->tables() as $table) {
            foreach ($table->columns as $column) {
                foreach ($sheet->survey()->column($table, $column->column) as $wear) {
                    if ($by($wear->look) !== '' && (! $isFilled || $sheet->survey()->isFilled($wear->places, $column->column))) {
                        $add($wear->look, $wear->places->count, ...array_map(fn (array $one) => Range::of($one[0], $column->column, $one[1],
                            $column->column), $wear->places->stretches()));
                    }
                }
            }
            $rows += ! $isAround || $rows > self::ROWS ? 0 : self::around($sheet, $table, $add);
        }

        return $found;
    }

    /**
     * @param  callable(ResolvedLook, int, Range...): void  $add
     * @return int rows that were read
     */
    private static function around(Checked $sheet, TableReading $table, callable $add): int
    {
        $rows = 0;
        $right = min($table->range->right, $table->range->left + self::COLUMNS);
        foreach ($table->runs as $run) {
            if ($run->part === Part::Body || $run->part === null || $rows > self::ROWS) {
                continue;
            }
            $last = min($run->last, $run->first + self::ROWS);
            foreach ($sheet->sheet->cells->read($run->first, $last, $table->range->left, $right) as $row => $cells) {
                $rows++;
                for ($column = $table->range->left; $column <= $right; $column++) {
                    if (($cells[$column - 1] ?? null)?->isBlank() === false) {
                        $add($sheet->dressed()->at($row, $column), 1, Range::of($row, $column, $row, $column));
                    }
                }
            }
        }

        return $rows;
    }

    /**
     * @param  list<Range>  $ranges
     */
    public static function text(array $ranges): string
    {
        return implode(', ', array_map(strval(...), array_slice(iterator_to_array(RangeSet::of(...array_slice($ranges, 0, 200))), 0,
            Places::NAMED)));
    }
}
