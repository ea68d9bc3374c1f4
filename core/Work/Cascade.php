<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/**
 * Resolves the layers of each cell's look. Cells that carry the same things resolve once: a sheet of any size has a few
 * dozen different ones.
 */
final class Cascade
{
    /** @var array<string, Worn> */
    private array $memo = [];

    /** @var array<string, Worn> */
    private array $alike = [];

    /** @var array<int, Look> by column */
    private array $typedLooks = [];

    /** @var array<int, list<TableReading>>|null tables by stretches of rows; null where they are few */
    private ?array $near = null;

    /** @var array<string, int> */
    private array $numbers = [];

    /** @var array<string, array<int, Worn>> */
    private array $wholeRows = [];

    /** Tables up to which all are asked for each row; beyond, those near it. */
    private const FEW = 16;

    /** Rows of a stretch that tables are found by. */
    private const NEAR = 64;

    /** Rows of a stretch that is not worth being kept in mind. */
    private const SHORT = 4;

    /** Whole rows that are kept in mind. */
    private const ROWS = 4_000;

    /** @var list<int>|null rows from which on cells have other looks of their own than above */
    private ?array $stretches = null;

    /** The last row beside which notes stand, so that rows differ one by one. */
    private int $loose = 0;

    private bool $isStretched = false;

    /** @var array<int, array<int, array{TableReading, Part|null, int}>> by row: what each table says of it */
    private array $rows = [];

    private readonly OddFormats $odd;

    public function __construct(private readonly Worksheet $sheet, private readonly LookBook $looks)
    {
        $this->odd = new OddFormats($sheet, $looks);
    }

    public function at(int $row, int $column): Worn
    {
        $sheet = $this->sheet;
        $own = $sheet->file->at($row, $column);
        $file = $sheet->clean ? 0 : $own;
        $own = $own === 0 || $sheet->stylebook === null ? 0 : $this->odd->number($own);
        $named = $sheet->named->at($row, $column);
        $hand = $sheet->hand->at($row, $column);
        $table = null;
        $part = null;
        $position = 0;
        if ($sheet->stylebook !== null || $sheet->rules !== []) {
            foreach ($this->rows[$row] ??= $this->tablesOf($row) as [$candidate, $rowPart, $at]) {
                $part = $rowPart === Part::Body ? $candidate->partAt($row, $column) : ($candidate->range->left <= $column && $column <= $candidate->range->right ? $rowPart : $candidate->partAt($row, $column));
                if ($part !== null || $candidate->range->contains($row, $column)) {
                    $table = $candidate;
                    $position = $at;

                    break;
                }
            }
        }
        if ($table === null || $part === null) {
            $key = "$file|$named|$hand|".($sheet->typing === null ? '' : $column);

            return $this->memo[$key] ??= $this->wear($column, $file, [], [], $named, $hand);
        }
        $across = $part === Part::Total && $this->isBodyRow($table, $row);
        $striped = ($part === Part::Body || $part === Part::RowLabel || $across) && ($sheet->stylebook?->stripes?->wears($position) ?? false);
        $signed = ($part === Part::Total && ! $across) || $row === $table->firstBodyRow();
        $lowest = $part === Part::Heading && $row === $table->lastHeadRow();
        $grouped = $part === Part::ColumnGroup && $this->inGroup($table, $row, $column);
        $coded = ($part === Part::Total || $part === Part::Subtotal) && ($table->runAt($row)->coded ?? false);
        $flags = [$striped, $signed, $grouped, $across, $lowest, $coded];
        $key = "$file|$named|$hand|{$part->value}|{$table->range->left}.{$table->range->top}.$column|"
            .implode('', array_map(intval(...), $flags)).($own === 0 ? '' : "#$own");
        if (isset($this->memo[$key])) {
            return $this->memo[$key];
        }
        $reading = $table->column($column);
        $isOdd = $own !== 0 && $this->odd->keeps($own, $table, $part, $column, fn () => $this->dressLayers($part, $reading, ...$flags));

        return $this->memo[$key] = $this->worn($part, $isOdd ? $own : 0, $reading, $column, [$file, $named, $hand], $flags);
    }

