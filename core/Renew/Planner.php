<?php

declare(strict_types=1);

namespace Rilvet\Renew;

use Rilvet\Formula\FormulaRuns;
use Rilvet\Grid\Cell;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/**
 * Compares a table with new data for it, row by row: each table is gone through once, and a row is kept in mind as its text.
 *
 * @phpstan-import-type Stored from Cell
 */
final class Planner
{
    /** Columns that are tried as the one that tells rows apart. */
    private const CANDIDATES = 4;

    /** Share of rows that have to be in both tables, so that a column is taken for the key unasked. */
    private const COMMON = 0.25;

    /** @var list<Pair> */
    private readonly array $pairs;

    /**
     * Pairs that carry values into a column there is: from, to, how values of the data and of the table are read.
     *
     * @var list<array{Pair, int, int, Plain, Plain}>
     */
    private array $carry = [];

    /** @var array<int, string> rows of the new data as JSON of their values */
    private array $texts = [];

    /** @var array<int, string> rows of the table, likewise */
    private array $olds = [];

    /** @var array<int, array<int, string>> what tells rows of the table apart, by candidate and row */
    private array $keys = [];

    /** @var array<int, int> formulas in columns that values come into, by row */
    private array $formulas = [];

    /** @var array<int, array<string, int>> rows of the new data by what they hold, for each candidate */
    private array $brings = [];

    /** @var array<int, array{string, int, int, bool}> where a candidate repeats: value, first row, second row, in the new data */
    private array $repeats = [];

    /** @var array<int, int> rows of the new data without a value there, by candidate */
    private array $blank = [];

    /** Why no column was taken for the key. */
    private ?string $why = null;

    private function __construct(
        private readonly Worksheet $sheet,
        private readonly TableReading $table,
        private readonly bool $from1904,
        private readonly NewData $data,
        private readonly Choices $choices,
    ) {
        $table->firstBodyRow() ?? throw RenewIsWrong::noTable();
        $table->isTurned() && throw RenewIsWrong::turned();
        $this->pairs = Pairing::of($sheet, $table, $data, $choices);
        foreach ($this->pairs as $pair) {
            if ($pair->carries() && $pair->from !== null && $pair->to !== null) {
                $kind = $table->column($pair->to)?->kind;
                $this->carry[] = [$pair, $pair->from, $pair->to,
                    Plain::into($kind, $data->from1904, $from1904, $sheet->typing !== null), Plain::into($kind, false, false, false)];
            }
        }
    }

    /**
     * @param  bool  $from1904  dates of the table count from 1904
     *
     * @throws RenewIsWrong
     */
    public static function plan(Worksheet $sheet, TableReading $table, bool $from1904, NewData $data, Choices $choices): Plan
    {
        return (new self($sheet, $table, $from1904, $data, $choices))->compared();
    }

    private function compared(): Plan
    {
        $keys = $this->choices->below || $this->choices->key === [] ? [] : $this->candidates();
        $this->readNew($keys);
        if ($this->choices->below) {
            return $this->below();
        }
        $this->readOld($keys);
        $key = $keys === [] ? null : $this->chosen($keys);

        return $key === null ? $this->whole()
            : $this->keyed($keys[$key], $this->keys[$key] ?? [], $this->brings[$key] ?? [], $this->blank[$key] ?? 0);
    }

