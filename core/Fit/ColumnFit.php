<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Lines;
use Rilvet\Measure\Ruler;
use Rilvet\Measure\Shown;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\FitRules;
use Rilvet\Text\Fonts;
use Rilvet\Work\Merges;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Widths of columns and heights of rows for a dressed sheet. Titles, units lines and notes do not widen a column:
 * they reach over their blank neighbours. Headings wrap rather than widen.
 */
final class ColumnFit
{
    /** Room at both ends of a turned text, px, so that it keeps off the lines above and below. */
    private const TURNED = 6;

    /** Rows that are measured of a column that is in no table. */
    private const SCANNED = 2_000;

    /** A table of more than twice as many rows is measured at its ends alone; for the rest stand the longest texts of each column. */
    private const SAMPLE = 120;

    /** Rows of such an end: headings, the first of the body, totals. */
    private const ENDS = 40;

    /** @var array<int, int> */
    private array $widths = [];

    /** @var array<int, int> */
    private array $heights = [];

    /** @var array<int, true> body rows that were gone through */
    private array $bodies = [];

    /** @var array<int, array{int, int, bool}> line height, rotation and wrap, by number of what is worn */
    private array $settings = [];

    private readonly DressedSheet $dressed;

    private readonly Merges $merges;

    private readonly Ruler $ruler;

    private readonly FitRules $rules;

    /** @param  Workbook  $workbook  that the sheet belongs to, for its looks and its date system */
    public function __construct(private readonly Worksheet $sheet, private readonly Workbook $workbook, Fonts $fonts)
    {
        $this->dressed = new DressedSheet($sheet, $workbook->looks);
        $this->merges = new Merges($sheet->setup->merges);
        $this->ruler = new Ruler($fonts);
        $this->rules = $sheet->stylebook->fit ?? new FitRules;
    }

    /** The set-up of the sheet as its stylebook fits it: sizes, frozen headings and labels, gridlines. */
    public function setup(): Setup
    {
        $tables = $this->sheet->reading->tables;
        $setup = $this->resized($this->sheet->came);
        $stylebook = $this->sheet->stylebook;
        $first = $tables[0] ?? null;
        if ($stylebook === null || $first === null) {
            return $setup;
        }
        $head = $stylebook->freeze && count($tables) === 1 ? $first->lastHeadRow() : null;
        $labels = $first->lastLabelColumn();
        // Frozen labels must leave room for the data on a small screen.
        $labelWidth = 0;
        for ($column = 1; $column <= ($labels ?? 0); $column++) {
            $labelWidth += $setup->sizes->widthOf($column);
        }

        return $setup->withOpening(new Opening(
            $head !== null && $head <= 12 ? $head : 0,
            $head !== null && $labels !== null && $labelWidth <= 480 ? $labels : 0,
            $stylebook->gridlines, $stylebook->zoom ?? $setup->opening->zoom, rightToLeft: $setup->opening->rightToLeft,
        ));
    }

    /** A set-up with the sizes that the sheet's contents want now; what was sized by hand, and how it opens, stays. */
    public function resized(Setup $setup): Setup
    {
        foreach ($this->sheet->reading->tables as $table) {
            $this->fitColumns($table);
        }
        $this->widths = array_intersect_key($setup->sizes->widths, array_flip($setup->sizes->heldColumns)) + $this->widths;
        foreach ($this->sheet->reading->tables as $table) {
            $this->fitRows($table);
        }
        $ground = $this->sheet->stylebook->ground ?? Look::none();

        $usual = max($this->rules->rowLeast, $this->ruler->lineHeight($ground) + $this->rules->rowAir);
        foreach ($this->sheet->reading->tables as $table) {
            $this->fitBody($table, $usual);
        }
        // Rows of a body too long to be gone through keep the heights that they have.
        $own = array_diff_key($setup->sizes->heights, $this->heights, $this->bodies);

        return $setup->withSizes(
            $setup->sizes->fitted($this->widths, $this->heights + ($setup === $this->sheet->came ? [] : $own), $usual),
        );
    }

    /**
     * The widths that columns need: body and headings of their tables, without titles and notes; all they hold where they
     * are in no table. A column that holds nothing gets none.
     *
     * @param  list<int>  $columns
     * @param  bool  $all  titles, units lines and notes count as well
     * @return array<int, int> px by column
     */
    public function widths(array $columns, bool $all = false): array
    {
        foreach ($all ? [] : $this->sheet->reading->tables as $table) {
            $this->fitColumns($table);
        }
        $needs = [];
        $others = array_diff($columns, array_keys($this->widths));
        foreach ($others === [] ? [] : $this->sheet->cells->read(1, min($this->sheet->cells->rows(), self::SCANNED)) as $row => $cells) {
            foreach ($others as $column) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                if (! $cell->isBlank() && $this->merges->at($row, $column) === null) {
                    $worn = $this->dressed->at($row, $column);
                    $needs[$column] = max(
                        $needs[$column] ?? 0,
                        $this->turnedWidth(Shown::of($cell, $worn, $this->workbook->from1904)->formatted->text, $worn->look),
                    );
                }
            }
        }

