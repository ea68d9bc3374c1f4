<?php

declare(strict_types=1);

namespace App\Http\Records;

/** Something of the file that lies over the cells. */
final readonly class DrawingRecord
{
    /**
     * @param  list<int>  $from  row, column, px down, px across of its upper left corner
     * @param  list<int>  $to  the same of its lower right corner; empty where it has a size
     * @param  list<int>  $size  width and height in px
     * @param  bool  $isPicture  its picture can be asked for
     */
    public function __construct(
        public string $kind,
        public string $name,
        public array $from,
        public array $to,
        public array $size,
        public bool $isPicture,
    ) {
    }
}
