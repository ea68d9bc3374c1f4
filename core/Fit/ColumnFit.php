<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Look\Look;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\FitRules;
use Rilvet\Text\Fonts;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Widths of columns and heights of rows for a dressed sheet, and how it opens. */
final class ColumnFit
{
    /** Rows of a table whose body is gone through row by row. */
    private const SCANNED = 2_000;

    /** @var array<int, int> */
    private array $widths = [];

    /** @var array<int, int> */
    private array $heights = [];

    /** @var array<int, true> body rows that were gone through */
    private array $bodies = [];

    private readonly FitRules $rules;

    private readonly TextSizes $sizes;

    public readonly ColumnNeeds $needs;

    /** @param  Workbook  $workbook  that the sheet belongs to, for its looks and its date system */
    public function __construct(private readonly Worksheet $sheet, Workbook $workbook, Fonts $fonts)
    {
        $this->rules = $sheet->stylebook->fit ?? new FitRules;
        $this->sizes = new TextSizes($sheet, $workbook, $fonts);
        $this->needs = new ColumnNeeds($sheet, $this->sizes, $this->rules);
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
        $this->widths = array_intersect_key($setup->sizes->widths, array_flip($setup->sizes->heldColumns)) + $this->needs->ofTables();
        foreach ($this->sheet->reading->tables as $table) {
            $this->fitRows($table);
        }
        $ground = $this->sheet->stylebook->ground ?? Look::none();
        $usual = max($this->rules->rowLeast, $this->sizes->ruler->lineHeight($ground) + $this->rules->rowAir);
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
     * The heights that rows need: wrapped lines, sizes of type, turned text. A row that needs no more than the usual gets none.
     *
     * @param  list<int>  $rows
     * @param  bool  $merged  merged cells want room too
     * @return array<int, int> px by row
     */
    public function heights(array $rows, bool $merged = true): array
    {
        $setup = $this->sheet->setup;
        $heights = [];
        $wanted = array_flip($rows);
        foreach ($rows === [] ? [] : $this->sheet->cells->read(min($rows), max($rows)) as $row => $cells) {
            if (isset($wanted[$row])) {
                $height = $this->sizes->rowHeight($row, $cells, 1, count($cells), $setup->sizes->widthOf(...), $merged);
                if ($height > $setup->sizes->height) {
                    $heights[$row] = $height + $this->rules->rowAir;
                }
            }
        }

        return $heights;
    }

    private function fitRows(TableReading $table): void
    {
        foreach ($table->runs as $run) {
            $air = match ($run->part) {
                Part::Title => $this->rules->titleAir,
                Part::Heading => $this->rules->headingAir,
                Part::Units, Part::ColumnGroup, Part::Note, Part::Subtotal, Part::Total, Part::RowGroup => $this->rules->rowAir,
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
                    $this->sizes->rowHeight(
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
                    $this->sizes->rowHeight(
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
}
