<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Condition\Around;
use Rilvet\Condition\DrawnBar;
use Rilvet\Condition\Shape;
use Rilvet\Grid\Range;
use Rilvet\Look\Line;
use Rilvet\Look\LookBook;
use Rilvet\Page\PageRules;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Window\Window;
use Rilvet\Window\WindowCell;
use Rilvet\Window\WindowLine;
use Rilvet\Work\Worksheet;

/** Draws cells of a sheet as the Bench shows them: from the same windows, at any size. */
final class BlockPainter
{
    private const GRID = '#C9C4BA';

    private readonly Painter $painter;

    private readonly CellText $texts;

    private readonly Reader $reader;

    private readonly bool $isMirrored;

    public function __construct(
        private readonly Worksheet $sheet,
        LookBook $looks,
        Fonts $fonts,
        bool $from1904,
        ?Around $around,
        private readonly PageRules $rules,
    ) {
        $this->painter = new Painter($sheet, $looks, $fonts, $from1904, $around);
        $this->texts = new CellText($fonts);
        $this->reader = new Reader($sheet);
        $this->isMirrored = $sheet->setup->opening->rightToLeft;
    }

    /**
     * Draws blocks that stand beside each other and share their rows.
     *
     * @param  list<array{Range, Box}>  $blocks  cells, and where they stand
     * @param  float  $beyond  px behind the last block that are blank
     * @param  string|null  $page  by which rows of a table know each other when they are read aloud; null for what is repeated
     */
    public function draw(Canvas $canvas, array $blocks, float $scale, ?string $page, float $beyond = 0.0): void
    {
        $drawn = [];
        foreach ($blocks as $at => [$range, $box]) {
            $drawn[] = new Block($this->window($range), $range, $box, $scale, $this->isMirrored,
                $at === count($blocks) - 1 && ! $this->isMirrored ? $beyond : 0.0);
        }
        foreach ($drawn as $block) {
            $this->ground($canvas, $block);
        }
        $rows = [];
        foreach ($drawn as $at => $block) {
            foreach ($block->window->cells as $cell) {
                $rows[$cell->row][] = [$at, $cell];
            }
        }
        ksort($rows);
        $edges = $drawn === [] ? [1, 1] : [min(array_map(fn (Block $one) => $one->range->left, $drawn)),
            max(array_map(fn (Block $one) => $one->range->right, $drawn))];
        foreach ($rows as $row => $cells) {
            $this->texts($canvas, $drawn, $row, $cells, $page, $edges);
        }
        foreach ($drawn as $block) {
            foreach ($block->window->lines as $line) {
                $this->line($canvas, $block, $line);
            }
        }
    }

    private function window(Range $range): Window
    {
        $window = $this->painter->paint($this->sheet->cells->rows(), $range);
        $errors = $this->rules->text('errors');

        return $errors === 'shown' ? $window : $this->withoutErrors($window, $range, ['blank' => '', 'dashes' => '--',
            'na' => '#N/A'][$errors]);
    }

    private function withoutErrors(Window $window, Range $range, string $instead): Window
    {
        $wrong = [];
        foreach ($this->sheet->cells->read($range->top, min($range->bottom, $this->sheet->cells->rows())) as $row => $cells) {
            foreach ($cells as $at => $cell) {
                $cell->error === null || $wrong[$row][$at + 1] = true;
            }
        }
        $cells = array_map(fn (WindowCell $cell) => isset($wrong[$cell->row][$cell->column])
            ? new WindowCell($cell->row, $cell->column, $instead, $cell->look, $cell->align, null, $cell->from, $cell->to,
                $cell->bar, $cell->mark)
            : $cell, $window->cells);

        return new Window($window->sheet, $window->top, $window->left, $window->heights, $window->widths, $cells, $window->looks,
            $window->lines, $window->merges);
    }

    private function ground(Canvas $canvas, Block $block): void
    {
        $isMono = $this->rules->flag('mono');
        $this->rules->flag('gridlines') && $this->grid($canvas, $block);
        $open = null;
        foreach ($block->window->cells as $cell) {
            $fill = $isMono ? null : $block->window->looks[$cell->look]->fill;
            $place = $fill === null ? null : $block->place($cell->row, $cell->column, $block->merge($cell->row, $cell->column));
            // Neighbours of one colour are one stretch.
            if ($open !== null && $place !== null && $open[1] === $fill && $open[0]->continues($place)) {
                $open = [$open[0]->with($place), $fill];

                continue;
            }
            $open === null || $canvas->fill($open[0]->x, $open[0]->y, $open[0]->width, $open[0]->height, $open[1]);
            $open = $place === null ? null : [$place, (string) $fill];
        }
        $open === null || $canvas->fill($open[0]->x, $open[0]->y, $open[0]->width, $open[0]->height, $open[1]);
        foreach ($block->window->cells as $cell) {
            if ($cell->bar !== null && ! $isMono) {
                $this->bar($canvas, $cell->bar, $block->place($cell->row, $cell->column), $block->scale);
            }
        }
    }

    private function grid(Canvas $canvas, Block $block): void
    {
        $box = $block->box;
        foreach ([...$block->rows, $block->rows === [] ? 0.0 : $block->end(true)] as $y) {
            $canvas->stroke($box->x, $box->y + $y, $box->x + $box->width, $box->y + $y, 0.5, self::GRID);
        }
        foreach ([...$block->columns, $block->end(false)] as $x) {
            $canvas->stroke($box->x + $x, $box->y, $box->x + $x, $box->y + $box->height, 0.5, self::GRID);
        }
    }

