<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** A stretch of one edge, drawn once: along the top of row r (or the left of column c), over the cells from..to. */
final readonly class WindowLine
{
    /**
     * @param  string  $stroke  the kind of the line (18.18.3)
     */
    public function __construct(
        public string $side,
        public int $at,
        public int $from,
        public int $to,
        public int $width,
        public string $stroke,
        public string $colour,
    ) {
    }
}
