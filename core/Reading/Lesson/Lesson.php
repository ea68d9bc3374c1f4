<?php

declare(strict_types=1);

namespace Rilvet\Reading\Lesson;

use Rilvet\Grid\Cell;
use Rilvet\Grid\Sheet;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Correction\AsLearned;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Correction\RowsAreEach;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/**
 * What a person has corrected in a table, said so that it holds for another with the same headings: rows by how far they stand from
 * the headings or by their label, columns by their heading.
 *
 * @phpstan-type LessonData array{headings: list<string>, top: list<array{int, string|null}>, labels: array<string, string|null>,
 *     columns: array<string, array{string|null, string|null}>}
 */
final readonly class Lesson
{
    /** Rows that are known again by their label, at the most. */
    private const LABELS = 200;

    /** Rows of a table that are looked through for labels. */
    private const ROWS = 20_000;

    /**
     * @param  string  $print  of the row of headings
     * @param  list<string>  $headings  as they stand there
     * @param  list<array{int, Part|null}>  $top  how far below the row of headings, and what that row is
     * @param  array<string, Part|null>  $labels  what the row with a label is
     * @param  array<string, array{ColumnKind|null, ColumnRole|null}>  $columns  by heading
     */
    public function __construct(
        public string $print,
        public array $headings,
        public array $top,
        public array $labels,
        public array $columns,
    ) {
    }

    /**
     * What is to be learned of a table.
     *
     * @param  TableReading  $table  as it was corrected
     * @param  list<Correction>  $corrections  of its sheet
     * @return self|null where nothing was corrected that could hold elsewhere, or the table has no headings to be known by
     */
    public static function of(Sheet $cells, TableReading $table, array $corrections): ?self
    {
        $flat = array_filter(self::flat($corrections), fn (RowsAre|ColumnIs $one) => $table->range->contains($one->row, $one->column));
        $head = $flat === [] ? null : $table->lastHeadRow();
        $print = $head === null ? null : Headings::prints($cells, $table)[$head] ?? null;
        if ($head === null || $print === null) {
            return null;
        }
        $top = $labels = $columns = [];
        foreach ($flat as $one) {
            if ($one instanceof ColumnIs) {
                $heading = ColumnReading::plain($table->column($one->column)->heading ?? '');
                [$kind, $role] = $columns[$heading] ?? [null, null];
                $columns[$heading] = [$one->kind ?? $kind, $one->role ?? $role];
            } elseif ($one->first <= $head) {
                foreach (range($one->first, min($one->last, $head)) as $row) {
                    $top[$row - $head] = [$row - $head, $one->part];
                }
            } elseif ($one->first === $one->last && count($labels) < self::LABELS) {
                $labels[self::label(iterator_to_array($cells->read($one->first, $one->first))[$one->first] ?? [], $table)] = $one->part;
            }
        }
        unset($labels[''], $columns['']);
        ksort($top);
        $headings = array_map(fn (ColumnReading $column) => $column->heading ?? '', $table->columns);

        return $top === [] && $labels === [] && $columns === [] ? null : new self($print, $headings, array_values($top), $labels, $columns);
    }

    /**
     * What the same corrections are in another table, of which a row has the same words.
     *
     * @param  int  $head  that row
     * @param  string  $from  where they were made
     * @return list<AsLearned> of rows, then of columns
     */
    public function on(Sheet $cells, TableReading $table, int $head, string $from): array
    {
        $range = $table->range;
        $parts = [];
        foreach ([...$this->top, ...($this->top === [] ? [] : [[0, Part::Heading]])] as [$off, $part]) {
            $head + $off < $range->top || $parts[$head + $off] = $part;
        }
        $rows = $this->labels === [] ? [] : $cells->read($head + 1, min($range->bottom, $head + self::ROWS));
        foreach ($rows as $row => $line) {
            $label = self::label($line, $table);
            if (array_key_exists($label, $this->labels)) {
                $parts[$row] = $this->labels[$label];
            }
        }
        ksort($parts);
        $each = array_map(fn (int $row) => [$row, $row, $parts[$row]], array_slice(array_keys($parts), 0, RowsAreEach::MOST));
        $learned = $each === []
            ? []
            : [new AsLearned($range->top, $range->left, $from, [RowsAreEach::of($range->top, $range->left, $each)])];
        $said = [];
        // The columns stand as they do there: the row that they are known by says so.
        foreach ($this->headings as $at => $heading) {
            [$kind, $role] = $this->columns[ColumnReading::plain($heading)] ?? [null, null];
            if ($kind !== null || $role !== null) {
                $said[] = new ColumnIs($head, $range->left + $at, $kind, $role);
            }
        }

        return $said === [] ? $learned : [...$learned, new AsLearned($range->top, $range->left, $from, $said)];
    }

    /** @return LessonData */
    public function toArray(): array
    {
        return [
            'headings' => $this->headings,
            'top' => array_map(fn (array $one) => [$one[0], $one[1]?->value], $this->top),
            'labels' => array_map(fn (?Part $part) => $part?->value, $this->labels),
            'columns' => array_map(fn (array $one) => [$one[0]?->value, $one[1]?->value], $this->columns),
        ];
    }

    /** @param  LessonData  $data */
    public static function fromArray(string $print, array $data): self
    {
        $part = fn (?string $name) => $name === null ? null : Part::from($name);

        return new self(
            $print,
            $data['headings'],
            array_map(fn (array $one) => [$one[0], $part($one[1])], $data['top']),
            array_map($part, $data['labels']),
            array_map(fn (array $one) => [
                $one[0] === null ? null : ColumnKind::from($one[0]),
                $one[1] === null ? null : ColumnRole::from($one[1]),
            ], $data['columns']),
        );
    }

    /**
     * @param  list<Correction>  $corrections
     * @return list<RowsAre|ColumnIs> in order, also those that were learned themselves
     */
    private static function flat(array $corrections): array
    {
        $flat = [];
        foreach ($corrections as $one) {
            match (true) {
                $one instanceof RowsAre, $one instanceof ColumnIs => $flat[] = $one,
                $one instanceof RowsAreEach => array_push($flat, ...$one->each),
                $one instanceof AsLearned => array_push($flat, ...self::flat($one->said)),
                default => null,
            };
        }

        return $flat;
    }

    /** @param  list<Cell>  $line  the first text of a row of the table */
    private static function label(array $line, TableReading $table): string
    {
        for ($column = $table->range->left; $column <= $table->range->right; $column++) {
            $cell = $line[$column - 1] ?? null;
            if ($cell !== null && ! $cell->isBlank()) {
                return $cell->isText() ? ColumnReading::plain($cell->text()) : '';
            }
        }

        return '';
    }
}