    private function bar(Canvas $canvas, DrawnBar $bar, Box $cell, float $scale): void
    {
        $at = fn (float $share) => $cell->x + $scale + $share * ($cell->width - 2 * $scale);
        [$from, $to] = [$at($bar->start), $at($bar->end)];
        [$y, $height] = [$cell->y + 2 * $scale, max(0.0, $cell->height - 4 * $scale)];
        // A bar that pales is drawn in strips: each canvas has another way of saying it.
        $strips = $bar->isGradient ? 24 : 1;
        for ($strip = 0; $strip < $strips && $to > $from; $strip++) {
            $width = ($to - $from) / $strips;
            $canvas->fill($from + $strip * $width, $y, $width, $height, Tint::of($bar->colour, $strips === 1 ? 0.0
                : 0.75 * $strip / ($strips - 1)));
        }
        if ($bar->border !== null && $to > $from) {
            foreach ([[$from, $y, $to, $y], [$from, $y + $height, $to, $y + $height], [$from, $y, $from, $y + $height],
                [$to, $y, $to, $y + $height]] as [$x1, $y1, $x2, $y2]) {
                $canvas->stroke($x1, $y1, $x2, $y2, $scale, $bar->border);
            }
        }
        if ($bar->axis !== null) {
            $canvas->stroke($at($bar->axis), $cell->y, $at($bar->axis), $cell->y + $cell->height, $scale, $bar->axisColour ?? '#000000',
                [3 * $scale, 3 * $scale]);
        }
    }

    /**
     * What the cells of a row say.
     *
     * @param  list<Block>  $blocks
     * @param  list<array{int, WindowCell}>  $cells
     * @param  array{int, int}  $edges  first and last column of all blocks
     */
    private function texts(Canvas $canvas, array $blocks, int $row, array $cells, ?string $page, array $edges): void
    {
        $said = array_filter($cells, fn (array $one) => $one[1]->text !== '' || $one[1]->edge !== null || $one[1]->mark !== null);
        if ($said === []) {
            return;
        }
        $rows = $page === null ? [] : $this->reader->rows($row, $edges[0], $edges[1], $page);
        $ofRows = [];
        foreach ($said as $one) {
            $of = null;
            foreach ($rows as $at => $tableRow) {
                isset($tableRow->cells[$one[1]->column]) && $of = $at;
            }
            $of === null ? $this->alone($canvas, $blocks[$one[0]], $one[1], $page) : $ofRows[$of][] = $one;
        }
        foreach ($ofRows as $at => $some) {
            $canvas->row($rows[$at]);
            foreach ($some as [$block, $cell]) {
                $canvas->cell($cell->column);
                $this->text($canvas, $blocks[$block], $cell);
                $canvas->done();
            }
        }
    }

    /** What stands outside of the rows of tables. */
    private function alone(Canvas $canvas, Block $block, WindowCell $cell, ?string $page): void
    {
        $role = $page === null ? null : $this->reader->role($cell->row, $cell->column);
        $role === null || $canvas->paragraph($role);
        $this->text($canvas, $block, $cell);
        $role === null || $canvas->done();
    }

    private function text(Canvas $canvas, Block $block, WindowCell $cell): void
    {
        $look = $block->window->looks[$cell->look];
        $merge = $block->merge($cell->row, $cell->column);
        $place = $block->across($cell->row, $cell->from, $cell->to, $merge);
        if ($cell->mark !== null) {
            $size = 12 * $block->scale;
            $x = $cell->align === 'right' || $cell->align === 'left' ? $place->x + 4 * $block->scale
                : $place->x + ($place->width - $size) / 2;
            $shape = Shape::tryFrom($cell->mark->shape)?->path() ?? '';
            $canvas->shape($shape, $x, $place->y + ($place->height - $size) / 2, $size, $this->ink($cell->mark->colour));
        }
        $this->texts->draw($canvas, $cell, $look, $this->ink($look->ink), $place, $block->scale);
    }

    private function ink(string $colour): string
    {
        return $this->rules->flag('mono') ? '#000000' : $colour;
    }

    private function line(Canvas $canvas, Block $block, WindowLine $line): void
    {
        $colour = $this->ink($line->colour);
        $kind = Line::tryFrom($line->stroke) ?? Line::Thin;
        [$x1, $y1, $x2, $y2] = $block->stretch($line);
        $scale = $block->scale;
        // On the Bench a line lies half of its width, rounded up, before the edge.
        $shift = ($line->width / 2 - ceil($line->width / 2)) * $scale;
        [$dx, $dy] = $line->side === 'top' ? [0.0, $shift]
            : [$this->isMirrored ? -$shift : $shift, 0.0];
        if ($kind === Line::Double) {
            [$ox, $oy] = $line->side === 'top' ? [0.0, $scale] : [$scale, 0.0];
            $canvas->stroke($x1 + $dx - $ox, $y1 + $dy - $oy, $x2 + $dx - $ox, $y2 + $dy - $oy, $scale, $colour);
            $canvas->stroke($x1 + $dx + $ox, $y1 + $dy + $oy, $x2 + $dx + $ox, $y2 + $dy + $oy, $scale, $colour);

            return;
        }
        $canvas->stroke($x1 + $dx, $y1 + $dy, $x2 + $dx, $y2 + $dy, max(0.4, $line->width * $scale), $colour,
            array_map(fn (int $length) => $length * $scale, $kind->dashes()));
    }
}
