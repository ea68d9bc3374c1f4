<?php

declare(strict_types=1);

namespace App\Http\Records;

use Closure;
use Rilvet\Paper\BandEnd;
use Rilvet\Paper\PageBand;
use Rilvet\Paper\PageWords;

/** Where a page ends and why, and where else it could. */
final readonly class PageEndRecord
{
    /** Places that a break can be dragged to. */
    private const PLACES = 2_000;

    /**
     * @param  int  $last  last row, or column, of the page
     * @param  int  $full  the last that would have fitted
     * @param  bool  $made  a person, or the file, made the break
     * @param  bool  $whole  nothing comes after it
     * @param  list<int>  $lines  rows, or columns, after which the page can end
     * @param  list<float>  $places  where each of them ends on the page, px
     */
    private function __construct(
        public int $last,
        public int $full,
        public bool $made,
        public bool $whole,
        public string $words,
        public string $hint,
        public array $lines,
        public array $places,
    ) {
    }

    /** @param  Closure(int): int  $size */
    public static function of(PageWords $words, PageBand $band, bool $ofRows, float $start, float $scale, Closure $size,
        bool $isWhole): self
    {
        if ($band->end === BandEnd::Slice) {
            return new self($band->last, $band->full, false, $isWhole, $words->end($band, $ofRows), $words->hint($band, $ofRows), [], []);
        }
        $lines = $places = [];
        $at = $start;
        for ($one = $band->first; $one <= $band->full && count($lines) < self::PLACES; $one++) {
            $at += $size($one) * $scale;
            if ($size($one) > 0 || $one === $band->last) {
                $lines[] = $one;
                $places[] = round($at, 2);
            }
        }

        return new self($band->last, $band->full, $band->end === BandEnd::Person, $isWhole, $words->end($band, $ofRows),
            $isWhole ? '' : $words->hint($band, $ofRows), $lines, $places);
    }
}
