<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Gathering;
use Rilvet\Condition\Is;
use Rilvet\Condition\MeantByFormula;
use Rilvet\Condition\Test;
use Rilvet\Condition\Union;
use Rilvet\Condition\Where;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Refusal;

/**
 * Conditional looks that styles of cells carry (style:map, ISO/IEC 26300-1 16.3): gathered from the cells of a sheet that
 * wear such a style.
 */
final class StyleMaps
{
    /** Ranges of one style. */
    private const RANGES = 50_000;

    /** @var array<string, list<Range>> where a style is worn, by its name */
    private array $worn = [];

    /** @var array<string, array<int, array{int, int}>> rows that are still open, by style and column */
    private array $open = [];

    public function __construct(private readonly CellStyles $styles)
    {
    }

    /**
     * Rows in their order that wear the same.
     *
     * @param  list<string>  $names  of styles, from column A on
     */
    public function row(int $first, int $last, array $names): void
    {
        foreach ($names as $index => $name) {
            if ($name === '' || ! $this->styles->hasMaps($name)) {
                continue;
            }
            $open = $this->open[$name][$index] ?? null;
            if ($open !== null && $open[1] === $first - 1) {
                $this->open[$name][$index][1] = $last;
            } else {
                $open === null || $this->close($name, $index, $open);
                $this->open[$name][$index] = [$first, $last];
            }
        }
    }

    public function conditions(): Conditions
    {
        foreach ($this->open as $name => $columns) {
            foreach ($columns as $index => $rows) {
                $this->close($name, $index, $rows);
            }
        }
        $all = [];
        $kept = 0;
        foreach ($this->worn as $name => $ranges) {
            $ranges = Union::of($ranges);
            foreach ($this->styles->maps($name) as [$says, $applies, $base]) {
                $condition = $ranges !== [] && count($all) < Conditions::MOST ? $this->condition('m'.count($all), $says, $applies,
                    $base, $ranges) : null;
                $condition === null ? $kept++ : $all[] = $condition;
            }
        }

        // A style of its own is written for each look, so that pieces of one condition come as several.
        return $all === [] && $kept === 0 ? new Conditions
            : new Conditions(array_map(self::meant(...), Gathering::of($all)), $kept, true);
    }

    /** The sentence that was written as a formula; it has to be seen whole for that. */
    private static function meant(Condition $one): Condition
    {
        $ranges = $one->where->cells;
        $test = $one->test->is === Is::Formula && $ranges !== [] ? MeantByFormula::of($one->test->of[0], $ranges) : null;

        return $test === null ? $one : new Condition($one->id, $test, $one->where, $one->look);
    }

    /** @param  array{int, int}  $rows */
    private function close(string $name, int $index, array $rows): void
    {
        if (count($this->worn[$name] ?? []) < self::RANGES) {
            $this->worn[$name][] = Range::of($rows[0], $index + 1, $rows[1], $index + 1);
        }
    }

    /** @param  non-empty-list<Range>  $ranges */
    private function condition(string $id, string $says, string $applies, string $base, array $ranges): ?Condition
    {
        $test = self::test($says);
        if ($test === null) {
            return null;
        }
        [$row, $column] = Condition::first($ranges);
        try {
            $from = $base === '' ? null : Address::parse((string) preg_replace('/^.*\./', '', str_replace('$', '', $base)));
            $condition = new Condition($id, $test, Where::cells($ranges), $this->styles->said($applies));

            return $from === null ? $condition : $condition->translated($row - $from->row, $column - $from->column);
        } catch (Refusal) {
            return null;
        }
    }

    /** What a condition says (ISO/IEC 26300-1 19.471). */
    private static function test(string $says): ?Test
    {
        $plain = fn (string $formula) => OpenFormula::plain('of:='.trim($formula)) ?? '';
        if (preg_match('/^cell-content\(\)\s*(<=|>=|!=|<|>|=)\s*(.+)$/s', trim($says), $found) === 1) {
            $is = ['<' => Is::Below, '<=' => Is::AtMost, '=' => Is::Equal, '!=' => Is::Unequal, '>' => Is::Above,
                '>=' => Is::AtLeast][$found[1]];

            return new Test($is, [$plain($found[2])]);
        }
        if (preg_match('/^cell-content-is-(not-)?between\((.+),(.+)\)$/s', trim($says), $found) === 1) {
            return new Test($found[1] === '' ? Is::Between : Is::Outside, [$plain($found[2]), $plain($found[3])]);
        }

        return preg_match('/^is-true-formula\((.+)\)$/s', trim($says), $found) === 1 ? new Test(Is::Formula, [$plain($found[1])]) : null;
    }

    /**
     * A condition as a style says it; null where the format has no word for it.
     *
     * @param  string|null  $formula  by which it is true
     */
    public static function written(Condition $condition, ?string $formula): ?string
    {
        $sign = ['below' => '<', 'atMost' => '<=', 'equal' => '=', 'unequal' => '!=', 'above' => '>', 'atLeast' => '>='];
        $said = fn (string $of) => substr(OpenFormula::of($of), 4);
        $test = $condition->test;
        if (isset($sign[$test->is->value])) {
            return 'cell-content()'.$sign[$test->is->value].$said($test->of[0]);
        }

        return $formula === null ? null : 'is-true-formula('.$said($formula).')';
    }
}
