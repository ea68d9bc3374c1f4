<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Around;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Judges;
use Rilvet\Formula\Scope;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\Signature;
use Rilvet\Work\FileHints;
use Rilvet\Work\Setup;
use Rilvet\Work\Worksheet;

/** Conditional looks asked of a column, a list of rows or a small table. */
abstract class ConditionCase extends TestCase
{
    /** 27 November 2026, a Friday. */
    protected const TODAY = 46_353;

    protected const TABLE = [
        ['Tree', 'Count', 'Worth', 'Paid'], ['Rowan', 3, 4.25, 4], ['Aspen', 4, 2.5, 3], ['Hazel', 5, 1.25, 1], ['All', 12, 8.0, 8],
    ];

    /**
     * @param  array<string, mixed>  $test
     * @param  array<string, mixed>  $more
     */
    protected static function condition(array $test, string $cells, array $more = [], string $id = 'c'): Condition
    {
        return Condition::of(['id' => $id, 'test' => $test, 'where' => ['cells' => $cells]] + $more + ['look' => ['bold' => true]]);
    }

    /**
     * @param  list<Condition>  $conditions
     * @param  list<list<mixed>>  $rows
     */
    protected static function judges(array $conditions, array $rows, ?Reading $reading = null): Judges
    {
        $cells = array_map(fn (array $line) => array_map(fn (mixed $value) => is_string($value) && str_starts_with($value, '#')
            ? Cell::error($value)
            : Cell::of(is_scalar($value) ? $value : null), $line), $rows);
        $sheet = new MemorySheet('S', $cells);

        return new Judges($conditions, $reading ?? Reading::none(), $sheet, new Around(new Scope([1 => 'S'], [], []), [1 => $sheet], 1,
            false,
            self::TODAY + 0.4));
    }

    /**
     * @param  array<string, mixed>  $test
     * @param  list<mixed>  $column  of A, from row 1 on
     * @return list<int> rows for which it holds
     */
    protected static function holds(array $test, array $column): array
    {
        $rows = array_map(fn (mixed $value) => [$value], $column);
        $condition = self::condition($test, 'A1:A'.count($column));
        $judge = self::judges([$condition], $rows)->all()[0];
        $held = [];
        foreach ($column as $index => $value) {
            $cell = is_string($value) && str_starts_with($value, '#') ? Cell::error($value)
                : Cell::of(is_scalar($value) ? $value : null);
            $judge->holds($index + 1, 1, $cell) && $held[] = $index + 1;
        }

        return $held;
    }

    /** @param  list<list<mixed>>  $rows */
    protected static function sheet(array $rows = self::TABLE): Worksheet
    {
        $cells = new MemorySheet('S', array_map(fn (array $line) => array_map(fn (mixed $value) => Cell::of(is_scalar($value) ? $value
            : null), $line), $rows));
        $hints = new FileHints(new LookMap, new LookBook, new Setup);

        return new Worksheet($cells, 'S', Finder::read(new SheetFacts($cells, Signature::all($cells, $hints), $hints)));
    }
}