    /**
     * Columns of one kind, unit and so many places wear the same; a sheet of thousands of columns has a few such.
     *
     * @param  int  $odd  the look that came with the cell, where its number format is kept; else 0
     * @param  array{int, int, int}  $looks  file, named, hand
     * @param  array{bool, bool, bool, bool, bool, bool}  $flags  striped, signed, grouped, across, lowest, coded
     */
    private function worn(Part $part, int $odd, ?ColumnReading $reading, int $column, array $looks, array $flags): Worn
    {
        [$file, $named, $hand] = $looks;
        $says = $reading === null ? '' : "{$reading->kind->value}.{$reading->role->value}.{$reading->decimals}.{$reading->unit}.{$reading->grouped}";
        $rules = $this->rules($part, $reading);
        $key = "{$part->value}|$says|".implode('.', $looks).'|'.implode('.', array_map(intval(...), $flags)).'|'.$this->typedLook($column)->text(Attribute::Number).'|'.implode('.', array_keys($rules))."|$odd";

        return $this->alike[$key] ??= $this->wear($column, $file, $this->keeping($odd, $this->dressLayers($part, $reading, ...$flags)), array_values($rules), $named, $hand, $part);
    }

    /**
     * The layers of a stylebook around a number format that came with the cell and is kept.
     *
     * @param  list<array{Layer, Look}>  $dress
     * @return list<array{Layer, Look}>
     */
    private function keeping(int $odd, array $dress): array
    {
        return $odd === 0 ? $dress : [[Layer::File, $this->looks->look($odd)->only(Attribute::Number)], ...array_map(fn (array $layer) => [$layer[0], $layer[1]->without(Attribute::Number)], $dress)];
    }

    /**
     * What the cells of a row wear, from column A on. Rows of one part, one place in the stripes and one stretch of looks
     * of their own wear the same, and are resolved once.
     *
     * @return list<Worn>
     */
    public function row(int $row, int $columns): array
    {
        return array_values($this->stretch($row, 1, $columns)[1]);
    }

    /**
     * What the cells of a row wear between two columns.
     *
     * @return array{string|null, array<int, Worn>} what the rows that wear the same have in common, null where nothing is known of it; looks by column
     */
    public function stretch(int $row, int $left, int $right): array
    {
        $key = $this->rowKey($row);
        if ($key !== null && isset($this->wholeRows["$left.$right.$key"])) {
            return [$key, $this->wholeRows["$left.$right.$key"]];
        }
        $worn = [];
        for ($column = $left; $column <= $right; $column++) {
            $worn[$column] = $this->at($row, $column);
        }
        if ($key !== null) {
            if (count($this->wholeRows) > self::ROWS) {
                $this->wholeRows = [];
            }
            $this->wholeRows["$left.$right.$key"] = $worn;
        }

        return [$key, $worn];
    }

    private function rowKey(int $row): ?string
    {
        if (! $this->isStretched) {
            $this->stretches = $this->stretched();
            $this->isStretched = true;
        }
        if ($this->stretches === null || $row <= $this->loose) {
            return null;
        }
        $place = self::place($this->stretches, $row);
        if (($this->stretches[$place] ?? PHP_INT_MAX) - ($this->stretches[$place - 1] ?? 1) < self::SHORT) {
            return null;
        }
        $key = (string) $place;
        foreach ($this->rows[$row] ??= $this->tablesOf($row) as [$table, $part, $position]) {
            // Groups differ from one row of them to the next.
            $key .= $part === Part::ColumnGroup ? "|$row" : '|'.$table->range->top.'.'.$table->range->left.($part->value ?? '')
                .($this->sheet->stylebook?->stripes?->wears($position) ? 's' : '')
                .($row === $table->firstBodyRow() ? 'f' : '')
                .($row === $table->lastHeadRow() ? 'l' : '')
                .($part === Part::Total || $part === Part::Subtotal ? (int) ($table->runAt($row)->coded ?? false) : '');
        }

        return $key;
    }

