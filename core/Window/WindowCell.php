<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Condition\DrawnBar;

/** One cell as it is painted. */
final readonly class WindowCell
{
    /**
     * @param  int  $row  row
     * @param  int  $column  column
     * @param  string  $text  the text that is shown; a character behind U+F8F0 takes its room but is not seen
     * @param  int  $look  its look, an index of the window's looks
     * @param  string  $align  the side it stands on: left, center or right
     * @param  string|null  $edge  what is pushed to the cell's left edge, such as a currency sign
     * @param  int  $from  the column at which the text may begin, reaching over blank neighbours
     * @param  int  $to  the column at which it must end
     * @param  DrawnBar|null  $bar  behind the text
     * @param  WindowMark|null  $mark  at the left end of the cell
     */
    public function __construct(
        public int $row,
        public int $column,
        public string $text,
        public int $look,
        public string $align,
        public ?string $edge,
        public int $from,
        public int $to,
        public ?DrawnBar $bar = null,
        public ?WindowMark $mark = null,
    ) {
    }
}