    /**
     * Lists of pairs that may tell rows apart, the likeliest first.
     *
     * @return list<non-empty-list<Pair>>
     */
    private function candidates(): array
    {
        $carried = array_values(array_filter($this->pairs, fn (Pair $pair) => $pair->carries() && $pair->to !== null));
        if ($this->choices->key !== null) {
            $key = [];
            foreach ($this->choices->key as $heading) {
                $is = fn (Pair $pair) => ColumnReading::plain($pair->heading) === ColumnReading::plain($heading)
                    || ColumnReading::plain((string) $pair->other) === ColumnReading::plain($heading);
                $found = array_values(array_filter($carried, $is));
                if ($found === []) {
                    $isFormula = array_filter($this->pairs, fn (Pair $pair) => $pair->isFormula && $is($pair)) !== [];
                    throw $isFormula ? RenewIsWrong::formulaKey($heading) : RenewIsWrong::noHeading($heading);
                }
                $key[] = $found[0];
            }

            return $key === [] ? [] : [$key];
        }
        $rank = [];
        foreach ($carried as $at => $pair) {
            $column = $this->table->column((int) $pair->to);
            $isLabel = $column?->role === ColumnRole::Label;
            $place = match ($column?->kind) {
                ColumnKind::Code => 0,
                ColumnKind::Text => 2,
                ColumnKind::Integer, ColumnKind::Date, ColumnKind::DateTime, ColumnKind::Category => $isLabel ? 3 : null,
                default => null,
            };
            if ($place !== null) {
                $rank[$at] = $place - ($isLabel ? 1.5 : 0);
            }
        }
        asort($rank);

        return array_map(fn (int $at) => [$carried[$at]], array_slice(array_keys($rank), 0, self::CANDIDATES));
    }

    /** @param  list<non-empty-list<Pair>>  $keys */
    private function readNew(array $keys): void
    {
        $places = array_map(fn (array $one) => $one[1] - 1, $this->carry);
        foreach ($this->data->rows() as $row => $cells) {
            $this->texts[$row] = self::json($cells, $places);
            foreach ($keys as $at => $pairs) {
                $value = self::key($cells, $pairs, true);
                if ($value === '') {
                    $this->blank[$at] = ($this->blank[$at] ?? 0) + 1;
                } elseif (isset($this->brings[$at][$value])) {
                    $this->repeats[$at] ??= [$value, $this->brings[$at][$value], $row, true];
                } else {
                    $this->brings[$at][$value] = $row;
                }
            }
        }
        $this->texts !== [] || throw RenewIsWrong::noData($this->data->sheet->name);
    }

    /** @param  list<non-empty-list<Pair>>  $keys */
    private function readOld(array $keys): void
    {
        $places = array_map(fn (array $one) => $one[2] - 1, $this->carry);
        $hasFormulas = array_intersect(array_keys(FormulaRuns::places($this->sheet->cells)), array_map(fn (array $one) => $one[2],
            $this->carry)) !== [];
        foreach (NewData::rowsOf($this->sheet, $this->table, $keys === []) as $row => $cells) {
            $this->olds[$row] = self::json($cells, $places);
            foreach ($hasFormulas ? $places : [] as $index) {
                if (is_array($cells[$index] ?? null) && isset($cells[$index]['f'])) {
                    $this->formulas[$row] = ($this->formulas[$row] ?? 0) + 1;
                }
            }
            foreach ($keys as $at => $pairs) {
                $this->keys[$at][$row] = self::key($cells, $pairs, false);
            }
        }
    }

    /**
     * @param  list<Stored>  $cells
     * @param  non-empty-list<Pair>  $pairs
     */
    private static function key(array $cells, array $pairs, bool $new): string
    {
        if (count($pairs) === 1) {
            return Plain::key($cells[(int) ($new ? $pairs[0]->from : $pairs[0]->to) - 1] ?? null);
        }
        $values = array_map(fn (Pair $pair) => Plain::key($cells[(int) ($new ? $pair->from : $pair->to) - 1] ?? null), $pairs);

        return array_filter($values, fn (string $value) => $value !== '') === [] ? '' : implode(' · ', $values);
    }

