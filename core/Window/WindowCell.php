<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** One cell as it is painted. */
final readonly class WindowCell
{
    /**
     * @param  int  $r  row
     * @param  int  $c  column
     * @param  string  $t  the text that is shown; a character behind U+F8F0 takes its room but is not seen
     * @param  int  $s  its look, an index of the window's looks
     * @param  string  $a  the side it stands on: left, center or right
     * @param  string|null  $l  what is pushed to the cell's left edge, such as a currency sign
     * @param  int  $from  the column at which the text may begin, reaching over blank neighbours
     * @param  int  $to  the column at which it must end
     */
    public function __construct(
        public int $r,
        public int $c,
        public string $t,
        public int $s,
        public string $a,
        public ?string $l,
        public int $from,
        public int $to,
    ) {
    }
}
