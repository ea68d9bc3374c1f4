<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** One screenful of a sheet: all that is needed to paint it, and nothing to decide. */
final readonly class Window
{
    /**
     * @param  int  $sheet  the sheet's number
     * @param  list<int>  $heights  px, of the rows from top on
     * @param  list<int>  $widths  px, of the columns from left on
     * @param  list<WindowCell>  $cells  only cells that show something
     * @param  list<WindowLook>  $looks
     * @param  list<WindowLine>  $lines
     * @param  list<list<int>>  $merges  top, left, bottom, right
     */
    public function __construct(
        public int $sheet,
        public int $top,
        public int $left,
        public array $heights,
        public array $widths,
        public array $cells,
        public array $looks,
        public array $lines,
        public array $merges,
    ) {
    }
}
