<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Functions\Figures;
use Rilvet\Formula\Expression\Memory;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;

/**
 * What is true of all cells of some ranges together: ranks, means, percentiles, and which values stand more than once.
 * Worked out once, and kept with the cells where their store can.
 */
final class Facts implements Memory
{
    /** Columns whose values are held at once. */
    private const COLUMNS = 40;

    /** @var array<int, true> columns that will be asked for, as keys */
    private array $wanted = [];

    /** @var array<int, array<int, bool|int|float|string>> values by column and row */
    private array $columns = [];

    /** @var array<string, list<float>> numbers in their order, by ranges */
    private array $sorted = [];

    /** @var array<string, array<string, list<float>>> small facts that are kept, by the columns that they are of and what they say */
    private array $known = [];

    /** @var array<string, list<int>> columns of which something is known that was not kept yet */
    private array $new = [];

    private readonly ?KeepsFacts $store;

    /** @var array<string, string> how often values stand, as {@see Repeats} has it, by which and by ranges */
    private array $counts = [];

    /** @var array{list<Range>, string} ranges that were counted last, and their key */
    private array $last = [[], ''];

    /** @var array<int, array<int, Cell>> what was typed since the blocks were kept, by row and column */
    private readonly array $edits;

    private readonly string $typing;

    /** @var array<string, string> state of some columns */
    private array $states = [];

