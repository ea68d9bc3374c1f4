<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\FitRules;
use Rilvet\Text\Fonts;
use Rilvet\Window\Ruler;
use Rilvet\Window\Shown;
use Rilvet\Work\Cascade;
use Rilvet\Work\Merges;
use Rilvet\Work\Setup;
use Rilvet\Work\Worksheet;

/**
 * Widths of columns and heights of rows for a dressed sheet. Titles, units lines and notes do not widen a column:
 * they reach over their blank neighbours. Headings wrap rather than widen.
 */
final class ColumnFit
{
    /** Room at both sides of a cell's text, px. */
    public const PADDING = 8;

    /** Body rows that are measured at each end of a table; beyond them the longest texts of the whole column count. */
    private const SAMPLE = 120;

    /** @var array<int, int> */
    private array $widths = [];

    /** @var array<int, int> */
    private array $heights = [];

    private readonly Cascade $cascade;

    private readonly Merges $merges;

    private readonly Ruler $ruler;

    private readonly FitRules $rules;

    public function __construct(private readonly Worksheet $sheet, LookBook $looks, Fonts $fonts)
    {
        $this->cascade = new Cascade($sheet, $looks);
        $this->merges = new Merges($sheet->setup->merges);
        $this->ruler = new Ruler($fonts);
        $this->rules = $sheet->stylebook->fit ?? new FitRules;
    }

    /** The set-up of the sheet as its stylebook fits it: sizes, frozen headings and labels, gridlines. */
    public function setup(): Setup
    {
        $tables = $this->sheet->reading->tables;
        foreach ($tables as $table) {
            $this->fitColumns($table);
        }
        foreach ($tables as $table) {
            $this->fitRows($table);
        }
        $ground = $this->sheet->stylebook->ground ?? Look::none();
        $height = $this->ruler->lineHeight($ground) + $this->rules->rowAir;
        $setup = $this->sheet->came->withSizes($this->widths, $this->heights, $height);
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
            $labelWidth += $setup->widthOf($column);
        }

        return $setup->withOpening($head !== null && $head <= 12 ? $head : 0, $head !== null && $labels !== null && $labelWidth <= 480 ? $labels : 0, $stylebook->gridlines);
    }

    private function fitColumns(TableReading $table): void
    {
        $bodyRow = $table->firstBodyRow();
        $needs = [];
        foreach ($table->columns as $column) {
            $needs[$column->column] = 0;
            // In a table that is measured only at its ends, the longest texts of the whole column stand for the rest.
            if ($bodyRow !== null && $table->range->rows() > 2 * self::SAMPLE) {
                $worn = $this->cascade->at($bodyRow, $column->column);
                foreach ($column->longest as $text) {
                    $cell = $this->sheet->typing?->cell($column->column, $text) ?? Cell::of($text);
                    $needs[$column->column] = max($needs[$column->column], $this->ruler->width(Shown::of($cell, $worn)->formatted->text, $worn->look));
                }
            }
        }
        foreach ($this->measuredRows($table) as [$from, $to]) {
            foreach ($this->sheet->cells->read($from, $to) as $row => $cells) {
                $part = $table->runAt($row)?->part;
                if ($part === null || $part === Part::Title || $part === Part::Units || $part === Part::Note || $part === Part::ColumnGroup) {
                    continue;
                }
                foreach ($needs as $column => $need) {
                    $cell = $cells[$column - 1] ?? Cell::blank();
                    $reaches = $part !== Part::Body && $part !== Part::Heading && $cell->isText() && ($cells[$column] ?? Cell::blank())->isBlank();
                    if ($cell->isBlank() || $reaches || $this->merges->at($row, $column)?->columns() > 1) {
                        continue;
                    }
                    $worn = $this->cascade->at($row, $column);
                    $text = Shown::of($cell, $worn)->formatted->text;
                    $needs[$column] = max($need, $part === Part::Heading && $worn->look->is(Attribute::Wrap) ? $this->longestWord($text, $worn->look) : $this->ruler->width($text, $worn->look));
                }
            }
        }
        foreach ($table->columns as $column) {
            $width = $column->role === ColumnRole::Spacer ? 16 : max($this->rules->least, min($this->rules->greatest, $needs[$column->column] + self::PADDING + $this->rules->air));
            $this->widths[$column->column] = max($this->widths[$column->column] ?? 0, $width);
        }
    }

    /** @return list<array{int, int}> stretches of rows whose texts are measured one by one */
    private function measuredRows(TableReading $table): array
    {
        $top = $table->range->top;
        $bottom = $table->range->bottom;

        return $bottom - $top < 2 * self::SAMPLE ? [[$top, $bottom]] : [[$top, $top + self::SAMPLE], [$bottom - self::SAMPLE, $bottom]];
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
                $height = 0;
                for ($column = $table->range->left; $column <= $table->range->right; $column++) {
                    $cell = $cells[$column - 1] ?? Cell::blank();
                    if ($cell->isBlank() && $column > $table->range->left) {
                        continue;
                    }
                    $worn = $this->cascade->at($row, $column);
                    $look = $worn->look;
                    $lines = $look->is(Attribute::Wrap) && ! $cell->isBlank() ? $this->lines(Shown::of($cell, $worn)->formatted->text, $look, $this->widths[$column] ?? 64) : 1;
                    $height = max($height, $lines * $this->ruler->lineHeight($look) + $air);
                }
                $this->heights[$row] = max($this->heights[$row] ?? 0, $height);
            }
        }
    }

    private function longestWord(string $text, Look $look): int
    {
        return max(array_map(fn (string $word) => $this->ruler->width($word, $look), preg_split('/\s+/', trim($text)) ?: ['']));
    }

    private function lines(string $text, Look $look, int $width): int
    {
        $lines = 0;
        foreach (explode("\n", $text) as $paragraph) {
            $lines++;
            $line = '';
            foreach (explode(' ', $paragraph) as $word) {
                $longer = $line === '' ? $word : "$line $word";
                if ($line !== '' && $this->ruler->width($longer, $look) > $width - self::PADDING) {
                    $lines++;
                    $line = $word;
                } else {
                    $line = $longer;
                }
            }
        }

        return $lines;
    }
}