        return array_intersect_key(
            $this->widths +
                array_map(
                    fn (int $need) => max($this->rules->least, min($this->rules->greatest, $need + Ruler::PADDING + $this->rules->air)),
                    $needs,
                ),
            array_flip($columns),
        );
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
            foreach ($this->sheet->cells->read($row, $row) as $cells) {
                foreach (array_keys($columns) as $column) {
                    $cell = $cells[$column - 1] ?? Cell::blank();
                    $worn = $this->dressed->at($row, $column);
                    $turn = abs((int) $worn->look->number(Attribute::Rotation));
                    if ($cell->isBlank() || $turn === 0 || $turn >= 90 || $this->merges->at($row, $column)?->columns() > 1) {
                        continue;
                    }
                    $text = Shown::of($cell, $worn, $this->workbook->from1904)->formatted->text;
                    $need = $this->turnedWidth($text, $worn->look) + Ruler::PADDING;
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
    public function needs(TableReading $table): array
    {
        $needs = [];
        foreach ($table->columns as $column) {
            if (! $this->sheet->setup->sizes->hidesColumn($column->column)) {
                $needs[$column->column] = ['least' => $column->role === ColumnRole::Spacer ? 16 : $this->rules->least, 'texts' => []];
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
                if ($cell->isBlank() || $isName || $this->merges->at($row, $column)?->columns() > 1) {
                    continue;
                }
                $worn = $this->dressed->at($row, $column);
                $text = Shown::of($cell, $worn, $this->workbook->from1904)->formatted->text;
                $whole = $this->ruler->width($text, $worn->look) + Ruler::PADDING;
                $needs[$column]['least'] = max(
                    $needs[$column]['least'],
                    $cell->isText() ? min($whole, $this->longestWord($text, $worn->look) + Ruler::PADDING) : $whole,
                );
                $needs[$column]['texts'][] = $whole;
            }
        }

        return $needs;
    }

    /**
     * The heights that rows need: wrapped lines, sizes of type, turned text. A row that needs no more than the usual gets none.
     *
     * @param  list<int>  $rows
     * @return array<int, int> px by row
     */
    public function heights(array $rows): array
    {
        $setup = $this->sheet->setup;
        $heights = [];
        $wanted = array_flip($rows);
        foreach ($rows === [] ? [] : $this->sheet->cells->read(min($rows), max($rows)) as $row => $cells) {
            if (isset($wanted[$row])) {
                $height = $this->rowHeight($row, $cells, 1, count($cells), $setup->sizes->widthOf(...));
                if ($height > $setup->sizes->height) {
                    $heights[$row] = $height + $this->rules->rowAir;
                }
            }
        }

        return $heights;
    }

    /**
     * @param  list<Cell>  $cells
     * @param  callable(int): int  $width
     */
    private function rowHeight(int $row, array $cells, int $left, int $right, callable $width): int
    {
        $height = 0;
        for ($column = $left; $column <= $right; $column++) {
            $cell = $cells[$column - 1] ?? Cell::blank();
            if ($cell->isBlank() && $column > $left) {
                continue;
            }
            $worn = $this->dressed->at($row, $column);
            [$line, $turn, $wraps] = $this->settings[$worn->number] ??= [
                $this->ruler->lineHeight($worn->look),
                (int) $worn->look->number(Attribute::Rotation),
                $worn->look->is(Attribute::Wrap),
            ];
            if (! $wraps && $turn === 0) {
                $height = max($height, $line * (is_string($cell->value) ? substr_count($cell->value, "\n") + 1 : 1));

                continue;
            }
            $look = $worn->look;
            $text = $cell->isBlank() ? '' : Shown::of($cell, $worn, $this->workbook->from1904)->formatted->text;
            $height = max(
                $height,
                match (true) {
                    $text === '' || $this->merges->at($row, $column)?->rows() > 1 => $line,
                    $turn === Look::STACKED => $line * mb_strlen($text),
                    // The box of a turned line: its length and its height, each by its share.
                    $turn !== 0 => (int) ceil(
                        sin(deg2rad(abs($turn))) * $this->ruler->width($text, $look) + cos(deg2rad(abs($turn))) * $line,
                    ) + self::TURNED,
                    default => $line *
                        Lines::count($text, $width($column) - Ruler::PADDING, fn (string $words) => $this->ruler->advances($words, $look)),
                },
            );
        }

        return $height;
    }

    private function fitColumns(TableReading $table): void
    {
        $bodyRow = $table->firstBodyRow();
        $needs = [];
        foreach ($table->columns as $column) {
            $needs[$column->column] = 0;
            // In a table that is measured only at its ends, the longest texts of the whole column stand for the rest.
            if ($bodyRow !== null && $table->range->rows() > 2 * self::SAMPLE) {
                $worn = $this->dressed->at($bodyRow, $column->column);
                foreach ($column->longest as $text) {
                    $cell = $this->sheet->typing?->cell($column->column, $text) ?? Cell::of($text);
                    $needs[$column->column] = max(
                        $needs[$column->column],
                        $this->ruler->width(Shown::of($cell, $worn, $this->workbook->from1904)->formatted->text, $worn->look),
                    );
                }
            }
        }
        $columns = array_keys($needs);
        $said = [];
        [$left, $right] = $columns === [] ? [1, 1] : [min($columns), max($columns)];
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
                    continue;
                }
                [, $looks] = $this->dressed->stretch($row, $left, $right);
                foreach ($needs as $column => $need) {
                    $cell = $cells[$column - 1] ?? Cell::blank();
                    $reaches =
                        $part !== Part::Body && $part !== Part::Heading && $cell->isText() && ($cells[$column] ?? Cell::blank())->isBlank();
                    if ($cell->isBlank() || $reaches || $this->merges->at($row, $column)?->columns() > 1) {
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
                    $text = Shown::of($cell, $worn, $this->workbook->from1904)->formatted->text;
                    $needs[$column] = max(
                        $need,
                        $part === Part::Heading && $worn->look->is(Attribute::Wrap) && $worn->look->number(Attribute::Rotation) == 0
                            ? $this->longestWord($text, $worn->look)
                            : $this->turnedWidth($text, $worn->look),
                    );
                }
            }
        }
        foreach ($table->columns as $column) {
            $width =
                $column->role === ColumnRole::Spacer
                    ? 16
                    : max($this->rules->least, min($this->rules->greatest, $needs[$column->column] + Ruler::PADDING + $this->rules->air));
            $this->widths[$column->column] =
                ($column->heading === null ? null : $this->rules->widthUnder($column->heading)) ??
                max($this->widths[$column->column] ?? 0, $width);
        }
    }