    public function __construct(private readonly Sheet $cells)
    {
        $beneath = $cells;
        $edits = [];
        for (; $beneath instanceof EditedSheet; $beneath = $beneath->beneath) {
            foreach ($beneath->edits as $row => $line) {
                $edits[$row] = ($edits[$row] ?? []) + $line;
            }
        }
        $store = $beneath instanceof BlockSheet ? $beneath->store() : null;
        $this->store = $store instanceof KeepsFacts ? $store : null;
        $this->edits = $edits;
        $this->typing = $beneath instanceof BlockSheet && $beneath->typing() !== null ? hash('xxh128', serialize($beneath->typing())) : '';
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<float> mean, standard deviation of a sample (common practice), count
     */
    public function mean(array $ranges): array
    {
        return $this->fact('mean', $ranges, function () use ($ranges) {
            $numbers = $this->sorted($ranges);
            $spread = Figures::spread($numbers, 1, true);

            return [$numbers === [] ? 0.0 : array_sum($numbers) / count($numbers),
                $spread instanceof Fault ? 0.0 : $spread,
                (float) count($numbers)];
        });
    }

    /**
     * From which value on a number is among the greatest or the least.
     *
     * @param  list<Range>  $ranges
     * @return list<float> nothing where there are no numbers
     */
    public function rank(array $ranges, int $count, bool $percent, bool $least): array
    {
        $name = "rank $count ".($percent ? '%' : '');

        return $this->fact($name.($least ? '-' : '+'), $ranges, function () use ($ranges, $count, $percent, $least) {
            $numbers = $this->sorted($ranges);
            $all = count($numbers);
            // Of few cells one at least is among them (common practice).
            $most = min($all, $percent ? max(1, intdiv($all * $count, 100)) : $count);

            return $most < 1 ? []
                : array_slice($numbers, $least ? $most - 1 : $all - $most, 1);
        });
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<float> the least and the greatest; nothing where there are no numbers
     */
    public function ends(array $ranges): array
    {
        return $this->fact('ends', $ranges, function () use ($ranges) {
            $numbers = $this->sorted($ranges);

            return $numbers === [] ? [] : [$numbers[0], $numbers[count($numbers) - 1]];
        });
    }

    /**
     * @param  list<Range>  $ranges
     * @param  float  $share  0 to 1
     */
    public function percentile(array $ranges, float $share): ?float
    {
        return $this->fact("percentile $share", $ranges, function () use ($ranges, $share) {
            $found = Figures::percentile($this->sorted($ranges), $share);

            return $found instanceof Fault ? [] : [$found];
        })[0] ?? null;
    }

    /**
     * Whether a value stands more than once; each cell of ranges that meet counts once a range.
     *
     * @param  list<Range>  $ranges
     */
    public function repeats(array $ranges, bool|int|float|string $value): bool
    {
        return Repeats::times($this->counts($ranges, 'often'), $value) > 0;
    }

    /**
     * @param  list<Range>  $ranges
     * @param  'often'|'once'  $which  values that stand more than once, or those that stand once
     */
    private function counts(array $ranges, string $which): string
    {
        // The same ranges are asked about cell after cell.
        if ($this->last[0] !== $ranges) {
            $this->last = [$ranges, self::key($ranges)];
        }
        $key = $this->last[1];
        if (! isset($this->counts["$which $key"])) {
            $columns = self::columnsOf($ranges);
            $name = fn (string $which) => $this->state($columns)."|$which|$key";
            $kept = $this->store?->fact($name($which), $columns);
            if ($kept === null) {
                $both = array_combine(['often', 'once'], Repeats::counted($this->read($ranges)));
                foreach ($both as $each => $counts) {
                    $this->store?->keepFact($name($each), $columns, $counts);
                    $this->counts["$each $key"] = $counts;
                }
                $kept = $both[$which];
            }
            $this->counts["$which $key"] = $kept;
        }

        return $this->counts["$which $key"];
    }

    public function count(Range $range, bool|int|float|string $value): int
    {
        return Repeats::times($this->counts([$range], 'often'), $value)
            ?: Repeats::times($this->counts([$range], 'once'), $value);
    }

    public function value(string $what, callable $make): null|bool|int|float|string|Fault
    {
        preg_match_all('/\\$?\\b([A-Z]{1,3})\\$?\\d*:\\$?([A-Z]{1,3})|\\$?\\b([A-Z]{1,3})\\$?\\d/i', $what, $found, PREG_SET_ORDER);
        $columns = [];
        foreach ($found as $piece) {
            [, $left, $right] = [...$piece, '', ''];
            $left = Address::columnNumber(strtoupper($piece[3] ?? $left));
            $right = isset($piece[3]) ? $left : Address::columnNumber(strtoupper($right));
            array_push($columns, ...range($left, max($left, min($left + 255, $right))));
        }
        $columns = array_values(array_unique($columns));
        sort($columns);
        $known = $this->ofColumns($columns)[$what] ?? null;
        if ($known !== null) {
            return $known[0];
        }
        $value = $make();
        is_int($value) || is_float($value) ? $this->learn($columns, $what, [(float) $value]) : null;

        return $value;
    }

    /** What is known and was not before is kept. */
    public function keep(): void
    {
        foreach ($this->new as $group => $columns) {
            $this->store?->keepFact('facts|'.$this->state($columns), $columns, serialize($this->known[$group]));
        }
        $this->new = [];
        $this->store?->keepTogether();
    }

    /**
     * What was found out before.
     *
     * @param  list<Range>  $ranges
     * @return list<float>|null
     */
    public function known(string $what, array $ranges): ?array
    {
        return $this->ofColumns(self::columnsOf($ranges))["$what|".self::key($ranges)] ?? null;
    }

    /**
     * @param  list<Range>  $ranges
     * @param  list<float>  $fact
     */
    public function know(string $what, array $ranges, array $fact): void
    {
        $this->learn(self::columnsOf($ranges), "$what|".self::key($ranges), $fact);
    }

    /**
     * @param  list<Range>  $ranges
     * @param  callable(): list<float>  $make
     * @return list<float>
     */
    private function fact(string $what, array $ranges, callable $make): array
    {
        $known = $this->known($what, $ranges);
        if ($known === null) {
            $known = $make();
            $this->know($what, $ranges, $known);
        }

        return $known;
    }

    /**
     * @param  list<int>  $columns
     * @return array<string, list<float>>
     */
    private function ofColumns(array $columns): array
    {
        $group = implode(',', $columns);
        if (! isset($this->known[$group])) {
            $kept = $this->store?->fact('facts|'.$this->state($columns), $columns);
            /** @var array<string, list<float>>|false $known */
            $known = $kept === null ? [] : unserialize($kept, ['allowed_classes' => false]);
            $this->known[$group] = $known === false ? [] : $known;
        }

        return $this->known[$group];
    }

    /**
     * @param  list<int>  $columns
     * @param  list<float>  $fact
     */
    private function learn(array $columns, string $what, array $fact): void
    {
        $group = implode(',', $columns);
        $this->known[$group] = [$what => $fact] + $this->ofColumns($columns);
        $this->new[$group] = $columns;
    }

    /**
     * What of columns is otherwise than in the store.
     *
     * @param  list<int>  $columns
     */
    private function state(array $columns): string
    {
        if ($this->edits === []) {
            return $this->typing;
        }

        return $this->states[implode(',', $columns)] ??= $this->typing.'|'.hash('xxh128', serialize(array_filter(array_map(
            fn (array $line) => array_intersect_key($line, array_flip($columns)), $this->edits,
        ))));
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<int>
     */
    private static function columnsOf(array $ranges): array
    {
        $columns = [];
        foreach ($ranges as $range) {
            for ($column = $range->left; $column <= min($range->right, $range->left + 255); $column++) {
                $columns[$column] = $column;
            }
        }
        sort($columns);

        return $columns;
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<float> the least first
     */
    private function sorted(array $ranges): array
    {
        $key = self::key($ranges);
        if (! isset($this->sorted[$key])) {
            $numbers = [];
            foreach ($this->read($ranges) as $values) {
                foreach ($values as $value) {
                    if (is_int($value) || is_float($value)) {
                        $numbers[] = (float) $value;
                    }
                }
            }
            sort($numbers);
            $this->sorted[$key] = $numbers;
        }

        return $this->sorted[$key];
    }

    /** Columns of a range may be asked for: after the first one, all of them are read at once. */
    public function want(Range $range): void
    {
        for ($column = $range->left; $column <= min($range->right, $this->cells->columns()); $column++) {
            $this->wanted[$column] = true;
        }
    }

    /**
     * Values of ranges, without blanks and errors.
     *
     * @param  list<Range>  $ranges
     * @return iterable<array<int, bool|int|float|string>> of a column, by row
     */
    private function read(array $ranges): iterable
    {
        foreach ($ranges as $range) {
            for ($column = $range->left; $column <= min($range->right, $this->cells->columns()); $column++) {
                $values = $this->column($column);
                $isAll = $range->top === 1 && $range->bottom >= $this->cells->rows();
                yield $isAll ? $values : array_filter($values, $range->hasRow(...), ARRAY_FILTER_USE_KEY);
            }
        }
    }

    /** @return array<int, bool|int|float|string> by row */
    private function column(int $column): array
    {
        if (! isset($this->columns[$column])) {
            $this->wanted[$column] = true;
            $wanted = $this->columns === [] ? [$column] : array_keys(array_diff_key($this->wanted, $this->columns));
            // A few columns of many rows are held at once; of a sheet of thousands of columns those that are asked for.
            $wanted = count($wanted) > self::COLUMNS ? [$column] : $wanted;
            $this->columns = count($this->columns) > self::COLUMNS ? [] : $this->columns;
            $this->columns += Columns::of($this->cells, $wanted);
        }

        return $this->columns[$column];
    }

    /** @param  list<Range>  $ranges */
    private static function key(array $ranges): string
    {
        $text = implode(' ', $ranges);

        return strlen($text) < 64 ? $text : hash('xxh128', $text);
    }
}