    /**
     * @param  list<non-empty-list<Pair>>  $keys
     * @return int|null which of the candidates tells rows apart
     */
    private function chosen(array $keys): ?int
    {
        $holds = [];
        $common = array_fill(0, count($keys), 0);
        foreach ($this->keys as $at => $values) {
            foreach ($values as $row => $value) {
                if ($value !== '') {
                    isset($holds[$at][$value]) && $this->repeats[$at] ??= [$value, $holds[$at][$value], $row, false];
                    $holds[$at][$value] ??= $row;
                    $common[$at] += isset($this->brings[$at][$value]) ? 1 : 0;
                }
            }
        }
        $best = null;
        foreach ($keys as $at => $pairs) {
            if ($this->choices->key !== null) {
                isset($this->repeats[$at]) && throw RenewIsWrong::repeats(
                    implode(' and ', array_map(fn (Pair $pair) => $pair->heading, $pairs)), ...$this->repeats[$at]);

                return $at;
            }
            $least = min(count($holds[$at] ?? []), count($this->brings[$at] ?? []));
            if (! isset($this->repeats[$at]) && ! isset($this->blank[$at]) && $least > 0) {
                if ($common[$at] >= self::COMMON * $least) {
                    return $at;
                }
                // Codes of which none is in both tables tell rows apart all the same.
                $best ??= $this->table->column((int) $pairs[0]->to)?->kind === ColumnKind::Code ? $at : null;
            }
            $this->why ??= $this->reason($at, $pairs[0]->heading);
        }

        return $best;
    }

    /** Why a column does not tell rows apart. */
    private function reason(int $at, string $heading): string
    {
        if (isset($this->repeats[$at])) {
            [$value, $first, $second, $new] = $this->repeats[$at];

            return "\"$heading\" has \"$value\" in rows $first and $second of ".($new ? 'the new data' : 'the sheet');
        }

        return isset($this->blank[$at]) ? "\"$heading\" is blank in ".number_format($this->blank[$at]).' rows of the new data'
            : "\"$heading\" has hardly a value that is in both tables";
    }

    /**
     * @param  non-empty-list<Pair>  $key
     * @param  array<int, string>  $holds  the key of each row of the table
     * @param  array<string, int>  $brings  rows of the new data by their key
     */
    private function keyed(array $key, array $holds, array $brings, int $unkeyed): Plan
    {
        $same = $gone = $lost = [];
        $tally = new Tally;
        foreach ($holds as $row => $value) {
            $from = $value === '' ? null : $brings[$value] ?? null;
            if ($from !== null) {
                $same[$row] = $from;
                $this->differ($tally, $row, $from, $value);
            } elseif ($value !== '') {
                $gone[] = $row;
                count($lost) < Plan::DESCRIBED && $lost[] = ['row' => $row, 'key' => $value];
            }
        }
        [$put, $news, $isReordered] = $this->placed($same, $brings);
        // A table keeps at least one row, so that what looks at it goes on doing so.
        if ($same === [] && $put === []) {
            throw RenewIsWrong::noData($this->data->sheet->name);
        }

        return $this->made($key, $same, $tally, $put, $gone, $unkeyed, $news, $lost, $isReordered);
    }

    /**
     * Rows that are new stand below the one that they follow in the new data; where the order is another here, below all.
     *
     * @param  array<int, int>  $same
     * @param  array<string, int>  $brings
     * @return array{array<int, list<int>>, list<array{row: int, key: string}>, bool}
     */
    private function placed(array $same, array $brings): array
    {
        $places = array_flip($same);
        $last = $before = 0;
        $isReordered = false;
        foreach ($same as $from) {
            $isReordered = $isReordered || $from < $before;
            $before = $from;
        }
        $last = $same === [] || $isReordered ? $this->lastRow() : 0;
        $put = $news = [];
        foreach ($brings as $key => $row) {
            if (isset($places[$row])) {
                $last = $isReordered ? $last : $places[$row];
            } else {
                $put[$last][] = $row;
                count($news) < Plan::DESCRIBED && $news[] = ['row' => $row, 'key' => (string) $key];
            }
        }

        return [$put, $news, $isReordered];
    }