    /** @return list<int> */
    private function stretched(): array
    {
        $sheet = $this->sheet;
        // What stands beside a table makes its rows differ.
        foreach ($sheet->reading->tables as $table) {
            $this->loose = max([$this->loose, ...array_map(fn (Range $aside) => max($aside->bottom, $table->range->bottom), $table->asides)]);
        }
        $starts = [];
        // What came with the file is not seen where a sheet is dressed clean, but for its number formats.
        foreach ([...($sheet->clean && $sheet->stylebook === null ? [] : [$sheet->file]), $sheet->named, $sheet->hand] as $map) {
            foreach ($map->runs() as $runs) {
                foreach ($runs as [$first, $last]) {
                    $starts[$first] = true;
                    $starts[$last + 1] = true;
                }
            }
        }
        $rows = array_keys($starts);
        sort($rows);

        return $rows;
    }

    /**
     * How many of the rows stand at or before one.
     *
     * @param  list<int>  $rows  in order
     */
    private static function place(array $rows, int $row): int
    {
        $low = 0;
        $high = count($rows);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $rows[$middle] <= $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low;
    }

    /** @return list<array{TableReading, Part|null, int}> the tables that a row crosses, its part there, its position in its run */
    private function tablesOf(int $row): array
    {
        if (count($this->rows) > 2_000) {
            $this->rows = [];
        }
        $found = [];
        foreach ($this->tablesNear($row) as $table) {
            $run = $table->runAt($row);
            if ($run !== null || $table->asides !== []) {
                $found[] = [$table, $run?->part, $run === null ? 0 : $row - $run->first];
            }
        }

        return $found;
    }

    /** @return list<TableReading> all that a row may cross, in their order */
    private function tablesNear(int $row): array
    {
        $tables = $this->sheet->reading->tables;
        if (count($tables) <= self::FEW) {
            return $tables;
        }
        if ($this->near === null) {
            $this->near = [];
            foreach ($tables as $table) {
                // What stands beside a table may reach beyond its rows.
                $top = min([$table->range->top, ...array_map(fn (Range $aside) => $aside->top, $table->asides)]);
                $bottom = max([$table->range->bottom, ...array_map(fn (Range $aside) => $aside->bottom, $table->asides), ...array_map(fn (RowRun $run) => $run->last, $table->runs)]);
                $top = min([$top, ...array_map(fn (RowRun $run) => $run->first, $table->runs)]);
                for ($stretch = intdiv($top, self::NEAR); $stretch <= intdiv($bottom, self::NEAR); $stretch++) {
                    $this->near[$stretch][] = $table;
                }
            }
        }

        return $this->near[intdiv($row, self::NEAR)] ?? [];
    }

    /** A total column crosses body rows, and their stripes run through it. */
    private function isBodyRow(TableReading $table, int $row): bool
    {
        return $table->runAt($row)?->part === Part::Body;
    }