    /** @return list<array{int, int}> stretches of rows whose texts are measured one by one */
    private function measuredRows(TableReading $table): array
    {
        $top = $table->range->top;
        $bottom = $table->range->bottom;

        return $bottom - $top < 2 * self::SAMPLE ? [[$top, $bottom]] : [[$top, $top + self::ENDS], [$bottom - self::ENDS, $bottom]];
    }

    private function fitRows(TableReading $table): void
    {
        foreach ($table->runs as $run) {
            $air = match ($run->part) {
                Part::Title => $this->rules->titleAir,
                Part::Heading => $this->rules->headingAir,
                Part::Units, Part::ColumnGroup, Part::Note, Part::Subtotal, Part::Total, Part::RowGroup => $this->rules->rowAir,
                null => null,
                default => null,
            };
            if ($run->part === null && $run->rows() <= 3) {
                for ($row = $run->first; $row <= $run->last; $row++) {
                    $this->heights[$row] = 10;
                }
            }
            if ($air === null || $run->rows() > 400) {
                continue;
            }
            foreach ($this->sheet->cells->read($run->first, $run->last) as $row => $cells) {
                $height = max(
                    $this->rules->rowLeast,
                    $this->rowHeight(
                        $row,
                        $cells,
                        $table->range->left,
                        $table->range->right,
                        fn (int $column) => $this->widths[$column] ?? 64,
                    ) + $air,
                );
                $this->heights[$row] = max($this->heights[$row] ?? 0, $height);
            }
        }
    }

    /** Body rows are as high as the usual, and higher where their texts wrap, break, are turned or large. */
    private function fitBody(TableReading $table, int $usual): void
    {
        if ($table->range->rows() > self::SCANNED) {
            return;
        }
        foreach ($table->runs as $run) {
            foreach ($run->part === Part::Body ? $this->sheet->cells->read($run->first, $run->last) : [] as $row => $cells) {
                $this->bodies[$row] = true;
                $height =
                    $this->rowHeight(
                        $row,
                        $cells,
                        $table->range->left,
                        $table->range->right,
                        fn (int $column) => $this->widths[$column] ?? 64,
                    ) + $this->rules->rowAir;
                if ($height > $usual) {
                    $this->heights[$row] = max($this->heights[$row] ?? 0, $height);
                }
            }
        }
    }

    /** The width of a text's box as it is turned: its length and its height, each by its share. */
    private function turnedWidth(string $text, Look $look): int
    {
        $turn = (int) $look->number(Attribute::Rotation);
        $line = $turn === 0 ? 0 : $this->ruler->lineHeight($look);

        return match ($turn) {
            0 => $this->ruler->width($text, $look),
            Look::STACKED => $line,
            default => (int) ceil(cos(deg2rad(abs($turn))) * $this->ruler->width($text, $look) + sin(deg2rad(abs($turn))) * $line),
        };
    }

    private function longestWord(string $text, Look $look): int
    {
        return max(array_map(fn (string $word) => $this->ruler->width($word, $look), preg_split('/\s+/', trim($text)) ?: ['']));
    }
}
