<?php

declare(strict_types=1);

namespace Rilvet\Summary;

use Rilvet\Grid\Cell;
use Rilvet\Grid\PlainRows;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/**
 * The figures of all groups, from one walk through the rows of the table.
 *
 * @phpstan-import-type Stored from Cell
 */
final class Tallied
{
    /** Groups below each other, and side by side. */
    private const ROWS = 10_000;

    private const COLUMNS = 200;

    /** Figures that are counted at once. */
    private const FIGURES = 400_000;

    /** @var list<Groups> of the rows, the outer one first */
    private array $groups = [];

    private ?Groups $across = null;

    /** @var array<string, list<Tally>> a value each, by group */
    private array $tallies = [];

    /** @var array<string, array<string, true>> inner groups as keys by the outer one */
    private array $inner = [];

    private function __construct(private readonly Summary $summary)
    {
    }

    /** @throws SummaryIsWrong */
    public static function of(Summary $summary, Worksheet $source, bool $from1904): self
    {
        $tallied = new self($summary);
        $tallied->through($source, $summary->table($source), $from1904);

        return $tallied;
    }

    private function through(Worksheet $source, TableReading $table, bool $from1904): void
    {
        $place = fn (string $name) => (Summary::column($table, $name)->column ?? throw SummaryIsWrong::noColumn($name)) - 1;
        $this->groups = array_map(fn (Field $field) => new Groups($field, $from1904), $this->summary->rows);
        $across = $this->across = $this->summary->across === null ? null : new Groups($this->summary->across, $from1904);
        $fields = array_map(fn (Field $field) => $place($field->heading), $this->summary->rows);
        $side = $this->summary->across === null ? null : $place($this->summary->across->heading);
        $values = array_map(fn (Value $value) => $value->heading === null ? null : $place($value->heading), $this->summary->values);
        $columns = array_values(array_unique(array_filter([...$fields, $side, ...$values], is_int(...))));
        // Counted for the smallest groups alone, by what their cells hold; what is around them is put together of these afterwards.
        $finest = [];
        foreach (self::rows($source, $table, $columns) as $stored) {
            $outer = $stored[$fields[0]] ?? null;
            $inner = isset($fields[1]) ? $stored[$fields[1]] ?? null : null;
            $beside = $side === null ? null : $stored[$side] ?? null;
            $raw = self::raw($outer)."\0".self::raw($inner)."\0".self::raw($beside);
            $tallies = $finest[$raw] ??= $this->finest(self::value($outer), isset($fields[1]), self::value($inner), self::value($beside));
            foreach ($values as $at => $place) {
                $tallies[$at]->take($place === null ? 1 : self::value($stored[$place] ?? null));
            }
        }
        $this->counted();
        $this->around();
    }

    /**
     * @param  null|bool|int|float|string|array<string, null|bool|int|float|string>  $stored
     */
    private static function raw(null|bool|int|float|string|array $stored): string
    {
        return match (true) {
            is_string($stored) => "s$stored",
            is_array($stored) => 'a'.json_encode($stored),
            is_bool($stored) => $stored ? 'T' : 'F',
            default => (string) $stored,
        };
    }

    /**
     * The tallies of a smallest group.
     *
     * @return list<Tally>
     */
    private function finest(null|bool|int|float|string $outer, bool $isParted, null|bool|int|float|string $inner,
        null|bool|int|float|string $beside): array
    {
        $outer = $this->groups[0]->key($outer);
        $own = '*';
        if ($isParted) {
            $own = $this->groups[1]->key($inner);
            $this->inner[$outer][$own] = true;
        }
        $column = $this->across === null ? '*' : $this->across->key($beside);

        return $this->tallies["$outer\0$own\0$column"] ??= $this->fresh();
    }

    /** Subtotals and totals, below and side by side. */
    private function around(): void
    {
        foreach ($this->tallies as $key => $tallies) {
            [$outer, $own, $column] = explode("\0", $key);
            $rows = array_unique(["$outer\0$own", "$outer\0*", "*\0*"]);
            foreach ($rows as $row) {
                foreach (array_unique([$column, '*']) as $beside) {
                    if ("$row\0$beside" === $key) {
                        continue;
                    }
                    $into = $this->tallies["$row\0$beside"] ??= array_map(fn () => new Tally, $this->summary->values);
                    foreach ($tallies as $at => $tally) {
                        $into[$at]->add($tally);
                    }
                }
            }
        }
    }