    private function inGroup(TableReading $table, int $row, int $column): bool
    {
        foreach ($table->groups as $group) {
            if ($group->contains($row, $column)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{Layer, Look}> */
    private function dressLayers(
        Part $part,
        ?ColumnReading $column,
        bool $striped,
        bool $signed,
        bool $grouped,
        bool $across,
        bool $lowest,
        bool $coded,
    ): array {
        $stylebook = $this->sheet->stylebook;
        if ($stylebook === null) {
            return [];
        }
        $look = $stylebook->part($part);
        if ($part === Part::ColumnGroup && ! $grouped) {
            $look = $look->under(Look::of(['horizontal' => 'center']));
        }
        // The bottom line's rules belong to rows; a total that is a column is told by its weight alone.
        if ($across) {
            $look = $stylebook->part(Part::Body)->under($look->without(Attribute::Top, Attribute::Bottom, Attribute::Fill));
        }
        $layers = [[Layer::Ground, $stylebook->ground], [Layer::Part, $look]];
        $isSum = $part === Part::Subtotal || ($part === Part::Total && ! $across);
        if ($isSum && $column?->role === ColumnRole::Label && ! ($coded && $column->kind === ColumnKind::Code)) {
            // The name of a total reads like text, whatever its column holds; a code that stands there stays one.
            $layers[] = [Layer::Kind, Look::of(['horizontal' => 'left'])];
        } elseif ($column !== null && in_array($part, [Part::Heading, Part::RowLabel, Part::Body, Part::Subtotal, Part::Total], true)) {
            $rule = $stylebook->kind($column->kind);
            $kind = $rule->look($column, $signed, $isSum);
            // Headings stand as their columns do, and the last of them says the unit where the rule wants it there.
            $layers[] = [Layer::Kind, $part === Part::Heading ? ($lowest ? $rule->headingLook($column) : Look::none())->under($kind->only(Attribute::Horizontal)) : $kind];
        }
        if ($striped && $stylebook->stripes !== null) {
            $layers[] = [Layer::Stripes, $stylebook->stripes->look];
        }

        return $layers;
    }

    /** @return array<int, array{Layer, Look}> by the number of the rule */
    private function rules(Part $part, ?ColumnReading $column): array
    {
        $layers = [];
        foreach ($this->sheet->rules as $number => $rule) {
            if ($rule->isFor($part, $column)) {
                $layers[$number] = [Layer::Hand, $rule->look];
            }
        }

        return $layers;
    }

    /**
     * @param  list<array{Layer, Look}>  $dress
     * @param  list<array{Layer, Look}>  $rules
     */
    private function wear(int $column, int $file, array $dress, array $rules, int $named, int $hand, ?Part $part = null): Worn
    {
        $layers = [];
        $typed = $this->typedLook($column);
        if (! $typed->isEmpty()) {
            $layers[] = [Layer::File, $typed];
        }
        if ($file !== 0) {
            $layers[] = [Layer::File, $this->looks->look($file)];
        }
        array_push($layers, ...($dress === [] && $this->sheet->stylebook !== null ? [[Layer::Ground, $this->sheet->stylebook->ground]] : $dress));
        $name = $this->sheet->wears[$named - 1] ?? null;
        if ($name !== null) {
            $layers[] = [Layer::Named, $this->sheet->lookNamed($name) ?? Look::none()];
        }
        array_push($layers, ...$rules);
        if ($hand !== 0) {
            $layers[] = [Layer::Hand, $this->looks->look($hand)];
        }
        $key = ($part->value ?? '').json_encode(array_map(fn (array $layer) => [$layer[0]->value, $layer[1]->key()], $layers), JSON_THROW_ON_ERROR);

        return new Worn($this->numbers[$key] ??= count($this->numbers), $layers, $part);
    }

    /** As many places as the shares of a column need, the same for each. */
    private function percentPlaces(int $column): string
    {
        foreach ($this->sheet->reading->tables as $table) {
            $places = $table->column($column)?->decimals;
            if ($places !== null) {
                return $places > 0 ? '.'.str_repeat('0', min(4, $places)) : '';
            }
        }

        return '';
    }

    /** Text that was typed carries the format of what it was read as, so that a date never shows as a count of days. */
    private function typedLook(int $column): Look
    {
        return $this->typedLooks[$column] ??= $this->typedLookOf($column);
    }

    private function typedLookOf(int $column): Look
    {
        $typing = $this->sheet->typing->columns[$column] ?? null;
        $code = match (true) {
            $typing === null => null,
            $typing->format !== null => $typing->format,
            $typing->percent => '0'.$this->percentPlaces($column).'%',
            $typing->unit !== null => '"'.str_replace(['"', '\\'], '', $typing->unit).'"#,##0.00',
            default => null,
        };

        return $code === null ? Look::none() : Look::of([Attribute::Number->value => $code]);
    }
}
