<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Work\Sizes;

/** Where the cells of a page stand on it, px: what is repeated first, and its numbers and letters where they print. */
final readonly class PageFrame
{
    private function __construct(
        public float $left,
        public float $top,
        public float $across,
        public float $down,
        public float $heads,
        public float $labels,
        public float $numbers,
        public float $letters,
    ) {
    }

    public static function of(PageLayout $layout, Sizes $sizes, PageSpot $page): self
    {
        $scale = $layout->scale;
        [$heads, $labels] = [0.0, 0.0];
        for ($row = $page->rows->repeated[0] ?? 1; $row <= ($page->rows->repeated[1] ?? 0); $row++) {
            $heads += $sizes->heightOf($row) * $scale;
        }
        for ($column = $page->columns->repeated[0] ?? 1; $column <= ($page->columns->repeated[1] ?? 0); $column++) {
            $labels += $sizes->widthOf($column) * $scale;
        }
        [$numbers, $letters] = $layout->rules->flag('numbers')
            ? [SheetPages::NUMBERS[0] * $scale, SheetPages::NUMBERS[1] * $scale] : [0.0, 0.0];
        $across = $numbers + $labels + $page->columns->size * $scale;
        $down = $letters + $heads + $page->rows->size * $scale;
        [$left, $top] = [$layout->margin('left'), $layout->margin('top')];
        if ($layout->rules->flag('across')) {
            $left += ($layout->width - $layout->margin('left') - $layout->margin('right') - $across) / 2;
        }
        if ($layout->rules->flag('down')) {
            $top += ($layout->height - $layout->margin('top') - $layout->margin('bottom') - $down) / 2;
        }

        return new self($left, $top, $across, $down, $heads, $labels, $numbers, $letters);
    }
}