    /**
     * A group more, as long as there is room for it.
     *
     * @return list<Tally>
     */
    private function fresh(): array
    {
        if (count($this->tallies) * count($this->summary->values) > self::FIGURES) {
            $this->counted();
            throw SummaryIsWrong::says('it would have more than '.number_format(self::FIGURES).' figures');
        }

        return array_map(fn () => new Tally, $this->summary->values);
    }

    private function counted(): void
    {
        $rows = isset($this->groups[1]) ? array_sum(array_map(count(...), $this->inner)) : $this->groups[0]->count();
        $rows <= self::ROWS || throw SummaryIsWrong::tooMany($rows, self::ROWS,
            $this->summary->rows[count($this->summary->rows) - 1]->heading,
            false);
        $columns = $this->across?->count() ?? 0;
        $columns <= self::COLUMNS || throw SummaryIsWrong::tooMany($columns, self::COLUMNS, $this->summary->across->heading ?? '', true);
    }

    /**
     * @param  list<int>  $columns  that are read, from 0
     * @return iterable<int, list<Stored>>
     */
    private static function rows(Worksheet $source, TableReading $table, array $columns): iterable
    {
        $body = array_values(array_filter($table->runs, fn (RowRun $run) => $run->part === Part::Body));
        $at = 0;
        foreach (PlainRows::of($source->cells, $columns) as $row => $stored) {
            for (; isset($body[$at]) && $row > $body[$at]->last; $at++);
            if (! isset($body[$at])) {
                return;
            }
            $holds = false;
            for ($place = $table->range->left - 1; ! $holds && $row >= $body[$at]->first && $place < $table->range->right; $place++) {
                $holds = isset($stored[$place]) && $stored[$place] !== '';
            }
            if ($holds) {
                yield $row => $stored;
            }
        }
    }

    /** @param  Stored  $stored */
    private static function value(null|bool|int|float|string|array $stored): null|bool|int|float|string
    {
        $value = is_array($stored) ? $stored['t'] ?? $stored['v'] ?? null : $stored;

        return $value === '' ? null : $value;
    }

    /** @return list<Group> the outer ones */
    public function rowGroups(): array
    {
        return $this->groups[0]->ordered();
    }

    /** @return list<Group> those within an outer one; none where there is one column only */
    public function within(Group $outer): array
    {
        return ! isset($this->groups[1]) ? [] : array_values(array_filter($this->groups[1]->ordered(),
            fn (Group $inner) => isset($this->inner[$outer->key][$inner->key])));
    }

    /** @return list<Group> */
    public function columns(): array
    {
        return $this->across?->ordered() ?? [];
    }

    /**
     * A figure of a group; null for one of nothing.
     *
     * @param  Group|null  $outer  null for all
     * @param  Group|null  $inner  null for all within
     * @param  Group|null  $column  null for all side by side
     */
    public function figure(int $value, ?Group $outer, ?Group $inner, ?Group $column): int|float|null
    {
        $own = $this->plain($value, $outer, $inner, $column);
        $whole = match ($this->summary->values[$value]->share) {
            Share::None => null,
            Share::Row => $this->plain($value, $outer, $inner, null),
            Share::Column => $this->plain($value, null, null, $column),
            Share::Whole => $this->plain($value, null, null, null),
        };
        if ($this->summary->values[$value]->share === Share::None) {
            return $own;
        }

        return $own === null || $whole === null || (float) $whole === 0.0 ? null : $own / $whole;
    }

    private function plain(int $value, ?Group $outer, ?Group $inner, ?Group $column): int|float|null
    {
        $key = ($outer->key ?? '*')."\0".($inner->key ?? '*')."\0".($column->key ?? '*');

        return ($this->tallies[$key][$value] ?? null)?->figure($this->summary->values[$value]->figure);
    }
}
