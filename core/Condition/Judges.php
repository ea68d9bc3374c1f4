<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
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

    private const EDGES = ['top' => 1, 'right' => 1, 'bottom' => 1, 'left' => 1, 'rising' => 1, 'falling' => 1];

    /** Bands up to which a range is kept in each of them. */
    private const FEW = 40;

    /** Verdicts of looks alone that are kept in mind. */
    private const KNOWN = 2_000;

    /** @var list<Judge> in their order */
    private array $judges = [];

    /** @var list<int> places of their conditions among all, from 1 */
    private array $places = [];

    /** @var array<string, Verdict> of looks alone, by their key */
    private array $known = [];

    /** @var array<int, list<Cell>> rows that are at hand, by their number */
    private array $held = [];

    /** @var array<int, array<int, Verdict>> of the cells of those rows, by column and row */
    private array $verdicts = [];

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
            $this->haveEdges = $this->haveEdges || array_intersect_key($condition->look->toArray(), self::EDGES) !== [];
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
     * Rows that are at hand: what is asked of a cell of them is worked out for all cells of its column at once, and formulas
     * that look at their cells need not read them again.
     *
     * @param  array<int, list<Cell>>  $rows  whole ones, by their number, the least first
     */
    public function hold(array $rows): void
    {
        $this->held = $rows;
        $this->verdicts = [];
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

    /**
     * What cells of the rows at hand wear.
     *
     * @return array<int, array<int, Verdict>> by column and row; none for nothing
     */
    public function held(int $left, int $right): array
    {
        for ($column = $left; $column <= $right && $this->held !== []; $column++) {
            $this->at(array_key_first($this->held), $column, Cell::blank());
        }

        return $this->verdicts;
    }

    /** What a cell wears by its conditions; null for nothing. */
    public function at(int $row, int $column, Cell $cell): ?Verdict
    {
        if (! isset($this->held[$row])) {
            return $this->down($column, [$row => $cell])[$row] ?? null;
        }
        if (! isset($this->verdicts[$column])) {
            $cells = [];
            foreach ($this->held as $number => $line) {
                $cells[$number] = $line[$column - 1] ?? Cell::blank();
            }
            $this->verdicts[$column] = $this->down($column, $cells);
        }

        return $this->verdicts[$column][$row] ?? null;
    }

    /**
     * What cells of a column wear.
     *
     * @param  non-empty-array<int, Cell>  $cells  by row, the least first
     * @return array<int, Verdict> by row; none for nothing
     */
    private function down(int $column, array $cells): array
    {
        $keys = $scaled = $bars = $marks = $hides = [];
        // Cells of rows in which no condition has stopped those after it.
        $open = $cells;
        foreach ($this->reaching($column, array_key_first($cells), array_key_last($cells)) as $number => $ranges) {
            $judge = $this->judges[$number];
            $condition = $judge->condition;
            $asked = self::within($open, $ranges, array_key_first($cells), array_key_last($cells));
            if ($condition->scale !== null) {
                foreach (array_diff_key($asked, $scaled) as $row => $cell) {
                    $colour = $judge->colour($cell);
                    if ($colour !== null) {
                        $keys[$row] = ($keys[$row] ?? '').$number.$colour.'|';
                        $scaled[$row] = true;
                    }
                }
            } elseif ($condition->bar !== null) {
                $bars += array_filter(array_map($judge->bar(...), array_diff_key($asked, $bars)));
            } elseif ($condition->marks !== null) {
                $shown = array_filter(array_map($judge->mark(...), array_diff_key($asked, $marks)));
                $marks += $shown;
                $hides += $condition->marks->hidesText ? $shown : [];
            } elseif ($asked !== []) {
                $holds = $judge->among($column, $asked);
                $piece = "$number|";
                foreach ($condition->look->isEmpty() ? [] : $holds as $row => $is) {
                    $keys[$row] = isset($keys[$row]) ? $keys[$row].$piece : $piece;
                }
                $open = $condition->stops ? array_diff_key($open, $holds) : $open;
            }
        }
        $verdicts = [];
        foreach ($keys + $bars + $marks as $row => $some) {
            $bar = $bars[$row] ?? null;
            $mark = $marks[$row] ?? null;
            $known = $this->worn($keys[$row] ?? '');
            $verdicts[$row] = $bar === null && $mark === null ? $known
                : new Verdict($known->looks, $bar, $mark, isset($hides[$row]) || $bar?->hidesText === true, $known->key);
        }

        return $verdicts;
    }

    /** @param  string  $key  numbers of conditions that hold, the first one first; of a scale with its colour */
    private function worn(string $key): Verdict
    {
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $looks = [];
        foreach ($key === '' ? [] : explode('|', substr($key, 0, -1)) as $one) {
            [$number, $colour] = explode('#', $one) + [1 => null];
            $condition = $this->judges[(int) $number]->condition;
            $looks[] = [$condition, $colour === null ? $condition->look : Look::filled("#$colour"), $this->places[(int) $number]];
        }
        $this->known = count($this->known) < self::KNOWN ? $this->known : [];

        return $this->known[$key] = new Verdict($looks, key: $key);
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
            foreach (self::stretches($rows) as $lines) {
                for ($column = $range->left; $column <= $right; $column++) {
                    $cells = array_map(fn (array $line) => $line[$column - 1], $lines);
                    $worn += count($condition->test->is === Is::Always ? array_filter($cells, fn (Cell $cell) => $cell->number() !== null)
                        : $judge->among($column, $cells));
                }
                $asked += count($lines) * ($right - $range->left + 1);
                if (microtime(true) > $end) {
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

    /**
     * The conditions that reach into some rows of a column, with the ranges that do.
     *
     * @return array<int, array<string, Range>> by their places in {@see all()}, in their order
     */
    private function reaching(int $column, int $top, int $bottom): array
    {
        $found = [];
        for ($band = intdiv($top, self::BAND), $last = intdiv($bottom, self::BAND); $band <= $last; $band++) {
            foreach ($this->near[$band][$column] ?? $this->ofColumn($band, $column) as [$number, $range]) {
                if ($range->meetsRows($top, $bottom)) {
                    $found[$number]["$range->top.$range->left.$range->bottom"] = $range;
                }
            }
        }
        ksort($found);

        return $found;
    }

    /**
     * @param  array<int, Cell>  $cells  by row
     * @param  array<string, Range>  $ranges
     * @return array<int, Cell> those of rows that the ranges reach
     */
    private static function within(array $cells, array $ranges, int $top, int $bottom): array
    {
        $within = [];
        foreach ($ranges as $range) {
            if ($range->holdsRows($top, $bottom)) {
                return $cells;
            }
            for ($row = max($top, $range->top), $last = min($bottom, $range->bottom); $row <= $last; $row++) {
                if (isset($cells[$row])) {
                    $within[$row] = $cells[$row];
                }
            }
        }

        return $within;
    }

    /**
     * Rows that are read, some at a time.
     *
     * @param  iterable<int, list<Cell>>  $rows
     * @return iterable<array<int, list<Cell>>>
     */
    public static function stretches(iterable $rows): iterable
    {
        $lines = [];
        foreach ($rows as $row => $cells) {
            $lines[$row] = $cells;
            if (count($lines) === self::BAND) {
                yield $lines;
                $lines = [];
            }
        }
        if ($lines !== []) {
            yield $lines;
        }
    }

    /** @return list<array{int, Range}> that reach into a column of a band, in the order of the conditions */
    private function ofColumn(int $band, int $column): array
    {
        if (! isset($this->near[$band])) {
            // Windows and writers go from band to band; those that were left are not needed again.
            $this->near = count($this->near) > 4 ? [] : $this->near;
        }

        $near = [];
        foreach ($this->ofBand($band) as $one) {
            if ($one[1]->hasColumn($column)) {
                $near[] = $one;
            }
        }

        return $this->near[$band][$column] = $near;
    }

    /** @return list<array{int, Range}> in the order of the conditions */
    private function ofBand(int $band): array
    {
        if (! isset($this->sorted[$band])) {
            $first = $band * self::BAND;
            $wide = array_filter($this->wide, fn (array $one) => $one[1]->meetsRows($first, $first + self::BAND - 1));
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
            fn (array $one) => $one[1]->hasRow($row)));
    }
}
