<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Reading;

/**
 * All conditions of a sheet at once: says of a cell what it wears by them. Of a cell only those are asked that reach its
 * row; of a file with many thousands that is a handful.
 */
final class Judges
{
    /** Rows of a band; conditions are kept by the bands that they reach into. */
    private const BAND = 64;

    /** Bands up to which a range is kept in each of them. */
    private const FEW = 40;

    /** @var list<Judge> in their order */
    private array $judges = [];

    /** @var list<int> places of their conditions among all, from 1 */
    private array $places = [];

    /** @var array<string, Look> fills of scales */
    private array $fills = [];

    /** @var array<int, list<array{int, Range}>> judges and their ranges, by band */
    private array $bands = [];

    /** @var list<array{int, Range}> those that reach over many bands */
    private array $wide = [];

    /** @var array<int, array<int, list<array{int, Range}>>> what reaches into a column of a band, by band and column */
    private array $near = [];

    /** @var array<string, array<int, list<int>>> */
    private array $across = [];

    /** @var array<int, list<array{int, Range}>> sorted, by band */
    private array $sorted = [];

    private readonly Facts $facts;

    private readonly Values $values;

    /** Whether any of them says something of edges. */
    public bool $haveEdges = false;

    /** @param  list<Condition>  $conditions  the first goes before all others */
    public function __construct(
        array $conditions,
        Reading $reading,
        private readonly Sheet $cells,
        private readonly Around $around,
    ) {
        $this->facts = new Facts($cells);
        $this->values = $values = new Values([$around->number => $cells] + $around->sheets, INF);
        foreach ($conditions as $place => $condition) {
            $ranges = $condition->isOn ? $condition->where->ranges($reading) : [];
            if ($ranges === []) {
                continue;
            }
            $number = count($this->judges);
            $this->places[] = $place + 1;
            $this->judges[] = new Judge($condition, $ranges, $this->facts, $around, $values);
            $this->haveEdges = $this->haveEdges || ! $condition->look->only(Attribute::Top, Attribute::Right, Attribute::Bottom,
                Attribute::Left, Attribute::Rising, Attribute::Falling)->isEmpty();
            $needsAll = $condition->test->needsFacts();
            foreach ($ranges as $range) {
                $needsAll && $this->facts->want($range);
                [$first, $last] = [intdiv($range->top, self::BAND), intdiv($range->bottom, self::BAND)];
                if ($last - $first >= self::FEW) {
                    $this->wide[] = [$number, $range];
                } else {
                    for ($band = $first; $band <= $last; $band++) {
                        $this->bands[$band][] = [$number, $range];
                    }
                }
            }
        }
    }

    /**
     * Rows that are at hand anyway, for formulas that look at cells of them.
     *
     * @param  array<int, list<Cell>>  $rows  whole ones, by their number
     */
    public function hold(array $rows): void
    {
        $this->values->hold($this->around->number, $rows);
    }

    public function isEmpty(): bool
    {
        return $this->judges === [];
    }

    /** @return list<Judge> */
    public function all(): array
    {
        return $this->judges;
    }

    /**
     * The conditions that reach the cells of a row, whether they hold or not.
     *
     * @return array<int, list<int>> their places in {@see all()}, by column; columns that none reaches may be missing
     */
    public function across(int $row, int $columns): array
    {
        $found = $this->ofRow($row);
        $key = "$columns|".implode(',', array_map(fn (array $one) => "$one[0].{$one[1]->left}.{$one[1]->right}", $found));
        if (! isset($this->across[$key])) {
            count($this->across) < 500 || $this->across = [];
            $all = [];
            foreach ($found as [$number, $range]) {
                for ($column = $range->left; $column <= min($range->right, $columns); $column++) {
                    $all[$column][$number] = $number;
                }
            }
            $this->across[$key] = array_map(array_values(...), $all);
        }

        return $this->across[$key];
    }

