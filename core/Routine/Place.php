<?php

declare(strict_types=1);

namespace Rilvet\Routine;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Reading\PartRange;
use Rilvet\Reading\TableReading;
use Rilvet\Refusal;
use Rilvet\Work\Worksheet;

/**
 * Cells by what they are in their table, so that they are found on another sheet: a part, columns by their headings or kind,
 * or both. Without any of them it is the tables as a whole. Only where nothing else is known it is an address.
 */
final readonly class Place
{
    /** Ranges times runs of rows up to which it is looked for what cells are. */
    private const PIECES = 200_000;

    /** Headings that one place names at the most. */
    private const HEADINGS = 200;

    /**
     * @param  list<string>  $headings
     * @param  int|null  $table  which of the tables of the sheet, from 1; null for all
     * @param  string|null  $cells  an address: "A1:B3,D4"
     */
    public function __construct(
        public ?Part $part = null,
        public array $headings = [],
        public ?ColumnKind $kind = null,
        public ?int $table = null,
        public ?string $cells = null,
    ) {
    }

    /** @throws RoutineIsWrong */
    public static function fromArray(mixed $data): self
    {
        is_array($data) || throw RoutineIsWrong::json('a place is an object with part, headings, kind, table or cells.');
        $part = $data['part'] ?? null;
        $kind = $data['kind'] ?? null;
        $table = $data['table'] ?? null;
        $cells = $data['cells'] ?? null;
        $headings = $data['headings'] ?? [];
        $is = fn (bool $right, string $name, string $wanted) => $right || throw RoutineIsWrong::json("$name of a place is $wanted.");
        $is($part === null || (is_string($part) && Part::tryFrom($part)?->isOfCells() === false), 'part', 'a part of tables');
        $is($kind === null || (is_string($kind) && ColumnKind::tryFrom($kind) !== null), 'kind', 'a column kind');
        $is($table === null || (is_int($table) && $table > 0), 'table', 'a whole number from 1');
        $isList = is_array($headings) && count($headings) <= self::HEADINGS && array_filter($headings, is_string(...)) === $headings;
        $is($isList, 'headings', 'a list of at most '.self::HEADINGS.' texts');
        try {
            $cells === null || is_string($cells) && RangeSet::parse($cells);
        } catch (Refusal) {
            $cells = false;
        }
        $is($cells === null || is_string($cells), 'cells', 'ranges such as "A1:B3,D4"');

        return new self(is_string($part) ? Part::from($part) : null, array_values(array_filter((array) $headings, is_string(...))),
            is_string($kind) ? ColumnKind::from($kind) : null,
            is_int($table) ? $table : null,
            is_string($cells) ? $cells : null);
    }

    /** @return array<string, mixed> ready for JSON; what is not said is left out */
    public function toArray(): array
    {
        return array_filter([
            'part' => $this->part?->value, 'headings' => $this->headings, 'kind' => $this->kind?->value, 'table' => $this->table,
            'cells' => $this->cells,
        ], fn (mixed $value) => $value !== null && $value !== []);
    }

    /** "Body of Amount, Price", "Column headings", "Amount", "The table", "B2:C4". */
    public function words(): string
    {
        $columns = implode(', ', $this->headings) ?: ($this->kind === null ? '' : mb_strtolower($this->kind->ofMany()));
        $table = $this->table === null ? '' : ", table $this->table";

        return match (true) {
            $this->cells !== null => $this->cells,
            $this->part !== null => $this->part->words().($columns === '' ? '' : " of $columns").$table,
            $columns !== '' => $columns.$table,
            default => ($this->table === null ? 'The tables' : "Table $this->table"),
        };
    }

    /**
     * Where it is on a sheet.
     *
     * @throws RoutineIsWrong
     */
    public function on(Worksheet $sheet): RangeSet
    {
        if ($this->cells !== null) {
            return RangeSet::parse($this->cells);
        }
        [$found, $missing] = $this->found($sheet);
        if ($found === []) {
            $heading = array_key_first($missing);
            throw $heading === null || count($missing) < count($this->headings) ? RoutineIsWrong::noPlace($this->words(), $sheet->name)
                : RoutineIsWrong::noHeading($this->headings[0], $sheet->name);
        }

        return RangeSet::of(...$found);
    }

    /** @return array{list<Range>, array<string, true>} where its part is, and as keys the headings that were not met */
    private function found(Worksheet $sheet): array
    {
        $found = [];
        $missing = array_fill_keys(array_map(ColumnReading::plain(...), $this->headings), true);
        foreach ($this->tables($sheet) as $table) {
            $columns = $this->columns($table, $missing);
            foreach ($this->rows($table) as $range) {
                foreach ($columns ?? [[$range->left, $range->right]] as [$left, $right]) {
                    $piece = $range->clip(Range::of(1, $left, $range->bottom, $right));
                    $piece === null || $found[] = $piece;
                }
            }
        }

        return [$found, $missing];
    }

    /** @return list<TableReading> */
    public function tables(Worksheet $sheet): array
    {
        $tables = $sheet->reading->tables;

        return $this->table === null ? $tables : array_slice($tables, $this->table - 1, 1);
    }

    /** @return list<Range> */
    private function rows(TableReading $table): array
    {
        if ($this->part === null) {
            return [$table->range];
        }
        $ranges = [];
        foreach ($table->parts() as $part) {
            // The body is all of its columns to who names a column; the first of them name its rows.
            $isOfRows = $part->part === Part::RowLabel && $this->part === Part::Body && $this->headings !== [];
            $part->part === $this->part || $isOfRows ? $ranges[] = $part->range : null;
        }

        return $ranges;
    }

    /**
     * @param  array<string, true>  $missing  headings not met yet, as keys
     * @return list<array{int, int}>|null null for all
     */
    private function columns(TableReading $table, array &$missing): ?array
    {
        if ($this->headings === [] && $this->kind === null) {
            return null;
        }
        $columns = [];
        $wanted = array_fill_keys(array_map(ColumnReading::plain(...), $this->headings), true);
        foreach ($table->columns as $column) {
            $heading = ColumnReading::plain((string) $column->heading);
            if ($this->headings === [] ? $column->kind === $this->kind : isset($wanted[$heading])) {
                unset($missing[$heading]);
                $end = count($columns) - 1;
                if ($end >= 0 && $columns[$end][1] === $column->column - 1) {
                    $columns[$end][1] = $column->column;
                } else {
                    $columns[] = [$column->column, $column->column];
                }
            }
        }

        return $columns;
    }

    /**
     * What cells are, as well as it can be said.
     *
     * @return array{self, bool} and whether it is these cells and no others
     */
    public static function of(Worksheet $sheet, RangeSet $cells): array
    {
        $tables = $sheet->reading->tables;
        $pieces = array_sum(array_map(fn (TableReading $table) => count($table->runs) + 1, $tables));
        if (count($cells) * $pieces > self::PIECES) {
            return [new self(cells: (string) $cells), false];
        }
        $cells = self::ofTables($cells, $tables);
        $touched = array_values(array_filter(array_keys($tables), fn (int $at) => self::within($cells, [$tables[$at]->range]) > 0));
        $inside = self::within($cells, array_map(fn (int $at) => $tables[$at]->range, $touched));
        $isTold = $touched !== [] && $inside === $cells->cells();
        $number = count($touched) === 1 && count($tables) > 1 ? $touched[0] + 1 : null;
        foreach ($isTold ? self::candidates(array_map(fn (int $at) => $tables[$at], $touched), $cells, $number) : [] as $place) {
            $is = RangeSet::of(...$place->found($sheet)[0]);
            if ($is->cells() === $cells->cells() && self::within($cells, $is->all()) === $is->cells()) {
                return [$place, true];
            }
        }
        // Some cells of a part, or of several: the part that most of them are of.
        $most = null;
        $share = 0;
        foreach (array_map(fn (int $at) => $tables[$at], $touched) as $table) {
            foreach (self::parts($table) as $part => $ranges) {
                $count = self::within($cells, $ranges);
                if ($count > $share) {
                    [$most, $share] = [Part::from($part), $count];
                }
            }
        }
        $columns = $most === null ? [] : self::headings($tables[$touched[0]], $cells);
        $isAll = $most === null || count($columns) === count(array_filter($tables[$touched[0]]->columns,
            fn ($one) => $one->heading !== null));
        $usual = $most === Part::RowLabel ? Part::Body : $most;

        return $most === null ? [new self(cells: (string) $cells), false]
            : [new self($usual, $isAll || ! in_array($usual, [Part::Body, Part::Heading], true) ? [] : $columns, null, $number), false];
    }

    /**
     * Whole columns and rows are as far as the tables go.
     *
     * @param  list<TableReading>  $tables
     */
    private static function ofTables(RangeSet $cells, array $tables): RangeSet
    {
        $isWhole = fn (Range $range) => $range->rows() === Address::ROWS || $range->columns() === Address::COLUMNS;
        $pieces = [];
        foreach ($cells as $range) {
            foreach ($isWhole($range) ? $tables : [] as $table) {
                $piece = $range->clip($table->range);
                $piece === null || $pieces[] = $piece;
            }
            $isWhole($range) || $pieces[] = $range;
        }

        return $pieces === [] ? $cells : RangeSet::of(...$pieces);
    }

    /**
     * @param  non-empty-list<TableReading>  $tables
     * @return iterable<self> the plainest first
     */
    private static function candidates(array $tables, RangeSet $cells, ?int $number): iterable
    {
        $parts = [];
        foreach ($tables as $table) {
            foreach (self::parts($table) as $part => $ranges) {
                self::within($cells, $ranges) > 0 && $parts[$part] = Part::from($part);
            }
        }
        $columns = self::headings($tables[0], $cells);
        foreach ($number === null ? [null] : [null, $number] as $table) {
            foreach ([...array_values($parts), null] as $part) {
                yield new self($part, table: $table);
                if ($columns !== []) {
                    // Which columns name the rows is another matter elsewhere; their headings say enough.
                    yield new self($part === Part::RowLabel ? Part::Body : $part, $columns, table: $table);
                }
            }
        }
    }

    /** @return array<string, list<Range>> */
    private static function parts(TableReading $table): array
    {
        $parts = [];
        foreach ($table->parts() as $one) {
            /** @var PartRange $one */
            $parts[$one->part->value][] = $one->range;
        }

        return $parts;
    }

    /** @return list<string> of the columns that the cells reach over; none where one of them has none */
    private static function headings(TableReading $table, RangeSet $cells): array
    {
        $headings = [];
        foreach ($table->columns as $column) {
            foreach ($cells as $range) {
                if ($range->hasColumn($column->column)) {
                    $headings[$column->column] = trim((string) $column->heading);
                }
            }
        }

        return in_array('', $headings, true) || count($headings) > self::HEADINGS ? [] : array_values(array_unique($headings));
    }

    /**
     * How many of the cells are within some ranges, of which none is over another.
     *
     * @param  list<Range>  $ranges
     */
    private static function within(RangeSet $cells, array $ranges): int
    {
        $count = 0;
        foreach ($cells as $one) {
            foreach ($ranges as $range) {
                $count += $one->clip($range)?->cells() ?? 0;
            }
        }

        return $count;
    }
}