    /** All rows in the place of all rows, from the first on. */
    private function whole(): Plan
    {
        count(array_filter($this->table->runs, fn ($run) => $run->part === Part::Body)) === 1 || throw RenewIsWrong::parted();
        $rows = array_keys($this->texts);
        $tally = new Tally;
        $same = $gone = $lost = [];
        $at = 0;
        foreach (array_keys($this->olds) as $row) {
            if (isset($rows[$at])) {
                $same[$row] = $rows[$at];
                $this->differ($tally, $row, $rows[$at], '');
                $at++;
            } else {
                $gone[] = $row;
                count($lost) < Plan::DESCRIBED && $lost[] = ['row' => $row, 'key' => ''];
            }
        }
        $more = array_slice($rows, $at);
        $news = array_map(fn (int $row) => ['row' => $row, 'key' => ''], array_slice($more, 0, Plan::DESCRIBED));

        return $this->made([], $same, $tally, $more === [] ? [] : [$this->lastRow() => $more], $gone, 0, $news, $lost, false);
    }

    private function below(): Plan
    {
        $rows = array_keys($this->texts);
        $news = array_map(fn (int $row) => ['row' => $row, 'key' => ''], array_slice($rows, 0, Plan::DESCRIBED));

        return $this->made([], [], new Tally, [$this->lastRow() => $rows], [], 0, $news, [], false);
    }

    private function lastRow(): int
    {
        return (int) $this->table->bodyRange()?->bottom;
    }

    private function differ(Tally $tally, int $row, int $from, string $key): void
    {
        if ($this->olds[$row] === $this->texts[$from]) {
            return;
        }
        /** @var list<Stored> $brings */
        $brings = json_decode($this->texts[$from], true, 4, JSON_THROW_ON_ERROR);
        /** @var list<Stored> $values */
        $values = json_decode($this->olds[$row], true, 4, JSON_THROW_ON_ERROR);
        $columns = [];
        foreach ($this->carry as $at => [$pair, , $to, $new, $old]) {
            [$was, $is] = [$old->of($values[$at] ?? null), $new->of($brings[$at] ?? null)];
            if ($was === $is) {
                continue;
            }
            $columns[] = $to;
            if (count($tally->changes) < Plan::DESCRIBED) {
                $tally->changes[] = ['key' => $key, 'row' => $row, 'column' => $to, 'heading' => $pair->heading, 'was' => $was,
                    'is' => $is];
            }
        }
        if ($columns !== []) {
            $tally->changed[$row] = $columns;
            $tally->formulas += $this->formulas[$row] ?? 0;
        }
    }

    /**
     * The values of a row as they are kept; whole numbers as such.
     *
     * @param  list<Stored>  $cells
     * @param  list<int>  $places  in the row
     */
    private static function json(array $cells, array $places): string
    {
        $first = $places[0] ?? 0;
        if ($places === range($first, $first + count($places) - 1)) {
            $values = array_slice($cells, $first, count($places));
        } else {
            $values = [];
            foreach ($places as $index) {
                $values[] = $cells[$index] ?? null;
            }
        }

        return (string) json_encode($values, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /**
     * @param  list<Pair>  $key
     * @param  array<int, int>  $same
     * @param  array<int, list<int>>  $put
     * @param  list<int>  $gone
     * @param  list<array{row: int, key: string}>  $news
     * @param  list<array{row: int, key: string}>  $lost
     */
    private function made(array $key, array $same, Tally $tally, array $put, array $gone, int $unkeyed, array $news, array $lost,
        bool $isReordered): Plan
    {
        $changed = $this->choices->keepChanged ? [] : $tally->changed;

        return new Plan($this->pairs, $key, $same, $changed, $put, $this->choices->keepGone ? [] : $gone, count($gone),
            count($tally->changed), $unkeyed, $changed === [] ? 0 : $tally->formulas, $tally->changes, $news, $lost, $isReordered,
            $key === [] ? $this->why : null);
    }
}