    /** What a cell wears by its conditions; null for nothing. */
    public function at(int $row, int $column, Cell $cell): ?Verdict
    {
        $looks = [];
        $bar = $mark = null;
        $scaled = $hides = false;
        $key = '';
        $asked = -1;
        $band = intdiv($row, self::BAND);
        foreach ($this->near[$band][$column] ?? $this->ofColumn($band, $column) as [$number, $range]) {
            // A condition of many ranges is asked once.
            if ($number === $asked || $row < $range->top || $row > $range->bottom) {
                continue;
            }
            $asked = $number;
            $judge = $this->judges[$number];
            $condition = $judge->condition;
            if ($condition->scale !== null) {
                $colour = $scaled ? null : $judge->colour($cell);
                if ($colour !== null) {
                    count($this->fills) < 2_000 || $this->fills = [];
                    $looks[] = [$condition, $this->fills[$colour] ??= Look::of(['fill' => $colour]), $this->places[$number]];
                    $key .= "$number$colour|";
                    $scaled = true;
                }
            } elseif ($condition->bar !== null) {
                $bar ??= $judge->bar($cell);
            } elseif ($condition->marks !== null) {
                if ($mark === null) {
                    $mark = $judge->mark($cell);
                    $hides = $hides || ($mark !== null && $condition->marks->hidesText);
                }
            } elseif ($judge->holds($row, $column, $cell)) {
                if (! $condition->look->isEmpty()) {
                    $looks[] = [$condition, $condition->look, $this->places[$number]];
                    $key .= "$number|";
                }
                if ($condition->stops) {
                    break;
                }
            }
        }

        return $looks === [] && $bar === null && $mark === null ? null
            : new Verdict($looks, $bar, $mark, $hides || $bar?->hidesText === true, $key);
    }

    /**
     * How many cells wear one of them, as far as the sheet is filled; whatever goes before it.
     *
     * @param  float  $seconds  that may be spent on it
     * @return array{int, int, bool} how many wear it, how many it was asked of, whether all were
     */
    public function count(Judge $judge, float $seconds): array
    {
        $condition = $judge->condition;
        $key = 'count '.hash('xxh3', $condition->key()).' '.(int) floor($this->around->now);
        // What looks at other cells may be counted otherwise though its own are the same.
        $isOwn = ! $condition->namesCells() && $condition->test->is !== Is::Formula && ! str_contains(implode('',
            $condition->formulas()), '!');
        $known = $isOwn ? $this->facts->known($key, $judge->ranges) : null;
        if ($known !== null) {
            return [(int) $known[0], (int) $known[1], true];
        }
        [$worn, $asked, $end] = [0, 0, microtime(true) + $seconds];
        foreach ($judge->ranges as $range) {
            $right = min($range->right, $this->cells->columns());
            $rows = $range->left > $right ? [] : $this->cells->read($range->top, min($range->bottom, $this->cells->rows()),
                $range->left, $right);
            foreach ($rows as $row => $cells) {
                for ($column = $range->left; $column <= $right; $column++) {
                    $cell = $cells[$column - 1];
                    $worn += ($condition->test->is === Is::Always ? $cell->number() !== null : $judge->holds($row, $column, $cell)) ? 1 : 0;
                }
                $asked += $right - $range->left + 1;
                if ($row % 64 === 0 && microtime(true) > $end) {
                    return [$worn, $asked, false];
                }
            }
        }
        $isOwn && $this->facts->know($key, $judge->ranges, [(float) $worn, (float) $asked]);

        return [$worn, $asked, true];
    }

    /** What was worked out of all cells is kept for the next who asks. */
    public function keep(): void
    {
        $this->facts->keep();
    }

    /** @return list<array{int, Range}> that reach into a column of a band, in the order of the conditions */
    private function ofColumn(int $band, int $column): array
    {
        if (! isset($this->near[$band])) {
            // Windows and writers go from band to band; those that were left are not needed again.
            $this->near = count($this->near) > 4 ? [] : $this->near;
        }

        return $this->near[$band][$column] = array_values(array_filter($this->ofBand($band),
            fn (array $one) => $one[1]->left <= $column && $one[1]->right >= $column));
    }

    /** @return list<array{int, Range}> in the order of the conditions */
    private function ofBand(int $band): array
    {
        if (! isset($this->sorted[$band])) {
            $first = $band * self::BAND;
            $wide = array_filter($this->wide, fn (array $one) => $one[1]->top < $first + self::BAND && $one[1]->bottom >= $first);
            $all = [...array_values($wide), ...$this->bands[$band] ?? []];
            usort($all, fn (array $one, array $other) => $one[0] <=> $other[0]);
            $this->sorted = count($this->sorted) > 20 ? [] : $this->sorted;
            $this->sorted[$band] = $all;
        }

        return $this->sorted[$band];
    }

    /** @return list<array{int, Range}> in the order of the conditions */
    private function ofRow(int $row): array
    {
        return array_values(array_filter($this->ofBand(intdiv($row, self::BAND)),
            fn (array $one) => $one[1]->top <= $row && $one[1]->bottom >= $row));
    }
}
