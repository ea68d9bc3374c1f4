<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Clamp;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Measure\Ruler;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\FitRules;
use Rilvet\Work\Worksheet;

/**
 * The widths that the columns of a dressed sheet need. Titles, units lines and notes do not widen a column: they reach over
 * their blank neighbours. Headings wrap rather than widen.
 */
final readonly class ColumnNeeds
{
    /** Rows that are measured of a column that is in no table. */
    private const SCANNED = 2_000;

    /** A table of more than twice as many rows is measured at its ends alone; for the rest stand the longest texts of each column. */
    private const SAMPLE = 120;

    /** Rows of such an end: headings, the first of the body, totals. */
    private const ENDS = 40;

    /** Columns apart from which on two are looked at one after the other. */
    private const FAR = 100;

    /** Width of a column that only keeps others apart, px. */
    private const SPACER = 16;

    public function __construct(private Worksheet $sheet, private TextSizes $sizes, private FitRules $rules)
    {
    }

    /**
     * The widths that columns need: body and headings of their tables, without titles and notes; all they hold where they
     * are in no table. A column that holds nothing gets none.
     *
     * @param  list<int>  $columns
     * @param  bool  $all  titles, units lines and notes count as well
     * @return array<int, int> px by column
     */
    public function of(array $columns, bool $all = false): array
    {
        $widths = $all ? [] : $this->ofTables(array_flip($columns));
        $needs = [];
        $others = array_diff($columns, array_keys($widths));
        foreach ($others === [] ? [] : $this->sheet->cells->read(1, min($this->sheet->cells->rows(), self::SCANNED)) as $row => $cells) {
            foreach ($others as $column) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                if (! $cell->isBlank() && $this->sizes->merges->at($row, $column) === null) {
                    $worn = $this->sizes->dressed->at($row, $column);
                    $needs[$column] = max(
                        $needs[$column] ?? 0,
                        $this->sizes->turnedWidth($this->sizes->text($cell, $worn), $worn->look, $row),
                    );
                }
            }
        }

        return array_intersect_key($widths + array_map($this->kept(...), $needs), array_flip($columns));
    }

    /**
     * What the columns of all tables need: of columns in several, the widest; what is set for a heading comes before.
     *
     * @param  array<int, mixed>|null  $wanted  columns as keys; null for all
     * @return array<int, int> px by column
     */
    public function ofTables(?array $wanted = null): array
    {
        $widths = [];
        foreach ($this->sheet->reading->tables as $table) {
            $isWanted = fn (ColumnReading $one) => $wanted === null || isset($wanted[$one->column]);
            $columns = array_values(array_filter($table->columns, $isWanted));
            $needs = [];
            foreach (self::together($columns) as $near) {
                $needs += $this->ofTable($table, $near);
            }
            foreach ($columns as $column) {
                $widths[$column->column] =
                    ($column->heading === null ? null : $this->rules->widthUnder($column->heading)) ??
                    max($widths[$column->column] ?? 0, $needs[$column->column]);
            }
        }

        return $widths;
    }

    /**
     * Columns that stand near each other, so that what lies between two that do not is not read.
     *
     * @param  list<ColumnReading>  $columns  from the left
     * @return list<non-empty-list<ColumnReading>>
     */
    private static function together(array $columns): array
    {
        $groups = [];
        $last = null;
        foreach ($columns as $column) {
            if ($last === null || $column->column - $last > self::FAR) {
                $groups[] = [$column];
            } else {
                $groups[count($groups) - 1][] = $column;
            }
            $last = $column->column;
        }

        return $groups;
    }

    /**
     * The widths that slanted texts of some rows need: the box of a text that is turned, but not upright, is wide.
     *
     * @param  list<int>  $rows
     * @param  array<int, mixed>  $columns  as keys
     * @return array<int, int> px by column
     */
    public function slanted(array $rows, array $columns): array
    {
        $needs = [];
        foreach ($rows as $row) {
            $slanted = [];
            foreach (array_keys($columns) as $column) {
                $worn = $this->sizes->dressed->at($row, $column);
                $turn = abs((int) $worn->look->number(Attribute::Rotation));
                if ($turn > 0 && $turn < 90 && ($this->sizes->merges->at($row, $column)?->columns() ?? 1) === 1) {
                    $slanted[$column] = $worn;
                }
            }
            foreach ($slanted === [] ? [] : $this->sheet->cells->read($row, $row) as $cells) {
                foreach ($slanted as $column => $worn) {
                    $cell = $cells[$column - 1] ?? Cell::blank();
                    if ($cell->isBlank()) {
                        continue;
                    }
                    $text = $this->sizes->text($cell, $worn);
                    $need = $this->sizes->turnedWidth($text, $worn->look, $row) + Ruler::PADDING;
                    $needs[$column] = max($needs[$column] ?? 0, min($this->rules->greatest, $need));
                }
            }
        }

        return $needs;
    }

    /**
     * What the columns of a table need, for sharing a width among them: the narrowest that a column may be, by its longest
     * word, and the widths of its texts. Figures do not wrap. Headings and the first rows of the body count.
     *
     * @return array<int, array{least: int, texts: list<int>}> px by column, padding included
     */
    public function shares(TableReading $table): array
    {
        $needs = [];
        foreach ($table->columns as $column) {
            if (! $this->sheet->setup->sizes->hidesColumn($column->column)) {
                $least = $column->role === ColumnRole::Spacer ? self::SPACER : $this->rules->least;
                $needs[$column->column] = ['least' => $least, 'texts' => []];
            }
        }
        $last = min($table->range->bottom, $table->range->top + 2 * self::SAMPLE);
        foreach ($this->sheet->cells->read($table->range->top, $last) as $row => $cells) {
            $part = $table->runAt($row)?->part;
            foreach (
                $part === Part::Body || $part === Part::Heading || $part === Part::Subtotal || $part === Part::Total
                    ? array_keys($needs)
                    : [] as $column
            ) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                // The name of a total reaches over its blank neighbours.
                $isName = $cell->isText() && ($part === Part::Subtotal || $part === Part::Total);
                if ($cell->isBlank() || $isName || $this->sizes->merges->at($row, $column)?->columns() > 1) {
                    continue;
                }
                $worn = $this->sizes->dressed->at($row, $column);
                $text = $this->sizes->text($cell, $worn);
                $whole = $this->sizes->ruler->width($text, $worn->look) + Ruler::PADDING;
                $needs[$column]['least'] = max(
                    $needs[$column]['least'],
                    $cell->isText() ? min($whole, $this->sizes->longestWord($text, $worn->look) + Ruler::PADDING) : $whole,
                );
                $needs[$column]['texts'][] = $whole;
            }
        }

        return $needs;
    }

    /**
     * What columns of a table need: body and headings.
     *
     * @param  non-empty-list<ColumnReading>  $of
     * @return array<int, int> px by column
     */
    private function ofTable(TableReading $table, array $of): array
    {
        $bodyRow = $table->firstBodyRow();
        $needs = [];
        foreach ($of as $column) {
            $needs[$column->column] = 0;
            // In a table that is measured only at its ends, the longest texts of the whole column stand for the rest.
            if ($bodyRow !== null && $table->range->rows() > 2 * self::SAMPLE) {
                $worn = $this->sizes->dressed->at($bodyRow, $column->column);
                foreach ($column->longest as $text) {
                    $cell = $this->sheet->typing?->cell($column->column, $text) ?? Cell::of($text);
                    $needs[$column->column] = max(
                        $needs[$column->column],
                        $this->sizes->ruler->width($this->sizes->text($cell, $worn), $worn->look),
                    );
                }
            }
        }
        $columns = array_keys($needs);
        $said = [];
        [$left, $right] = [min($columns), max($columns)];
        foreach ($this->measuredRows($table) as [$from, $to]) {
            foreach ($this->sheet->cells->read($from, $to, $left, $right + 1) as $row => $cells) {
                $part = $table->runAt($row)?->part;
                if (
                    $part === null ||
                    $part === Part::Title ||
                    $part === Part::Units ||
                    $part === Part::Note ||
                    $part === Part::ColumnGroup
                ) {
                    foreach ($part === null ? [] : $this->keptForLines($row, $cells, array_keys($needs)) as $column => $need) {
                        $needs[$column] = max($needs[$column], $need);
                    }

                    continue;
                }
                [, $looks] = $this->sizes->dressed->stretch($row, $left, $right);
                foreach ($needs as $column => $need) {
                    $cell = $cells[$column - 1] ?? Cell::blank();
                    $reaches =
                        $part !== Part::Body && $part !== Part::Heading && $cell->isText() && ($cells[$column] ?? Cell::blank())->isBlank();
                    if ($cell->isBlank() || $reaches || $this->sizes->merges->at($row, $column)?->columns() > 1) {
                        continue;
                    }
                    $worn = $looks[$column];
                    // Columns of categories say the same few texts again and again.
                    if (is_string($cell->value)) {
                        if (isset($said[$column][$worn->number][$cell->value])) {
                            continue;
                        }
                        $said[$column][$worn->number][$cell->value] = true;
                    }
                    $text = $this->sizes->text($cell, $worn);
                    $needs[$column] = max(
                        $need,
                        $part === Part::Heading && $worn->look->is(Attribute::Wrap) && $worn->look->number(Attribute::Rotation) == 0
                            ? $this->sizes->longestWord($text, $worn->look)
                            : $this->sizes->turnedWidth($text, $worn->look, $row),
                    );
                }
            }
        }
        $widths = [];
        foreach ($of as $column) {
            $widths[$column->column] = $column->role === ColumnRole::Spacer ? self::SPACER : $this->kept($needs[$column->column]);
        }

        return $widths;
    }

    /**
     * A title or a note that wraps in its own cell does not reach over its neighbours: its column is no narrower than it came, or its
     * lines would be many.
     *
     * @param  list<Cell>  $cells  of the row
     * @param  list<int>  $columns
     * @return array<int, int> px by column, without room around
     */
    private function keptForLines(int $row, array $cells, array $columns): array
    {
        $needs = [];
        foreach ($columns as $column) {
            $cell = $cells[$column - 1] ?? Cell::blank();
            $look = $cell->isText() ? $this->sizes->dressed->at($row, $column)->look : null;
            if ($look === null || ! $look->is(Attribute::Wrap) || $look->number(Attribute::Rotation) != 0
                || $this->sizes->merges->at($row, $column) !== null) {
                continue;
            }
            $whole = $this->sizes->ruler->width($cell->text(), $look);
            $came = $this->sheet->came->sizes->widthOf($column) - Ruler::PADDING - $this->rules->air;
            $needs[$column] = max(0, min($whole, $came));
        }

        return $needs;
    }

    /** @return list<array{int, int}> stretches of rows whose texts are measured one by one */
    private function measuredRows(TableReading $table): array
    {
        $top = $table->range->top;
        $bottom = $table->range->bottom;

        return $bottom - $top < 2 * self::SAMPLE ? [[$top, $bottom]] : [[$top, $top + self::ENDS], [$bottom - self::ENDS, $bottom]];
    }

    /** A width with room around the text, within the bounds of the stylebook. */
    private function kept(int $need): int
    {
        return Clamp::of($need + Ruler::PADDING + $this->rules->air, $this->rules->least, $this->rules->greatest);
    }
}
